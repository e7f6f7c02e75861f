import { rememberBoth, rememberOne } from '../document/remember';
import { cross, distance, dot, place, subtract, unit, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import { isInRun } from '../ranges/item-kind';
import type { ItemBox } from '../setting/item-box';
import type { FixedThing } from '../survey/fixed-things';
import { facePath, type PlacedFace } from '../survey/placed-face';
import type { RoomShape } from '../survey/room-shape';
import type { Cutters } from './keyed-rings';
import type { KeyedPolygon, SourceLine } from './top-edge';

/** What surfaces are cut round: a fixed thing, or a plain shape that stands for one. */
export type Cutting = Pick<FixedThing, 'footprint' | 'high' | 'id' | 'low'> & { circle: object | null };

/** A plain shape as what surfaces are cut round; null of what carries a top, and of any other item. */
export const shapeAsCutting = rememberOne(({ id, footprint, low, high, kind }: ItemBox): Cutting | null => {
  if (kind.group !== 'shapes' || isInRun(kind)) return null;
  return { id, footprint, low, high, circle: kind.plan === 'round' ? {} : null };
});

/** What cuts surfaces in a room of this shape with these fixed things. */
export const cuttersOf = (shape: RoomShape, fixed: readonly Cutting[]): Cutters => ({
  ...wallsOf(shape),
  fixed: fixed.flatMap((thing) => fixedPolygons(shape, thing)),
});

const wallsOf = rememberOne(({ outline, faces }: RoomShape): Pick<Cutters, 'room' | 'walls'> => {
  const lines = (face: PlacedFace): SourceLine[] => {
    const path = facePath(face);
    return path.slice(1).map((b, index) => ({ role: 'wall', boxes: [], id: face.id, a: path[index]!, b }));
  };
  return { room: outline, walls: faces.flatMap(lines) };
});

/** What is fixed nearer to a wall than this closes what is between, mm: no top goes in there. */
const CLOSED = 12;

/** A fixed thing, and what lies between it and walls it stands close to: no more than a wedge where they are out of square. */
const fixedPolygons = rememberBoth(
  (shape: RoomShape, { id, footprint, circle }: Cutting): readonly KeyedPolygon[] => {
    const polygon = (ring: readonly Point[]): KeyedPolygon => {
      return { ring, sides: ring.map(() => ({ role: 'fixed', boxes: [], id })) };
    };
    if (circle) return [polygon(footprint)];
    const wedges = footprint.flatMap((a, index): KeyedPolygon[] => {
      const at = (by: number) => footprint[(index + by + footprint.length) % footprint.length]!;
      const [before, b, after] = [at(-1), at(1), at(2)];
      return wallsOf(shape).walls.flatMap((wall) => {
        // On along the sides beside it, as far as the wall.
        const [first, last] = [toWall(before, a, wall), toWall(after, b, wall)];
        const isWedge = first && last && Math.max(first.on, last.on) > SAME_PLACE;
        return isWedge ? [polygon([a, b, last.met, first.met])] : [];
      });
    });
    return [polygon(footprint), ...wedges];
  },
);

/** Where the way from one place on through another meets a wall close behind that, and how far on that is, mm; null where it is farther, or met already. */
function toWall(from: Point, to: Point, { a, b }: SourceLine): { met: Point; on: number } | null {
  const [u, v] = [unit(subtract(to, from)), unit(subtract(b, a))];
  const turn = cross(u, v);
  if (Math.abs(turn) < 0.5) return null;
  const on = cross(subtract(a, to), v) / turn;
  const met = place(to, u, on, u, 0);
  const along = dot(subtract(met, a), v);
  const isNear = on > -SAME_PLACE && on <= CLOSED && along > -CLOSED && along < distance(a, b) + CLOSED;
  // A little into it, so that rounding leaves nothing between.
  return isNear ? { met: place(to, u, on + 1, u, 0), on } : null;
}
