import type { ItemKind } from './item-kind';
import { baseBlind } from './kinds/base-blind';
import { baseDoorDrawer } from './kinds/base-door-drawer';
import { baseDoors } from './kinds/base-doors';
import { baseDrawers } from './kinds/base-drawers';
import { baseHob } from './kinds/base-hob';
import { baseOpen } from './kinds/base-open';
import { baseOven } from './kinds/base-oven';
import { baseSink } from './kinds/base-sink';
import { baseWaste } from './kinds/base-waste';
import { cooker } from './kinds/cooker';
import { dishwasher } from './kinds/dishwasher';
import { endPanel } from './kinds/end-panel';
import { filler } from './kinds/filler';
import { hood } from './kinds/hood';
import { refrigerator } from './kinds/refrigerator';
import { tallBroom } from './kinds/tall-broom';
import { tallDoubleOven } from './kinds/tall-double-oven';
import { tallFridge } from './kinds/tall-fridge';
import { tallOven } from './kinds/tall-oven';
import { tallPantry } from './kinds/tall-pantry';
import { vanityDoors } from './kinds/vanity-doors';
import { vanityDrawers } from './kinds/vanity-drawers';
import { vanitySink } from './kinds/vanity-sink';
import { wallBlind } from './kinds/wall-blind';
import { wallDoors } from './kinds/wall-doors';
import { wallGlass } from './kinds/wall-glass';
import { wallLiftUp } from './kinds/wall-lift-up';
import { wallOpen } from './kinds/wall-open';
import { wallOver } from './kinds/wall-over';
import { wallRack } from './kinds/wall-rack';

/** Every item kind, sorted by id. */
export const itemKinds: readonly ItemKind[] = [
  baseBlind,
  baseDoorDrawer,
  baseDoors,
  baseDrawers,
  baseHob,
  baseOpen,
  baseOven,
  baseSink,
  baseWaste,
  cooker,
  dishwasher,
  endPanel,
  filler,
  hood,
  refrigerator,
  tallBroom,
  tallDoubleOven,
  tallFridge,
  tallOven,
  tallPantry,
  vanityDoors,
  vanityDrawers,
  vanitySink,
  wallBlind,
  wallDoors,
  wallGlass,
  wallLiftUp,
  wallOpen,
  wallOver,
  wallRack,
];

const byId = new Map(itemKinds.map((kind) => [kind.id, kind]));

/** The kind of an item; a type no kind is known for is drawn and checked as a plain base cabinet would be, but never trimmed. */
export function kindOf(type: string): ItemKind {
  return byId.get(type) ?? { ...baseDoors, id: type, name: type, trim: null };
}
