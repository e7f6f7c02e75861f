import { setOutAims, type SetOutAim } from '../../document/limits';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { distance, length, type Point } from '../../geometry/point';
import type { Polygon } from '../../geometry/polygon';
import { bestBond, bestGrid } from '../best-grid';
import { Frame } from '../frame';
import { gridEdgesAmong, within, type GridEdge, type Row } from '../grid-edges';
import { breakPoints, distinct, scoreOf } from '../grid-starts';
import { ALIKE, isBetterSetOut, scoreSetOut, type SetOutScore } from './set-out-score';
import type { ServiceHole } from './service-holes';
import { borderOf } from './zone-areas';
import { layZone, originOf, zoneCell } from './zone-laying';
import { ofEveryRow, zoneRows, type ZoneRows } from './zone-rows';
import { storedPlace } from './zone-surface';

/** Slivers are kept away first, then whole tiles lie where the eye meets them, and so on. */
export const usualAims: readonly SetOutAim[] = setOutAims;

/** How a zone may be laid besides where it begins: its tile, with how that comes, its joint, how it is turned. */
export type ZoneLaying = Pick<ZoneRecord, 'angle' | 'finish' | 'joint' | 'perBox' | 'sheet' | 'tile'>;

/** Where a zone begins, and how it is laid. */
export interface BegunZone {
  id: string;
  origin: ZonePlace;
  laying: ZoneLaying;
}

/** A set-out with its score: laid as the zone is, or in one of the ways that were allowed; with the other zones that are set out together with it. */
export interface SetOut extends BegunZone {
  score: SetOutScore;
  others: readonly BegunZone[];
}

export interface SetOutQuestion {
  zone: ZoneRecord;
  /** All that the zone takes. */
  rings: readonly Polygon[];
  /** The holes of services in it. */
  holes?: readonly ServiceHole[];
  /** The edges the eye meets first, by their index among the zone's. */
  sight: readonly number[];
  aims: readonly SetOutAim[];
  /** What tiles cost a m², by the names of their finishes, where that is known. */
  prices?: Readonly<Record<string, number>>;
  /** The ways it may be laid; as it is only unless given. */
  layings?: readonly ZoneLaying[];
}

/** So many answers are given. */
const ANSWERS = 6;
/** So many starts are laid of a grid or bond, of those that score best by their edges alone; and so many by so many of any other pattern, the best of them looked at more closely. */
const LAID = 40;
const LEAST_LAID = 6;
const SIDE = 10;
const CLOSER = 3;
/** So many pieces are laid in one way of laying at most; of a zone with very many of them fewer starts are tried, but so many by so many at least. */
const MOST_WORK = 5_000_000;
const LEAST_SIDE = 3;

/** The best set-outs found; the widest narrowest cut of all that were tried, mm, and whether none can be wider. */
export interface SetOuts {
  answers: readonly SetOut[];
  widest: number;
  proven: boolean;
}

/** Looks for the best set-outs of a zone; between two tries the share that is done is told, so that it can be ended. */
export function* searchSetOuts(question: SetOutQuestion): Generator<number, SetOuts> {
  const layings = question.layings ?? [layingOf(question.zone)];
  const found: SetOut[] = [];
  let proven = true;
  for (const [index, laying] of layings.entries()) {
    const zone = laidAs(question.zone, laying);
    // A border has a joint on both sides: what it leaves is another field for every joint.
    const rings = borderOf(zone, question.rings)?.field ?? question.rings;
    const of = { ...question, zone, rings };
    const most = Math.max(LEAST_LAID, Math.ceil(LAID / layings.length));
    const search = searchLaying(of, most, found);
    let step = search.next();
    for (; !step.done; step = search.next()) yield (index + step.value) / layings.length;
    proven &&= step.value;
  }
  return { answers: different(found, question), widest: widestOf(found), proven };
}

/** How a zone is laid. */
export const layingOf = ({ angle, finish, joint, perBox, sheet, tile }: ZoneRecord): ZoneLaying => ({
  ...{ angle, joint, tile },
  ...(finish !== undefined && { finish }),
  ...(perBox !== undefined && { perBox }),
  ...(sheet && { sheet }),
});

/** How a tile comes: what another one need not have. */
const COMES = ['finish', 'perBox', 'sheet'] as const;

/** A zone laid in another way: nothing stays of how its tile came. Laid as it is, it is written as it was. */
export function laidAs(zone: ZoneRecord, laying: ZoneLaying): ZoneRecord {
  const laid = { ...zone, ...laying };
  for (const field of COMES) if (laying[field] === undefined) delete laid[field];
  return laid;
}

export const isSameLaying = (one: ZoneLaying, other: ZoneLaying): boolean =>
  one.joint === other.joint &&
  one.angle === other.angle &&
  one.finish === other.finish &&
  one.tile.w === other.tile.w &&
  one.tile.h === other.tile.h;

/** Looks in one way of laying, adding to what was found: of rows so many of the best starts are laid. Whether none can have a wider narrowest cut. */
function* searchLaying(question: SetOutQuestion, most: number, found: SetOut[]): Generator<number, boolean> {
  const { zone } = question;
  const rows = zoneRows(zone, question.rings);
  const tries = triesOf(question);
  const side = Math.max(LEAST_SIDE, Math.min(SIDE, Math.floor(Math.sqrt(tries / 2))));
  const closer = side < SIDE ? 1 : CLOSER;
  const { starts, proven } = rows
    ? rowStarts(question, rows, Math.max(LEAST_LAID, Math.min(most, tries)))
    : { starts: spread(zone, side), proven: false };
  const own: SetOut[] = [];
  const lay = (origin: Point) => {
    const one = scored(question, origin);
    if (one) own.push(one);
  };
  for (const [index, origin] of starts.entries()) {
    lay(origin);
    yield ((index + 1) / starts.length) * (rows ? 1 : 0.7);
  }
  let near = repeatOf(zone).map((way) => length(way) / side / 2);
  for (let round = 0; !rows && round < closer; round++) {
    for (const { origin } of ranked(own, question.aims).slice(0, closer))
      for (const [x, y] of AROUND) lay({ x: origin.x + x * near[0]!, y: origin.y + y * near[1]! });
    near = near.map((by) => by / 3);
    yield 0.7 + (0.3 * (round + 1)) / closer;
  }
  found.push(...own);
  return proven;
}

/** How often a zone can be laid before that is too much work, by the pieces and sheets it has now. */
function triesOf({ zone, rings, holes = NONE }: SetOutQuestion): number {
  const tiled = layZone(zone, rings, { holes });
  if (!tiled.ok) return 0;
  const { laid, sheets } = tiled.value;
  return Math.floor(MOST_WORK / Math.max(1, laid.pieces.length + (sheets?.pieces.length ?? 0)));
}

/** The widest narrowest cut of set-outs, mm. */
export const widestOf = (found: readonly SetOut[]): number =>
  found.reduce((most, { score }) => Math.max(most, score.narrowest), 0);

/** The same, all at once. */
export function bestSetOuts(question: SetOutQuestion): SetOuts {
  const search = searchSetOuts(question);
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

const AROUND = [-1, 0, 1]
  .flatMap((x) => [-1, 0, 1].map((y) => [x, y] as const))
  .filter(([x, y]) => x !== 0 || y !== 0);

/** The two ways in which a pattern comes again, in the zone's places. */
function repeatOf(zone: ZoneRecord): [Point, Point] {
  const cell = zoneCell(zone);
  const frame = new Frame({ at: { x: 0, y: 0 }, angle: originOf(zone).angle });
  return cell.ok
    ? [frame.from(cell.value.a), frame.from(cell.value.b)]
    : [
        { x: 1, y: 0 },
        { x: 0, y: 1 },
      ];
}

/** Starts all over the repeat of a pattern. */
function spread(zone: ZoneRecord, side: number): ZonePlace[] {
  const [a, b] = repeatOf(zone);
  const { x, y } = zone.origin;
  return Array.from({ length: side * side }, (_, index) => {
    const [i, k] = [Math.floor(index / side) / side, (index % side) / side];
    return { x: x + i * a.x + k * b.x, y: y + i * a.y + k * b.y };
  });
}

/** The starts of rows at which an edge comes to a tile's side, with the best one: those whose narrowest row is widest first. */
function rowStarts(
  { zone, rings, sight }: SetOutQuestion,
  { shifts, frame, bounds, ends, sides, along: row, up: course }: ZoneRows,
  most: number,
): { starts: ZonePlace[]; proven: boolean } {
  const { tile, joint } = zone;
  const question = { zone: rings, tile, angle: originOf(zone).angle, joints: [joint] };
  const best = shifts.length === 1 ? bestGrid(question) : bestBond({ ...question, shifts: () => shifts });
  const top = frame.to(best.offset);
  const along = startsOf(ends, row, middleStarts([bounds.left, bounds.right], row), top.x);
  const up = startsOf(sides, course, middleStarts([bounds.bottom, bounds.top], course), top.y);
  const pairs = along.flatMap((x) =>
    up.map((y) => ({
      at: { x: x.start, y: y.start },
      score: Math.min(x.score, y.score),
      sum: x.score + y.score,
    })),
  );
  pairs.sort((one, other) => other.score - one.score || other.sum - one.sum);
  // What is whole in sight may score less at other edges: it has its share of the tries.
  const laid = sight.length === 0 ? null : layZone(zone, rings);
  const known = laid?.ok ? laid.value.edges : [];
  const seen = gridEdgesAmong(
    sight.flatMap((index) => {
      const edge = known[index];
      return edge ? [{ a: frame.to(edge.a), b: frame.to(edge.b) }] : [];
    }),
  );
  const seenEnds = ofEveryRow(seen.x, shifts);
  const isWhole = ({ at }: { at: Point }) =>
    scoreOf(seenEnds, at.x, row) >= tile.w - ALIKE && scoreOf(seen.y, at.y, course) >= tile.h - ALIKE;
  const whole = sight.length === 0 ? [] : pairs.filter(isWhole).slice(0, Math.ceil(most / 2));
  const others = pairs.filter((pair) => !whole.includes(pair)).slice(0, most - whole.length);
  const starts = [top, ...[...whole, ...others].map(({ at }) => at)].map((at) => frame.from(at));
  return { starts, proven: best.proven };
}

/** Starts with a tile or a joint in the middle of a stretch. */
export function middleStarts([from, to]: readonly [number, number], { size, joint }: Row): number[] {
  const centre = (from + to) / 2;
  return [centre - size / 2, centre + joint / 2];
}

/** Places to start one way from: where edges come to a tile's side, those in the middle, and the best, each with its narrowest row. */
export function startsOf(
  edges: readonly GridEdge[],
  row: Row,
  middles: readonly number[],
  best: number,
): { start: number; score: number }[] {
  const starts = [best, ...middles, ...breakPoints(edges, row)].map((start) => within(start, row));
  return distinct(starts)
    .map((start) => ({ start, score: scoreOf(edges, start, row) }))
    .sort((one, other) => other.score - one.score)
    .slice(0, 24);
}

const NONE: readonly ServiceHole[] = [];
const ALONE: readonly BegunZone[] = [];

/** A zone as it is laid from a place, with how good that is; null where it can't be. */
export function scored(
  { zone, rings, holes = NONE, sight, prices }: Omit<SetOutQuestion, 'aims' | 'layings'>,
  place: Point,
): SetOut | null {
  const origin = storedPlace(place);
  const tiled = layZone({ ...zone, origin }, rings, { holes });
  if (!tiled.ok) return null;
  const score = scoreSetOut(zone, tiled.value, new Set(sight), prices?.[zone.finish ?? '']);
  return { id: zone.id, origin, laying: layingOf(zone), score, others: ALONE };
}

export const ranked = (found: readonly SetOut[], aims: readonly SetOutAim[]): SetOut[] =>
  found.toSorted((one, other) => isBetterSetOut(one.score, other.score, aims));

/** The best of them that really differ: in how they are laid, or in where a zone begins and with it in what is seen at the edges or what is cut. */
export function different(
  found: readonly SetOut[],
  { zone: { tile }, aims }: Pick<SetOutQuestion, 'aims' | 'zone'>,
): SetOut[] {
  const kept: SetOut[] = [];
  const step = Math.min(tile.w, tile.h) / 20;
  const isElsewhere = (one: SetOut, other: SetOut) =>
    [one, ...one.others].some(
      ({ origin }, index) => distance(origin, [other, ...other.others][index]!.origin) > step,
    );
  for (const one of ranked(found, aims)) {
    if (kept.length === ANSWERS) break;
    const isNew = kept.every(
      (other) =>
        !isAlikeLaying(other.laying, one.laying) ||
        ((Math.abs(other.score.narrowest - one.score.narrowest) > step ||
          Math.abs(other.score.cut - one.score.cut) > 0.02 * other.score.cut ||
          Math.abs(other.score.sight - one.score.sight) > step) &&
          isElsewhere(one, other)),
    );
    if (isNew) kept.push(one);
  }
  return kept;
}

/** Laid alike but for the joint and the colour. */
const isAlikeLaying = (one: ZoneLaying, other: ZoneLaying): boolean =>
  one.angle === other.angle && one.tile.w === other.tile.w && one.tile.h === other.tile.h;
