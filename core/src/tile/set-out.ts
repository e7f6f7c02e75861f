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
  if (!surface.some((edge) => crosses(edge, box))) {
    const middle = { x: x + long / 2, y: y + high / 2 };
    const inside = surface.filter((one) => contains(one, middle)).length % 2 === 1;
    return inside ? [{ region: [ring], whole: true }] : [];
  }
  const holes = surface.filter((one) => signedArea(one) < 0);
  const cut = intersect(
    [ring],
    surface.filter((one) => signedArea(one) > 0),
  );
  const region = holes.length > 0 ? without(cut, holes) : cut;
  const area = region.reduce((sum, one) => sum + signedArea(one), 0);
  if (area < NOTHING) return [];
  return [{ region, whole: area > long * high - NOTHING }];
}

/** Whether an outline may come into a box: one of its edges' own boxes does. */
function crosses(ring: Polygon, { left, right, bottom, top }: Bounds): boolean {
  let found = false;
  forEachEdge(ring, (a, b) => {
    if (Math.max(a.x, b.x) <= left || Math.min(a.x, b.x) >= right) return;
    if (Math.max(a.y, b.y) <= bottom || Math.min(a.y, b.y) >= top) return;
    found = true;
  });
  return found;
}
