import type { ItemKind } from './item-kind';

/** Cabinets up to this width have one door, wider ones two, mm. */
export const ONE_DOOR = 610;

/** Whether it has legs along both walls of a corner. */
export function hasLegs({ plan }: ItemKind): boolean {
  return plan === 'l' || plan === 'diagonal';
}

/** Whether it goes into a corner, so that its hand says at which end the corner is. */
export function goesInCorner(kind: ItemKind): boolean {
  return hasLegs(kind) || kind.blind === true;
}

/** Whether it can be had the other way round: with its corner, its cut, its drain or the hinges of its one door on either side. */
export function isHanded(kind: ItemKind, width: number): boolean {
  return (
    goesInCorner(kind) ||
    kind.plan === 'chamfer' ||
    kind.sided === true ||
    (kind.opens === 'doors' && width <= ONE_DOOR)
  );
}
