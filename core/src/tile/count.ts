import type { Laid } from './lay';

/** How many pieces of a size or colour are whole, and how many are cut. */
export interface SlotCount {
  whole: number;
  cut: number;
}

/** What a zone takes; mm². */
export interface TileCount extends SlotCount {
  /** Pieces that are left in several parts. */
  splitPieces: number;
  /** The parts of all that are cut. */
  cutParts: number;
  tiledArea: number;
  jointArea: number;
  bySlot: Record<string, SlotCount>;
}

export function countTiles({ pieces, zoneArea, tiledArea }: Laid): TileCount {
  const count: TileCount = {
    ...{ whole: 0, cut: 0, splitPieces: 0, cutParts: 0 },
    ...{ tiledArea, jointArea: zoneArea - tiledArea, bySlot: {} },
  };
  for (const { piece, whole, parts } of pieces) {
    const slot = (count.bySlot[piece.slot] ??= { whole: 0, cut: 0 });
    const key = whole ? 'whole' : 'cut';
    count[key] += 1;
    slot[key] += 1;
    if (whole) continue;
    count.cutParts += parts.length;
    if (parts.length > 1) count.splitPieces += 1;
  }
  return count;
}
