import { describe, expect, it } from 'vitest';
import {
  around,
  inches,
  judged,
  kept,
  onA,
  onFloor,
  verdictOf,
  withItem,
  withRecord,
} from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { sinkRun } from '../../testing/sink-run';
import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';

const square = { front: 0, left: 0, right: 0, behind: 0 };
const base = (width: number, more: Partial<ItemRecord> = {}) => ({
  ...{
    range: 'fathom',
    code: 'F600',
    width,
    depth: 560,
    height: 870,
    overhangs: square,
    placement: onA(1000),
  },
  ...more,
});

describe('the counter beside a second sink', () => {
  /** A run from 1000 on, a wide sink in its middle and a small one with so much counter at its left and right. */
  const small = (left: number, right: number) => {
    const run = withItem(rectangle(9000, 4000), 'run', 'base-doors', base(2000 + left + 400 + right));
    const main = withItem(run, 'main', 'sink', {
      ...{ width: 800, depth: 400, height: 200, up: 700, placement: onA(2200, 80) },
    });
    return withItem(main, 'small', 'sink', {
      ...{ width: 400, depth: 400, height: 200, up: 700, placement: onA(3000 + left, 80) },
    });
  };
  it('is 18 in on one side and 3 on the other; what is asked of the main one is not asked of it', () => {
    expect(judged(small(500, 100), 'K15')).toEqual({
      ...{ verdict: 'clear', left: 500, right: 100, 'larger side': 500, 'smaller side': 100 },
    });
    expect(around(inches(18), 1).map((left) => verdictOf(small(left, 100), 'K15'))).toEqual(kept);
    expect(around(inches(3), 1).map((right) => verdictOf(small(500, right), 'K15'))).toEqual(kept);
    expect(judged(small(500, 100), 'K11')).toMatchObject({ left: 1200, right: 500 });
  });
});

describe('what is put down of a microwave or an oven', () => {
  const microwave = (more: Partial<ItemRecord>) =>
    withItem(sinkRun(580, 1500), 'micro', 'microwave', {
      ...{ width: 500, depth: 400, height: 380, up: 1300, placement: onA(2600), ...more },
    });
  it('is the counter under it, as wide as it is', () => {
    expect(judged(microwave({}), 'K22')).toEqual({
      ...{ verdict: 'clear', left: 0, right: 0, below: 500, largest: 500 },
    });
    expect(around(inches(15), 1).map((width) => verdictOf(microwave({ width }), 'K22'))).toEqual(kept);
    // The counter's surface is at 900: 600 under it at the most.
    expect([1500, 1501].map((up) => judged(microwave({ up }), 'K22')['below'])).toEqual([500, 0]);
  });

  it('is the counter beside it, of one that stands on it, and not of the base under it', () => {
    // The bowl ends at 2220, the counter at 3720.
    expect(judged(microwave({ up: 900, width: 300 }), 'K22')).toEqual({
      ...{ verdict: 'clear', left: 380, right: 820, below: 300, largest: 820 },
    });
    const end = (right: number) => microwave({ up: 900, width: 300, placement: onA(3720 - right - 300) });
    expect(judged(end(0), 'K22')).toMatchObject({ left: 1200, right: 0 });
  });

  it('is the counter beside what carries it, or across from it', () => {
    const tall = (right: number) => {
      const housing = withItem(sinkRun(580, right), 'tall', 'tall-oven', {
        ...{ range: 'fathom', code: 'T600/2070-O', width: 600, depth: 560, height: 2070 },
        placement: onA(1000 + 500 + 800 + right - 80),
      });
      return withItem(housing, 'micro', 'microwave', {
        ...{
          width: 500,
          depth: 400,
          height: 380,
          up: 1250,
          placement: onA(1050 + 500 + 800 + right - 80, 20),
        },
      });
    };
    expect(judged(tall(700), 'K22')).toMatchObject({ left: 700, right: 0, below: 0, largest: 700 });
    for (const rule of ['K22', 'K23'] as const)
      expect(around(inches(15), 1).map((right) => verdictOf(tall(right), rule))).toEqual(kept);
    const across = (away: number, wide: number) =>
      withItem(tall(100), 'island', 'base-doors', {
        ...base(wide, { placement: onFloor(2400 + wide, -560 - away - 560, 180) }),
      });
    for (const rule of ['K22', 'K23'] as const) {
      expect(around(inches(48), -1).map((away) => verdictOf(across(away, 500), rule))).toEqual(kept);
      expect(around(inches(15), 1).map((wide) => verdictOf(across(900, wide), rule))).toEqual(kept);
    }
  });

  it('is the counter over an oven under it', () => {
    const oven = (width: number) =>
      withItem(rectangle(9000, 4000), 'oven', 'base-oven', base(width, { code: 'F600-O' }));
    expect(judged(oven(600), 'K23')).toEqual({
      ...{ verdict: 'clear', left: 0, right: 0, below: 600, largest: 600 },
    });
    expect(around(inches(15), 1).map((width) => verdictOf(oven(width), 'K23'))).toEqual(kept);
  });
});

describe('what is stored', () => {
  /** Cabinets 24 in wide and 12 deep with so many shelves and drawers, the middle of the last so far from the sink's. */
  const kitchen = (counts: readonly number[], away = 700, area = inches(144) ** 2) => {
    const builder = rectangle(area / 4000, 4000);
    let room: { design: Design } = withItem(builder, 'sink', 'sink', {
      ...{ width: 600, depth: 400, height: 200, up: 700, placement: onFloor(100, -3000) },
    });
    for (const [index, count] of counts.entries())
      room = withItem(room, `wall-${index}`, 'wall-doors', {
        ...{ range: 'fathom', code: 'U600/720', width: inches(24), depth: inches(12), height: 720, up: 1400 },
        placement: onFloor(400 + away - inches(12), -3200 + inches(6)),
        facts: { shelves: count - 1, drawers: 1 },
      });
    return room;
  };
  it('is the width by shelves and drawers by the depth, in inches and feet, by the size of the kitchen', () => {
    expect(judged(kitchen([60]), 'K27')).toEqual({ verdict: 'clear', 'total (in)': 1440 });
    expect(judged(kitchen([30, 29]), 'K27')).toEqual({ verdict: 'clear', 'total (in)': 1416 });
    expect(judged(kitchen([58]), 'K27')).toMatchObject({ 'total (in)': 1392, verdict: 'tight' });
    const foot2 = 304.8 ** 2;
    // 1440, 1704 and 2016 in; up to 150 and 350 square feet.
    const sized = (count: number, feet: number) => verdictOf(kitchen([count], 700, feet * foot2), 'K27');
    expect([149.9, 150.1].map((feet) => sized(60, feet))).toEqual(['clear', 'tight']);
    expect([149.9, 150.1, 349.9, 350.1].map((feet) => sized(71, feet))).toEqual([
      ...['clear', 'clear', 'clear', 'tight'],
    ]);
    expect([sized(84, 350.1), sized(83, 350.1)]).toEqual(['clear', 'tight']);
  });

  it('is near the sink up to 72 in between the middles, all of a cabinet', () => {
    expect(judged(kitchen([20]), 'K28')).toEqual({ verdict: 'clear', 'near the sink (in)': 480 });
    expect([16, 17].map((count) => verdictOf(kitchen([count]), 'K28'))).toEqual(['tight', 'clear']);
    expect(
      around(inches(72), -1).map((away) => judged(kitchen([20], away), 'K28')['near the sink (in)']),
    ).toEqual([480, 480, 480, 0]);
  });

  it('cannot be judged where the shelves of a cabinet are not known', () => {
    const open = withRecord(kitchen([60]) as never, 'wall-0', { facts: {} });
    expect(judged(open, 'K27')).toEqual({ verdict: 'unjudged', 'total (in)': null });
    expect(judged(open, 'K28')).toMatchObject({ verdict: 'unjudged' });
  });
});

describe('the way into a shower', () => {
  const entry = (away: number) =>
    withItem(
      withItem(rectangle(6000, 5000), 'shower', 'shower-pan', {
        ...{ width: 900, depth: 900, height: 40, placement: onA(1000) },
      }),
      ...([
        'other',
        'vanity-doors',
        base(600, { depth: 460, placement: onFloor(1000, -900 - away) }),
      ] as const),
    );
  it('is 24 in by code, 30 as it should be, 600 in metric rooms', () => {
    expect(around(inches(30), 1).map((away) => verdictOf(entry(away), 'B04s'))).toEqual(kept);
    expect(around(inches(24), 1).map((away) => verdictOf(entry(away), 'B04s'))).toEqual([
      ...['tight', 'tight', 'tight', 'blocked'],
    ]);
    expect(around(600, 1).map((away) => verdictOf(entry(away), 'M-shower'))).toEqual(kept);
  });
  it('is none at all where a wall stands at its front', () => {
    const shut = (depth: number) =>
      withItem(rectangle(6000, depth), 'shower', 'shower-pan', {
        ...{ width: 900, depth: 900, height: 40, placement: onA(1000) },
      });
    expect(judged(shut(900), 'B04s')).toMatchObject({ verdict: 'blocked', 'in front': 0 });
    expect(judged(shut(901), 'M-shower')).toMatchObject({ verdict: 'tight', 'in front': 1 });
  });
});
