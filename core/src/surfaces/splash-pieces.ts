import { clipHalfPlane } from '../geometry/convex';
import { distance, dot, inward, place, scale, subtract, unit, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { SAME_PLACE, TOUCH } from '../geometry/tolerance';
import type { PlacedOpening } from '../survey/openings';
import { projectOn, wallHeightAt, type PlacedFace } from '../survey/placed-face';
import { footprintAlong, type Standing } from './edge-stretches';
import type { ItemSide } from './top-edge';

/** A piece of a splash between openings: its ends on the wall, its footprint, its heights above the floor, and at which ends the splash goes on. Lengths mm. */
export interface SplashPiece {
  a: Point;
  b: Point;
  footprint: Polygon;
  low: number;
  high: number;
  smooth: { from: boolean; to: boolean };
}

/** A stretch of splash on a wall: whose sides it is behind, where it runs with the top on its left, from the top's surface up. Lengths mm. */
export interface Splash {
  at: readonly [ItemSide, ...ItemSide[]];
  /** The face it is on; null on a fixed thing. */
  face: string | null;
  a: Point;
  b: Point;
  low: number;
  high: number;
  /** Up to what hangs there; set by hand. */
  full: boolean;
  own: boolean;
  /** What there is of it, openings left out; nothing where there is none. */
  pieces: readonly SplashPiece[];
}

/** What a splash is made to fit: openings, and what hangs over it. */
export interface Around {
  faces: readonly PlacedFace[];
  openings: readonly PlacedOpening[];
  hung: readonly Polygon[];
  /** The underside of each of them. */
  undersides: readonly number[];
}

/** What hangs no further from its wall than this ends a splash, mm. */
export const SHALLOW = 60;

/** How a splash is made: up to what hangs there, or so high over the top, mm (0: none); by hand. */
export type SplashWay = Pick<Splash, 'full' | 'own'> & { height: number };

/** A stretch of a top that can carry a splash, and how it is made. */
export type SplashRun = Standing & SplashWay & Pick<Splash, 'at' | 'face'>;

/** Runs of splash with what there is of each. */
export function madeSplashes(runs: readonly SplashRun[], low: number, around: Around): Splash[] {
  // What is shorter than it is thick is no splash, unless it is a chord of a bent wall.
  const isBent = ({ face }: SplashRun) => around.faces.some(({ id, arc }) => id === face && arc);
  const standing = (run: SplashRun) =>
    (run.full || run.height > 0) && (distance(run.a, run.b) > run.thick || isBent(run));
  // At a wall without one a splash ends at the wall itself.
  const asNeighbour = (run: SplashRun) => (standing(run) ? run : { ...run, thick: 0 });
  const same = (one: Point, other: Point) => distance(one, other) < SAME_PLACE;
  return runs.map((run, index) => {
    const [before, after] = [runs.at(index - 1)!, runs[(index + 1) % runs.length]!];
    const { at, face, a, b, full, own } = run;
    const pieces = standing(run)
      ? piecesOf(run, low, around, {
          before: before !== run && same(before.b, a) ? asNeighbour(before) : null,
          after: after !== run && same(b, after.a) ? asNeighbour(after) : null,
        })
      : [];
    const high = pieces.reduce((most, piece) => Math.max(most, piece.high), low);
    return { at, face, a, b, low, high, full, own, pieces };
  });
}

interface Beside {
  before: SplashRun | null;
  after: SplashRun | null;
}

/** What there is of a run of splash: a piece for every stretch between openings and under what hangs there, two where an opening has some under and some over it. */
function piecesOf(run: SplashRun, low: number, around: Around, { before, after }: Beside): SplashPiece[] {
  const { a, b, thick, full, height } = run;
  const [long, u] = [distance(a, b), unit(subtract(b, a))];
  const face = around.faces.find(({ id }) => id === run.face) ?? null;
  const holes = face ? openingsAlong(run, face, around.openings) : [];
  const hung = full ? hungAlong(run, around) : [];
  const most = face
    ? Math.min(...[a, b].map((end) => wallHeightAt(face, projectOn(face, end).along)))
    : Infinity;
  const otherwise = hung.length > 0 ? Math.min(...hung.map(({ low: from }) => from)) : most;
  const stops = [...holes, ...hung]
    .flatMap(({ from, to }) => [from, to])
    .filter((at) => at > TOUCH && at < long - TOUCH)
    .sort((one, other) => one - other);
  const bounds = [0, ...new Set(stops), long];
  return bounds.slice(1).flatMap((to, index): SplashPiece[] => {
    const from = bounds[index]!;
    const at = (from + to) / 2;
    const covers = (one: Along) => one.from <= at && one.to >= at;
    const over = hung.filter(covers).map(({ low: underside }) => underside);
    const wanted = full ? (over.length > 0 ? Math.min(...over) : otherwise) : low + height;
    const high = Number.isFinite(wanted) ? Math.min(most, wanted) : low;
    const ends = [place(a, u, from, u, 0), place(a, u, to, u, 0)] as const;
    const [first, last] = [from === 0, to === long];
    const standing = { a: ends[0], b: ends[1], thick };
    const footprint = footprintAlong(standing, first ? before : null, last ? after : null);
    // The mitres of a chord at a corner can be longer than it is: its neighbours meet without it.
    if (signedArea(footprint) <= 0) return [];
    return leftOver(low, high, holes.filter(covers)).map((piece) => ({
      ...{ a: ends[0], b: ends[1], footprint, ...piece },
      smooth: { from: !first, to: !last },
    }));
  });
}

/** Something along a run of splash, and between which heights. */
interface Along {
  from: number;
  to: number;
  low: number;
  high: number;
}

function openingsAlong({ a, b }: Standing, face: PlacedFace, openings: readonly PlacedOpening[]): Along[] {
  const [start, end] = [projectOn(face, a).along, projectOn(face, b).along];
  // On a bent face a chord is told by the arc over it.
  const by = distance(a, b) / (end - start);
  return openings.flatMap(({ face: of, left, right, record: { sill, height, casing } }): Along[] => {
    if (of.id !== face.id) return [];
    const [from, to] = [(left - casing - start) * by, (right + casing - start) * by].sort((p, q) => p - q);
    const low = sill > 1 ? sill - casing : 0;
    return [{ from: from!, to: to!, low, high: sill + height + casing }];
  });
}

function hungAlong({ a, b }: Standing, { hung, undersides }: Around): Along[] {
  const u = unit(subtract(b, a));
  const inner = scale(inward(u), -1);
  return hung.flatMap((footprint, index): Along[] => {
    const near = clipHalfPlane(
      footprint.map((point) => subtract(point, a)),
      scale(inner, -1),
      -SHALLOW,
    );
    const alongs = near.map((point) => dot(point, u));
    const [from, to] = [Math.min(...alongs), Math.max(...alongs)];
    if (near.length < 3 || to < TOUCH || from > distance(a, b) - TOUCH) return [];
    return [{ from, to, low: undersides[index]!, high: Infinity }];
  });
}

/** What is left between two heights by what is open. */
function leftOver(low: number, high: number, open: readonly Along[]): { low: number; high: number }[] {
  let left = [{ low, high }];
  for (const hole of open)
    left = left.flatMap((one) => [
      { low: one.low, high: Math.min(one.high, hole.low) },
      { low: Math.max(one.low, hole.high), high: one.high },
    ]);
  return left.filter((one) => one.high - one.low > TOUCH);
}
