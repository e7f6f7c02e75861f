import type { Point } from 'goodreach';

/** A figure at an edge, on screen: the edge, walked with the zone to the left in the drawing, and how wide what is said is, pixels. */
export interface EdgeChip {
  a: Point;
  b: Point;
  wide: number;
}

/** Figures stand so far beside their edges, and are so high, pixels. */
const BESIDE = 17;
const HIGH = 20;
/** Where along its edge and on which side a figure is tried: outside in the middle first, then inside, then further along. */
const TRIED = [
  ...[0.5, 0.2, 0.8].map((along) => [along, 1] as const),
  ...[0.5, 0.2, 0.8].map((along) => [along, -1] as const),
  ...[1.5, 2.5].map((far) => [0.5, far] as const),
  ...[-1.5, -2.5].map((far) => [0.5, far] as const),
];

/** Where the middle of each figure stands so that none lies over another, if it can be helped: of small holes some stand on the tiles. */
export function chipPlaces(chips: readonly EdgeChip[]): Point[] {
  const placed: (Point & { wide: number })[] = [];
  const isFree = (at: Point, wide: number) =>
    placed.every(
      (other) => Math.abs(at.x - other.x) >= (wide + other.wide) / 2 || Math.abs(at.y - other.y) >= HIGH,
    );
  return chips.map(({ a, b, wide }) => {
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const long = Math.hypot(dx, dy);
    // The zone is to the left of an edge; on screen, where down is up, what is outside is to its left.
    const out = { x: -dy / long, y: dx / long };
    const places = TRIED.map(([along, far]) => ({
      x: a.x + dx * along + out.x * BESIDE * far,
      y: a.y + dy * along + out.y * BESIDE * far,
    }));
    const at = places.find((place) => isFree(place, wide)) ?? places[0]!;
    placed.push({ ...at, wide });
    return at;
  });
}

/** Edges that go on into one another turn by less than this where they are chords of one bend, radians; a bend has so many chords at least. */
const BENT = (25 * Math.PI) / 180;
const CHORDS = 3;
/** Ends nearer than this are one place, mm. */
const SAME = 1e-3;

/** The edges of a zone by the bend they are chords of, each straight one by itself: their numbers, as they follow one another. */
export function bendsOf(edges: readonly Line[]): number[][] {
  const runs: number[][] = [];
  edges.forEach((edge, index) => {
    const run = runs.at(-1);
    if (run && goesOn(edges[run.at(-1)!]!, edge)) run.push(index);
    else runs.push([index]);
  });
  // A ring may begin in the middle of a bend: its last chords go on into its first.
  let first = runs[0];
  for (const [at, run] of runs.entries()) {
    const next = runs[at + 1];
    if (next && isNext(edges[run.at(-1)!]!, edges[next[0]!]!)) continue;
    // Here a ring ends.
    if (run !== first && goesOn(edges[run.at(-1)!]!, edges[first![0]!]!)) first!.unshift(...run.splice(0));
    first = next;
  }
  return runs.flatMap((run) => (run.length < CHORDS ? run.map((one) => [one]) : [run]));
}

type Line = Pick<EdgeChip, 'a' | 'b'>;

const isNext = (one: Line, next: Line): boolean => Math.hypot(next.a.x - one.b.x, next.a.y - one.b.y) <= SAME;

function goesOn(one: Line, next: Line): boolean {
  if (!isNext(one, next)) return false;
  const [ux, uy, vx, vy] = [one.b.x - one.a.x, one.b.y - one.a.y, next.b.x - next.a.x, next.b.y - next.a.y];
  return Math.abs(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy)) < BENT;
}
