import { factsOf, recordKinds } from './kinds';
import { rememberOne } from './remember';
import type { DesignRecord, LoopRecord, PlacedRecord, RecordKind, RecordOf, RoomRecord } from './records';

/** The version of the document format this program writes. */
export const SCHEMA = 1;

/** The design document of one room: plain, immutable JSON. Everything else is computed from it. */
export interface Design {
  readonly schema: number;
  readonly records: { readonly [id: string]: DesignRecord };
}

const NONE: readonly never[] = [];
const sorted = new WeakMap<Design, Map<RecordKind, DesignRecord[]>>();

/** All records of a kind, in the order of their ids; computed once per design. */
export function recordsOf<K extends RecordKind>(design: Design, kind: K): readonly RecordOf<K>[] {
  let byKind = sorted.get(design);
  if (!byKind) {
    byKind = new Map();
    for (const id of Object.keys(design.records).sort()) {
      const record = design.records[id]!;
      const list = byKind.get(record.kind);
      if (list) list.push(record);
      else byKind.set(record.kind, [record]);
    }
    sorted.set(design, byKind);
  }
  return (byKind.get(kind) ?? NONE) as unknown as RecordOf<K>[];
}

/** So many changes at most are carried over one by one. */
const CARRIED = 64;

/** Makes a design's lists by kind of those of the design it was made from, where few records differ: lists of other kinds are the very same. */
export function carryLists(from: Design, to: Design, changed: readonly string[]): void {
  const known = sorted.get(from);
  if (!known || changed.length > CARRIED) return;
  const byKind = new Map(known);
  for (const id of changed) {
    const [before, after] = [from.records[id], to.records[id]];
    if (before) byKind.set(before.kind, replaced(byKind.get(before.kind) ?? [], id, undefined));
    if (after) byKind.set(after.kind, replaced(byKind.get(after.kind) ?? [], id, after));
  }
  sorted.set(to, byKind);
}

/** A list in the order of ids with one record put in or taken out. */
function replaced(
  list: readonly DesignRecord[],
  id: string,
  record: DesignRecord | undefined,
): DesignRecord[] {
  let [from, to] = [0, list.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (list[middle]!.id < id) from = middle + 1;
    else to = middle;
  }
  const isThere = list[from]?.id === id;
  return [...list.slice(0, from), ...(record ? [record] : []), ...list.slice(isThere ? from + 1 : from)];
}

/** The record of this id if it is of this kind. */
export function recordOf<K extends RecordKind>(design: Design, kind: K, id: string): RecordOf<K> | undefined {
  const record = Object.hasOwn(design.records, id) ? design.records[id] : undefined;
  return record?.kind === kind ? (record as RecordOf<K>) : undefined;
}

/** The room record; a valid design has exactly one. */
export function roomOf(design: Design): RoomRecord {
  const room = recordsOf(design, 'room')[0];
  if (!room) throw new Error('The design has no room record.');
  return room;
}

/** The loop around the room; a valid design has exactly one. */
export function loopOf(design: Design): LoopRecord {
  const loop = recordsOf(design, 'loop')[0];
  if (!loop) throw new Error('The design has no loop record.');
  return loop;
}

/** How lengths of this design are shown. */
export function styleOf(design: Design) {
  const { unit, step } = roomOf(design);
  return { unit, step };
}

/** Remembers what a pure function computes for each design, for as long as the design lives. */
export const perDesign: <T>(compute: (design: Design) => T) => (design: Design) => T = rememberOne;

/** All records that have a placement: items, fixed things, services. */
export const placedRecords: (design: Design) => readonly PlacedRecord[] = perDesign((design) =>
  recordKinds.flatMap((kind) =>
    factsOf(kind).takes === null ? [] : (recordsOf(design, kind) as readonly PlacedRecord[]),
  ),
);

/** How many sets of records a `perRecords` function remembers for each anchor: the committed design and what a drag makes of it. */
const REMEMBERED = 4;

/**
 * Remembers what a pure function computes from some records of a design: designs that share those very records share the
 * result. It is handed a design of those records and no others. The first record selected is the anchor it is remembered by.
 */
export function perRecords<T>(
  select: (design: Design) => readonly DesignRecord[],
  compute: (design: Design) => T,
): (design: Design) => T {
  const byAnchor = new WeakMap<DesignRecord, { records: readonly DesignRecord[]; value: T }[]>();
  return perDesign((design) => {
    const records = select(design);
    const entries = byAnchor.get(records[0]!) ?? [];
    const same = (one: (typeof entries)[number]) =>
      one.records.length === records.length && one.records.every((record, i) => record === records[i]);
    const entry = entries.find(same) ?? { records, value: compute(designOf(records)) };
    byAnchor.set(records[0]!, [entry, ...entries.filter((one) => one !== entry)].slice(0, REMEMBERED));
    return entry.value;
  });
}

/** A design of these records. */
export function designOf(records: readonly DesignRecord[]): Design {
  return { schema: SCHEMA, records: Object.fromEntries(records.map((record) => [record.id, record])) };
}
