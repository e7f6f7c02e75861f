import { SAME } from './nest-types';
import { fits, type Room, type Shape } from './sawn';

/** A size of sheet: the room on it with its kerfs, the area of the whole sheet, mm², and how many there are. */
export interface SheetSize {
  room: Room;
  area: number;
  count: number;
}

/** No fewer of a room hold the parts, by their area: each part takes a kerf beside and over it, of a sheet that is a kerf larger. */
export const leastCount = (shapes: readonly Shape[], { l, w }: Pick<Room, 'l' | 'w'>): number =>
  Math.ceil(shapes.reduce((sum, { area }) => sum + area, 0) / (l * w) - 1e-9);

/** The least area of sheets that can hold the parts: by their area, over every mixture of sizes, and by those of which no two lie on one sheet. */
export function leastSheetArea(shapes: readonly Shape[], sizes: readonly SheetSize[]): number {
  const area = shapes.reduce((sum, one) => sum + one.area, 0);
  return Math.max(coveringArea(area, sizes), singlesArea(shapes, sizes));
}

/** The least area of whole sheets whose rooms are at least so large together. */
function coveringArea(area: number, sizes: readonly SheetSize[]): number {
  // The best room for its area first: what is left is then bounded by the best that is left.
  const ordered = sizes
    .filter(({ count, room }) => count > 0 && room.l > 0 && room.w > 0)
    .sort((a, b) => a.area / (a.room.l * a.room.w) - b.area / (b.room.l * b.room.w));
  let best = Infinity;
  const search = (at: number, left: number, taken: number): void => {
    if (left <= area * 1e-9) {
      best = Math.min(best, taken);
      return;
    }
    const size = ordered[at];
    if (!size || taken + (left * size.area) / (size.room.l * size.room.w) >= best - SAME) return;
    const room = size.room.l * size.room.w;
    const most = Math.min(size.count, Math.ceil(left / room - 1e-9));
    for (let many = most; many >= 0; many--) search(at + 1, left - many * room, taken + many * size.area);
  };
  search(0, area, 0);
  return best === Infinity ? area : best;
}

/** The area of the smallest sheets that hold the parts of which no two lie on any one sheet: those over half of it both ways, however they can lie. */
function singlesArea(shapes: readonly Shape[], sizes: readonly SheetSize[]): number {
  const long = Math.max(...sizes.map(({ room }) => room.l));
  const wide = Math.max(...sizes.map(({ room }) => room.w));
  const isLarge = ({ l, w, turns }: Shape) =>
    [[l, w] as const, ...(turns ? [[w, l] as const] : [])]
      .filter(([along, across]) => along <= long + SAME && across <= wide + SAME)
      .every(([along, across]) => along > long / 2 + SAME && across > wide / 2 + SAME);
  return shapes.filter(isLarge).reduce((sum, shape) => {
    const holds = sizes.filter(({ room }) => fits(shape, room.l, room.w));
    return sum + Math.min(...holds.map(({ area }) => area));
  }, 0);
}

/** No nest has fewer sheets: so many of the largest have room for all by area. */
export function fewestSheets(shapes: readonly Shape[], sizes: readonly SheetSize[]): number {
  let left = shapes.reduce((sum, one) => sum + one.area, 0);
  let count = 0;
  const usable = sizes.filter(({ room }) => room.l > 0 && room.w > 0);
  for (const { room, count: most } of usable.sort((a, b) => b.room.l * b.room.w - a.room.l * a.room.w)) {
    const need = Math.min(most, Math.ceil(left / (room.l * room.w) - 1e-9));
    if (need <= 0) continue;
    count += need;
    left -= need * room.l * room.w;
  }
  return count;
}
