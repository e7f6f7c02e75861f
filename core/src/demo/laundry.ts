import { editItems } from '../commands/edit-items';
import { fillGap } from '../commands/fill-gap';
import { leaveOpen } from '../commands/leave-open';
import { putMeasurement } from '../commands/put-measurement';
import type { Design } from '../document/design';
import type { Side } from '../document/records';
import { must } from '../result';
import { makeRoom } from '../survey/make-room';
import { outlineFaces } from '../survey/outlines';
import { MM_PER_INCH } from '../units/units';
import { RoomBuilder } from './build-room';

const inches = (length: number) => length * MM_PER_INCH;

/** A small laundry, taped with both diagonals: two machines under a shelf, a tall cupboard, a broom cupboard. */
export function laundry(): Design {
  const made = makeRoom({
    name: 'Laundry',
    unit: 'ft-in',
    step: inches(1 / 16),
    ceilingHeight: inches(96),
    faces: outlineFaces(
      { id: 'rectangle', turns: 0, mirrored: false },
      [inches(92), inches(64), inches(92.5), inches(64.25)],
      'ft-in',
    ),
  });
  const builder = new RoomBuilder(must(made));
  const diagonal = (id: string, from: string, to: string, side: Side, length: number) =>
    builder.run(putMeasurement, {
      kind: 'measurement',
      id,
      from: { face: from, from: side, distance: 0 },
      to: { face: to, from: side, distance: 0 },
      length: inches(length),
      standing: 'measured',
    });
  diagonal('diagonal-1', 'face-a', 'face-c', 'left', 112.4375);
  diagonal('diagonal-2', 'face-a', 'face-c', 'right', 112.1875);
  builder.open('face-c', 'door', inches(30), { width: inches(32), swing: 'out', casing: inches(2.5) });
  builder.set('T1884-B', 'face-a', inches(1));
  builder.set('WASH27', 'face-a', inches(20));
  builder.set('DRY27', 'face-a', inches(48));
  const broom = builder.set('T1584', 'face-a', inches(76));
  builder.run(editItems, { ids: [broom], change: { hand: 'right' } });
  builder.run(fillGap, { id: 'filler-1', face: 'face-a', at: inches(0.5), band: 'tall' });
  builder.run(leaveOpen, { id: 'air-1', face: 'face-a', at: inches(19.5) });
  builder.run(leaveOpen, { id: 'air-2', face: 'face-a', at: inches(47.5) });
  builder.run(leaveOpen, { id: 'air-3', face: 'face-a', at: inches(75.5) });
  builder.run(fillGap, { id: 'filler-2', face: 'face-a', at: inches(91.4), band: 'tall' });
  builder.place('PS48', { on: 'face', face: 'face-a', from: 'left', distance: inches(22), off: 0 });
  const colouring = { way: 'checker', finish: 'Pebbleback' } as const;
  const square = { w: inches(12), h: inches(12) };
  builder.tile(null, 'Jetty', { colouring, tile: square, angle: Math.PI / 4 });
  return builder.design;
}
