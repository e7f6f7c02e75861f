import { ok, refuse, type Result } from '../result';
import type { Design } from './design';
import { sameRecord, type Change, type Patch } from './patch';
import type { DesignRecord } from './records';
import { isAlike } from './remember';

/**
 * A patch as it goes onto a design that has gone on since it was made, by somebody else or by later edits: it changes the fields it changed, and leaves the
 * others as they are now. What it wants is dropped where it is so already; what it takes out is taken out as it is now. Refused, as stale, with the
 * ids of the records where both changed the same field, or where one changed what the other took out.
 */
export function rebased(design: Design, patch: Patch): Result<Patch> {
  const changes: Change[] = [];
  const stale: string[] = [];
  for (const change of patch) {
    const { id, before, after } = change;
    const now = Object.hasOwn(design.records, id) ? design.records[id]! : null;
    if (sameRecord(now, after)) continue;
    if (sameRecord(now, before)) changes.push(now === before ? change : { id, before: now, after });
    else if (after === null) changes.push({ id, before: now, after });
    else {
      const merged = before && now && mergedRecord(before, after, now);
      if (!merged) stale.push(id);
      else if (!sameRecord(merged, now)) changes.push({ id, before: now, after: merged });
    }
  }
  return stale.length > 0 ? refuse('patch-stale', { ids: stale }) : ok(changes);
}

/** A record with the fields one edit changed, on top of what others made of it; null where they changed the same field otherwise. */
function mergedRecord(before: DesignRecord, after: DesignRecord, now: DesignRecord): DesignRecord | null {
  if (before.kind !== now.kind || after.kind !== now.kind) return null;
  const [was, wanted, is] = [fieldsOf(before), fieldsOf(after), fieldsOf(now)];
  const merged = { ...is };
  for (const field of new Set([...Object.keys(was), ...Object.keys(wanted)])) {
    if (isAlike(was[field], wanted[field]) || isAlike(is[field], wanted[field])) continue;
    if (!isAlike(is[field], was[field])) return null;
    if (wanted[field] === undefined) delete merged[field];
    else merged[field] = wanted[field];
  }
  return merged as unknown as DesignRecord;
}

const fieldsOf = (record: DesignRecord) => record as unknown as Record<string, unknown>;
