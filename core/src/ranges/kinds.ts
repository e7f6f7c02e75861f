import type { ItemKind } from './item-kind';
import { baseDoors } from './kinds/base-doors';
import { baseDrawers } from './kinds/base-drawers';
import { baseSink } from './kinds/base-sink';
import { cooker } from './kinds/cooker';
import { dishwasher } from './kinds/dishwasher';
import { endPanel } from './kinds/end-panel';
import { filler } from './kinds/filler';
import { refrigerator } from './kinds/refrigerator';

/** Every item kind, sorted by id. */
export const itemKinds: readonly ItemKind[] = [
  baseDoors,
  baseDrawers,
  baseSink,
  cooker,
  dishwasher,
  endPanel,
  filler,
  refrigerator,
];

const byId = new Map(itemKinds.map((kind) => [kind.id, kind]));

/** The kind of an item; a type no kind is known for is drawn and checked as a plain base cabinet would be, but never trimmed. */
export function kindOf(type: string): ItemKind {
  return byId.get(type) ?? { ...baseDoors, id: type, name: type, trim: null };
}
