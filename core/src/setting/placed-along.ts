import type { ItemRecord } from '../document/records';
import { place } from '../geometry/point';
import { facePlacement } from './face-placement';
import type { ItemBox } from './item-box';
import { placedAt, standing } from './shift-item';

/** A part of an item's place: so far along it from its left end and so wide, against the same face or free in the same line. */
export function placedAlong(box: ItemBox, along: number, width: number): ItemRecord {
  const { record, against, origin, u, n, turn } = box;
  const part = { ...record, width };
  if (record.placement.on === 'face' && against)
    return {
      ...part,
      placement: facePlacement(against.face, against.along + along, width, record.placement.off),
    };
  return placedAt(part, standing(place(origin, u, along, n, 0), turn));
}
