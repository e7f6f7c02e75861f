import { below, between, check, from, further, rule, told, where, type Pack } from '../pack';

/** Common practice in metric rooms; a studio edits it to its own country's rules. */
export const metric: Pack = {
  id: 'metric',
  rules: [
    rule('seat-width', 'seat-width', [check('apart', 'guideline', { least: 600 })]),
    rule('M-swing', 'swings', [
      check('overlap-area', 'collision', { most: 0, when: where('between', 'entry') }),
      check('overlap-area', 'collision', { most: 0, when: where('between', 'appliance') }),
      check('overlap-area', 'guideline', { most: 0, when: where('between', 'cabinets') }),
      told('gap'),
    ]),
    rule(
      'M-aisle',
      'aisle',
      [
        check('aisle', 'guideline', { least: 1000, when: below('cooks', 2) }),
        check('aisle', 'guideline', { least: 1200, when: from('cooks', 2) }),
      ],
      { reach: 3000 },
    ),
    rule('M-walk', 'walkway', [check('narrowest', 'guideline', { least: 900 })]),
    rule('M-seat', 'seating', [
      check('width-per-seat', 'guideline', { least: 600 }),
      check('knee-depth', 'guideline', { least: 450, when: below('surface', 838) }),
      check('knee-depth', 'guideline', { least: 380, when: between('surface', 838, 991) }),
      check('knee-depth', 'guideline', { least: 300, when: from('surface', 991) }),
    ]),
    rule('M-hood-electric', 'above-cooking', [
      check('to-over', 'guideline', {
        least: 650,
        when: [...where('hood', true), ...where('gas', false)],
      }),
    ]),
    rule('M-hood-gas', 'above-cooking', [
      check('to-over', 'guideline', { least: 750, when: [...where('hood', true), ...where('gas', true)] }),
    ]),
    rule('M-wall', 'wall-unit-bottom', [check('to-wall-unit', 'guideline', { least: 450 })]),
    rule('M-sink-dw', 'dishwasher-place', [check('edge-to-edge', 'guideline', { most: 900 })]),
    rule('M-hob-sink', 'hob-beside', [check('hob-to-sink', 'guideline', { least: 600 })]),
    rule('M-hob-side', 'hob-beside', [check('hob-to-side', 'guideline', { least: 300 })]),
    rule('M-hob-fridge', 'hob-beside', [check('hob-to-fridge', 'guideline', { least: 400 })]),
    rule('M-toilet-wall', 'centre-line', [
      further('centre-line', 'centre-to-wall', 'guideline', { least: 400, when: where('fixture', 'toilet') }),
    ]),
    rule('M-toilet-fixture', 'centre-line', [
      check('to-fixture', 'guideline', { least: 200, when: where('fixture', 'toilet') }),
    ]),
    rule('M-front', 'in-front', [
      check('in-front', 'guideline', { least: 600, when: where('shower', false) }),
      check('in-front', 'comfort', { least: 750, when: where('shower', false) }),
    ]),
    rule('M-shower', 'in-front', [
      check('in-front', 'guideline', { least: 600, when: where('shower', true) }),
    ]),
    rule('M-door', 'door-opening', [check('clear-opening', 'guideline', { least: 800 })]),
    rule('M-turn', 'turning-circle', [check('largest-clear-circle', 'comfort', { least: 1500 })]),
  ],
};
