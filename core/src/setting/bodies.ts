import { perDesign, type Design } from '../document/design';
import { rememberOne } from '../document/remember';
import { BoundsIndexes } from '../geometry/bounds-index';
import { deepestOverlap } from '../geometry/convex-pieces';
import type { Point } from '../geometry/point';
import { boundsOf } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { named, type Noun } from '../nouns';
import { fixedThings } from '../survey/fixed-things';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { isDressing } from '../ranges/item-kind';
import { itemBoxes, type ItemBox } from './item-box';

/** An upright body in the room: what stands on its footprint between two heights. */
export interface Body {
  id: string;
  /** What it is called in a sentence. */
  name: Noun;
  footprint: readonly Point[];
  /** The footprint as convex pieces. */
  pieces: readonly (readonly Point[])[];
  low: number;
  high: number;
  /** The item it is of; null for a fixed thing. */
  box: ItemBox | null;
}

/** An item as a body: the same one for the same item in the same place. */
export const itemBody = rememberOne((box: ItemBox): Body => {
  const { id, record, footprint, pieces, low, high } = box;
  return { id, name: named(record.code), footprint, pieces, low, high, box };
});

/** Every item and fixed thing as a body; what dresses the room is in nobody's way. */
export const bodiesOf: (design: Design) => readonly Body[] = perDesign((design) => [
  ...itemBoxes(design)
    .filter(({ kind }) => !isDressing(kind))
    .map(itemBody),
  ...fixedThings(design).map(({ id, record, footprint, pieces, low, high }): Body => {
    return { id, name: record.type, footprint, pieces, low, high, box: null };
  }),
]);

/** Where the bodies of a design lie, to ask what is near a place. */
const indexOf = perDesign((design) => indexesOf(roomShape(design)).next(bodiesOf(design)));

const extentOf = rememberOne(({ footprint }: Body) => boundsOf(footprint));

/** An edit moves few of the bodies of a room. */
const indexesOf = rememberOne((_shape: RoomShape) => new BoundsIndexes(extentOf));

/** The bodies of a design whose extent in plan meets that of some points, so much wider, mm. */
export function bodiesNear(design: Design, points: readonly Point[], wider = 0): readonly Body[] {
  return indexOf(design).near(points, wider);
}

/** The items among them. */
export function itemsNear(design: Design, points: readonly Point[], wider = 0): readonly ItemBox[] {
  return itemsAmong(bodiesNear(design, points, wider));
}
const itemsAmong = rememberOne((bodies: readonly Body[]) => bodies.flatMap(({ box }) => box ?? []));

/** How deep two bodies go into each other, mm: the shortest move in plan that parts them. Null where they stand apart, one over the other, or one within what carries it. */
export function collision(a: Body, b: Body): number | null {
  if (Math.min(a.high, b.high) - Math.max(a.low, b.low) <= TOUCH) return null;
  if (carries(a, b) || carries(b, a) || isCutRound(a, b) || isCutRound(b, a)) return null;
  const depth = deepestOverlap(a.pieces, b.pieces);
  return depth > TOUCH ? depth : null;
}

/** Whether one is cut round the other, which is built in. */
const isCutRound = (a: Body, b: Body): boolean => b.box === null && a.box?.record.cutRound === true;

function carries(a: Body, b: Body): boolean {
  return a.box !== null && (b.box?.kind.within?.includes(a.box.kind.group) ?? false);
}
