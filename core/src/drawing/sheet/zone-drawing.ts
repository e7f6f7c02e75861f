import { recordOf, styleOf, type Design } from '../../document/design';
import { add, distance, place, scale, subtract, unit, type Point } from '../../geometry/point';
import { boundsOf, signedArea, type Polygon } from '../../geometry/polygon';
import { isDressing, isMovable } from '../../ranges/item-kind';
import { kindOf } from '../../ranges/kinds';
import type { Stretch } from '../../tile/grid-edges';
import { tileOrder, type TileOf } from '../../tile/cut-list';
import { tilesOf } from '../../tile/zones/colouring';
import type { CutType } from '../../tile/zones/cut-types';
import { fallsOf, type Falls } from '../../tile/zones/falls';
import { movementJoints } from '../../tile/zones/movement-joints';
import { zoneRegion } from '../../tile/zones/zone-areas';
import type { LaidZone, TiledZone } from '../../tile/zones/zone-laying';
import { formatLength } from '../../units/format-length';
import { drawElevation } from '../elevation/draw-elevation';
import { labelled } from '../labels/labelled';
import type { Label, LabelPlace } from '../labels/place-labels';
import { lineSize } from '../labels/text-label';
import { faceLetters } from '../labels/wall-labels';
import { drawPlanWith } from '../plan-with';
import { DASH, line, TEXT, WEIGHT, type Ink, type Layer, type Primitive } from '../primitives';
import { readingTurn } from '../reading-turn';

/** What of the room is drawn about a zone. */
const ABOUT: readonly Layer[] = ['walls', 'openings', 'items', 'plinths', 'tops'];
/** An edge bears its cut where it is no shorter than this on paper, mm. */
const EDGE = 7;
/** The arrows at the origin, and how far cuts stand outside their edges, paper mm. */
const ARROW = 13;
const BARB = 2;
const BESIDE = 2.6;
/** From row to row of cuts that have no room beside their edges, and where along its edge one may stand. */
const ROW = 3.2;
const ALONG = [0.5, 0.3, 0.7, 0.15, 0.85] as const;
/** Where in its piece a number may stand: shares of its width and height. */
const WITHIN = [0.5, 0.3, 0.7] as const;
/** How far from a corner towards the drain it is told how much higher it is, mm. */
const CORNER = 120;
/** How wide a linear drain is drawn, mm. */
const CHANNEL = 70;

/** What each tile of a zone is shaded with. */
const SHADES: Partial<Record<TileOf, Ink>> = { second: 'water', border: 'faint' };

/** What is written on the drawing of a room, and not about a zone. */
const WRITTEN: readonly Layer[] = ['labels', 'numbers', 'dimensions', 'services', 'sections'];

/** A zone that is laid. */
export interface DrawnZone {
  zone: TiledZone;
  laid: LaidZone;
  types: readonly CutType[];
}

/** A zone with the room about it, in the places of the plan or of its face, mm. */
export function zoneMarks(design: Design, drawn: DrawnZone, ratio: number): Primitive[] {
  const { zone, laid } = drawn;
  const { surface, rings, record } = zone;
  const { face, reveal } = surface;
  const at = surface.toDrawing;
  const about = () =>
    face
      ? drawElevation(design, face, ratio)
      : drawPlanWith(null, design, ratio, { without: WRITTEN, unlettered: true });
  const room = reveal ? [] : about();
  const ground = zoneRegion(rings);
  const tileOf = tilesOf(record, laid.cell);
  const marks = [
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
    ...movementJoints(record, zone.field).map(({ a, b }) =>
      line('tiles', [at(a), at(b)], WEIGHT.object, 'drawing', DASH),
    ),
    ...fallMarks(zone),
    ...originMarks(record, ground, at, ratio),
  ];
  const labels = [
    ...(face || reveal ? [] : faceLetters(design, ratio)),
    ...edgeLabels(design, laid, at, ratio),
    ...cornerLabels(design, zone, ratio),
    ...pieceNumbers(drawn, at, ratio),
  ];
  return [...marks, ...labelled(labels, marks, { scale: ratio, medium: 'paper' })];
}

/** The number of every cut piece within it, where it has room for one. */
function pieceNumbers({ types }: DrawnZone, at: (place: Point) => Point, ratio: number): Label[] {
  return types.flatMap(({ number, pieces }) =>
    pieces.flatMap((piece): Label[] => {
      const [ring] = piece.outline().sort((a, b) => signedArea(b) - signedArea(a));
      const { left, right, bottom, top } = boundsOf(ring!);
      const words = String(number);
      const { width, height } = lineSize(words, TEXT.small, ratio);
      if (Math.min(right - left, top - bottom) < Math.min(width, height)) return [];
      const places = WITHIN.flatMap((up) =>
        WITHIN.map((across) => ({
          at: at({ x: left + (right - left) * across, y: bottom + (top - bottom) * up }),
        })),
      );
      return [{ ...wordLabel(words, 'drawing', ratio), spare: true, places, further: () => [] }];
    }),
  );
}

/** A label of one line on the tiles. */
const wordLabel = (words: string, ink: 'drawing' | 'measure', ratio: number) => ({
  layer: 'tiles' as const,
  ...lineSize(words, TEXT.small, ratio),
  draw: ({ at, turn = 0 }: LabelPlace) => [word(words, at, ink, TEXT.small, turn)],
});

/** What of the room stays about a zone: walls, and in faint lines what stands there for good. */
function aboutZone(design: Design, mark: Primitive): Primitive[] {
  if (!ABOUT.includes(mark.layer)) return [];
  const item = recordOf(design, 'item', mark.source ?? '');
  if (item && (isDressing(kindOf(item.type)) || isMovable(kindOf(item.type)))) return [];
  // Letters find their places among what is written on the zone.
  if (mark.type === 'text') return [];
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
function edgeLabels(
  design: Design,
  { edges }: LaidZone,
  at: (place: Point) => Point,
  ratio: number,
): Label[] {
  return edges.flatMap(({ a, b, size, widest }): Label[] => {
    const [from, to] = [at(a), at(b)];
    if (size === null || distance(from, to) < EDGE * ratio) return [];
    const u = unit(subtract(to, from));
    // The zone is to the left of an edge.
    const out = { x: u.y, y: -u.x };
    const turn = readingTurn(Math.atan2(u.y, u.x));
    const say = (mm: number) => formatLength(mm, styleOf(design));
    const said = widest !== null && widest - size > 1 ? `${say(size)}–${say(widest)}` : say(size);
    const beside = (share: number, off: number): LabelPlace => ({
      at: place(from, u, distance(from, to) * share, out, off * ratio),
      turn,
    });
    const foot = place(from, u, distance(from, to) / 2, out, 0);
    return [
      {
        ...wordLabel(said, 'measure', ratio),
        places: [BESIDE, -BESIDE].flatMap((off) => ALONG.map((share) => beside(share, off))),
        further: (ring) => ALONG.map((share) => ({ ...beside(share, BESIDE + (ring + 1) * ROW), foot })),
      },
    ];
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

export const fallsIn = ({ record, rings, holes }: TiledZone): Falls | null => {
  const falls = fallsOf(record, rings, holes);
  return falls && typeof falls === 'object' ? falls : null;
};

/** The cuts of a zone that falls, and its linear drain. */
function fallMarks(zone: TiledZone): Primitive[] {
  const falls = fallsIn(zone);
  if (!falls) return [];
  const at = zone.surface.toDrawing;
  const { cuts, channel } = falls;
  return [
    ...cuts.map(({ from, to }) => line('tiles', [at(from), at(to)], WEIGHT.thin, 'drawing', DASH)),
    ...(channel ? [channelMark(channel, at)] : []),
  ];
}

/** How much higher than the drain the corners of a zone are that falls. */
function cornerLabels(design: Design, zone: TiledZone, ratio: number): Label[] {
  const falls = fallsIn(zone);
  if (!falls) return [];
  const { toDrawing } = zone.surface;
  const { corners, drain } = falls;
  return corners
    .filter(({ by }) => by > 0)
    .map(({ at: corner, by }): Label => {
      const towards = (off: number): LabelPlace => {
        const share = Math.min(0.9, off / Math.max(CORNER * 2, distance(corner, drain)));
        return { at: toDrawing(add(corner, scale(subtract(drain, corner), share))) };
      };
      return {
        ...wordLabel(`+${formatLength(by, styleOf(design))}`, 'measure', ratio),
        places: [1, 1.5, 2, 0.7].map((times) => towards(CORNER * times)),
        further: (ring) => [towards(CORNER * (2.5 + ring / 2))],
      };
    });
}

/** A linear drain along its edge. */
function channelMark({ a, b }: Stretch, at: (place: Point) => Point): Primitive {
  const u = unit(subtract(b, a));
  const inwards = { x: -u.y * CHANNEL, y: u.x * CHANNEL };
  const ring = [a, b, add(b, inwards), add(a, inwards)].map(at);
  return { ...path([ring], WEIGHT.object), fill: 'water' };
}
