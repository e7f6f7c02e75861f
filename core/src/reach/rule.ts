import type { Design } from '../document/design';
import type { PackId } from '../document/limits';
import type { RoomRecord } from '../document/records';
import type { Point } from '../geometry/point';
import type { Noun } from '../nouns';
import type { ItemBox } from '../setting/item-box';
import type { Top } from '../surfaces/tops';
import type { FixedThing } from '../survey/fixed-things';
import type { PlacedOpening } from '../survey/openings';
import type { RoomShape } from '../survey/room-shape';
import type { RuleId } from '../wording/rule-texts';

/** clear: kept; tight: a guideline broken; blocked: a code broken, or things collide. */
export type Verdict = 'clear' | 'tight' | 'blocked';

/** Everything a rule may look at. */
export interface ReachFacts {
  design: Design;
  room: RoomRecord;
  shape: RoomShape;
  boxes: readonly ItemBox[];
  fixed: readonly FixedThing[];
  openings: readonly PlacedOpening[];
  tops: readonly Top[];
}

/** One rule applied to one place. Lengths mm. */
export interface Finding {
  rule: string;
  verdict: Verdict;
  /** The records it is about; the first is the one to go to. */
  ids: readonly string[];
  /** The space it is about, as a polygon or a line in plan. */
  place: readonly Point[];
  measured: number;
  required: number;
  /** What its sentence names, in the order that wants them. */
  names: readonly Noun[];
}

/** A reach rule: its data, and what it finds; its words are in `wording/rule-texts`. */
export interface Rule {
  /** The file's name. */
  id: RuleId;
  level: 'code' | 'guideline' | 'collision';
  /** Checked only when it is asked for. */
  onRequest?: true;
  /** Thresholds per pack, mm. */
  parameters: Record<PackId, Readonly<Record<string, number>>>;
  check(facts: ReachFacts, parameters: Readonly<Record<string, number>>): Omit<Finding, 'rule'>[];
}

/** What rules find of a design. */
export interface ReachReport {
  findings: readonly Finding[];
  /** Ids of rules that failed themselves, with the reason; the others still ran. */
  failed: readonly { rule: string; reason: string }[];
}

/** How many findings have each verdict. */
export function countVerdicts({ findings }: ReachReport): Record<Verdict, number> {
  const counts = { clear: 0, tight: 0, blocked: 0 };
  for (const { verdict } of findings) counts[verdict] += 1;
  return counts;
}
