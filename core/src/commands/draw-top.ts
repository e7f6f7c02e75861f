import { roomOf, type Design } from '../document/design';
import { LEAST_ITEM, MOST_ITEM } from '../document/limits';
import type { ItemRecord, OutlinePlace, Placement } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { convexPieces, deepestOverlap } from '../geometry/convex-pieces';
import { cross, distance, dot, inward, subtract, unit, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { PARALLEL } from '../geometry/tolerance';
import { findItem } from '../ranges/shelf';
import { refuse } from '../result';
import { nextNumber } from '../setting/item-numbers';
import { tops } from '../surfaces/tops';
import { inFrame, withOutline } from '../survey/fixed-outline';
import { roomShape } from '../survey/room-shape';
import { guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** A side drawn nearer to a straight wall than this, in line with it, is at it, mm. */
const AT_WALL = 60;
/** What is drawn no farther off a wall than this is on it, mm. */
const ON_WALL = 1;
/** What is drawn no farther from a top than this meets it, mm. */
const BESIDE = 1;

/** Draws a top by itself, by its corners in plan: at the wall that its longest side along one lies at, level with a top it meets, else at the height of the room's. */
export const drawTop: Command<{ id: string; outline: readonly Point[] }> = {
  id: 'draw-top',
  run(design, { id, outline }) {
    const shelf = findItem('plain', 'TOP');
    if (!shelf.ok) return shelf;
    if (outline.length < 3) return refuse('outline-crossing', {});
    const walked = signedArea(outline) > 0 ? outline.toReversed() : outline;
    const placed = frameOf(design, walked);
    const { underside, thickness } = heightOf(design, walked);
    const item = itemOf(id, { ...shelf.value, height: thickness, up: underside }, placed.placement);
    const drawn = withOutline({ ...item, number: nextNumber(design) }, placed.corners);
    if (!drawn.ok) return drawn;
    const made = asRectangle(drawn.value);
    const wrong = firstRefusal(
      within('width', made.width, LEAST_ITEM, MOST_ITEM),
      within('depth', made.depth, LEAST_ITEM, MOST_ITEM),
    );
    return wrong ?? guardedItems(design, [made]);
  },
};

/** A frame to place an outline in, walked clockwise, and its corners in that. */
interface Framed {
  placement: Placement;
  corners: OutlinePlace[];
}

/** The frame of the wall it lies at with its longest side along one; else that of its longest side. */
function frameOf(design: Design, outline: Polygon): Framed {
  const sides = outline
    .map((a, index) => ({ a, b: outline[(index + 1) % outline.length]! }))
    .sort((one, other) => distance(other.a, other.b) - distance(one.a, one.b));
  for (const { a, b } of sides) {
    const way = unit(subtract(b, a));
    const face = roomShape(design).faces.find(({ start, u, n, length, arc }) => {
      if (arc || dot(way, u) <= 0 || Math.abs(cross(way, u)) > Math.sin(PARALLEL)) return false;
      const [from, to] = [a, b].map((end) => dot(subtract(end, start), u)) as [number, number];
      const off = [a, b].map((end) => dot(subtract(end, start), n));
      return off.every((one) => Math.abs(one) <= AT_WALL) && to > 0 && from < length;
    });
    if (!face) continue;
    const corners = outline.map((point) => {
      const { along, out } = inFrame({ origin: face.start, u: face.u, n: face.n }, point);
      return { along, out: Math.abs(out) <= ON_WALL ? 0 : out };
    });
    return { placement: { on: 'face', face: face.id, from: 'left', distance: 0, off: 0 }, corners };
  }
  const { a, b } = sides[0]!;
  const u = unit(subtract(b, a));
  return {
    placement: { on: 'floor', x: a.x, y: a.y, turn: Math.atan2(u.y, u.x) },
    corners: outline.map((point) => inFrame({ origin: a, u, n: inward(u) }, point)),
  };
}

/** The height and thickness of a top it meets, or of those over the room's cabinets, mm. */
function heightOf(design: Design, outline: Polygon): { underside: number; thickness: number } {
  const { counterHeight, topThickness: thickness } = roomOf(design);
  const pieces = convexPieces(outline);
  const met = tops(design).find(
    ({ outline: [ring] }) => deepestOverlap(pieces, convexPieces(ring!)) >= -BESIDE,
  );
  if (!met) return { underside: counterHeight - thickness, thickness };
  return { underside: met.underside, thickness: met.surface - met.underside };
}

/** A rectangle needs no corners of its own. */
function asRectangle(record: ItemRecord): ItemRecord {
  const { corners, ...plain } = record;
  const isCorner = ({ along, out }: OutlinePlace) =>
    (along === 0 || along === record.width) && (out === 0 || out === record.depth);
  return corners?.length === 4 && corners.every(isCorner) ? plain : record;
}
