import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import { setOutZones } from '../../commands/set-out-zones';
import type { RoomBuilder } from '../../demo/build-room';
import type { SetOutAim } from '../../document/limits';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { must } from '../../result';
import { scoreSetOut } from './set-out-score';
import { layingOf, usualAims, type SetOut } from './set-outs';
import { bestSetOutsTogether, type SharingZone } from './set-outs-together';
import { sharedLines, sharedWith } from './shared-lines';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { layZone } from './zone-laying';

const tile = { pattern: { type: 'grid' }, tile: { w: 200, h: 200 }, joint: 2 } as const;
function tiled(room: RoomBuilder, id: string, face: string | null, change: Partial<ZoneRecord> = {}): void {
  room.run(putZone, { ...usualZone(room.design, { id, face }), ...tile, ...change });
}
function sharing(
  room: RoomBuilder,
  ids: readonly string[],
  round = false,
  sight: number[] = [],
): SharingZone[] {
  const areas = ids.map((id) => findZone(room.design, id)!);
  const lines = sharedLines(room.design, areas, round);
  return areas.map(({ record, rings }, index) => ({ zone: record, rings, sight, lines: lines[index]! }));
}
const shared = (room: RoomBuilder, ids: readonly string[], round = false) => {
  const areas = ids.map((id) => findZone(room.design, id)!);
  const lines = sharedLines(room.design, areas, round);
  return sharedWith(areas.map((area, index) => ({ ...area, lines: lines[index]! })));
};
const best = (zones: readonly SharingZone[], aims: readonly SetOutAim[] = usualAims) =>
  bestSetOutsTogether({ zones, aims });

/** Where tiles begin in the first module along a line of the plan or up a wall. */
const begun = (at: number, module: number) => {
  const rest = ((at % module) + module) % module;
  return module - rest < 1e-3 ? 0 : rest;
};
const placesOf = (answer: SetOut): Record<string, ZonePlace> =>
  Object.fromEntries([answer, ...answer.others].map(({ id, origin }) => [id, origin]));

describe('zones that are set out together', () => {
  it('have courses at the same heights, on faces joints along the floor’s, and go on round corners where that is asked', () => {
    const room = rectangle(4000, 3000);
    for (const [id, face] of [
      ['floor', null],
      ['a', 'face-a'],
      ['b', 'face-b'],
      ['c', 'face-c'],
    ] as const)
      tiled(room, id, face);
    expect(shared(room, ['a', 'b'])).toEqual([1, 1]);
    expect(shared(room, ['a', 'b'], true)).toEqual([2, 2]);
    expect(shared(room, ['a', 'c'], true)).toEqual([1, 1]);
    expect(shared(room, ['floor', 'a'])).toEqual([1, 1]);
    expect(shared(room, ['floor', 'a', 'b'])).toEqual([2, 2, 2]);
    const { answers, proven } = best(sharing(room, ['floor', 'a', 'b', 'c']));
    expect(proven).toBe(true);
    for (const answer of answers) {
      const at = placesOf(answer);
      const areas = Object.fromEntries(
        ['floor', 'a', 'b', 'c'].map((id) => [id, findZone(room.design, id)!]),
      );
      expect(at.b!.y).toBeCloseTo(at.a!.y, 3);
      expect(at.c!.y).toBeCloseTo(at.a!.y, 3);
      const onFloor = areas.floor!.surface.toPlan(at.floor!);
      const onFace = (id: string) => areas[id]!.surface.toPlan(at[id]!);
      expect(begun(onFace('a').x - onFloor.x, 202)).toBeCloseTo(0, 3);
      // Faces that run against the floor: where their tile begins, one of the floor ends.
      expect(begun(onFace('c').x - onFloor.x - 200, 202)).toBeCloseTo(0, 3);
      expect(begun(onFace('b').y - onFloor.y - 200, 202)).toBeCloseTo(0, 3);
    }
    const round = placesOf(best(sharing(room, ['a', 'b', 'c'], true)).answers[0]!);
    const zero = (id: string) => findZone(room.design, id)!.surface.zero;
    expect(begun(zero('a') + round.a!.x - (4000 + zero('b') + round.b!.x), 202)).toBeCloseTo(0, 3);
    expect(begun(zero('b') + round.b!.x - (3000 + zero('c') + round.c!.x), 202)).toBeCloseTo(0, 3);
  });

  it('share nothing where tiles, joints or ways differ', () => {
    const room = rectangle(4000, 3000);
    tiled(room, 'floor', null);
    tiled(room, 'a', 'face-a');
    tiled(room, 'b', 'face-b', { tile: { w: 300, h: 200 } });
    expect(shared(room, ['a', 'b'], true)).toEqual([1, 1]);
    expect(shared(room, ['floor', 'b'])).toEqual([0, 0]);
    tiled(room, 'b', 'face-b', { joint: 2.5 });
    expect(shared(room, ['a', 'b'], true)).toEqual([0, 0]);
    tiled(room, 'b', 'face-b', { angle: 0.2 });
    expect(shared(room, ['a', 'b'], true)).toEqual([0, 0]);
    // Tiles on end have their long side up.
    tiled(room, 'a', 'face-a', { tile: { w: 300, h: 200 } });
    tiled(room, 'b', 'face-b', { tile: { w: 200, h: 300 }, angle: Math.PI / 2 });
    expect(shared(room, ['a', 'b'], true)).toEqual([2, 2]);
    tiled(room, 'a', 'face-a', { pattern: { type: 'hexagon' } });
    expect(shared(room, ['a', 'b'], true)).toEqual([0, 0]);
  });

  it('do not bind a room’s joints to themselves all round', () => {
    const room = rectangle(4000, 3000);
    const ids = ['a', 'b', 'c', 'd'];
    for (const id of ids) tiled(room, id, `face-${id}`);
    expect(shared(room, ids, true)).toEqual([2, 2, 2, 2]);
    const at = placesOf(best(sharing(room, ids, true)).answers[0]!);
    const along = (id: string, from: number) => from + findZone(room.design, id)!.surface.zero + at[id]!.x;
    const starts = [along('a', 0), along('b', 4000), along('c', 7000), along('d', 11000)];
    for (const start of starts) expect(begun(start - starts[0]!, 202)).toBeCloseTo(0, 3);
  });

  it('have the widest narrowest cut there is, in rooms of any size, as trying one place after another finds', () => {
    const side = fc.integer({ min: 1200, max: 1700 });
    fc.assert(
      fc.property(side, side, fc.constantFrom(0, 2), (w, d, turns) => {
        const room = rectangle(w, d);
        const size = { tile: { w: 97, h: 61 }, joint: 3 };
        tiled(room, 'floor', null, { ...size, angle: (turns * Math.PI) / 2 });
        tiled(room, 'a', 'face-a', size);
        const zones = sharing(room, ['floor', 'a']);
        const { answers, proven } = best(zones, ['narrowest']);
        expect(proven).toBe(true);
        const found = answers[0]!.score.narrowest;
        const narrowest = (zone: ZoneRecord, rings: SharingZone['rings'], origin: ZonePlace) =>
          must(layZone({ ...zone, origin }, rings)).narrowest ?? 61;
        // What the answer says is what is laid.
        const told = [answers[0]!, ...answers[0]!.others].map(({ origin }, index) =>
          narrowest(zones[index]!.zone, zones[index]!.rings, origin),
        );
        expect(Math.min(...told)).toBeCloseTo(found, 6);
        // Along the face both begin at the same place; the other ways are each for itself.
        const [floor, wall] = zones as [SharingZone, SharingZone];
        const areas = ['floor', 'a'].map((id) => findZone(room.design, id)!);
        const onFloor = (at: ZonePlace) => areas[0]!.surface.fromPlan(areas[1]!.surface.toPlan(at));
        let along = 0;
        for (let x = 0; x < 100; x += 0.5) {
          const its = onFloor({ x: turns === 2 ? x + 97 : x, y: 0 });
          along = Math.max(along, Math.min(widest(wall, { x, y: 0 }, 'x'), widest(floor, its, 'x')));
        }
        const tried = Math.min(along, widestUp(wall), widestUp(floor));
        expect(found).toBeGreaterThanOrEqual(tried - 1e-6);
        expect(found).toBeLessThanOrEqual(tried + 0.5);
      }),
      { numRuns: 12 },
    );
  });

  it('have another joint, the same for all, where that is allowed', () => {
    const room = rectangle(2022, 3000);
    tiled(room, 'a', 'face-a');
    tiled(room, 'b', 'face-b');
    const zones = sharing(room, ['a', 'b']);
    const layings = [2, 3, 4].map((joint) => zones.map(({ zone }) => ({ ...layingOf(zone), joint })));
    const { answers } = bestSetOutsTogether({ zones, aims: usualAims, layings });
    expect(new Set(answers.map(({ laying }) => laying.joint)).size).toBeGreaterThan(0);
    for (const { laying, others } of answers)
      for (const other of others) expect(other.laying.joint).toBe(laying.joint);
  });

  it('are judged by what is whole in sight on all of them, and are laid in one edit', () => {
    const room = rectangle(3000, 2550);
    tiled(room, 'a', 'face-a');
    tiled(room, 'b', 'face-b');
    const even = best(sharing(room, ['a', 'b'])).answers[0]!;
    const seen = best(sharing(room, ['a', 'b'], false, [0])).answers[0]!;
    expect(even.score.sight).toBe(0);
    expect(seen.score).toMatchObject({ sight: 0, slivers: 0 });
    expect(placesOf(seen).a!.y % 202).toBeCloseTo(0, 3);
    const zones = [seen, ...seen.others];
    room.run(setOutZones, { zones });
    for (const { id, origin } of zones) {
      const area = findZone(room.design, id)!;
      expect(area.record.origin).toEqual(origin);
      const laid = must(layZone(area.record, area.field));
      expect(scoreSetOut(area.record, laid, new Set([0])).sight).toBe(0);
    }
  });
});

/** The narrowest row one way of a zone that begins at a place. */
function widest({ zone, rings }: SharingZone, origin: ZonePlace, way: 'x' | 'y'): number {
  const { edges } = must(layZone({ ...zone, origin }, rings));
  const across = edges.filter(({ a, b }) => Math.abs(way === 'x' ? a.x - b.x : a.y - b.y) < 1e-6);
  return Math.min(way === 'x' ? 97 : 61, ...across.flatMap(({ size }) => size ?? []));
}

/** The widest the narrowest row across a zone's rows can be. */
function widestUp(zone: SharingZone): number {
  let most = 0;
  for (let y = 0; y < 64; y += 0.5) most = Math.max(most, widest(zone, { x: 0, y }, 'y'));
  return most;
}
