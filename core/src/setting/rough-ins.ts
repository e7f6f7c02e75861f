import { perDesign, type Design } from '../document/design';
import type { ServiceType } from '../document/fixture-types';
import { distance, place, type Point } from '../geometry/point';
import type { ServicePoint } from '../ranges/range';
import { findItem, rangesOf } from '../ranges/shelf';
import { placedServices } from '../survey/services';
import { itemBoxes, type ItemBox } from './item-box';

/** A point of supply or waste that an item brings with it: its place in plan and height, mm. */
export interface RoughIn {
  item: string;
  type: ServiceType;
  at: Point;
  /** Square to the item's back, into the room. */
  n: Point;
  up: number;
  /** Its distance along the face the item stands against, from the face's left end, and off it. */
  against: { letter: string; along: number; out: number } | null;
  /** The nearest surveyed service of its type within reach, and how far off it is in all. */
  supply: { id: string; off: number } | null;
}

/** A surveyed service farther off than this is not the one an item is led to, mm. */
const REACH = 1_500;

/** Where the services of all items come to be, in the order of the items' ids. */
export const roughIns: (design: Design) => readonly RoughIn[] = perDesign((design) =>
  itemBoxes(design).flatMap((box) => roughInsOf(design, box)),
);

/** Where the services of an item come to be. */
export function roughInsOf(design: Design, box: ItemBox): RoughIn[] {
  const { record, origin, u, n, against } = box;
  const found = findItem(record.range, record.code, rangesOf(design));
  if (!found.ok) return [];
  const off = record.placement.on === 'face' ? record.placement.off : 0;
  return found.value.services.map((point) => {
    const along = acrossFromLeft(box, point);
    const at = place(origin, u, along, n, point.out);
    return {
      item: box.id,
      type: point.type,
      at,
      n,
      up: point.up,
      against: against && { letter: against.face.letter, along: against.along + along, out: off + point.out },
      supply: nearest(design, point, at),
    };
  });
}

/** How far a service point is from an item's left end, mm; on the other side for one of the other hand. */
export function acrossFromLeft({ record, kind }: ItemBox, { from, across }: ServicePoint): number {
  const { width, hand } = record;
  const at = from === 'left' ? across : from === 'right' ? width - across : width / 2 + across;
  return kind.sided && hand === 'right' ? width - at : at;
}

function nearest(design: Design, { type, up }: ServicePoint, at: Point): RoughIn['supply'] {
  const others = placedServices(design)
    .filter(({ record }) => record.type === type)
    .map(({ id, at: place, record }) => ({ id, off: Math.hypot(distance(place, at), record.up - up) }))
    .sort((a, b) => a.off - b.off);
  const [first] = others;
  return first && first.off <= REACH ? first : null;
}
