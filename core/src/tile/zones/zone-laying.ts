import type { Design } from '../../document/design';
import type { ZonePattern, ZoneRecord, ZoneTile } from '../../document/records';
import { remember } from '../../document/remember';
import type { Polygon } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { countTiles, type TileCount } from '../count';
import type { Origin } from '../frame';
import { lay, type Laid, type LaidPiece } from '../lay';
import { cellOf, type Cell } from '../pattern';
import { repeatOf, type PatternChoice } from '../patterns';
import { edgeCuts, type ZoneEdgeCut } from './edge-cuts';
import { zoneAreas, type ZoneArea } from './zone-areas';

/** A zone as it is laid: its pieces, how many, and what is left of tiles at its edges. */
export interface LaidZone {
  laid: Laid;
  cell: Cell;
  count: TileCount;
  edges: readonly ZoneEdgeCut[];
  /** The narrowest cut at any edge, mm; null where none is cut. */
  narrowest: number | null;
  /** Pieces with a cut narrower than the limit. */
  slivers: ReadonlySet<LaidPiece>;
}

/** A zone with how it is laid, or why it can't be. */
export interface TiledZone extends ZoneArea {
  tiled: Result<LaidZone>;
}

/** Every zone, laid: the same one as long as its area and what was said of it are the same. */
export const tiledZones = (design: Design): readonly TiledZone[] =>
  zoneAreas(design).map((zone) => ({ ...zone, tiled: tiledZone(zone) }));

export const tiledZone = ({ record, rings }: Pick<ZoneArea, 'record' | 'rings'>): Result<LaidZone> =>
  laidOnce(record, { rings });

const laidOnce = remember(
  (record: ZoneRecord, { rings }: { rings: readonly Polygon[] }) => layZone(record, rings),
  // As it is, and as a drag of something that is tiled round makes it.
  { kept: 2 },
);

/** Lays a zone of an area. */
export function layZone(record: ZoneRecord, rings: readonly Polygon[]): Result<LaidZone> {
  const cell = zoneCell(record);
  if (!cell.ok) return cell;
  const laid = lay(rings, cell.value, originOf(record));
  if (!laid.ok) return laid;
  const edges = edgeCuts(laid.value, rings, sliverOf(record));
  const sizes = edges.edges.flatMap(({ size }) => size ?? []);
  return ok({
    ...{ laid: laid.value, cell: cell.value, count: countTiles(laid.value) },
    ...{ edges: edges.edges, slivers: edges.slivers },
    narrowest: sizes.length > 0 ? Math.min(...sizes) : null,
  });
}

/** Narrower cuts than this are slivers unless said otherwise, mm: about 2 inches. */
export const USUAL_SLIVER = 50;
export const sliverOf = ({ sliver, tile }: Pick<ZoneRecord, 'sliver' | 'tile'>): number =>
  // Of a small tile every cut is narrow: there less than half of it is.
  sliver ?? Math.min(USUAL_SLIVER, tile.w / 2, tile.h / 2);

/** Degrees, as the engine takes them: whole quarters without a remainder. */
const STEPS = 1e9;
export const originOf = ({ origin: { x, y }, angle }: Pick<ZoneRecord, 'origin' | 'angle'>): Origin => ({
  at: { x, y },
  angle: Math.round(((angle * 180) / Math.PI) * STEPS) / STEPS,
});

/** A weave whose tiles are longer or shorter than those across them by more than this lies over itself, or leaves gaps, mm. */
const WEAVES = 0.5;

/** What a pattern repeats for its tile and joint. Refused where its tile is of the wrong proportions for it. */
export function zoneCell({
  pattern,
  tile,
  joint,
}: Pick<ZoneRecord, 'joint' | 'pattern' | 'tile'>): Result<Cell> {
  const choice = choiceOf(pattern, tile, joint);
  if (choice.type === 'basketweave') {
    const { n } = choice;
    const needed = n * tile.h + (n - 1) * joint;
    if (Math.abs(needed - tile.w) > WEAVES) return refuse('weave-out-of-proportion', { n, needed });
  }
  return cellOf(repeatOf(choice), tile, joint);
}

/** A pattern with what was not said of it: rows moved on by half, planks by thirds, a weave as long as its tile. */
export function choiceOf(
  { type, offset, stagger, n }: ZonePattern,
  tile: ZoneTile,
  joint: number,
): PatternChoice {
  switch (type) {
    case 'running':
    case 'vertical':
      return { type, offset: offset ? [offset.n, offset.d] : [1, 2] };
    case 'plank': {
      const module = tile.w + joint;
      return { type, stagger: stagger ?? [0, module / 3, (2 * module) / 3] };
    }
    case 'basketweave':
      return { type, n: n ?? Math.max(2, Math.round((tile.w + joint) / (tile.h + joint))) };
    default:
      return { type };
  }
}
