import type { ItemRecord, Side } from '../document/records';
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

export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/** An item of the other hand: where it is known to be taken hold of at one side, it is at the other. */
export function ofOtherHand<R extends Pick<ItemRecord, 'facts' | 'hand'>>(record: R): R {
  const { facts } = record;
  const isOne = facts?.handle === 'left' || facts?.handle === 'right';
  const held = isOne && { facts: { ...facts, handle: otherSide(facts.handle as Side) } };
  return { ...record, hand: otherSide(record.hand), ...held };
}
