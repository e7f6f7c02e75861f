import { perDesign, type Design } from '../../document/design';
import { place, type Point } from '../../geometry/point';
import type { ItemBox } from '../../setting/item-box';
import { fixtures, hostOf, itselfAlong, mainSink } from './fixtures';

/** Where one works in a kitchen: a fixture, and the middle of its front edge, a hair before it. */
export interface WorkCentre {
  of: 'cook' | 'fridge' | 'sink';
  box: ItemBox;
  at: Point;
}

/** The main sink, what is cooked on and the refrigerator: of several, the widest. */
export const workCentres: (design: Design) => readonly WorkCentre[] = perDesign((design) => {
  const widest = (boxes: readonly ItemBox[]) => [...boxes].sort((a, b) => b.record.width - a.record.width)[0];
  const found = {
    sink: mainSink(design),
    cook: widest(fixtures(design, 'cooking')),
    fridge: widest(fixtures(design, 'refrigerator')),
  };
  return (['sink', 'cook', 'fridge'] as const).flatMap((of) => {
    const box = found[of];
    return box ? [{ of, box, at: before(design, box) }] : [];
  });
});

/** The middle of a fixture's front edge: of what is let in, on the front line of what carries it. */
function before(design: Design, box: ItemBox): Point {
  const [left, right] = itselfAlong(design, box);
  const host = hostOf(design, box);
  const middle = place(box.origin, box.u, (left + right) / 2, box.n, 0);
  if (!host) return place(middle, box.n, box.record.depth + HAIR, box.u, 0);
  const back = (middle.x - host.origin.x) * host.n.x + (middle.y - host.origin.y) * host.n.y;
  return place(middle, host.n, host.record.depth - back + HAIR, host.u, 0);
}

const HAIR = 0.05;
