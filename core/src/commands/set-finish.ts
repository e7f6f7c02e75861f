import { recordOf, recordsOf, roomOf, type Design } from '../document/design';
import { MOST_FINISH, type FinishPart, type ItemPart } from '../document/limits';
import { patchOf } from '../document/patch';
import type { DesignRecord, FaceRecord, FinishRecord, FixedRecord, ItemRecord } from '../document/records';
import { ok, refuse, type Result } from '../result';
import { isItemPart } from '../surfaces/finish-of';
import type { FinishTarget } from '../surfaces/finish-scopes';
import { finishKey } from '../surfaces/finishes';
import { findFace, findFreeItems, guarded, type Command } from './command';
import { goneFor } from '../surfaces/kept-finishes';

/** A part, and the name of what it is finished with; null goes back to what the room says, or what is usual. */
export interface FinishChange {
  part: FinishPart;
  finish: string | null;
  to: FinishTarget;
  /** One of the studio's own of that name: the room keeps a copy of it, renewed each time it is given. */
  own?: FinishRecord;
}

/** Finishes a part of some items, of some walls, or of the room. */
export const setFinish: Command<FinishChange> = {
  id: 'set-finish',
  run(design, { part, finish, to, own }) {
    const name = finish?.trim() ?? '';
    if (name.length > MOST_FINISH) return refuse('finish-long', { most: MOST_FINISH });
    const written = writtenOf(design, { part, finish: name, to });
    if (!written.ok) return written;
    // The room keeps a copy of it, renewed each time.
    const kept = own?.name === name ? [own] : [];
    return guarded(design, patchOf(design, [...written.value, ...kept], goneFor(design, kept)));
  },
};

function writtenOf(
  design: Design,
  { part, finish, to }: { part: FinishPart; finish: string; to: FinishTarget },
): Result<DesignRecord[]> {
  if ('items' in to) {
    if (!isItemPart(part)) return refuse('finish-of-room', { part });
    const found = findFreeItems(design, to.items);
    return found.ok ? ok(found.value.map(({ record }) => finished(record, part, finish))) : found;
  }
  if ('faces' in to) {
    if (part !== 'wall') return refuse('finish-of-room', { part });
    const written: (FaceRecord | FixedRecord)[] = [];
    for (const id of to.faces) {
      const lining = recordOf(design, 'fixed', id);
      if (lining?.type === 'lining') {
        written.push(walled(lining, finish));
        continue;
      }
      const found = findFace(design, id);
      if (!found.ok) return found;
      written.push(walled(found.value.record, finish));
    }
    return ok(written);
  }
  const { [finishKey(part)]: _, ...others } = roomOf(design);
  const room = { ...others, ...(finish && { [finishKey(part)]: finish }) };
  if (to.room === 'usual') return ok([room]);
  // What is locked keeps what it has.
  const items = isItemPart(part)
    ? recordsOf(design, 'item').flatMap((item) => (item.locked ? [] : [finished(item, part, '')]))
    : [];
  const faces =
    part === 'wall'
      ? [...recordsOf(design, 'face'), ...recordsOf(design, 'fixed')].flatMap((one) =>
          one.finish === undefined ? [] : [walled(one, '')],
        )
      : [];
  return ok([room, ...items, ...faces]);
}

function finished(item: ItemRecord, part: ItemPart, name: string): ItemRecord {
  if (part === 'front') {
    const { finish: _, ...rest } = item;
    return name ? { ...rest, finish: name } : rest;
  }
  const { finishes: before, ...rest } = item;
  const { [part]: _, ...others } = before ?? {};
  const finishes = { ...others, ...(name && { [part]: name }) };
  return Object.keys(finishes).length > 0 ? { ...rest, finishes } : rest;
}

function walled<R extends FaceRecord | FixedRecord>(face: R, name: string): R {
  const { finish: _, ...rest } = face;
  return { ...rest, ...(name && { finish: name }) } as R;
}
