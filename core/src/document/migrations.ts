import { ok, refuse, type Result } from '../result';
import { SCHEMA } from './design';

/** A document as it was read, before its records are known to be right. */
export interface RawDesign {
  schema: number;
  records: Record<string, unknown>;
}

/** One step from a schema version to the next; pure. */
export type Migration = (raw: RawDesign) => RawDesign;

/** migrations[n] takes schema n to n + 1. Version 1 is the first published, so none is needed yet. */
export const migrations: Readonly<Record<number, Migration>> = {};

/** Brings a document to the current schema; a newer one, or one with no way up, is refused. */
export function migrate(raw: RawDesign, steps = migrations, current = SCHEMA): Result<RawDesign> {
  if (raw.schema > current) return refuse('design-newer', { schema: raw.schema, known: current });
  let migrated = raw;
  while (migrated.schema < current) {
    const step = steps[migrated.schema];
    if (!step)
      return refuse('design-other-kind', { found: { because: 'found-schema', schema: migrated.schema } });
    migrated = { ...step(migrated), schema: migrated.schema + 1 };
  }
  return ok(migrated);
}
