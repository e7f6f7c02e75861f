import { perDesign, type Design } from '../document/design';
import { LEAST_OPEN } from '../geometry/tolerance';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { HUNG, itemBoxes, type ItemBox } from './item-box';
import { occupied, type Band, type Stretch } from './occupancy';

/** What is left free in a run along a face, mm from the face's left end, and what bounds it on each side. */
export interface OpenLength {
  face: PlacedFace;
  from: number;
  to: number;
  length: number;
  left: Stretch['by'] | null;
  right: Stretch['by'] | null;
  /** Its length along the face itself: longer than what is free where a wall leans into the band. */
  alongFace: number;
}

/** At an outside corner nothing has to be closed: what is left there, up to this, is no open length, mm. */
const FREE_END = 150;

/** Free stretches within a band between the ends of a face; null for a side means the end of the face. */
export function freeStretches(design: Design, face: PlacedFace, band: Band): OpenLength[] {
  const open: OpenLength[] = [];
  let at = 0;
  let bound: Stretch | null = null;
  const close = (to: number, next: Stretch | null) => {
    if (to - at < LEAST_OPEN) return;
    const start = bound?.by.kind === 'wall' ? bound.from : at;
    const end = next?.by.kind === 'wall' ? next.to : to;
    open.push({
      face,
      from: at,
      to,
      length: to - at,
      left: bound?.by ?? null,
      right: next?.by ?? null,
      alongFace: end - start,
    });
  };
  for (const stretch of occupied(design, face, band)) {
    close(stretch.from, stretch);
    if (stretch.to > at) [at, bound] = [stretch.to, stretch];
  }
  close(face.length, null);
  return open;
}

/** The band that the base run of a face stands in: as deep as its deepest item and as high as its highest base. */
export function baseBand(onFace: readonly ItemBox[]): Band {
  return {
    depth: Math.max(
      ...onFace.map(
        ({ record }) => record.depth + (record.placement.on === 'face' ? record.placement.off : 0),
      ),
    ),
    low: 0,
    high: Math.max(...onFace.map(({ high }) => high)),
  };
}

/** Items that stand on the floor against a face. */
export function itemsOnFace(design: Design, faceId: string): ItemBox[] {
  return itemBoxes(design).filter((box) => box.against?.face.id === faceId && box.low < HUNG);
}

/** The open lengths of every face that has a run on it. */
export const openLengths: (design: Design) => readonly OpenLength[] = perDesign((design) => {
  const { faces } = roomShape(design);
  return faces.flatMap((face, index) => {
    const onFace = itemsOnFace(design, face.id);
    if (onFace.length === 0) return [];
    const free = { left: face.corner > Math.PI, right: faces[(index + 1) % faces.length]!.corner > Math.PI };
    return freeStretches(design, face, baseBand(onFace)).filter(({ left, right, length }) => {
      const atFreeEnd = (!left && free.left) || (!right && free.right);
      return !atFreeEnd || length > FREE_END;
    });
  });
});
