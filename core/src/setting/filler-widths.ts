import { roomOf, type Design } from '../document/design';
import { add, cross, dot, scale, subtract, type Point } from '../geometry/point';
import { constructionOf, constructionOfItem, type ConstructionMethod } from '../ranges/construction';
import { hasLegs } from '../ranges/handing';
import { findRange, rangesOf } from '../ranges/shelf';
import { facePoint, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { findBox, type ItemBox } from './item-box';
import { freeStretches, reachOf, type FreeStretch } from './open-lengths';

/** What a strip that closes a run meets on one side. */
export type FillerSide =
  /** A wall, or a thing built in: the strip is scribed to it. */
  | { meets: 'built' }
  /** A cabinet whose front is in line: it stops short of its box's side, and what shows there looks part of the strip. */
  | { meets: 'front'; short: number }
  /** The side of something deeper or higher, or a panel: butted against it. */
  | { meets: 'side' }
  /** The fronts of the run round an inside corner, so far proud of the boxes the gap is measured to. */
  | { meets: 'corner'; proud: number }
  /** An end panel that is set with it, and takes its thickness. */
  | { meets: 'panel'; thickness: number };

/** The widths of the strip that closes a run, mm. */
export interface FillerWidths {
  /** Between the boxes, or a box and the wall, where it is narrowest: what the item is made to. */
  gap: number;
  /** What is seen between the fronts, or a front and the wall, at the front. */
  visible: number;
  /** What is cut: the strip at the front, with what is scribed off. */
  cut: number;
}

/**
 * The widths of a strip for a gap, from how wide it is at the back and at the front: what stands proud or is set with it comes off
 * all three; a front that stops short shows as more strip; what meets a wall is cut wider by the scribe.
 */
export function fillerWidths(
  { back, front }: { back: number; front: number },
  sides: readonly [FillerSide, FillerSide],
  { scribe }: Pick<ConstructionMethod, 'scribe'>,
): FillerWidths {
  const sum = (of: (side: FillerSide) => number) => of(sides[0]) + of(sides[1]);
  const taken = sum((side) =>
    side.meets === 'corner' ? side.proud : side.meets === 'panel' ? side.thickness : 0,
  );
  const strip = front - taken;
  return {
    gap: Math.min(back, front) - taken,
    visible: strip + sum((side) => (side.meets === 'front' ? side.short : 0)),
    cut: strip + sum((side) => (side.meets === 'built' ? scribe : 0)),
  };
}

/** How far fronts may be out of line and still look it, mm. */
const SAME_FRONT = 30;

/** The widths of the strip that would close a free stretch of a face, as deep as said, beside what stands there. */
export function fillerFor(
  design: Design,
  stretch: FreeStretch & { depth: number; high: number },
): FillerWidths & { sides: readonly [FillerSide, FillerSide] } {
  const known = rangesOf(design);
  const boxOf = (by: FreeStretch['left']) => (by?.kind === 'item' ? findBox(design, by.id) : undefined);
  const [left, right] = [boxOf(stretch.left), boxOf(stretch.right)];
  const method = (box: ItemBox | undefined) => box && constructionOfItem(box.record, known);
  const side = (by: FreeStretch['left'], box: ItemBox | undefined): FillerSide => {
    if (!box) return by?.kind === 'opening' ? { meets: 'side' } : { meets: 'built' };
    const own = method(box);
    if (box.against?.face !== stretch.face && !hasLegs(box.kind))
      return { meets: 'corner', proud: box.kind.front ? (own?.proud ?? 0) : 0 };
    const inLine =
      Math.abs(reachOf(box) - stretch.depth) <= SAME_FRONT && box.high <= stretch.high + SAME_FRONT;
    return own && box.kind.front && inLine ? { meets: 'front', short: own.frontShort } : { meets: 'side' };
  };
  const sides = [side(stretch.left, left), side(stretch.right, right)] as const;
  // Between appliances it is of the room's range.
  const room = findRange(roomOf(design).range, known);
  const scribe = (method(left) ?? method(right) ?? (room && constructionOf(room)))?.scribe ?? 0;
  const front = frontLength(design, stretch);
  return { ...fillerWidths({ back: stretch.alongFace, front }, sides, { scribe }), sides };
}

/** The farthest that what a filler is made to and the gap it stands in may be apart for it to close that, mm. */
const CLOSES = 3;

/** The widths of a filler that is set, where it closes the gap it stands in; null where it closes nothing: there is no gap to reconcile it with. */
export function widthsOfFiller(
  design: Design,
  { against, record, low, high, id }: ItemBox,
): FillerWidths | null {
  if (!against) return null;
  const band = { depth: record.depth, low, high, except: new Set([id]) };
  const middle = against.along + record.width / 2;
  const stretch = freeStretches(design, against.face, band).find(
    ({ from, to }) => middle > from && middle < to,
  );
  if (!stretch || Math.abs(stretch.length - record.width) > CLOSES) return null;
  return fillerFor(design, { ...stretch, depth: record.depth, high });
}

/** How long a stretch is at the front of its band: walls that are out of square make it more or less than at the face. */
function frontLength(design: Design, stretch: FreeStretch & { depth: number }): number {
  const { face, from, to, depth, length } = stretch;
  if (face.arc) return length;
  const middle = (from + to) / 2;
  const at = facePoint(face, middle, depth);
  const reach = (by: FreeStretch['left'], way: 1 | -1, straight: number) => {
    if (by && by.kind !== 'wall') return straight;
    const walls = roomShape(design).faces.flatMap((other) => crossing(at, scale(face.u, way), other) ?? []);
    // Past an outside corner there is nothing to reach.
    return walls.sort((a, b) => a - b).find((away) => Math.abs(away - straight) <= depth) ?? straight;
  };
  return reach(stretch.left, -1, middle - from) + reach(stretch.right, 1, to - middle);
}

/** How far from a point in a direction a straight face is met; null where it is not. */
function crossing(from: Point, way: Point, { start, end, arc }: PlacedFace): number | null {
  if (arc) return null;
  const [a, b] = [subtract(start, from), subtract(end, from)];
  const [sa, sb] = [cross(way, a), cross(way, b)];
  if (sa === sb || sa * sb > 0) return null;
  const at = add(a, scale(subtract(b, a), sa / (sa - sb)));
  const away = dot(at, way);
  return away > 0 ? away : null;
}
