import { setRoom } from '../src/commands/set-room';
import type { Design } from '../src/document/design';
import type { DesignRecord, ItemRecord, Placement, ServiceRecord } from '../src/document/records';
import type { KindId } from '../src/wording/kind-names';
import { onFloor, withItem } from './checks';
import { rectangle } from './rooms';

/** Rooms in which the rules that no demo room asks are asked, every fact of them known. Nothing stands in their first corner. */

const at = (face: 'a' | 'b' | 'c' | 'd', distance: number, off = 0): Placement => ({
  ...{ on: 'face', face: `face-${face}`, from: 'left', distance, off },
});

type Sized = Partial<ItemRecord> & Pick<ItemRecord, 'depth' | 'height' | 'placement' | 'width'>;

/** A design with more items, each with an id of its own. */
const withItems = (design: Design, items: readonly (readonly [string, KindId, Sized])[]): Design =>
  items.reduce((room, [id, type, sized]) => withItem({ design: room }, id, type, sized).design, design);

const withRecords = (design: Design, more: readonly DesignRecord[]): Design => ({
  ...design,
  records: { ...design.records, ...Object.fromEntries(more.map((one) => [one.id, one])) },
});

const service = (
  id: string,
  type: ServiceRecord['type'],
  up: number,
  placement: Placement,
  more: Partial<ServiceRecord> = {},
): ServiceRecord => ({ kind: 'service', id, type, up, placement, ...more });

const cabinet = (width: number, placement: Placement, more: Partial<ItemRecord> = {}): Sized => ({
  ...{ range: 'fathom', code: 'F600', width, depth: 560, height: 870, placement },
  facts: { shelves: 2 },
  ...more,
});

/** A kitchen of three runs and an island, walked through from door to door, with two sinks, and all that is let in. */
export function ruledKitchen(): Design {
  const builder = rectangle(7000, 4200);
  builder.run(setRoom, { specials: true, cooks: 2, behindSeats: 'edge', frontOverhang: 60 });
  builder.open('face-a', 'window', 2700, { width: 900, sill: 1000, action: 'casement' });
  builder.open('face-c', 'door', 400, { width: 900 });
  builder.open('face-d', 'door', 900, { width: 900 });
  const design = withItems(builder.design, [
    ['pantry', 'tall-pantry', cabinet(600, at('a', 800), { code: 'T600/2070', height: 2070 })],
    ['left', 'base-doors', cabinet(500, at('a', 1400))],
    ['sink', 'base-sink', cabinet(800, at('a', 1900), { code: 'F800-S' })],
    ['dish', 'dishwasher', { width: 600, depth: 560, height: 820, placement: at('a', 2700) }],
    ['hob', 'base-hob', cabinet(600, at('a', 3300), { code: 'F600-H' })],
    ['right', 'base-doors', cabinet(900, at('a', 3900))],
    [
      'cold',
      'refrigerator',
      { width: 600, depth: 600, height: 1900, placement: at('a', 4800), facts: { handle: 'left' } },
    ],
    ['micro', 'microwave', { width: 500, depth: 380, height: 380, up: 900, placement: at('a', 4200, 20) }],
    ['side', 'base-doors', cabinet(1200, at('b', 900))],
    ['bar', 'sink', { width: 400, depth: 400, height: 200, up: 700, placement: at('b', 1300, 80) }],
    ['oven', 'tall-oven', cabinet(600, at('b', 2100), { code: 'T600/2070-O', height: 2070 })],
    ['low', 'base-drawers', cabinet(600, at('c', 2600), { code: 'F900-3', facts: { drawers: 3 } })],
    ['lower', 'base-doors', cabinet(900, at('c', 1700))],
    ['across', 'base-doors', cabinet(600, at('b', 3000))],
    [
      'corner',
      'base-corner-l',
      cabinet(900, at('b', 0), { code: 'F900-L', depth: 900, leg: 560, facts: { shelves: 2, device: true } }),
    ],
    ['island', 'base-doors', cabinet(1200, onFloor(2400, -2000), { depth: 800, overhangs: { behind: 300 } })],
    ['plate', 'hob', { width: 580, depth: 510, height: 50, up: 860, placement: onFloor(2700, -2200) }],
    ['stool', 'stool', { width: 380, depth: 380, height: 650, placement: onFloor(2600, -1600) }],
    ['table', 'table', { width: 1400, depth: 800, height: 740, placement: onFloor(4300, -2700) }],
    ['chair', 'chair', { width: 450, depth: 500, height: 850, placement: onFloor(4900, -2400) }],
    ['round', 'table-round', { width: 1000, depth: 1000, height: 740, placement: onFloor(800, -2100) }],
    ['seat', 'chair', { width: 450, depth: 500, height: 850, placement: onFloor(1525, -3400, 180) }],
  ]);
  return withRecords(design, [
    service('one', 'socket', 1100, at('a', 2000), { protected: true }),
    service('two', 'socket', 1100, at('a', 4400), { protected: false }),
    service('high', 'switch', 1250, at('d', 2200)),
    service('air', 'extract', 2200, at('a', 3600), { airflow: 160 }),
  ]);
}

/** A bath of two basins, a toilet between walls, a shower one rolls into, and a tub under a lamp. */
export function ruledBath(): Design {
  const builder = rectangle(6000, 4600);
  builder.open('face-c', 'door', 400, { width: 900 });
  builder.open('face-b', 'window', 2000, { width: 600, height: 600, sill: 1000, safetyGlass: false });
  const glass = { width: 700, depth: 10, height: 1900 };
  const design = withItems(builder.design, [
    ['first', 'basin', { width: 550, depth: 450, height: 850, placement: at('c', 2000) }],
    [
      'second',
      'basin',
      {
        width: 550,
        depth: 450,
        height: 850,
        placement: at('c', 2850),
        facts: { kneeHeight: 700, kneeWidth: 800, kneeDepth: 250, toeDepth: 300 },
      },
    ],
    [
      'toilet',
      'toilet',
      { width: 380, depth: 700, height: 780, placement: at('a', 3000), facts: { roughIn: 254, seat: 440 } },
    ],
    [
      'paper',
      'paper-holder',
      { width: 150, depth: 90, height: 100, up: 660, placement: onFloor(3600, -900, -90) },
    ],
    [
      'shower',
      'shower-pan',
      {
        width: 1600,
        depth: 800,
        height: 40,
        placement: at('d', 800),
        facts: { control: 1000, waterproof: 2100, head: 2000 },
      },
    ],
    ['door', 'shower-door', { ...glass, placement: at('d', 900, 800), facts: { swingsIn: true } }],
    ['tub', 'tub', { width: 1700, depth: 700, height: 500, placement: at('b', 1500) }],
    ['bar', 'grab-bar', { width: 1100, depth: 40, height: 40, up: 860, placement: onFloor(2750, -1350, 90) }],
    ['mirror', 'mirror', { width: 600, depth: 20, height: 900, up: 1000, placement: at('c', 2000) }],
  ]);
  const wall = { kind: 'fixed', type: 'partition', width: 100, depth: 1700, height: 2200, up: 0 } as const;
  return withRecords(design, [
    { ...wall, id: 'wall-left', placement: at('a', 2650) },
    { ...wall, id: 'wall-right', placement: at('a', 3650) },
    { ...wall, id: 'wall-ahead', width: 900, depth: 100, placement: onFloor(2750, -1700) },
    service('drain', 'drain', 0, onFloor(3190, -270)),
    service('lamp', 'light', 2000, onFloor(5400, -2600)),
    service('air', 'extract', 2200, at('c', 3000), { airflow: 45 }),
    service('switch', 'switch', 1250, at('c', 1500)),
    service('socket', 'socket', 1100, at('c', 2700), { protected: true }),
  ]);
}

/** A room in which things stand in one another, in walls, before openings and in the way of tops, of two ranges. */
export function ruledFaults(): Design {
  const builder = rectangle(6000, 4000);
  builder.run(setRoom, { specials: true, userHeight: 1800 });
  builder.open('face-a', 'window', 3000, { width: 900, sill: 700 });
  builder.open('face-b', 'window', 2000, { width: 900, sill: 1000 });
  return withItems(builder.design, [
    ['one', 'base-doors', cabinet(600, at('a', 1000))],
    ['into', 'base-doors', cabinet(600, at('a', 1400))],
    ['other', 'base-doors', cabinet(610, at('a', 2000), { range: 'saltbox', code: 'B24', height: 876 })],
    ['under', 'base-doors', cabinet(900, at('a', 3000))],
    ['tall', 'tall-pantry', cabinet(600, onFloor(5700, -1200), { code: 'T600/2070', height: 2070 })],
    ['before', 'tall-pantry', cabinet(600, at('b', 2100), { code: 'T600/2070', height: 2070 })],
    ['end', 'base-doors', cabinet(900, at('c', 2000))],
    ['beside', 'refrigerator', { width: 600, depth: 650, height: 1900, placement: at('c', 2890) }],
  ]);
}
