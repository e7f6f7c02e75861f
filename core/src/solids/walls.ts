import { perDesign, type Design } from '../document/design';
import { dot, inward, type Point } from '../geometry/point';
import { facePath, wallHeightAt, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { wallRings } from '../survey/wall-outline';
import type { Solid, SolidSide } from './solids';

/** Neighbouring sides that turn by less than this (its cosine) go on smoothly: the chords of a bent face, faces in line. */
const SMOOTH = 0.995;

/** The wall behind every face as a body, from the floor to the ceiling or to the top of a half wall; openings are not cut out of it. */
export const wallSolids: (design: Design) => readonly Solid[] = perDesign((design) => {
  const { faces } = roomShape(design);
  return wallRings(faces).map((ring, index) => wallSolid(faces[index]!, ring, faces));
});

function wallSolid(face: PlacedFace, ring: Point[], faces: readonly PlacedFace[]): Solid {
  const at = faces.indexOf(face);
  const before = goesOn(faces.at(at - 1)!, face);
  const after = goesOn(face, faces[(at + 1) % faces.length]!);
  // A ring is the face from left to right, an end, the back from right to left, and the other end.
  const chords = facePath(face).length - 1;
  const isFace = (edge: number) => edge < chords;
  const isEnd = (edge: number) => edge === chords || edge === ring.length - 1;
  const heightOver = (corner: number) => {
    const onFace = corner <= chords;
    const share = onFace ? corner / chords : (ring.length - 1 - corner) / (ring.length - chords - 2 || 1);
    return wallHeightAt(face, share * face.length);
  };
  const sides = ring.flatMap((a, edge): SolidSide[] => {
    const next = (edge + 1) % ring.length;
    const b = ring[next]!;
    const tops = [heightOver(edge), heightOver(next)] as const;
    // Rings are walked clockwise like the face itself, whose left end, seen from the room, is where it starts.
    const side = { from: a, to: b, parts: [], front: false, tops };
    if (isEnd(edge)) return (edge === chords ? after : before) ? [] : [side];
    const [first, last] = isFace(edge) ? [0, chords - 1] : [chords + 1, ring.length - 2];
    const [atFirst, atLast] = isFace(edge) ? [before, after] : [after, before];
    const smooth = { from: edge === first ? atFirst : true, to: edge === last ? atLast : true };
    return [{ ...side, smooth }];
  });
  const high = Math.max(...sides.flatMap(({ tops }) => tops!));
  return { id: face.id, of: 'wall', box: null, footprint: ring, low: 0, high, sides, round: false };
}

/** Whether one face runs straight on into the next, equally thick and high. */
function goesOn(a: PlacedFace, b: PlacedFace): boolean {
  if (a.arc || b.arc || a.thickness !== b.thickness || a.wallHeight !== b.wallHeight) return false;
  return dot(inward(a.u), inward(b.u)) > SMOOTH;
}
