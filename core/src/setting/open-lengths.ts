import { perDesign, type Design } from '../document/design';
import { LEAST_OPEN } from '../geometry/tolerance';
import { roomShape, type PlacedFace } from '../survey/room-shape';
import { itemBoxes, type ItemBox } from './item-box';
import { occupied, type Band, type Stretch } from './occupancy';

/** What is left free in a run along a face, mm from the face's left end, and what bounds it on each side. */
export interface OpenLength {
  face: PlacedFace;
  from: number;
  to: number;
  length: number;
  left: Stretch['by'] | null;
  right: Stretch['by'] | null;
}

/** Free stretches within a band between the ends of a face; null for a side means the end of the face. */
export function freeStretches(design: Design, face: PlacedFace, band: Band): OpenLength[] {
  const open: OpenLength[] = [];
  let at = 0;
  let left: Stretch['by'] | null = null;
  const close = (to: number, right: Stretch['by'] | null) => {
    if (to - at >= LEAST_OPEN) open.push({ face, from: at, to, length: to - at, left, right });
  };
  for (const stretch of occupied(design, face, band)) {
    close(stretch.from, stretch.by);
    if (stretch.to > at) [at, left] = [stretch.to, stretch.by];
  }
  close(face.length, null);
  return open;
}

/** The band that the base run of a face stands in: as deep as its deepest item and as high as its highest base. */
export function baseBand(onFace: readonly ItemBox[]): Band {
  return {
    depth: Math.max(...onFace.map(({ record }) => record.depth + (record.placement.on === 'face' ? record.placement.off : 0))),
    low: 0,
    high: Math.max(...onFace.map(({ high }) => high)),
  };
}

/** Items that stand on the floor against a face. */
export function itemsOnFace(design: Design, faceId: string): ItemBox[] {
  return itemBoxes(design).filter((box) => box.against?.face.id === faceId && box.low < 300);
}

/** The open lengths of every face that has a run on it. */
export const openLengths: (design: Design) => readonly OpenLength[] = perDesign((design) =>
  roomShape(design).faces.flatMap((face) => {
    const onFace = itemsOnFace(design, face.id);
    return onFace.length === 0 ? [] : freeStretches(design, face, baseBand(onFace));
  }),
);
