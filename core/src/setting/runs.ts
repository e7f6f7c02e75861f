import { perDesign, type Design } from '../document/design';
import { remember, rememberBoth, rememberOne } from '../document/remember';
import { dot, subtract } from '../geometry/point';
import { AGAINST, PARALLEL } from '../geometry/tolerance';
import { bodiesNear, type Body } from './bodies';
import { HUNG, itemBoxes, type ItemBox } from './item-box';
import { parallel } from './strip';

/** How far the backs of neighbours may be out of line and still make one run, mm. */
const SAME_BACK = 60;

/** Neighbouring items that share a top, left to right. */
export type Run = readonly ItemBox[];

/** The runs of all items that carry a top: in line, facing the same way, end to end. */
export const runs: (design: Design) => readonly Run[] = perDesign((design) => {
  return inRuns(
    design,
    itemBoxes(design).filter(({ kind, low }) => kind.top === 'under' && low < HUNG),
  );
});

/** Items in line, facing the same way, end to end, together; each run from left to right. */
export const inRuns = (design: Design, carriers: readonly ItemBox[]): readonly Run[] =>
  foundIn(design, { carriers });

/** What carries a top mostly has a plinth, too: looked for once. */
const foundIn = remember(
  (design: Design, { carriers }: { carriers: readonly ItemBox[] }): readonly Run[] => {
    const left = new Set(carriers);
    const neighboursOf = neighboursIn(design);
    const found: Run[] = [];
    for (const seed of carriers) {
      if (!left.delete(seed)) continue;
      const together = [seed];
      for (const box of together)
        for (const other of neighboursOf(box)) if (left.delete(other)) together.push(other);
      found.push(sameRun(seed, { together }));
    }
    return found;
  },
  { kept: 4 },
);

/** The very same run for the same items in the same places, as they are and as a drag makes them. */
const sameRun = remember(
  ({ origin, u }: ItemBox, { together }: { together: readonly ItemBox[] }): Run => {
    const along = (box: ItemBox) => dot(subtract(box.origin, origin), u);
    return together.toSorted((a, b) => along(a) - along(b));
  },
  { kept: 3 },
);

/** What is end to end with each item, looked for once for all runs of a design. */
const neighboursIn = perDesign((design) =>
  rememberOne((box: ItemBox) => adjoining(box, bodiesNear(design, box.rectangle, SAME_BACK))),
);

/** What is end to end with an item of what is near it: the near list is the very same until something near changes. */
const adjoining = rememberBoth((box: ItemBox, near: readonly Body[]): readonly ItemBox[] =>
  near.flatMap(({ box: other }) => (other && other !== box && adjoin(box, other) ? [other] : [])),
);

function adjoin(a: ItemBox, b: ItemBox): boolean {
  const apart = subtract(b.origin, a.origin);
  if (dot(a.u, b.u) <= 0 || !parallel(a.u, b.u, PARALLEL)) return false;
  const along = dot(apart, a.u);
  const gap = along >= 0 ? along - a.record.width : -along - b.record.width;
  return Math.abs(gap) <= AGAINST && Math.abs(dot(apart, a.n)) <= SAME_BACK;
}
