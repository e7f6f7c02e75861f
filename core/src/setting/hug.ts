import type { Design } from '../document/design';
import type { FacePlacement, Placement } from '../document/records';
import { add, distance, inward, place, scale, type Point } from '../geometry/point';
import { contains, distanceToPath } from '../geometry/polygon';
import { placedOpenings } from '../survey/openings';
import { facePath, frameAt, projectOn, spanOf, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { itemBoxes, type ItemBox } from './item-box';
import type { Band } from './occupancy';
import { freeStretches, type OpenLength } from './open-lengths';

/** What is being set: its sizes and height band, mm, and the item it already is, if any. */
export interface Setting {
  width: number;
  depth: number;
  low: number;
  high: number;
  except?: string;
}

/** Where an item would land, and what caught it (nothing for a free place). */
export interface Landing {
  placement: Placement;
  caught: Caught | null;
}

export interface Caught {
  face?: string;
  /** The neighbour, fixed thing, opening or wall whose edge it stands against; or the opening it is centred on. */
  by: 'end' | 'fixed' | 'item' | 'opening' | 'wall' | 'centre' | 'face' | 'beside';
  id: string;
}

/** How far past half its depth an item may be from a face and still be drawn to it, mm. */
const HUG_REACH = 350;

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
  for (const { face, out, along } of near) {
    if (!outside && (out <= 0 || out > setting.depth / 2 + HUG_REACH)) continue;
    const landing = onFace(design, face, setting, along - setting.width / 2, snap);
    if (landing) return landing;
  }
  const beside = besideFree(design, setting, middle, snap * 3);
  if (beside) return beside;
  const along = nearest && frameAt(nearest.face, nearest.along).u;
  const turn = along ? Math.atan2(along.y, along.x) : 0;
  return { placement: freePlacement(middle, turn, setting), caught: null };
}

/** A placement against a face with its left end at `along`, kept as a distance from the nearer end of the face. */
export function facePlacement(face: PlacedFace, along: number, width: number, off = 0): FacePlacement {
  const fromRight = face.length - along - width;
  const from = along <= fromRight + 1e-6 ? 'left' : 'right';
  return {
    on: 'face',
    face: face.id,
    from,
    distance: quantise(from === 'left' ? along : fromRight),
    off: quantise(off),
  };
}

function onFace(
  design: Design,
  face: PlacedFace,
  setting: Setting,
  wanted: number,
  snap: number,
): Landing | null {
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

/** The free stretches of a face something fits in. */
function slotsFor(design: Design, face: PlacedFace, setting: Setting & Band): OpenLength[] {
  const span = spanOf(face, setting.width, setting.depth);
  return freeStretches(design, face, setting).filter(({ length }) => length >= span - 1e-6);
}

/** Where in a free stretch something lands: its left end's first and last place, and the one nearest to where it is wanted. */
function landIn(slot: OpenLength, { width, depth }: Setting, wanted: number, snap: number) {
  const spare = (spanOf(slot.face, width, depth) - width) / 2;
  const first = slot.from + spare;
  const last = Math.max(first, slot.to - spare - width);
  const toLeft = wanted < first + snap;
  const toRight = wanted > last - snap;
  const left = toLeft && (!toRight || wanted - first <= last - wanted);
  const by = (bound: OpenLength['left']): Omit<Caught, 'face'> =>
    bound ? { by: bound.kind, id: bound.id } : { by: 'end', id: slot.face.id };
  if (left) return { first, last, along: first, caught: by(slot.left) };
  if (toRight) return { first, last, along: last, caught: by(slot.right) };
  return { first, last, along: wanted, caught: { by: 'face' as const, id: slot.face.id } };
}

function centredOnOpening(design: Design, face: PlacedFace, width: number, wanted: number, snap: number) {
  for (const { record, face: host, left, right } of placedOpenings(design)) {
    const along = (left + right) / 2 - width / 2;
    if (host.id === face.id && record.type === 'window' && Math.abs(along - wanted) <= snap)
      return { along, id: record.id };
  }
  return null;
}

/** The place left, right or back to back of a free-standing item, if the point is near enough to one. */
function besideFree(design: Design, setting: Setting, middle: Point, reach: number): Landing | null {
  const places = itemBoxes(design)
    .filter(
      (box) => !box.against && box.id !== setting.except && box.low < setting.high && box.high > setting.low,
    )
    .flatMap((box) => besidePlaces(box, setting).map((landing) => ({ box, ...landing })))
    .map((landing) => ({ ...landing, off: distance(landing.middle, middle) }))
    .filter(({ off }) => off <= reach)
    .sort((a, b) => a.off - b.off);
  const [best] = places;
  return best ? { placement: best.placement, caught: { by: 'beside', id: best.box.id } } : null;
}

function besidePlaces({ origin, u, n, turn, record }: ItemBox, { width, depth }: Setting) {
  const at = (corner: Point, along: Point, out: Point, angle: number) => ({
    placement: floor(corner, angle),
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

function freePlacement(middle: Point, turn: number, { width, depth }: Setting): Placement {
  const u = { x: Math.cos(turn), y: Math.sin(turn) };
  return floor(place(middle, u, -width / 2, inward(u), -depth / 2), turn);
}

function floor(corner: Point, turn: number): Placement {
  const wrapped = Math.atan2(Math.sin(turn), Math.cos(turn));
  return { on: 'floor', x: quantise(corner.x), y: quantise(corner.y), turn: wrapped };
}

/** The next free place for an item when nobody points: right of the chosen item, else the first free stretch, on faces with a run first. */
export function nextPlace(design: Design, setting: Setting, besideId?: string): Placement | null {
  const shape = roomShape(design);
  const boxes = itemBoxes(design);
  const beside = boxes.find(({ id }) => id === besideId);
  const withRun = new Set(boxes.flatMap(({ against }) => against?.face.id ?? []));
  const faces = [...shape.faces].sort((a, b) => rank(a) - rank(b));
  function rank(face: PlacedFace): number {
    if (face.id === beside?.against?.face.id) return 0;
    return withRun.has(face.id) ? 1 : 2;
  }
  for (const face of faces) {
    const fitting = slotsFor(design, face, setting);
    const after =
      beside?.against?.face === face ? fitting.find((slot) => slot.left?.id === beside.id) : undefined;
    const slot = after ?? fitting[0];
    if (slot) return facePlacement(face, landIn(slot, setting, -Infinity, 0).along, setting.width);
  }
  const middle = shape.outline.reduce((sum, corner) => add(sum, scale(corner, 1 / shape.outline.length)), {
    x: 0,
    y: 0,
  });
  return contains(shape.outline, middle) ? freePlacement(middle, 0, setting) : null;
}
