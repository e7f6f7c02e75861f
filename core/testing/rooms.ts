import { RoomBuilder } from '../src/demo/build-room';
import { distance, type Point } from '../src/geometry/point';
import { must } from '../src/result';
import { faceLetter } from '../src/survey/face-letters';
import { makeRoom } from '../src/survey/make-room';
import { insideAngle } from '../src/survey/observations';
import { outlineFaces, type OutlineId } from '../src/survey/outlines';

const test = { name: 'Test room', unit: 'mm', step: 1, ceilingHeight: 2400 } as const;

/** A metric rectangle, faces A to D clockwise, as a builder to set things in. Lengths mm. */
export function rectangle(a = 4000, b = 3000, c: number | null = null, d: number | null = null): RoomBuilder {
  return shaped('rectangle', [a, b, c, d]);
}

/** A metric room with these corners, clockwise in plan, faces A, B, C … from the first on; all of it measured, but for what is named as only taken. */
export function cornered(
  corners: readonly Point[],
  taken: { lengths?: string; corners?: string } = {},
): RoomBuilder {
  const count = corners.length;
  const faces = corners.map((at, index) => {
    const [before, after] = [corners.at(index - 1)!, corners[(index + 1) % count]!];
    return {
      length: distance(at, after),
      measured: !taken.lengths?.includes(faceLetter(index)),
      corner: insideAngle(before, at, after),
      cornerMeasured: !taken.corners?.includes(faceLetter(index)),
    };
  });
  return new RoomBuilder(must(makeRoom({ ...test, faces })));
}

/** A metric room of an outline, its faces of these lengths, mm; null follows from the others. */
export function shaped(id: OutlineId, lengths: readonly (number | null)[]): RoomBuilder {
  const made = makeRoom({
    ...test,
    faces: outlineFaces({ id, turns: 0, mirrored: false }, [...lengths], 'mm'),
  });
  return new RoomBuilder(must(made));
}
