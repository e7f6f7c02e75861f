import { describe, expect, it } from 'vitest';
import {
  around,
  held,
  inches,
  judged,
  kept,
  onA,
  onFloor,
  ruled,
  service,
  verdictOf,
  withItem,
  withRecord,
} from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { putFixed } from '../commands/put-fixed';
import type { Design } from '../document/design';
import type { ItemFacts } from '../document/kinds/item-facts';
import type { ServiceRecord } from '../document/records';

/** A toilet against face A of a wide room, its centre line so far from the left wall. */
const toiletAt = (
  centre: number,
  facts?: Partial<ItemFacts>,
  room: { design: Design } = rectangle(6000, 5000),
) =>
  withItem(room, 'toilet', 'toilet', {
    ...{ width: 380, depth: 700, height: 760, placement: onA(centre - 190) },
    ...(facts && { facts }),
  });
const put = (room: { design: Design }, record: ServiceRecord) => ({
  design: { ...room.design, records: { ...room.design.records, [record.id]: record } },
});

describe('beside a toilet', () => {
  it('is so much from its centre line to a wall or anything, told by side', () => {
    expect(judged(toiletAt(450), 'B20')).toMatchObject({ 'centre line': 450, left: 450, verdict: 'tight' });
    // 15 in is code, 18 in the guideline.
    expect([457.2, 457.1, 381, 380.9].map((centre) => verdictOf(toiletAt(centre), 'B20'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    const beside = (gap: number, type: 'base-doors' | 'tub' = 'base-doors', up = 0) =>
      withItem(toiletAt(2000), 'thing', type, {
        ...{ width: 600, depth: 560, height: 500, up, placement: onA(2190 + gap) },
      });
    expect(judged(beside(200), 'B20')).toMatchObject({ left: 2000, right: 390 });
    // A bar to hold on by and paper are asked for there, and in nobody's way; a rail for towels is.
    const small = (type: 'grab-bar' | 'paper-holder' | 'towel-rail') =>
      withItem(toiletAt(450), 'small', type, {
        ...{ width: 600, depth: 90, height: 40, up: 860 },
        placement: { on: 'face', face: 'face-d', from: 'right', distance: 50, off: 0 },
      });
    expect(judged(small('towel-rail'), 'B20')).toMatchObject({ left: 360, verdict: 'blocked' });
    for (const type of ['grab-bar', 'paper-holder'] as const)
      expect(judged(small(type), 'B20')).toMatchObject({ left: 450, verdict: 'tight' });
    // What hangs over one's shoulder is not in the way.
    expect(judged(beside(100, 'base-doors', 1000), 'B20')).toMatchObject({ verdict: 'clear' });
    expect(around(200, 1).map((gap) => verdictOf(beside(gap, 'tub'), 'M-toilet-fixture'))).toEqual(kept);
    expect(around(400, 1).map((centre) => verdictOf(toiletAt(centre), 'M-toilet-wall'))).toEqual(kept);
    expect([405, 406.4, 457.2, 458].map((centre) => verdictOf(toiletAt(centre), 'A-toilet'))).toEqual([
      ...['blocked', 'clear', 'clear', 'blocked'],
    ]);
  });

  it('is its compartment, where walls or what is built like one make it', () => {
    const within = (width: number, depth: number) => {
      const builder = rectangle(3000, depth);
      builder.run(putFixed, {
        ...{ kind: 'fixed', id: 'wall', type: 'partition', width: 100, depth: 1500, height: 2200, up: 0 },
        placement: { on: 'floor', x: width, y: 0, turn: 0 },
      });
      return toiletAt(width / 2, undefined, builder);
    };
    expect(judged(within(900, 1700), 'B21')).toMatchObject({ width: 900, depth: 1700, verdict: 'tight' });
    expect([914.4, 914.3, 762, 761.9].map((width) => verdictOf(within(width, 1700), 'B21'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    expect([1676.4, 1676.3, 1524, 1523.9].map((depth) => verdictOf(within(1000, depth), 'B21'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    expect(ruled(within(1500, 1700), 'B21')).toEqual([]);
  });

  it('is measured over its own depth, along a wall that leans', () => {
    const builder = rectangle(6000, 5000);
    // A column beside it, but farther out than it is deep.
    builder.run(putFixed, {
      ...{ kind: 'fixed', id: 'column', type: 'column', width: 300, depth: 300, height: 2400, up: 0 },
      placement: { on: 'floor', x: 2250, y: -750, turn: 0 },
    });
    expect(judged(toiletAt(2000, undefined, builder), 'B20')).toMatchObject({ verdict: 'clear' });
  });

  it('is the floor before it, straight out to the first thing', () => {
    const before = (away: number, x = 1810) =>
      withItem(toiletAt(2000), 'thing', 'base-doors', {
        ...{ width: 600, depth: 560, height: 870, placement: onFloor(x, -700 - away) },
      });
    expect([762, 761.9, 533.4, 533.3].map((away) => verdictOf(before(away), 'B04'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    expect([600, 599.9].map((away) => verdictOf(before(away), 'M-front'))).toEqual(['clear', 'tight']);
    // Beside its width nothing is before it.
    expect(verdictOf(before(100, 2191), 'B04')).toBe('clear');
  });

  it('is its drain as far from the finished wall as it is made for', () => {
    const drain = (out: number, roughIn?: number) =>
      put(toiletAt(2000, roughIn === undefined ? undefined : { roughIn }), service('drain', 2000, -out, 0));
    expect(around(inches(12), 1).map((out) => verdictOf(drain(out), 'B20r'))).toEqual(held);
    expect(around(inches(10), 1).map((out) => verdictOf(drain(out, inches(10)), 'B20r'))).toEqual(held);
    expect(ruled(toiletAt(2000), 'B20r')).toEqual([]);
  });

  it('is its paper, before the bowl', () => {
    const holder = (ahead: number) =>
      withItem(toiletAt(2000), 'paper', 'paper-holder', {
        ...{ width: 140, depth: 80, height: 100, up: 610, placement: onFloor(2300, -700 - ahead + 40) },
      });
    expect(around(inches(8), 1).map((ahead) => verdictOf(holder(ahead), 'B23'))).toEqual(kept);
    expect(around(inches(12), -1).map((ahead) => verdictOf(holder(ahead), 'B23'))).toEqual(kept);
  });

  it('is room for a wheelchair beside it, a seat and bars at their heights', () => {
    const wide = (right: number, deep = 3000) => {
      const room = withItem(toiletAt(430), 'thing', 'base-doors', {
        ...{ width: 600, depth: 1500, height: 870, placement: onA(430 + right) },
      });
      return withItem(room, 'across', 'base-doors', {
        ...{ width: 3000, depth: 560, height: 870, placement: onFloor(0, -deep) },
      });
    };
    expect(around(inches(60) - 430, 1).map((right) => verdictOf(wide(right), 'A-toiletfloor'))).toEqual(held);
    expect(judged(wide(1200), 'A-toiletfloor')).toMatchObject({ 'width at 56 in depth': 1630 });
    expect(around(inches(56), 1).map((deep) => verdictOf(wide(1200, deep), 'A-toiletfloor'))).toEqual(held);
    const seat = (height?: number) => toiletAt(2000, height === undefined ? {} : { seat: height });
    expect([430, 431.8, 482.6, 484].map((height) => verdictOf(seat(height), 'A-seat'))).toEqual([
      ...['blocked', 'clear', 'clear', 'blocked'],
    ]);
    expect(verdictOf(seat(), 'A-seat')).toBe('unjudged');
    const bar = (starts: number, long: number, up: number) =>
      withItem(toiletAt(430), 'bar', 'grab-bar', {
        ...{ width: long, depth: 40, height: 40, up: up - 40 },
        placement: { on: 'face', face: 'face-d', from: 'right', distance: starts, off: 0 },
      });
    expect(judged(bar(250, 1100, 900), 'A-grab')).toMatchObject({
      ...{ verdict: 'clear', 'starts from the rear wall': 250, length: 1100 },
    });
    expect(around(inches(12), -1).map((starts) => verdictOf(bar(starts, 1100, 900), 'A-grab'))).toEqual(held);
    expect(around(inches(42), 1).map((long) => verdictOf(bar(250, long, 900), 'A-grab'))).toEqual(held);
    expect(around(inches(36), -1).map((up) => verdictOf(bar(250, 1100, up), 'B14'))).toEqual(kept);
    expect(verdictOf(toiletAt(430), 'A-grab')).toBe('blocked');
  });
});

describe('basins', () => {
  const basin = (
    centre: number,
    height = 850,
    id = 'basin',
    room: { design: Design } = rectangle(6000, 5000),
  ) =>
    withItem(room, id, 'basin', {
      ...{ width: 500, depth: 420, height, placement: onA(centre - 250) },
    });
  it('are so far from walls and taller things', () => {
    expect([508, 507.9, 381, 380.9].map((centre) => verdictOf(basin(centre), 'B05'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    const beside = (high: number) =>
      withItem(basin(2000), 'thing', 'base-doors', {
        ...{ width: 600, depth: 420, height: high, placement: onA(2300) },
      });
    expect([850, 860].map((high) => verdictOf(beside(high), 'B05'))).toEqual(['clear', 'blocked']);
  });
  it('are so far apart, and so high', () => {
    const two = (apart: number) => basin(2000 + apart, 850, 'other', basin(2000));
    expect([914.4, 914.3, 762, 761.9].map((apart) => verdictOf(two(apart), 'B06'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    expect(judged(two(800), 'B06')).toMatchObject({ 'edge to edge': 300 });
    expect([812, 812.8, 1092.2, 1093].map((high) => verdictOf(basin(2000, high), 'B07'))).toEqual([
      ...['tight', 'clear', 'clear', 'tight'],
    ]);
    expect([863.6, 863.7].map((high) => verdictOf(basin(2000, high), 'A-rim'))).toEqual(['clear', 'blocked']);
  });
  it('have a socket near, and none in the wet', () => {
    const socket = (x: number) => put(basin(2000), service('socket', x, -10, 1100));
    expect(around(inches(36), -1).map((away) => verdictOf(socket(2250 + away), 'B24'))).toEqual(held);
    expect(verdictOf(basin(2000), 'B24')).toBe('unjudged');
    const wet = withItem(rectangle(6000, 5000), 'shower', 'shower-pan', {
      ...{ width: 900, depth: 900, height: 100, placement: onA(1000) },
    });
    expect([1500, 1950].map((x) => verdictOf(put(wet, service('socket', x, -10, 1100)), 'B24'))).toEqual([
      ...['blocked', 'clear'],
    ]);
  });
  it('have room for knees where that is known', () => {
    const knees = (change: Partial<ItemFacts>) =>
      withRecord(basin(2000) as never, 'basin', {
        facts: { kneeHeight: 690, kneeWidth: 770, kneeDepth: 210, toeDepth: 280, ...change },
      });
    expect(verdictOf(knees({}), 'A-knee')).toBe('clear');
    for (const [fact, least] of [
      ['kneeHeight', 27],
      ['kneeWidth', 30],
      ['kneeDepth', 8],
      ['toeDepth', 11],
    ] as const)
      expect(around(inches(least), 1).map((mm) => verdictOf(knees({ [fact]: mm }), 'A-knee'))).toEqual(held);
    expect(verdictOf(basin(2000), 'A-knee')).toBe('unjudged');
  });
});

describe('showers and tubs', () => {
  const shower = (width: number, depth: number, facts?: Partial<ItemFacts>) =>
    withItem(rectangle(6000, 5000), 'shower', 'shower-pan', {
      ...{ width, depth, height: 100, placement: onA(1000) },
      ...(facts && { facts }),
    });
  it('are large enough to stand in', () => {
    expect(judged(shower(900, 1200), 'B09')).toMatchObject({
      ...{ 'largest disc': 900, 'area (mm2)': 1_080_000, 'smaller side': 900, verdict: 'tight' },
    });
    expect([914.4, 914.3, 762, 761.9].map((side) => verdictOf(shower(side, 1200), 'B09'))).toEqual([
      ...['clear', 'tight', 'tight', 'blocked'],
    ]);
    expect([914.4, 914.3].map((side) => verdictOf(shower(1000, side), 'A-transfer'))).toEqual([
      'clear',
      'blocked',
    ]);
    expect([762, 761.9].map((side) => verdictOf(shower(1600, side), 'A-rollin'))).toEqual([
      'clear',
      'blocked',
    ]);
    // A corner cut off: the largest disc within what is left.
    const cut = withRecord(shower(900, 900) as never, 'shower', {
      corners: [
        { along: 0, out: 0 },
        { along: 900, out: 0 },
        { along: 900, out: 450 },
        { along: 450, out: 900 },
        { along: 0, out: 900 },
      ],
    });
    // Touching both walls and the slant: r + r / sqrt 2 … where x = y = r and x + y = 1350 - r sqrt 2.
    const radius = Math.min(450, 1350 / (2 + Math.SQRT2));
    expect(judged(cut, 'B09')['largest disc']).toBeCloseTo(2 * radius, -1);
  });
  it('have their control, head and waterproof wall at their heights, where those are known', () => {
    expect([38, 48].map((at) => verdictOf(shower(1000, 1000, { control: inches(at) }), 'B10'))).toEqual([
      ...['clear', 'clear'],
    ]);
    expect([37.9, 48.1].map((at) => verdictOf(shower(1000, 1000, { control: inches(at) }), 'B10'))).toEqual([
      ...['tight', 'tight'],
    ]);
    expect(verdictOf(shower(1000, 1000), 'B10')).toBe('unjudged');
    const wall = (waterproof: number, head: number) =>
      verdictOf(shower(1000, 1000, { waterproof, head }), 'B13');
    expect([wall(2100, 2000), wall(2076.2, 2000), wall(2076.1, 2000), wall(1828.7, 1700)]).toEqual([
      ...['clear', 'clear', 'tight', 'blocked'],
    ]);
    expect(verdictOf(shower(1000, 1000, { waterproof: 2100 }), 'B13')).toBe('unjudged');
  });
  it('have doors that swing out, and benches to sit on', () => {
    const door = (swingsIn?: boolean) =>
      withItem(shower(1000, 1000), 'door', 'shower-door', {
        ...{ width: 700, depth: 10, height: 1900, up: 100, placement: onA(1000, 1000) },
        ...(swingsIn !== undefined && { facts: { swingsIn } }),
      });
    expect([door(), door(false), door(true)].map((room) => verdictOf(room, 'B16'))).toEqual([
      ...['unjudged', 'clear', 'blocked'],
    ]);
    const bench = (height: number, depth: number) =>
      withItem(shower(1000, 1000), 'bench', 'bench', {
        ...{ width: 900, depth, height, placement: onA(1050, 20) },
      });
    expect([431.8, 431.7, 482.6, 482.7].map((height) => verdictOf(bench(height, 400), 'B12'))).toEqual([
      ...['clear', 'tight', 'clear', 'tight'],
    ]);
    expect(around(inches(15), 1).map((depth) => verdictOf(bench(450, depth), 'B12'))).toEqual(kept);
  });
  it('have no light hanging over a tub, and air led away', () => {
    const tub = withItem(rectangle(6000, 5000), 'tub', 'tub', {
      ...{ width: 1700, depth: 700, height: 500, placement: onA(1000) },
    });
    const high = withRecord(tub as never, 'room', { ceilingHeight: 4000 });
    const light = (x: number, up: number) => put(high, service('light', x, -300, up));
    // One in the ceiling hangs from nothing.
    expect(ruled(put(tub, service('light', 1500, -300, 2400)), 'B25')).toEqual([]);
    const zone = inches(36);
    expect([zone, zone - 0.1].map((away) => verdictOf(light(2700 + away, 2300), 'B25'))).toEqual([
      ...['clear', 'blocked'],
    ]);
    expect([inches(96), inches(96) - 0.1].map((rise) => verdictOf(light(1500, 500 + rise), 'B25'))).toEqual([
      ...['clear', 'blocked'],
    ]);
    const air = (airflow?: number, continuous?: boolean) =>
      put(
        tub,
        service('extract', 2000, -10, 2200, {
          ...(airflow !== undefined && { airflow }),
          ...(continuous && { continuous }),
        }),
      );
    expect(
      [air(50), air(49), air(20, true), air(19, true), air()].map((room) => verdictOf(room, 'B26')),
    ).toEqual([...['clear', 'blocked', 'clear', 'blocked', 'unjudged']]);
    expect(verdictOf(tub, 'B26')).toBe('blocked');
  });
  it('have safety glass where it is low and near', () => {
    const glass = (sill: number, left: number, safetyGlass?: boolean) => {
      const builder = rectangle(6000, 5000);
      builder.open('face-a', 'window', left, {
        ...{ width: 600, height: 600, sill },
        ...(safetyGlass !== undefined && { safetyGlass }),
      });
      return withItem(builder, 'tub', 'tub', {
        ...{ width: 1700, depth: 700, height: 500, placement: onA(500) },
      });
    };
    expect([true, false, undefined].map((is) => verdictOf(glass(1000, 800, is), 'B15'))).toEqual([
      ...['clear', 'blocked', 'unjudged'],
    ]);
    expect([inches(60), inches(60) - 0.1].map((sill) => verdictOf(glass(sill, 800, false), 'B15'))).toEqual([
      ...['clear', 'blocked'],
    ]);
    expect(ruled(glass(1000, 2200 + inches(60), false), 'B15')).toEqual([]);
    expect(verdictOf(glass(1000, 2200 + inches(60) - 0.1, false), 'B15')).toBe('blocked');
  });
  it('have height over them and before them, under a slope and a soffit too', () => {
    const tall = (height: number) => {
      const builder = rectangle(6000, 5000);
      builder.run(putFixed, {
        ...{ kind: 'fixed', id: 'soffit', type: 'soffit', width: 2000, depth: 300, height: 200, up: height },
        placement: { on: 'floor', x: 500, y: -900 - inches(21) + 250, turn: 0 },
      });
      return withItem(builder, 'shower', 'shower-pan', {
        ...{ width: 900, depth: 900, height: 100, placement: onA(1000) },
      });
    };
    expect(around(inches(80), 1).map((height) => verdictOf(tall(height), 'B03'))).toEqual(held);
    const low = rectangle(6000, 5000);
    low.run(editFaces, { faces: ['face-a'], change: { wallHeight: 2000 } });
    expect(ruled(low, 'B03')).toEqual([]);
  });
});
