import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { saidBy, type Reason } from '../reasons';
import { ok, refuse, type Fault, type Result } from '../result';
import { ONLY_BLANKS } from './decorators';
import { SCHEMA, type Design } from './design';
import { isRight } from './is-right';
import { factsOf } from './kinds';
import { migrate } from './migrations';
import { isReserved, readJson } from './read-json';
import { recordClasses, type DesignRecord, type RecordKind } from './records';

/** The largest design file read, bytes: far above any real room. */
export const MOST_DESIGN_BYTES = 5_000_000;

/** Reads a design from text: refuses junk, other kinds of file, newer schemas, and records with faults (each with path, value and reason). */
export function readDesign(text: string): Result<Design> {
  if (text.length > MOST_DESIGN_BYTES)
    return refuse('design-too-large', { bytes: text.length, most: MOST_DESIGN_BYTES });
  const read = readJson(text);
  return read.ok ? validateDesign(read.value) : read;
}

/** Checks a parsed value record by record against the decorated classes; the cross-record invariants are checked separately. */
export function validateDesign(value: unknown): Result<Design> {
  if (!isObject(value))
    return refuse('design-other-kind', {
      found: Array.isArray(value) ? 'found-list' : { because: 'found-value', type: typeof value },
    });
  const { schema, records } = value;
  if (!Number.isInteger(schema) || !isObject(records)) {
    const keys = Object.keys(value).slice(0, 4).join(', ');
    return refuse('design-other-kind', { found: keys ? { because: 'found-object', keys } : 'found-empty' });
  }
  const extra = Object.keys(value).filter((key) => key !== 'schema' && key !== 'records');
  if (extra.length > 0)
    return refuse('design-faulty', {
      faults: [{ path: extra[0]!, value: '', reason: 'no-design-key' }],
    });
  const migrated = migrate({ schema: schema as number, records });
  if (!migrated.ok) return migrated;
  const faults = Object.entries(migrated.value.records).flatMap(([id, record]) =>
    recordFaults(id, record, `records.${id}`),
  );
  if (faults.length > 0) return refuse('design-faulty', { faults });
  return ok({ schema: SCHEMA, records: migrated.value.records as Record<string, DesignRecord> });
}

/** What is wrong with one record, as path, value and reason; empty when it is right. */
export function recordFaults(id: string, record: unknown, path: string): Fault[] {
  if (!isObject(record)) return [fault(path, record, 'no-record')];
  const known = Object.hasOwn(recordClasses, String(record['kind']));
  if (!known)
    return [
      fault(`${path}.kind`, record['kind'], {
        because: 'not-among',
        known: Object.keys(recordClasses).join(', '),
      }),
    ];
  if (isReserved(id)) return [fault(path, id, 'id-reserved')];
  if (record['id'] !== id) return [fault(`${path}.id`, record['id'], { because: 'id-not-key', id })];
  if (factsOf(record['kind'] as RecordKind).takes) {
    const placement = record['placement'];
    const on = isObject(placement) ? placement['on'] : undefined;
    if (on !== 'face' && on !== 'floor') return [fault(`${path}.placement.on`, on, 'neither-face-nor-floor')];
  }
  return faultsIn(recordClasses[record['kind'] as RecordKind] as new () => object, record, path);
}

/** What is wrong with something of a decorated class, as path, value and reason; unknown fields are faults. */
export function faultsIn(ofClass: new () => object, value: unknown, path: string): Fault[] {
  if (!isObject(value)) return [fault(path, value, 'no-object')];
  if (isRight(ofClass, value)) return [];
  const errors = validateSync(plainToInstance(ofClass, value), {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
  });
  return errors.flatMap((error) => faultsOf(error, path));
}

function faultsOf(error: ValidationError, path: string): Fault[] {
  const own = `${path}.${error.property}`;
  const reasons = Object.values(error.constraints ?? {}).map((text) =>
    text.replace(/^(each value in )?(property )?\S+ /, '$1'),
  );
  return [
    ...reasons
      .slice(0, 1)
      .map((text) => fault(own, error.value, text === ONLY_BLANKS ? ONLY_BLANKS : saidBy(text))),
    ...(error.children ?? []).flatMap((child) => faultsOf(child, own)),
  ];
}

function fault(path: string, value: unknown, reason: Reason): Fault {
  const shown = JSON.stringify(value) ?? 'nothing';
  return { path, value: shown.length > 60 ? `${shown.slice(0, 57)}…` : shown, reason };
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
