import { clipHalfPlane } from '../geometry/convex';
import { cross, dot, scale, subtract, type Point } from '../geometry/point';
import { boundsOf, contains, forEachEdge, signedArea, type Bounds, type Polygon } from '../geometry/polygon';
import { intersect, without, type Region } from '../geometry/region';
import type { TileShape } from '../surfaces/finishes';

/** A piece of tile on a surface: the tile where it is whole, what is left of it where it is cut. */
export interface TilePiece {
  region: Region;
  whole: boolean;
}

/** Less than this of a tile is nothing, mm². */
const NOTHING = 1;

/**
 * Where the first tile of a row starts so that the cuts at both ends are equal and as wide as can be: a joint in the middle, or a tile. `size` is
 * that of a tile, all in mm.
 */
export function evenStart(from: number, to: number, size: number, joint: number): number {
  const half = (to - from) / 2;
  const module = size + joint;
  const middle = from + half;
  /** What is cut at each end when the row goes out from so far beside the middle. */
  const cut = (beside: number) => {
    const left = (half - beside) % module;
    return left < 1e-6 || left > size - 1e-6 ? size : left;
  };
  const [onJoint, onTile] = [joint / 2, size / 2 + joint];
  const beside = cut(onJoint) >= cut(onTile) ? onJoint : onTile;
  return middle + beside - Math.ceil((half + beside) / module) * module;
}

/**
 * Sets tiles out in courses on a flat surface, places in mm across and up it: cuts at both ends of the first course equal, courses from the
 * lowest edge up (`level`) or with equal cuts as well. Regions have their outlines counter-clockwise, their holes clockwise.
 */
export function setOut(surface: Region, tile: TileShape, level: boolean): TilePiece[] {
  const bounds = boundsOf(surface.flat());
  const [along, across] = [tile.long + tile.joint, tile.high + tile.joint];
  const first = evenStart(bounds.left, bounds.right, tile.long, tile.joint);
  const low = level ? bounds.bottom : evenStart(bounds.bottom, bounds.top, tile.high, tile.joint);
  const pieces: TilePiece[] = [];
  for (let row = 0, y = low; y < bounds.top; row++, y += across) {
    if (y + tile.high <= bounds.bottom) continue;
    const moved = (row % 2) * tile.offset * along;
    for (let x = first + moved - Math.ceil(moved / along) * along; x < bounds.right; x += along) {
      if (x + tile.long <= bounds.left) continue;
      pieces.push(...pieceOf(surface, x, y, tile));
    }
  }
  return pieces;
}

function pieceOf(surface: Region, x: number, y: number, { long, high }: TileShape): TilePiece[] {
  const ring = [
    { x, y },
    { x: x + long, y },
    { x: x + long, y: y + high },
    { x, y: y + high },
  ];
  const box: Bounds = { left: x, right: x + long, bottom: y, top: y + high };
  const edges = surface.flatMap((one) => edgesIn(one, box));
  if (edges.length === 0) {
    const middle = { x: x + long / 2, y: y + high / 2 };
    const inside = surface.filter((one) => contains(one, middle)).length % 2 === 1;
    return inside ? [{ region: [ring], whole: true }] : [];
  }
  const region = cutBy(ring, box, edges, surface);
  const area = region.reduce((sum, one) => sum + signedArea(one), 0);
  if (area < NOTHING) return [];
  return [{ region, whole: area > long * high - NOTHING }];
}

/** What is left of a tile: of one that a single edge goes right across, what lies left of that; else by the whole surface. */
function cutBy(ring: Polygon, box: Bounds, edges: readonly Edge[], surface: Region): Region {
  const [edge] = edges;
  if (edges.length === 1 && !isIn(edge!.a, box) && !isIn(edge!.b, box)) {
    const along = subtract(edge!.b, edge!.a);
    const left = scale({ x: -along.y, y: along.x }, 1 / Math.hypot(along.x, along.y));
    const kept = clipHalfPlane(ring, left, dot(edge!.a, left));
    return kept.length > 2 ? [kept] : [];
  }
  const holes = surface.filter((one) => signedArea(one) < 0);
  const cut = intersect(
    [ring],
    surface.filter((one) => signedArea(one) > 0),
  );
  return holes.length > 0 ? without(cut, holes) : cut;
}

interface Edge {
  a: Point;
  b: Point;
}

/** The edges of an outline that come into a box: their own boxes do, and its corners lie on both sides of them. */
function edgesIn(ring: Polygon, box: Bounds): Edge[] {
  const { left, right, bottom, top } = box;
  const found: Edge[] = [];
  forEachEdge(ring, (a, b) => {
    if (Math.max(a.x, b.x) <= left || Math.min(a.x, b.x) >= right) return;
    if (Math.max(a.y, b.y) <= bottom || Math.min(a.y, b.y) >= top) return;
    // All corners on one side of it: it passes by.
    const along = subtract(b, a);
    const sides = [left, right].flatMap((x) => [bottom, top].map((y) => cross(along, subtract({ x, y }, a))));
    if (sides.every((side) => side >= 0) || sides.every((side) => side <= 0)) return;
    found.push({ a, b });
  });
  return found;
}

const isIn = ({ x, y }: Point, { left, right, bottom, top }: Bounds) =>
  x > left && x < right && y > bottom && y < top;
