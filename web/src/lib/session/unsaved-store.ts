import { del, get, keys, set } from 'idb-keyval';
import type { LocalEdit } from './edits';

/** An edit that is not saved yet; with why, where it can't be. */
export type StoredEdit = LocalEdit & { why?: string };

/** Where a page keeps edits until the server has acknowledged them. */
export interface UnsavedStore {
  read(): Promise<StoredEdit[]>;
  write(edits: readonly StoredEdit[]): Promise<void>;
  /** Says once for each page of the room that is still open what it left unsaved when it goes. */
  onLeft(take: (edits: StoredEdit[]) => void): void;
}

/**
 * Unsaved edits of one room in the browser's database, one entry a tab, so that tabs never overwrite each other.
 * A tab holds a lock while it lives; what a closed tab left behind is taken over by the next page of the room, or by one that is
 * open already as soon as the lock is free. When a page goes, as on a reload right after an edit, what it has is put into the
 * storage that takes it at once: that also says that the page is gone, for its lock may be held a moment longer.
 */
export function browserStore(roomId: string): UnsavedStore {
  const prefix = `unsaved:${roomId}:`;
  const own = prefix + crypto.randomUUID();
  holdLock(own);
  let unsaved: readonly StoredEdit[] = [];
  const open: string[] = [];
  const takeOver = async (key: string) => {
    const last = localStorage.getItem(key);
    const kept = last ? (JSON.parse(last) as StoredEdit[]) : ((await get<StoredEdit[]>(key)) ?? []);
    const left = kept.map(asStored);
    if (left.length > 0) await set(own, [...unsaved, ...left]);
    await del(key);
    localStorage.removeItem(key);
    return left;
  };
  window.addEventListener('pagehide', () => {
    if (unsaved.length > 0) localStorage.setItem(own, JSON.stringify(unsaved));
  });
  // Kept alive by the browser and shown again, it is not gone after all.
  window.addEventListener('pageshow', ({ persisted }) => {
    if (persisted) localStorage.removeItem(own);
  });
  return {
    async read() {
      for (const key of new Set([...(await keys<string>()), ...Object.keys(localStorage)])) {
        if (!key.startsWith(prefix) || key === own) continue;
        if (!localStorage.getItem(key) && (await isHeld(key))) open.push(key);
        else unsaved = [...unsaved, ...(await takeOver(key))];
      }
      return [...unsaved];
    },
    onLeft(take) {
      for (const key of open.splice(0))
        void navigator.locks.request(key, async () => {
          const left = await takeOver(key);
          if (left.length > 0) take(left);
        });
    },
    async write(edits) {
      unsaved = edits;
      await (edits.length > 0 ? set(own, [...edits]) : del(own));
    },
  };
}

/** An edit as it was kept; an earlier version of this program kept neither the command nor the step, but words. */
function asStored({ id, action, step, command, args, patch, why }: StoredEdit): StoredEdit {
  const edit = { id, action, step: step ?? id, command: command ?? '', args, patch };
  return why === undefined ? edit : { ...edit, why };
}

function holdLock(name: string): void {
  void navigator.locks?.request(name, () => new Promise(() => {}));
}

async function isHeld(name: string): Promise<boolean> {
  if (!navigator.locks) return false;
  return navigator.locks.request(name, { ifAvailable: true }, (lock) => lock === null);
}
