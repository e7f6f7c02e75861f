import type { Design } from '../document/design';
import type { FixedType } from '../document/fixture-types';
import { add, distance, dot, inward, place, scale, subtract, unit, type Point } from '../geometry/point';
import { contains, distanceToPath, forEachEdge } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { fixedThings } from '../survey/fixed-things';
import { footprintOf } from '../survey/footprint';
import { facePath } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { bodiesNear } from './bodies';
import type { ItemBox } from './item-box';
import { HUG_REACH, type Landing, type Setting } from './landing';
import { standing } from './shift-item';

/** The place left, right or back to back of a free-standing item, if the point is near enough to one. */
export function besideFree(design: Design, setting: Setting, middle: Point, reach: number): Landing | null {
  const wide = reach + setting.width + setting.depth;
  const places = bodiesNear(design, [middle], wide)
    .flatMap(({ box }) => box ?? [])
    .filter(
      (box) =>
        !box.against && !setting.except?.has(box.id) && box.low < setting.high && box.high > setting.low,
    )
    .flatMap((box) => besidePlaces(box, setting).map((landing) => ({ box, ...landing })))
    .map((landing) => ({ ...landing, off: distance(landing.middle, middle) }))
    .filter(({ off }) => off <= reach)
    .sort((a, b) => a.off - b.off);
  const [best] = places;
  return best ? { placement: best.placement, caught: { by: 'beside', id: best.box.id } } : null;
}

export function besidePlaces({ origin, u, n, turn, record }: ItemBox, { width, depth }: Setting) {
  const at = (corner: Point, along: Point, out: Point, angle: number) => ({
    placement: standing(corner, angle),
    middle: add(corner, add(scale(along, width / 2), scale(out, depth / 2))),
  });
  const back = scale(u, -1);
  return [
    at(place(origin, u, record.width, n, 0), u, n, turn),
    at(place(origin, u, -width, n, 0), u, n, turn),
    at(place(origin, u, record.width, n, 0), back, scale(n, -1), turn + Math.PI),
    at(place(origin, u, width, n, 0), back, scale(n, -1), turn + Math.PI),
  ];
}

/** Fixed things whose sides something can stand against. */
const STOOD_AGAINST: ReadonlySet<FixedType> = new Set([
  'breast',
  'chase',
  'column',
  'half-wall',
  'partition',
  'pipe-box',
]);

/** With the back to the nearest side of a partition or another fixed thing, within reach, kept to that side; null where none is. */
export function besideFixed(
  design: Design,
  setting: Setting,
  middle: Point,
  snap: number,
): (Landing & { away: number }) | null {
  const { width, depth, low, high } = setting;
  const shape = roomShape(design);
  let best: (Landing & { away: number }) | null = null;
  for (const thing of fixedThings(design)) {
    if (!STOOD_AGAINST.has(thing.record.type) || thing.low >= high || thing.high <= low) continue;
    forEachEdge(thing.footprint, (a, b) => {
      // Outlines of fixed things are walked clockwise; seen from in front of a side its right end comes first.
      const u = unit(subtract(a, b));
      const n = inward(u);
      const length = distance(a, b);
      const off = subtract(middle, b);
      const [along, out] = [dot(off, u), dot(off, n)];
      if (length < width || out <= 0 || out > depth / 2 + HUG_REACH || along < 0 || along > length) return;
      if (best && out >= best.away) return;
      const wanted = along - width / 2;
      const last = length - width;
      const at = wanted < snap ? 0 : wanted > last - snap ? last : wanted;
      const placement = standing(place(b, u, at, n, 0), Math.atan2(u.y, u.x));
      const { footprint } = footprintOf(placement, width, depth, shape);
      if (
        !footprint.every(
          (corner) => contains(shape.outline, place(corner, n, TOUCH, n, 0)) || isOn(shape, corner),
        )
      )
        return;
      best = { placement, caught: { by: 'fixed', id: thing.id }, away: out };
    });
  }
  return best;
}

/** Whether a place lies on a wall, where a partition meets it. */
function isOn({ faces }: RoomShape, at: Point): boolean {
  return faces.some((face) => distanceToPath(at, facePath(face)) <= TOUCH);
}
