import type { Design } from '../document/design';
import type { Placement, Side } from '../document/records';
import { deepestOverlap } from '../geometry/convex-pieces';
import { add, distance, scale, type Point } from '../geometry/point';
import { boundsOf, contains, type Bounds } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { footprintOf } from '../survey/footprint';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { besidePlaces } from './beside';
import { bodiesNear } from './bodies';
import { facePlacement } from './face-placement';
import { fitsIn, fitted, hangUnder, hungDown, landIn, slotsFor, turnAt } from './face-slots';
import { findBox, HUNG, isCooking, itemBoxes } from './item-box';
import type { Landing, Setting } from './landing';
import { beforeLining } from './linings';
import { nextOnLedge } from './on-ledge';
import type { Band } from './occupancy';
import { freeStretches, MOST_PULL, type FreeStretch } from './open-lengths';
import { standingAround } from './shift-item';

/** The next free place for an item when nobody points: along the edge, in the corner or over what it belongs to; over the chosen item where it hangs, or right of it, else the first free stretch on its face or the chosen one, on faces with a run first. */
export function nextPlace(design: Design, setting: Setting, besideId?: string): Landing | null {
  const place = freePlace(design, setting, besideId);
  return place && hungDown(design, setting, beforeLining(design, setting, place));
}

function freePlace(design: Design, setting: Setting, besideId?: string): Landing | null {
  const shape = roomShape(design);
  const boxes = itemBoxes(design);
  const beside = findBox(design, besideId);
  const withRun = new Set(boxes.flatMap(({ against }) => against?.face.id ?? []));
  // Nothing is set beside a panel that stands free: a glass, the back of an island.
  if (beside && !beside.against && !beside.kind.flat) {
    const free = besidePlaces(beside, setting).find(({ placement }) => isFree(design, setting, placement));
    if (free) return { placement: free.placement, caught: { by: 'beside', id: beside.id } };
  }
  const home = setting.overCooking ? overCooking(design, setting) : nextOnLedge(design, setting, besideId);
  if (home) return home;
  const faces = setting.loose ? [] : [...shape.faces].sort((a, b) => rank(a) - rank(b));
  function rank(face: PlacedFace): number {
    if (face.id === beside?.against?.face.id || face.id === besideId) return 0;
    return withRun.has(face.id) ? 1 : 2;
  }
  const inCorner = setting.corner ? freeCorner(design, faces, setting) : null;
  if (inCorner) return inCorner;
  for (const face of faces) {
    const hung = hangUnder(design, face, setting, 0, face.length);
    const fitting = slotsFor(design, face, hung);
    const after =
      beside?.against?.face === face ? fitting.find((slot) => slot.left?.id === beside.id) : undefined;
    // What hangs is set over the chosen cabinet that stands.
    const over =
      beside?.against?.face === face && beside.low < HUNG && setting.low >= HUNG
        ? {
            at: beside.against.along,
            slot: fitting.find((slot) => fitsIn(slot, setting, beside.against!.along)),
          }
        : undefined;
    const slot = over?.slot ?? after ?? fitting[0];
    if (slot) {
      const at = landIn(slot, setting, over?.slot ? over.at : -Infinity, 0);
      const placement = facePlacement(face, at.along, setting.width);
      const landing = { placement, caught: { face: face.id, ...at.caught } };
      return { ...landing, ...fitted(setting, hung, face, landing) };
    }
  }
  const middle = shape.outline.reduce((sum, corner) => add(sum, scale(corner, 1 / shape.outline.length)), {
    x: 0,
    y: 0,
  });
  const places = around(middle, boundsOf(shape.outline)).map((at) =>
    standingAround(at, setting.turn ?? turnAt(shape, at), setting),
  );
  const free = places.find((placement) => isFree(design, setting, placement));
  return free ? { placement: free, caught: null } : null;
}

/** Over the middle of what is cooked on, where nothing hangs over it yet. */
function overCooking(design: Design, setting: Setting): Landing | null {
  for (const { kind, against, record, id } of itemBoxes(design)) {
    if (!against || !isCooking(kind)) continue;
    const { face, along } = against;
    const at = along + (record.width - setting.width) / 2;
    const hung = hangUnder(design, face, setting, at, at + setting.width);
    if (!slotsFor(design, face, hung).some((slot) => fitsIn(slot, setting, at))) continue;
    const landing: Landing = {
      placement: facePlacement(face, at, setting.width),
      caught: { face: face.id, by: 'centre', id },
    };
    return { ...landing, ...fitted(setting, hung, face, landing) };
  }
  return null;
}

/** How far from square the walls of a corner may stand for a cabinet to be set into it unasked, radians. */
const CORNER_OFF = 0.1;

/** In the first inside corner whose two walls are free as far as a corner cabinet reaches along them. */
function freeCorner(design: Design, ranked: readonly PlacedFace[], setting: Setting): Landing | null {
  const { faces } = roomShape(design);
  const { width, depth } = setting;
  const isSquare = ({ corner }: PlacedFace) => Math.abs(corner - Math.PI / 2) <= CORNER_OFF;
  for (const face of ranked) {
    const index = faces.indexOf(face);
    const [before, after] = [faces.at(index - 1)!, faces[(index + 1) % faces.length]!];
    if (face.arc) continue;
    const hung = hangUnder(design, face, setting, 0, face.length);
    const ends = [
      { end: 'left', opposite: 'right', other: before, square: isSquare(face) },
      { end: 'right', opposite: 'left', other: after, square: isSquare(after) },
    ] as const;
    for (const { end, opposite, other, square } of ends) {
      if (!square || other.arc) continue;
      const own = slotAtEnd(design, face, end, other, hung);
      const beside = slotAtEnd(design, other, opposite, face, { ...hung, depth: width });
      if (!own || !beside || own.length < width - 1e-6 || beside.length < depth - 1e-6) continue;
      // A blind one is pulled off its corner to a neighbour that is near.
      const pulled = setting.blind && own[opposite]?.kind === 'item' && own.length - width <= MOST_PULL;
      const atLeft = (end === 'left') !== pulled;
      const placement = facePlacement(face, atLeft ? own.from : own.to - width, width);
      const landing: Landing = { placement, caught: { face: face.id, by: 'wall', id: other.id } };
      return { ...landing, ...fitted(setting, hung, face, landing) };
    }
  }
  return null;
}

/** The free stretch of a face that ends at the wall it meets there, if one does. */
function slotAtEnd(
  design: Design,
  face: PlacedFace,
  end: Side,
  wall: PlacedFace,
  band: Band,
): FreeStretch | undefined {
  const slots = freeStretches(design, face, band);
  const slot = end === 'left' ? slots[0] : slots.at(-1);
  const bound = slot?.[end];
  return !bound || (bound.kind === 'wall' && bound.id === wall.id) ? slot : undefined;
}

/** How far apart the places are that are tried for what stands about, mm. */
const TRY_STEP = 100;

/** Places within some bounds, the nearest to a point first. */
function around(middle: Point, { left, right, bottom, top }: Bounds): Point[] {
  const steps = (from: number, to: number, at: number) => {
    const first = Math.ceil((from - at) / TRY_STEP);
    return Array.from(
      { length: Math.floor((to - at) / TRY_STEP) - first + 1 },
      (_, i) => at + (first + i) * TRY_STEP,
    );
  };
  return steps(left, right, middle.x)
    .flatMap((x) => steps(bottom, top, middle.y).map((y) => ({ x, y })))
    .sort((a, b) => distance(a, middle) - distance(b, middle));
}

/** Whether nothing stands where something would be set, and it is in the room. */
function isFree(design: Design, { width, depth, low, high }: Setting, placement: Placement): boolean {
  const shape = roomShape(design);
  const { footprint } = footprintOf(placement, width, depth, shape);
  if (!footprint.every((corner) => contains(shape.outline, corner))) return false;
  return bodiesNear(design, footprint).every(
    (other) => other.low >= high || other.high <= low || deepestOverlap([footprint], other.pieces) <= TOUCH,
  );
}
