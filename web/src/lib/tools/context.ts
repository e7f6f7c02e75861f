import { createContext } from 'svelte';
import type { DesignSession } from '../session/design-session.svelte';
import type { FaceDrag } from './drag-face.svelte';
import type { ItemDrag } from './drag-item';
import type { PlacePick } from './place-pick.svelte';
import type { StudioModels } from './studio-models.svelte';
import type { ToolStack } from './pointer-tool';
import type { ShownViews } from './view-host.svelte';
import type { LiveRoom } from '../session/live-room.svelte';
import type { OpeningKinds } from '../session/opening-kinds.svelte';
import type { ChangeCost } from '../session/change-cost.svelte';
import type { KeptLimits } from '../session/kept-limits.svelte';
import type { RoomFindings } from '../session/room-findings.svelte';
import type { SaveQueue } from '../session/save-queue.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { StudioFinishes } from '../session/studio-finishes.svelte';
import type { StudioShelf } from '../session/studio-shelf.svelte';

/** What every part of a room's page works with. */
export interface Workspace {
  session: DesignSession;
  saving: SaveQueue;
  live: LiveRoom;
  screen: ScreenState;
  /** What is done with the pointer, and the drawings it is done in. */
  tools: ToolStack;
  views: ShownViews;
  pick: PlacePick;
  drag: ItemDrag;
  faceDrag: FaceDrag;
  openingKinds: OpeningKinds;
  shelf: StudioShelf;
  studioFinishes: StudioFinishes;
  models: StudioModels;
  findings: RoomFindings;
  /** The limits that new rooms take. */
  keptLimits: KeptLimits;
  /** What the last change came to, while parts are built. */
  changeCost: ChangeCost;
  roomId: string;
  /** Who works here. */
  personName: string;
}

export const [useWorkspace, provideWorkspace] = createContext<Workspace>();
