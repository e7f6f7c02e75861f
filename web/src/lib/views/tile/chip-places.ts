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
