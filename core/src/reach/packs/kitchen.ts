import {
  below,
  between,
  check,
  from,
  further,
  inches,
  rule,
  told,
  where,
  type Check,
  type Pack,
} from '../pack';

/** Square feet as mm². */
const squareFeet = (count: number): number => count * 304.8 * 304.8;

/** A leg of the work triangle is from 4 to 9 ft. */
const leg = (id: 'leg-cook-fridge' | 'leg-fridge-sink' | 'leg-sink-cook'): Check[] => [
  check(id, 'guideline', { least: inches(48) }),
  further(`${id}-most`, id, 'guideline', { most: inches(108) }),
];

/** Counters across from what is opened: 15 in wide within 48 in. */
const across = { wide: inches(15), away: inches(48) };

/** What the published kitchen planning guidelines, and the model residential code where it says so, ask for. */
export const kitchen: Pack = {
  id: 'kitchen',
  rules: [
    rule('seat-width', 'seat-width', [check('apart', 'guideline', { least: inches(24) })]),
    rule('K01', 'door-opening', [check('clear-opening', 'guideline', { least: inches(32) })]),
    rule('K02', 'swings', [
      check('overlap-area', 'collision', { most: 0, when: where('between', 'entry') }),
      check('overlap-area', 'collision', { most: 0, when: where('between', 'appliance') }),
      check('overlap-area', 'guideline', { most: 0, when: where('between', 'cabinets') }),
      told('gap'),
    ]),
    rule('K03', 'work-triangle', [
      check('sum', 'guideline', { most: inches(312) }),
      ...leg('leg-sink-cook'),
      ...leg('leg-cook-fridge'),
      ...leg('leg-fridge-sink'),
      check('cut-sink-cook', 'guideline', { most: inches(12) }),
      check('cut-cook-fridge', 'guideline', { most: inches(12) }),
      check('cut-fridge-sink', 'guideline', { most: inches(12) }),
    ]),
    rule('K04', 'separations', [check('separations', 'guideline', { most: 0 })]),
    rule('K05', 'traffic', [check('path-inside', 'guideline', { most: 0 })]),
    rule(
      'K06',
      'aisle',
      [
        check('aisle', 'guideline', { least: inches(42), when: below('cooks', 2) }),
        check('aisle', 'guideline', { least: inches(48), when: from('cooks', 2) }),
      ],
      { reach: 3000 },
    ),
    rule('K07', 'walkway', [check('narrowest', 'guideline', { least: inches(36) })]),
    rule('K08', 'behind-seats', [
      check('behind', 'guideline', { least: inches(32), when: where('behindSeats', 'none') }),
      check('behind', 'guideline', { least: inches(36), when: where('behindSeats', 'edge') }),
      check('behind', 'guideline', { least: inches(44), when: where('behindSeats', 'walk') }),
      check('behind', 'guideline', { least: inches(60), when: where('behindSeats', 'wheelchair') }),
    ]),
    rule('K09', 'seating', [
      check('width-per-seat', 'guideline', { least: inches(24) }),
      check('knee-depth', 'guideline', { least: inches(18), when: below('surface', 838) }),
      check('knee-depth', 'guideline', { least: inches(15), when: between('surface', 838, 991) }),
      check('knee-depth', 'guideline', { least: inches(12), when: from('surface', 991) }),
    ]),
    rule('K11', 'sink-landing', [
      told('left'),
      told('right'),
      check('larger-side', 'guideline', { least: inches(24), when: where('main', true) }),
      check('smaller-side', 'guideline', { least: inches(18), when: where('main', true) }),
    ]),
    rule(
      'K12',
      'prep-counter',
      [told('left'), told('right'), check('width-deep', 'guideline', { least: inches(36) })],
      { deep: inches(24) },
    ),
    rule('K13a', 'dishwasher-place', [check('edge-to-edge', 'guideline', { most: inches(36) })]),
    rule('K13b', 'dishwasher-place', [check('standing-space', 'guideline', { least: inches(21) })]),
    rule('K14', 'waste-receptacles', [check('waste-receptacles', 'guideline', { least: 2 })]),
    rule('K15', 'sink-landing', [
      told('left'),
      told('right'),
      check('larger-side', 'guideline', { least: inches(18), when: where('main', false) }),
      check('smaller-side', 'guideline', { least: inches(3), when: where('main', false) }),
    ]),
    rule(
      'K16',
      'refrigerator-landing',
      [
        told('left'),
        told('right'),
        check('landing', 'guideline', { least: inches(15), either: 'landing' }),
        check('across', 'guideline', { least: 1, either: 'landing' }),
      ],
      across,
    ),
    rule('K17', 'cooking-landing', [
      told('left'),
      told('right'),
      check('larger-side', 'guideline', { least: inches(15) }),
      check('smaller-side', 'guideline', { least: inches(12) }),
    ]),
    rule('K17b', 'behind-cooking', [check('behind', 'guideline', { least: inches(9) })]),
    rule('K18', 'above-cooking', [
      check('to-over', 'guideline', { least: inches(24), when: where('protected', true) }),
      check('to-over', 'code', { least: inches(30), when: where('protected', false) }),
    ]),
    rule('K19', 'ventilation', [check('ventilation', 'guideline', { least: 150 })]),
    rule('K20', 'cooking-window', [check('window-overlap', 'guideline', { most: 0 })], { near: 610 }),
    rule('K21', 'microwave-height', [
      check('bottom', 'guideline', { least: inches(15) }),
      check('bottom', 'guideline', { most: inches(54) }),
    ]),
    rule(
      'K22',
      'microwave-landing',
      [told('left'), told('right'), told('below'), check('largest', 'guideline', { least: inches(15) })],
      across,
    ),
    rule(
      'K23',
      'oven-landing',
      [told('left'), told('right'), told('below'), check('largest', 'guideline', { least: inches(15) })],
      across,
    ),
    rule('K24', 'combined-landing', [check('between', 'guideline', { least: 'combined' })], {
      ...{ sink: inches(24), sinkSmaller: inches(18), cook: inches(15), fridge: inches(15) },
      plus: inches(12),
    }),
    rule('K25', 'counter-frontage', [check('frontage', 'guideline', { least: inches(158) })], {
      deep: inches(24),
      clear: inches(15),
    }),
    rule('K26', 'sharp-corners', [check('sharp-corners', 'guideline', { most: 0 })]),
    rule(
      'K27',
      'storage-frontage',
      [
        check('storage-total', 'guideline', { least: 1400, when: below('area', squareFeet(150)) }),
        check('storage-total', 'guideline', {
          least: 1700,
          when: between('area', squareFeet(150), squareFeet(350)),
        }),
        check('storage-total', 'guideline', { least: 2000, when: from('area', squareFeet(350)) }),
      ],
      { near: inches(72) },
    ),
    rule(
      'K28',
      'storage-frontage',
      [
        check('storage-near-sink', 'guideline', { least: 400, when: below('area', squareFeet(150)) }),
        check('storage-near-sink', 'guideline', {
          least: 480,
          when: between('area', squareFeet(150), squareFeet(350)),
        }),
        check('storage-near-sink', 'guideline', { least: 560, when: from('area', squareFeet(350)) }),
      ],
      { near: inches(72) },
    ),
    rule('K29', 'working-corners', [check('working-corners', 'guideline', { least: 1 })]),
    rule(
      'K30',
      'counter-sockets',
      [
        check('farthest-point', 'code', { most: inches(24) }),
        check('socket-above-counter', 'code', { most: inches(20) }),
        check('unprotected-at-counter', 'code', { most: 0 }),
        check('sockets-at-counter', 'code', { least: 1 }),
      ],
      { narrow: inches(12), high: inches(20) },
    ),
    rule('K31', 'glazed-share', [check('glazed-share', 'guideline', { least: 8 })]),
  ],
};
