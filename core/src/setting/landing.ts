import type { Placement, Side } from '../document/records';
import { goesInCorner } from '../ranges/handing';
import type { ItemKind } from '../ranges/item-kind';
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
  /** Whether it stands along one wall of that corner only, and can be pulled off it. */
  blind?: boolean;
  /** Whether it belongs over what is cooked on. */
  overCooking?: boolean;
  /** The edge it is set along, and the least width it can be cut to, mm: infinite for what is not cut. */
  edge?: { of: NonNullable<ItemKind['edge']>; least: number };
  /** Whether it stands about in the room rather than against a face. */
  loose?: boolean;
  /** Whether it hangs down from the ceiling over its place. */
  fromCeiling?: boolean;
  /** Whether it hangs over what is set and over openings: only what is built in is in its way. */
  builtOnly?: boolean;
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
    blind: kind.blind === true,
    overCooking: kind.symbol === 'hood',
    ...(kind.edge
      ? { edge: { of: kind.edge, least: kind.edge === 'tray' ? Infinity : (kind.trim?.least ?? Infinity) } }
      : {}),
    loose: kind.loose === true || kind.group === 'furniture',
    ...(kind.over && { builtOnly: true }),
    ...(kind.fromCeiling && { fromCeiling: true }),
  };
}

/** Where an item would land, and what caught it (nothing for a free place). */
export interface Landing {
  placement: Placement;
  caught: Caught | null;
  /** The height of its underside where something overhead keeps it from its standard one, mm. */
  up?: number;
  hand?: Side;
  /** The width it is cut to, where what it is set along is shorter than it, mm. */
  width?: number;
}

export interface Caught {
  face?: string;
  /** The neighbour, fixed thing, opening or wall whose edge it stands against; or the opening it is centred on. */
  by:
    | 'edge'
    | 'end'
    | 'fixed'
    | 'item'
    | 'opening'
    | 'wall'
    | 'centre'
    | 'below'
    | 'face'
    | 'beside'
    | 'overhead';
  id: string;
}

/** How far past half its depth an item may be from a face and still be drawn to it, mm. */
export const HUG_REACH = 350;

/** What a landing asks of an item that is set or moved there. */
export function asLanded({ placement, up, hand, width }: Landing): Omit<Landing, 'caught'> {
  return {
    placement,
    ...(up === undefined ? {} : { up }),
    ...(hand === undefined ? {} : { hand }),
    ...(width === undefined ? {} : { width }),
  };
}
