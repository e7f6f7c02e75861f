import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { editFaces } from '../commands/edit-faces';
import { putOpening, usualOpening } from '../commands/put-opening';
import { setFaceLength } from '../commands/set-face-length';
import { galleyWithBay } from '../demo/galley-with-bay';
import { distance, type Point } from '../geometry/point';
import { must, type Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { rectangle } from '../../testing/rooms';
import { makeRoom } from './make-room';
import { outlineFaces } from './outlines';
import { doorSweeps, placedOpenings } from './openings';
import { faceLetter } from './face-letters';
import { roomShape } from './room-shape';
import { computedValue, insideAngle } from './observations';
import { solveLoop, type LoopDistance, type LoopFace } from './solve-loop';

const room = (lengths: [number, number, number | null, number | null]) =>
  makeRoom({
    name: 'Room',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, lengths, 'mm'),
  });
/** The third corner of the quadrilateral of these lengths whose corners are nearest square, by golden section over the first corner's angle. */
function squarest([a, b, c, d]: [number, number, number, number]): Point {
  const corners = (turn: number): Point[] => {
    const [foot, start] = [
      { x: d * Math.sin(turn), y: -d * Math.cos(turn) },
      { x: a, y: 0 },
    ];
    const apart = distance(foot, start);
    const along = (apart ** 2 + c ** 2 - b ** 2) / (2 * apart);
    const off = Math.sqrt(Math.max(0, c ** 2 - along ** 2));
    const u = { x: (start.x - foot.x) / apart, y: (start.y - foot.y) / apart };
    return [
      { x: 0, y: 0 },
      start,
      { x: foot.x + u.x * along + u.y * off, y: foot.y + u.y * along - u.x * off },
      foot,
    ];
  };
  const cost = (turn: number) => {
    const loop = corners(turn);
    return loop.reduce(
      (sum, at, i) => sum + (insideAngle(loop[(i + 3) % 4]!, at, loop[(i + 1) % 4]!) - Math.PI / 2) ** 2,
      0,
    );
  };
  let [low, high] = [-0.25, 0.25];
  for (let round = 0; round < 80; round++) {
    const [p, q] = [high - (high - low) * 0.618034, low + (high - low) * 0.618034];
    if (cost(p) < cost(q)) high = q;
    else low = p;
  }
  return corners((low + high) / 2)[2]!;
}

/** Measured lengths and corners assumed square. */
const loopFaces = (lengths: number[]): LoopFace[] =>
  lengths.map((length, index) => ({
    id: `face-${index}`,
    name: faceLetter(index),
    length,
    lengthStanding: 'measured',
    lengthSigma: 2,
    corner: Math.PI / 2,
    cornerStanding: 'assumed',
    cornerSigma: 0.0035,
  }));
const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));

describe('a four-sided room', () => {
  it('is a rectangle from two lengths', () => {
    const { outline, area, perimeter, faces, misclosure } = roomShape(must(room([4180, 2860, null, null])));
    const corners: Point[] = [
      { x: 0, y: 0 },
      { x: 4180, y: 0 },
      { x: 4180, y: -2860 },
      { x: 0, y: -2860 },
    ];
    outline.forEach((corner, index) => expect(distance(corner, corners[index]!)).toBeLessThan(1e-6));
    expect(area).toBeCloseTo(4180 * 2860, 3);
    expect(perimeter).toBeCloseTo(2 * (4180 + 2860), 6);
    expect(misclosure.length).toBeLessThan(1e-9);
    expect(faces.map(({ letter }) => letter).join('')).toBe('ABCD');
  });

  it('meets four lengths exactly, corners as near square as can be: against a search over the open angle', () => {
    const length = fc.double({ min: 2000, max: 4000, noNaN: true });
    fc.assert(
      fc.property(
        length,
        length,
        fc.double({ min: -150, max: 150, noNaN: true }),
        fc.double({ min: -150, max: 150, noNaN: true }),
        (a, b, c, d) => {
          const lengths: [number, number, number, number] = [a, b, a + c, b + d];
          const { outline, faces } = roomShape(must(room(lengths)));
          faces.forEach((face, index) => expect(face.length).toBeCloseTo(lengths[index]!, 5));
          expect(distance(outline[2]!, squarest(lengths))).toBeLessThan(0.05);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('refuses what no room can be, and lengths out of range', () => {
    expect(sentence(room([1000, 1000, 1000, 5000]))).toContain(
      'face D is longer than all the others together',
    );
    expect(sentence(room([-5, 2000, null, null]))).toContain('Face A can’t be -5 mm');
    expect(sentence(room([1e9, 2000, null, null]))).toContain('Face A');
    expect(room([Number.NaN, 2000, null, null]).ok).toBe(false);
  });

  it('says which face to measure when too little is known', () => {
    const faces = loopFaces([3000, 2000, 3000, 2000]).map((face, index) => ({
      ...face,
      lengthStanding: index % 2 === 0 ? ('measured' as const) : ('excluded' as const),
    }));
    expect(sentence(solveLoop(faces))).toContain('Measure face B or face D');
  });

  it('spreads what does not close when everything is measured, and reports the residuals', () => {
    const faces = loopFaces([4000, 3000, 4006, 3000]).map((face): LoopFace => ({
      ...face,
      cornerStanding: 'measured',
    }));
    const { misclosure, observations, corners } = must(solveLoop(faces));
    expect(misclosure).toMatchObject({
      x: expect.closeTo(-6, 6),
      y: expect.closeTo(0, 6),
      angle: expect.closeTo(0, 9),
    });
    const lengths = observations.filter(({ of }) => of === 'length');
    const residuals = lengths.map((one) => computedValue(corners, one) - one.given);
    expect(residuals[0]).toBeGreaterThan(0.1);
    expect(residuals[2]).toBeCloseTo(-residuals[0]!, 2);
  });

  it('keeps typed lengths exact when a face is measured later', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setFaceLength, { face: 'face-c', length: 4010 });
    const { faces } = roomShape(builder.design);
    expect(faces.map(({ length }) => Math.round(length * 1e4) / 1e4).slice(0, 3)).toEqual([4000, 3000, 4010]);
    expect(Math.abs(faces[3]!.length - 3000)).toBeLessThan(1);
    for (const { corner } of faces) expect(Math.abs(corner - Math.PI / 2)).toBeLessThan(0.004);
  });
});

describe('what follows from the shape', () => {
  it('is the area of walls under a ceiling that slopes: each its length times its mean height', () => {
    const builder = rectangle(4000, 3000, 4000, 3000);
    for (const [face, ceilingHeight] of [
      ['face-a', 2400],
      ['face-b', 2600],
      ['face-c', 3000],
      ['face-d', 2800],
    ] as const)
      builder.run(editFaces, { faces: [face], change: { ceilingHeight } });
    const { wallArea } = roomShape(builder.design);
    expect(wallArea).toBeCloseTo(4000 * 2500 + 3000 * 2800 + 4000 * 2900 + 3000 * 2600, 3);
    // A half wall counts as high as it is.
    builder.run(editFaces, { faces: ['face-a'], change: { wallHeight: 1000 } });
    expect(roomShape(builder.design).wallArea).toBeCloseTo(wallArea - 4000 * 1500, 3);
  });

  it('is nothing where values with nothing to spare can’t be met, and the nearest where some are', () => {
    const faces = loopFaces([4000, 3000, 4000, 3000]);
    const taped = (from: number, to: number, length: number): LoopDistance => ({
      ...{ id: `m${from}`, name: '', length, standing: 'measured', sigma: 2 },
      from: { face: from, from: 'left', distance: 0 },
      to: { face: to, from: 'left', distance: 0 },
    });
    expect(solveLoop(faces, [taped(0, 2, 6990)]).ok).toBe(true);
    expect(sentence(solveLoop(faces, [taped(0, 2, 7010)]))).toContain('No room can have these lengths');
    const both = must(solveLoop(faces, [taped(0, 2, 5010), taped(1, 3, 5010)]));
    expect(both.observations.some((one) => Math.abs(computedValue(both.corners, one) - one.given) > 1)).toBe(
      true,
    );
  });
});

describe('the galley with bay', () => {
  it('closes on its measured faces: against a plain walk along them', () => {
    const { outline, faces } = roomShape(galleyWithBay());
    const turn = (1.3 * Math.PI) / 180;
    expect(outline[10]).toEqual({ x: expect.closeTo(4180, 4), y: expect.closeTo(-2860, 4) });
    expect(outline[11]!.x).toBeCloseTo(2860 * Math.tan(turn), 4);
    expect(faces[11]!.length).toBeCloseTo(2860 / Math.cos(turn), 4);
    expect((faces[0]!.corner * 180) / Math.PI).toBeCloseTo(88.7, 6);
  });
});

describe('openings', () => {
  it('stand where they were measured from either end', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 100, { from: 'right' });
    const [door] = placedOpenings(builder.design);
    expect([door!.left, door!.right, door!.name]).toEqual([3100, 3900, 'D1']);
    expect(doorSweeps(door!)[0]!.radius).toBeCloseTo(Math.hypot(800, 40), 9);
  });

  const door = usualOpening('o', 'face-a', 'door', 0, 'mm');
  it.each([
    ['wider than its wall', { distance: 0, width: 4100, height: 2000, sill: 0 }, 'does not fit on face A'],
    [
      'past the end',
      { distance: 3300, width: 800, height: 2000, sill: 0 },
      'from 3300 mm to 4100 mm, the face is 4000 mm long',
    ],
    ['above the ceiling', { distance: 0, width: 800, height: 2500, sill: 0 }, 'above the wall at 2400 mm'],
    ['no width', { distance: 0, width: 0, height: 2000, sill: 0 }, 'The width can’t be 0 mm'],
    [
      'a negative distance',
      { distance: -1, width: 800, height: 2000, sill: 0 },
      'The distance can’t be -1 mm',
    ],
    ['over another', { distance: 2100, width: 800, height: 2000, sill: 0 }, 'overlap by 100 mm'],
  ])('refuse %s', (_, sizes, reason) => {
    const builder = rectangle();
    builder.open('face-a', 'window', 2800, { width: 500 });
    expect(sentence(putOpening.run(builder.design, { ...door, ...sizes }))).toContain(reason);
  });

  it('keep a face from being made shorter than they need', () => {
    const builder = rectangle();
    builder.open('face-a', 'door', 3000);
    expect(sentence(setFaceLength.run(builder.design, { face: 'face-a', length: 3500 }))).toContain(
      'D1 does not fit on face A',
    );
  });
});
