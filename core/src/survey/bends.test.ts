import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { insertCorner } from '../commands/insert-corner';
import { moveFace } from '../commands/move-face';
import { pushPart } from '../commands/push-part';
import { putDivider } from '../commands/put-divider';
import { putMeasurement } from '../commands/put-measurement';
import { putOpening, usualOpening } from '../commands/put-opening';
import { removeCorner } from '../commands/remove-corner';
import { resizeFace } from '../commands/resize-face';
import { spaceOpenings } from '../commands/space-openings';
import { stretchRoom } from '../commands/stretch-room';
import { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { dimensionChains } from '../drawing/dimensions/chains';
import { drawPlan } from '../drawing/plan';
import { distance } from '../geometry/point';
import { contains, signedArea } from '../geometry/polygon';
import { checkReach } from '../reach/check-reach';
import type { Result } from '../result';
import { facePlacement } from '../setting/face-placement';
import { hug } from '../setting/hug';
import { itemBoxes } from '../setting/item-box';
import { freeStretches } from '../setting/open-lengths';
import { refusalText } from '../wording/refusal-text';
import { placedOpenings } from './openings';
import { facePoint, projectOn, spanOf } from './placed-face';
import { roomShape } from './room-shape';
import { wallOutside, wallRings } from './wall-outline';
import { zonesOf } from './zones';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const faceOf = (builder: RoomBuilder, letter: string) =>
  roomShape(builder.design).faces.find((face) => face.letter === letter)!;

/** A room of 4000 × 3000 whose face A is bent. */
function bent(depth: number): RoomBuilder {
  const builder = rectangle(4000, 3000);
  builder.run(bendFace, { face: 'face-a', bend: { depth: Math.abs(depth), side: depth > 0 ? 'out' : 'in' } });
  return builder;
}

describe('a bent face', () => {
  it('adds the area of its segment, and its length, and gives them back when straightened', () => {
    const builder = bent(2000);
    const half = (Math.PI * 2000 ** 2) / 2;
    const shape = roomShape(builder.design);
    expect(shape.area).toBeCloseTo(12e6 + half, 3);
    expect(shape.perimeter).toBeCloseTo(10_000 + Math.PI * 2000, 6);
    expect(shape.volume).toBeCloseTo((12e6 + half) * 2400, 0);
    expect(shape.wallArea).toBeCloseTo((10_000 + Math.PI * 2000) * 2400, 3);
    builder.run(bendFace, { face: 'face-a', bend: { depth: 500, side: 'in' } });
    // Radius 4250, segment area R²/2 (θ − sin θ).
    const turned = 4 * Math.atan(1000 / 4000);
    expect(roomShape(builder.design).area).toBeCloseTo(
      12e6 - (4250 ** 2 / 2) * (turned - Math.sin(turned)),
      3,
    );
    builder.run(bendFace, { face: 'face-a', bend: { depth: 0, side: 'out' } });
    expect(roomShape(builder.design).area).toBeCloseTo(12e6, 6);
    expect(recordOf(builder.design, 'face', 'face-a')).not.toHaveProperty('bend');
  });

  it('is bent by its radius, to less or more than a half circle', () => {
    const builder = rectangle(600, 3000);
    const depth = (more: boolean, side: 'in' | 'out') => {
      builder.run(bendFace, { face: 'face-a', bend: { radius: 500, more, side } });
      return recordOf(builder.design, 'face', 'face-a')!.bend;
    };
    expect(depth(false, 'out')).toBe(100);
    expect(depth(true, 'out')).toBe(900);
    expect(depth(false, 'in')).toBe(-100);
    const tight = bendFace.run(builder.design, {
      face: 'face-a',
      bend: { radius: 290, more: false, side: 'out' },
    });
    expect(sentence(tight)).toBe(
      'An arc of radius 290 mm does not span face A. Give at least 300 mm, half the straight length between its corners.',
    );
  });

  it('is bent to a length along it', () => {
    const builder = rectangle(2000, 3000);
    builder.run(bendFace, { face: 'face-a', bend: { along: Math.PI * 1000, side: 'out' } });
    expect(recordOf(builder.design, 'face', 'face-a')!.bend).toBeCloseTo(1000, 3);
    const short = bendFace.run(builder.design, { face: 'face-a', bend: { along: 1990, side: 'out' } });
    expect(sentence(short)).toContain('2000 mm from corner to corner');
  });

  it('may not cross another face', () => {
    const crossing = bendFace.run(rectangle(4000, 1000).design, {
      face: 'face-a',
      bend: { depth: 1200, side: 'in' },
    });
    expect(sentence(crossing)).toContain('would cross face');
  });

  it('gives every place along it and off it back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(-900, -200, 300, 1999, 2600),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: -150, max: 500, noNaN: true }),
        (depth, share, out) => {
          const face = faceOf(bent(depth), 'A');
          const there = projectOn(face, facePoint(face, share * face.length, out));
          expect(there.along).toBeCloseTo(share * face.length, 6);
          expect(there.out).toBeCloseTo(out, 6);
        },
      ),
    );
  });

  it('has a wall as thick as it is everywhere, met by its neighbours', () => {
    for (const depth of [-700, 400, 2600]) {
      const { faces } = roomShape(bent(depth).design);
      const [face] = faces;
      const ring = wallRings(faces)[0]!;
      const outside = ring.filter((point) => projectOn(face!, point).out < -1);
      for (const point of outside.slice(1, -1))
        expect(projectOn(face!, point).out).toBeCloseTo(-face!.thickness, 6);
      const walls = wallRings(faces).reduce((sum, one) => sum + Math.abs(signedArea(one)), 0);
      const band =
        Math.abs(signedArea(wallOutside(faces))) -
        Math.abs(signedArea(roomShape(bent(depth).design).outline));
      expect(walls).toBeCloseTo(band, 3);
    }
  });

  it('keeps its depth when it is moved or its corners part, and carries its measures along', () => {
    const builder = bent(400);
    builder.run(moveFace, { face: 'face-a', by: 250 });
    builder.run(resizeFace, { face: 'face-a', length: 4400, moves: 'right' });
    const face = faceOf(builder, 'A');
    expect([face.chord, face.record.bend]).toEqual([4400, 400]);
    expect(face.arc!.radius).toBeCloseTo(4400 ** 2 / 3200 + 200, 6);
    expect(roomShape(builder.design).faces[1]!.chord).toBeCloseTo(3250, 6);
  });
});

describe('openings on a bent face', () => {
  it('keep their straight width and their distance along it', () => {
    const builder = bent(2000);
    const id = builder.open('face-a', 'door', 1000, { width: 900 });
    const [door] = placedOpenings(builder.design);
    const face = faceOf(builder, 'A');
    expect(door!.left).toBeCloseTo(1000, 9);
    expect(distance(facePoint(face, door!.left), facePoint(face, door!.right))).toBeCloseTo(900, 6);
    expect(door!.right - door!.left).toBeCloseTo(2 * 2000 * Math.asin(900 / 4000), 6);
    builder.run(bendFace, { face: 'face-a', bend: { depth: 0, side: 'out' } });
    expect(recordOf(builder.design, 'opening', id)!.distance).toBe(1000);
  });

  it('are refused when they are wider than its circle, or past its end once it is straight', () => {
    const builder = rectangle(1000, 3000);
    builder.run(bendFace, { face: 'face-a', bend: { radius: 505, more: true, side: 'out' } });
    const usual = usualOpening('o', 'face-a', 'cased', 0, 'mm');
    expect(sentence(putOpening.run(builder.design, { ...usual, width: 1100 }))).toContain(
      'only 1010 mm across',
    );
    builder.run(putOpening, { ...usual, width: 600, distance: 900 });
    const straightened = bendFace.run(builder.design, { face: 'face-a', bend: { depth: 0, side: 'out' } });
    expect(sentence(straightened)).toContain('does not fit on face A');
  });

  it('are spaced equally along it', () => {
    const builder = bent(600);
    for (const distance of [100, 1200, 2300]) builder.open('face-a', 'window', distance, { width: 700 });
    builder.run(spaceOpenings, { face: 'face-a' });
    const face = faceOf(builder, 'A');
    const ends = placedOpenings(builder.design).flatMap(({ left, right }) => [left, right]);
    const gaps = [0, 2, 4, 6].map((i) => (ends[i] ?? face.length) - (i === 0 ? 0 : ends[i - 1]!));
    for (const gap of gaps) expect(gap).toBeCloseTo(gaps[0]!, 5);
  });
});

describe('items on a bent face', () => {
  const kind = fc.constantFrom('F300', 'F600', 'F900');
  const depth = fc.constantFrom(-900, -250, 180, 900, 2400);

  it('are hugged with their backs to it, never inside the wall, and read back the distance they were given', () => {
    fc.assert(
      fc.property(depth, kind, fc.double({ min: 0.02, max: 0.98, noNaN: true }), (bend, code, share) => {
        const builder = bent(bend);
        const width = Number(code.slice(1));
        const face = faceOf(builder, 'A');
        const setting = { width, depth: 560, low: 0, high: 870 };
        const { placement } = hug(builder.design, setting, facePoint(face, share * face.length, 300), 0);
        builder.place(code, placement);
        const [box] = itemBoxes(builder.design);
        const { findings } = checkReach(builder.design);
        expect(findings.filter(({ rule }) => rule === 'wall-collision')).toEqual([]);
        if (box!.against?.face.letter !== 'A') return;
        const front = facePoint(face, box!.against.along + width / 2, 600);
        expect(contains(roomShape(builder.design).outline, front)).toBe(true);
        expect(facePlacement(face, box!.against.along, width)).toEqual({ ...placement, off: 0 });
      }),
      { numRuns: 60 },
    );
  });

  it('stand side by side without going into each other, and leave what is left over as free', () => {
    for (const bend of [-900, 900]) {
      const builder = bent(bend);
      const face = faceOf(builder, 'A');
      const setting = { width: 600, depth: 560, low: 0, high: 870 };
      for (const share of [0.3, 0.45, 0.6])
        builder.place(
          'F600',
          hug(builder.design, setting, facePoint(face, share * face.length, 300), 600).placement,
        );
      expect(itemBoxes(builder.design).map(({ against }) => against?.face.letter)).toEqual(['A', 'A', 'A']);
      const { findings } = checkReach(builder.design);
      expect(
        findings.filter(({ verdict, rule }) => verdict !== 'clear' && rule.endsWith('collision')),
      ).toEqual([]);
      const free = freeStretches(builder.design, face, { depth: 560, low: 0, high: 870 });
      const left = free.reduce((sum, { length }) => sum + length, 0);
      // Toes of the side walls come into the band of a face that bends inwards; nothing else takes any of it.
      expect(left).toBeLessThanOrEqual(face.length - 3 * spanOf(face, 600, 560) + 3);
    }
  });
});

describe('reshaping a bent face', () => {
  it('puts a corner into it and takes it away again, with what stands on it where it was', () => {
    for (const depth of [-600, 500, 2500]) {
      const builder = bent(depth);
      builder.open('face-a', 'window', 400, { width: 600 });
      const item = builder.set('F300', 'face-a', 1500);
      const { area } = roomShape(builder.design);
      const stood = itemBoxes(builder.design)[0]!.origin;
      builder.run(insertCorner, { face: 'face-a', distance: 1300, id: 'face-n' });
      expect(roomShape(builder.design).area).toBeCloseTo(area, 2);
      expect(faceOf(builder, 'A').arc!.radius).toBeCloseTo(faceOf(builder, 'E').arc!.radius, 4);
      expect(recordOf(builder.design, 'item', item)!.placement).toMatchObject({
        face: 'face-n',
        distance: 200,
      });
      builder.run(removeCorner, { face: 'face-n' });
      expect(faceOf(builder, 'A').record.bend).toBeCloseTo(depth, 3);
      expect(recordOf(builder.design, 'item', item)!.placement).toMatchObject({ face: 'face-a' });
      expect(distance(itemBoxes(builder.design)[0]!.origin, stood)).toBeLessThan(0.01);
    }
  });

  it('joins the parts of a shallow arc again too', () => {
    const builder = bent(3);
    builder.run(insertCorner, { face: 'face-a', distance: 1300, id: 'face-n' });
    builder.run(removeCorner, { face: 'face-n' });
    expect(Math.abs(faceOf(builder, 'A').record.bend! - 3)).toBeLessThan(0.001);
  });

  it('says what can only be done on a straight one', () => {
    const { design } = bent(300);
    const ids = ['a', 'b', 'c', 'd', 'e'] as const;
    const pushed = pushPart.run(design, {
      face: 'face-a',
      from: 'left',
      distance: 500,
      width: 800,
      depth: 200,
      ids,
    });
    expect(sentence(pushed)).toContain('Face A is bent: a part can be pushed only on a straight one.');
    const stretched = stretchRoom.run(design, { through: { x: 1500, y: 0 }, towards: 0, by: 200 });
    expect(sentence(stretched)).toContain('Face A is bent');
    const taped = putMeasurement.run(design, {
      kind: 'measurement',
      id: 'm',
      from: { face: 'face-c', from: 'left', distance: 0 },
      to: { face: 'face-a', from: 'left', distance: 900 },
      length: 3000,
      standing: 'measured',
    });
    expect(sentence(taped)).toContain('was taped to a place on face A, which is bent');
  });

  it('is divided from a place along it', () => {
    const builder = bent(800);
    const { length } = faceOf(builder, 'A');
    const from = { face: 'face-a', from: 'left' as const, distance: length / 2 };
    const to = { face: 'face-c', from: 'left' as const, distance: 2000 };
    builder.run(putDivider, { kind: 'divider', id: 'd', name: 'Dining', from, to, side: 'left' });
    const zones = zonesOf(builder.design);
    expect(zones.map(({ area }) => Math.round(area / 1e3))).toEqual(
      [1, 1].map(() => Math.round(roomShape(builder.design).area / 2e3)),
    );
  });
});

describe('the plan of a bent face', () => {
  it('is dimensioned along the straight line between its corners, adding up, with its radius and depth told', () => {
    const builder = bent(1000);
    builder.open('face-a', 'window', 1500, { width: 900 });
    const chains = dimensionChains(builder.design).filter(({ face }) => face.letter === 'A');
    for (const { links, overall } of chains) {
      expect(overall.length).toBeCloseTo(4000, 9);
      expect(links.reduce((sum, { shown }) => sum + shown, 0)).toBeCloseTo(overall.shown, 9);
    }
    const texts = drawPlan(builder.design, 20).flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));
    expect(texts).toContain('R 2500, depth 1000');
  });
});
