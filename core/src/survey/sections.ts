import { perDesign, recordsOf, type Design } from '../document/design';
import { LEAST_FACE } from '../document/limits';
import type { SectionRecord } from '../document/records';
import { add, distance, dot, inward, scale, subtract, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import { quantise } from '../units/units';
import { atFacePlace, facePath, frameAt, projectOn, type PlacedFace } from './placed-face';
import { roomShape } from './room-shape';

/** A section line with its place: its ends left and right as one looks, u from left to right, n towards the viewer. */
export interface PlacedSection {
  id: string;
  record: SectionRecord;
  left: Point;
  right: Point;
  u: Point;
  n: Point;
  /** From end to end, mm. */
  length: number;
}

/** Every section line with its place, in the order of their ids; one whose ends have come together cuts nothing and is left away. */
export const placedSections: (design: Design) => readonly PlacedSection[] = perDesign((design) => {
  const { byId } = roomShape(design);
  return recordsOf(design, 'section').flatMap((record) => {
    const [from, to] = [record.from, record.to].map((end) => atFacePlace(byId.get(end.face)!, end)) as [
      Point,
      Point,
    ];
    // What is on the left of a walker lies before one who has the line's start on the left hand.
    const [left, right] = record.side === 'left' ? [from, to] : [to, from];
    const length = distance(left, right);
    if (length < LEAST_FACE) return [];
    const u = scale(subtract(right, left), 1 / length);
    return [{ id: record.id, record, left, right, u, n: inward(u), length }];
  });
});

/** The ends of a line straight across the room from the middle of a face to the wall it meets first; a valid room has one for every face. */
export function straightAcross(design: Design, face: PlacedFace): Pick<SectionRecord, 'from' | 'to'> {
  const { faces } = roomShape(design);
  const { at, u, n } = frameAt(face, face.length / 2);
  const met = faces
    .filter((other) => other !== face)
    .flatMap((other) => {
      const path = facePath(other);
      return path.slice(1).flatMap((b, index) => {
        const a = path[index]!;
        const [outA, outB] = [dot(subtract(a, at), u), dot(subtract(b, at), u)];
        // A wall the line would run along says nothing of where it ends; one that begins on the line does.
        if (Math.abs(outA - outB) < SAME_PLACE || Math.min(outA, outB) > SAME_PLACE) return [];
        if (Math.max(outA, outB) < -SAME_PLACE) return [];
        const share = Math.max(0, Math.min(1, outA / (outA - outB)));
        const point = add(a, scale(subtract(b, a), share));
        const out = dot(subtract(point, at), n);
        return out > 0 ? [{ other, point, out }] : [];
      });
    })
    .sort((p, q) => p.out - q.out);
  const { other, point } = met[0]!;
  const place = (one: PlacedFace, distance: number) => ({
    face: one.id,
    from: 'left' as const,
    distance: quantise(Math.max(0, Math.min(one.length, distance))),
  });
  return { from: place(face, face.length / 2), to: place(other, projectOn(other, point).along) };
}

/** The name a further section line goes by: the first number that is free. */
export function nextSectionName(design: Design): string {
  const taken = new Set(recordsOf(design, 'section').map(({ name }) => name));
  let number = 1;
  while (taken.has(String(number))) number += 1;
  return String(number);
}
