import { cross, dot, type Point } from '../../geometry/point';
import { convexPieces } from '../../geometry/convex-pieces';
import { boundsOf, centroid, contains, signedArea, type Polygon } from '../../geometry/polygon';
import { isUpright, type CutListed, type TileOf } from '../cut-list';
import type { LaidPiece } from '../lay';
import type { Nested, Turn } from '../offcuts/piece-types';
import type { TileSize } from '../pattern';
import type { CutType } from './cut-types';
import { tileMiddle, type SizeOrder, type ZoneOrder } from './zone-order';

/** A piece as it is cut from its tile: its number on the setter's sheet, its extent, and its outline in the tile's places, mm; outlines counter-clockwise, holes clockwise. */
export interface PlannedPiece extends TileSize {
  number: number;
  outline: Point[][];
  /** A place well within it, for its number. */
  label: Point;
  /** The middle of the tile it stands for in the zone. */
  middle: Point;
}

/** A tile that pieces are cut from, as it comes: its outline from its lower left corner on, mm, and how many are cut alike. */
export interface PlannedTile {
  of: TileOf;
  tile: TileSize;
  outline: Point[];
  pieces: PlannedPiece[];
  /** The pieces of those that are cut alike, tile by tile. */
  alike: PlannedPiece[][];
}

/** Every tile that is cut for a zone with what is cut from it, those that are cut alike as one, the most pieces first. */
export function cutPlan({ sizes }: ZoneOrder, types: readonly CutType[]): PlannedTile[] {
  const numbers = new Map(
    types.flatMap(({ number, pieces }) => pieces.map((piece) => [piece, number] as const)),
  );
  const found = new Map<string, PlannedTile>();
  for (const size of sizes)
    for (const one of tilesOf(size, numbers)) {
      const key = [size.of, size.tile.w, size.tile.h, ...one.pieces.flatMap(keyOf)].join(' ');
      const known = found.get(key);
      if (known) known.alike.push(one.pieces);
      else found.set(key, { ...one, alike: [one.pieces] });
    }
  return [...found.values()].sort((a, b) => b.pieces.length - a.pieces.length);
}

/** Places are the same to a tenth of a mm. */
const keyOf = ({ number, outline }: PlannedPiece): (number | string)[] => {
  const { left, right, bottom, top } = boundsOf(outline.flat());
  return [number, ...[left, right, bottom, top].map((at) => at.toFixed(1))];
};

function tilesOf(
  { of, tile, cut, plan }: SizeOrder,
  numbers: ReadonlyMap<LaidPiece, number>,
): Omit<PlannedTile, 'alike'>[] {
  const nested = new Set(plan?.tiles.flat().map(({ id }) => id));
  const byId = new Map(cut.map((one) => [one.id, one]));
  const planned = ({ laid, w, h }: CutListed, outline: Point[][]): PlannedPiece => ({
    ...{ number: numbers.get(laid) ?? 0, w, h, outline, label: within(outline) },
    middle: tileMiddle(laid),
  });
  const whole = { outline: rectangle(tile) };
  const together = (plan?.tiles ?? []).map((pieces) => ({
    ...{ of, tile, ...whole },
    pieces: pieces.map((at) => planned(byId.get(at.id)!, nestedOutline(byId.get(at.id)!.laid, at))),
  }));
  const alone = cut
    .filter(({ id }) => !nested.has(id))
    .map((one) => {
      const all = asItComes(one.laid.piece.ring, one.laid);
      const { left, bottom } = boundsOf(all);
      const from = (ring: Polygon) => ring.map(({ x, y }) => ({ x: x - left, y: y - bottom }));
      const outline = one.laid.remains().map((ring) => from(asItComes(ring, one.laid)));
      return { of, tile, outline: from(all), pieces: [planned(one, outline)] };
    });
  return [...together, ...alone];
}

/** The middle of a piece, or of its largest convex part where that lies beside it. */
function within(outline: readonly Polygon[]): Point {
  const { left, right, bottom, top } = boundsOf(outline.flat());
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  const inside = outline.reduce(
    (sum, ring) => sum + (contains(ring, middle) ? Math.sign(signedArea(ring)) : 0),
    0,
  );
  if (inside > 0) return middle;
  const parts = outline.filter((ring) => signedArea(ring) > 0).flatMap((ring) => convexPieces(ring));
  const [largest] = parts.sort((a, b) => signedArea(b) - signedArea(a));
  return largest ? centroid(largest) : middle;
}

const rectangle = ({ w, h }: TileSize): Point[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
];

/** A ring of a piece turned as its tile comes: of an upright one back by a quarter. */
const asItComes = (ring: Polygon, { piece }: LaidPiece): Point[] =>
  isUpright(piece) ? ring.map(({ x, y }) => ({ x: y, y: -x })) : [...ring];

const QUARTERS: Record<Turn, Point> = {
  0: { x: 1, y: 0 },
  90: { x: 0, y: 1 },
  180: { x: -1, y: 0 },
  270: { x: 0, y: -1 },
};

/** The outline of a piece where it lies on its tile. */
function nestedOutline(laid: LaidPiece, { x, y, turn }: Nested): Point[][] {
  const u = QUARTERS[turn];
  const rings = laid.remains().map((ring) =>
    asItComes(ring, laid).map((at) => ({
      x: dot(at, { x: u.x, y: -u.y }),
      y: cross({ x: u.x, y: -u.y }, at),
    })),
  );
  const { left, bottom } = boundsOf(rings.flat());
  return rings.map((ring) => ring.map((at) => ({ x: at.x - left + x, y: at.y - bottom + y })));
}

/** How much of a tile is cut off for good, as a share of it. */
export const lostOf = ({ outline, pieces }: PlannedTile): number =>
  1 -
  pieces.reduce((sum, piece) => sum + piece.outline.reduce((area, ring) => area + signedArea(ring), 0), 0) /
    signedArea(outline);
