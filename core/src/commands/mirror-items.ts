import { itemTrims, jointCornerKeys } from '../document/limits';
import type { Design } from '../document/design';
import type { ItemRecord, ItemRow } from '../document/records';
import { dot, place, scale, subtract } from '../geometry/point';
import { ok, refuse, type Result } from '../result';
import { ofOtherHand, otherSide } from '../ranges/handing';
import { constructionOfItem } from '../ranges/construction';
import { cellsBetween, plain } from '../ranges/row-cells';
import { rangesOf } from '../ranges/shelf';
import { blockOf } from '../setting/block';
import type { ItemBox } from '../setting/item-box';
import { placedAt, shifted, standing } from '../setting/shift-item';
import { quantise } from '../units/units';
import { findFreeItems, guardedItems, type Command } from './command';

/**
 * Mirrors items left to right, seen from the front of the first. One stays where it is and changes hand and outline; several change places
 * about the middle of all as well: along their face where they share one, else standing free.
 */
export const mirrorItems: Command<{ ids: readonly string[] }> = {
  id: 'mirror-items',
  run(design, { ids }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const mirrored = mirroredAll(design, found.value);
    return mirrored.ok ? guardedItems(design, mirrored.value) : mirrored;
  },
};

function mirroredAll(design: Design, boxes: readonly [ItemBox, ...ItemBox[]]): Result<ItemRecord[]> {
  const otherHand = (box: ItemBox, record: ItemRecord) => withOtherHand(record, mirroredRows(design, box));
  if (boxes.length === 1) return ok([otherHand(boxes[0], boxes[0].record)]);
  const faces = new Set(boxes.map(({ against }) => against?.face.id));
  if (faces.size > 1) return refuse('items-apart', { act: 'mirror' });
  const [first] = boxes;
  if (first.against) {
    const from = Math.min(...boxes.map(({ against }) => against!.along));
    const to = Math.max(...boxes.map(({ against, record }) => against!.along + record.width));
    return ok(
      boxes.map((box) => {
        const along = from + to - box.against!.along - box.record.width;
        return otherHand(box, shifted(box, along - box.against!.along, 0));
      }),
    );
  }
  const block = blockOf(boxes);
  const middle = place(block.origin, first.u, block.width / 2, first.n, 0);
  return ok(
    boxes.map((box) => {
      // The back right corner becomes the back left one, and the back keeps running left to right.
      const corner = place(box.origin, box.u, box.record.width, box.n, 0);
      const across = dot(subtract(corner, middle), first.u);
      const mirrored = place(corner, scale(first.u, -1), 2 * across, first.n, 0);
      return otherHand(box, placedAt(box.record, standing(mirrored, 2 * first.turn - box.turn)));
    }),
  );
}

/** The rows of a front as they are in a mirror: what is side by side in one in widths of its own, from the other end. */
function mirroredRows(design: Design, { record }: ItemBox): ItemRow[] | undefined {
  const { rows, width } = record;
  if (!rows?.some(({ widths }) => widths)) return rows;
  const { between, frontShort } = constructionOfItem(record, rangesOf(design)) ?? plain;
  const at = { left: frontShort, right: width - frontShort };
  return rows.map((row) => {
    if (!row.widths) return row;
    const wide = cellsBetween(at, row, between).map(({ left, right }) => quantise(right - left));
    return { ...row, widths: wide.toReversed().slice(0, -1) };
  });
}

function withOtherHand(record: ItemRecord, rows: ItemRow[] | undefined): ItemRecord {
  const { overhangs, plinth, topCorners: corners, topEdges: edges, trims } = record;
  // An object that is bought has no other hand.
  const mirrored: ItemRecord = record.model ? { ...record } : ofOtherHand(record);
  if (rows) mirrored.rows = rows;
  if (overhangs) mirrored.overhangs = swapped(overhangs, [['left', 'right']]);
  if (plinth) mirrored.plinth = swapped(plinth, [['left', 'right']]);
  if (edges) mirrored.topEdges = swapped(edges, [['left', 'right']]);
  if (trims) {
    mirrored.trims = { ...trims };
    for (const use of itemTrims) {
      const sides = trims[use];
      if (sides) Object.assign(mirrored.trims, { [use]: swapped(sides, [['left', 'right']]) });
    }
  }
  if (corners)
    mirrored.topCorners = swapped(corners, [
      ['frontLeft', 'frontRight'],
      ['behindLeft', 'behindRight'],
    ]);
  const { topJoints: joints } = record;
  if (joints) {
    mirrored.topJoints = swapped(joints, [['frontLeft', 'frontRight']]);
    for (const key of jointCornerKeys) {
      const way = mirrored.topJoints[key];
      if (way === 'left' || way === 'right') mirrored.topJoints[key] = otherSide(way);
    }
    if (joints.across)
      mirrored.topJoints.across = joints.across
        .map(({ at }) => ({ at: quantise(record.width - at) }))
        .reverse();
  }
  return mirrored;
}

/** The same with what stands under either key of a pair under the other. */
function swapped<T extends object>(value: T, pairs: readonly (readonly [keyof T, keyof T])[]): T {
  const after = { ...value };
  for (const [one, other] of pairs) {
    delete after[one];
    delete after[other];
    if (value[other] !== undefined) after[one] = value[other];
    if (value[one] !== undefined) after[other] = value[one];
  }
  return after;
}
