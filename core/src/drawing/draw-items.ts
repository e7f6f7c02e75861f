import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { drawItemShape } from './item-symbols';
import { atCut, isShown, type AtCut, type PlanMode } from './plan-cut';
import type { Primitive } from './primitives';
import { rememberedMarks } from './remembered-marks';

/** Every item in plan: what hangs above the cut dashed over what stands below it; in a ceiling plan it is what is seen. */
export function drawItems(design: Design, mode: PlanMode, cut: number): Primitive[] {
  return drawBoxes(itemBoxes(design), mode, cut);
}

/** Some items as a plan shows them. */
export function drawBoxes(some: readonly ItemBox[], mode: PlanMode, cut: number): Primitive[] {
  // What is higher lies over what is lower: a basin over its vanity, a bench over the wet floor.
  const boxes = [...some]
    .sort((a, b) => a.high - b.high)
    .map((box) => ({ box, at: atCut(box, cut) }))
    .filter(({ at }) => isShown(mode, at));
  const above = boxes.filter(({ at }) => at === 'above');
  return [...boxes.filter(({ at }) => at !== 'above'), ...above].flatMap(({ box, at }) =>
    drawItem(box, { at: mode === 'ceiling' && at === 'above' ? 'cut' : at }),
  );
}

// Most boxes are the very same after an edit: then nothing else need be compared.
const drawItem = sameBox((box, { at }: { at: AtCut }) => {
  const { record, origin, u, n, footprint, kind } = box;
  return itemMarks(record, { place: { origin, u, n, footprint, kind }, at });
});

/** Marks of a box by its last inputs, compared each by being the same. */
function sameBox<I extends object>(
  marksOf: (box: ItemBox, inputs: I) => readonly Primitive[],
): (box: ItemBox, inputs: I) => readonly Primitive[] {
  const known = new WeakMap<ItemBox, { inputs: I; marks: readonly Primitive[] }>();
  return (box, inputs) => {
    const last = known.get(box);
    if (last && isSame(last.inputs, inputs)) return last.marks;
    const marks = marksOf(box, inputs);
    known.set(box, { inputs, marks });
    return marks;
  };
}

function isSame<I extends object>(a: I, b: I): boolean {
  for (const key in b) if (a[key] !== b[key]) return false;
  return true;
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
