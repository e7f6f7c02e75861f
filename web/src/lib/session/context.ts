import { createContext } from 'svelte';
import type { DesignSession } from './design-session.svelte';
import type { PlacePick } from '../tools/place-pick.svelte';
import type { OpeningKinds } from './opening-kinds.svelte';
import type { SaveQueue } from './save-queue.svelte';
import type { ScreenState } from './screen.svelte';
import type { StudioShelf } from './studio-shelf.svelte';

/** What every part of a room's page works with. */
export interface Workspace {
  session: DesignSession;
  saving: SaveQueue;
  screen: ScreenState;
  pick: PlacePick;
  openingKinds: OpeningKinds;
  shelf: StudioShelf;
  roomId: string;
}

export const [useWorkspace, provideWorkspace] = createContext<Workspace>();
