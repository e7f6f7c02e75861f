import type { Design } from '../document/design';
import type { PackId } from '../document/limits';
import type { RoomRecord } from '../document/records';
import type { Point } from '../geometry/point';
import type { ItemBox } from '../setting/item-box';
import type { Top } from '../surfaces/tops';
import type { FixedThing } from '../survey/fixed-things';
import type { PlacedOpening } from '../survey/openings';
import type { RoomShape } from '../survey/room-shape';

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
  /** Names for the sentence, such as a door or face letter. */
  names: readonly string[];
}

/** A reach rule: its data, and what it finds. */
export interface Rule {
  /** The file's name. */
  id: string;
  name: string;
  level: 'code' | 'guideline' | 'collision';
  /** Checked only when it is asked for. */
  onRequest?: true;
  /** Where each pack's figure comes from. */
  source: Record<PackId, string>;
  /** Thresholds per pack, mm. */
  parameters: Record<PackId, Readonly<Record<string, number>>>;
  check(facts: ReachFacts, parameters: Readonly<Record<string, number>>): Omit<Finding, 'rule'>[];
  /** The finding as a sentence; `show` writes a length in the job's unit. */
  say(finding: Finding, show: (mm: number) => string): string;
}
