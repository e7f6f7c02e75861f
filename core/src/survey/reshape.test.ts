import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { insertCorner } from '../commands/insert-corner';
import { moveFace } from '../commands/move-face';
import { pushPart } from '../commands/push-part';
import { putMeasurement } from '../commands/put-measurement';
import { removeCorner } from '../commands/remove-corner';
import { resizeFace } from '../commands/resize-face';
import { editFaces } from '../commands/edit-faces';
import { stretchRoom } from '../commands/stretch-room';
import { putStandpoint } from '../commands/put-standpoint';
import { setRoom } from '../commands/set-room';
import { setFaceLength } from '../commands/set-face-length';
import { galleyWithBay } from '../demo/galley-with-bay';
import { RoomBuilder } from '../demo/build-room';
import { recordOf, recordsOf, roomOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import { recordFaults } from '../document/validate-design';
import { distance, type Point } from '../geometry/point';
import { must, type Result } from '../result';
import { itemBoxes } from '../setting/item-box';
import { refusalText } from '../wording/refusal-text';
import { placedOpenings } from './openings';
import { reshape, walkedFaces } from './reshape';
import { faceLetter } from './face-letters';
import { roomShape } from './room-shape';
import { sharedShift } from './shared-shift';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const lengths = (design: Design) => roomShape(design).faces.map(({ length }) => length);
const ids = ['r1', 'front', 'r2', 'rest', 'whole'] as const;
/** Distances between all pairs of places: the same when nothing has moved, whatever the coordinates. */
const spread = (places: Point[]) => places.flatMap((a) => places.map((b) => distance(a, b)));

describe('moving a face', () => {
  it('lengthens its neighbours and keeps every direction and everything on the other faces', () => {
    const builder = new RoomBuilder(galleyWithBay());
    const before = roomShape(builder.design);
    builder.run(moveFace, { face: 'face-l', by: 250 });
    const after = roomShape(builder.design);
    after.faces.forEach(({ corner }, i) => expect(corner).toBeCloseTo(before.faces[i]!.corner, 9));
    const lean = Math.cos((1.3 * Math.PI) / 180);
    expect(after.faces[0]!.length).toBeCloseTo(1320 + 250 / lean, 4);
    expect(after.faces[10]!.length).toBeCloseTo(before.faces[10]!.length + 250 / lean, 4);
    const door = placedOpenings(builder.design).find(({ name }) => name === 'D1')!;
    expect(door.left).toBeCloseTo(900, 6);
  });

  it('gives nothing that can’t be, however far what was measured is from what it came out as', () => {
    const builder = new RoomBuilder(galleyWithBay());
    const wrong = {
      ...({ kind: 'measurement', id: 'taped', standing: 'measured', length: 3000 } as const),
      from: { face: 'face-a', from: 'left', distance: 0 } as const,
      to: { face: 'face-c', from: 'right', distance: 80.6 } as const,
    };
    builder.run(putMeasurement, wrong);
    // Measured as 310, it comes out longer by more than is left of it then.
    const found = roomShape(builder.design).byId.get('face-b')!;
    expect(found.length).toBeGreaterThan(310 + 50);
    for (const by of [-314, -500, 260]) {
      const moved = moveFace.run(builder.design, { face: 'face-a', by });
      if (!moved.ok) continue;
      for (const { after } of moved.value) if (after) expect(recordFaults(after.id, after, 'r')).toEqual([]);
    }
  });

  it('there and back again leaves the room as it was', () => {
    fc.assert(
      fc.property(fc.nat(11), fc.double({ min: -100, max: 400, noNaN: true }), (index, by) => {
        const start = galleyWithBay();
        const face = `face-${faceLetter(index).toLowerCase()}`;
        const out = moveFace.run(start, { face, by });
        if (!out.ok) return;
        const moved = must(applyPatch(start, out.value));
        const back = must(applyPatch(moved, must(moveFace.run(moved, { face, by: -by }))));
        lengths(back).forEach((length, i) => expect(length).toBeCloseTo(lengths(start)[i]!, 4));
      }),
      { numRuns: 40 },
    );
  });

  it('leaves what stands free on the floor in its place, though the first corner moves', () => {
    const builder = rectangle();
    builder.place('F600', { on: 'floor', x: 2000, y: -1500, turn: 0.3 });
    const places = () => [
      ...itemBoxes(builder.design)[0]!.footprint,
      ...roomShape(builder.design).outline.slice(1, 3),
    ];
    const before = spread(places());
    builder.run(moveFace, { face: 'face-d', by: 500 });
    spread(places()).forEach((apart, i) => expect(apart).toBeCloseTo(before[i]!, 4));
    expect(lengths(builder.design)[0]).toBeCloseTo(4500, 6);
  });

  it('leaves where one stands and looks in its place, and north where it is, though the first corner moves or turns', () => {
    const builder = rectangle(4000, 3000, 4000, 3000);
    builder.place('F600', { on: 'floor', x: 2000, y: -1500, turn: 0.3 });
    const standpoint = {
      kind: 'standpoint',
      id: 'p',
      name: 'Door',
      x: 700,
      y: -2500,
      eye: 1600,
      turn: 1.2,
      nod: 0,
    } as const;
    builder.run(putStandpoint, standpoint);
    builder.run(setRoom, { north: 0.4 });
    const seen = () => {
      const { x, y, turn } = recordOf(builder.design, 'standpoint', 'p')!;
      const [box] = itemBoxes(builder.design);
      const looked = { x: x + 100 * Math.cos(turn), y: y + 100 * Math.sin(turn) };
      const north = box!.turn - roomOf(builder.design).north!;
      const apart = spread([
        ...box!.footprint,
        { x, y },
        looked,
        roomShape(builder.design).byId.get('face-c')!.start,
      ]);
      return [...apart, north];
    };
    const before = seen();
    builder.run(moveFace, { face: 'face-d', by: 500 });
    seen().forEach((one, i) => expect(one).toBeCloseTo(before[i]!, 4));
    expect(recordOf(builder.design, 'standpoint', 'p')!.x).toBeCloseTo(1200, 6);
    // A corner put into the first face and pulled out turns it.
    builder.run(insertCorner, { face: 'face-a', distance: 2000, id: 'bent' });
    const walked = walkedFaces(builder.design);
    walked[1]!.at = { x: 2000, y: 400 };
    const { written, removed } = must(reshape(builder.design, walked));
    builder.design = must(applyPatch(builder.design, patchOf(builder.design, written, removed)));
    seen().forEach((one, i) => expect(one).toBeCloseTo(before[i]!, 4));
    expect(roomOf(builder.design).north).not.toBeCloseTo(0.4, 2);
  });

  it('shifts what is seen by what most corners seem to move', () => {
    const builder = new RoomBuilder(galleyWithBay());
    const before = roomShape(builder.design);
    builder.run(moveFace, { face: 'face-d', by: 100 });
    expect(sharedShift(before, roomShape(builder.design))).toMatchObject({
      x: expect.closeTo(0, 3),
      y: expect.closeTo(0, 3),
    });
    const middle = roomShape(builder.design);
    builder.run(moveFace, { face: 'face-l', by: 100 });
    const { x, y } = sharedShift(middle, roomShape(builder.design));
    expect([x, y]).toEqual([expect.closeTo(100 / Math.cos((1.3 * Math.PI) / 180), 3), expect.closeTo(0, 3)]);
  });

  it('excludes taped distances that no longer hold, and keeps the others', () => {
    const builder = rectangle(4000, 3000, 4000, 3000);
    const tape = (id: string, from: string, to: string, length: number) =>
      builder.run(putMeasurement, {
        kind: 'measurement',
        id,
        length,
        standing: 'measured',
        from: { face: from, from: 'left', distance: 0 },
        to: { face: to, from: 'left', distance: 0 },
      });
    tape('p', 'face-a', 'face-c', 5000);
    builder.run(pushPart, { face: 'face-a', from: 'left', distance: 1000, width: 800, depth: 400, ids });
    tape('q', 'r1', 'r2', Math.hypot(800, 400));
    builder.run(moveFace, { face: 'face-c', by: 100 });
    expect(recordOf(builder.design, 'measurement', 'p')).toMatchObject({
      standing: 'excluded',
      length: 5000,
    });
    expect(recordOf(builder.design, 'measurement', 'q')).toMatchObject({ standing: 'measured' });
    expect(lengths(builder.design)[5]).toBeCloseTo(3100, 6);
  });

  it.each([
    ['past its neighbours', { face: 'face-c', by: -3100 }, 'would be left with no length'],
    ['by nonsense', { face: 'face-c', by: 1e9 }, 'The distance moved can’t be'],
    ['that is not there', { face: 'face-x', by: 1 }, 'no longer in this room'],
  ])('is refused %s', (_, args, reason) => {
    expect(sentence(moveFace.run(rectangle().design, args))).toContain(reason);
  });
});

describe('resizing a face', () => {
  it('moves the end that was chosen', () => {
    for (const moves of ['left', 'right'] as const) {
      const builder = rectangle();
      builder.place('F600', { on: 'floor', x: 2000, y: -1500, turn: 0 });
      builder.run(resizeFace, { face: 'face-a', length: 4300, moves });
      expect(lengths(builder.design)[0]).toBeCloseTo(4300, 6);
      const { faces } = roomShape(builder.design);
      const box = itemBoxes(builder.design)[0]!;
      expect(box.origin.x - faces[0]!.start.x).toBeCloseTo(moves === 'left' ? 2300 : 2000, 6);
    }
  });
});

describe('corners', () => {
  it('put in and taken out again leave the room, its openings and items where they were', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 2600);
    builder.set('F600', 'face-a', 300);
    builder.run(insertCorner, { face: 'face-a', distance: 2000, id: 'new' });
    expect(lengths(builder.design).map(Math.round)).toEqual([2000, 2000, 3000, 4000, 3000]);
    const [door] = placedOpenings(builder.design);
    expect([door!.face.id, door!.left]).toEqual(['new', 600]);
    builder.run(removeCorner, { face: 'new' });
    expect(lengths(builder.design)[0]).toBeCloseTo(4000, 6);
    expect(placedOpenings(builder.design)[0]!.left).toBeCloseTo(2600, 6);
    expect(itemBoxes(builder.design)[0]!.against!.along).toBe(300);
  });

  it('are refused through an opening, and the last three are kept', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 1600);
    expect(
      sentence(insertCorner.run(builder.design, { face: 'face-a', distance: 2000, id: 'new' })),
    ).toContain('D1 on face A would be cut in two');
    builder.run(removeCorner, { face: 'face-c' });
    expect(roomShape(builder.design).faces).toHaveLength(3);
    expect(sentence(removeCorner.run(builder.design, { face: 'face-a' }))).toContain('at least 3 faces');
  });
});

describe('stretching the room', () => {
  it('moves all that is beyond the line, and nothing before it', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 300);
    builder.set('F500-3', 'face-a', 3000);
    builder.open('face-c', 'window', 400, { width: 900 });
    builder.place('F600', { on: 'floor', x: 3000, y: -1800, turn: 0 });
    for (const [id, x] of [
      ['near', 1200],
      ['far', 2800],
    ] as const)
      builder.run(putStandpoint, {
        kind: 'standpoint',
        id,
        name: id,
        x,
        y: -2600,
        eye: 1600,
        turn: 0,
        nod: 0,
      });
    builder.run(stretchRoom, { through: { x: 2000, y: 0 }, towards: 0, by: 350 });
    expect(recordsOf(builder.design, 'standpoint').map(({ x }) => x)).toEqual([3150, 1200]);
    expect(lengths(builder.design).map((l) => +l.toFixed(6))).toEqual([4350, 3000, 4350, 3000]);
    const places = itemBoxes(builder.design).map(({ origin }) => +origin.x.toFixed(4));
    expect(places).toEqual([300, 3350, 3350]);
    const [window] = placedOpenings(builder.design);
    expect(window!.left).toBeCloseTo(400, 6);
    builder.run(stretchRoom, { through: { x: 2000, y: 0 }, towards: Math.PI, by: 100 });
    const after = itemBoxes(builder.design);
    expect(after.map(({ origin }) => +(origin.x - after[0]!.origin.x).toFixed(4))).toEqual([0, 3150, 3150]);
  });

  it('is refused through an opening, and past the other end', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 1600);
    const through = { x: 2000, y: 0 };
    expect(sentence(stretchRoom.run(builder.design, { through, towards: 0, by: 300 }))).toContain(
      'D1 on face A would be cut in two',
    );
    expect(sentence(stretchRoom.run(rectangle().design, { through, towards: 0, by: -4100 }))).toContain(
      'would be left with no length',
    );
  });
});

describe('several faces', () => {
  it('take a thickness of their own at once, and give it up again', () => {
    const builder = rectangle();
    const faces = ['face-a', 'face-c'];
    builder.run(editFaces, { faces, change: { thickness: 240, finish: 'PT2' } });
    expect(recordOf(builder.design, 'face', 'face-c')).toMatchObject({ thickness: 240, finish: 'PT2' });
    builder.run(editFaces, { faces, change: { thickness: null, finish: '' } });
    expect(builder.design).toEqual(rectangle().design);
    expect(sentence(editFaces.run(builder.design, { faces, change: { wallHeight: 20 } }))).toContain(
      'The wall height can’t be 20 mm',
    );
    expect(sentence(editFaces.run(builder.design, { faces, change: { corner: 0 } }))).toContain(
      'from 3 to 357',
    );
  });
});

describe('pushing a part of a face', () => {
  it('out makes a bay, exactly square, even in a room that is not', () => {
    const builder = rectangle(4000, 3000, 4012, 2996);
    const before = roomShape(builder.design);
    builder.run(pushPart, { face: 'face-c', from: 'right', distance: 700, width: 1460, depth: 420, ids });
    const { faces, outline, area } = roomShape(builder.design);
    const [left, leftReturn, front, rightReturn, rest] = faces.slice(2, 7);
    expect(
      [leftReturn!.length, front!.length, rightReturn!.length, rest!.length].map((l) => +l.toFixed(4)),
    ).toEqual([420, 1460, 420, 700]);
    expect(left!.length).toBeCloseTo(4012 - 700 - 1460, 4);
    expect(left!.turn).toBeCloseTo(rest!.turn, 9);
    expect(area - before.area).toBeCloseTo(1460 * 420, 0);
    [0, 1, 2].forEach((i) => expect(distance(outline[i]!, before.outline[i]!)).toBeLessThan(0.2));
  });

  it('in makes a breast, and takes what stands there with it', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 1200);
    builder.set('F500-3', 'face-a', 3000);
    builder.open('face-a', 'window', 1900, { width: 300 });
    builder.run(pushPart, { face: 'face-a', from: 'left', distance: 1000, width: 1300, depth: -300, ids });
    const boxes = itemBoxes(builder.design).map(({ against }) => [against!.face.id, against!.along]);
    expect(boxes).toEqual([
      ['front', 200],
      ['rest', 700],
    ]);
    expect(placedOpenings(builder.design)[0]).toMatchObject({ left: 900 });
    expect(roomShape(builder.design).area).toBeCloseTo(12e6 - 1300 * 300, 3);
    expect(
      lengths(builder.design)
        .slice(0, 5)
        .map((l) => +l.toFixed(6)),
    ).toEqual([1000, 300, 1300, 300, 1700]);
  });

  it('follows the whole length when that is measured again', () => {
    const builder = rectangle(4000, 3000);
    builder.run(pushPart, { face: 'face-a', from: 'left', distance: 1000, width: 1300, depth: -300, ids });
    const whole = recordOf(builder.design, 'measurement', 'whole')!;
    builder.run(putMeasurement, { ...whole, length: 4010 });
    expect(lengths(builder.design)[4]).toBeCloseTo(1710, 5);
    builder.run(setFaceLength, { face: 'front', length: 1290 });
    expect(lengths(builder.design)[4]).toBeCloseTo(1720, 5);
  });

  it.each([
    ['past the end', { distance: 3000, width: 1200, depth: 300 }, 'past face A, which is 4000 mm long'],
    ['without depth', { distance: 1000, width: 800, depth: 0 }, 'The depth can’t be 0 mm'],
    ['through the opposite wall', { distance: 1000, width: 800, depth: -3500 }, 'would cross'],
  ])('is refused %s', (_, sizes, reason) => {
    const push = { face: 'face-a', from: 'left', ids, ...sizes } as const;
    expect(sentence(pushPart.run(rectangle().design, push))).toContain(reason);
  });
});
