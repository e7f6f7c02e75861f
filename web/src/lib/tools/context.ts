import { createContext } from 'svelte';
import type { DesignSession } from '../session/design-session.svelte';
import type { PlacePick } from './place-pick.svelte';
import type { LiveRoom } from '../session/live-room.svelte';
import type { OpeningKinds } from '../session/opening-kinds.svelte';
import type { SaveQueue } from '../session/save-queue.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { StudioShelf } from '../session/studio-shelf.svelte';

/** What every part of a room's page works with. */
export interface Workspace {
  session: DesignSession;
  saving: SaveQueue;
  live: LiveRoom;
  screen: ScreenState;
  pick: PlacePick;
  openingKinds: OpeningKinds;
  shelf: StudioShelf;
  roomId: string;
}

export const [useWorkspace, provideWorkspace] = createContext<Workspace>();
