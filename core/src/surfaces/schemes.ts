import { recordsOf, roomOf, type Design } from '../document/design';
import { canonical } from '../document/canonical';
import { applyPatch, patchOf } from '../document/patch';
import type {
  DesignRecord,
  FaceRecord,
  FixedRecord,
  ItemRecord,
  RoomFinishes,
  SchemePart,
  SchemeRecord,
} from '../document/records';
import { finishParts } from '../document/limits';
import { finishKey } from './finishes';

/** What is finished by itself: items, walls and linings. */
type Finished = FaceRecord | FixedRecord | ItemRecord;

const roomKeys = [
  ...finishParts.map(finishKey),
  'doorStyle',
  'handleStyle',
] as const satisfies (keyof RoomFinishes)[];
const partKeys = ['finish', 'finishes', 'doorStyle', 'handleStyle'] as const satisfies (keyof SchemePart)[];

/** An object's own of some of its keys, and all the others. */
function parted<T extends object>(from: T, keys: readonly string[]): { own: object; rest: object } {
  const entries = Object.entries(from);
  return {
    own: Object.fromEntries(entries.filter(([key]) => keys.includes(key))),
    rest: Object.fromEntries(entries.filter(([key]) => !keys.includes(key))),
  };
}

const finished = (design: Design): readonly Finished[] => [
  ...recordsOf(design, 'item'),
  ...recordsOf(design, 'face'),
  ...recordsOf(design, 'fixed'),
];

/** All that a room is finished with, as it is. */
export function finishesIn(design: Design): Pick<SchemeRecord, 'parts' | 'room'> {
  const parts = finished(design).flatMap((record): SchemePart[] => {
    const { own } = parted(record, partKeys);
    return Object.keys(own).length > 0 ? [{ id: record.id, ...own }] : [];
  });
  return { room: parted(roomOf(design), roomKeys).own, parts };
}

/** The records of a room that another set of finishes changes, as it makes them: what it says nothing of follows the room; what is locked stays. */
export function finishedAs(
  design: Design,
  { room, parts }: Pick<SchemeRecord, 'parts' | 'room'>,
): DesignRecord[] {
  const said = new Map(parts.map(({ id, ...own }) => [id, own]));
  const records = finished(design).filter((record) => record.kind !== 'item' || !record.locked);
  return [
    { ...parted(roomOf(design), roomKeys).rest, ...room } as DesignRecord,
    ...records.map(
      (record) => ({ ...parted(record, partKeys).rest, ...said.get(record.id) }) as DesignRecord,
    ),
  ].filter((after) => canonical(after) !== canonical(design.records[after.id]));
}

/** The room as it would be with another set of finishes; the same design where that changes nothing. */
export function wearing(design: Design, scheme: SchemeRecord): Design {
  const changed = finishedAs(design, scheme);
  if (changed.length === 0) return design;
  const applied = applyPatch(design, patchOf(design, changed));
  return applied.ok ? applied.value : design;
}
