import { asLanded, nextPlace, noPlaceForOne, setItem, settingOf, type ShelfItem } from 'goodreach';
import { nanoid } from 'nanoid';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { StudioShelf } from '../session/studio-shelf.svelte';

interface Setting {
  session: DesignSession;
  screen: ScreenState;
  shelf: StudioShelf;
}

/** Sets an item without a pointer: beside the chosen one, else in the first free place; false, and the session says why, where there is none. */
export function setNextItem({ session, screen, shelf }: Setting, item: ShelfItem): boolean {
  const landing = nextPlace(session.committed, settingOf(item), screen.selected ?? undefined);
  if (!landing) {
    session.tell(noPlaceForOne(session.committed, item));
    return false;
  }
  const id = `item-${nanoid(8)}`;
  const of = shelf.own(item.range);
  const { range, code } = item;
  if (!session.run(setItem, { id, range, code, ...asLanded(landing), ...(of ? { of } : {}) })) return false;
  shelf.taken(item);
  screen.select(id);
  return true;
}
