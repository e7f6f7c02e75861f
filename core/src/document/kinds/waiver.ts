import { Equals, Matches } from 'class-validator';
import { Between, ListOf, OneOf, RecordId, Words } from '../decorators';
import { MOST_FINDING_KEY, MOST_REASON, MOST_SHORT, waivedVerdicts, type WaivedVerdict } from '../limits';

/** By how much a check was not kept when that was accepted, in the unit of its value. */
export class WaivedCheck {
  @Words(1, 80) check!: string;
  @Between(0, MOST_SHORT) short!: number;
}

/** What a reach check found, accepted as it was; it speaks again once it is worse. */
export class WaiverRecord {
  @Equals('waiver') kind!: 'waiver';
  @RecordId() id!: string;
  /** The finding's key. */
  @Words(1, MOST_FINDING_KEY) finding!: string;
  @OneOf(waivedVerdicts) verdict!: WaivedVerdict;
  @ListOf(WaivedCheck, 0, 40) checks!: WaivedCheck[];
  @Words(1, MOST_REASON) reason!: string;
  /** Who accepted it, and on which day: 2026-05-14. */
  @Words(1, 80) by!: string;
  @Matches(/^\d{4}-\d{2}-\d{2}$/) on!: string;
}
