import { del, get, keys, set } from 'idb-keyval';
import type { LocalEdit } from './design-session.svelte';

/** Where a page keeps edits until the server has acknowledged them. */
export interface UnsavedStore {
  read(): Promise<LocalEdit[]>;
  write(edits: readonly LocalEdit[]): Promise<void>;
}

/**
 * Unsaved edits of one room in the browser's database, one entry a tab, so that tabs never overwrite each other.
 * A tab holds a lock while it lives; what a closed tab left behind is taken over by the next page of the room. What is not
 * written yet when the page goes, as on a reload right after an edit, is put into the storage that takes it at once.
 */
export function browserStore(roomId: string): UnsavedStore {
  const prefix = `unsaved:${roomId}:`;
  const own = prefix + crypto.randomUUID();
  holdLock(own);
  let unwritten: readonly LocalEdit[] | null = null;
  window.addEventListener('pagehide', () => {
    if (unwritten) localStorage.setItem(own, JSON.stringify(unwritten));
  });
  return {
    async read() {
      const left: LocalEdit[] = [];
      for (const key of new Set([...(await keys<string>()), ...Object.keys(localStorage)])) {
        if (!key.startsWith(prefix) || key === own || (await isHeld(key))) continue;
        const last = localStorage.getItem(key);
        left.push(...(last ? (JSON.parse(last) as LocalEdit[]) : ((await get<LocalEdit[]>(key)) ?? [])));
        await del(key);
        localStorage.removeItem(key);
      }
      if (left.length > 0) await set(own, left);
      return left;
    },
    async write(edits) {
      unwritten = edits;
      await (edits.length > 0 ? set(own, [...edits]) : del(own));
      if (unwritten === edits) unwritten = null;
    },
  };
}

function holdLock(name: string): void {
  void navigator.locks?.request(name, () => new Promise(() => {}));
}

async function isHeld(name: string): Promise<boolean> {
  if (!navigator.locks) return false;
  return navigator.locks.request(name, { ifAvailable: true }, (lock) => lock === null);
}
