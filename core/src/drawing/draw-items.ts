import type { Design } from '../document/design';
import { place, type Point } from '../geometry/point';
import type { ShelfItem } from '../ranges/range';
import { kindOf } from '../ranges/kinds';
import { itemBoxes, itemNumbers, type ItemBox } from '../setting/item-box';
import { tops } from '../surfaces/tops';
import { DASH, line, outline, TEXT, WEIGHT, type ArcMark, type Primitive } from './primitives';
import { rememberedMarks } from './remembered-marks';

/** Fronts of cabinets, mm: thickness of a front and its gap off the box. */
const FRONT = 20;
/** Radius of a number's circle, paper mm. */
export const BALLOON = 2.6;

/** Every item in plan: what hangs above the cut dashed over what stands below it. */
export function drawItems(design: Design): Primitive[] {
  const boxes = itemBoxes(design);
  return [...boxes.filter((box) => !isHung(box)), ...boxes.filter(isHung)].flatMap(drawItem);
}

function isHung({ kind }: Pick<ItemBox, 'kind'>): boolean {
  return kind.symbol === 'wall' || kind.symbol === 'hood';
}

/** The outlines of the countertops. */
export function drawTops(design: Design): Primitive[] {
  return tops(design).map((top) => ({
    type: 'path',
    layer: 'tops',
    rings: top.outline,
    closed: true,
    weight: WEIGHT.top,
    ink: 'top',
  }));
}

/** The number of every item, in its circle. */
export function drawNumbers(design: Design, scaleBy: number): Primitive[] {
  const numbers = itemNumbers(design);
  const places = numberPlaces(design, scaleBy);
  return itemBoxes(design).flatMap((box) => {
    const [number, at] = [numbers.get(box.id)!, places.get(box.id)!];
    const by = [number, at.x, at.y, box.origin.x, box.origin.y, box.turn, scaleBy];
    return rememberedNumber(box.record, by, () => drawNumber(box, number, at, scaleBy));
  });
}

/** What drawing an item needs of it. */
type Shape = Pick<ItemBox, 'origin' | 'u' | 'n' | 'footprint' | 'kind'> & { width: number; depth: number };

/** A place on an item: across from its left and out from its back, mm. */
function on({ origin, u, n }: Pick<Shape, 'origin' | 'u' | 'n'>, across: number, out: number): Point {
  return place(origin, u, across, n, out);
}

function rectangle(box: Shape, left: number, right: number, back: number, front: number): Point[] {
  return [on(box, left, back), on(box, right, back), on(box, right, front), on(box, left, front)];
}

const rememberedItem = rememberedMarks();
const rememberedNumber = rememberedMarks();

function drawItem(box: ItemBox): readonly Primitive[] {
  const { record, origin, turn } = box;
  const { width, depth } = record;
  return rememberedItem(record, [origin.x, origin.y, turn], () =>
    drawShape({ ...box, width, depth }).map((mark) => ({ ...mark, source: box.id })),
  );
}

function drawShape(shape: Shape): Primitive[] {
  if (isHung(shape)) return hung(shape);
  return [outline('items', shape.footprint, WEIGHT.object, 'drawing', 'item'), ...symbol(shape)];
}

function symbol(box: Shape): Primitive[] {
  const { width, depth } = box;
  const front = (from: number, to: number) =>
    outline('items', rectangle(box, from, to, depth, depth + FRONT), WEIGHT.thin, 'drawing', 'paper');
  switch (box.kind.symbol) {
    case 'doors':
      return width > 610
        ? [front(2, width / 2 - 1.5), front(width / 2 + 1.5, width - 2)]
        : [front(2, width - 2)];
    case 'drawers':
      return [
        front(2, width - 2),
        line('items', [on(box, 40, depth - 60), on(box, width - 40, depth - 60)], WEIGHT.thin, 'faint'),
      ];
    case 'sink':
      return [front(2, width / 2 - 1.5), front(width / 2 + 1.5, width - 2), ...sink(box)];
    case 'dishwasher':
      return [
        front(2, width - 2),
        line(
          'items',
          rectangle(box, 25, width - 25, 25, depth - 25).concat(on(box, 25, 25)),
          WEIGHT.thin,
          'drawing',
          DASH,
        ),
      ];
    case 'cooker':
      return [
        line('items', [on(box, 0, depth - 40), on(box, width, depth - 40)], WEIGHT.thin, 'drawing'),
        ...burners(box),
      ];
    case 'refrigerator':
      return [
        ...cross(box),
        line('items', [on(box, 0, depth - 60), on(box, width, depth - 60)], WEIGHT.thin, 'drawing'),
      ];
    case 'tall':
      return [...cross(box), front(2, width - 2)];
    case 'hob':
      return [front(2, width - 2), ...burners(box)];
    case 'oven':
      return [
        front(2, width - 2),
        line('items', [on(box, 60, depth - 70), on(box, width - 60, depth - 70)], WEIGHT.object, 'drawing'),
      ];
    case 'open':
      return [
        line('items', [on(box, 0, depth * 0.5), on(box, width, depth * 0.5)], WEIGHT.thin, 'drawing', DASH),
      ];
    case 'blind':
      return [
        front(width * 0.45, width - 2),
        line('items', [on(box, width * 0.45, 0), on(box, width * 0.45, depth)], WEIGHT.thin, 'drawing', DASH),
      ];
    case 'wall':
    case 'hood':
      return [];
    case 'filler':
      return [
        outline('items', rectangle(box, 0, width, depth - FRONT, depth), WEIGHT.object, 'drawing', 'faint'),
      ];
    case 'panel':
      return [];
  }
}

/** What is as high as the room is worked in: crossed from corner to corner. */
function cross(box: Shape): Primitive[] {
  const { width, depth } = box;
  return [
    line('items', [on(box, 0, 0), on(box, width, depth)], WEIGHT.thin, 'drawing'),
    line('items', [on(box, width, 0), on(box, 0, depth)], WEIGHT.thin, 'drawing'),
  ];
}

/** What hangs above the cut: a dashed outline, a hood with its duct. */
function hung(box: Shape): Primitive[] {
  const edge = { ...outline('items', box.footprint, WEIGHT.top, 'drawing'), dash: DASH };
  if (box.kind.symbol !== 'hood') return [edge];
  return [edge, { ...circle(on(box, box.width / 2, box.depth * 0.35), 75, WEIGHT.thin), dash: DASH }];
}

/** A bowl set back from the front, with its drain and tap. */
function sink(box: Shape): Primitive[] {
  const { width, depth } = box;
  const margin = Math.min(80, width * 0.1);
  const back = depth * BOWL_BACK;
  const bowl = outline(
    'items',
    rectangle(box, margin, width - margin, back, depth - 60),
    WEIGHT.thin,
    'drawing',
    'water',
  );
  return [bowl, circle(on(box, width / 2, back * 0.55), 18, WEIGHT.thin)];
}

/** Where a bowl begins, as a share of the depth. */
const BOWL_BACK = 0.22;

function bowlMiddle(depth: number): number {
  return (depth * BOWL_BACK + depth - 60) / 2;
}

/** Four rings on a narrow range, six on a wide one. */
function burners(box: Shape): Primitive[] {
  const { width, depth } = box;
  const columns = width > 700 + 80 ? 3 : 2;
  const radius = Math.min(95, width / columns / 2.7);
  return Array.from({ length: columns * 2 }, (_, index) => {
    const across = (width * ((index % columns) + 0.5)) / columns;
    const out = (depth - 40) * (index < columns ? 0.27 : 0.74);
    return circle(on(box, across, out), radius * (index % 2 === 0 ? 1 : 0.8), WEIGHT.thin);
  });
}

function circle(centre: Point, radius: number, weight: number): ArcMark {
  return { type: 'arc', layer: 'items', centre, radius, from: 0, sweep: 2 * Math.PI, weight, ink: 'drawing' };
}

/** The item's number in a circle: in its middle, or in front of it when it is too narrow. */
function drawNumber(box: ItemBox, number: number, at: Point, scaleBy: number): Primitive[] {
  const { width, depth } = box.record;
  const foot = on(box, width / 2, depth);
  const edge = place(at, box.n, -BALLOON * scaleBy, box.n, 0);
  const leader = isNarrow(width, scaleBy) ? [line('numbers', [foot, edge], WEIGHT.thin, 'drawing')] : [];
  return [
    ...leader,
    { ...circle(at, BALLOON * scaleBy, WEIGHT.thin), layer: 'numbers', fill: 'paper', source: box.id },
    {
      type: 'text',
      layer: 'numbers',
      at,
      text: String(number),
      size: TEXT.small,
      anchor: 'middle',
      turn: 0,
      ink: 'drawing',
      source: box.id,
    },
  ];
}

/** Where the items' numbers stand: in the item, or in front of a narrow one, far enough out to be clear of the other numbers. */
export function numberPlaces(design: Design, scaleBy: number): Map<string, Point> {
  const places = new Map<string, Point>();
  const taken: Point[] = [];
  const apart = 2.2 * BALLOON * scaleBy;
  const boxes = [...itemBoxes(design)].sort((a, b) => b.record.width - a.record.width);
  for (const box of boxes) {
    const { width, depth } = box.record;
    const narrow = isNarrow(width, scaleBy);
    let out = narrow
      ? depth + (BALLOON + 3) * scaleBy
      : box.kind.symbol === 'sink'
        ? bowlMiddle(depth)
        : depth * (isHung(box) ? 0.35 : 0.6);
    const across = narrow ? [0.5] : ACROSS;
    const free = across.find((share) => !isNearAny(on(box, width * share, out), taken, apart));
    let at = on(box, width * (free ?? 0.5), out);
    while (narrow && isNearAny(at, taken, apart)) at = on(box, width / 2, (out += BALLOON * scaleBy));
    taken.push(at);
    places.set(box.id, at);
  }
  return places;
}

/** Where along an item its number may stand, as shares of its width: its middle unless another number is there. */
const ACROSS = [0.5, 0.25, 0.75] as const;

function isNearAny({ x, y }: Point, others: readonly Point[], apart: number): boolean {
  for (const other of others) if ((other.x - x) ** 2 + (other.y - y) ** 2 < apart ** 2) return true;
  return false;
}

function isNarrow(width: number, scaleBy: number): boolean {
  return width < 2.4 * BALLOON * scaleBy;
}

/** One item of the shelf as the plan draws it, its back left corner at the origin and its front down. */
export function drawItemSymbol({ type, width, depth }: ShelfItem): Primitive[] {
  const [origin, u, n] = [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 0, y: -1 },
  ];
  const at = (across: number, out: number) => place(origin, u, across, n, out);
  return drawShape({
    origin,
    u,
    n,
    width,
    depth,
    kind: kindOf(type),
    footprint: [at(0, 0), at(width, 0), at(width, depth), at(0, depth)],
  });
}
