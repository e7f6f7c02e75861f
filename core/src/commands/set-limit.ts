import type { LimitSource } from '../document/limits';
import { MOST_SHORT } from '../document/limits';
import { patchOf } from '../document/patch';
import type { LimitRecord } from '../document/records';
import { limitRecord, limitsOf, type LimitPlace } from '../reach/own-limits';
import { ok, refuse } from '../result';
import { quantise } from '../units/units';
import type { RuleId } from '../wording/rule-names';
import { guarded, type Command } from './command';

/** Makes a limit of a rule another in this room than its source says; null, or what the source says, and it is as that again. */
export const setLimit: Command<{ id: string; at: LimitPlace; now: number | null; by?: LimitSource }> = {
  id: 'set-limit',
  run(design, { id, at, now, by = 'room' }) {
    const known = limitsOf(at.rule as RuleId).some(
      (one) => one.check === at.check && one.side === at.side && one.was === at.was,
    );
    if (!known) return refuse('record-missing', { id: `${at.rule} ${at.check}`, what: 'limit' });
    const before = limitRecord(design, at);
    if (now === null || quantise(now) === quantise(at.was))
      return before ? guarded(design, patchOf(design, [], [before.id])) : ok([]);
    if (!(now >= 0 && now <= MOST_SHORT))
      return refuse('number-range', { what: 'limit', value: now, least: 0, most: MOST_SHORT });
    const { rule, check, side, was } = at;
    const record: LimitRecord = {
      ...{ kind: 'limit', id: before?.id ?? id, rule, check, side, was },
      ...{ now: quantise(now), by },
    };
    return guarded(design, patchOf(design, [record]));
  },
};
