import type { Design } from '../document/design';
import type { FacePlacement, Side } from '../document/records';
import { deepestOverlap } from '../geometry/convex-pieces';
import type { Point } from '../geometry/point';
import { distanceToPath } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { headroom } from '../survey/ceiling';
import { fixedThings } from '../survey/fixed-things';
import { footprintOf } from '../survey/footprint';
import { facePath, frameAt, projectOn, spanOf, type PlacedFace } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { HUNG } from './item-box';
import type { Caught, Landing, Setting } from './landing';
import type { Band } from './occupancy';
import { freeStretches, type FreeStretch } from './open-lengths';

/** The free stretches of a face something fits in. */
export function slotsFor(design: Design, face: PlacedFace, setting: Setting & Band): FreeStretch[] {
  const span = spanOf(face, setting.width, setting.depth);
  return freeStretches(design, face, setting).filter(({ length }) => length >= span - 1e-6);
}

/** Whether something fits into a free stretch with its left end at a place. */
export function fitsIn(slot: FreeStretch, setting: Setting, along: number): boolean {
  const { first, last } = landIn(slot, setting, along, 0);
  return along >= first - 1e-6 && along <= last + 1e-6;
}

/** Where in a free stretch something lands: its left end's first and last place, and the one nearest to where it is wanted. */
export function landIn(slot: FreeStretch, { width, depth }: Setting, wanted: number, snap: number) {
  const spare = (spanOf(slot.face, width, depth) - width) / 2;
  const first = slot.from + spare;
  const last = Math.max(first, slot.to - spare - width);
  const toLeft = wanted < first + snap;
  const toRight = wanted > last - snap;
  const left = toLeft && (!toRight || wanted - first <= last - wanted);
  const by = (bound: FreeStretch['left']): Omit<Caught, 'face'> =>
    bound ? { by: bound.kind, id: bound.id } : { by: 'end', id: slot.face.id };
  if (left) return { first, last, along: first, caught: by(slot.left) };
  if (toRight) return { first, last, along: last, caught: by(slot.right) };
  return { first, last, along: wanted, caught: { by: 'face' as const, id: slot.face.id } };
}

/** What something overhead, or the corner it stands in, makes of an item. */
export function fitted(setting: Setting, hung: Setting, face: PlacedFace, { placement, caught }: Landing) {
  const lowered =
    hung.low < setting.low ? { up: hung.low, caught: caught && { ...caught, by: 'overhead' as const } } : {};
  const hand =
    setting.corner && placement.on === 'face' ? { hand: cornerHand(face, setting, placement) } : {};
  return { ...lowered, ...hand };
}

function cornerHand(face: PlacedFace, { width }: Setting, { from, distance }: FacePlacement): Side {
  const along = from === 'left' ? distance : face.length - distance - width;
  return along + width / 2 <= face.length / 2 ? 'left' : 'right';
}

/** What hangs comes down under a soffit or a low ceiling over its place; what stands on the floor can't. */
export function hangUnder(
  design: Design,
  face: PlacedFace,
  setting: Setting,
  from: number,
  to: number,
): Setting {
  if (setting.low < HUNG) return setting;
  const place = [...facePath(face, from, to), ...facePath(face, from, to, setting.depth).reverse()];
  let room = headroom(roomShape(design).ceiling, place);
  for (const thing of fixedThings(design)) {
    if (thing.low > setting.low && thing.low < room && deepestOverlap([place], thing.pieces) > TOUCH)
      room = thing.low;
  }
  const low = quantise(room - (setting.high - setting.low));
  return low >= setting.low || low < HUNG ? setting : { ...setting, low, high: room };
}

/** A landing of what hangs down from the ceiling: as high as that is over its place. */
export function hungDown(design: Design, setting: Setting, landing: Landing): Landing {
  if (!setting.fromCeiling) return landing;
  const shape = roomShape(design);
  const { footprint } = footprintOf(landing.placement, setting.width, setting.depth, shape);
  const up = quantise(headroom(shape.ceiling, footprint) - (setting.high - setting.low));
  return up > 0 ? { ...landing, up } : landing;
}

/** The direction of the nearest face at a place: what stands free is square to it. */
export function turnAt({ faces }: RoomShape, at: Point): number {
  const away = faces.map((face) => ({ face, off: distanceToPath(at, facePath(face)) }));
  const { face } = away.reduce((nearest, one) => (one.off < nearest.off ? one : nearest));
  const { u } = frameAt(face, projectOn(face, at).along);
  return Math.atan2(u.y, u.x);
}
