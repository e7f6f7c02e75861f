import { editFaces } from '../commands/edit-faces';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { designOf, type Design } from '../document/design';
import type { FaceRecord, RoomRecord } from '../document/records';
import { must } from '../result';
import { checkDesign } from '../survey/check-design';
import { roomStandards } from '../survey/make-room';
import { faceLetter } from '../survey/room-shape';
import { toRadians } from '../units/angles';
import { RoomBuilder } from './build-room';

/** Length, mm, and inside angle at the start, degrees, of each face in walking order; null where the others decide. */
const walked: [number, number | null][] = [
  [1320, null],
  [310, 90],
  [1020, 270],
  [310, 270],
  [1840, 90],
  [700, 90],
  [420, 270],
  [1460, 90],
  [420, 90],
  [700, 270],
  [4115, 90],
  [2860, 91.3],
];
/** The last two lengths were not taped: they follow from the rest. */
const taped = 10;

/** A long kitchen with a chimney breast, a bay at one end, a low half wall to the passage and a wall 1.3 degrees out of square. */
export function galleyWithBay(): Design {
  const room: RoomRecord = {
    kind: 'room',
    id: 'room',
    name: 'Galley with bay',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2380,
    ...roomStandards('mm'),
    wallThickness: 180,
  };
  const faces = walked.map(([length, corner], index): FaceRecord => ({
    kind: 'face',
    id: `face-${faceLetter(index).toLowerCase()}`,
    length,
    lengthFrom: index < taped ? 'measured' : 'outline',
    corner: toRadians(corner ?? 90),
    cornerFrom: corner === null ? 'assumed' : 'measured',
  }));
  const loop = { kind: 'loop' as const, id: 'loop', faces: faces.map(({ id }) => id) };
  const builder = new RoomBuilder(must(checkDesign(designOf([room, loop, ...faces]))));
  builder.run(editFaces, { faces: ['face-f'], change: { wallHeight: 1050, cap: 30 } });
  builder.open('face-k', 'window', 900, { width: 1200 });
  builder.open('face-h', 'window', 150, { width: 1160, sill: 600, height: 1400 });
  builder.open('face-l', 'door', 900);
  builder.run(putFixed, {
    ...usualFixed(builder.design, 'pipe-box', 'pipe-box', 'face-k'),
    width: 200,
    depth: 200,
    placement: { on: 'face', face: 'face-k', from: 'right', distance: 0, off: 0 },
  });
  builder.set('F600-3', 'face-a', 120);
  builder.set('F600', 'face-a', 720);
  builder.set('COOK900', 'face-c', 60);
  builder.set('F500-3', 'face-e', 0);
  builder.set('F900', 'face-e', 500);
  builder.set('COLD600', 'face-k', 50);
  builder.set('F450', 'face-k', 650);
  builder.set('F800-S', 'face-k', 1100);
  builder.set('DISH600', 'face-k', 1900);
  builder.set('F900-3', 'face-k', 2500);
  return builder.design;
}
