import { holeDepth } from '../survey/hole-depth';
import { dot, place, subtract, type Point } from '../geometry/point';
import type { PlacedOpening } from '../survey/openings';
import { facePath, facePoint, wallHeightAt, type PlacedFace } from '../survey/placed-face';
import { addFace, emptyMesh, type Mesh, type Place } from './mesh';

/** A hole in a wall: from where to where along its face, how high, and the back of a niche behind a place along its face; null right through the wall. */
interface Hole {
  left: number;
  right: number;
  low: number;
  high: number;
  back: ((along: number) => Point) | null;
}

/** Ends of a face nearer than this to a place are that place, mm. */
const SAME = 1e-6;

/**
 * The wall behind a face as one closed mesh, its openings cut through it: strips between everything that changes along it, each from the face to the
 * back of the wall. `ring` is the ground it takes up, the face first; a tiled wall begins `behind` its finished face, mm.
 */
export function wallMesh(
  face: PlacedFace,
  ring: readonly Point[],
  openings: readonly PlacedOpening[],
  behind = 0,
): Mesh {
  const mesh = emptyMesh();
  const holes = openings.map((opening): Hole => {
    const { record, left, right } = opening;
    const top = Math.min(record.sill + record.height, wallHeightAt(face, (left + right) / 2));
    return {
      left: Math.max(0, left),
      right: Math.min(face.length, right),
      low: record.sill,
      high: top,
      back: record.type === 'niche' ? nicheBack(opening, behind) : null,
    };
  });
  const chords = facePath(face).length - 1;
  const places = [
    ...Array.from({ length: chords + 1 }, (_, i) => (face.length * i) / chords),
    ...holes.flatMap(({ left, right }) => [left, right]),
    ...(behind > 0 ? [behind, face.length - behind] : []),
  ].sort((a, b) => a - b);
  const stops = places.filter((place, index) => index === 0 || place - places[index - 1]! > SAME);
  const onFace = (along: number, out: number) => facePoint(face, along, out);
  /** A place within the wall: its own corners at its ends. */
  const within = (along: number, deep: number): Point => {
    if (deep < face.thickness - SAME) return onFace(along, -deep);
    if (along < SAME) return ring.at(-1)!;
    return face.length - along < SAME ? ring[chords + 1]! : onFace(along, -face.thickness);
  };
  const at = (along: number, deep: number, up: number): Place => {
    // In a corner it comes up to the finished face, where it meets the next wall.
    const isEnd = along < SAME || face.length - along < SAME;
    const { x, y } = within(along, isEnd ? deep : Math.max(deep, behind));
    return [x, y, up];
  };
  const back = face.thickness;
  for (let i = 0; i + 1 < stops.length; i++) {
    const [a, b] = [stops[i]!, stops[i + 1]!];
    const [ha, hb] = [wallHeightAt(face, a), wallHeightAt(face, b)];
    const hole = holes.find(
      ({ left, right }) => left <= a + SAME && right >= b - SAME && right - left > SAME,
    );
    // The face, left to right as seen from the room; the back the other way round.
    const front = (low: number, high: [number, number]) =>
      addFace(mesh, [at(a, 0, low), at(b, 0, low), at(b, 0, high[1]), at(a, 0, high[0])]);
    const rear = (low: number, high: [number, number]) =>
      addFace(mesh, [at(b, back, low), at(a, back, low), at(a, back, high[0]), at(b, back, high[1])]);
    const behindAt = (along: number, up: number): Place => {
      if (!hole?.back) return at(along, back, up);
      const { x, y } = hole.back(along);
      return [x, y, up];
    };
    const level = (up: [number, number], looksUp: boolean, far: typeof behindAt) => {
      const corners = [at(a, 0, up[0]), at(b, 0, up[1]), far(b, up[1]), far(a, up[0])];
      addFace(mesh, looksUp ? corners : corners.reverse());
    };
    const rearAt = (along: number, up: number) => at(along, back, up);
    level([ha, hb], true, rearAt);
    level([0, 0], false, rearAt);
    if (!hole) {
      front(0, [ha, hb]);
      rear(0, [ha, hb]);
      continue;
    }
    if (hole.low > 0) front(0, [hole.low, hole.low]);
    if (hole.high < Math.min(ha, hb)) front(hole.high, [ha, hb]);
    if (!hole.back) {
      if (hole.low > 0) rear(0, [hole.low, hole.low]);
      if (hole.high < Math.min(ha, hb)) rear(hole.high, [ha, hb]);
    } else {
      rear(0, [ha, hb]);
      addFace(mesh, [
        behindAt(a, hole.low),
        behindAt(b, hole.low),
        behindAt(b, hole.high),
        behindAt(a, hole.high),
      ]);
    }
    level([hole.low, hole.low], true, behindAt);
    level([hole.high, hole.high], false, behindAt);
    // The jambs, at the ends of the hole.
    const jamb = (along: number) => [
      at(along, 0, hole.low),
      behindAt(along, hole.low),
      behindAt(along, hole.high),
      at(along, 0, hole.high),
    ];
    if (hole.left > a - SAME) addFace(mesh, jamb(a));
    if (hole.right < b + SAME) addFace(mesh, jamb(b).reverse());
  }
  const [end, start] = [face.length, 0];
  const [he, hs] = [wallHeightAt(face, end), wallHeightAt(face, start)];
  addFace(mesh, [at(end, 0, 0), at(end, back, 0), at(end, back, he), at(end, 0, he)]);
  addFace(mesh, [at(start, back, 0), at(start, 0, 0), at(start, 0, hs), at(start, back, hs)]);
  return mesh;
}

/** The flat back of a niche, square behind places along its face, never before the ground of its tiles. */
function nicheBack(opening: PlacedOpening, behind: number): (along: number) => Point {
  const { face, at, u, n } = opening;
  const deep = Math.max(holeDepth(opening), behind);
  return (along) => place(at, u, dot(subtract(facePoint(face, along), at), u), n, -deep);
}
