import { setFinish } from '../commands/set-finish';
import { setRoom } from '../commands/set-room';
import { editItems } from '../commands/edit-items';
import { editFaces } from '../commands/edit-faces';
import { fillGap } from '../commands/fill-gap';
import { leaveOpen } from '../commands/leave-open';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { putSection } from '../commands/put-section';
import { designOf, type Design } from '../document/design';
import type { ZonePlace, FaceRecord, RoomRecord } from '../document/records';
import { must } from '../result';
import { firstStand } from '../scene/walk';
import { checkDesign } from '../survey/check-design';
import { roomStandards } from '../survey/make-room';
import { faceLetter } from '../survey/face-letters';
import { roomShape } from '../survey/room-shape';
import { straightAcross } from '../survey/sections';
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

/** A peninsula past the half wall, worked at from the kitchen, with two stools in the bay. */
function peninsula(builder: RoomBuilder): void {
  const turn = -Math.PI / 2;
  builder.place('FL50', { on: 'floor', x: 4180, y: -560, turn });
  builder.place('F800', { on: 'floor', x: 4180, y: -610, turn });
  builder.place('STOOL380/650', { on: 'floor', x: 4590, y: -730, turn });
  builder.place('STOOL380/650', { on: 'floor', x: 4590, y: -1150, turn });
}

/** A blind at the window over the sink, a rug in the aisle, a plant in the bay, a lamp over the peninsula. */
function dress(builder: RoomBuilder): void {
  builder.set('BLIND1200/500', 'face-k', 900);
  builder.place('RUG1700', { on: 'floor', x: 1500, y: -1030, turn: 0 });
  builder.place('PLANT300/600', { on: 'floor', x: 4270, y: -1830, turn: 0 });
  const lamp = builder.place('PEND350', { on: 'floor', x: 4005, y: -900, turn: 0 });
  builder.run(editItems, { ids: [lamp], change: { up: 1580 } });
  builder.run(setFinish, { part: 'dressing', finish: 'Netting', to: { room: 'usual' } });
}

/** Fillers at the walls and beside the breast; air beside the hood and for the refrigerator's door. */
function closeRuns(builder: RoomBuilder): void {
  const filled = [
    ['face-a', 60, 'base'],
    ['face-a', 60, 'wall'],
    ['face-c', 30, 'base'],
    ['face-c', 990, 'base'],
    ['face-e', 1820, 'wall'],
    ['face-k', 3870, 'base'],
  ] as const;
  for (const [face, at, band] of filled)
    builder.run(fillGap, { id: `filler-${face}-${band}-${at}`, face, at, band });
  for (const [face, at, band] of [
    ['face-c', 30, 'wall'],
    ['face-c', 990, 'wall'],
    ['face-k', 25, 'tall'],
  ] as const)
    builder.run(leaveOpen, { id: `open-${face}-${at}`, face, at, band });
}

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
  builder.set('F600-3', 'face-e', 0);
  const corner = builder.set('F1200-C', 'face-e', 600);
  builder.run(editItems, { ids: [corner], change: { hand: 'right' } });
  builder.set('COLD600', 'face-k', 50);
  builder.set('F450', 'face-k', 650);
  builder.set('F800-S', 'face-k', 1100);
  builder.set('DISH600', 'face-k', 1900);
  builder.set('F900-3', 'face-k', 2500);
  builder.set('F450', 'face-k', 3400);
  const lit = builder.set('U600/720', 'face-a', 120);
  builder.set('U600/720', 'face-a', 720);
  builder.set('HOOD900', 'face-c', 60);
  builder.set('U600/720', 'face-e', 0);
  const lightUnder = builder.set('U900/720', 'face-e', 600);
  builder.set('U300/720', 'face-e', 1500);
  peninsula(builder);
  closeRuns(builder);
  dress(builder);
  // Through the cooker in its bay, looking at the window.
  const ends = straightAcross(builder.design, roomShape(builder.design).byId.get('face-c')!);
  builder.run(putSection, { kind: 'section', id: 'section-1', name: '1', ...ends, side: 'left' });
  const first = firstStand(builder.design);
  builder.stand('From the window', first.at, first.turn);
  builder.stand('From the door', { x: 500, y: -1_450 }, 0.1);
  builder.light(
    [
      [900, -1_450],
      [2_900, -1_450],
      [4_500, -1_450],
    ],
    [lit, lightUnder],
  );
  builder.run(setRoom, {
    splashHeight: 100,
    splashAtCooking: true,
    cornice: 'hollow',
    lightRail: 'square',
    skirting: 'bevelled',
    doorStyle: 'frame',
    handleStyle: 'cup',
    frontFinish: 'Kelp',
    handleFinish: 'Burnished brass',
    plinthFinish: 'Kelp',
    trimFinish: 'Cuttle',
    topFinish: 'Drift oak',
    floorFinish: 'Marram',
    wallFinish: 'Chalk',
  });
  builder.tile(null, 'Marram', { threshold: 100 });
  // In the nook of the bay: a weave within a border.
  const weave = { pattern: { type: 'herringbone90' }, tile: { w: 150, h: 75 } } as const;
  const border = { inset: 0, tile: { w: 197, h: 100 }, corners: 'mitre', finish: 'Jetty' } as const;
  const begun = { origin: { x: 4_097, y: -1_697 }, corners: nook() };
  builder.tile(null, 'Brine', { ...weave, ...begun, border, name: 'Inlay of the nook' });
  return builder.design;
}

/** A rectangle of floor before the window of the bay, with a joint about what is laid in it. */
function nook(): ZonePlace[] {
  const [left, right, bottom, top] = [3_719, 4_549, -2_086, -1_462];
  return [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
}
