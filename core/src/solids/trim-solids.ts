import { recordOf, type Design } from '../document/design';
import type { DesignRecord } from '../document/records';
import { remember } from '../document/remember';
import { trimAt, type TrimPiece } from '../surfaces/trim-piece';
import type { TrimShape } from '../surfaces/trim-profiles';
import { plainSides, type Solid } from './solid';

/** The bodies a length of trim is seen and cut as: a layer between every two heights at which its shape turns, along every stretch of its path. */
export function trimSolids(design: Design, piece: TrimPiece): readonly Solid[] {
  const { along } = piece;
  const record =
    'items' in along
      ? recordOf(design, 'item', along.items[0].item)
      : 'face' in along
        ? recordOf(design, 'face', along.face)
        : recordOf(design, 'fixed', along.fixed);
  return record ? layersOf(record, { piece }) : [];
}

/** How many lengths that one thing tells of are remembered. */
const KEPT = 16;

const layersOf = remember(
  ({ id }: DesignRecord, { piece }: { piece: TrimPiece }): Solid[] => {
    const { path, along, level } = piece;
    const isWall = !('items' in along);
    const carriers = 'items' in along ? [...new Set(along.items.map(({ item }) => item))] : [];
    return slicesOf(piece.shape).flatMap(({ low, high, back, outer, goesOn }) =>
      path.slice(1).map((_, index): Solid => {
        // Counter-clockwise: along items the room is on the right of the path, along walls on its left.
        const [first, second] = isWall ? [back, outer] : [outer, back];
        const footprint = [
          trimAt(piece, index, first),
          trimAt(piece, index + 1, first),
          trimAt(piece, index + 1, second),
          trimAt(piece, index, second),
        ];
        const [from, to] = [index > 0, index + 2 < path.length];
        return {
          ...{ id, of: 'trim', carriers, box: null, footprint, low: level + low, high: level + high },
          sides: plainSides(footprint).map((side, at) => {
            if (at % 2 === 1) return side;
            return { ...side, smooth: at === 0 ? { from, to } : { from: to, to: from } };
          }),
          ...{ round: false, goesOn },
        };
      }),
    );
  },
  { kept: KEPT },
);

/** A layer of a shape: between two heights, from its back out to its front at half that height, mm. */
interface Slice {
  low: number;
  high: number;
  back: number;
  outer: number;
  goesOn: { below: boolean; above: boolean };
}

/** Layers thinner than this are none, mm. */
const THINNEST = 1;

function slicesOf(shape: TrimShape): Slice[] {
  const heights = [...new Set(shape.map(({ y }) => y))].sort((a, b) => a - b);
  const slices: Slice[] = [];
  // An edge is seen only where the shape has a level ledge.
  const ledges = new Set(
    shape.flatMap(({ y }, index) => (shape[(index + 1) % shape.length]!.y === y ? [y] : [])),
  );
  let low = heights[0]!;
  for (const [index, high] of heights.entries()) {
    const isLast = index === heights.length - 1;
    if (high - low < THINNEST && !isLast) continue;
    if (high === low) continue;
    const goesOn = { below: !ledges.has(low), above: !ledges.has(high) };
    slices.push({ low, high, ...widthAt(shape, (low + high) / 2), goesOn });
    low = high;
  }
  return slices;
}

/** From where to where a shape reaches at a height that none of its corners is at. */
function widthAt(shape: TrimShape, up: number): { back: number; outer: number } {
  const crossed = shape.flatMap((a, index) => {
    const b = shape[(index + 1) % shape.length]!;
    if (a.y > up === b.y > up) return [];
    return [a.x + ((up - a.y) / (b.y - a.y)) * (b.x - a.x)];
  });
  return { back: Math.min(...crossed), outer: Math.max(...crossed) };
}
