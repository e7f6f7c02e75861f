import { roomOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { place, type Point } from '../geometry/point';
import { contains, distanceToSegment, forEachEdge } from '../geometry/polygon';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { tops } from '../surfaces/tops';
import { roomShape } from '../survey/room-shape';
import { bowlMiddle, circle, drawItemShape, on } from './item-symbols';
import { atCut, isShown, usualCut, type AtCut, type PlanMode } from './plan-cut';
import { line, TEXT, WEIGHT, type Primitive } from './primitives';
import { rememberedMarks } from './remembered-marks';

/** Radius of a number's circle, paper mm. */
export const BALLOON = 2.6;

/** Every item in plan: what hangs above the cut dashed over what stands below it; in a ceiling plan it is what is seen. */
export function drawItems(design: Design, mode: PlanMode, cut: number): Primitive[] {
  // What is higher lies over what is lower: a basin over its vanity, a bench over the wet floor.
  const boxes = [...itemBoxes(design)]
    .sort((a, b) => a.high - b.high)
    .map((box) => ({ box, at: atCut(box, cut) }))
    .filter(({ at }) => isShown(mode, at));
  const above = boxes.filter(({ at }) => at === 'above');
  return [...boxes.filter(({ at }) => at !== 'above'), ...above].flatMap(({ box, at }) =>
    drawItem(box, mode === 'ceiling' && at === 'above' ? 'cut' : at),
  );
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
export function drawNumbers(design: Design, scaleBy: number, mode: PlanMode, cut: number): Primitive[] {
  const numbers = itemNumbers(design);
  const places = numberPlaces(design, scaleBy, mode, cut);
  return itemBoxes(design).flatMap((box) => {
    const [number, at] = [numbers.get(box.id)!, places.get(box.id)];
    if (!at) return [];
    const by = [number, at.x, at.y, box.origin.x, box.origin.y, box.turn, scaleBy];
    return rememberedNumber(box.record, by, () => drawNumber(box, number, at, scaleBy));
  });
}

const rememberedItem = rememberedMarks();
const rememberedNumber = rememberedMarks();

function drawItem(box: ItemBox, at: AtCut): readonly Primitive[] {
  const { record, origin, turn } = box;
  return rememberedItem(record, [origin.x, origin.y, turn, at], () =>
    drawItemShape({ ...box, ...sizesOf(record) }, at).map((mark) => ({ ...mark, source: box.id })),
  );
}

function sizesOf({ width, depth, leg, hand }: ItemRecord) {
  return { width, depth, hand, ...(leg === undefined ? {} : { leg }) };
}

/** The item's number in a circle: in its middle, or in front of it when it is too narrow. */
function drawNumber(box: ItemBox, number: number, at: Point, scaleBy: number): Primitive[] {
  const { width, depth } = box.record;
  const foot = on(box, width / 2, depth);
  const edge = place(at, box.n, -BALLOON * scaleBy, box.n, 0);
  const leader = isNarrow(box.record, scaleBy) ? [line('numbers', [foot, edge], WEIGHT.thin, 'drawing')] : [];
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

/** Where the items' numbers stand: in the item, or in front of a narrow one, far enough out to be clear of the other numbers. Where a drawing is too small for all, the narrowest go without. */
export function numberPlaces(
  design: Design,
  scaleBy: number,
  mode: PlanMode = 'wall units',
  cut = usualCut(roomOf(design).unit),
): Map<string, Point> {
  const places = new Map<string, Point>();
  const taken: Point[] = [];
  const apart = 2.2 * BALLOON * scaleBy;
  const boxes = itemBoxes(design)
    .filter((box) => isShown(mode, atCut(box, cut)))
    .sort((a, b) => b.record.width - a.record.width);
  const { outline } = roomShape(design);
  /** Whether a circle about a place stays off the walls. */
  const isInside = (place: Point) => {
    if (!contains(outline, place)) return false;
    let off = Infinity;
    forEachEdge(outline, (a, b) => (off = Math.min(off, distanceToSegment(place, a, b))));
    return off >= BALLOON * scaleBy;
  };
  for (const box of boxes) {
    const { width, depth } = box.record;
    const narrow = isNarrow(box.record, scaleBy);
    let out = narrow
      ? depth + (BALLOON + 3) * scaleBy
      : box.kind.symbol === 'sink'
        ? bowlMiddle(depth)
        : (box.record.leg ?? depth) * (atCut(box, cut) === 'above' ? 0.35 : 0.6);
    const usual = on(box, width / 2, out);
    const others = narrow
      ? []
      : OUT.flatMap((share) => ACROSS.map((along) => on(box, width * along, out + depth * share)));
    let at = [usual, ...others].find((place) => !isNearAny(place, taken, apart)) ?? usual;
    if (narrow) {
      const isClear = (place: Point) => !isNearAny(place, taken, apart) && isInside(place);
      const sideways = [0, BALLOON * scaleBy, -BALLOON * scaleBy];
      for (let tries = 0; tries < 40 && !isClear(at); tries++) {
        if (tries % 3 === 2) out += BALLOON * scaleBy;
        at = on(box, width / 2 + sideways[(tries + 1) % 3]!, out);
      }
    }
    if (isNearAny(at, taken, apart * CROWDED)) continue;
    taken.push(at);
    places.set(box.id, at);
  }
  return places;
}

/** Circles that come nearer than this share of their usual distance would lie over one another. */
const CROWDED = 0.85;

/** Where in an item its number may stand where another is in its usual place: shares of its width, and of its depth farther out. */
const ACROSS = [0.25, 0.75, 0.12, 0.88] as const;
const OUT = [0, 0.2, -0.2] as const;

function isNearAny({ x, y }: Point, others: readonly Point[], apart: number): boolean {
  for (const other of others) if ((other.x - x) ** 2 + (other.y - y) ** 2 < apart ** 2) return true;
  return false;
}

/** Whether an item's number would not stand within it: before it then, with a line to it. */
function isNarrow({ width, depth }: ItemRecord, scaleBy: number): boolean {
  return Math.min(width, depth * 1.5) < 2.4 * BALLOON * scaleBy;
}
