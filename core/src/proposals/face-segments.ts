import type { Design } from '../document/design';
import { hasLegs } from '../ranges/handing';
import { constructionOfItem } from '../ranges/construction';
import { rangesOf } from '../ranges/shelf';
import { findBox, type ItemBox } from '../setting/item-box';
import type { Band } from '../setting/occupancy';
import { hungOnFace, itemsOnFace, type FreeStretch } from '../setting/open-lengths';
import type { PlacedFace } from '../survey/placed-face';
import type { EndFiller, FillSegment, SlackAt } from './fill-problem';
import { noFiller, type EndFillers } from './request';
import { runStretches } from './run-stretches';

/** What is taken of the ends of a face before it is filled, by corner cabinets and the fillers beside them; a corner that is filled has its filler. */
export interface TakenEnds {
  left: number;
  right: number;
  leftCorner: boolean;
  rightCorner: boolean;
}

export const nothingTaken: TakenEnds = { left: 0, right: 0, leftCorner: false, rightCorner: false };

/** The segments of a face that can be filled within a band, mm along it. */
export function faceSegments(
  design: Design,
  face: PlacedFace,
  band: Band,
  ends: EndFillers,
  taken: TakenEnds,
): FillSegment[] {
  return runStretches(design, face, band).flatMap((stretch) => {
    const from = Math.max(stretch.from, taken.left);
    const to = Math.min(stretch.to, face.length - taken.right);
    if (to - from < 1) return [];
    const left = taken.leftCorner && from === taken.left ? inCorner : endOf(stretch.left);
    const right = taken.rightCorner && to === face.length - taken.right ? inCorner : endOf(stretch.right);
    const segment = { from, to, left: left.filler, right: right.filler, slackAt: slackAt(left, right) };
    return [segment];
  });

  function endOf(by: FreeStretch['left']): SegmentEnd {
    if (by?.kind !== 'item') return { built: true, filler: by?.kind === 'opening' ? anyFiller : ends.wall };
    const box = findBox(design, by.id)!;
    if (box.against?.face !== face) return hasLegs(box.kind) ? inCorner : aroundCorner(design, box, ends);
    return { built: false, filler: box.high > band.high + 1 ? ends.tall : anyFiller };
  }
}

interface SegmentEnd {
  /** Whether what is left over is best closed here: against a wall rather than between cabinets. */
  built: boolean;
  filler: EndFiller;
}

/** What is left over, if anything is. */
const anyFiller: EndFiller = { least: 0, most: Infinity, optional: false };

/** Beside a corner that is filled: its filler, if any, is set already. */
const inCorner: SegmentEnd = { built: false, filler: anyFiller };

/** Beside the run round a corner: as far as its fronts stand proud, and the filler. */
function aroundCorner(design: Design, box: ItemBox, ends: EndFillers): SegmentEnd {
  const proud = box.kind.front ? (constructionOfItem(box.record, rangesOf(design))?.proud ?? 0) : 0;
  const { least, most, optional } = ends.corner;
  if (most === 0) return { built: true, filler: noFiller };
  return { built: true, filler: { least: proud + least, most: proud + most, optional } };
}

/** Against what is built if one end is; in the middle of a wall-to-wall segment the two may be alike. */
function slackAt(left: SegmentEnd, right: SegmentEnd): readonly SlackAt[] {
  if (left.built && right.built) return ['both', 'left', 'right'];
  if (left.built) return ['left'];
  return right.built ? ['right'] : ['left', 'right'];
}

/** The edges of what stands in a band of a face, and those of what is above or below it, mm along the face, sorted. */
export function edgesOnFace(design: Design, face: PlacedFace, band: 'base' | 'tall' | 'wall') {
  const edges = (boxes: readonly ItemBox[]) => [
    ...new Set(boxes.flatMap(({ against, record }) => [against!.along, against!.along + record.width])),
  ];
  const [standing, hanging] = [edges(itemsOnFace(design, face.id)), edges(hungOnFace(design, face.id))];
  const [own, other] = band === 'wall' ? [hanging, standing] : [standing, hanging];
  const sorted = (places: number[]) => places.sort((a, b) => a - b);
  return { own: sorted(own), other: sorted(other) };
}
