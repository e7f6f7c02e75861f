import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { place, type Point } from '../geometry/point';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { tops } from '../surfaces/tops';
import { balloon } from './balloon';
import { drawItemShape, on } from './item-symbols';
import { BALLOON, isNarrow, numberPlaces } from './number-places';
import { atCut, isShown, type AtCut, type PlanMode } from './plan-cut';
import { line, WEIGHT, type Primitive } from './primitives';
import { rememberedMarks } from './remembered-marks';

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
  return [...leader, ...balloon(box.id, number, at, BALLOON * scaleBy)];
}
