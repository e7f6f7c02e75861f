import type { Design } from '../document/design';
import { AGAINST } from '../geometry/tolerance';
import { isWallRun, itemsOnFace, type OpenLength } from './open-lengths';
import { HUNG, itemBoxes, type ItemBox } from './item-box';

/** The items that stand side by side on either side of an open length, from it outwards. */
export function gapChains(design: Design, open: OpenLength): { left: ItemBox[]; right: ItemBox[] } {
  const run = runOf(design, open);
  const follow = (way: 1 | -1): ItemBox[] => {
    const chain: ItemBox[] = [];
    let at = way === 1 ? open.to : open.from;
    for (;;) {
      const next = run.find((box) => Math.abs((way === 1 ? box.against!.along : endOf(box)) - at) <= AGAINST);
      if (!next || chain.includes(next)) return chain;
      chain.push(next);
      at = way === 1 ? endOf(next) : next.against!.along;
    }
  };
  return { left: follow(-1), right: follow(1) };
}

const endOf = ({ against, record }: ItemBox): number => against!.along + record.width;

/** The items of the run an open length is in. */
function runOf(design: Design, { face, band }: OpenLength): ItemBox[] {
  if (band !== 'wall') return itemsOnFace(design, face.id);
  return itemBoxes(design).filter(
    (box) =>
      box.against?.face.id === face.id &&
      (isWallRun(box) || (box.kind.group === 'panels' && box.low >= HUNG)),
  );
}
