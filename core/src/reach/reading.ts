import type { Point } from '../geometry/point';
import type { LackId, ValueId } from '../wording/check-names';
import type { Noun, NounKey } from '../nouns';

/** A thing that a sentence names: by itself, or by a record, whose name follows from the design; `as` is what of it is meant. */
export type About = Noun | { of: string; as?: NounKey };

/** What a condition of a limit can ask for: of what is measured, or of the room. Null where the fact is missing. */
export type Trait = boolean | number | string | null;

/** What a measure found at one place; never a verdict. */
export interface Reading {
  /** What tells it from all else the measure finds; the same as long as those things are there. */
  key: string;
  /** The records it is about; the first is the one to go to. */
  ids: readonly string[];
  /** The space it is about, as a polygon or a line in plan. */
  place: readonly Point[];
  /** What its sentence names, in the order that wants them. */
  about: readonly About[];
  /** What was measured: mm, or as the value says itself. Null where a fact is missing; what does not apply is not there. */
  values: { readonly [value in ValueId]?: number | null };
  /** Limits that the design sets itself, by name. */
  bounds?: Readonly<Record<string, number>>;
  /** What limits depend on. */
  traits?: Readonly<Record<string, Trait>>;
  /** The facts that are missing. */
  lacking?: readonly LackId[];
}
