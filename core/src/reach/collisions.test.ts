import { describe, expect, it } from 'vitest';
import { findingsOf } from '../../testing/findings';
import { rectangle, shaped } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { putFixed } from '../commands/put-fixed';
import { setInto } from '../commands/set-into';
import { recordOf } from '../document/design';
import type { FixedRecord } from '../document/records';
import { collisionsOf } from './collisions';

const column = (change: Partial<FixedRecord> = {}): FixedRecord => ({
  ...{ kind: 'fixed', id: 'column', type: 'column', width: 300, depth: 300, height: 2400, up: 0 },
  placement: { on: 'floor', x: 200, y: -500, turn: 0 },
  ...change,
});
const rectangleAt = (x: number, y: number, width: number, depth: number) => [
  [x, y],
  [x + width, y],
  [x + width, y - depth],
  [x, y - depth],
];

describe('items apart', () => {
  it('tells each pair once, by the first of the two, with the shortest move that parts them', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 100);
    builder.set('F900', 'face-a', 600);
    expect(findingsOf(builder, 'item-collision')).toEqual([
      {
        ids: ['item-1', 'item-2'],
        verdict: 'blocked',
        measured: 100,
        required: 0,
        place: rectangleAt(100, 0, 600, 560),
        text: 'Base cabinet 1 and base cabinet 2 go 100 mm into each other.',
      },
    ]);
  });

  it('lets things touch up to half a millimetre, and tells a fixed thing by what it is', () => {
    const found = (distance: number) => {
      const builder = rectangle();
      builder.set('F600', 'face-a', 0);
      builder.set('F600', 'face-a', distance);
      return findingsOf(builder, 'item-collision').length;
    };
    expect([600, 599.5, 599.49].map(found)).toEqual([0, 0, 1]);
    const builder = rectangle();
    builder.run(putFixed, column());
    builder.set('F600', 'face-a', 100);
    expect(findingsOf(builder, 'item-collision')).toMatchObject([
      {
        ids: ['column', 'item-1'],
        measured: 60,
        text: 'The column and base cabinet 1 go 60 mm into each other.',
      },
    ]);
  });

  it('lets one hang over another up to half a millimetre, and be let into what carries it', () => {
    const found = (up: number) => {
      const builder = rectangle();
      builder.set('F600', 'face-a', 0);
      const wall = builder.set('U600/720', 'face-a', 0);
      builder.run(editItems, { ids: [wall], change: { up } });
      return findingsOf(builder, 'item-collision').length;
    };
    expect([870, 869.5, 869.49].map(found)).toEqual([0, 0, 1]);
    const builder = rectangle();
    const base = builder.set('F900-S', 'face-a', 0);
    builder.run(setInto, { host: base, range: 'fathom', code: 'SINK560', ids: ['bowl'] });
    expect(findingsOf(builder, 'item-collision')).toEqual([]);
  });

  it('of what is moved is held against everything but where it was', () => {
    const builder = rectangle();
    const [a, b] = [builder.set('F600', 'face-a', 0), builder.set('F600', 'face-a', 600)];
    const place = (id: string, distance: number) => ({
      ...recordOf(builder.design, 'item', id)!,
      placement: { on: 'face', face: 'face-a', from: 'left', distance, off: 0 } as const,
    });
    const ids = (...moved: ReturnType<typeof place>[]) =>
      collisionsOf(builder.design, moved).map((finding) => [finding.rule, ...finding.ids]);
    expect(ids(place(a, 100))).toEqual([['item-collision', a, b]]);
    expect(ids(place(a, 100), place(b, 700))).toEqual([]);
    expect(ids(place(a, 3500))).toEqual([['wall-collision', a]]);
    builder.open('face-a', 'door', 2000, { width: 800, casing: 0 });
    expect(ids(place(a, 1900)).map(([rule]) => rule)).toEqual(['opening-blocked']);
    expect(ids(place(a, 1300))).toEqual([]);
  });
});

describe('clear of walls', () => {
  it('tells how far it is to be moved to be clear of a wall it stands in or across', () => {
    const builder = rectangle();
    builder.place('F600', { on: 'floor', x: 3700, y: -1000, turn: 0 });
    builder.place('F600', { on: 'floor', x: 1000, y: -2700, turn: 0 });
    builder.place('F600', { on: 'floor', x: -250, y: -2000, turn: 0 });
    expect(findingsOf(builder, 'wall-collision')).toEqual([
      {
        ...{ ids: ['item-1'], verdict: 'blocked', measured: 300, required: 0 },
        ...{ place: rectangleAt(3700, -1000, 600, 560), text: 'Base cabinet 1 goes 300 mm into face B.' },
      },
      {
        ...{ ids: ['item-2'], verdict: 'blocked', measured: 260, required: 0 },
        ...{ place: rectangleAt(1000, -2700, 600, 560), text: 'Base cabinet 2 goes 260 mm into face C.' },
      },
      {
        ...{ ids: ['item-3'], verdict: 'blocked', measured: 250, required: 0 },
        ...{ place: rectangleAt(-250, -2000, 600, 560), text: 'Base cabinet 3 goes 250 mm into face D.' },
      },
    ]);
  });

  it('lets it touch up to half a millimetre, at a wall and at the ceiling', () => {
    const found = (x: number) => {
      const builder = rectangle();
      builder.place('F600', { on: 'floor', x, y: -1000, turn: 0 });
      return findingsOf(builder, 'wall-collision').length;
    };
    expect([3400, 3400.5, 3400.51].map(found)).toEqual([0, 0, 1]);
    const high = (up: number) => {
      const builder = rectangle();
      const tall = builder.set('T600/2070', 'face-a', 500);
      builder.run(editItems, { ids: [tall], change: { up } });
      return findingsOf(builder, 'wall-collision').map(({ text }) => text);
    };
    expect([330, 330.5].map(high)).toEqual([[], []]);
    expect(high(331)).toEqual(['Pantry 1 goes 1 mm into the ceiling.']);
  });

  it('sees a wall corner that stands into it, where all its own corners are in the room', () => {
    // Walls come in to (2500, -2000): a cabinet 900 wide across that corner from below.
    const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
    builder.place('F900', { on: 'floor', x: 2200, y: -1900, turn: 0 });
    const [finding] = findingsOf(builder, 'wall-collision');
    expect(finding).toMatchObject({ ids: ['item-1'] });
    expect(['face C', 'face D'].some((face) => finding!.text.includes(face))).toBe(true);
  });

  it('of two walls that meet where it sticks out names the one it is farther behind', () => {
    const named = (x: number, y: number) => {
      const builder = rectangle();
      builder.place('F300', { on: 'floor', x, y, turn: 0 });
      return findingsOf(builder, 'wall-collision').map(({ text, measured }) => [
        text.slice(-1 - 'A'.length, -1),
        measured,
      ]);
    };
    // 100 past face B, 60 past face C; then the other way round.
    expect(named(3800, -2500)).toEqual([['B', expect.closeTo(Math.hypot(100, 60), 2)]]);
    expect(named(3760, -2540)).toEqual([['C', expect.closeTo(Math.hypot(60, 100), 2)]]);
  });

  it('lets what lies on a half wall or higher go over it, and what is lower not', () => {
    for (const [up, count] of [
      [1050, 0],
      [1049.5, 0],
      [1049.4, 1],
      [0, 1],
    ] as const) {
      const builder = rectangle();
      builder.run(editFaces, { faces: ['face-c'], change: { wallHeight: 1050, thickness: 120 } });
      const shelf = builder.place('PS1200', { on: 'floor', x: 1000, y: -2900, turn: 0 });
      builder.run(editItems, { ids: [shelf], change: { up } });
      expect([up, findingsOf(builder, 'wall-collision').length]).toEqual([up, count]);
    }
  });
});

describe('openings free', () => {
  const room = (...items: [string, number][]) => {
    const builder = rectangle();
    builder.open('face-a', 'window', 1000, { width: 800, sill: 1000, height: 1000, casing: 70 });
    for (const [code, distance] of items) builder.set(code, 'face-a', distance);
    return findingsOf(builder, 'opening-blocked');
  };

  it('sees what stands before a window, or hangs before it', () => {
    expect(room(['T600/2070', 1700])).toEqual([
      {
        ids: ['item-2', 'opening-1'],
        verdict: 'blocked',
        measured: 100,
        required: 0,
        place: rectangleAt(1000, 0, 800, 100),
        text: 'Pantry 1 stands 100 mm in front of window W1.',
      },
    ]);
    expect(room(['U300/720', 1300])).toMatchObject([{ measured: 100 }]);
    expect(room(['F600', 1100])).toEqual([]);
  });

  it('and what stands on its casing only, by how much of it is covered', () => {
    expect(room(['T600/2070', 1800])).toMatchObject([
      {
        measured: 70,
        place: rectangleAt(930, 0, 940, 20),
        text: 'Pantry 1 stands 70 mm in front of the casing of window W1.',
      },
    ]);
    expect(room(['T600/2070', 1830])).toMatchObject([{ measured: 40 }]);
    expect(room(['T600/2070', 360])).toMatchObject([{ measured: 30 }]);
    expect(room(['T600/2070', 1870])).toEqual([]);
    expect(room(['T600/2070', 1869.5])).toEqual([]);
  });

  it('tells of under a window what reaches past its sill, and of its casing below what reaches that', () => {
    const high = (height: number) => {
      const builder = rectangle();
      builder.open('face-a', 'window', 1000, { width: 800, sill: 1000, height: 1000, casing: 70 });
      const base = builder.set('F600', 'face-a', 1100);
      builder.run(editItems, { ids: [base], change: { up: height - 870 } });
      return findingsOf(builder, 'opening-blocked').map(({ text, measured }) => [
        text.includes('casing'),
        measured,
      ]);
    };
    expect([930, 930.5, 930.6, 1000.5, 1000.6].map(high)).toEqual([
      [],
      [],
      [[true, 0.6]],
      [[true, 70]],
      [[false, 100]],
    ]);
  });

  it('does not look at chairs, nor at what stands away from the wall', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 1000, { width: 800, casing: 0 });
    builder.place('CHAIR450', { on: 'floor', x: 1200, y: 0, turn: 0 });
    builder.place('F600', { on: 'floor', x: 1100, y: -100, turn: 0 });
    expect(findingsOf(builder, 'opening-blocked')).toEqual([]);
    builder.place('F600', { on: 'floor', x: 1100, y: -99, turn: 0 });
    expect(findingsOf(builder, 'opening-blocked')).toMatchObject([
      { measured: 1, text: 'Base cabinet 3 stands 1 mm in front of door D1.' },
    ]);
  });
});

describe('the casing over an opening', () => {
  it('is covered by what hangs down over it, by so much', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 1000, { width: 800, height: 2000, casing: 70 });
    const wall = builder.set('U600/720', 'face-a', 1100);
    for (const [up, found] of [
      [2070, []],
      [2050, [20]],
      [2000, [70]],
    ] as const) {
      builder.run(editItems, { ids: [wall], change: { up } });
      expect(findingsOf(builder, 'opening-blocked').map(({ measured }) => measured)).toEqual(found);
    }
  });
});

describe('door swing', () => {
  const swing = (...places: [string, number, number][]) => {
    const builder = rectangle();
    builder.open('face-a', 'door', 1000, { width: 800, casing: 0 });
    for (const [code, x, y] of places) builder.place(code, { on: 'floor', x, y, turn: 0 });
    return findingsOf(builder, 'M-swing');
  };

  it('is clear with nothing in it, its leaf as wide as the door', () => {
    expect(swing()).toMatchObject([
      {
        ids: ['opening-1'],
        verdict: 'clear',
        measured: 0,
        required: 0,
        text: 'Door D1 swings freely.',
      },
    ]);
    const place = swing()[0]!.place;
    expect(place).toContainEqual([1000, 0]);
    // Its corner behind the face, 40 thick, sweeps the farthest; open, it stands as far out as it is wide.
    expect(Math.max(...place.map(([x, y]) => Math.hypot(x! - 1000, y!)))).toBeCloseTo(801, -1);
    expect(place).toContainEqual([1000, -800]);
    expect(Math.min(...place.map(([, y]) => y!))).toBe(-800);
  });

  it('hits an item or a fixed thing by what stands inside it, if at its height', () => {
    const [hit, ...others] = swing(['F600', 1100, -600]);
    // The nearest place of the item to the hinge at (1000, 0) is (1100, -600).
    expect(hit).toMatchObject({ ids: ['opening-1', 'item-2'], verdict: 'blocked', required: 0 });
    // The area right of 1100 and beyond 600 out within 801 of the hinge; nothing of it is beyond 800 out.
    const [radius, steps] = [Math.hypot(800, 40), 20_000];
    let area = 0;
    for (let i = 0; i < steps; i++) {
      const x = 100 + ((600 - 100) * (i + 0.5)) / steps;
      area += (Math.max(0, Math.min(800, Math.sqrt(radius ** 2 - x ** 2)) - 600) * (600 - 100)) / steps;
    }
    expect(hit!.measured).toBeCloseTo(area, -1);
    expect(hit!.text).toMatch(/^Door D1 hits base cabinet 1: it stands \d+ mm inside the swing\.$/);
    expect(others.map(({ text }) => text)).toEqual([
      expect.stringMatching(/^Door D1 hits the top over base cabinet 1/),
    ]);
    // Its top stands 20 past its back.
    expect(swing(['F600', 1000, -822])).toMatchObject([{ verdict: 'clear' }]);
    const builder = rectangle();
    builder.open('face-a', 'door', 1000, { width: 800, height: 2000, casing: 0 });
    builder.run(putFixed, column({ placement: { on: 'floor', x: 1200, y: -300, turn: 0 } }));
    expect(findingsOf(builder, 'M-swing')).toMatchObject([{ ids: ['opening-1', 'column'] }]);
    builder.run(
      putFixed,
      column({ up: 2000, height: 300, placement: { on: 'floor', x: 1200, y: -300, turn: 0 } }),
    );
    expect(findingsOf(builder, 'M-swing')).toMatchObject([{ verdict: 'clear' }]);
    builder.run(
      putFixed,
      column({ up: 1999, height: 300, placement: { on: 'floor', x: 1200, y: -300, turn: 0 } }),
    );
    expect(findingsOf(builder, 'M-swing')).toMatchObject([{ verdict: 'blocked' }]);
  });

  it('meets another door’s once for both, and not its own other leaf', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 100, { width: 800, casing: 0 });
    builder.open('face-d', 'door', 100, {
      width: 800,
      casing: 0,
      from: 'right',
      to: 'right',
      hinge: 'right',
    });
    const both = findingsOf(builder, 'M-swing').filter(({ verdict }) => verdict === 'blocked');
    expect(both).toMatchObject([
      { ids: ['opening-1', 'opening-2'], text: 'Door D1 and door D2 swing through the same place.' },
    ]);
    const pair = rectangle();
    pair.open('face-a', 'door', 1000, { width: 1600, casing: 0, action: 'double' });
    expect(findingsOf(pair, 'M-swing').map(({ verdict }) => verdict)).not.toContain('blocked');
  });
});
