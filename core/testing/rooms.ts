import { RoomBuilder } from '../src/demo/build-room';
import { must } from '../src/result';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces } from '../src/survey/outlines';

/** A metric rectangle, faces A to D clockwise, as a builder to set things in. Lengths mm. */
export function rectangle(a = 4000, b = 3000, c: number | null = null, d: number | null = null): RoomBuilder {
  const made = makeRoom({
    name: 'Test room',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [a, b, c, d], 'mm'),
  });
  return new RoomBuilder(must(made));
}
