import { roomOf, type Design } from '../document/design';
import { distance, type Point } from '../geometry/point';
import { boundsOf, contains, distanceToSegment, forEachEdge, type Bounds } from '../geometry/polygon';
import { formatArea } from '../units/format-area';
import { itemBoxes } from '../setting/item-box';
import { fixedThings } from '../survey/fixed-things';
import { placedDividers, zonesOf } from '../survey/zones';
import { drawChains } from './draw-chains';
import { drawItems, drawNumbers, drawTops } from './draw-items';
import { usualCut, type PlanMode } from './plan-cut';
import { drawFixed } from './draw-fixed';
import { drawServices } from './draw-services';
import { drawWalls } from './draw-walls';
import { DASH, line, TEXT, WEIGHT, type Layer, type Primitive } from './primitives';
import { textWidth } from './text-layout';

/** What hangs higher than this leaves the floor free, mm. */
const HEAD = 1_500;

/** What a plan leaves away while its shape is being dragged: what takes long to place, and would be out of date. */
export const WHILE_MOVING: readonly Layer[] = ['dimensions', 'labels', 'numbers', 'tops'];

/** How a plan is drawn. */
export interface PlanOptions {
  /** Layers left away. */
  without?: readonly Layer[];
  mode?: PlanMode;
  /** Height above the floor at which the room is cut, mm. */
  cut?: number;
}

/**
 * The plan as drawing primitives in the room's millimetres (x right, y up).
 * `scale` is how many room millimetres one paper millimetre is: it sizes texts, ticks and the distance of the chains.
 */
export function drawPlan(design: Design, scale: number, options: PlanOptions = {}): Primitive[] {
  const { without = [], mode = 'wall units', cut = usualCut(roomOf(design).unit) } = options;
  const wanted = (layer: Layer) => !without.includes(layer);
  const marks = [
    ...drawItems(design, mode, cut),
    ...(wanted('tops') && mode !== 'ceiling' ? drawTops(design) : []),
    ...(wanted('numbers') ? drawNumbers(design, scale, mode, cut) : []),
    ...drawWalls(design, scale),
    ...drawFixed(design, mode, cut),
    ...drawServices(design, scale, mode === 'ceiling' ? cut : -Infinity),
    ...drawDividers(design),
    ...(wanted('labels') ? drawNames(design, scale) : []),
    ...(wanted('dimensions') && mode !== 'ceiling' ? drawChains(design, scale) : []),
  ];
  return without.length === 0 ? marks : marks.filter(({ layer }) => wanted(layer));
}

/** The dividing lines of an open plan. */
function drawDividers(design: Design): Primitive[] {
  return placedDividers(design).map(({ record, from, to }) => ({
    ...line('walls', [from, to], WEIGHT.top, 'drawing', DASH),
    source: record.id,
  }));
}

/** Name and area of each part of the room, at the emptiest place of its floor. */
function drawNames(design: Design, scale: number): Primitive[] {
  const { number, unit } = roomOf(design);
  return zonesOf(design).flatMap(({ name, divider, outline, area }) => {
    const words = number && divider === null ? `${number} ${name}` : name;
    const size = divider === null ? TEXT.title : TEXT.title * 0.8;
    const at = emptiest(design, outline, (textWidth(words, size, true) * scale) / 2);
    const text = (content: string, up: number, high: number, bold: boolean): Primitive => ({
      type: 'text',
      layer: 'labels',
      at: { x: at.x, y: at.y + up * scale },
      text: content,
      size: high,
      anchor: 'middle',
      turn: 0,
      ink: 'drawing',
      bold,
    });
    return [text(words, 2.6, size, true), text(formatArea(area, unit), -2.4, TEXT.normal, false)];
  });
}

/** The place on the floor farthest from walls and items, by a grid; a word as wide as 2 × `half` should stand clear. */
function emptiest(design: Design, outline: readonly Point[], half: number): Point {
  const { left, right, bottom, top } = boundsOf(outline);
  const standing = [
    ...itemBoxes(design).map(({ low, rectangle }) => ({ low, polygon: rectangle })),
    ...fixedThings(design).map(({ low, footprint }) => ({ low, polygon: footprint })),
  ].filter(({ low }) => low < HEAD);
  const polygons = [outline, ...standing.map(({ polygon }) => polygon)].map((polygon) => ({
    polygon,
    bounds: boundsOf(polygon),
  }));
  const isOn = (point: Point) =>
    polygons.some(
      ({ polygon, bounds }, index) => index > 0 && holds(bounds, point) && contains(polygon, point),
    );
  /** Distance to the nearest edge; given up once it is no better than what is already found. */
  const room = (point: Point, enough: number): number => {
    let nearest = Infinity;
    for (const { polygon, bounds } of polygons) {
      if (polygon !== outline && awayFrom(bounds, point) >= nearest) continue;
      forEachEdge(polygon, (a, b) => (nearest = Math.min(nearest, distanceToSegment(point, a, b))));
      if (nearest <= enough) return nearest;
    }
    return nearest;
  };
  let best = { at: { x: (left + right) / 2, y: (bottom + top) / 2 }, free: -Infinity };
  const steps = 18;
  for (let i = 1; i < steps; i++) {
    for (let j = 1; j < steps; j++) {
      const at = { x: left + ((right - left) * i) / steps, y: bottom + ((top - bottom) * j) / steps };
      if (!contains(outline, at) || isOn(at)) continue;
      const off = distance(at, { x: (left + right) / 2, y: (bottom + top) / 2 }) * 0.05;
      let clear = Infinity;
      for (const by of [0, -half, half]) {
        const end = { x: at.x + by, y: at.y };
        clear = Math.min(clear, contains(outline, end) ? room(end, best.free + off) : -1);
        if (clear - off <= best.free) break;
      }
      const free = clear - off;
      if (free > best.free) best = { at, free };
    }
  }
  return best.at;
}

function holds({ left, right, bottom, top }: Bounds, { x, y }: Point): boolean {
  return x >= left && x <= right && y >= bottom && y <= top;
}

/** How far a place stands from some bounds, at the least, mm. */
function awayFrom({ left, right, bottom, top }: Bounds, { x, y }: Point): number {
  return Math.max(left - x, x - right, bottom - y, y - top, 0);
}

/** The extent of a drawing's marks, texts included, in the drawing's millimetres at a scale. */
export function drawingBounds(marks: readonly Primitive[], scale: number): Bounds {
  return boundsOf(marks.flatMap((mark) => cornersOf(mark, scale)));
}

function cornersOf(mark: Primitive, scale: number): Point[] {
  switch (mark.type) {
    case 'path':
      return mark.rings.flat();
    case 'arc': {
      const { centre, radius } = mark;
      return [
        { x: centre.x - radius, y: centre.y - radius },
        { x: centre.x + radius, y: centre.y + radius },
      ];
    }
    case 'text': {
      const wide = textWidth(mark.text, mark.size, mark.bold) * scale;
      const high = mark.size * scale;
      const before = mark.anchor === 'start' ? 0 : mark.anchor === 'end' ? wide : wide / 2;
      const [cos, sin] = [Math.cos(mark.turn), Math.sin(mark.turn)];
      const corner = (x: number, y: number) => ({
        x: mark.at.x + x * cos - y * sin,
        y: mark.at.y + x * sin + y * cos,
      });
      return [
        corner(-before, -high / 2),
        corner(wide - before, -high / 2),
        corner(wide - before, high / 2),
        corner(-before, high / 2),
      ];
    }
  }
}
