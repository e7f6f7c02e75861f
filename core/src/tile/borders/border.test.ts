import { describe, expect, it } from 'vitest';
import { rectangle as rectangleRoom } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import { setFaceLength } from '../../commands/set-face-length';
import { setOutZone } from '../../commands/set-out-zone';
import { recordOf } from '../../document/design';
import type { BorderCorner } from '../../document/limits';
import { borderCorners } from '../../document/limits';
import type { ZoneBorder, ZoneRecord } from '../../document/records';
import { rotate, type Point } from '../../geometry/point';
import { boundsOf, signedArea, type Polygon } from '../../geometry/polygon';
import { randomFrom } from '../../geometry/random';
import { intersect, union, without } from '../../geometry/region';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { usualZone } from '../zones/usual-zone';
import { borderOf, findZone } from '../zones/zone-areas';
import { layZone, tiledZone } from '../zones/zone-laying';
import { zoneOrder } from '../zones/zone-order';
import { borderPath } from './border-path';

const rectangle = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const border = (change: Partial<ZoneBorder> = {}): ZoneBorder => ({
  ...{ inset: 0, tile: { w: 197, h: 97 }, corners: 'butt' },
  ...change,
});
const zoneWith = (of: ZoneBorder, change: Partial<ZoneRecord> = {}): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 297, h: 297 }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
  ...{ border: of, spares: 0 },
  ...change,
});
const RUNS = Number(process.env['TILE_RUNS'] ?? 60);
const area = (region: readonly Polygon[]) => region.reduce((sum, ring) => sum + signedArea(ring), 0);
const tiled = (zone: ZoneRecord, rings: readonly Polygon[]) =>
  must(tiledZone({ record: zone, rings, holes: [] }));
const slots = (zone: ZoneRecord, rings: readonly Polygon[]) => tiled(zone, rings).count.bySlot;

describe('a border', () => {
  // 4000 × 3000 with 97 and a joint of 3 all round: the field is 3800 × 2800.
  const room = [rectangle(0, 0, 4000, 3000)];

  it('leaves the field a joint within it, square and exact', () => {
    for (const corners of borderCorners) {
      const zone = zoneWith(border({ corners }));
      expect(borderOf(zone, room)!.field).toEqual([rectangle(100, 100, 3900, 2900)]);
      const { field, narrowest } = tiled(zone, room);
      expect(field.zoneArea).toBe(3800 * 2800);
      // Of the first tile 100 lie under the border; the last one along ends in a joint there, of the last up 200 are left.
      expect(narrowest).toBeCloseTo(197, 9);
    }
  });

  it('goes through at one end of each side where it is butted', () => {
    // Each side runs from beside the one before to the far edge: 3900 and 2900, less a joint at its start.
    const strips = borderOf(zoneWith(border()), room)!.stretches.map(({ laid }) => laid.zoneArea / 97);
    expect(strips.map((long) => Math.round(long * 1e6) / 1e6)).toEqual([3900, 2900, 3900, 2900]);
  });

  it('has a square piece at each corner of four, and sides between them', () => {
    const zone = zoneWith(border({ corners: 'square' }));
    const { border: stretches, count } = tiled(zone, room);
    expect(count.bySlot['corner']).toEqual({ whole: 4, cut: 0 });
    const long = stretches.filter(({ laid }) => laid.pieces[0]!.piece.slot === 'border');
    expect(long.map(({ laid }) => Math.round(laid.zoneArea / 97))).toEqual([3800, 2800, 3800, 2800]);
  });

  it('is mitred: each side a trapezium, half a joint short of the corner’s line', () => {
    const { stretches } = borderOf(zoneWith(border({ corners: 'mitre' })), room)!;
    // The line from corner to corner is at 45 degrees: 1.5 beside it is 1.5·√2 along.
    const short = 1.5 * Math.SQRT2;
    for (const [index, side] of [4000, 3000, 4000, 3000].entries())
      expect(stretches[index]!.laid.zoneArea).toBeCloseTo((side - 2 * short - 97) * 97, 6);
  });

  it('lies so far within the edge as is said, the field going on outside it', () => {
    const zone = zoneWith(border({ inset: 300, corners: 'square' }));
    const { stretches, field } = borderOf(zone, room)!;
    const band = union(stretches.flatMap(({ laid }) => laid.pieces.flatMap((piece) => piece.outline())));
    expect(boundsOf(band.flat())).toEqual({ left: 300, right: 3700, bottom: 300, top: 2700 });
    // Outside it 297 are left between the edge and its joint.
    expect(area(field)).toBeCloseTo(4000 * 3000 - 3406 * 2406 + (3400 - 200) * (2400 - 200), 6);
    const laid = tiled(zone, room);
    expect(laid.laid.zoneArea).toBe(4000 * 3000);
    expect(laid.field.zoneArea).toBeCloseTo(area(field), 6);
  });

  it('tells its short ends as slivers, at the limit not', () => {
    const isTold = (sliver: number) => {
      const { slivers, border: stretches } = tiled(zoneWith(border(), { sliver }), room);
      return stretches.flatMap(({ laid }) => laid.pieces).some((piece) => slivers.has(piece));
    };
    const least = Math.min(...borderOf(zoneWith(border()), room)!.cuts.map(({ long }) => long));
    // Of 3900 less its joint, in tiles of 197: 18 whole, and 148.5 at either end; of 2900 as much.
    expect(least).toBeCloseTo(148.5, 6);
    expect([isTold(least - 0.001), isTold(least), isTold(least + 0.001)]).toEqual([false, false, true]);
  });

  it('is ordered by itself, corner pieces too', () => {
    const zone = zoneWith(border({ corners: 'square', finish: 'Jetty' }));
    const { sizes } = must(zoneOrder(zone, tiled(zone, room)));
    expect(sizes.map(({ of, tile }) => [of, tile.w, Math.round(tile.h)])).toEqual([
      ['first', 297, 297],
      ['border', 197, 97],
      ['border', 97, 97],
    ]);
    expect(sizes[2]!.tiles).toBe(4);
  });

  it('goes round an inside corner, and not round an island', () => {
    const ell = [
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: 1500 },
      { x: 2500, y: 1500 },
      { x: 2500, y: 3000 },
      { x: 0, y: 3000 },
    ];
    const island = rectangle(1000, 1000, 1500, 1400).reverse();
    const zone = zoneWith(border({ corners: 'square' }));
    expect(slots(zone, [ell, island])['corner']).toEqual({ whole: 6, cut: 0 });
    const { field } = borderOf(zone, [ell, island])!;
    expect(area(field)).toBeCloseTo(3800 * 1300 + 2300 * 1500 - 500 * 400, 6);
  });

  it('goes straight past a step and a bay that have no room for corners, just and not', () => {
    const step = (deep: number): Point[] => [
      { x: 0, y: 0 },
      { x: 2000, y: 0 },
      { x: 2000, y: deep },
      { x: 4000, y: deep },
      { x: 4000, y: 3000 },
      { x: 0, y: 3000 },
    ];
    const bottoms = (deep: number) =>
      borderPath(step(deep), 0, 100)!
        .outer.map(({ y }) => y)
        .sort((a, b) => a - b);
    expect(bottoms(15)).toEqual([15, 15, 3000, 3000]);
    expect(bottoms(199)).toEqual([199, 199, 3000, 3000]);
    expect(bottoms(200)).toHaveLength(6);
    const bay = [
      { x: 0, y: 0 },
      { x: 1000, y: 0 },
      { x: 1000, y: -80 },
      { x: 1800, y: -80 },
      { x: 1800, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: 3000 },
      { x: 0, y: 3000 },
    ];
    expect(boundsOf(borderPath(bay, 0, 100)!.outer)).toEqual({ left: 0, right: 4000, bottom: 0, top: 3000 });
    expect(borderPath(bay, 0, 100)!.outer).toHaveLength(4);
    // The field goes on in the bay, beyond the border.
    const { field } = borderOf(zoneWith(border()), [bay])!;
    expect(area(intersect(field, [rectangle(900, -100, 1900, 0)]))).toBeCloseTo(
      800 * (80 - 3) + 2 * 100 * 3,
      3,
    );
  });

  it('is cut by a stub it goes straight past', () => {
    const stub = [
      { x: 0, y: 0 },
      { x: 1000, y: 0 },
      { x: 1000, y: 60 },
      { x: 1100, y: 60 },
      { x: 1100, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: 3000 },
      { x: 0, y: 3000 },
    ];
    const { border: stretches } = tiled(zoneWith(border()), [stub]);
    const pieces = stretches.flatMap(({ laid }) => laid.pieces.flatMap((piece) => piece.outline()));
    expect(area(intersect(pieces, [rectangle(1000, 0, 1100, 60)]))).toBeCloseTo(0, 3);
    expect(area(intersect(pieces, [rectangle(1000, 60, 1100, 97)]))).toBeGreaterThan(90 * 37);
  });

  it('has no place where there is no room, just and not', () => {
    const wide = (h: number) => borderPath(rectangle(0, 0, 1000, 2 * h + 20), 0, h);
    expect(wide(97)).not.toBeNull();
    expect(borderPath(rectangle(0, 0, 1000, 2 * 97), 0, 97)).toBeNull();
    // Between the two something of the field is left beside their joints, just and not.
    const beside = (joint: number) => borderPath(rectangle(0, 0, 1000, 2 * 97 + 7), 0, 97, joint);
    expect([beside(3.4) !== null, beside(3.5)]).toEqual([true, null]);
    const zone = zoneWith(border());
    const narrow = [rectangle(0, 0, 1000, 194)];
    expect(borderOf(zone, narrow)!.stretches).toEqual([]);
    expect(borderOf(zone, narrow)!.field).toEqual(narrow);
  });

  it('never lies over itself or the field, and leaves no more than joints: random rooms against the library', () => {
    const random = randomFrom(7);
    const between = (from: number, to: number) => from + random() * (to - from);
    for (let round = 0; round < RUNS; round++) {
      const corners = borderCorners[round % 3] as BorderCorner;
      const [w, h] = [between(2500, 5000), between(2500, 4000)];
      const turn = round % 4 === 3 ? between(0, 1) : 0;
      const parts = [
        rectangle(0, 0, w, h),
        rectangle(w - 1, between(0, 500), w + between(300, 1500), between(1500, h)),
        rectangle(between(300, 900), h - 1, between(1500, w), h + between(10, 900)),
      ];
      const zone = zoneWith(
        border({
          corners,
          inset: round % 2 ? 0 : between(0, 400),
          tile: { w: between(60, 400), h: between(20, 120) },
        }),
        { joint: between(1, 6), origin: { x: between(0, 300), y: between(0, 300) } },
      );
      const rings = without(union(parts), [
        rectangle(between(900, 1200), 900, 1500, 1300),
        rectangle(-10, 500, between(10, 700), 1500),
      ]).map((ring) => ring.map((at) => rotate(at, turn)));
      const laid = tiled(zone, rings);
      const pieces = laid.laid.pieces.map((piece) => piece.outline());
      const covered = union(pieces.map((rings) => without(rings, [])).flat());
      const sum = laid.laid.tiledArea;
      // What lies twice would be missing from what is covered.
      expect(area(covered) / sum).toBeCloseTo(1, 5);
      expect(area(without(covered, rings))).toBeLessThan(1e-5 * sum);
      expect(laid.laid.zoneArea / area(rings)).toBeCloseTo(1, 6);
      // No place is further from a tile than the widest joint allows: half of √2 joints, where corners meet.
      const grown = pieces.flat().map((ring) => {
        const { left, right, bottom, top } = boundsOf(ring);
        return rectangle(
          left - 2 * zone.joint,
          bottom - 2 * zone.joint,
          right + 2 * zone.joint,
          top + 2 * zone.joint,
        );
      });
      if (turn === 0) expect(area(without(rings, grown))).toBeLessThan(1);
    }
  });

  it('is refused where it has no room, but not for what has stood there before', () => {
    const plan = rectangleRoom(4000, 3000);
    const zone = usualZone(plan.design, { id: 'floor', face: null });
    const wide = (h: number) =>
      putZone.run(plan.design, { ...zone, border: border({ tile: { w: 300, h } }) });
    expect(wide(1_495).ok).toBe(true);
    const refused = wide(1_500);
    expect(refused.ok).toBe(false);
    if (!refused.ok) expect(refusalText(refused.refusal)).toContain('no room for a border that takes 1500');
    plan.run(putZone, { ...zone, border: border({ tile: { w: 300, h: 900 } }) });
    plan.run(setFaceLength, { face: 'face-b', length: 1_700 });
    const after = plan.design;
    expect(tiled(recordOf(after, 'zone', 'floor')!, findZone(after, 'floor')!.rings).border).toEqual([]);
    expect(setOutZone.run(after, { id: 'floor', origin: { x: 5, y: 5 } }).ok).toBe(true);
  });

  it('is the same whatever the field does', () => {
    const zone = zoneWith(border());
    const held = borderOf(zone, room)!;
    const moved = layZone({ ...zone, origin: { x: 50, y: 0 } }, held.field, { border: held });
    expect(must(moved).border).toBe(held.stretches);
    expect(borderOf({ ...zone, origin: { x: 9, y: 9 } }, [...room])).toBe(held);
  });
});

describe('a border round an island', () => {
  const room = rectangle(0, 0, 4000, 3000);
  const island = rectangle(1000, 1000, 2000, 2000).reverse();
  const round = (change: Partial<ZoneBorder> = {}) => zoneWith(border({ islands: true, ...change }));
  const rest = (zone: ZoneRecord, rings: readonly Polygon[]) => area(borderOf(zone, rings)!.field);

  it('lies off it as that along the walls does, whichever way corners are made', () => {
    for (const corners of borderCorners) {
      const zone = round({ corners });
      // 97 and a joint round 1000 by 1000 as well as along the walls.
      expect(rest(zone, [room, island])).toBeCloseTo(3800 * 2800 - 1200 * 1200, 6);
      const { stretches } = borderOf(zone, [room, island])!;
      const pieces = stretches.flatMap(({ laid }) => laid.pieces.map((piece) => piece.outline()));
      const all = pieces.flat();
      // No two lie on one another, and what is about the island lies between it and the field.
      expect(area(union(all))).toBeCloseTo(area(all), 0);
      const about = all.filter((ring) => intersect([ring], [rectangle(850, 850, 2150, 2150)]).length > 0);
      const band = without([rectangle(903, 903, 2097, 2097)], [rectangle(1000, 1000, 2000, 2000)]);
      expect(area(without(about, band))).toBeCloseTo(0, 2);
      expect(area(about)).toBeGreaterThan(0.9 * area(band));
    }
    expect(rest(zoneWith(border()), [room, island])).toBe(3800 * 2800 - 1000 * 1000);
  });

  it('has field on both sides where it stands off', () => {
    const zone = round({ inset: 50 });
    // Along the walls 50 of field less a joint outside it; about the island 47 all round as well.
    const walls = 4000 * 3000 - (4000 - 94) * (3000 - 94);
    const islands = 1094 ** 2 - 1000 ** 2;
    const within = (4000 - 300) * (3000 - 300) - 1300 ** 2;
    expect(rest(zone, [room, island])).toBeCloseTo(walls + islands + within, 6);
  });

  it('is none where it would come to the walls’ border, to what else is there, or to another’s', () => {
    const near = (left: number) => rectangle(left, 1000, left + 500, 1500).reverse();
    // The border of the wall ends at 100, that of the island 100 before it.
    expect(rest(round(), [room, near(201)])).toBeCloseTo(3800 * 2800 - 700 * 700, 6);
    expect(rest(round(), [room, near(199)])).toBeCloseTo(3800 * 2800 - 500 * 500, 6);
    const [one, other] = [near(1000), near(1699)];
    expect(rest(round(), [room, one, other])).toBeCloseTo(3800 * 2800 - 700 * 700 - 500 * 500, 6);
    expect(rest(round(), [room, one, near(1701)])).toBeCloseTo(3800 * 2800 - 2 * 700 * 700, 6);
  });

  it('is counted and laid with its field, pieces nowhere on one another', () => {
    const random = randomFrom(7);
    for (let run = 0; run < RUNS / 4; run++) {
      const [x, y] = [600 + random() * 1500, 500 + random() * 1000];
      const [w, h, turn] = [300 + random() * 700, 300 + random() * 700, random() * 3];
      const slanted = rectangle(0, 0, w, h)
        .map((at) => rotate(at, turn))
        .map((at) => ({ x: at.x + x, y: at.y + y }))
        .reverse();
      const corners = borderCorners[run % borderCorners.length]!;
      const { laid } = tiled(round({ corners, inset: random() * 80 }), [room, slanted]);
      const all = laid.pieces.flatMap((piece) => piece.outline());
      expect(area(union(all)) / area(all)).toBeCloseTo(1, 6);
      expect(area(without(all, without([room], [slanted])))).toBeLessThan(1);
    }
  });
});
