import Flatbush from 'flatbush';
import { perDesign, type Design } from '../document/design';
import { deepestOverlap } from '../geometry/convex-pieces';
import type { Point } from '../geometry/point';
import { boundsOf } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { fixedName, fixedThings } from '../survey/fixed-things';
import { itemBoxes, type ItemBox } from './item-box';

/** An upright body in the room: what stands on its footprint between two heights. */
export interface Body {
  id: string;
  /** What it is called in a sentence. */
  name: string;
  footprint: readonly Point[];
  /** The footprint as convex pieces. */
  pieces: readonly (readonly Point[])[];
  low: number;
  high: number;
  /** The item it is of; null for a fixed thing. */
  box: ItemBox | null;
}

export function itemBody(box: ItemBox): Body {
  const { id, record, footprint, pieces, low, high } = box;
  return { id, name: record.code, footprint, pieces, low, high, box };
}

/** Every item and fixed thing as a body. */
export const bodiesOf: (design: Design) => readonly Body[] = perDesign((design) => [
  ...itemBoxes(design).map(itemBody),
  ...fixedThings(design).map(({ id, record, footprint, pieces, low, high }): Body => {
    return { id, name: `the ${fixedName(record.type)}`, footprint, pieces, low, high, box: null };
  }),
]);

/** Where the bodies of a design lie, to ask what is near a place. */
const indexOf: (design: Design) => Flatbush | null = perDesign((design) => {
  const bodies = bodiesOf(design);
  if (bodies.length === 0) return null;
  const index = new Flatbush(bodies.length);
  for (const { footprint } of bodies) {
    const { left, right, bottom, top } = boundsOf(footprint);
    index.add(left, bottom, right, top);
  }
  index.finish();
  return index;
});

/** The bodies of a design whose extent in plan meets that of some points, so much wider, mm. */
export function bodiesNear(design: Design, points: readonly Point[], wider = 0): readonly Body[] {
  const index = indexOf(design);
  if (!index) return [];
  const { left, right, bottom, top } = boundsOf(points);
  const bodies = bodiesOf(design);
  return index
    .search(left - wider, bottom - wider, right + wider, top + wider)
    .sort((a, b) => a - b)
    .map((at) => bodies[at]!);
}

/** How deep two bodies go into each other, mm: the shortest move in plan that parts them. Null where they stand apart, one over the other, or one within what carries it. */
export function collision(a: Body, b: Body): number | null {
  if (Math.min(a.high, b.high) - Math.max(a.low, b.low) <= TOUCH) return null;
  if (carries(a, b) || carries(b, a)) return null;
  const depth = deepestOverlap(a.pieces, b.pieces);
  return depth > TOUCH ? depth : null;
}

function carries(a: Body, b: Body): boolean {
  return a.box !== null && (b.box?.kind.within?.includes(a.box.kind.group) ?? false);
}
