import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { centreItems } from '../commands/centre-items';
import { editItems } from '../commands/edit-items';
import { groupItems } from '../commands/group-items';
import { lineUpItems } from '../commands/line-up-items';
import { lockItems } from '../commands/lock-items';
import { mirrorItems } from '../commands/mirror-items';
import { moveItem } from '../commands/move-item';
import { moveItems } from '../commands/move-items';
import { removeThings } from '../commands/remove-things';
import { renumberItems } from '../commands/renumber-items';
import { repeatItems } from '../commands/repeat-items';
import { setApart } from '../commands/set-apart';
import { setBlock } from '../commands/set-block';
import { setTie } from '../commands/set-tie';
import { spaceItems } from '../commands/space-items';
import { squareItems } from '../commands/square-items';
import { turnItems } from '../commands/turn-items';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { distance } from '../geometry/point';
import { contains } from '../geometry/polygon';
import type { Result } from '../result';
import { roomShape } from '../survey/room-shape';
import { refusalText } from '../wording/refusal-text';
import { apartFrom } from './apart';
import { blockOf } from './block';
import { boxOf, itemBoxes, middleOf } from './item-box';
import { itemNumbers } from './item-numbers';
import { tieOn } from './ties';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const record = (builder: RoomBuilder, id: string) => recordOf(builder.design, 'item', id)!;
const box = (builder: RoomBuilder, id: string) => boxOf(record(builder, id), roomShape(builder.design));
const quarter = Math.PI / 2;

describe('turning and mirroring', () => {
  const free = fc.record({
    on: fc.constant('floor' as const),
    x: fc.double({ min: 800, max: 3200, noNaN: true }),
    y: fc.double({ min: -2200, max: -800, noNaN: true }),
    turn: fc.double({ min: -3, max: 3, noNaN: true }),
  });
  const onFace = fc.record({
    on: fc.constant('face' as const),
    face: fc.constantFrom('face-a', 'face-b', 'face-c', 'face-d'),
    from: fc.constantFrom('left' as const, 'right' as const),
    distance: fc.double({ min: 0, max: 2000, noNaN: true }),
    off: fc.double({ min: 0, max: 500, noNaN: true }),
  });
  const code = fc.constantFrom('F600', 'F900-L', 'U600/720-K', 'WC360', 'STOOL380/650');

  it('mirrored twice, or turned four times by a quarter, an item is the same record again', () => {
    fc.assert(
      fc.property(fc.oneof(free, onFace), code, (placement, what) => {
        const builder = rectangle(4000, 3000, 4090, 2960);
        const id = builder.place(what, placement);
        const before = record(builder, id);
        for (let times = 0; times < 4; times++) builder.run(turnItems, { ids: [id], by: quarter });
        expect(record(builder, id)).toEqual(before);
        for (let times = 0; times < 2; times++) builder.run(mirrorItems, { ids: [id] });
        expect(record(builder, id)).toEqual(before);
      }),
      { numRuns: 120 },
    );
  });

  it('mirrored twice, items of one face are the same records again, and free ones stand where they stood', () => {
    const builder = rectangle();
    const ids = [
      builder.set('F600', 'face-a', 100),
      builder.set('F900-S', 'face-a', 700),
      builder.set('F300', 'face-a', 2600),
    ];
    const before = ids.map((id) => record(builder, id));
    builder.run(mirrorItems, { ids });
    // The whole reaches from 100 to 2900: what stood first stands last.
    expect(ids.map((id) => box(builder, id).against!.along)).toEqual([2300, 1400, 100]);
    builder.run(mirrorItems, { ids });
    expect(ids.map((id) => record(builder, id))).toEqual(before);
    const free = [0.3, 1.1].map((turn, i) =>
      builder.place('F600', { on: 'floor', x: 900 + i * 1200, y: -1400, turn }),
    );
    const stood = free.map((id) => box(builder, id).footprint);
    builder.run(mirrorItems, { ids: free });
    expect(distance(box(builder, free[0]!).origin, stood[0]![0]!)).toBeGreaterThan(1);
    builder.run(mirrorItems, { ids: free });
    free.forEach((id, i) =>
      box(builder, id).footprint.forEach((corner, j) =>
        expect(distance(corner, stood[i]![j]!)).toBeLessThan(5e-6),
      ),
    );
    expect(sentence(mirrorItems.run(builder.design, { ids: [ids[0]!, free[0]!] }))).toContain('on one face');
  });

  it('turns about the middle, several as one, and square to the nearest wall again', () => {
    const builder = rectangle();
    const one = builder.place('F900', { on: 'floor', x: 1000, y: -1000, turn: 0 });
    const middle = middleOf(box(builder, one));
    builder.run(turnItems, { ids: [one], by: 0.7 });
    expect(distance(middleOf(box(builder, one)), middle)).toBeLessThan(1e-6);
    // Clockwise in plan.
    expect(box(builder, one).turn).toBeCloseTo(-0.7, 12);
    expect(box(builder, one).against).toBeNull();
    builder.run(squareItems, { ids: [one] });
    expect(box(builder, one).turn).toBeCloseTo(0, 9);
    const two = builder.place('F600', { on: 'floor', x: 1900, y: -1000, turn: 0 });
    const apart = distance(middleOf(box(builder, one)), middleOf(box(builder, two)));
    builder.run(turnItems, { ids: [one, two], by: quarter });
    expect(distance(middleOf(box(builder, one)), middleOf(box(builder, two)))).toBeCloseTo(apart, 5);
    expect(middleOf(box(builder, two)).x).toBeCloseTo(middleOf(box(builder, one)).x, 5);
    expect(middleOf(box(builder, two)).y).toBeLessThan(middleOf(box(builder, one)).y);
  });

  it('keeps the turn of what is placed by numbers, and loses it where it is moved to another place', () => {
    const builder = rectangle();
    const id = builder.set('F600', 'face-a', 500);
    builder.run(turnItems, { ids: [id], by: 0.3 });
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 900, off: 50 } as const;
    builder.run(moveItem, { id, placement, keepTurned: true });
    expect(record(builder, id)).toMatchObject({ placement, turned: -0.3 });
    builder.run(moveItem, { id, placement });
    expect(record(builder, id)).not.toHaveProperty('turned');
  });

  it('mirrors the corner of an L cabinet to its other end', () => {
    const builder = rectangle();
    const id = builder.set('F900-L', 'face-a', 0);
    const inside = (x: number, y: number) =>
      box(builder, id).pieces.some((piece) => contains(piece, { x, y: -y }));
    expect([inside(800, 300), inside(300, 800), inside(800, 800)]).toEqual([true, true, false]);
    builder.run(mirrorItems, { ids: [id] });
    expect([inside(100, 300), inside(600, 800), inside(100, 800)]).toEqual([true, true, false]);
  });
});

describe('ties on bent faces', () => {
  it('typed, then read, give back the typed length within 1e-6 mm', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(-700, 260, 900, 2300),
        fc.constantFrom('left' as const, 'right' as const, 'behind' as const, 'front' as const),
        fc.double({ min: 20, max: 400, noNaN: true }),
        (bend, side, typed) => {
          const builder = rectangle();
          builder.run(bendFace, {
            face: 'face-a',
            bend: { depth: Math.abs(bend), side: bend > 0 ? 'out' : 'in' },
          });
          const { length } = roomShape(builder.design).byId.get('face-a')!;
          builder.set('F300', 'face-a', length / 2 - 950);
          const id = builder.set('F500', 'face-a', length / 2 - 250);
          builder.set('F300', 'face-a', length / 2 + 650);
          const set = setTie.run(builder.design, { id, side, distance: typed });
          // Where what it was measured to is out of sight at that distance, it says so.
          if (!set.ok) return expect(sentence(set)).toContain('to measure from');
          builder.run(setTie, { id, side, distance: typed });
          expect(Math.abs(tieOn(builder.design, box(builder, id), side)!.distance - typed)).toBeLessThan(
            1e-6,
          );
        },
      ),
      { numRuns: 80 },
    );
  });

  it('are met to the right as well as to the left, where an item turns faster than it slides', () => {
    for (const [depth, from] of [
      [700, 2600],
      [100, 800],
      [1800, 2000],
    ] as const)
      for (const side of ['left', 'right'] as const) {
        const builder = rectangle(4000, 5000);
        builder.run(bendFace, { face: 'face-a', bend: { depth, side: 'in' } });
        const id = builder.set('F600', 'face-a', from);
        builder.run(setTie, { id, side, distance: 100 });
        expect(Math.abs(tieOn(builder.design, box(builder, id), side)!.distance - 100)).toBeLessThan(2e-6);
      }
  });

  it('are met on both sides of a neighbour at a usual distance', () => {
    for (const bend of [-700, 260, 900]) {
      const builder = rectangle();
      builder.run(bendFace, {
        face: 'face-a',
        bend: { depth: Math.abs(bend), side: bend > 0 ? 'out' : 'in' },
      });
      const { length } = roomShape(builder.design).byId.get('face-a')!;
      builder.set('F300', 'face-a', length / 2 - 950);
      const id = builder.set('F500', 'face-a', length / 2 - 250);
      builder.run(setTie, { id, side: 'left', distance: 50 });
      expect(tieOn(builder.design, box(builder, id), 'left')!.distance).toBeCloseTo(50, 6);
      expect(box(builder, id).against).not.toBeNull();
    }
  });
});

describe('ties up and down', () => {
  it('reach to the top over a cabinet, to what hangs above, to the floor and the ceiling', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const wall = builder.set('U600/720', 'face-a', 0);
    const read = (side: 'above' | 'below') => tieOn(builder.design, box(builder, wall), side)!;
    expect(read('below')).toMatchObject({ distance: 1400 - 900, to: { kind: 'item', id: 'item-1' } });
    expect(read('above')).toMatchObject({ distance: 2400 - 2120, to: { kind: 'ceiling' } });
    builder.run(setTie, { id: wall, side: 'above', distance: 0 });
    expect(record(builder, wall).up).toBe(1680);
    builder.run(setTie, { id: wall, side: 'below', distance: 460.5 });
    expect(record(builder, wall).up).toBe(1360.5);
    const alone = builder.set('U600/720', 'face-a', 2000);
    builder.run(setTie, { id: alone, side: 'below', distance: 1500 });
    expect(record(builder, alone).up).toBe(1500);
    expect(sentence(setTie.run(builder.design, { id: alone, side: 'below', distance: -5 }))).toContain(
      'height above the floor can’t be -5 mm',
    );
  });
});

describe('placing items to one another', () => {
  it('lines up edges and middles in plan and height', () => {
    const builder = rectangle();
    const base = builder.set('F900', 'face-a', 1000);
    const wall = builder.set('U600/720', 'face-a', 300);
    const at = () => box(builder, wall).against!.along;
    const line = (edge: Parameters<typeof lineUpItems.run>[1]['edge']) =>
      builder.run(lineUpItems, { ids: [base, wall], to: base, edge });
    line('left');
    expect(at()).toBe(1000);
    line('right');
    expect(at()).toBe(1300);
    line('centre');
    expect(at()).toBe(1150);
    line('front');
    expect(record(builder, wall).placement).toMatchObject({ off: 560 - 350 });
    line('back');
    expect(record(builder, wall).placement).toMatchObject({ off: 0 });
    line('top');
    expect(record(builder, wall).up).toBe(870 - 720);
    expect(record(builder, base).placement).toMatchObject({ distance: 1000 });
  });

  it('centres on a face, an opening, an item and an open length', () => {
    const builder = rectangle();
    const opening = builder.open('face-a', 'window', 1700, { width: 1000 });
    const id = builder.set('F600', 'face-a', 0);
    const other = builder.set('F900', 'face-c', 500);
    const along = () => box(builder, id).against!.along;
    builder.run(centreItems, { ids: [id], on: { opening } });
    expect(along()).toBe(1900);
    builder.run(centreItems, { ids: [id], on: { face: 'face-a' } });
    expect(along()).toBe(1700);
    builder.run(centreItems, { ids: [id], on: { gap: { face: 'face-a', at: 100 } } });
    expect(along()).toBe(850 - 300);
    builder.run(centreItems, { ids: [id], on: { item: other } });
    expect(along() + 300).toBe(4000 - 500 - 450);
    builder.run(bendFace, { face: 'face-a', bend: { depth: 600, side: 'out' } });
    builder.run(centreItems, { ids: [id], on: { face: 'face-a' } });
    const { length } = roomShape(builder.design).byId.get('face-a')!;
    expect(along() + 300).toBeCloseTo(length / 2, 5);
  });

  it('spaces three or more equally between the outer two', () => {
    const builder = rectangle();
    const ids = [
      builder.set('F300', 'face-a', 0),
      builder.set('F300', 'face-a', 450),
      builder.set('F600', 'face-a', 1000),
      builder.set('F300', 'face-a', 3000),
    ];
    builder.run(spaceItems, { ids: [ids[2]!, ids[0]!, ids[3]!, ids[1]!] });
    expect(ids.map((id) => box(builder, id).against!.along)).toEqual([0, 900, 1800, 3000]);
    expect(sentence(spaceItems.run(builder.design, { ids: ids.slice(0, 2) }))).toContain(
      'Choose 3 items or more',
    );
  });

  it('sets one so far from a chosen one, whichever side it stands on', () => {
    const builder = rectangle();
    const island = builder.place('F900', { on: 'floor', x: 1500, y: -1200, turn: 0.2 });
    const stool = builder.place('STOOL380/650', { on: 'floor', x: 1300, y: -2400, turn: 0 });
    fc.assert(
      fc.property(
        fc.constantFrom('beside' as const, 'before' as const),
        fc.double({ min: -50, max: 700, noNaN: true }),
        (way, typed) => {
          builder.run(setApart, { id: stool, from: island, way, distance: typed });
          const read = apartFrom(box(builder, stool), box(builder, island), way);
          expect(Math.abs(read.distance - typed)).toBeLessThan(2e-6);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('repeats along a bent face so that the gap is there where the copies come nearest', () => {
    for (const side of ['in', 'out'] as const)
      for (const gap of [0, 40]) {
        const builder = rectangle(4000, 5000);
        builder.run(bendFace, { face: 'face-a', bend: { depth: 700, side } });
        const id = builder.set('F600', 'face-a', 300);
        builder.run(repeatItems, { ids: [id], times: 2, side: 'right', gap, copies: ['x', 'y'] });
        const apart = (a: string, b: string) =>
          Math.min(
            ...box(builder, a).rectangle.flatMap((one) =>
              box(builder, b).rectangle.map((other) => distance(one, other)),
            ),
          );
        expect(apart(id, 'x')).toBeCloseTo(gap, 4);
        expect(apart('x', 'y')).toBeCloseTo(gap, 4);
      }
  });

  it('repeats along a face and in the room, each with its own number', () => {
    const builder = rectangle();
    const id = builder.set('F600', 'face-a', 0);
    builder.run(repeatItems, { ids: [id], times: 3, side: 'right', gap: 100, copies: ['x', 'y', 'z'] });
    expect(['x', 'y', 'z'].map((copy) => box(builder, copy).against!.along)).toEqual([700, 1400, 2100]);
    expect(['x', 'y', 'z'].map((copy) => itemNumbers(builder.design).get(copy))).toEqual([2, 3, 4]);
    const stool = builder.place('STOOL380/650', { on: 'floor', x: 1000, y: -2000, turn: quarter });
    builder.run(repeatItems, { ids: [stool], times: 1, side: 'right', gap: 220, copies: ['s2'] });
    expect(distance(middleOf(box(builder, 's2')), middleOf(box(builder, stool)))).toBeCloseTo(600, 5);
    expect(
      sentence(repeatItems.run(builder.design, { ids: [id], times: 51, side: 'right', gap: 0, copies: [] })),
    ).toContain('from 1 to 50');
  });
});

describe('several as one', () => {
  it('keep their places to one another wherever the block is set, in another room too', () => {
    const builder = rectangle();
    const ids = [builder.set('F600', 'face-a', 200), builder.set('F900-S', 'face-a', 850)] as const;
    const block = blockOf([box(builder, ids[0]), box(builder, ids[1])]);
    expect([block.width, block.depth, block.low, block.high]).toEqual([1550, 560, 0, 870]);
    builder.run(moveItems, {
      ids,
      placement: { on: 'face', face: 'face-c', from: 'right', distance: 300, off: 0 },
    });
    expect(ids.map((id) => box(builder, id).against)).toMatchObject([
      { face: { letter: 'C' }, along: 2150 },
      { face: { letter: 'C' }, along: 2800 },
    ]);
    const other = rectangle(5000, 4000);
    const copy = JSON.parse(JSON.stringify(block)) as typeof block;
    other.run(setBlock, {
      ids: ['p', 'q'],
      block: copy,
      placement: { on: 'floor', x: 2000, y: -2000, turn: 1 },
    });
    const gap = tieOn(other.design, box(other, 'p'), 'right')!;
    expect(gap).toMatchObject({ distance: expect.closeTo(50, 5), to: { id: 'q' } });
  });

  it('are one group until they are taken out of it; locked ones refuse every change', () => {
    const builder = rectangle();
    const ids = [builder.set('F600', 'face-a', 0), builder.set('F300', 'face-a', 600)];
    builder.run(groupItems, { ids, group: 'group-1' });
    expect(ids.map((id) => record(builder, id).group)).toEqual(['group-1', 'group-1']);
    builder.run(groupItems, { ids, group: null });
    expect(record(builder, ids[0]!)).not.toHaveProperty('group');
    const [id] = ids as [string, string];
    builder.run(lockItems, { ids: [id], locked: true });
    const refusals = [
      moveItem.run(builder.design, { id, placement: { on: 'floor', x: 1, y: 1, turn: 0 } }),
      setTie.run(builder.design, { id, side: 'right', distance: 9 }),
      turnItems.run(builder.design, { ids, by: 1 }),
      editItems.run(builder.design, { ids: [id], change: { width: 500 } }),
      removeThings.run(builder.design, ids),
    ];
    for (const refusal of refusals) expect(sentence(refusal)).toBe('F600 is locked. Unlock it first.');
    builder.run(lockItems, { ids: [id], locked: false });
    expect(
      moveItem.run(builder.design, { id, placement: { on: 'floor', x: 1000, y: -1500, turn: 0 } }).ok,
    ).toBe(true);
  });
});

describe('numbers', () => {
  it('stay when something is set between, and go clockwise from a chosen item when asked anew', () => {
    const builder = rectangle();
    const a = builder.set('F600', 'face-a', 0);
    const b = builder.set('F600', 'face-a', 1800);
    const between = builder.set('F600', 'face-a', 900);
    const free = builder.place('F900', { on: 'floor', x: 1500, y: -1800, turn: 0 });
    const c = builder.set('F600', 'face-c', 0);
    const read = () => [a, between, b, c, free].map((id) => itemNumbers(builder.design).get(id));
    expect(read()).toEqual([1, 3, 2, 5, 4]);
    builder.run(renumberItems, {});
    expect(read()).toEqual([1, 2, 3, 4, 5]);
    builder.run(renumberItems, { first: b });
    expect(read()).toEqual([4, 5, 1, 2, 3]);
    builder.run(removeThings, [between]);
    expect(builder.set('F300', 'face-b', 0) && itemNumbers(builder.design).size).toBe(5);
    expect(new Set(itemNumbers(builder.design).values()).size).toBe(5);
    expect(itemBoxes(builder.design).every(({ record: item }) => item.number !== undefined)).toBe(true);
  });
});
