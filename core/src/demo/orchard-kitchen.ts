import { setRoom } from '../commands/set-room';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { putSection } from '../commands/put-section';
import { fillGap } from '../commands/fill-gap';
import { leaveOpen } from '../commands/leave-open';
import type { Design } from '../document/design';
import { must } from '../result';
import { firstStand } from '../scene/walk';
import { makeRoom } from '../survey/make-room';
import { outlineFaces } from '../survey/outlines';
import { MM_PER_INCH } from '../units/units';
import { RoomBuilder } from './build-room';

const inches = (length: number) => length * MM_PER_INCH;

/** A row-house kitchen in feet and inches: an L with a small island. */
export function orchardKitchen(): Design {
  const made = makeRoom({
    name: 'Kitchen',
    unit: 'ft-in',
    step: inches(1 / 16),
    ceilingHeight: inches(96.5),
    faces: outlineFaces(
      { id: 'rectangle', turns: 0, mirrored: false },
      [inches(139), inches(112.5)],
      'ft-in',
    ),
  });
  const builder = new RoomBuilder(must(made));
  builder.open('face-a', 'window', inches(52));
  builder.open('face-d', 'door', inches(30), { action: 'pocket', hinge: 'right', casing: inches(2.5) });
  builder.run(putFixed, {
    ...usualFixed(builder.design, 'soffit', 'soffit', 'face-a'),
    width: inches(139),
    depth: inches(14),
    height: inches(12),
    up: inches(84.5),
  });
  builder.set('COLD36', 'face-a', inches(1));
  builder.set('B15-3', 'face-a', inches(37));
  builder.set('B36-S', 'face-a', inches(52));
  builder.set('DISH24', 'face-a', inches(88));
  builder.set('B36', 'face-b', 0);
  builder.run(fillGap, { id: 'filler-1', face: 'face-a', at: inches(113) });
  builder.set('F3', 'face-b', inches(36));
  builder.set('COOK30', 'face-b', inches(39));
  builder.set('B24-3', 'face-b', inches(69));
  builder.set('B18', 'face-b', inches(93));
  builder.set('U3612-V', 'face-a', inches(1));
  builder.set('U1530', 'face-a', inches(37));
  builder.set('U2430', 'face-a', inches(88));
  builder.set('HOOD30', 'face-b', inches(39));
  const right = builder.set('U2430', 'face-b', inches(69));
  builder.set('U2430', 'face-a', inches(112));
  const left = builder.set('U2430', 'face-b', inches(15));
  builder.set('U1830', 'face-b', inches(93));
  const filled = [
    ['face-b', 112, 'base'],
    ['face-a', 137.5, 'wall'],
    ['face-b', 13.5, 'wall'],
    ['face-b', 112, 'wall'],
  ] as const;
  for (const [index, [face, at, band]] of filled.entries())
    builder.run(fillGap, { id: `filler-${index + 2}`, face, at: inches(at), band });
  builder.run(leaveOpen, { id: 'air', face: 'face-a', at: inches(0.5), band: 'tall' });
  builder.place('B36', { on: 'floor', x: inches(72), y: -inches(91), turn: Math.PI });
  builder.set('BLIND3620', 'face-a', inches(52));
  builder.place('RUG48', { on: 'floor', x: inches(46), y: -inches(31), turn: 0 });
  // Through the window, the sink and the island, looking at the cooker.
  const from = { face: 'face-a', from: 'left', distance: inches(60) } as const;
  const to = { face: 'face-c', from: 'right', distance: inches(60) } as const;
  builder.run(putSection, { kind: 'section', id: 'section-1', name: '1', from, to, side: 'left' });
  const first = firstStand(builder.design);
  builder.stand('From the door', { x: inches(16), y: -inches(62) }, 0.35);
  builder.stand('Towards the range', first.at, first.turn);
  builder.light(
    [
      [inches(45), -inches(56)],
      [inches(96), -inches(56)],
    ],
    [left, right],
  );
  builder.run(setRoom, {
    splashHeight: inches(4),
    splashAtCooking: true,
    cornice: 'ogee',
    skirting: 'ogee',
    handleStyle: 'knob',
    frontFinish: 'Drift oak',
    handleFinish: 'Anchor black',
    plinthFinish: 'Tarred pine',
    trimFinish: 'Cuttle',
    topFinish: 'Skerry',
    floorFinish: 'Groyne',
    wallFinish: 'Chalk',
    dressingFinish: 'Fender blue',
  });
  return builder.design;
}
