import { isAtLeast, isAtMost } from './held';
import type { Noun } from '../nouns';
import type { CheckMade, Finding, Verdict } from './finding';
import type { Check, Limit, PackRule, When } from './pack';
import { ownLimit, type OwnLimits } from './own-limits';
import type { Reading, Trait } from './reading';

const NONE: OwnLimits = new Map();

const gravest: Record<Check['level'], number> = { collision: 0, code: 1, guideline: 2, comfort: 3 };

/** The finding of a rule about a reading, in a room of these traits; none where nothing it asks applies. */
export function findingOf(
  rule: PackRule,
  reading: Reading,
  room: Readonly<Record<string, Trait>>,
  names: readonly Noun[],
  limits: OwnLimits = NONE,
): Finding | null {
  const traits = { ...room, ...reading.traits };
  const made = rule.checks.flatMap((check) => madeOf(rule.id, check, reading, { traits, limits }) ?? []);
  if (!made.some(({ result }) => result.limit !== null)) return null;
  // Of checks of which one is enough, those that are not kept say nothing while another is, or may be.
  const broken = made.filter(
    (one) => one.result.held === false && !isElsewhere(one, made, true) && !isElsewhere(one, made, null),
  );
  const open = made.filter(
    (one) => one.result.limit !== null && one.result.held === null && !isElsewhere(one, made, true),
  );
  broken.sort((a, b) => gravest[a.result.level] - gravest[b.result.level]);
  const decides = (broken[0] ?? made.find(({ result }) => result.held !== null) ?? made[0]!).result;
  return {
    key: `${rule.id} ${reading.key}`,
    rule: rule.id,
    measure: rule.measure,
    verdict: verdictOf(broken[0]?.result.level, open.length > 0),
    ids: reading.ids,
    place: reading.place,
    names,
    checks: made.map(({ result }) => result),
    lacking: open.length > 0 ? (reading.lacking ?? []) : [],
    values: reading.values,
    measured: decides.measured ?? 0,
    required: decides.required ?? 0,
  };
}

function verdictOf(broken: Check['level'] | undefined, isOpen: boolean): Verdict {
  if (broken === 'code' || broken === 'collision') return 'blocked';
  if (broken === 'guideline') return 'tight';
  return isOpen ? 'unjudged' : 'clear';
}

interface Made {
  check: Check;
  result: CheckMade;
}

/** Whether another check of the same name, of which one is enough, is kept, or cannot be judged. */
const isElsewhere = ({ check }: Made, made: readonly Made[], held: true | null): boolean =>
  check.either !== undefined &&
  made.some(
    (one) => one.check.either === check.either && one.result.limit !== null && one.result.held === held,
  );

/** A check as it is made; null where it does not apply. */
function madeOf(
  rule: string,
  check: Check,
  reading: Reading,
  { traits, limits }: { traits: Readonly<Record<string, Trait>>; limits: OwnLimits },
): Made | null {
  const measured = reading.values[check.value];
  if (measured === undefined) return null;
  const conditions = (check.when ?? []).map((when) => applies(when, traits));
  if (conditions.includes(false)) return null;
  const limit = check.least !== undefined ? 'least' : check.most !== undefined ? 'most' : null;
  const own = ownLimit(limits, rule, check);
  const usual = limitOf(check.least ?? check.most, reading);
  const required = own ?? usual;
  const isKnown = measured !== null && required !== null && !conditions.includes(null);
  const kept = measured !== null && required !== null && limit !== null && isHeld(measured, limit, required);
  // Where it is not known whether a limit applies, what keeps it is kept all the same.
  const held = kept ? true : isKnown && limit !== null ? false : null;
  return {
    check,
    result: {
      id: check.id,
      level: check.level,
      measured,
      required,
      limit,
      held,
      ...(own !== undefined && { usual }),
    },
  };
}

const isHeld = (measured: number, limit: 'least' | 'most', required: number): boolean =>
  limit === 'least' ? isAtLeast(measured, required) : isAtMost(measured, required);

function limitOf(limit: Limit | undefined, { bounds }: Reading): number | null {
  if (limit === undefined) return null;
  return typeof limit === 'number' ? limit : (bounds?.[limit] ?? null);
}

/** Whether a condition is met; null where the fact is missing. */
function applies(when: When, traits: Readonly<Record<string, Trait>>): boolean | null {
  const trait = traits[when.trait] ?? null;
  if (trait === null) return null;
  if ('is' in when) return trait === when.is;
  if (typeof trait !== 'number') return false;
  return trait >= (when.from ?? -Infinity) && trait < (when.below ?? Infinity);
}
