import { recordOf, roomOf, styleOf, type Design } from '../../document/design';
import { named } from '../../nouns';
import { add, distance, middle, place, scale, unit, subtract, type Point } from '../../geometry/point';
import { boundsOf, signedArea, type Polygon } from '../../geometry/polygon';
import { isDressing, isMovable } from '../../ranges/item-kind';
import { kindOf } from '../../ranges/kinds';
import { ok, refuse, type Result } from '../../result';
import { tilesOf } from '../../tile/zones/colouring';
import { tileOrder, type TileOf } from '../../tile/cut-list';
import type { Stretch } from '../../tile/grid-edges';
import { cutTypes, type CutType } from '../../tile/zones/cut-types';
import { zoneRegion } from '../../tile/zones/zone-areas';
import { tiledZones, type LaidZone, type TiledZone } from '../../tile/zones/zone-laying';
import { fallsOf, type Falls } from '../../tile/zones/falls';
import { levelSteps } from '../../tile/zones/level-steps';
import { movementJoints } from '../../tile/zones/movement-joints';
import { zoneOrder, type ZoneOrder } from '../../tile/zones/zone-order';
import { trimLengths } from '../../tile/zones/zone-trim';

import { formatArea } from '../../units/format-area';
import { formatLength } from '../../units/format-length';
import { formatDegrees } from '../../units/parse-angle';
import { tileWords } from '../../wording/drawing-words';
import { surfaceWithin } from '../../wording/surface-name';
import { borderCornerNames, patternNames } from '../../wording/things';
import { uncapital } from '../../wording/words';
import { cutPlanMarks } from './cut-plan-sheets';
import { cutPlan } from '../../tile/zones/cut-plan';
import { drawElevation } from '../elevation/draw-elevation';
import { drawingBounds, drawPlanWith } from '../plan-with';
import { DASH, line, TEXT, WEIGHT, type Ink, type Layer, type Primitive } from '../primitives';
import { chunks } from './plan-sheets';
import { sheetScales } from './sheet-format';
import {
  COLUMN,
  fieldOf,
  frameMarks,
  MARGIN,
  ROW_HEIGHT,
  rowsOn,
  type Sheet,
  type SheetOptions,
} from './sheet-frame';
import { onPaper, point, text } from './sheet-marks';

/** What of the room is drawn about a zone. */
const ABOUT: readonly Layer[] = ['walls', 'openings', 'items', 'plinths', 'tops'];
/** A piece bears its number where it is no smaller than this on paper, an edge its cut where it is no shorter, mm. */
const NUMBERED = 3.4;
const EDGE = 7;
/** The arrows at the origin, and how far cuts stand outside their edges, paper mm. */
const ARROW = 13;
const BARB = 2;
const BESIDE = 2.6;
/** How far from a corner towards the drain it is told how much higher it is, mm. */
const CORNER = 120;
/** How wide a linear drain is drawn, mm. */
const CHANNEL = 70;

/** What each tile of a zone is shaded with. */
const SHADES: Partial<Record<TileOf, Ink>> = { second: 'water', border: 'faint' };

/** A zone that is laid. */
interface Laid {
  zone: TiledZone;
  laid: LaidZone;
  types: readonly CutType[];
  name: string;
}

/** The setter's sheets: each zone on one of its own, with its origin, first row, cuts at every edge and numbered cut pieces, a table of the zone and its cut list. */
export function drawTileSheets(design: Design, options: SheetOptions): Result<Sheet[]> {
  const zones = tiledZones(design).flatMap((zone): Laid[] => {
    if (!zone.tiled.ok || zone.tiled.value.laid.pieces.length === 0) return [];
    const name = zone.record.name ?? surfaceWithin(zone.surface);
    const laid = zone.tiled.value;
    return [{ zone, laid, types: cutTypes(laid.ordered), name: tileWords.sheet(zone.letter, name) }];
  });
  if (zones.length === 0) return refuse('nothing-tiled', {});
  const { page, scale } = options;
  const field = fieldOf(page);
  const room = { width: field.right - field.left, height: field.top - field.bottom };
  const needAt = (one: Laid, ratio: number) => {
    const { left, right, bottom, top } = drawingBounds(zoneMarks(design, one, ratio), ratio);
    const centre = { x: (left + right) / 2, y: (bottom + top) / 2 };
    return { width: (right - left) / ratio, height: (top - bottom) / ratio, centre };
  };
  const fits = ({ width, height }: { width: number; height: number }) =>
    width <= room.width && height <= room.height;
  const sheets: Omit<Sheet, 'page'>[] = [];
  const drawn: { name: string; toScale: boolean; marks: Primitive[]; column: Primitive[] }[] = [];
  for (const one of zones) {
    const need = needAt(one, scale.ratio);
    if (!fits(need)) {
      const others = sheetScales.filter(({ ratio }) => zones.every((other) => fits(needAt(other, ratio))));
      const { width, height } = need;
      return refuse('sheet-too-small', {
        ...{ what: named(one.name), width, height, scale: scale.ratio, page: page.id },
        fits: others.map((other) => other.text),
      });
    }
    const order = zoneOrder(one.zone.record, one.laid);
    if (!order.ok) return order;
    const table = tableOf(design, one, order.value);
    const lists = chunks(
      one.types,
      Math.max(1, rowsOn(page, table.length * ROW_HEIGHT + 8)),
      rowsOn(page, 0),
    );
    const origin = {
      x: (field.left + field.right) / 2 - need.centre.x / scale.ratio,
      y: (field.bottom + field.top) / 2 - need.centre.y / scale.ratio,
    };
    const own = zoneMarks(design, one, scale.ratio).map((mark) => onPaper(mark, origin, scale.ratio));
    for (const [index, list] of (lists.length > 0 ? lists : [[]]).entries()) {
      const first = index === 0;
      const left = page.width - MARGIN - COLUMN;
      const top = page.height - MARGIN;
      const head = first ? tableMarks(table, one.name, left, top) : [];
      const down = first ? table.length * ROW_HEIGHT + 12 : 0;
      drawn.push({
        name: first ? one.name : tileWords.continued(one.zone.letter, index),
        toScale: first,
        marks: first ? own : [],
        column: [...head, ...listMarks(design, list, left, top - down)],
      });
    }
    for (const [index, marks] of cutPlanMarks(design, page, cutPlan(order.value, one.types)).entries())
      drawn.push({ name: tileWords.plan(one.zone.letter, index + 1), toScale: false, marks, column: [] });
  }
  for (const [index, { name, toScale, marks, column }] of drawn.entries()) {
    const about = { column, toScale, sheet: index + 1, of: drawn.length, shows: uncapital(name) };
    sheets.push({ title: name, marks: [...marks, ...frameMarks(design, options, about)] });
  }
  return ok(sheets.map((sheet) => ({ page, ...sheet })));
}

/** A zone with the room about it, in the places of the plan or of its face, mm. */
function zoneMarks(design: Design, { zone, laid, types }: Laid, ratio: number): Primitive[] {
  const { surface, rings, record } = zone;
  const { face, reveal } = surface;
  const at = surface.toDrawing;
  const about = () => (face ? drawElevation(design, face, ratio) : drawPlanWith(null, design, ratio));
  const room = reveal ? [] : about();
  const ground = zoneRegion(rings);
  const tileOf = tilesOf(record, laid.cell);
  const numbers = types.flatMap(({ number, pieces }) =>
    pieces.flatMap((piece) => {
      const [ring] = piece.outline().sort((a, b) => signedArea(b) - signedArea(a));
      const { left, right, bottom, top } = boundsOf(ring!);
      if (Math.min(right - left, top - bottom) < NUMBERED * ratio) return [];
      return word(
        String(number),
        at({ x: (left + right) / 2, y: (bottom + top) / 2 }),
        'drawing',
        TEXT.small * 0.85,
      );
    }),
  );
  return [
    ...room.flatMap((mark) => aboutZone(design, mark)),
    ...tileOrder.flatMap((of): Primitive[] => {
      const own = laid.laid.pieces.filter((piece) => (tileOf?.(piece) ?? 'first') === of);
      const outlines = own.flatMap((piece) => piece.outline().map((ring) => ring.map(at)));
      const fill = SHADES[of];
      return own.length === 0 ? [] : [{ ...path(outlines, WEIGHT.thin), ...(fill && { fill }) }];
    }),
    ...(laid.sheets?.pieces ?? []).map((piece) =>
      path(
        piece.outline().map((ring) => ring.map(at)),
        WEIGHT.top,
      ),
    ),
    path(
      ground.map((ring) => ring.map(at)),
      WEIGHT.cut,
    ),
    ...numbers,
    ...edgeMarks(design, laid, at, ratio),
    ...movementJoints(record, zone.field).map(({ a, b }) =>
      line('tiles', [at(a), at(b)], WEIGHT.object, 'drawing', DASH),
    ),
    ...fallMarks(design, zone),
    ...originMarks(record, ground, at, ratio),
  ];
}

/** What of the room stays about a zone: walls, and in faint lines what stands there for good. */
function aboutZone(design: Design, mark: Primitive): Primitive[] {
  if (!ABOUT.includes(mark.layer)) return [];
  const item = recordOf(design, 'item', mark.source ?? '');
  if (item && (isDressing(kindOf(item.type)) || isMovable(kindOf(item.type)))) return [];
  if (mark.type === 'text') return [mark];
  const weight = Math.min(mark.weight, WEIGHT.top);
  return mark.layer === 'walls' ? [{ ...mark, weight }] : [{ ...mark, weight, ink: 'faint' }];
}

const path = (rings: readonly Polygon[], weight: number): Extract<Primitive, { type: 'path' }> => ({
  ...{ type: 'path', layer: 'tiles', rings, closed: true, weight, ink: 'drawing' },
});

const word = (said: string, at: Point, ink: 'drawing' | 'measure', size: number, turn = 0): Primitive => ({
  ...{ type: 'text', layer: 'tiles', at, text: said, size, anchor: 'middle', turn, ink, ground: true },
});

/** What is left of the tiles at each edge, outside it and along it. */
function edgeMarks(
  design: Design,
  { edges }: LaidZone,
  at: (place: Point) => Point,
  ratio: number,
): Primitive[] {
  return edges.flatMap(({ a, b, size, widest }) => {
    const [from, to] = [at(a), at(b)];
    if (size === null || distance(from, to) < EDGE * ratio) return [];
    const u = unit(subtract(to, from));
    // The zone is to the left of an edge.
    const beside = place(middle(from, to), { x: u.y, y: -u.x }, BESIDE * ratio, u, 0);
    const say = (mm: number) => formatLength(mm, styleOf(design));
    const said = widest !== null && widest - size > 1 ? `${say(size)}–${say(widest)}` : say(size);
    const turn = Math.atan2(u.y, u.x);
    // Read from below or from the right.
    const read = turn > Math.PI / 2 + 1e-9 || turn <= -Math.PI / 2 + 1e-9 ? turn + Math.PI : turn;
    return [word(said, beside, 'measure', TEXT.small, read)];
  });
}

/** Two crossed arrows where the pattern begins, and the line its first row stands on. */
function originMarks(
  { origin, angle }: TiledZone['record'],
  ground: readonly Polygon[],
  at: (place: Point) => Point,
  ratio: number,
): Primitive[] {
  const ways = [
    { x: Math.cos(angle), y: Math.sin(angle) },
    { x: -Math.sin(angle), y: Math.cos(angle) },
  ] as const;
  const arrows = ways.flatMap((way) => {
    const far = add(origin, { x: way.x * ARROW * ratio, y: way.y * ARROW * ratio });
    const side = { x: -way.y, y: way.x };
    const barb = (by: number) => at(place(far, way, -BARB * ratio, side, by * BARB * 0.45 * ratio));
    return [
      line('tiles', [at(place(origin, way, -3 * ratio, side, 0)), at(far)], WEIGHT.object, 'measure'),
      line('tiles', [barb(1), at(far), barb(-1)], WEIGHT.object, 'measure'),
    ];
  });
  const alongs = ground.flat().map(({ x, y }) => (x - origin.x) * ways[0].x + (y - origin.y) * ways[0].y);
  if (alongs.length === 0) return arrows;
  const ends = [Math.min(...alongs), Math.max(...alongs)].map((along) =>
    at(place(origin, ways[0], along, ways[1], 0)),
  );
  return [line('tiles', ends, WEIGHT.top, 'measure', DASH), ...arrows];
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

const fallsIn = ({ record, rings, holes }: TiledZone): Falls | null => {
  const falls = fallsOf(record, rings, holes);
  return falls && typeof falls === 'object' ? falls : null;
};

/** The cuts of a zone that falls, its linear drain, and how much higher its corners are. */
function fallMarks(design: Design, zone: TiledZone): Primitive[] {
  const falls = fallsIn(zone);
  if (!falls) return [];
  const at = zone.surface.toDrawing;
  const { cuts, channel, corners, drain } = falls;
  return [
    ...cuts.map(({ from, to }) => line('tiles', [at(from), at(to)], WEIGHT.thin, 'drawing', DASH)),
    ...(channel ? [channelMark(channel, at)] : []),
    ...corners
      .filter(({ by }) => by > 0)
      .map(({ at: corner, by }) => {
        const share = CORNER / Math.max(CORNER * 2, distance(corner, drain));
        const inner = add(corner, scale(subtract(drain, corner), share));
        return word(`+${formatLength(by, styleOf(design))}`, at(inner), 'measure', TEXT.small);
      }),
  ];
}

/** A linear drain along its edge. */
function channelMark({ a, b }: Stretch, at: (place: Point) => Point): Primitive {
  const u = unit(subtract(b, a));
  const inwards = { x: -u.y * CHANNEL, y: u.x * CHANNEL };
  const ring = [a, b, add(b, inwards), add(a, inwards)].map(at);
  return { ...path([ring], WEIGHT.object), fill: 'water' };
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

function tableMarks(rows: readonly [string, string][], name: string, left: number, top: number): Primitive[] {
  return [
    text(name, left + 4, top - 6, TEXT.normal + 0.4, true),
    ...rows.flatMap(([term, said], index) => {
      const y = top - 6 - ROW_HEIGHT * (index + 1);
      return [text(term, left + 4, y, TEXT.small), text(said, left + 32, y, TEXT.small, true)];
    }),
  ];
}

function listMarks(design: Design, list: readonly CutType[], left: number, top: number): Primitive[] {
  const say = (mm: number) => formatLength(mm, styleOf(design));
  const columns = [
    {
      title: tileWords.columns.number,
      x: 4,
      anchor: 'start' as const,
      of: ({ number }: CutType) => String(number),
    },
    { title: tileWords.columns.width, x: 34, anchor: 'end' as const, of: ({ w }: CutType) => say(w) },
    { title: tileWords.columns.height, x: 56, anchor: 'end' as const, of: ({ h }: CutType) => say(h) },
    {
      title: tileWords.columns.count,
      x: 78,
      anchor: 'end' as const,
      of: ({ pieces }: CutType) => String(pieces.length),
    },
  ];
  if (list.length === 0) return [];
  const head = top - 12;
  return [
    text(tileWords.cuts, left + 4, top - 6, TEXT.normal + 0.4, true),
    ...columns.map(({ title, x, anchor }) => text(title, left + x, head, TEXT.small, true, anchor)),
    line('sheet', [point(left + 4, head - 2.6), point(left + COLUMN - 4, head - 2.6)], WEIGHT.top, 'drawing'),
    ...list.flatMap((type, index) => {
      const y = head - ROW_HEIGHT * (index + 1);
      return [
        ...columns.map(({ x, anchor, of }) => text(of(type), left + x, y, TEXT.small, false, anchor)),
        ...(type.shaped ? [text('*', left + 57.2, y, TEXT.small)] : []),
      ];
    }),
    ...(list.some(({ shaped }) => shaped)
      ? [text(tileWords.shaped, left + 4, head - ROW_HEIGHT * (list.length + 1), TEXT.small)]
      : []),
  ];
}
