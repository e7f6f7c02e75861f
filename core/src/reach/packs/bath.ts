import { check, further, inches, rule, told, where, type Pack } from '../pack';

/** What the published bath planning guidelines, and the model residential code, ask for. */
export const bath: Pack = {
  id: 'bath',
  rules: [
    rule('B01', 'door-opening', [check('clear-opening', 'guideline', { least: inches(32) })]),
    rule('B02', 'swings', [
      check('overlap-area', 'collision', { most: 0, when: where('between', 'entry') }),
      check('overlap-area', 'guideline', { most: 0, when: where('between', 'cabinets') }),
      told('gap'),
    ]),
    rule('B03', 'ceiling-over', [check('lowest-ceiling', 'code', { least: inches(80) })], {
      before: inches(21),
    }),
    rule('B04', 'in-front', [
      check('in-front', 'code', { least: inches(21), when: where('shower', false) }),
      further('in-front-guideline', 'in-front', 'guideline', {
        least: inches(30),
        when: where('shower', false),
      }),
    ]),
    rule('B04s', 'in-front', [
      check('in-front', 'code', { least: inches(24), when: where('shower', true) }),
      further('in-front-guideline', 'in-front', 'guideline', {
        least: inches(30),
        when: where('shower', true),
      }),
    ]),
    rule('B05', 'centre-line', [
      check('centre-line', 'code', { least: inches(15), when: where('fixture', 'basin') }),
      further('centre-line-guideline', 'centre-line', 'guideline', {
        least: inches(20),
        when: where('fixture', 'basin'),
      }),
      check('edge-to-wall', 'code', { least: inches(4), when: where('fixture', 'basin') }),
    ]),
    rule('B06', 'basins-apart', [
      check('centre-to-centre', 'code', { least: inches(30) }),
      further('centre-to-centre-guideline', 'centre-to-centre', 'guideline', { least: inches(36) }),
      check('edge-to-edge', 'code', { least: inches(4) }),
    ]),
    rule('B07', 'fixture-heights', [
      check('basin-height', 'guideline', { least: inches(32) }),
      check('basin-height', 'guideline', { most: inches(43) }),
    ]),
    rule('B09', 'shower-size', [
      check('largest-disc', 'code', { least: inches(30) }),
      check('shower-area', 'code', { least: inches(30) * inches(30) }),
      check('shower-smaller-side', 'guideline', { least: inches(36) }),
    ]),
    rule('B10', 'fixture-heights', [
      check('control-height', 'guideline', { least: inches(38) }),
      check('control-height', 'guideline', { most: inches(48) }),
    ]),
    rule('B12', 'shower-bench', [
      check('height', 'guideline', { least: inches(17) }),
      check('height', 'guideline', { most: inches(19) }),
      check('depth', 'guideline', { least: inches(15) }),
    ]),
    rule('B13', 'waterproof-wall', [
      check('wall-above-floor', 'code', { least: inches(72) }),
      check('above-head', 'guideline', { least: inches(3) }),
    ]),
    rule('B14', 'fixture-heights', [
      check('bar-height', 'guideline', { least: inches(33) }),
      check('bar-height', 'guideline', { most: inches(36) }),
    ]),
    rule('B15', 'wet-glass', [told('glass-bottom'), check('untempered-panes', 'code', { most: 0 })], {
      near: inches(60),
      high: inches(60),
    }),
    rule('B16', 'shower-doors', [check('doors-swinging-in', 'code', { most: 0 })]),
    rule('B20', 'centre-line', [
      told('left'),
      told('right'),
      ...(['toilet', 'bidet'] as const).flatMap((fixture) => [
        check('centre-line', 'code', { least: inches(15), when: where('fixture', fixture) }),
        further('centre-line-guideline', 'centre-line', 'guideline', {
          least: inches(18),
          when: where('fixture', fixture),
        }),
      ]),
    ]),
    rule('B20r', 'toilet-drain', [check('drain-to-wall', 'code', { least: 'rough-in' })], {
      usual: inches(12),
    }),
    rule(
      'B21',
      'toilet-compartment',
      [
        check('compartment-width', 'code', { least: inches(30) }),
        further('compartment-width-guideline', 'compartment-width', 'guideline', { least: inches(36) }),
        check('compartment-depth', 'code', { least: inches(60) }),
        further('compartment-depth-guideline', 'compartment-depth', 'guideline', { least: inches(66) }),
      ],
      { widest: 1400, deepest: 2400 },
    ),
    rule('B23', 'paper-holder-place', [
      check('in-front-of-bowl', 'guideline', { least: inches(8) }),
      check('in-front-of-bowl', 'guideline', { most: inches(12) }),
      told('height'),
    ]),
    rule('B24', 'basin-sockets', [
      check('nearest-socket', 'code', { most: inches(36) }),
      check('wet-sockets', 'code', { most: 0 }),
    ]),
    rule(
      'B25',
      'tub-lights',
      [told('sideways'), told('above-rim'), check('lights-in-zone', 'code', { most: 0 })],
      { sideways: inches(36), above: inches(96) },
    ),
    rule('B26', 'bath-exhaust', [told('intermittent'), check('meets-one', 'code', { least: 1 })], {
      intermittent: 50,
      continuous: 20,
    }),
  ],
};
