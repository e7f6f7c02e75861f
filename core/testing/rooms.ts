import { RoomBuilder } from '../src/demo/build-room';
import { must } from '../src/result';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces, type OutlineId } from '../src/survey/outlines';

/** A metric rectangle, faces A to D clockwise, as a builder to set things in. Lengths mm. */
export function rectangle(a = 4000, b = 3000, c: number | null = null, d: number | null = null): RoomBuilder {
  return shaped('rectangle', [a, b, c, d]);
}

/** A metric room of an outline, its faces of these lengths, mm; null follows from the others. */
export function shaped(id: OutlineId, lengths: readonly (number | null)[]): RoomBuilder {
  const made = makeRoom({
    name: 'Test room',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    faces: outlineFaces({ id, turns: 0, mirrored: false }, [...lengths], 'mm'),
  });
  return new RoomBuilder(must(made));
}
