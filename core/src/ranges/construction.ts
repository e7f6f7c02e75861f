import type { FrontStyle } from '../document/range-limits';
import type { ItemRecord } from '../document/records';
import type { Range } from './range';
import { findItem, findRange } from './shelf';

/** How the boxes of a range are built, as far as it shows where a run is closed. Millimetres. */
export interface ConstructionMethod {
  /** How far a front stops short of the side of its box: what shows there belongs to the strip beside it. */
  frontShort: number;
  /** How far fronts stand proud of the box. */
  proud: number;
  /** Added to what is cut against a wall or another built thing, to be scribed to it. */
  scribe: number;
  /** Thickness of an end panel. */
  panel: number;
  /** What shows between two fronts one above the other. */
  between: number;
  /** Height of the plinth under what stands on the floor, and how far it stands back behind the fronts. */
  plinth: { height: number; back: number };
}

/** Full-overlay fronts with 3 between two of them, 18 thick, 2 off the box. */
const frameless: ConstructionMethod = {
  frontShort: 1.5,
  proud: 20,
  scribe: 10,
  panel: 18,
  between: 3,
  plinth: { height: 150, back: 50 },
};

/** Stiles of 1 1/2 in; fronts 3/4 in thick lie over them by 1 1/4 or 1/2 in, or in the opening with 1/8 in about them. */
const STILE = 38.1;
const THICK = 19.05;
const framed = {
  scribe: 12.7,
  panel: 19.05,
  plinth: { height: 114.3, back: 76.2 },
};
const faceFrame: Record<FrontStyle, ConstructionMethod> = {
  'full overlay': { ...framed, frontShort: STILE - 31.75, proud: THICK, between: 3.175 },
  'partial overlay': { ...framed, frontShort: STILE - 12.7, proud: THICK, between: STILE - 2 * 12.7 },
  inset: { ...framed, frontShort: STILE + 3.175, proud: 0, between: STILE + 2 * 3.175 },
};

/** The construction of a range's boxes, the same object for the same one; null for what is no cabinet. */
export function constructionOf({ construction, fronts }: Range): ConstructionMethod | null {
  if (construction === 'none') return null;
  if (construction === 'frameless') return frameless;
  return faceFrame[fronts ?? 'full overlay'];
}

/** The construction of an item's box; null for what is no cabinet, and for what no known range has. */
export function constructionOfItem(
  { range, code }: Pick<ItemRecord, 'code' | 'range'>,
  known: readonly Range[],
): ConstructionMethod | null {
  const found = findItem(range, code, known);
  const own = findRange(found.ok ? found.value.range : range, known);
  return own ? constructionOf(own) : null;
}
