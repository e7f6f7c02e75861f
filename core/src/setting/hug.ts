import type { Design } from '../document/design';
import type { Point } from '../geometry/point';
import { contains, distanceToPath } from '../geometry/polygon';
import { placedOpenings } from '../survey/openings';
import { facePath, projectOn, spanOf, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { besideFixed, besideFree } from './beside';
import { facePlacement } from './face-placement';
import { fitted, hangUnder, landIn, slotsFor, turnAt } from './face-slots';
import { HUG_REACH, type Landing, type Setting } from './landing';
import { standingAround } from './shift-item';

/** How much farther a corner cabinet is drawn to an end than others. */
const CORNER_PULL = 3;

/**
 * Where an item whose middle is at a point lands: its back to the nearest face within reach, in the free stretch nearest the
 * point, against a neighbour within `snap` mm; else beside a free-standing item; else free, square to the nearest face.
 * A point outside the room always lands against the nearest face: nothing is set behind a wall by a slip of the hand.
 */
export function hug(design: Design, setting: Setting, middle: Point, snap: number): Landing {
  const shape = roomShape(design);
  const near = shape.faces
    .map((face) => ({ face, ...projectOn(face, middle) }))
    .filter(({ face, along }) => along > -setting.width / 2 && along < face.length + setting.width / 2)
    .filter(({ face }) => face.length >= spanOf(face, setting.width, setting.depth))
    .map((near) => ({ ...near, away: distanceToPath(middle, facePath(near.face)) }))
    .sort((a, b) => a.away - b.away);
  const [nearest] = near;
  const outside = !contains(shape.outline, middle);
  const edge = outside ? null : besideFixed(design, setting, middle, snap);
  if (edge && edge.away < (nearest?.away ?? Infinity)) return edge;
  for (const { face, out, along } of near) {
    if (!outside && (out <= 0 || out > setting.depth / 2 + HUG_REACH)) continue;
    const left = along - setting.width / 2;
    const hung = hangUnder(design, face, setting, left, left + setting.width);
    const landing = onFace(design, face, hung, left, snap);
    if (landing) return { ...landing, ...fitted(setting, hung, face, landing) };
  }
  const beside = besideFree(design, setting, middle, snap * 3);
  if (beside) return beside;
  const turn = setting.turn ?? turnAt(shape, middle);
  return { placement: standingAround(middle, turn, setting), caught: null };
}

/** Where an item lands that is moved along a face, its middle wanted so far along it, mm: against it, in the free stretch nearest, as it does in the room. */
export function hugFace(
  design: Design,
  setting: Setting,
  face: PlacedFace,
  middle: number,
  snap: number,
): Landing {
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
    .sort((a, b) => Math.abs(a.along - wanted) - Math.abs(b.along - wanted));
  const [best] = slots;
  const centred = centredOnOpening(design, face, setting.width, wanted, snap);
  if (centred && (!best || Math.abs(centred.along - wanted) < Math.abs(best.along - wanted) + snap / 2)) {
    const free = slots.some(
      ({ first, last }) => centred.along >= first - 1e-6 && centred.along <= last + 1e-6,
    );
    if (free)
      return {
        placement: facePlacement(face, centred.along, setting.width),
        caught: { face: face.id, by: 'centre', id: centred.id },
      };
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

function centredOnOpening(design: Design, face: PlacedFace, width: number, wanted: number, snap: number) {
  for (const { record, face: host, left, right } of placedOpenings(design)) {
    const along = (left + right) / 2 - width / 2;
    if (host.id === face.id && record.type === 'window' && Math.abs(along - wanted) <= snap)
      return { along, id: record.id };
  }
  return null;
}
