import { randomUUID } from 'node:crypto';
import type { roomOf } from '../../core/src/document/design';

type RoomRecord = ReturnType<typeof roomOf>;

/** A save that renames a room at a revision, as any small edit would change it: the id of its edit, what is sent, and the record after it. */
export function renaming(record: RoomRecord, revision: number) {
  const after = { ...record, name: `Room ${revision}` };
  const id = randomUUID();
  const patch = [{ id: record.id, before: record, after }];
  const edit = { id, step: id, action: 'do', command: 'set-room', args: { name: after.name }, patch };
  return { id, after, body: { baseRevision: revision, edits: [edit] } };
}
