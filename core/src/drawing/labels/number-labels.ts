import { perDesign, type Design } from '../../document/design';
import type { ItemRecord } from '../../document/records';
import { remember, rememberOne } from '../../document/remember';
import { BoundsIndexes } from '../../geometry/bounds-index';
import { place, type Point } from '../../geometry/point';
import { boundsOf, contains, widened, type Polygon } from '../../geometry/polygon';
import { itemBoxes, middleWithin, type ItemBox } from '../../setting/item-box';
import { itemNumbers } from '../../setting/item-numbers';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { balloon, BALLOON } from '../balloon';
import { bowlMiddle, on } from '../item-symbols';
import { atCut, isShown, type AtCut, type PlanMode } from '../plan-cut';
import type { Medium } from '../primitives';
import { rememberedMarks } from '../remembered-marks';
import { isBy, offEdges } from './off-edges';
import type { Label, LabelPlace } from './place-labels';

/** How a plan shows items. */
export interface Shown {
  scale: number;
  mode: PlanMode;
  cut: number;
  medium: Medium;
}

/** Where in an item its number may stand where its usual place is not free: shares of its width, and of its depth farther out. */
const ACROSS = [0.5, 0.25, 0.75, 0.12, 0.88] as const;
const OUT = [0, 0.1, -0.1, 0.2, -0.2, -0.35] as const;
/** How far a number stands off what it is before, paper mm. */
const OFF = 3;
/** So many rings of places before an item keep off other items, then as many off the room, and the last take what there is. */
const AMONG = 24;
const STEPS = 6;

/** The numbers of the items a plan shows: in the item, or before it with a leader, off walls and other items. */
export function numberLabels(design: Design, shown: Shown): Label[] {
  const { scale, mode, cut } = shown;
  const { outline } = roomShape(design);
  const boxes = itemBoxes(design).filter((box) => isShown(mode, atCut(box, cut)));
  const numbers = itemNumbers(design);
  const radius = BALLOON * scale;
  return boxes.map((box): Label => {
    const { record } = box;
    const { before, places } = usualPlaces(box, shown);
    const number = numbers.get(record.id)!;
    return {
      ...{ layer: 'numbers', source: record.id, round: true, width: 2 * radius, height: 2 * radius },
      places,
      further: (ring) => {
        if (ring >= 2 * AMONG) return about(box, before, ring % AMONG, scale);
        if (ring < AMONG && contains(outline, place(before, box.n, 1, box.n, 0))) {
          const near = standingIn(design).near(box.rectangle, ringOut(ring, scale) + radius);
          return placesOnFloor(box, { ring, scale, mode, cut, outline, near });
        }
        return about(box, before, ring % AMONG, scale).filter(({ at }) => !contains(outline, at));
      },
      draw: ({ at }) => numberMarks(record, { number, at, radius }),
    };
  });
}

/** What is before an item, and where its number may stand first. */
const usualPlaces = remember((box: ItemBox, shown: Shown): { before: Point; places: LabelPlace[] } => {
  const before = on(box, box.record.width / 2, box.record.depth);
  const inside = placesWithin(box, shown);
  return { before, places: inside.length > 0 ? inside : [ahead(box, before, 0, shown.scale)] };
});

const extentOf = rememberOne(({ footprint }: ItemBox) => boundsOf(footprint));
const indexesOf = rememberOne((_shape: RoomShape) => new BoundsIndexes(extentOf));
/** Where the items of a design stand: an edit moves few of them. */
const standingIn = perDesign((design) => indexesOf(roomShape(design)).next(itemBoxes(design)));

interface OnFloor extends Pick<Shown, 'scale' | 'mode' | 'cut'> {
  ring: number;
  outline: Polygon;
  near: readonly ItemBox[];
}

/** The places of a ring before an item where its number stands on free floor: the very same until something near it moves. */
const placesOnFloor = remember(
  (box: ItemBox, { ring, scale, mode, cut, outline, near }: OnFloor): readonly LabelPlace[] => {
    const radius = BALLOON * scale;
    const others = near.filter((other) => isShown(mode, atCut(other, cut)));
    return about(box, on(box, box.record.width / 2, box.record.depth), ring, scale).filter(
      ({ at }) =>
        contains(outline, at) &&
        offEdges(outline, at) >= radius &&
        !others.some((one) => isAbout(one, at, radius) && isBy(one.footprint, at, radius)),
    );
  },
  { kept: 6 },
);

/** Whether a place lies so near to the extent of an item, mm: most are far off, and nothing more is asked of them. */
function isAbout(box: ItemBox, { x, y }: Point, nearer: number): boolean {
  const { left, right, bottom, top } = widened(extentOf(box), nearer);
  return x >= left && x <= right && y >= bottom && y <= top;
}

const numberMarks = rememberedMarks(
  ({ id }: ItemRecord, { number, at, radius }: { number: number; at: Point; radius: number }) =>
    balloon(id, number, at, radius),
);

/** Places in an item, as far as the circle lies within it. */
function placesWithin(box: ItemBox, { scale, cut, medium }: Shown): LabelPlace[] {
  const { record, kind, footprint } = box;
  const { width, depth, leg } = record;
  const radius = BALLOON * scale;
  const usual =
    kind.symbol === 'sink'
      ? bowlMiddle(depth)
      : usualOut(leg ?? depth, atCut(box, cut), medium === 'paper' ? radius : 0);
  const first = record.corners ? [middleWithin(box)] : [];
  const places = [
    ...first,
    ...OUT.flatMap((share) => ACROSS.map((across) => on(box, width * across, usual + depth * share))),
  ];
  return places
    .filter((at) => contains(footprint, at) && offEdges(footprint, at) >= radius * 1.01)
    .map((at) => ({ at }));
}

/** How far out of its back the number of an item stands: what hangs has its own near the wall, what stands under it before that, where `radius` is that of its circle. On a screen, where open lengths stand before the runs, it keeps to the middle. */
function usualOut(depth: number, at: AtCut, radius: number): number {
  const inner = radius * 1.03;
  if (at === 'above') return Math.max(depth * 0.35, inner);
  return Math.max(depth * 0.6, Math.min(inner + 2.03 * radius, depth - inner));
}

/** A place before an item, so many steps out. */
const ahead = ({ n }: ItemBox, before: Point, steps: number, scale: number): LabelPlace => ({
  at: place(before, n, (BALLOON + OFF + steps * BALLOON) * scale, n, 0),
  foot: before,
});

/** How far out of what is before an item a ring of places is, mm. */
const ringOut = (ring: number, scale: number): number => (BALLOON + OFF + ring * BALLOON) * scale;

/** Places about what is before an item, ring by ring: straight out first, then to its sides, then behind it. */
function about({ n, u }: ItemBox, before: Point, ring: number, scale: number): LabelPlace[] {
  const out = ringOut(ring, scale);
  return Array.from({ length: 4 * STEPS }, (_, step): LabelPlace => {
    const side = step % 2 ? 1 : -1;
    const turn = (side * Math.ceil(step / 2) * Math.PI) / (2 * STEPS);
    return { at: place(before, n, out * Math.cos(turn), u, out * Math.sin(turn)), foot: before };
  });
}
