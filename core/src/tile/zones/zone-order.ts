import type { ZoneRecord } from '../../document/records';
import { ok, type Result } from '../../result';
import { boughtFor, tileNeeds, type TileNeed } from '../cut-list';
import { adhesiveFor, groutOfJoints } from '../materials';
import type { Reuse } from '../offcuts/piece-types';
import { secondColour } from './colouring';
import { originOf, type LaidZone } from './zone-laying';

/** What a zone takes of one size of tile: pieces, tiles to have, boxes, and what of all that is bought does not lie in it. */
export interface SizeOrder extends Pick<
  TileNeed,
  'cut' | 'lying' | 'plan' | 'second' | 'tile' | 'tiles' | 'whole' | 'withoutReuse'
> {
  /** With spares; whole boxes, where it is known how many tiles come in one. */
  bought: number;
  boxes: number | null;
  /** As shares of the tiles: what does not lie in the zone of those it is cut from, and of all that is bought. */
  offcuts: number;
  waste: number;
}

/** What is ordered for a zone; lengths mm, areas mm². */
export interface ZoneOrder {
  sizes: readonly SizeOrder[];
  tiles: number;
  withoutReuse: number;
  bought: number;
  spares: number;
  jointLength: number;
  grout: { litres: number; kg: number };
  adhesive: { kgPerM2: number; backButter: number; kg: number; bags: number };
}

/** A saw takes so much, mm; tiles with a figure are turned by halves only. */
const KERF = 3;
export const usualReuse: Reuse = { kerf: KERF, turns: [0, 180] };

/** Spares by the setter's rule of thumb: more where tiles are cut on a slant or laid in weaves. */
export function usualSpares(zone: Pick<ZoneRecord, 'angle' | 'origin' | 'pattern'>): number {
  const { type } = zone.pattern;
  if (type === 'herringbone90' || type === 'double-herringbone' || type === 'chevron') return 0.2;
  return originOf(zone).angle % 90 === 0 ? 0.1 : 0.15;
}

const DENSITY = 1.7;
const USUAL_THICKNESS = 9;
const BAG = 25;
/** Cement adhesive by the notch that tiles of a size are laid with: longest side up to, mm, and kg a m². */
const NOTCHES: readonly (readonly [upTo: number, kgPerM2: number])[] = [
  [100, 2.75],
  [300, 3.5],
  [600, 4.5],
  [Infinity, 5.5],
];
/** Longer tiles are buttered on their backs too, mm, by a share of the adhesive. */
const LONG = 380;
const BUTTERED = 0.125;

/** The order of a zone: cut pieces nested on as few tiles as may be, or each from one of its own where nothing is used again. */
export function zoneOrder(
  zone: ZoneRecord,
  { laid, count, cell }: LaidZone,
  reuse: Reuse | null = usualReuse,
): Result<ZoneOrder> {
  const needs = tileNeeds(laid, reuse, secondColour(zone, cell) ?? undefined);
  if (!needs.ok) return needs;
  const spares = zone.spares ?? usualSpares(zone);
  const sizes = needs.value.map((need): SizeOrder => {
    const area = need.tile.w * need.tile.h;
    const { tiles: bought, boxes, waste } = boughtFor(need, need.lying, { perBox: zone.perBox ?? 1, spares });
    return {
      ...need,
      ...{ bought, waste, boxes: zone.perBox === undefined ? null : boxes },
      offcuts: need.tiles > 0 ? Math.max(0, 1 - need.lying / (need.tiles * area)) : 0,
    };
  });
  const sum = (of: (size: SizeOrder) => number) => sizes.reduce((total, size) => total + of(size), 0);
  const { w, h, thickness = USUAL_THICKNESS } = zone.tile;
  const long = Math.max(w, h);
  const kgPerM2 = NOTCHES.find(([upTo]) => long <= upTo)![1];
  const backButter = long > LONG ? BUTTERED : 0;
  const spread = adhesiveFor(laid.zoneArea / 1e6, backButter, { kgPerM2, bagKg: BAG });
  return ok({
    ...{ sizes, spares },
    ...{ tiles: sum((size) => size.tiles), withoutReuse: sum((size) => size.withoutReuse) },
    bought: sum((size) => size.bought),
    jointLength: zone.joint > 0 ? count.jointArea / zone.joint : 0,
    grout: groutOfJoints(count.jointArea, { thickness, density: DENSITY }),
    adhesive: { kgPerM2, backButter, kg: spread.kg!, bags: spread.bags },
  });
}
