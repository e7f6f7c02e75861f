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

/** Reckoned with nothing. */
export const NO_INPUTS: Inputs = {};

/** Inches as mm. */
export const inches = (count: number): number => Math.round(count * 254_000) / 10_000;
