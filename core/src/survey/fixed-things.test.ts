import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { moveFace } from '../commands/move-face';
import { pushPart } from '../commands/push-part';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { putService } from '../commands/put-service';
import type { FixedType } from '../document/fixture-types';
import type { FixedRecord, Placement } from '../document/records';
import { drawPlan } from '../drawing/plan';
import { distance } from '../geometry/point';
import { boundsOf, signedArea } from '../geometry/polygon';
import { checkReach } from '../reach/check-reach';
import { sayFinding } from '../wording/rule-texts';
import { hug } from '../setting/hug';
import { itemBoxes } from '../setting/item-box';
import { tiesOf } from '../setting/ties';
import type { Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { setFaceLength } from '../commands/set-face-length';
import { headroom } from './ceiling';
import { fixedThings } from './fixed-things';
import { roomShape } from './room-shape';
import { placedServices, usualServiceHeight } from './services';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const withThing = (type: FixedType, change: Partial<FixedRecord> = {}) => {
  const builder = rectangle();
  builder.run(putFixed, { ...usualFixed(builder.design, 'thing', type, 'face-a'), ...change });
  return builder;
};
const at = (distance: number): Placement => ({ on: 'face', face: 'face-a', from: 'left', distance, off: 0 });

describe('a fixed thing', () => {
  it('takes up its stretch of the run: a cabinet hugs beside it and is tied to it', () => {
    const builder = withThing('pipe-box', { placement: at(1000) });
    const cabinet = { width: 600, depth: 560, low: 0, high: 870 };
    const landing = hug(builder.design, cabinet, { x: 1480, y: -280 }, 60);
    expect(landing).toMatchObject({ placement: { distance: 1150 }, caught: { by: 'fixed', id: 'thing' } });
    builder.set('F600', 'face-a', 1200);
    const left = tiesOf(builder.design, itemBoxes(builder.design)[0]!).find(({ side }) => side === 'left');
    expect(left).toMatchObject({ distance: 50, to: { kind: 'fixed', id: 'thing' } });
  });

  it('is run into, where it has the height of what runs into it', () => {
    const collisions = (type: FixedType) => {
      const builder = withThing(type, { placement: at(300) });
      builder.set('F600', 'face-a', 350);
      return checkReach(builder.design)
        .findings.filter(({ rule }) => rule === 'item-collision')
        .map((finding) => sayFinding(builder.design, finding));
    };
    expect(collisions('chase')).toEqual([
      expect.stringMatching(/Base cabinet 1 and the chase go 250 mm into each other/),
    ]);
    expect(collisions('soffit')).toEqual([]);
  });

  it('stands in the way of a door', () => {
    const builder = withThing('radiator', {
      placement: { on: 'face', face: 'face-d', from: 'right', distance: 200, off: 0 },
    });
    builder.open('face-a', 'door', 50);
    const sentences = checkReach(builder.design).findings.map((finding) =>
      sayFinding(builder.design, finding),
    );
    expect(sentences).toContainEqual(
      expect.stringMatching(/Door D1 hits the radiator: it stands \d+ mm inside the swing/),
    );
  });

  it('that is round holds its circle, and little more', () => {
    const [column] = fixedThings(
      withThing('round-column', { placement: { on: 'floor', x: 1000, y: -1000, turn: 0 } }).design,
    );
    const { centre, radius } = column!.circle!;
    expect(centre).toEqual({ x: 1150, y: -1150 });
    for (const { x, y } of column!.footprint)
      expect(Math.hypot(x - centre.x, y - centre.y)).toBeCloseTo(radius / Math.cos(Math.PI / 24), 9);
  });

  it('is refused past the end of its face, and keeps the face from being made shorter', () => {
    const builder = withThing('radiator', { placement: at(3000) });
    const service = { kind: 'service', id: 's', type: 'socket', up: 300, placement: at(4100) } as const;
    expect(sentence(putService.run(builder.design, service))).toContain('The socket does not fit on face A');
    expect(sentence(setFaceLength.run(builder.design, { face: 'face-a', length: 3700 }))).toContain(
      'The radiator does not fit on face A: it would reach from 3000 mm to 3800 mm',
    );
  });

  it('goes with its face when the room changes, as services do', () => {
    const builder = withThing('radiator', { placement: at(2600) });
    builder.run(putService, { kind: 'service', id: 'tap', type: 'cold', up: 550, placement: at(1300) });
    builder.run(putService, {
      kind: 'service',
      id: 'lamp',
      type: 'light',
      up: 2400,
      placement: { on: 'floor', x: 2000, y: -1500, turn: 0 },
    });
    builder.run(pushPart, {
      face: 'face-a',
      from: 'left',
      distance: 1000,
      width: 800,
      depth: 300,
      ids: ['r1', 'front', 'r2', 'rest', 'whole'],
    });
    expect(fixedThings(builder.design)[0]!.against).toMatchObject({ face: { id: 'rest' }, along: 800 });
    const tap = placedServices(builder.design).find(({ id }) => id === 'tap')!;
    expect(tap.against!.face.id).toBe('front');
    expect(tap.at).toMatchObject({ x: expect.closeTo(1300, 6), y: expect.closeTo(300, 6) });
    builder.run(moveFace, { face: 'face-d', by: 250 });
    const lamp = placedServices(builder.design).find(({ id }) => id === 'lamp')!;
    expect(lamp.at.x).toBeCloseTo(2250, 6);
  });
});

describe('services', () => {
  it('have usual heights, and a symbol each on the plan', () => {
    expect(usualServiceHeight('light', 'mm', 2400)).toBe(2400);
    expect(usualServiceHeight('socket', 'ft-in', 2400)).toBeCloseTo(44 * 25.4, 9);
    const builder = rectangle();
    builder.run(putService, { kind: 'service', id: 's', type: 'gas', up: 100, placement: at(900) });
    const marks = drawPlan(builder.design, 20).filter(({ source }) => source === 's');
    expect(marks.map(({ layer }) => layer)).toEqual(['services', 'services', 'services']);
    expect(
      putService.run(builder.design, { kind: 'service', id: 's', type: 'gas', up: -1, placement: at(0) }).ok,
    ).toBe(false);
  });
});

describe('a sloped ceiling', () => {
  const sloped = () => {
    const builder = rectangle();
    builder.run(editFaces, { faces: ['face-a', 'face-b'], change: { ceilingHeight: 2000 } });
    builder.run(editFaces, { faces: ['face-c', 'face-d'], change: { ceilingHeight: 2600 } });
    return builder;
  };

  it('is the plane through its corners: room area times the mean height', () => {
    const { ceiling, volume, wallArea } = roomShape(sloped().design);
    expect(volume).toBeCloseTo(4000 * 3000 * 2300, 0);
    expect(wallArea).toBeCloseTo(4000 * 2000 + 4000 * 2600 + 2 * 3000 * 2300, 3);
    const square = (x: number, y: number) => [
      { x, y },
      { x: x + 500, y },
      { x: x + 500, y: y - 600 },
      { x, y: y - 600 },
    ];
    expect(headroom(ceiling, square(100, 0))).toBeCloseTo(2000, 6);
    expect(headroom(ceiling, square(3400, -1500))).toBeCloseTo(2300, 6);
    expect(headroom(ceiling, square(9000, 0))).toBe(Infinity);
  });

  it('is met by tall items under its low side only', () => {
    const builder = sloped();
    const tall = builder.set('COLD600', 'face-a', 500);
    const low = () =>
      checkReach(builder.design).findings.filter(({ rule }) => rule === 'wall-collision').length;
    const before = low();
    const record = itemBoxes(builder.design).find(({ id }) => id === tall)!.record;
    const design = {
      ...builder.design,
      records: { ...builder.design.records, [tall]: { ...record, height: 2100 } },
    };
    const found = checkReach(design).findings.filter(({ rule }) => rule === 'wall-collision');
    expect([before, found.length]).toEqual([0, 1]);
    expect(sayFinding(design, found[0]!)).toBe('Refrigerator 1 goes 100 mm into the ceiling.');
  });
});

describe('an outline of its own', () => {
  /** An L in the corner of faces A and B: 2000 along A, 350 deep, with a leg of 400 that runs 1200 down. */
  const corners = [
    { along: 0, out: 0 },
    { along: 2000, out: 0 },
    { along: 2000, out: 1200 },
    { along: 1600, out: 1200 },
    { along: 1600, out: 350 },
    { along: 0, out: 350 },
  ];
  const inCorner: Placement = { on: 'face', face: 'face-a', from: 'right', distance: 0, off: 0 };

  it('has its corners where they are given, whichever way round, and its extent as size', () => {
    for (const given of [corners, [...corners].reverse()]) {
      const builder = withThing('soffit', { width: 2000, placement: inCorner, corners: given });
      const [thing] = fixedThings(builder.design);
      expect(thing!.record).toMatchObject({ width: 2000, depth: 1200 });
      expect(Math.abs(signedArea(thing!.footprint))).toBeCloseTo(2000 * 350 + 400 * 850, 6);
      expect(thing!.pieces.reduce((sum, piece) => sum + Math.abs(signedArea(piece)), 0)).toBeCloseTo(
        1_040_000,
        6,
      );
      expect(boundsOf(thing!.footprint)).toEqual({ left: 2000, right: 4000, top: 0, bottom: -1200 });
    }
  });

  it('keeps every other corner in place when one is moved past its extent', () => {
    for (const placement of [inCorner, at(1000), { on: 'floor', x: 1500, y: -900, turn: 0.4 } as const]) {
      const builder = withThing('soffit', { width: 2000, placement, corners });
      const before = fixedThings(builder.design)[0]!;
      const moved = before.record.corners!.map((corner, index) =>
        index === 5 || index === 0 ? { ...corner, along: corner.along - 300 } : corner,
      );
      builder.run(putFixed, { ...before.record, corners: moved });
      const after = fixedThings(builder.design)[0]!;
      expect(after.record.width).toBe(2300);
      for (const index of [1, 2, 3, 4])
        expect(distance(after.footprint[index]!, before.footprint[index]!)).toBeLessThan(1e-5);
      expect(distance(after.footprint[0]!, before.footprint[0]!)).toBeCloseTo(300, 5);
    }
  });

  it('is run into only where it is, and leaves its notch free', () => {
    const column = { ...usualFixed(rectangle().design, 'thing', 'column', 'face-a'), width: 2000, corners };
    const builder = rectangle();
    builder.run(putFixed, { ...column, placement: inCorner });
    const cabinet = { width: 600, depth: 560, low: 0, high: 870 };
    builder.place('F600', { on: 'floor', x: 2500, y: -400, turn: 0 });
    const collisions = () =>
      checkReach(builder.design).findings.filter(({ rule }) => rule === 'item-collision');
    expect(collisions()).toEqual([]);
    builder.place('F600', { on: 'floor', x: 3100, y: -500, turn: 0 });
    expect(collisions().map(({ measured }) => Math.round(measured))).toContain(100);
    const landing = hug(builder.design, cabinet, { x: 1700, y: -300 }, 400);
    expect(landing).toMatchObject({ placement: { distance: 1400 }, caught: { by: 'fixed' } });
  });

  it('is refused where its sides cross or it has none', () => {
    const crossed = [corners[0]!, corners[2]!, corners[1]!, corners[3]!];
    const { design } = withThing('soffit');
    const soffit = fixedThings(design)[0]!.record;
    for (const wrong of [crossed, corners.slice(0, 2)])
      expect(sentence(putFixed.run(design, { ...soffit, corners: wrong }))).toContain('make no outline');
  });
});
