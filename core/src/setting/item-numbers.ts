import { perDesign, type Design } from '../document/design';
import { roomShape } from '../survey/room-shape';
import { itemBoxes, middleOf, type ItemBox } from './item-box';

/**
 * Numbers of the items on drawings and schedules. A number once given stays; where two items have one, the first by id keeps it.
 * Items without one come after the highest, in the order they are met.
 */
export const itemNumbers: (design: Design) => ReadonlyMap<string, number> = perDesign((design) => {
  const boxes = itemBoxes(design);
  const numbers = new Map<string, number>();
  const taken = new Set<number>();
  let highest = 0;
  for (const { id, record } of boxes) {
    if (record.number === undefined || taken.has(record.number)) continue;
    numbers.set(id, record.number);
    taken.add(record.number);
    highest = Math.max(highest, record.number);
  }
  if (numbers.size === boxes.length) return numbers;
  for (const { id } of asMet(design)) if (!numbers.has(id)) numbers.set(id, (highest += 1));
  return numbers;
});

/** The number the next item gets. */
export function nextNumber(design: Design): number {
  return Math.max(0, ...itemNumbers(design).values()) + 1;
}

/**
 * The items in the order they are met: clockwise along the faces from the first corner, then the free-standing ones clockwise about
 * the middle of the room; from a chosen one on where it is given.
 */
export function asMet(design: Design, first?: string): readonly ItemBox[] {
  const { faces, outline } = roomShape(design);
  const middle = {
    x: outline.reduce((sum, { x }) => sum + x, 0) / outline.length,
    y: outline.reduce((sum, { y }) => sum + y, 0) / outline.length,
  };
  const rank = (box: ItemBox): [number, number] => {
    if (box.against) return [faces.indexOf(box.against.face), box.against.along];
    const { x, y } = middleOf(box);
    return [faces.length, -Math.atan2(y - middle.y, x - middle.x)];
  };
  const ranked = itemBoxes(design).map((box) => ({ box, rank: rank(box) }));
  ranked.sort(
    (a, b) =>
      a.rank[0] - b.rank[0] ||
      a.rank[1] - b.rank[1] ||
      a.box.low - b.box.low ||
      (a.box.id < b.box.id ? -1 : 1),
  );
  const order = ranked.map(({ box }) => box);
  const start = Math.max(
    0,
    order.findIndex(({ id }) => id === first),
  );
  return [...order.slice(start), ...order.slice(0, start)];
}
