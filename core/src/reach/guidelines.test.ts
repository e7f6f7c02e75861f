import { describe, expect, it } from 'vitest';
import { findingsOf } from '../../testing/findings';
import { rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { setBar } from '../commands/set-bar';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import type { Placement } from '../document/records';
import { checkReach } from './check-reach';
import { countVerdicts } from './finding';
import { kneeSpaceFor } from './knee-space';

const onA = (distance: number): Placement => ({ on: 'face', face: 'face-a', from: 'left', distance, off: 0 });
const of = (builder: RoomBuilder, range: string, code: string, id: string, placement: Placement) =>
  builder.run(setItem, { id, range, code, placement });

describe('counter height', () => {
  it('is off from a quarter of an inch on, above or below, told of each top', () => {
    const at = (up: number) => {
      const builder = rectangle();
      const id = builder.set('F600', 'face-a', 500);
      builder.run(editItems, { ids: [id], change: { up } });
      return findingsOf(builder, 'counter-height')[0]!;
    };
    expect(at(0)).toEqual({
      ...{ ids: ['item-1'], verdict: 'clear', measured: 0, required: 6 },
      place: [
        [1120, 0],
        [480, 0],
        [480, -600],
        [1120, -600],
      ],
      text: 'Counter stands at 900 mm.',
    });
    expect([6.02, 6.03].map((up) => at(up).verdict)).toEqual(['clear', 'tight']);
    expect(at(10).text).toBe('Counter stands at 910 mm, 10 mm above the room’s 900 mm.');
    const low = rectangle();
    low.run(setRoom, { counterHeight: 920 });
    low.set('F600', 'face-a', 500);
    expect(findingsOf(low, 'counter-height')[0]!.text).toBe(
      'Counter stands at 900 mm, 20 mm below the room’s 920 mm.',
    );
  });

  it('of a vanity is its own; one that shares its top with a base is not', () => {
    const builder = rectangle();
    builder.set('V1200-S', 'face-a', 500);
    expect(findingsOf(builder, 'counter-height')).toEqual([]);
    builder.set('F600', 'face-c', 500);
    expect(findingsOf(builder, 'counter-height')).toHaveLength(1);
    const vanity = builder.set('V600', 'face-c', 1100);
    builder.run(editItems, { ids: [vanity], change: { up: 50 } });
    const shared = findingsOf(builder, 'counter-height');
    expect(shared.map(({ ids }) => ids.length)).toEqual([2]);
  });
});

describe('one range in a run', () => {
  it('names what is not of the room’s range, and by how much its bases are higher or lower', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 500);
    of(builder, 'saltbox', 'B24', 'x', onA(1100));
    expect(findingsOf(builder, 'mixed-ranges')).toEqual([
      {
        ...{ ids: ['x'], verdict: 'tight', measured: 1, required: 0 },
        place: [
          [1100, 0],
          [1710, 0],
          [1710, -610],
          [1100, -610],
        ],
        text: 'Saltbox stands in a run of Fathom: its bases are 6 mm higher.',
      },
    ]);
    builder.run(setRoom, { range: 'saltbox' });
    expect(findingsOf(builder, 'mixed-ranges')).toMatchObject([
      { ids: ['item-1'], text: 'Fathom stands in a run of Saltbox: its bases are 6 mm lower.' },
    ]);
  });

  it('says nothing of one range, of two runs, and of appliances, which have none', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 500);
    builder.set('DISH600', 'face-a', 1100);
    of(builder, 'saltbox', 'B24', 'x', onA(1700));
    expect(findingsOf(builder, 'mixed-ranges')).toMatchObject([{ ids: ['x'] }]);
    const apart = rectangle();
    apart.set('F600', 'face-a', 500);
    of(apart, 'saltbox', 'B24', 'x', onA(1200));
    apart.set('DISH600', 'face-c', 500);
    apart.set('F600', 'face-c', 1100);
    expect(findingsOf(apart, 'mixed-ranges')).toEqual([]);
  });

  it('takes the range of the first where none is the room’s', () => {
    const builder = rectangle();
    builder.run(setRoom, { range: 'generic-mm' });
    of(builder, 'saltbox', 'B24', 'x', onA(0));
    of(builder, 'fathom', 'F600', 'y', onA(609.6));
    expect(findingsOf(builder, 'mixed-ranges')).toMatchObject([{ ids: ['y'] }]);
  });
});

describe('work aisle', () => {
  /** Fronts without handles: 20 before the boxes, so that the tops, 40 before them, are the fronts. */
  const bare = (depth: number, width = 4000) => {
    const builder = rectangle(width, depth);
    builder.run(setRoom, { handleStyle: 'none' });
    return builder;
  };
  const facing = (depth: number, ...more: [string, Placement][]) => {
    const builder = bare(depth);
    builder.set('F600', 'face-a', 1000);
    builder.set('F900', 'face-c', 2400);
    more.forEach(([code, placement]) => builder.place(code, placement));
    return findingsOf(builder, 'M-aisle');
  };

  it('is measured from top to top where they face one another, over what of them does', () => {
    // Face C runs from the right: 900 from 700 to 1600.
    expect(facing(2200)).toEqual([
      {
        ...{ ids: ['item-1', 'item-2'], verdict: 'clear', measured: 1000, required: 1000 },
        place: [
          [1000, -600],
          [1600, -600],
          [1600, -1600],
          [1000, -1600],
        ],
        text: 'Aisle of 1000 mm between base cabinet 1 and base cabinet 2.',
      },
    ]);
    expect([2199.98, 2199.97, 2199.9].map((depth) => facing(depth)[0]!.verdict)).toEqual([
      ...['clear', 'tight', 'tight'],
    ]);
    expect(facing(2150)[0]!.text).toBe(
      'Aisle between base cabinet 1 and base cabinet 2 is 950 mm; 1000 mm is asked for.',
    );
  });

  it('is measured from handles and doors where they stand farther out than the top', () => {
    const handled = (change: object) => {
      const builder = rectangle(4000, 2200);
      builder.run(setRoom, change);
      builder.set('F600', 'face-a', 1000);
      builder.set('F900', 'face-c', 2400);
      return findingsOf(builder, 'M-aisle')[0]!.measured;
    };
    // Doors of 20, bars 32 before them; knobs 28; without a top standing out, the doors.
    expect(handled({})).toBeCloseTo(2200 - 2 * (560 + 20 + 32), 6);
    expect(handled({ handleStyle: 'knob' })).toBeCloseTo(2200 - 2 * (560 + 20 + 28), 6);
    expect(handled({ handleStyle: 'none', frontOverhang: 0 })).toBeCloseTo(2200 - 2 * (560 + 20), 6);
  });

  it('asks for more where more than one cooks', () => {
    const builder = bare(2300);
    builder.set('F600', 'face-a', 1000);
    builder.set('F900', 'face-c', 2400);
    for (const [cooks, verdict, required] of [
      [1, 'clear', 1000],
      [2, 'tight', 1200],
      [3, 'tight', 1200],
    ] as const) {
      builder.run(setRoom, { cooks });
      expect(findingsOf(builder, 'M-aisle')).toMatchObject([{ verdict, required }]);
    }
  });

  it('is a floor, no aisle, from 3 m on; nothing beside one another or with a cabinet between is one', () => {
    expect([4200, 4201].map((depth) => facing(depth).length)).toEqual([1, 0]);
    const island: Placement = { on: 'floor', x: 1000, y: -1400, turn: 0 };
    const parted = facing(3600, ['F600', island]);
    expect(parted.map(({ ids }) => ids.join())).not.toContain('item-1,item-2');
    const beside = bare(2600);
    beside.set('F600', 'face-a', 1000);
    beside.set('F600', 'face-c', 4000 - 1000);
    expect(findingsOf(beside, 'M-aisle')).toEqual([]);
  });

  it('tells the tightest of two runs only, and one for each end and back that a front looks at', () => {
    const builder = bare(2400, 5000);
    builder.run(setRoom, { specials: true });
    builder.set('F600', 'face-a', 1000);
    builder.set('F600', 'face-a', 1600);
    const far = builder.set('F600', 'face-c', 2800);
    builder.run(editItems, { ids: [far], change: { depth: 660 } });
    const runs = findingsOf(builder, 'M-aisle');
    expect(runs).toHaveLength(1);
    expect(runs[0]!.measured).toBeCloseTo(2400 - 600 - 700, 6);
    const back = bare(3000);
    back.set('F600', 'face-a', 1000);
    back.place('F600', { on: 'floor', x: 1000, y: -1500, turn: 0 });
    expect(findingsOf(back, 'M-aisle')).toMatchObject([{ measured: 880 }]);
  });

  it('is not made by chairs, by what hangs, by fronts that are not worked at, or by what is washed at', () => {
    const builder = rectangle(4000, 2000);
    builder.set('F600', 'face-a', 1000);
    builder.set('U600/720', 'face-c', 2400);
    builder.place('CHAIR450', { on: 'floor', x: 1000, y: -1400, turn: Math.PI });
    expect(findingsOf(builder, 'M-aisle')).toEqual([]);
    builder.set('FL50', 'face-c', 2500);
    expect(findingsOf(builder, 'M-aisle').map(({ ids }) => ids)).toEqual([['item-1', 'item-4']]);
    const bath = rectangle(4000, 2000);
    bath.set('V600', 'face-a', 1000);
    bath.set('WC360', 'face-c', 2500);
    expect(findingsOf(bath, 'M-aisle')).toEqual([]);
  });

  it('is the least between fronts that are not parallel, whatever their ids are', () => {
    const turned = (degrees: number, first = true) => {
      const builder = bare(5000, 5000);
      const run = () => builder.set('F600', 'face-a', 2200);
      const island = () =>
        builder.place('F600', {
          ...{ on: 'floor', x: 2800, y: -2300 },
          turn: Math.PI + (degrees * Math.PI) / 180,
        });
      for (const set of first ? [run, island] : [island, run]) set();
      return findingsOf(builder, 'M-aisle').map(({ measured }) => measured);
    };
    // Turned about its back corner, the end of its front comes nearer by the sine of the angle.
    for (const degrees of [-25, -10, 0, 10, 25]) {
      const [measured, ...others] = turned(degrees);
      expect([degrees, others]).toEqual([degrees, []]);
      expect([[measured]]).toEqual([turned(degrees, false)]);
    }
    expect(turned(0)[0]).toBeCloseTo(2300 - 600 - 600, 6);
    expect(turned(-10)[0]).toBeLessThan(1100 - 50);
  });
});

describe('seats', () => {
  /** An island 1800 long whose top stands so far out behind; stools at these places along it, so far back. */
  const island = (lefts: readonly number[], behind = 380, back = 0) => {
    const builder = rectangle(5000, 4000);
    const ids = [
      builder.place('F900', { on: 'floor', x: 1000, y: -1500, turn: 0 }),
      builder.place('F900', { on: 'floor', x: 1900, y: -1500, turn: 0 }),
    ];
    builder.run(editItems, { ids, change: { overhangs: { behind } } });
    for (const x of lefts)
      builder.place('STOOL380/650', { on: 'floor', x, y: -1500 + behind + 190 + back, turn: 0 });
    return builder;
  };

  it('have knees as deep as their height asks, in both packs', () => {
    const room = rectangle();
    const depths = () => [837, 838, 990, 991].map((height) => kneeSpaceFor(room.design, height));
    expect(depths()).toEqual([450, 380, 380, 300]);
    room.run(setRoom, { packs: ['kitchen'] });
    expect(depths()).toEqual([457.2, 381, 381, 304.8]);
  });

  it('look at the top they are at: its first item, the space from its edge in, as wide as the seat', () => {
    expect(findingsOf(island([1200]), 'M-seat')).toEqual([
      {
        ...{ ids: ['item-3', 'item-1'], verdict: 'clear', measured: 1840, required: 600 },
        place: [
          [1200, -1120],
          [1580, -1120],
          [1580, -1500],
          [1200, -1500],
        ],
        text: 'Stool 3: width per seat 1840 mm; knee depth 380 mm.',
      },
    ]);
    expect(
      [379.98, 379.97].map((behind) => findingsOf(island([1200], behind), 'M-seat')[0]!.verdict),
    ).toEqual(['clear', 'tight']);
  });

  it('are at a top from 400 before its edge to 400 under it', () => {
    const count = (back: number) => findingsOf(island([1200], 380, back), 'M-seat').length;
    // The stool is 380 deep; its back stands 190 past the edge where nothing moves it.
    expect([589.9, 590.1, -589.9, -590.1].map(count)).toEqual([1, 0, 1, 0]);
  });

  it('stand so far apart, told once a pair, of the same side only', () => {
    const widths = (...lefts: number[]) => findingsOf(island(lefts), 'seat-width');
    expect(widths(1200, 1800)).toEqual([
      {
        ...{ ids: ['item-3', 'item-4'], verdict: 'clear', measured: 600, required: 600 },
        place: [
          [1390, -1120],
          [1690, -1120],
          [1990, -1120],
        ],
        text: 'Stool 3 has 600 mm of width.',
      },
    ]);
    expect(widths(1200, 1799.97)).toMatchObject([
      {
        verdict: 'tight',
        text: 'Stool 3 stands 600 mm from its neighbour, middle to middle; 600 mm is asked for.',
      },
    ]);
    expect(widths(1200, 1799.98)).toMatchObject([{ verdict: 'clear' }]);
    expect(widths(1100, 1600, 2300).map(({ measured }) => measured)).toEqual([500, 700]);
    expect(widths(1200)).toEqual([]);
    const across = island([1200]);
    across.place('STOOL380/650', { on: 'floor', x: 1700, y: -2300, turn: Math.PI });
    expect(findingsOf(across, 'seat-width')).toEqual([]);
  });

  it('at a bar have its depth, up to what stands under it or a wall', () => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1050, thickness: 120 } });
    builder.run(setBar, { face: 'face-c', ids: ['bar'], seats: 'this-side' });
    builder.place('STOOL380/750', { on: 'floor', x: 1000, y: -2600, turn: 0 });
    const [bar] = checkReach(builder.design).findings.filter(({ rule }) => rule === 'M-seat');
    // From the edge of the bar to the face of the half wall; the bar is as long as the wall.
    expect(bar).toMatchObject({
      ids: ['item-1', 'bar'],
      checks: [
        { id: 'width-per-seat', measured: expect.closeTo(4000, 3), required: 600, held: true },
        { id: 'knee-depth', measured: expect.closeTo(300, 3), required: 300, held: true },
      ],
    });
  });
});

it('findings come gravest first, and are counted by verdict', () => {
  const builder = rectangle(4000, 2150);
  builder.set('F600', 'face-a', 1000);
  builder.set('F600', 'face-a', 1500);
  builder.set('F900', 'face-c', 2400);
  const report = checkReach(builder.design);
  const verdicts = report.findings.map(({ verdict }) => verdict);
  expect(verdicts).toEqual([...verdicts].sort((a, b) => 'btc'.indexOf(a[0]!) - 'btc'.indexOf(b[0]!)));
  expect(countVerdicts(report)).toEqual({
    blocked: verdicts.filter((one) => one === 'blocked').length,
    tight: verdicts.filter((one) => one === 'tight').length,
    unjudged: 0,
    clear: verdicts.filter((one) => one === 'clear').length,
  });
  expect(new Set(verdicts).size).toBe(3);
});
