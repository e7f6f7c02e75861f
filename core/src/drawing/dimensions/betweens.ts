import type { Between } from '../primitives';
import type { Parted } from './chains';

/** Places nearer than this to an end are at it, mm: as those that make no length of their own. */
const AT = 0.5;

/** What lies at, before and after each length of a chain that is parted at these places, its ends included. */
export function betweensOf({ between, of, open }: Parted, ends: readonly number[]): Between[] {
  const known = between.flatMap(({ at, of: id }) => (id === null ? [] : [{ at, id }]));
  const at = ends.map((end) => [
    ...new Set(known.filter((one) => Math.abs(one.at - end) <= AT).map(({ id }) => id)),
  ]);
  const reach = new Map<string, [least: number, most: number]>();
  for (const { at: place, id } of known) {
    const [least, most] = reach.get(id) ?? [place, place];
    reach.set(id, [Math.min(least, place), Math.max(most, place)]);
  }
  // Where all that ends stays, as a box over its foot, that end does; floors and walls do as well.
  const isHeld = (at: number): boolean => {
    const own = between.filter((one) => one.of !== null && Math.abs(one.at - ends[at]!) <= AT);
    const isOuter = (at === 0 || at === ends.length - 1) && !open && of === undefined;
    return isOuter || (own.length > 0 && own.every(({ stays }) => stays));
  };
  // Where only what stands on others ends, these are not moved for it: it would go with them.
  const carry = ends.map((end, index) =>
    at[index]!.length > 0
      ? new Set<string>()
      : new Set(between.flatMap((one) => (Math.abs(one.at - end) <= AT ? (one.on ?? []) : []))),
  );
  const reached = Array.from(reach, ([id, [least, most]]) => ({ id, least, most }));
  const whole = of === undefined ? [] : [of];
  return ends.slice(1).map((to, index) => {
    const from = ends[index]!;
    const moved = (own: number, other: number) => at[own]!.filter((id) => !carry[other]!.has(id));
    return {
      from: [...whole, ...moved(index, index + 1)],
      to: [...whole, ...moved(index + 1, index)],
      held: [...(isHeld(index) ? (['from'] as const) : []), ...(isHeld(index + 1) ? (['to'] as const) : [])],
      before: reached.filter(({ most }) => most <= from + AT).map(({ id }) => id),
      after: reached.filter(({ least }) => least >= to - AT).map(({ id }) => id),
    };
  });
}
