import { perDesign, type Design } from '../../document/design';
import type { ItemRecord } from '../../document/records';
import { remember } from '../../document/remember';
import type { ConstructionMethod } from '../../ranges/construction';
import type { FrontPart } from '../../solids/front-parts';
import { builtAs, cutOutOf, solidOfItem, type Solid } from '../../solids/solids';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { widthsOfFiller } from '../../setting/filler-widths';
import { itemNumbers } from '../../setting/item-numbers';
import { quantise } from '../../units/units';
import { plinthUnderFront } from '../../surfaces/plinths';
import { cabinetOf, isMade, type BuiltWith, type Cabinet } from './cabinet';
import type { HardwareLine } from './hardware';
import { finishesOf, materialOf, type CabinetFinishes } from './materials';
import { partsOf, type Part } from './part';

/** An item the shop makes: its parts, what is bought for it, and the drawer fronts that no drawer goes in behind. */
export interface MadeItem {
  number: number;
  record: ItemRecord;
  parts: readonly Part[];
  hardware: readonly HardwareLine[];
  empty: readonly FrontPart[];
}

/** An item of a solid in its boards, as its range builds it, once for the same solid. */
export const cabinetOfSolid = remember((solid: Solid, built: BuiltWith): Cabinet => cabinetOf(solid, built));

const partsOfCabinet = remember(
  (
    { boards }: Cabinet,
    { made, finishes, scribe }: { made: ConstructionMethod; finishes: CabinetFinishes; scribe: number },
  ): Part[] =>
    partsOf(boards, made.build, (one) => materialOf(one, made.build, finishes)).map((part) =>
      scribe !== 0 && part.name in scribedAt ? { ...part, scribe, scribed: scribedAt[part.name]! } : part,
    ),
);

/** Strips are scribed to what is beside them, panels to what is behind. */
const scribedAt: Readonly<Partial<Record<Part['name'], 'l1' | 'l2'>>> = { filler: 'l2', 'end-panel': 'l1' };

/** A strip is no narrower than this, mm. */
const LEAST_STRIP = 1;

/** What the strip of a filler is cut wider by than the item is: to be scribed to a wall, for a gap that is wider at its front; narrower (negative) beside fronts that stand proud round a corner. A panel that stands out from a wall is cut wider at its back, to be scribed to that. */
function scribeOf(design: Design, box: ItemBox, { scribe }: ConstructionMethod): number {
  const { placement } = box.record;
  if (box.kind.symbol === 'panel' && box.against)
    return placement.on === 'face' && placement.off === 0 ? scribe : 0;
  if (box.kind.symbol !== 'filler' && box.kind.id !== 'filler-wall') return 0;
  const widths = widthsOfFiller(design, box);
  return widths && widths.cut > LEAST_STRIP ? quantise(widths.cut - box.record.width) : 0;
}

/** Everything of the room that the shop makes, in the order of its numbers on the drawing. */
export const madeItems: (design: Design) => readonly MadeItem[] = perDesign((design) => {
  const numbers = itemNumbers(design);
  return itemBoxes(design)
    .flatMap((box) => madeItem(design, box, numbers.get(box.id)!) ?? [])
    .sort((a, b) => a.number - b.number);
});

function madeItem(design: Design, box: ItemBox, number: number): MadeItem | null {
  const made = isMade(box) ? builtAs(design, box) : null;
  if (!made) return null;
  const cabinet = cabinetOfSolid(solidOfItem(design, box), {
    made,
    kickBack: plinthUnderFront(design, box.id),
    cut: cutOutOf(design, box),
  });
  const parts = partsOfCabinet(cabinet, {
    ...{ made, finishes: finishesOf(design, box.id) },
    scribe: scribeOf(design, box, made),
  });
  return { number, record: box.record, parts, hardware: cabinet.hardware, empty: cabinet.empty };
}
