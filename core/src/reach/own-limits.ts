import { perDesign, recordsOf, type Design } from '../document/design';
import { rememberOne } from '../document/remember';
import type { LimitRecord } from '../document/records';
import type { Check, PackRule } from './pack';
import { rulePacks } from './packs';

/** A limit as it is known by: its rule, its check, whether it is the least or the most, and what its source asks for. */
export type LimitPlace = Pick<LimitRecord, 'check' | 'rule' | 'side' | 'was'>;

const placeKey = ({ rule, check, side, was }: LimitPlace): string => `${rule} ${check} ${side} ${was}`;

/** Limits that are others in a design than their sources say, by their places: the very same as long as none is changed. */
export type OwnLimits = ReadonlyMap<string, LimitRecord>;
export const ownLimits: (design: Design) => OwnLimits = perDesign((design) =>
  byPlace(recordsOf(design, 'limit')),
);
const byPlace = rememberOne(
  (records: readonly LimitRecord[]): OwnLimits => new Map(records.map((one) => [placeKey(one), one])),
);

/** The limit of a check that is a number, and the place it is known by; null for one that the design sets itself, or none. */
export function limitPlace(rule: string, { id, least, most }: Check): LimitPlace | null {
  if (typeof least === 'number') return { rule, check: id, side: 'least', was: least };
  return typeof most === 'number' ? { rule, check: id, side: 'most', was: most } : null;
}

/** What a design asks for in place of a limit; undefined where it asks what the source does. */
export function ownLimit(limits: OwnLimits, rule: string, check: Check): number | undefined {
  if (limits.size === 0) return undefined;
  const place = limitPlace(rule, check);
  return place ? limits.get(placeKey(place))?.now : undefined;
}

/** Every limit of a rule that can be another, each once. */
export function limitsOf(rule: PackRule['id']): readonly LimitPlace[] {
  const found = new Map<string, LimitPlace>();
  for (const pack of Object.values(rulePacks))
    for (const { id, checks } of pack.rules)
      if (id === rule)
        for (const check of checks) {
          const place = limitPlace(id, check);
          // What must not be at all, as things that collide, is no matter of how much.
          if (place && check.level !== 'collision') found.set(placeKey(place), place);
        }
  return [...found.values()];
}

/** The record that changes a limit in a design, if any does. */
export const limitRecord = (design: Design, place: LimitPlace): LimitRecord | undefined =>
  ownLimits(design).get(placeKey(place));
