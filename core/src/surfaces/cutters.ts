import { rememberOne } from '../document/remember';
import type { FixedThing } from '../survey/fixed-things';
import { facePath, type PlacedFace } from '../survey/placed-face';
import type { RoomShape } from '../survey/room-shape';
import type { Cutters } from './keyed-rings';
import type { KeyedPolygon, SourceLine } from './top-edge';

/** What cuts surfaces in a room of this shape with these fixed things. */
export const cuttersOf = (shape: RoomShape, fixed: readonly FixedThing[]): Cutters => ({
  ...wallsOf(shape),
  fixed: fixed.map(fixedPolygon),
});

const wallsOf = rememberOne(({ outline, faces }: RoomShape): Pick<Cutters, 'room' | 'walls'> => {
  const lines = (face: PlacedFace): SourceLine[] => {
    const path = facePath(face);
    return path.slice(1).map((b, index) => ({ role: 'wall', boxes: [], id: face.id, a: path[index]!, b }));
  };
  return { room: outline, walls: faces.flatMap(lines) };
});

const fixedPolygon = rememberOne(({ id, footprint }: FixedThing): KeyedPolygon => {
  return { ring: footprint, sides: footprint.map(() => ({ role: 'fixed', boxes: [], id })) };
});
