import type { Design } from '../../document/design';
import type { TileSheet, ZonePattern, ZoneRandom, ZoneRecord, ZoneTile } from '../../document/records';
import { remember, rememberBoth } from '../../document/remember';
import type { Polygon } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { countTiles, type TileCount } from '../count';
import type { Origin } from '../frame';
import { lay, type Laid, type LaidPiece } from '../lay';
import { cellOf, mirroredCell, type Cell } from '../pattern';
import { repeatOf, type PatternChoice } from '../patterns';
import { firstOwn, unfilled } from '../patterns/own';
import { furthestApart, randomStagger } from '../stagger';
import { edgeCuts, type ZoneEdgeCut } from './edge-cuts';
import type { Bordered, BorderStretch } from '../borders/border';
import type { ServiceHole } from './service-holes';
import { borderOf, zoneAreas, type ZoneArea } from './zone-areas';

/** A zone as it is laid: its pieces, how many, and what is left of tiles at its edges. */
export interface LaidZone {
  /** All of its pieces, those of its border last. */
  laid: Laid;
  /** Those of its pattern alone, and the stretches of its border. */
  field: Laid;
  /** What its pattern is laid on: all but its border, and what is bored through it. */
  ground: readonly Polygon[];
  border: readonly BorderStretch[];
  cell: Cell;
  /** The sheets of a mosaic, as they lie under its tiles. */
  sheets: Laid | null;
  /** What is cut and ordered: tiles, or the sheets of a mosaic, and the tiles of a border. */
  ordered: readonly LaidPiece[];
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

export const tiledZone = ({
  record,
  rings,
  holes,
}: Pick<ZoneArea, 'holes' | 'record' | 'rings'>): Result<LaidZone> => laidOnce(record, { rings, holes });

const laidOnce = remember(
  (record: ZoneRecord, { rings, holes }: Pick<ZoneArea, 'holes' | 'rings'>) => {
    const border = borderOf(record, rings, holes);
    return layZone(record, border?.field ?? rings, { border, holes });
  },
  // As it is, and as a drag of something that is tiled round makes it.
  { kept: 2 },
);

/** What a field is laid with besides: its border, and holes that are bored through it. */
export interface LaidWith {
  border?: Bordered | null;
  holes?: readonly ServiceHole[];
}

/** The same rings for the same field and holes, so that what follows from them is remembered. */
const boredThrough = rememberBoth((rings: readonly Polygon[], holes: readonly ServiceHole[]) => [
  ...rings,
  ...holes.map(({ ring }) => ring),
]);

/** Lays the field of a zone, and puts its border to it. */
export function layZone(
  record: ZoneRecord,
  rings: readonly Polygon[],
  { border = null, holes = [] }: LaidWith = {},
): Result<LaidZone> {
  const cell = zoneCell(record);
  if (!cell.ok) return cell;
  const ground = holes.length > 0 ? boredThrough(rings, holes) : rings;
  const field = lay(ground, cell.value, originOf(record));
  if (!field.ok) return field;
  const laid = together(field.value, border);
  const edges = edgeCuts(field.value, rings, sliverOf(record));
  const sheets = record.sheet ? layOut(rings, sheetCell(record.sheet), originOf(record)) : null;
  if (sheets && !sheets.ok) return sheets;
  const least = border ? sliverOf({ ...record, tile: record.border!.tile }) : 0;
  const short = border?.cuts.filter(({ long }) => long < least) ?? [];
  const sizes = edges.edges.flatMap(({ size }) => size ?? []);
  return ok({
    ...{
      laid,
      field: field.value,
      ground,
      border: border?.stretches ?? [],
      ...{ cell: cell.value, sheets: sheets && sheets.value },
      ordered: sheets ? together(sheets.value, border).pieces : laid.pieces,
      count: countTiles(laid),
    },
    edges: edges.edges,
    slivers:
      short.length > 0 ? new Set([...edges.slivers, ...short.map(({ piece }) => piece)]) : edges.slivers,
    narrowest: sizes.length > 0 ? Math.min(...sizes) : null,
  });
}

/** Sheets side by side, without a joint. */
const sheetCell = ({ w, h }: TileSheet): Result<Cell> => cellOf(repeatOf({ type: 'grid' }), { w, h }, 0);

function layOut(rings: readonly Polygon[], cell: Result<Cell>, origin: Origin): Result<Laid> {
  return cell.ok ? lay(rings, cell.value, origin) : cell;
}

function together(field: Laid, border: Bordered | null): Laid {
  if (!border) return field;
  const all = [field, ...border.stretches.map(({ laid }) => laid)];
  return {
    pieces: all.flatMap(({ pieces }) => pieces),
    tiledArea: all.reduce((sum, { tiledArea }) => sum + tiledArea, 0),
    zoneArea: border.area,
  };
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
export const zoneCell = ({
  pattern,
  tile,
  joint,
}: Pick<ZoneRecord, 'joint' | 'pattern' | 'tile'>): Result<Cell> => cellOnce(pattern, { tile, joint });

/** The very same cell wherever a field begins, so that what follows from it is remembered. */
const cellOnce = remember(patternCell, { kept: 2 });

function patternCell(
  pattern: ZonePattern,
  { tile, joint }: Pick<ZoneRecord, 'joint' | 'tile'>,
): Result<Cell> {
  const choice = choiceOf(pattern, tile, joint);
  if (choice.type === 'basketweave') {
    const { n } = choice;
    const needed = n * tile.h + (n - 1) * joint;
    if (Math.abs(needed - tile.w) > WEAVES) return refuse('weave-out-of-proportion', { n, needed });
  }
  if (choice.type === 'own') {
    const { missing, twice } = unfilled(choice.own);
    if (missing + twice > 0) return refuse('pattern-unfilled', { missing, twice });
  }
  const { random } = pattern;
  const most = furthestApart(tile.w + joint, CHANCE_ROWS);
  if (choice.type === 'plank' && random && random.least > most)
    return refuse('stagger-too-far', { least: random.least, most });
  const cell = cellOf(repeatOf(choice), tile, joint);
  return cell.ok && pattern.mirrored && !IN_ROWS.has(choice.type) ? ok(mirroredCell(cell.value)) : cell;
}

/** So many rows of planks begin anew by chance before the first comes again: more than are seen of most floors. */
const CHANCE_ROWS = 60;

/** Rows by chance; as far apart as can be where they are wanted further than that. */
function byChance({ seed, least }: ZoneRandom, module: number): number[] {
  const apart = Math.min(least, furthestApart(module, CHANCE_ROWS));
  const stagger = randomStagger({ module, least: apart, rows: CHANCE_ROWS, seed });
  return stagger.ok ? stagger.value : [0];
}

/** Patterns in rows or columns are mirrored by moving those on the other way, so that a tile still begins at their origin. */
const IN_ROWS: ReadonlySet<string> = new Set(['grid', 'running', 'vertical', 'plank']);

/** A pattern with what was not said of it: rows moved on by half, planks by thirds, a weave as long as its tile. */
export function choiceOf(
  { type, offset, stagger, random, n, own, mirrored }: ZonePattern,
  tile: ZoneTile,
  joint: number,
): PatternChoice {
  switch (type) {
    case 'running':
    case 'vertical':
      return { type, offset: offset ? [mirrored ? -offset.n : offset.n, offset.d] : [1, 2] };
    case 'plank': {
      const module = tile.w + joint;
      const steps = stagger ?? [0, module / 3, (2 * module) / 3];
      const moved = random ? byChance(random, module) : steps;
      return { type, stagger: mirrored ? moved.map((by) => -by) : moved };
    }
    case 'basketweave':
      return { type, n: n ?? Math.max(2, Math.round((tile.w + joint) / (tile.h + joint))) };
    case 'own':
      return { type, own: own ?? firstOwn };
    default:
      return { type };
  }
}
