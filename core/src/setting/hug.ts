import { roomOf, type Design } from '../document/design';
import type { Point } from '../geometry/point';
import { contains, distanceToPath } from '../geometry/polygon';
import { placedOpenings } from '../survey/openings';
import { facePath, facePoint, projectOn, spanOf, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { isDressing } from '../ranges/item-kind';
import { besideFixed, besideFree } from './beside';
import { facePlacement } from './face-placement';
import { fitted, hangUnder, hungDown, landIn, slotsFor, turnAt } from './face-slots';
import { HUNG, isCooking, itemBoxes } from './item-box';
import { HUG_REACH, type Caught, type Landing, type Setting } from './landing';
import { beforeLining } from './linings';
import { backToBack, hugLedge } from './on-ledge';
import { onStep, standingOnSteps } from './whole-steps';

/** How much farther a corner cabinet is drawn to an end than others. */
const CORNER_PULL = 3;

/**
 * Where an item whose middle is at a point lands: along the edge it belongs to; else its back to the nearest face within reach, in the free stretch nearest the
 * point, against a neighbour within `snap` mm; else beside a free-standing item or back to back with it; else free, square to the nearest face.
 * A point outside the room always lands against the nearest face: nothing is set behind a wall by a slip of the hand.
 */
export function hug(design: Design, setting: Setting, middle: Point, snap: number): Landing {
  return hungDown(design, setting, beforeLining(design, setting, landed(design, setting, middle, snap)));
}

function landed(design: Design, setting: Setting, middle: Point, snap: number): Landing {
  const shape = roomShape(design);
  const near = shape.faces
    .map((face) => ({ face, ...projectOn(face, middle) }))
    .filter(({ face, along }) => along > -setting.width / 2 && along < face.length + setting.width / 2)
    .filter(({ face }) => face.length >= spanOf(face, setting.width, setting.depth))
    .map((near) => ({ ...near, away: distanceToPath(middle, facePath(near.face)) }))
    .sort((a, b) => a.away - b.away);
  const [nearest] = near;
  const outside = !contains(shape.outline, middle);
  const onEdge = hugLedge(design, setting, middle, { snap, reach: HUG_REACH });
  if (onEdge) return onEdge;
  const side = outside ? null : besideFixed(design, setting, middle, snap);
  if (side && side.away < (nearest?.away ?? Infinity)) return side;
  for (const { face, out, along } of near) {
    if (!outside && (out <= 0 || out > setting.depth / 2 + HUG_REACH)) continue;
    const left = along - setting.width / 2;
    const hung = hangUnder(design, face, setting, left, left + setting.width);
    const landing = onFace(design, face, hung, left, snap);
    if (landing) return { ...landing, ...fitted(setting, hung, face, landing) };
  }
  const beside =
    besideFree(design, setting, middle, snap * 3) ?? backToBack(design, setting, middle, snap, HUG_REACH);
  if (beside) return beside;
  const turn = setting.turn ?? turnAt(shape, middle);
  return { placement: standingOnSteps(design, middle, turn, setting), caught: null };
}

/** Where an item lands that is moved along a face, its middle wanted so far along it, mm: against it, in the free stretch nearest, as it does in the room. */
export function hugFace(
  design: Design,
  setting: Setting,
  face: PlacedFace,
  middle: number,
  snap: number,
): Landing {
  return beforeLining(design, setting, landedOn(design, setting, face, middle, snap));
}

function landedOn(design: Design, setting: Setting, face: PlacedFace, middle: number, snap: number): Landing {
  const onEdge = hugLedge(design, setting, facePoint(face, middle), { snap, reach: setting.width, face });
  if (onEdge) return onEdge;
  const left = middle - setting.width / 2;
  const hung = hangUnder(design, face, setting, left, left + setting.width);
  const landing = onFace(design, face, hung, left, snap);
  if (landing) return { ...landing, ...fitted(setting, hung, face, landing) };
  const held = Math.max(0, Math.min(face.length - setting.width, left));
  return {
    placement: facePlacement(face, held, setting.width),
    caught: { face: face.id, by: 'face', id: face.id },
  };
}

function onFace(
  design: Design,
  face: PlacedFace,
  setting: Setting,
  wanted: number,
  within: number,
): Landing | null {
  const snap = setting.corner ? within * CORNER_PULL : within;
  const slots = slotsFor(design, face, setting)
    .map((slot) => landIn(slot, setting, wanted, snap))
    .map((slot) =>
      slot.caught.by === 'face' ? { ...slot, along: onSteps(design, { ...slot, face }, setting) } : slot,
    )
    .sort((a, b) => Math.abs(a.along - wanted) - Math.abs(b.along - wanted));
  const [best] = slots;
  for (const { along, pull, ...caught } of drawnTo(design, face, setting, wanted, snap)) {
    const nearer = !best || Math.abs(along - wanted) < Math.abs(best.along - wanted) + pull;
    const free = slots.some(({ first, last }) => along >= first - 1e-6 && along <= last + 1e-6);
    if (nearer && free)
      return { placement: facePlacement(face, along, setting.width), caught: { face: face.id, ...caught } };
  }
  if (best && Math.abs(best.along - wanted) <= setting.width) {
    return {
      placement: facePlacement(face, best.along, setting.width),
      caught: { face: face.id, ...best.caught },
    };
  }
  // Taken all along: over what is set there, which is shown, but clear of what is built.
  const [clear] = slotsFor(design, face, { ...setting, builtOnly: true })
    .map((slot) => landIn(slot, setting, wanted, 0))
    .map(({ first, last }) => Math.max(first, Math.min(last, wanted)))
    .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted));
  if (clear === undefined) return null;
  return {
    placement: facePlacement(face, clear, setting.width),
    caught: { face: face.id, by: 'face', id: face.id },
  };
}

/** The place of a left end on whole steps of the job's rounding, counted from the nearer end of the face; as it was where that is not free. */
function onSteps(
  design: Design,
  { along, first, last, face }: { along: number; first: number; last: number; face: PlacedFace },
  { width }: Setting,
): number {
  const { from, distance } = facePlacement(face, along, width);
  const nearest = onStep(design, distance);
  // Past the middle it would be told from the other end, where it is on no whole step.
  const whole = nearest > (face.length - width) / 2 + 1e-6 ? nearest - roomOf(design).step : nearest;
  const at = from === 'left' ? whole : face.length - width - whole;
  return at >= first - 1e-6 && at <= last + 1e-6 ? at : along;
}

interface Drawn {
  along: number;
  /** So much farther than the next free place it may be, mm. */
  pull: number;
  by: Caught['by'];
  id: string;
}

/** What draws an item to places of a face, the nearest first: the middle of a window or of what is cooked on, and, for what hangs, the edges of what stands below. */
function drawnTo(
  design: Design,
  face: PlacedFace,
  { width, low, overCooking }: Setting,
  wanted: number,
  snap: number,
): Drawn[] {
  const drawn: Drawn[] = [];
  for (const { record, face: host, left, right } of placedOpenings(design))
    if (host.id === face.id && record.type === 'window')
      drawn.push({ along: (left + right) / 2 - width / 2, pull: snap / 2, by: 'centre', id: record.id });
  const near = drawn.filter(({ along }) => Math.abs(along - wanted) <= snap);
  for (const { against, record, low: under, kind, id } of itemBoxes(design)) {
    if (against?.face.id !== face.id || under >= HUNG || low < HUNG || isDressing(kind)) continue;
    const [left, right] = [against.along, against.along + record.width];
    if (overCooking && isCooking(kind)) {
      const along = (left + right) / 2 - width / 2;
      const pull = Math.max(snap * 3, record.width / 2);
      if (Math.abs(along - wanted) <= pull) near.push({ along, pull, by: 'centre', id });
    } else
      for (const along of [left, right, left - width, right - width])
        if (Math.abs(along - wanted) <= snap) near.push({ along, pull: snap / 2, by: 'below', id });
  }
  const off = ({ along, by }: Drawn) => Math.abs(along - wanted) - (by === 'centre' ? snap : 0);
  return near.sort((a, b) => off(a) - off(b));
}
