import type { Laid } from './lay';
import type { CellPiece } from './pattern';

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
  // Pieces of a kind follow one another.
  let last: CellPiece | null = null;
  let slot: SlotCount = { whole: 0, cut: 0 };
  for (const one of pieces) {
    if (one.piece !== last) {
      last = one.piece;
      slot = count.bySlot[last.slot] ??= { whole: 0, cut: 0 };
    }
    if (one.whole) slot.whole += 1;
    else {
      slot.cut += 1;
      const parts = one.partCount;
      count.cutParts += parts;
      if (parts > 1) count.splitPieces += 1;
    }
  }
  for (const { whole, cut } of Object.values(count.bySlot)) {
    count.whole += whole;
    count.cut += cut;
  }
  return count;
}
