import { dot, scale, subtract } from '../geometry/point';
import { shiftedBy } from '../setting/shift-item';
import { findFreeItems, guardedItems, type Command } from './command';

/** Spaces three or more items equally, along the back of the first: the outer two stay, the gaps between all become the same. */
export const spaceItems: Command<{ ids: readonly string[] }> = {
  id: 'space-items',
  run(design, { ids }) {
    const found = findFreeItems(design, ids, 3);
    if (!found.ok) return found;
    const [{ origin, u }] = found.value;
    const reaches = found.value.map((box) => {
      const along = box.rectangle.map((corner) => dot(subtract(corner, origin), u));
      return { box, from: Math.min(...along), to: Math.max(...along) };
    });
    reaches.sort((a, b) => a.from + a.to - b.from - b.to);
    const [first, last] = [reaches[0]!, reaches.at(-1)!];
    const taken = reaches.reduce((sum, { from, to }) => sum + to - from, 0);
    const gap = (last.to - first.from - taken) / (reaches.length - 1);
    let at = first.from;
    const spaced = reaches.map(({ box, from, to }, index) => {
      const by = index === 0 || index === reaches.length - 1 ? 0 : at - from;
      at += to - from + gap;
      return by === 0 ? box.record : shiftedBy(box, scale(u, by));
    });
    return guardedItems(design, spaced);
  },
};
