import type { FrontRow } from '../../ranges/item-kind';
import { isAtMost } from '../held';
import { itemBoxes, middleOf, type ItemBox } from '../../setting/item-box';
import { distance } from '../../geometry/point';
import { findItem, rangesOf } from '../../ranges/shelf';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { MM_PER_FOOT, MM_PER_INCH } from '../../units/units';
import { mainSink } from '../facts/fixtures';
import { isKitchen } from '../facts/room-use';
import type { Design } from '../../document/design';
import type { Measure } from '../measure';

/** The frontage of shelves and drawers in a kitchen, in: width x how many x depth in feet; all of it, and of what is near the main sink. */
export const storageFrontage: Measure<RoomShape> = {
  id: 'storage-frontage',
  subjects: (design) => (isKitchen(design) ? [roomShape(design)] : []),
  take({ area }, look, { near = 0 }) {
    const cabinets = look.at(itemBoxes).filter(({ kind }) => GROUPS.includes(kind.group) && !kind.flat);
    const sink = look.at(mainSink);
    const counts = cabinets.map((box) => ({ box, count: look.at((design) => insideOf(design, box)) }));
    const isOpen = counts.some(({ count }) => count === null);
    const sum = (some: (box: ItemBox) => boolean) =>
      counts
        .filter(({ box }) => some(box))
        .reduce(
          (all, { box: { record }, count }) =>
            all + (record.width / MM_PER_INCH) * (count ?? 0) * (record.depth / MM_PER_FOOT),
          0,
        );
    const isNear = (box: ItemBox) =>
      sink !== undefined && isAtMost(distance(middleOf(box), middleOf(sink)), near);
    return [
      {
        key: 'room',
        ids: cabinets.map(({ id }) => id),
        place: [],
        about: [],
        values: {
          'storage-total': isOpen ? null : sum(() => true),
          ...(sink && { 'storage-near-sink': isOpen ? null : sum(isNear) }),
        },
        traits: { area },
        ...(isOpen && { lacking: ['shelves'] as const }),
      },
    ];
  },
};

const GROUPS: readonly string[] = ['base', 'wall', 'tall'];

/** How many shelves and drawers are in a cabinet: as it says, or its drawers where it has nothing but drawers; null where that is not known. */
function insideOf(design: Design, { record, kind }: ItemBox): number | null {
  const { shelves, drawers } = record.facts ?? {};
  if (shelves !== undefined || drawers !== undefined) return (shelves ?? 0) + (drawers ?? 0);
  if (kind.own) return ownInside(kind.rows!);
  if (!kind.rows?.every(({ shows }) => shows === 'drawers' || shows === 'drawer')) return null;
  const found = findItem(record.range, record.code, rangesOf(design));
  const listed = found.ok ? found.value.family.drawers : undefined;
  return listed ?? kind.rows.length;
}

/** Of a front of one's own: its drawers, and the shelves that are said of what else it shows; null where some are not said. */
function ownInside(rows: readonly FrontRow[]): number | null {
  let sum = 0;
  for (const { shows, across = 1, shelves, clear } of rows) {
    if (shows === 'panel' || shows === 'niche') continue;
    const each = shows === 'drawer' ? 1 : (clear?.length ?? shelves);
    if (each === undefined) return null;
    sum += each * across;
  }
  return sum;
}
