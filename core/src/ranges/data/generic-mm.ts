import { family } from '../family';
import type { Range } from '../range';

/** Appliances, fixtures, accessories and light furniture of no maker, with usual sizes and service points. */
export const genericMm: Range = {
  id: 'generic-mm',
  name: 'Generic, mm',
  unit: 'mm',
  construction: 'none',
  families: [
    family('dishwasher', 'Dishwasher', 'DISH*', [450, 600], [820], [560], [520, 0, 0], {
      services: [
        { type: 'cold', across: 400, out: 0, up: 500 },
        { type: 'drain', across: 400, out: 0, up: 450 },
        { type: 'socket', across: 400, out: 0, up: 500 },
      ],
    }),
    family('cooker', 'Range', 'COOK*', [600, 900], [900], [600], [150, 1, 0], {
      services: [
        { type: 'gas', across: 0, out: 0, up: 150 },
        { type: 'socket', across: 0, out: 0, up: 150 },
      ],
    }),
    family('refrigerator', 'Refrigerator', 'COLD*', [600, 900], [1850], [650], [250, 0.7, 0], {
      services: [{ type: 'socket', across: 0, out: 0, up: 1100 }],
    }),
    family('fridge-under', 'Refrigerator, under the top', 'COLDU*', [600], [820], [560], [310, 0, 0], {
      services: [{ type: 'socket', across: 400, out: 0, up: 500 }],
    }),
    family('hood', 'Hood', 'HOOD*', [600, 900], [400], [500], [80, 0.2, 0], {
      hangs: { bottom: 1600, top: 2120 },
      services: [
        { type: 'socket', across: 0, out: 0, up: 2000 },
        { type: 'extract', across: 0, out: 0, up: 2200 },
      ],
    }),
    family('hob', 'Hob', 'HOB*', [580, 680, 780, 900], [50], [520], [90, 0.5, 0], {
      hangs: { bottom: 850, top: 900 },
      services: [
        { type: 'gas', across: 0, out: 0, up: 500 },
        { type: 'socket', across: 0, out: 0, up: 500 },
      ],
    }),
    family('oven', 'Oven', 'OVEN*', [595], [595], [560], [480, 0, 0], {
      hangs: { bottom: 800, top: 1395 },
      services: [{ type: 'socket', across: 0, out: 0, up: 700 }],
    }),
    family('microwave', 'Microwave', 'MICRO*', [595], [380], [400], [290, 0, 0], {
      hangs: { bottom: 1400, top: 1780 },
      services: [{ type: 'socket', across: 0, out: 0, up: 1500 }],
    }),
    family('washer', 'Washing machine', 'WASH*', [600], [850], [600], [430, 0, 0], {
      services: [
        { type: 'cold', across: -250, out: 0, up: 600 },
        { type: 'drain', across: -250, out: 0, up: 600 },
        { type: 'socket', across: -250, out: 0, up: 700 },
      ],
    }),
    family('dryer', 'Dryer', 'DRY*', [600], [850], [600], [460, 0, 0], {
      services: [
        { type: 'socket', across: 250, out: 0, up: 700 },
        { type: 'extract', across: 0, out: 0, up: 150 },
      ],
    }),
    family('sink', 'Kitchen sink', 'SINK*', [450, 560, 780, 980], [200], [440, 500], [70, 0.15, 0], {
      hangs: { bottom: 700, top: 900 },
      services: [
        { type: 'cold', across: 80, out: 0, up: 525 },
        { type: 'hot', across: -80, out: 0, up: 525 },
        { type: 'drain', across: 0, out: 0, up: 475 },
      ],
    }),
    family('toilet', 'Toilet', 'WC*', [360, 380], [780], [650, 700], [240, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 0, up: 180 },
        { type: 'cold', across: -200, out: 0, up: 180 },
      ],
    }),
    family('toilet', 'Toilet, floor outlet', 'WC*-F', [360, 380], [780], [650, 700], [250, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 230, up: 0 },
        { type: 'cold', across: -200, out: 0, up: 180 },
      ],
    }),
    family('toilet-hung', 'Toilet, wall hung', 'WCH*', [360], [350], [530, 490], [290, 0, 0], {
      hangs: { bottom: 60, top: 410 },
      services: [
        { type: 'drain', across: 0, out: 0, up: 220 },
        { type: 'cold', across: -200, out: 0, up: 980 },
      ],
    }),
    family('bidet', 'Bidet', 'BIDET*', [360], [400], [560], [190, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 0, up: 100 },
        { type: 'cold', across: 60, out: 0, up: 150 },
        { type: 'hot', across: -60, out: 0, up: 150 },
      ],
    }),
    family('basin', 'Basin, on a pedestal', 'BASIN*', [500, 560, 600], [850], [430, 460], [110, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 0, up: 475 },
        { type: 'cold', across: 80, out: 0, up: 540 },
        { type: 'hot', across: -80, out: 0, up: 540 },
      ],
    }),
    family('basin-hung', 'Basin, wall hung', 'BASINH*', [360, 450, 550], [180], [250, 350, 420], [90, 0, 0], {
      hangs: { bottom: 670, top: 850 },
      services: [
        { type: 'drain', across: 0, out: 0, up: 475 },
        { type: 'cold', across: 80, out: 0, up: 540 },
        { type: 'hot', across: -80, out: 0, up: 540 },
      ],
    }),
    family('basin-inset', 'Basin, inset', 'BASINI*', [400, 500, 560], [180], [360, 420], [80, 0, 0], {
      hangs: { bottom: 670, top: 850 },
      services: [
        { type: 'drain', across: 0, out: 0, up: 475 },
        { type: 'cold', across: 80, out: 0, up: 540 },
        { type: 'hot', across: -80, out: 0, up: 540 },
      ],
    }),
    family('tub', 'Bath', 'BATH*', [1500, 1600, 1700, 1800], [560], [700, 750, 800], [180, 0.1, 0], {
      services: [
        { type: 'drain', from: 'left', across: 150, out: 350, up: 50 },
        { type: 'cold', from: 'left', across: 0, out: 275, up: 700 },
        { type: 'hot', from: 'left', across: 0, out: 425, up: 700 },
      ],
    }),
    family('tub-free', 'Bath, free-standing', 'BATHF*', [1500, 1700], [580], [750, 800], [420, 0.2, 0], {
      services: [{ type: 'drain', across: 0, out: 375, up: 0 }],
    }),
    family(
      'shower-pan',
      'Shower tray',
      'TRAY*',
      [800, 900, 1000, 1200, 1400],
      [40],
      [800, 900, 760],
      [90, 0.1, 0],
      {
        services: [
          { type: 'drain', across: 0, out: 400, up: 0 },
          { type: 'cold', across: 75, out: 0, up: 1100 },
          { type: 'hot', across: -75, out: 0, up: 1100 },
        ],
      },
    ),
    family(
      'shower-glass',
      'Shower glass',
      'GLASS*',
      [700, 800, 900, 1000, 1200],
      [2000],
      [8, 10],
      [120, 0.15, 0],
    ),
    family('shower-door', 'Shower door', 'SDOOR*', [600, 700, 800, 900], [2000], [8], [220, 0.2, 0]),
    family(
      'shower-slide',
      'Sliding shower glass',
      'SLIDE*',
      [1000, 1200, 1400, 1600],
      [2000],
      [45],
      [300, 0.2, 0],
    ),
    family('shower-floor', 'Wet floor', 'WET*', [900, 1000, 1200], [10], [900, 1000], [0, 0, 0], {
      services: [
        { type: 'drain', across: 0, out: 450, up: 0 },
        { type: 'cold', across: 75, out: 0, up: 1100 },
        { type: 'hot', across: -75, out: 0, up: 1100 },
      ],
    }),
    family('mirror', 'Mirror', 'MIR*', [400, 600, 800, 1000, 1200], [600, 800], [5, 25], [30, 0.05, 0], {
      hangs: { bottom: 1100, top: 1900 },
    }),
    family('towel-rail', 'Towel rail', 'RAIL*', [450, 600], [60], [80], [30, 0.03, 0], {
      hangs: { bottom: 1200, top: 1260 },
    }),
    family('paper-holder', 'Paper holder', 'ROLL*', [150], [100], [90], [14, 0, 0], {
      hangs: { bottom: 650, top: 750 },
    }),
    family('grab-bar', 'Grab bar', 'GRAB*', [450, 600, 900], [35], [90], [35, 0.02, 0], {
      hangs: { bottom: 850, top: 885 },
    }),
    family('glass-shelf', 'Glass shelf', 'GSH*', [400, 500, 600], [10], [120, 150], [16, 0.02, 0], {
      hangs: { bottom: 1150, top: 1160 },
    }),
    family('hook', 'Hook', 'HOOK*', [40], [60], [50], [6, 0, 0], { hangs: { bottom: 1650, top: 1710 } }),
    family('table', 'Table', 'TABLE*', [800, 1200, 1400, 1600, 1800], [740], [800, 900], [90, 0.1, 0]),
    family(
      'table-round',
      'Round table',
      'TABLER*',
      [800, 1000, 1200],
      [740],
      [800, 1000, 1200],
      [90, 0.1, 0],
    ),
    family('chair', 'Chair', 'CHAIR*', [450], [850], [500], [60, 0, 0]),
    family('stool', 'Stool', 'STOOL*', [380], [650, 750], [380], [50, 0, 0]),
    family('bench', 'Bench', 'BENCH*', [1000, 1200, 1500], [450], [350, 400], [70, 0.03, 0]),
    family(
      'mirror-round',
      'Round mirror',
      'MIRR*',
      [400, 500, 600, 800],
      [400, 500, 600, 800],
      [25],
      [40, 0.05, 0],
      {
        hangs: { bottom: 1200, top: 1900 },
      },
    ),
    family('blind', 'Roller blind', 'BLIND*', [600, 900, 1200, 1500, 1800], [500, 900], [70], [40, 0.05, 0], {
      hangs: { bottom: 1600, top: 2100 },
    }),
    family('curtain', 'Curtains', 'CURT*', [1200, 1600, 2000, 2600], [2200], [120], [60, 0.1, 0], {
      hangs: { bottom: 20, top: 2220 },
    }),
    family('picture', 'Picture', 'PIC*', [300, 400, 500, 700, 1000], [400, 500, 700], [25], [30, 0.05, 0], {
      hangs: { bottom: 1350, top: 1850 },
    }),
    family('rug', 'Rug', 'RUG*', [1200, 1700, 2000, 2400], [10], [800, 1200, 1700], [0, 0.15, 0]),
    family('rug-round', 'Round rug', 'RUGR*', [1200, 1600, 2000], [10], [1200, 1600, 2000], [0, 0.15, 0]),
    family('lamp-pendant', 'Pendant lamp', 'PEND*', [250, 350, 450], [800], [250, 350, 450], [70, 0, 0], {
      hangs: { bottom: 1600, top: 2400 },
    }),
    family('lamp-floor', 'Floor lamp', 'LAMPF*', [400], [1550], [400], [80, 0, 0]),
    family('lamp-table', 'Table lamp', 'LAMPT*', [280], [450], [280], [50, 0, 0], {
      hangs: { bottom: 740, top: 1190 },
    }),
    family('plant', 'Plant', 'PLANT*', [300, 500, 700], [600, 1000, 1600], [300, 500, 700], [30, 0, 0]),
  ],
};
