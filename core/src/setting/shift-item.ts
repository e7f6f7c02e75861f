import type { FacePlacement, ItemRecord, Placement } from '../document/records';
import { direction, dot, inward, place, type Point } from '../geometry/point';
import { wrapAngle } from '../units/angles';
import { quantise } from '../units/units';
import type { ItemBox } from './item-box';

/** An item moved in its own frame, mm: to its right, and out from its back. Against a face it stays placed from the same end. */
export function shifted(box: ItemBox, right: number, out: number): ItemRecord {
  const { record, against, origin, u, n, turn } = box;
  const { placement } = record;
  if (placement.on === 'face' && against) return { ...record, placement: alongFace(placement, right, out) };
  return placedAt(record, standing(place(origin, u, right, n, out), turn));
}

function alongFace(placement: FacePlacement, right: number, out: number): FacePlacement {
  const by = placement.from === 'left' ? right : -right;
  return {
    ...placement,
    distance: quantise(placement.distance + by),
    off: quantise(placement.off + out),
  };
}

/** A placement moved by a vector in plan, mm, of what stands so. */
export function shiftedPlacement(
  placement: Placement,
  { u, n }: { u: Point; n: Point },
  by: Point,
): Placement {
  if (placement.on === 'face') return alongFace(placement, dot(by, u), dot(by, n));
  return { ...placement, x: quantise(placement.x + by.x), y: quantise(placement.y + by.y) };
}

/** An item moved by a vector in plan, mm. */
export function shiftedBy(box: ItemBox, by: Point): ItemRecord {
  return shifted(box, dot(by, box.u), dot(by, box.n));
}

/** An item at another placement; it is not turned against it any more. */
export function placedAt(record: ItemRecord, placement: Placement): ItemRecord {
  const after = { ...record, placement };
  delete after.turned;
  return after;
}

/** Free on the floor: its back left corner, and the direction its back runs in. */
export function standing({ x, y }: Point, turn: number): Placement {
  return { on: 'floor', x: quantise(x), y: quantise(y), turn: wrapAngle(turn) };
}

/** Free on the floor with its middle at a point. */
export function standingAround(
  middle: Point,
  turn: number,
  { width, depth }: { width: number; depth: number },
): Placement {
  const u = direction(turn);
  return standing(place(middle, u, -width / 2, inward(u), -depth / 2), turn);
}
