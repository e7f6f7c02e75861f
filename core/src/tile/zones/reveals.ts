import { perDesign, type Design } from '../../document/design';
import { revealSides, type RevealSide } from '../../document/limits';
import type { ZoneInside } from '../../document/records';
import { rememberOne } from '../../document/remember';
import { add, dot, scale, subtract, type Point } from '../../geometry/point';
import { holeDepth, standsBack } from '../../survey/hole-depth';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';
import { facePath } from '../../survey/placed-face';
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

/** Less of a side than this nobody tiles, mm. */
const LEAST = 1;

/**
 * Every side of a hole that tiles could be laid on: of niches the back too, of what begins on the floor no sill, and none level where a bent wall stands back behind the frame of a
 * window. Doors are lined.
 */
export const revealsOf: (design: Design) => readonly Reveal[] = perDesign((design) =>
  placedOpenings(design).flatMap((opening): Reveal[] => {
    const { record } = opening;
    if (record.type === 'door') return [];
    const [across, up, deep] = [record.width, record.height, holeDepth(opening)];
    const hasLevel = deep - standsBack(opening) >= LEAST;
    const isThere: Record<RevealSide, boolean> = {
      ...{ back: record.type === 'niche', left: true, right: true },
      ...{ sill: hasLevel && record.sill >= LEAST, head: hasLevel },
    };
    return revealSides
      .filter((side) => isThere[side])
      .map((side) => ({
        ...{ opening, side },
        wide: side === 'left' || side === 'right' ? deep : across,
        high: side === 'sill' || side === 'head' ? deep : up,
      }));
  }),
);

/** The outline of a side of a hole, counter-clockwise from its lower left corner: a sill and a head begin at their wall, bent where that is. */
export const revealOutline = rememberOne((reveal: Reveal): readonly Point[] => {
  const { side, wide, high } = reveal;
  const front = frontOf(reveal);
  const [bottomLeft, bottomRight, topRight, topLeft] = cornersOf(reveal);
  if (front.length <= 2) return [bottomLeft, bottomRight, topRight, topLeft];
  return side === 'sill'
    ? [...front, { x: wide, y: high }, { x: 0, y: high }]
    : [bottomLeft, bottomRight, ...front];
});

const cornersOf = ({ wide, high }: Reveal): [Point, Point, Point, Point] => [
  { x: 0, y: 0 },
  { x: wide, y: 0 },
  { x: wide, y: high },
  { x: 0, y: high },
];

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
      const jamb = add(at, scale(u, record.width));
      return { origin: on(jamb, n, -wide, low), right: level(n), up: UPRIGHT, normal: level(u, -1) };
    }
    case 'sill':
      return { origin: on(at, n, 0, low), right: across, up: level(n, -1), normal: UPRIGHT };
    case 'head':
      return { origin: on(at, n, -high, top), right: across, up: level(n), normal: [0, 0, -1] };
  }
}

/** What a side of a hole has in common with the wall, walked with the side to the left; nothing of a back. */
export function frontOf(reveal: Reveal): Point[] {
  const [bottomLeft, bottomRight, topRight, topLeft] = cornersOf(reveal);
  const { side, high } = reveal;
  switch (side) {
    case 'left':
      return [topLeft, bottomLeft];
    case 'right':
      return [bottomRight, topRight];
    case 'sill':
      return wallAlong(reveal).map(({ x, y: out }) => ({ x, y: 0 - out }));
    case 'head':
      return wallAlong(reveal)
        .map(({ x, y: out }) => ({ x, y: high + out }))
        .reverse();
    case 'back':
      return [];
  }
}

/** The wall over a hole from jamb to jamb: along the straight line between them, and out from it. */
function wallAlong({ opening: { face, left, right, at, u, n }, wide }: Reveal): Point[] {
  if (!face.arc)
    return [
      { x: 0, y: 0 },
      { x: wide, y: 0 },
    ];
  return facePath(face, left, right).map((point) => {
    const off = subtract(point, at);
    return { x: dot(off, u), y: dot(off, n) };
  });
}
