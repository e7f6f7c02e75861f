import type { FrontStyle } from '../document/range-limits';
import type { ItemRecord } from '../document/records';
import { faceFrameBuild, framelessBuild, type BuildMethod } from './build-method';
import type { ItemKind } from './item-kind';
import type { Range } from './range';
import { findItem, findRange } from './shelf';
import { onFrame, withWays, type FrontsOnFrame } from './build-ways';
import { rememberBoth } from '../document/remember';
import type { BuildWays } from '../document/records';

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
  /** Height of the plinth under what stands on the floor, and how far it stands back behind the front of the box, how thick its board is. */
  plinth: { height: number; back: number; thick: number };
  /** What it is made of in the shop. */
  build: BuildMethod;
}

/** How high the plinth is under an item, mm: 0 for what does not stand on the floor on one, nor has that of the run going through before it. */
export function plinthUnder(
  { group, top, symbol }: Pick<ItemKind, 'group' | 'symbol' | 'top'>,
  { up, height }: Pick<ItemRecord, 'height' | 'up'>,
  made: ConstructionMethod | null,
): number {
  const stands =
    ['base', 'tall', 'vanity'].includes(group) ||
    symbol === 'filler' ||
    (group === 'appliances' && top === 'under');
  return made && up < 1 && stands ? Math.min(made.plinth.height, height / 3) : 0;
}

/** Full-overlay fronts with 3 between two of them, 18 thick, 2 off the box. */
const frameless: ConstructionMethod = {
  frontShort: 1.5,
  proud: 20,
  scribe: 10,
  panel: 18,
  between: 3,
  plinth: { height: 150, back: 50, thick: 16 },
  build: framelessBuild,
};

/** Fronts of a face frame lie over it by 1 1/4 or 1/2 in, or in the opening with 1/8 in about them. */
const faceFrame: Record<FrontStyle, ConstructionMethod> = {
  'full overlay': framed({ fronts: 'full overlay', overlay: 31.75, gap: 3.175 }),
  'partial overlay': framed({ fronts: 'partial overlay', overlay: 12.7, gap: 0 }),
  inset: framed({ fronts: 'inset', overlay: 0, gap: 3.175 }),
};

/** Stiles of 1 1/2 in, fronts 3/4 in thick. */
function framed(lie: FrontsOnFrame): ConstructionMethod {
  return {
    ...{ scribe: 12.7, panel: 19.05, plinth: { height: 114.3, back: 76.2, thick: 19.05 } },
    ...{ build: faceFrameBuild, ...onFrame(lie, faceFrameBuild) },
  };
}

/** The construction of a range's boxes, the same object for the same one; null for what is no cabinet. */
export function constructionOf(range: Range): ConstructionMethod | null {
  return range.ways ? builtWith(range, range.ways) : usualOf(range);
}

function usualOf({ construction, fronts }: Range): ConstructionMethod | null {
  if (construction === 'none') return null;
  return construction === 'frameless' ? frameless : faceFrame[fronts ?? 'full overlay'];
}

/** A range's construction with ways of its own, made once for the two. */
const builtWith = rememberBoth((range: Range, ways: BuildWays): ConstructionMethod | null => {
  const all = { ...range.ways, ...ways };
  const usual = usualOf({ ...range, ...(all.fronts && { fronts: all.fronts }) });
  return usual && withWays(usual, all);
});

/** How an item is built: by its own range, and what goes through under a counter without one as is usual in the room. */
export const constructionBeside = (
  record: Pick<ItemRecord, 'built' | 'code' | 'range'>,
  { group, top }: Pick<ItemKind, 'group' | 'top'>,
  { known, usual }: { known: readonly Range[]; usual: ConstructionMethod | null },
): ConstructionMethod | null =>
  constructionOfItem(record, known) ?? (group === 'appliances' && top === 'under' ? usual : null);

/** The construction of an item's box, with what is otherwise about this one; null for what is no cabinet, and for what no known range has. */
export function constructionOfItem(
  { range, code, built }: Pick<ItemRecord, 'built' | 'code' | 'range'>,
  known: readonly Range[],
): ConstructionMethod | null {
  const own = rangeBuilding({ range, code }, known);
  if (!own) return null;
  return built ? builtWith(own, built) : constructionOf(own);
}

/** How thick an end panel of a cabinet is said to be, mm; null where it is as its range has them. */
export const saidEndPanel = (
  record: Pick<ItemRecord, 'built' | 'code' | 'range'>,
  known: readonly Range[],
): number | null => record.built?.endPanel ?? rangeBuilding(record, known)?.ways?.endPanel ?? null;

/** The range an item is built as: the one it is listed in. */
export function rangeBuilding(
  { range, code }: Pick<ItemRecord, 'code' | 'range'>,
  known: readonly Range[],
): Range | undefined {
  const found = findItem(range, code, known);
  return findRange(found.ok ? found.value.range : range, known);
}
