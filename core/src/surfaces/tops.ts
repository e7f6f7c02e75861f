import { perDesign, roomOf, type Design } from '../document/design';
import { place, dot, subtract, type Point } from '../geometry/point';
import { boundsMeet, boundsOf, signedArea, type Polygon } from '../geometry/polygon';
import { intersect, union, type Region } from '../geometry/region';
import { hasLegs } from '../ranges/handing';
import { runs, type Run } from '../setting/runs';
import { tieOn, type TieSide } from '../setting/ties';
import { roomShape } from '../survey/room-shape';

/** A countertop: its outline with overhangs, and the heights of its underside and surface above the floor, mm. */
export interface Top {
  /** The items it stands on. */
  items: string[];
  outline: Region;
  underside: number;
  surface: number;
  /** mm² */
  area: number;
}

/** A top reaches back to a wall no further than this behind the boxes, mm. */
const BACK_REACH = 60;

/**
 * The countertops of the room. Each run gives a strip from its back to the overhang past its deepest box; ends run to what stands
 * within the end overhang, or past a free end by it; strips of one height that meet are one top; walls cut them.
 */
export const tops: (design: Design) => readonly Top[] = perDesign((design) => {
  const { topThickness } = roomOf(design);
  const { outline } = roomShape(design);
  const strips = runs(design).map((run) => ({
    run,
    underside: Math.max(...run.map(({ high }) => high)),
    corners: strip(design, run),
    around: cornerTops(design, run),
  }));
  const levels = [...new Set(strips.map(({ underside }) => underside))].sort((a, b) => a - b);
  return levels.flatMap((underside) => {
    const level = strips.filter((one) => one.underside === underside);
    const rings = intersect(union(level.flatMap(({ corners, around }) => [corners, ...around])), [outline]);
    const solids = rings.filter((ring) => signedArea(ring) > 0);
    const holes = rings.filter((ring) => signedArea(ring) < 0);
    return solids.map((ring) => {
      const own = [ring, ...holes.filter((hole) => meet(ring, hole))];
      const carried = level.filter(({ corners }) => meet(ring, corners));
      return {
        items: carried.flatMap(({ run }) => run.map(({ id }) => id)),
        outline: own,
        underside,
        surface: underside + topThickness,
        area: own.reduce((sum, one) => sum + signedArea(one), 0),
      };
    });
  });
});

/** Whether two polygons share some area. */
function meet(a: Polygon, b: Polygon): boolean {
  return boundsMeet(boundsOf(a), boundsOf(b)) && intersect([a], [b]).length > 0;
}

/** What the corner cabinets of a run carry beside its strip: over their other legs, and before a front across the corner. */
function cornerTops(design: Design, run: Run): Point[][] {
  const { frontOverhang: over } = roomOf(design);
  return run.flatMap(({ record, kind, origin, u, n }) => {
    const { width, depth, hand, leg } = record;
    if (leg === undefined || !hasLegs(kind)) return [];
    const reach = leg + over;
    const inner: [number, number][] = [[reach, reach]];
    if (kind.plan === 'diagonal' && width > leg && depth > leg) {
      // The front across the corner is the line (x - leg) / a + (y - leg) / b = 1; moved out by the overhang it meets the front lines of both legs.
      const [a, b] = [width - leg, depth - leg];
      const moved = 1 + over * Math.hypot(1 / a, 1 / b);
      const along = leg + a * (moved - over / b);
      const out = leg + b * (moved - over / a);
      inner.splice(0, 1, [along, reach], [reach, out]);
    }
    const corners: [number, number][] = [
      [0, 0],
      [width, 0],
      [width, reach],
      ...inner,
      [reach, depth],
      [0, depth],
    ];
    const placed = corners.map(([along, out]) =>
      place(origin, u, hand === 'left' ? along : width - along, n, out),
    );
    return [hand === 'left' ? placed : placed.reverse()];
  });
}

/** The corners of a run's top before walls cut it. */
function strip(design: Design, run: Run): Point[] {
  const { frontOverhang, endOverhang } = roomOf(design);
  const first = run[0]!;
  const last = run.at(-1)!;
  const { origin, u, n } = first;
  const outOf = (point: Point) => dot(subtract(point, origin), n);
  const overhang = (box: typeof first, side: TieSide, most: number) => {
    const tie = tieOn(design, box, side);
    if (!tie || tie.distance > most) return most;
    return tie.to.kind === 'wall' ? most : Math.max(0, tie.distance);
  };
  const left = -overhang(first, 'left', endOverhang);
  const right =
    dot(subtract(last.origin, origin), u) + last.record.width + overhang(last, 'right', endOverhang);
  const front =
    Math.max(...run.map((box) => outOf(box.origin) + (box.record.leg ?? box.record.depth))) + frontOverhang;
  const behind = run.map((box) => ({ box, tie: tieOn(design, box, 'behind') }));
  const toWall = behind.some(({ tie }) => tie?.to.kind === 'wall' && tie.distance <= BACK_REACH);
  const toItem = behind.some(({ tie }) => tie?.to.kind === 'item' && tie.distance <= BACK_REACH);
  const back =
    Math.min(...run.map((box) => outOf(box.origin))) - (toWall ? BACK_REACH : toItem ? 0 : endOverhang);
  return [
    place(origin, u, left, n, back),
    place(origin, u, right, n, back),
    place(origin, u, right, n, front),
    place(origin, u, left, n, front),
  ];
}
