import { blockOf, boxOf, rangesOf, ranges, roomShape, type Block, type Design, type Range } from 'goodreach';

/** Copied items: their block, the room they are from, and the studio's own ranges they are of. */
export interface Clip {
  room: string;
  block: Block;
  ranges: readonly Range[];
}

const KEPT = 'goodreach-clip';

/** Copies items of a room, so that they can be pasted into it, another option or another room; false when none is an item. */
export function copyItems(design: Design, ids: readonly string[], room: string): boolean {
  const shape = roomShape(design);
  const [first, ...others] = ids.flatMap((id) => {
    const record = design.records[id];
    return record?.kind === 'item' ? [boxOf(record, shape)] : [];
  });
  if (!first) return false;
  const { width, depth, low, high, parts } = blockOf([first, ...others]);
  const used = new Set(parts.map(({ record }) => record.range));
  const own = rangesOf(design).filter((range) => used.has(range.id) && !ranges.includes(range));
  const clip: Clip = { room, block: { width, depth, low, high, parts }, ranges: own };
  localStorage.setItem(KEPT, JSON.stringify(clip));
  return true;
}

/** What was copied last, in whatever room of this browser; null when nothing was. */
export function copiedItems(): Clip | null {
  try {
    const clip = JSON.parse(localStorage.getItem(KEPT) ?? 'null') as Clip | null;
    return clip && Array.isArray(clip.block.parts) && clip.block.parts.length > 0 ? clip : null;
  } catch {
    return null;
  }
}
