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
    const { record, origin, u, n } = box;
    return numberMarks(record, { number, at, origin, u, n, scaleBy });
  });
}

function drawItem({ record, origin, u, n, footprint, kind }: ItemBox, at: AtCut): readonly Primitive[] {
  return itemMarks(record, { place: { origin, u, n, footprint, kind }, at });
}

const itemMarks = rememberedMarks(
  (
    record: ItemRecord,
    { place, at }: { place: Pick<ItemBox, 'footprint' | 'kind' | 'n' | 'origin' | 'u'>; at: AtCut },
  ) => drawItemShape({ ...place, ...sizesOf(record) }, at).map((mark) => ({ ...mark, source: record.id })),
);

function sizesOf({ width, depth, leg, hand }: ItemRecord) {
  return { width, depth, hand, ...(leg === undefined ? {} : { leg }) };
}

interface Numbered extends Pick<ItemBox, 'n' | 'origin' | 'u'> {
  number: number;
  at: Point;
  scaleBy: number;
}

/** The item's number in a circle: in its middle, or in front of it when it is too narrow. */
const numberMarks = rememberedMarks((record: ItemRecord, { number, at, scaleBy, ...box }: Numbered) => {
  const foot = on(box, record.width / 2, record.depth);
  const edge = place(at, box.n, -BALLOON * scaleBy, box.n, 0);
  const leader = isNarrow(record, scaleBy) ? [line('numbers', [foot, edge], WEIGHT.thin, 'drawing')] : [];
  return [...leader, ...balloon(record.id, number, at, BALLOON * scaleBy)];
});
