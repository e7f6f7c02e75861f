import type { RulePackId } from '../document/limits';
import type { CheckId, ValueId } from '../wording/check-names';
import type { RuleId } from '../wording/rule-names';
import type { Inputs } from './measure';
import type { MeasureId } from './measures';
import type { Trait } from './reading';

/** How binding a check is: a code must be kept, a guideline should, comfort is nice to have; things that collide are told apart from all three. */
export const checkLevels = ['code', 'guideline', 'comfort', 'collision'] as const;
export type CheckLevel = (typeof checkLevels)[number];

/** When a check is made: a trait of what is measured, or of the room, is this, or is a number from the first to below the second. */
export type When = { trait: string } & ({ is: Trait } | { from?: number; below?: number });

/** A limit: a number in the unit of the value, or one that the design sets, by its name among the bounds. */
export type Limit = number | string;

/** One value held against one limit, or told without any. */
export interface Check {
  /** What it is called; the value's own name unless it is another limit of one value. */
  id: CheckId;
  value: ValueId;
  level: CheckLevel;
  least?: Limit;
  most?: Limit;
  when?: readonly When[];
  /** Of checks of one such name it is enough that one is kept. */
  either?: string;
}

/** A rule of a pack: what it measures, and what it asks of it. */
export interface PackRule {
  id: RuleId;
  measure: MeasureId;
  inputs: Inputs;
  checks: readonly Check[];
}

/** Rules of one source. */
export interface Pack {
  id: RulePackId;
  rules: readonly PackRule[];
}

/** A check by its value's own name. */
export const check = (
  value: ValueId & CheckId,
  level: CheckLevel,
  more: Omit<Check, 'id' | 'level' | 'value'>,
): Check => ({
  id: value,
  value,
  level,
  ...more,
});

/** A value told with a rule's checks, of which nothing is asked by itself. */
export const told = (value: CheckId & ValueId): Check => ({ id: value, value, level: 'comfort' });

/** Another limit of a value, by a name of its own. */
export const further = (
  id: CheckId,
  value: ValueId,
  level: CheckLevel,
  more: Omit<Check, 'id' | 'level' | 'value'>,
): Check => ({ id, value, level, ...more });

/** One object for inputs that are alike: what is taken with them is taken once for all rules. */
const known = new Map<string, Inputs>();
function sameInputs(inputs: Inputs): Inputs {
  const key = JSON.stringify(inputs);
  const own = known.get(key) ?? inputs;
  known.set(key, own);
  return own;
}

/** A rule of a pack. */
export const rule = (
  id: RuleId,
  measure: MeasureId,
  checks: readonly Check[],
  inputs: Inputs = {},
): PackRule => ({ id, measure, inputs: sameInputs(inputs), checks });

/** A limit that holds where a trait is this. */
export const where = (trait: string, is: Trait): readonly When[] => [{ trait, is }];
/** A limit that holds from a number on, or below one. */
export const from = (trait: string, least: number): readonly When[] => [{ trait, from: least }];
export const below = (trait: string, most: number): readonly When[] => [{ trait, below: most }];
/** A limit that holds between two numbers. */
export const between = (trait: string, least: number, most: number): readonly When[] => [
  { trait, from: least, below: most },
];

/** Inches as mm. */
export const inches = (count: number): number => Math.round(count * 254_000) / 10_000;
