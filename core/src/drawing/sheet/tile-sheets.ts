import { roomOf, styleOf, type Design } from '../../document/design';
import { boundsOf } from '../../geometry/polygon';
import { named } from '../../nouns';
import { ok, refuse, type Result } from '../../result';
import { cutPlan } from '../../tile/zones/cut-plan';
import { cutTypes, type CutType } from '../../tile/zones/cut-types';
import { levelSteps } from '../../tile/zones/level-steps';
import { movementJoints } from '../../tile/zones/movement-joints';
import { tiledZones, type TiledZone } from '../../tile/zones/zone-laying';
import { jointAlong } from '../../tile/zones/joint-along';
import { zoneOrder, type ZoneOrder } from '../../tile/zones/zone-order';
import { trimLengths } from '../../tile/zones/zone-trim';
import { formatArea } from '../../units/format-area';
import { formatLength } from '../../units/format-length';
import { formatDegrees } from '../../units/parse-angle';
import { tileWords } from '../../wording/drawing-words';
import { surfaceWithin } from '../../wording/surface-name';
import { borderCornerNames, patternNames } from '../../wording/things';
import { uncapital } from '../../wording/words';
import { TEXT, type Primitive } from '../primitives';
import { wrapped } from '../text-layout';
import { cutPlanMarks } from './cut-plan-sheets';
import { tilesOf } from './frame-ways';
import { inField } from './in-field';
import {
  COLUMN,
  columnHeight,
  MARGIN,
  ROW_HEIGHT,
  type SheetContent,
  type SheetOptions,
} from './sheet-frame';
import { text } from './sheet-marks';
import { inParts, layRows, tableHeight, tableMarks, type LaidRow, type TableColumn } from './table';
import { fallsIn, zoneMarks, type DrawnZone } from './zone-drawing';

/** A zone that is drawn, and what it is called. */
interface Laid extends DrawnZone {
  name: string;
}

/** The setter's sheets: each zone on one of its own, with its origin, first row, cuts at every edge and numbered cut pieces, a table of the zone and its cut list. */
export function tileSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  const zones = tiledZones(design).flatMap((zone): Laid[] => {
    if (!zone.tiled.ok || zone.tiled.value.laid.pieces.length === 0) return [];
    const name = zone.record.name ?? surfaceWithin(zone.surface);
    const laid = zone.tiled.value;
    return [{ zone, laid, types: cutTypes(laid.ordered), name: tileWords.sheet(zone.letter, name) }];
  });
  if (zones.length === 0) return refuse('nothing-tiled', {});
  const { page } = options;
  const drawn: Omit<SheetContent, 'shows'>[] = [];
  const draws = zones.map((one) => (ratio: number) => zoneMarks(design, one, ratio));
  for (const [at, one] of zones.entries()) {
    const inPlace = inField(design, options, {
      ...{ drawing: tilesOf(one.zone.id), view: null, name: one.name, draw: draws[at]!, alike: draws },
      ...{ sheet: at + 1, what: named(one.name) },
    });
    if (!inPlace.ok) return inPlace;
    const order = zoneOrder(one.zone.record, one.laid, { along: jointAlong(design, one.zone) });
    if (!order.ok) return order;
    const table = tableOf(design, one, order.value);
    const down = table.length * ROW_HEIGHT + 12;
    const lists = cutParts(design, one.types, columnHeight(page), down);
    for (const [index, list] of lists.entries()) {
      const first = index === 0;
      const left = page.width - MARGIN - COLUMN;
      const top = page.height - MARGIN;
      const head = first ? zoneTable(table, one.name, left, top) : [];
      drawn.push({
        title: first ? one.name : tileWords.continued(one.zone.letter, index),
        scale: first ? inPlace.value.scale : null,
        marks: first ? inPlace.value.marks : [],
        frames: first ? inPlace.value.frames : [],
        column: [...head, ...listMarks(list, left, first ? top - down : top)],
      });
    }
    for (const [index, marks] of cutPlanMarks(design, page, cutPlan(order.value, one.types)).entries())
      drawn.push({ title: tileWords.plan(one.zone.letter, index + 1), scale: null, marks, column: [] });
  }
  return ok(drawn.map((one) => ({ ...one, shows: uncapital(one.title) })));
}

/** The table of a zone: what it is laid with and how, what is counted and ordered. */
function tableOf(
  design: Design,
  { zone, laid }: Laid,
  { tiles, bought, grout, buildUp }: ZoneOrder,
): [string, string][] {
  const { record, rings } = zone;
  const { rows } = tileWords;
  const say = (mm: number) => formatLength(mm, styleOf(design));
  const { left, bottom } = boundsOf(rings.flat());
  const { whole, cut } = laid.count;
  const trim = trimLengths(design).get(zone.id) ?? 0;
  return [
    [rows.finish, record.finish ?? '–'],
    ...(record.colouring ? [[rows.second, record.colouring.finish] as [string, string]] : []),
    [rows.tile, `${say(record.tile.w)} × ${say(record.tile.h)}`],
    ...borderRows(record, say),
    [rows.joint, say(record.joint)],
    [rows.pattern, patternNames[record.pattern.type]],
    [rows.angle, formatDegrees(record.angle)],
    [rows.begins, tileWords.begins(say(record.origin.x - left), say(record.origin.y - bottom))],
    [rows.area, formatArea(laid.laid.zoneArea, roomOf(design).unit)],
    [rows.count, tileWords.count(whole, cut)],
    [rows.narrowest, laid.narrowest === null ? tileWords.none : say(laid.narrowest)],
    [rows.order, tileWords.order(bought, tiles)],
    [rows.grout, tileWords.litres(grout.litres, grout.kg)],
    [rows.buildUp, say(buildUp)],
    ...fallRows(zone, say),
    ...stepRows(design, zone, say),
    ...(trim > 0 ? [[rows.trim, say(trim)] as [string, string]] : []),
    ...(movementJoints(record, zone.field).length > 0
      ? [[rows.movement, tileWords.dashed] as [string, string]]
      : []),
  ];
}

function fallRows(zone: TiledZone, say: (mm: number) => string): [string, string][] {
  const falls = fallsIn(zone);
  if (!falls) return [];
  const { rise, channel } = falls;
  return [[tileWords.rows.falls, tileWords.falls(say(rise), channel !== null)]];
}

/** Where a zone of the floor makes a step. */
const stepRows = (design: Design, zone: TiledZone, say: (mm: number) => string): [string, string][] =>
  levelSteps(design, zone).map(({ at, by }) =>
    'doorway' in at
      ? [tileWords.at(at.doorway), tileWords.overBare(say(by))]
      : [tileWords.beside(at.zone), tileWords.step(say(Math.abs(by)), by > 0)],
  );

function borderRows({ border }: TiledZone['record'], say: (mm: number) => string): [string, string][] {
  if (!border) return [];
  const { tile, inset, corners, finish } = border;
  return [
    [tileWords.rows.border, `${finish ? `${finish}, ` : ''}${say(tile.w)} × ${say(tile.h)}`],
    [tileWords.rows.corners, tileWords.bordered(borderCornerNames[corners], say(inset))],
  ];
}

function zoneTable(rows: readonly [string, string][], name: string, left: number, top: number): Primitive[] {
  return [
    text(name, left + 4, top - 6, TEXT.normal + 0.4, true),
    ...rows.flatMap(([term, said], index) => {
      const y = top - 6 - ROW_HEIGHT * (index + 1);
      return [text(term, left + 4, y, TEXT.small), text(said, left + 32, y, TEXT.small, true)];
    }),
  ];
}

/** Space beside the cut list in its column, and for the note under it, paper mm. */
const PAD = 4;
const NOTE = 8;
const LINE = 3.6;

const { columns: titles } = tileWords;
const columns: readonly TableColumn[] = [
  { title: titles.number, width: 12, align: 'start' },
  { title: titles.width, width: 22, align: 'end' },
  { title: titles.height, width: 26, align: 'end' },
  { title: titles.count, width: 24, align: 'end' },
];

/** Marks what is cut on a slant. */
const SHAPED = '*';

/** The cut list of a zone in parts, for columns so high of which so much of the first is taken, paper mm. */
function cutParts(design: Design, types: readonly CutType[], high: number, taken: number): LaidRow[][] {
  const say = (mm: number) => formatLength(mm, styleOf(design));
  const rows = layRows(
    columns,
    types.map(({ number, w, h, pieces, shaped }) => ({
      id: String(number),
      cells: [String(number), say(w), shaped ? `${say(h)} ${SHAPED}` : say(h), String(pieces.length)],
    })),
  );
  return inParts(rows, high - taken - NOTE, high - NOTE);
}

function listMarks(list: readonly LaidRow[], left: number, top: number): Primitive[] {
  if (list.length === 0) return [];
  const under = top - tableHeight(list) - 3;
  const shaped = list.some(({ cells }) => cells[2]!.at(-1)!.endsWith(SHAPED));
  const note = shaped ? wrapped(tileWords.shaped, TEXT.small, COLUMN - 2 * PAD) : [];
  return [
    ...tableMarks(tileWords.cuts, columns, list, { left: left + PAD, top }),
    ...note.map((words, index) => text(words, left + PAD, under - LINE * index, TEXT.small)),
  ];
}
