import { perDesign, recordsOf, roomOf, styleOf, type Design } from '../../document/design';
import { groupedBy } from '../../document/grouped';
import type { DimensionEnd, DimensionRecord } from '../../document/records';
import {
  add,
  cross,
  direction,
  dot,
  length as sizeOf,
  place,
  scale,
  subtract,
  type Point,
} from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import { findBox } from '../../setting/item-box';
import { fixedThings } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import { formatArea } from '../../units/format-area';
import { formatLength } from '../../units/format-length';
import { formatDegrees } from '../../units/parse-angle';
import { ownDimensionWords } from '../../wording/drawing-words';
import type { ViewFrame } from '../elevation/view-frame';
import { line, TEXT, WEIGHT, type ArcMark, type Primitive } from '../primitives';
import { readingTurn } from '../reading-turn';
import { linksOf, type ChainEnd } from './chains';
import { CEILING, PLAN } from './row-ways';
import { placeOfEnd, type RoomPlace } from './ends';
import { detailMarks, leader, levelMarks } from './own-notes';
import {
  drawRow,
  figureAt,
  figureSize,
  GAP,
  levelsOf,
  levelTaken,
  ROW,
  textsLast,
  type DimensionRow,
} from './rows';

/** What a drawing is to the dimensions that a person has put on it. */
export interface OwnView {
  /** What it is asked for as in the record: the plan, the ceiling plan, or the id of an upright view. */
  id: string;
  /** Where a place of the room is drawn, mm. */
  project(place: RoomPlace): Point;
  /** The directions of the room that it runs across and up; null where a face bends. */
  across: Point | null;
  up: Point | 'up';
}

const UP_THE_PLAN: Point = { x: 0, y: 1 };

/** A plan as that. */
export const planView = (id: string): OwnView => ({
  ...{ id, project: ({ at }: RoomPlace) => at },
  across: { x: 1, y: 0 },
  up: UP_THE_PLAN,
});

/** An upright view as that. */
export const uprightView = (id: string, frame: ViewFrame): OwnView => ({
  ...{ id, project: ({ at, up }: RoomPlace) => ({ x: frame.project(at).along, y: up }) },
  across: frame.u,
  up: 'up',
});

const ofViews = perDesign((design) => groupedBy(recordsOf(design, 'dimension'), ({ view }) => view));

/** What a person has put on a drawing, as far as what it is of is still there. */
export function ownDimensions(
  design: Design,
  view: OwnView,
  at: number,
  shows: (end: DimensionEnd) => boolean = () => true,
): Primitive[] {
  const own = ofViews(design).get(view.id) ?? [];
  return textsLast(
    own
      .filter(({ ends }) => ends.every(shows))
      .flatMap((record) => {
        const places = record.ends.map((end) => placeOfEnd(design, end));
        const marks =
          places.every((one) => one !== null) && hasMeasure(design, record, view)
            ? drawOne({
                design,
                record,
                view,
                scale: at,
                ends: places.map((one) => view.project(one)),
                places,
              })
            : lost(record, places, view, at);
        return marks.map((mark) => ({ ...mark, source: record.id }));
      }),
  );
}

/** Those that measure something that is no longer there, or stand on a drawing that is not. */
export function lostDimensions(design: Design, views: ReadonlySet<string>): DimensionRecord[] {
  return recordsOf(design, 'dimension').filter(
    (record) =>
      !views.has(record.view) ||
      record.ends.some((end) => placeOfEnd(design, end) === null) ||
      !hasMeasure(design, record, {
        up: record.view === PLAN || record.view === CEILING ? UP_THE_PLAN : 'up',
      }),
  );
}

/** Whether what a dimension is of still has what it measures: a face that was made straight has no radius any more. */
function hasMeasure(design: Design, { type, ends }: DimensionRecord, view: Pick<OwnView, 'up'>): boolean {
  switch (type) {
    case 'angle':
      return ends.length === 3;
    case 'radius':
      return radiusOf(design, ends[0]!.of) !== null;
    case 'area':
      return areaOf(design, ends[0]!, view) !== null;
    default:
      return true;
  }
}

interface One {
  design: Design;
  record: DimensionRecord;
  view: OwnView;
  scale: number;
  ends: readonly Point[];
  places: readonly RoomPlace[];
}

function drawOne(one: One): Primitive[] {
  switch (one.record.type) {
    case 'length':
      return drawLengths(one);
    case 'baseline':
      return drawBaseline(one);
    case 'angle':
      return drawAngle(one);
    case 'radius':
    case 'area':
    case 'level':
    case 'note':
      return drawNote(one, wordsOf(one));
    case 'detail':
      return detailMarks(one.design, one.record, one.ends[0]!, one.scale);
  }
}

/** What stands where something that is measured has gone: that it has, and not a number. */
function lost(
  { off, over = 0 }: DimensionRecord,
  places: readonly (RoomPlace | null)[],
  view: OwnView,
  at: number,
): Primitive[] {
  const [left] = places.flatMap((one) => one ?? []);
  if (!left) return [];
  return leader(view.project(left), [ownDimensionWords.lost], { x: off, y: over }, at);
}

function wordsOf({ design, record, places, view }: One): string[] {
  const style = styleOf(design);
  const more = record.text?.split('\n') ?? [];
  const first = (value: string) => [more[0] ? `${value} ${more[0]}` : value, ...more.slice(1)];
  switch (record.type) {
    case 'note':
      return more;
    case 'level':
      return first(formatLength(places[0]!.up, style));
    case 'area':
      return first(formatArea(areaOf(design, record.ends[0]!, view)!, roomOf(design).unit));
    case 'radius':
      return first(`R ${formatLength(radiusOf(design, record.ends[0]!.of)!, style)}`);
    default:
      return [];
  }
}

/** The radius of a bent face or a round column, mm; null of what is not round. */
export function radiusOf(design: Design, id: string): number | null {
  const face = roomShape(design).byId.get(id);
  if (face) return face.arc?.radius ?? null;
  return fixedThings(design).find((one) => one.id === id)?.circle?.radius ?? null;
}

/** The area of the room or of what something takes of it, mm²; of a face, that of its wall, where it is looked at. Null of what has none. */
export function areaOf(design: Design, { of }: DimensionEnd, { up }: Pick<OwnView, 'up'>): number | null {
  const record = design.records[of];
  switch (record?.kind) {
    case 'room':
      return roomShape(design).area;
    case 'face': {
      const { length, ceiling, wallHeight } = roomShape(design).byId.get(of)!;
      return up === 'up' ? length * (wallHeight ?? (ceiling[0] + ceiling[1]) / 2) : null;
    }
    case 'opening':
      return up === 'up' ? record.width * record.height : null;
    case 'item':
      return up === 'up'
        ? record.width * record.height
        : Math.abs(signedArea(findBox(design, of)!.footprint));
    case 'fixed': {
      const thing = fixedThings(design).find(({ id }) => id === of)!;
      if (up === 'up') return record.width * record.height;
      return thing.circle ? Math.PI * thing.circle.radius ** 2 : Math.abs(signedArea(thing.footprint));
    }
    default:
      return null;
  }
}

/** The way lengths are measured on a drawing on which their ends are there. */
export function wayBetween({ way = 'aligned' }: DimensionRecord, ends: readonly Point[]): Point {
  if (way === 'across') return { x: 1, y: 0 };
  if (way === 'up') return { x: 0, y: 1 };
  const straight = subtract(ends.at(-1)!, ends[0]!);
  const long = sizeOf(straight);
  return long < 1e-6 ? { x: 1, y: 0 } : scale(straight, 1 / long);
}

/** Where a direction of the drawing runs in the room; null where it runs neither across nor up. */
function roomWay(way: Point, { across, up }: OwnView): Point | 'up' | null {
  if (up !== 'up') return way;
  if (Math.abs(way.y) < 1e-9) return across && scale(across, Math.sign(way.x));
  return Math.abs(way.x) < 1e-9 && way.y > 0 ? 'up' : null;
}

/** A row of lengths between places along a way, at a distance from the first of them. */
function rowBetween(
  one: One,
  ends: readonly Point[],
  ids: readonly string[],
  off: number,
): DimensionRow | null {
  const { design, view, scale: at, record } = one;
  const along = wayBetween(one.record, one.ends);
  const left = { x: -along.y, y: along.x };
  const out = off < 0 ? scale(left, -1) : left;
  const [origin] = ends;
  const placed = ends
    .map((point, index) => ({ point, s: dot(subtract(point, origin!), along), of: ids[index]! }))
    .sort((a, b) => a.s - b.s);
  const [first, last] = [placed[0]!.s, placed.at(-1)!.s];
  if (last - first < 1e-6) return null;
  const between = placed.map(({ s, of }): ChainEnd => ({ at: s - first, of }));
  const parted = { from: 0, to: last - first, between, open: true };
  const { links } = linksOf(parted, styleOf(design));
  const lineAt = place(origin!, along, first, left, off * at);
  const feet = [0, ...links.map(({ to }) => to)].map((end) => {
    const { point } = placed.reduce((best, other) =>
      Math.abs(other.s - first - end) < Math.abs(best.s - first - end) ? other : best,
    );
    const deep = dot(subtract(lineAt, point), out);
    return Math.abs(deep) <= GAP * at ? null : place(point, out, Math.sign(deep) * GAP * at, out, 0);
  });
  const told = links.map((link, index) =>
    record.text && index === 0 ? { ...link, text: `${link.text} ${record.text}` } : link,
  );
  const size = figureSize(told, at);
  return {
    ...{ links: told, at: lineAt, along, out, feet, size, scale: at },
    levels: levelsOf(told, { size, scale: at, start: 0, taken: levelTaken() }),
    turn: readingTurn(Math.atan2(along.y, along.x)),
    way: roomWay(along, view),
    row: record.id,
  };
}

function drawLengths(one: One): Primitive[] {
  const { record, ends } = one;
  const ids = record.ends.map(({ of }) => of);
  const row = rowBetween(one, ends, ids, record.off);
  return row ? drawRow(row) : [];
}

/** All lengths from the first end, one row over the other, the shortest nearest. */
function drawBaseline(one: One): Primitive[] {
  const { record, ends } = one;
  const along = wayBetween(one.record, one.ends);
  const [first, ...others] = ends.map((point, index) => ({ point, of: record.ends[index]!.of }));
  const byLength = others
    .map((other) => ({ ...other, long: Math.abs(dot(subtract(other.point, first!.point), along)) }))
    .sort((a, b) => a.long - b.long);
  return byLength.flatMap(({ point, of }, index) => {
    const off = record.off + (record.off < 0 ? -1 : 1) * index * ROW;
    const row = rowBetween(one, [first!.point, point], [first!.of, of], off);
    return row ? drawRow(row) : [];
  });
}

/** The angle at the second of three places, between the ways to the others: the smaller one. */
function drawAngle({ record, ends, scale: at }: One): Primitive[] {
  const [one, tip, other] = ends as [Point, Point, Point];
  const [a, b] = [subtract(one, tip), subtract(other, tip)];
  if (sizeOf(a) < 1e-6 || sizeOf(b) < 1e-6) return [];
  const sweep = Math.atan2(cross(a, b), dot(a, b));
  const from = Math.atan2(a.y, a.x);
  const radius = Math.max(4, Math.abs(record.off)) * at;
  const arc: ArcMark = {
    ...{ type: 'arc', layer: 'dimensions', centre: tip, radius, from, sweep },
    ...{ weight: WEIGHT.thin, ink: 'measure' },
  };
  // Where the things themselves do not reach the arc, their lines go on to it.
  const arms = [a, b].flatMap((arm) => {
    const long = sizeOf(arm);
    if (long >= radius) return [];
    const way = scale(arm, 1 / long);
    return [line('dimensions', [add(tip, arm), add(tip, scale(way, radius + at))], WEIGHT.thin, 'measure')];
  });
  const middle = direction(from + sweep / 2);
  const angle = formatDegrees(Math.abs(sweep));
  const text = record.text ? `${angle} ${record.text}` : angle;
  return [arc, ...arms, figureAt(add(tip, scale(middle, radius + 3 * at)), text, TEXT.normal, 0)];
}

/** Words beside what they are of, with a line to it. */
function drawNote({ record, ends, scale: at }: One, words: readonly string[]): Primitive[] {
  const [end] = ends;
  if (record.type === 'level') return levelMarks(end!, words[0]!, record, at);
  return leader(end!, words, { x: record.off, y: record.over ?? 0 }, at);
}
