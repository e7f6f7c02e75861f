import type { TileTurns } from '../../document/limits';
import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { ok, type Result } from '../../result';
import { boughtFor, tileNeeds, type TileNeed } from '../cut-list';
import type { LaidPiece } from '../lay';
import { adhesiveFor, groutOfJoints } from '../materials';
import type { Reuse } from '../offcuts/piece-types';
import { sheetOrBorder, tilesOf } from './colouring';
import type { JointAlong } from './joint-along';
import { originOf, type LaidZone } from './zone-laying';

/** What a zone takes of one size of tile: pieces, tiles to have, boxes, and what of all that is bought does not lie in it. */
export interface SizeOrder extends Pick<
  TileNeed,
  'cut' | 'lying' | 'of' | 'plan' | 'tile' | 'tiles' | 'whole' | 'withoutReuse'
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
  adhesive: ZoneAdhesive & { kg: number | null; bags: number };
  buildUp: number;
}

/** A saw takes so much, mm. */
const KERF = 3;
const TURNS: Record<TileTurns, Reuse['turns']> = {
  none: [0],
  halves: [0, 180],
  quarters: [0, 90, 180, 270],
};

/** How the offcuts of a zone are used again; null where they are not. */
export function reuseOf({ reuse = {}, sheet }: Pick<ZoneRecord, 'reuse' | 'sheet'>): Reuse | null {
  // A sheet of mosaic is cut along its joints.
  const { off, kerf = sheet ? 0 : KERF, turned = 'halves' } = reuse;
  return off ? null : { kerf, turns: TURNS[turned] };
}

/** Spares by the setter's rule of thumb: more where tiles are cut on a slant or laid in weaves. */
export function usualSpares(zone: Pick<ZoneRecord, 'angle' | 'origin' | 'pattern'>): number {
  const { type } = zone.pattern;
  if (type === 'herringbone90' || type === 'double-herringbone' || type === 'chevron') return 0.2;
  return originOf(zone).angle % 90 === 0 ? 0.1 : 0.15;
}

const DENSITY = 1.7;
const USUAL_THICKNESS = 9;
const BAG = 25;
/** The notches of trowels: for tiles whose longest side is up to so much, mm; the notch and the bed it leaves once tiles are pressed down, mm; cement adhesive, kg a m². */
export const notches: readonly Notch[] = [
  { upTo: 100, notch: 6, bed: 3, kgPerM2: 2.75 },
  { upTo: 300, notch: 8, bed: 4, kgPerM2: 3.5 },
  { upTo: 600, notch: 10, bed: 5, kgPerM2: 4.5 },
  { upTo: Infinity, notch: 12, bed: 6, kgPerM2: 5.5 },
];
export interface Notch {
  upTo: number;
  notch: number;
  bed: number;
  kgPerM2: number;
}

/** What a zone is laid in: how much is spread, kg a m², in bags of so many kg, or how far a bag goes, m²; the share on the tiles' backs. */
export interface ZoneAdhesive {
  kgPerM2: number;
  bagKg: number;
  cover: number | null;
  backButter: number;
}
/** Longer tiles are buttered on their backs too, mm, by a share of the adhesive. */
const LONG = 380;
const BUTTERED = 0.125;

const notchOf = ({ w, h }: ZoneRecord['tile']): Notch => {
  const long = Math.max(w, h);
  return notches.find(({ upTo }) => long <= upTo)!;
};

/** As said of it, else by the notch its tiles are laid with. */
export function adhesiveOf({ tile, materials = {} }: Pick<ZoneRecord, 'materials' | 'tile'>): ZoneAdhesive {
  const butters = Math.max(tile.w, tile.h) > LONG ? BUTTERED : 0;
  const { kgPerM2 = notchOf(tile).kgPerM2, bagKg = BAG, cover = null, backButter = butters } = materials;
  return { kgPerM2, bagKg, cover, backButter };
}

export const densityOf = ({ materials }: Pick<ZoneRecord, 'materials'>): number =>
  materials?.density ?? DENSITY;

/** How much a tile and its bed raise what they lie on, mm. */
export const buildUpOf = ({ tile, materials }: Pick<ZoneRecord, 'materials' | 'tile'>): number =>
  (tile.thickness ?? USUAL_THICKNESS) + (materials?.bed ?? notchOf(tile).bed);

/** The middle of a tile as if nothing were cut off, in whole mm: what is said of the tile is told by it. */
export function tileMiddle(piece: LaidPiece): Point {
  const { left, right, bottom, top } = boundsOf(piece.uncut());
  return { x: Math.round((left + right) / 2), y: Math.round((bottom + top) / 2) };
}
const placeKey = ({ x, y }: Point): string => `${Math.round(x)} ${Math.round(y)}`;

/** What a zone is ordered with besides: how its offcuts are used again, if otherwise than is said of it, and its joint along other zones. */
export interface OrderedWith {
  reuse?: Reuse | null;
  along?: JointAlong;
}

/** The order of a zone: cut pieces nested on as few tiles as may be, or each from one of its own where nothing is used again; of a mosaic its sheets likewise. */
export function zoneOrder(
  zone: ZoneRecord,
  { laid, ordered, sheets: mosaic, count, cell }: LaidZone,
  { reuse = reuseOf(zone), along = { area: 0, length: 0 } }: OrderedWith = {},
): Result<ZoneOrder> {
  const apart = new Set(zone.reuse?.apart?.map(placeKey));
  const isApart = (piece: LaidPiece) => apart.size > 0 && apart.has(placeKey(tileMiddle(piece)));
  const of = mosaic ? sheetOrBorder : tilesOf(zone, cell);
  const needs = tileNeeds({ pieces: ordered }, reuse, of ?? undefined, isApart);
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
  const { thickness = USUAL_THICKNESS } = zone.tile;
  const adhesive = adhesiveOf(zone);
  const { cover, kgPerM2, bagKg } = adhesive;
  const by = cover === null ? { kgPerM2, bagKg } : { cover };
  const spread = adhesiveFor(laid.zoneArea / 1e6, adhesive.backButter, by);
  return ok({
    ...{ sizes, spares },
    ...{ tiles: sum((size) => size.tiles), withoutReuse: sum((size) => size.withoutReuse) },
    bought: sum((size) => size.bought),
    jointLength: (zone.joint > 0 ? count.jointArea / zone.joint : 0) + along.length,
    grout: groutOfJoints(count.jointArea + along.area, { thickness, density: densityOf(zone) }),
    adhesive: { ...adhesive, kg: spread.kg ?? null, bags: spread.bags },
    buildUp: buildUpOf(zone),
  });
}
