import { below, check, from, further, inches, rule, told, where, type Pack } from '../pack';

/** What is asked for one who sits in a wheelchair, after the published standards for accessible design. */
export const accessible: Pack = {
  id: 'accessible',
  rules: [
    rule('A-door', 'door-opening', [check('clear-opening', 'code', { least: inches(32) })]),
    rule('A-pass', 'aisle', [check('aisle', 'code', { least: inches(40), when: where('deadEnd', false) })], {
      reach: 3000,
    }),
    rule('A-u', 'aisle', [check('aisle', 'code', { least: inches(60), when: where('deadEnd', true) })], {
      reach: 3000,
    }),
    rule(
      'A-floor',
      'clear-floor',
      [told('forward-depth'), told('parallel-depth'), check('approaches', 'code', { least: 1 })],
      { narrow: inches(30), wide: inches(48) },
    ),
    rule('A-turn', 'turning-circle', [check('largest-clear-circle', 'code', { least: inches(60) })]),
    rule('A-rim', 'fixture-heights', [
      check('rim', 'code', { most: inches(34) }),
      further('rim', 'basin-height', 'code', { most: inches(34) }),
    ]),
    rule('A-knee', 'knee-space', [
      check('knee-height', 'code', { least: inches(27) }),
      check('knee-width', 'code', { least: inches(30) }),
      check('depth-at-27', 'code', { least: inches(8) }),
      check('depth-at-9', 'code', { least: inches(11) }),
    ]),
    rule('A-reach', 'switch-heights', [
      check('reach-height', 'code', { least: inches(15) }),
      check('reach-height', 'code', { most: inches(48) }),
    ]),
    rule('A-toilet', 'centre-line', [
      check('centre-to-wall', 'code', { least: inches(16), when: where('fixture', 'toilet') }),
      check('centre-to-wall', 'code', { most: inches(18), when: where('fixture', 'toilet') }),
    ]),
    rule('A-seat', 'fixture-heights', [
      check('seat', 'code', { least: inches(17) }),
      check('seat', 'code', { most: inches(19) }),
    ]),
    rule(
      'A-toiletfloor',
      'toilet-floor',
      [
        check('width-at-depth', 'code', { least: inches(60) }),
        check('depth-at-width', 'code', { least: inches(56) }),
      ],
      { deep: inches(56), wide: inches(60) },
    ),
    rule('A-grab', 'toilet-bars', [
      check('bar-starts', 'code', { most: inches(12) }),
      check('bar-length', 'code', { least: inches(42) }),
      check('bar-height', 'code', { least: inches(33) }),
      check('bar-height', 'code', { most: inches(36) }),
    ]),
    rule('A-transfer', 'shower-size', [
      check('shower-smaller-side', 'code', { least: inches(36), when: below('long', inches(60) - 0.02) }),
      check('shower-larger-side', 'code', { least: inches(36), when: below('long', inches(60) - 0.02) }),
    ]),
    rule('A-rollin', 'shower-size', [
      check('shower-smaller-side', 'code', { least: inches(30), when: from('long', inches(60) - 0.02) }),
      check('shower-larger-side', 'code', { least: inches(60), when: from('long', inches(60) - 0.02) }),
    ]),
    rule('A-mirror', 'fixture-heights', [check('mirror-bottom', 'code', { most: inches(40) })]),
  ],
};
