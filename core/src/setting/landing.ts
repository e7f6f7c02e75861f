import type { Placement, Side } from '../document/records';
import { goesInCorner } from '../ranges/handing';
import { kindOf } from '../ranges/kinds';
import type { ShelfItem } from '../ranges/range';

/** What is being set: its sizes and height band, mm. */
export interface Setting {
  width: number;
  depth: number;
  low: number;
  high: number;
  /** The items it already is. */
  except?: ReadonlySet<string>;
  /** The direction its back keeps where nothing turns it, radians. */
  turn?: number;
  /** Whether it goes into a corner, so that its hand follows from the end it stands at. */
  corner?: boolean;
  /** Whether it belongs over what is cooked on. */
  overCooking?: boolean;
  /** Whether it stands about in the room rather than against a face. */
  loose?: boolean;
}

/** What setting an item asks for. */
export function settingOf({
  type,
  width,
  depth,
  height,
  up,
}: Pick<ShelfItem, 'depth' | 'height' | 'type' | 'up' | 'width'>): Setting {
  const kind = kindOf(type);
  return {
    width,
    depth,
    low: up,
    high: up + height,
    corner: goesInCorner(kind),
    overCooking: kind.symbol === 'hood',
    loose: kind.group === 'Furniture',
  };
}

/** Where an item would land, and what caught it (nothing for a free place). */
export interface Landing {
  placement: Placement;
  caught: Caught | null;
  /** The height of its underside where something overhead keeps it from its standard one, mm. */
  up?: number;
  hand?: Side;
}

export interface Caught {
  face?: string;
  /** The neighbour, fixed thing, opening or wall whose edge it stands against; or the opening it is centred on. */
  by: 'end' | 'fixed' | 'item' | 'opening' | 'wall' | 'centre' | 'below' | 'face' | 'beside' | 'overhead';
  id: string;
}

/** How far past half its depth an item may be from a face and still be drawn to it, mm. */
export const HUG_REACH = 350;

/** What a landing asks of an item that is set or moved there. */
export function asLanded({ placement, up, hand }: Landing): Pick<Landing, 'hand' | 'placement' | 'up'> {
  return { placement, ...(up === undefined ? {} : { up }), ...(hand === undefined ? {} : { hand }) };
}
