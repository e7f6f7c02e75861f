import { perDesign, type Design } from '../../document/design';
import { revealSides, type RevealSide } from '../../document/limits';
import type { ZoneInside } from '../../document/records';
import { add, scale, type Point } from '../../geometry/point';
import { holeDepth } from '../../survey/hole-depth';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';
import { level, UPRIGHT, type Place, type SurfaceFrame } from './surface-frame';

/**
 * A side of a hole in a wall that can be tiled, as one looks square on it: so wide and high, mm. What is beside one has the room to its left, or to its right; of a
 * sill the room is below, of a head above.
 */
export interface Reveal {
  opening: PlacedOpening;
  side: RevealSide;
  wide: number;
  high: number;
}

/** Every side of a hole in a straight wall that tiles could be laid on: of niches the back too, of what begins on the floor no sill. Doors are lined. */
export const revealsOf: (design: Design) => readonly Reveal[] = perDesign((design) =>
  placedOpenings(design).flatMap((opening): Reveal[] => {
    const { record, face, left, right } = opening;
    if (face.arc || record.type === 'door') return [];
    const [across, up, deep] = [right - left, record.height, holeDepth(opening)];
    return revealSides
      .filter((side) => (side !== 'back' || record.type === 'niche') && (side !== 'sill' || record.sill >= 1))
      .map((side) => ({
        ...{ opening, side },
        wide: side === 'left' || side === 'right' ? deep : across,
        high: side === 'sill' || side === 'head' ? deep : up,
      }));
  }),
);

/** The side of a hole that a zone is on; undefined where there is none. */
export const findReveal = (design: Design, { opening, side }: ZoneInside): Reveal | undefined =>
  revealsOf(design).find((one) => one.opening.record.id === opening && one.side === side);

/** Where a side of a hole is in the room. */
export function revealFrame({ opening, side, wide, high }: Reveal): SurfaceFrame {
  const { at, u, n, record } = opening;
  const [low, top] = [record.sill, record.sill + record.height];
  const on = (from: Point, way: Point, by: number, z: number): Place => {
    const { x, y } = add(from, scale(way, by));
    return [x, y, z];
  };
  const across = level(u);
  switch (side) {
    case 'back':
      return { origin: on(at, n, -holeDepth(opening), low), right: across, up: UPRIGHT, normal: level(n) };
    case 'left':
      return { origin: on(at, n, 0, low), right: level(n, -1), up: UPRIGHT, normal: level(u) };
    case 'right': {
      const jamb = add(at, scale(u, opening.right - opening.left));
      return { origin: on(jamb, n, -wide, low), right: level(n), up: UPRIGHT, normal: level(u, -1) };
    }
    case 'sill':
      return { origin: on(at, n, 0, low), right: across, up: level(n, -1), normal: UPRIGHT };
    case 'head':
      return { origin: on(at, n, -high, top), right: across, up: level(n), normal: [0, 0, -1] };
  }
}

/** The edge of a side of a hole that it has with the wall, walked with it to the left; null for a back. */
export function frontEdge({ side, wide, high }: Reveal): { a: Point; b: Point } | null {
  const [bottomLeft, bottomRight] = [
    { x: 0, y: 0 },
    { x: wide, y: 0 },
  ];
  const [topRight, topLeft] = [
    { x: wide, y: high },
    { x: 0, y: high },
  ];
  switch (side) {
    case 'left':
      return { a: topLeft, b: bottomLeft };
    case 'right':
      return { a: bottomRight, b: topRight };
    case 'sill':
      return { a: bottomLeft, b: bottomRight };
    case 'head':
      return { a: topRight, b: topLeft };
    case 'back':
      return null;
  }
}
