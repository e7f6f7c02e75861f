import { family } from '../family';
import type { Range } from '../range';

/** Appliances, fixtures, accessories and light furniture of no maker, with usual sizes and service points. */
export const genericIn: Range = {
  id: 'generic-in',
  name: 'Generic, inches',
  unit: 'in',
  construction: 'none',
  families: [
    family('dishwasher', 'Dishwasher', 'DISH*', [18, 24], [34], [24], [650, 0, 0], {
      services: [
        { type: 'cold', across: 406.4, out: 0, up: 533.4 },
        { type: 'drain', across: 406.4, out: 0, up: 482.6 },
        { type: 'socket', across: 406.4, out: 0, up: 533.4 },
      ],
    }),
    family('cooker', 'Range', 'COOK*', [30, 36], [36], [26], [500, 20, 0], {
      services: [
        { type: 'gas', across: 0, out: 0, up: 76.2 },
        { type: 'socket', across: 0, out: 0, up: 76.2 },
      ],
    }),
    family('refrigerator', 'Refrigerator', 'COLD*', [30, 36], [70], [30], [700, 15, 0], {
      services: [
        { type: 'socket', across: 0, out: 0, up: 1117.6 },
        { type: 'cold', across: 0, out: 0, up: 1066.8 },
      ],
    }),
    family('fridge-under', 'Refrigerator, under the top', 'COLDU*', [24], [34], [24], [540, 0, 0], {
      services: [{ type: 'socket', across: 406.4, out: 0, up: 533.4 }],
    }),
    family('hood', 'Hood', 'HOOD*', [30, 36], [18], [20], [120, 6, 0], {
      hangs: { bottom: 66, top: 84 },
      services: [
        { type: 'socket', across: 0, out: 0, up: 2032 },
        { type: 'extract', across: 0, out: 0, up: 2133.6 },
      ],
    }),
    family('hob', 'Hob', 'HOB*', [30, 36], [3], [21], [200, 15, 0], {
      hangs: { bottom: 33, top: 36 },
      services: [
        { type: 'gas', across: 0, out: 0, up: 508 },
        { type: 'socket', across: 0, out: 0, up: 508 },
      ],
    }),
    family('oven', 'Oven', 'OVEN*', [27, 30], [28.5], [24], [700, 10, 0], {
      hangs: { bottom: 30, top: 58.5 },
      services: [{ type: 'socket', across: 0, out: 0, up: 762 }],
    }),
    family('microwave', 'Microwave', 'MICRO*', [24, 30], [17], [15], [260, 5, 0], {
      hangs: { bottom: 54, top: 71 },
      services: [{ type: 'socket', across: 0, out: 0, up: 1828.8 }],
    }),
    family('washer', 'Washing machine', 'WASH*', [27], [38], [30], [620, 0, 0], {
      services: [
        { type: 'cold', across: -101.6, out: 0, up: 1066.8 },
        { type: 'hot', across: 101.6, out: 0, up: 1066.8 },
        { type: 'drain', across: 0, out: 0, up: 914.4 },
        { type: 'socket', across: 254, out: 0, up: 1066.8 },
      ],
    }),
    family('dryer', 'Dryer', 'DRY*', [27], [38], [30], [600, 0, 0], {
      services: [
        { type: 'socket', across: 254, out: 0, up: 1066.8 },
        { type: 'extract', across: 0, out: 0, up: 152.4 },
      ],
    }),
    family('sink', 'Kitchen sink', 'SINK*', [15, 25, 30, 33], [9], [20, 22], [90, 5, 0], {
      hangs: { bottom: 27, top: 36 },
      services: [
        { type: 'cold', across: 101.6, out: 0, up: 533.4 },
        { type: 'hot', across: -101.6, out: 0, up: 533.4 },
        { type: 'drain', across: 0, out: 0, up: 482.6 },
      ],
    }),
    family('toilet', 'Toilet', 'WC*', [20], [29], [28, 30], [260, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 304.8, up: 0 },
        { type: 'cold', across: -152.4, out: 0, up: 177.8 },
      ],
    }),
    family('toilet-hung', 'Toilet, wall hung', 'WCH*', [15], [14], [21], [380, 0, 0], {
      hangs: { bottom: 2, top: 16 },
      services: [
        { type: 'drain', across: 0, out: 0, up: 228.6 },
        { type: 'cold', across: -203.2, out: 0, up: 990.6 },
      ],
    }),
    family('bidet', 'Bidet', 'BIDET*', [15], [15], [23], [280, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 0, up: 101.6 },
        { type: 'cold', across: 101.6, out: 0, up: 177.8 },
        { type: 'hot', across: -101.6, out: 0, up: 177.8 },
      ],
    }),
    family('basin', 'Basin, on a pedestal', 'BASIN*', [20, 24], [34], [18, 20], [140, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 0, up: 482.6 },
        { type: 'cold', across: 101.6, out: 0, up: 533.4 },
        { type: 'hot', across: -101.6, out: 0, up: 533.4 },
      ],
    }),
    family('basin-hung', 'Basin, wall hung', 'BASINH*', [16, 20], [7], [12, 16], [120, 0, 0], {
      hangs: { bottom: 27, top: 34 },
      services: [
        { type: 'drain', across: 0, out: 0, up: 482.6 },
        { type: 'cold', across: 101.6, out: 0, up: 533.4 },
        { type: 'hot', across: -101.6, out: 0, up: 533.4 },
      ],
    }),
    family('basin-inset', 'Basin, inset', 'BASINI*', [16, 19, 21], [7], [14, 17], [95, 0, 0], {
      hangs: { bottom: 26, top: 33 },
      services: [
        { type: 'drain', across: 0, out: 0, up: 482.6 },
        { type: 'cold', across: 101.6, out: 0, up: 533.4 },
        { type: 'hot', across: -101.6, out: 0, up: 533.4 },
      ],
    }),
    family('tub', 'Bath', 'TUB*', [54, 60, 66, 72], [20], [30, 32, 36], [240, 5, 0], {
      services: [
        { type: 'drain', from: 'left', across: 101.6, out: 381, up: 0 },
        { type: 'cold', from: 'left', across: 0, out: 305, up: 711.2 },
        { type: 'hot', from: 'left', across: 0, out: 457.2, up: 711.2 },
      ],
    }),
    family('tub-free', 'Bath, free-standing', 'TUBF*', [60, 66, 72], [23], [30, 32], [900, 10, 0], {
      services: [{ type: 'drain', across: 0, out: 381, up: 0 }],
    }),
    family('shower-pan', 'Shower pan', 'PAN*', [32, 36, 42, 48, 60], [4], [32, 36], [180, 4, 0], {
      services: [
        { type: 'drain', across: 0, out: 406.4, up: 0 },
        { type: 'cold', across: 101.6, out: 0, up: 1117.6 },
        { type: 'hot', across: -101.6, out: 0, up: 1117.6 },
      ],
    }),
    family('shower-glass', 'Shower glass', 'GLASS*', [24, 28, 30, 36, 48], [78], [0.375, 0.5], [180, 4, 0]),
    family('shower-door', 'Shower door', 'SDOOR*', [24, 28, 30, 36], [78], [0.375], [300, 4, 0]),
    family('shower-slide', 'Sliding shower glass', 'SLIDE*', [42, 48, 60], [78], [1.75], [420, 4, 0]),
    family('shower-floor', 'Wet floor', 'WET*', [36, 42, 48], [0.375], [36, 42], [0, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 457.2, up: 0 },
        { type: 'cold', across: 101.6, out: 0, up: 1117.6 },
        { type: 'hot', across: -101.6, out: 0, up: 1117.6 },
      ],
    }),
    family('mirror', 'Mirror', 'MIR*', [18, 24, 30, 36, 48], [30, 36], [0.25, 1], [40, 2, 0], {
      hangs: { bottom: 42, top: 76 },
    }),
    family('towel-rail', 'Towel rail', 'RAIL*', [18, 24], [2], [3], [40, 1, 0], {
      hangs: { bottom: 48, top: 50 },
    }),
    family('paper-holder', 'Paper holder', 'ROLL*', [6], [4], [3.5], [18, 0, 0], {
      hangs: { bottom: 24, top: 28 },
    }),
    family('grab-bar', 'Grab bar', 'GRAB*', [18, 24, 36, 42], [1.5], [3], [45, 1, 0], {
      hangs: { bottom: 33, top: 34.5 },
    }),
    family('glass-shelf', 'Glass shelf', 'GSH*', [18, 24], [0.375], [5, 6], [20, 1, 0], {
      hangs: { bottom: 45, top: 45.375 },
    }),
    family('hook', 'Hook', 'HOOK*', [1.5], [2.5], [2], [8, 0, 0], { hangs: { bottom: 65, top: 67.5 } }),
    family('table', 'Table', 'TABLE*', [30, 48, 60, 72], [29], [30, 36], [110, 3, 0]),
    family('table-round', 'Round table', 'TABLER*', [36, 42, 48], [29], [36, 42, 48], [110, 3, 0]),
    family('chair', 'Chair', 'CHAIR*', [18], [34], [20], [80, 0, 0]),
    family('stool', 'Stool', 'STOOL*', [15], [24, 30], [15], [60, 0, 0]),
    family('bench', 'Bench', 'BENCH*', [36, 48, 60], [18], [14, 16], [90, 1, 0]),
    family('mirror-round', 'Round mirror', 'MIRR*', [18, 24, 30], [18, 24, 30], [1], [50, 2, 0], {
      hangs: { bottom: 48, top: 75 },
    }),
    family('blind', 'Roller blind', 'BLIND*', [24, 36, 48, 60, 72], [20, 36], [2.75], [50, 2, 0], {
      hangs: { bottom: 64, top: 84 },
    }),
    family('curtain', 'Curtains', 'CURT*', [48, 60, 84, 108], [86], [5], [80, 3, 0], {
      hangs: { bottom: 1, top: 87 },
    }),
    family('picture', 'Picture', 'PIC*', [12, 16, 20, 28, 40], [16, 20, 28], [1], [40, 1, 0], {
      hangs: { bottom: 53, top: 73 },
    }),
    family('rug', 'Rug', 'RUG*', [48, 66, 84, 96], [0.375], [32, 48, 66], [0, 4, 0]),
    family('rug-round', 'Round rug', 'RUGR*', [48, 63, 78], [0.375], [48, 63, 78], [0, 4, 0]),
    family('lamp-pendant', 'Pendant lamp', 'PEND*', [10, 14, 18], [32], [10, 14, 18], [90, 0, 0], {
      hangs: { bottom: 64, top: 96 },
    }),
    family('lamp-floor', 'Floor lamp', 'LAMPF*', [16], [61], [16], [100, 0, 0]),
    family('lamp-table', 'Table lamp', 'LAMPT*', [11], [18], [11], [60, 0, 0], {
      hangs: { bottom: 29, top: 47 },
    }),
    family('plant', 'Plant', 'PLANT*', [12, 20, 28], [24, 40, 64], [12, 20, 28], [40, 0, 0]),
  ],
};
