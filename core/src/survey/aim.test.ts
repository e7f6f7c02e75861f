import { describe, expect, it } from 'vitest';
import { must } from '../result';
import { toDegrees, toRadians } from '../units/angles';
import { aim, turned, walkGap, walkToFaces, type WalkedFace } from './walk';

const face = (length: number, degrees: number, change: Partial<WalkedFace> = {}): WalkedFace => ({
  ...{ length, heading: toRadians(degrees), typed: false },
  ...change,
});
/** East by 4 m, then down by 3 m. */
const two = [face(4000, 0), face(3000, -90)];
/** Where the next face is aimed from the end of these, at so many degrees and mm. */
function aimed(
  faces: readonly WalkedFace[],
  from: { x: number; y: number },
  degrees: number,
  long: number,
  near = 0,
) {
  const way = toRadians(degrees);
  const { heading, length, caught } = aim(
    faces,
    { x: from.x + long * Math.cos(way), y: from.y + long * Math.sin(way) },
    near,
  );
  return [Math.round(toDegrees(heading) * 100) / 100, Math.round(length * 10) / 10, ...caught];
}
const end = { x: 4000, y: -3000 };

describe('the next face as it is pointed', () => {
  it('is drawn square, parallel or diagonal within six degrees, and is free between', () => {
    expect(aimed([], { x: 0, y: 0 }, 4, 1000)).toEqual([0, 997.6, 'square']);
    expect(aimed(two, end, 176, 1000)).toEqual([180, 997.6, 'square']);
    expect(aimed(two, end, 174.1, 1000).slice(-1)).toEqual(['square']);
    expect(aimed(two, end, 173.9, 1000)).toEqual([173.9, 1000]);
    expect(aimed(two, end, 131, 1000)).toEqual([135, 997.6, 'diagonal']);
    expect(aimed(two, end, 40, 1000).slice(0, 1)).toEqual([45]);
    // Parallel to one that was neither square nor diagonal to the last.
    const slanted = [face(4000, 0), face(2000, -70), face(2000, -180)];
    const at = { x: 4000 + 2000 * Math.cos(toRadians(-70)) - 2000, y: 2000 * Math.sin(toRadians(-70)) };
    expect(aimed(slanted, at, 108, 500)).toEqual([110, 499.7, 'parallel']);
    expect(aimed(slanted, at, -72, 500)).toEqual([-70, 499.7, 'parallel']);
  });

  it('comes to the start within reach, from two faces on', () => {
    const back = (near: number, faces = two) => aim(faces, { x: 30, y: -40 }, near).caught[0];
    expect([back(50), back(49.9)]).toEqual(['start', 'level']);
    expect(back(60, [face(4000, 0)])).not.toBe('start');
    const { heading, length } = aim(two, { x: 3, y: -4 }, 5);
    expect([toDegrees(heading), length]).toEqual([
      expect.closeTo(toDegrees(Math.atan2(3000, -4000)), 6),
      expect.closeTo(5000, 6),
    ]);
  });

  it('ends level with the start within reach, and never behind it', () => {
    // West along the bottom: level with the start at 4000.
    expect(aimed(two, end, 180, 3950, 50)).toEqual([180, 4000, 'square', 'level']);
    expect(aimed(two, end, 180, 4050, 50)).toEqual([180, 4000, 'square', 'level']);
    expect(aimed(two, end, 180, 3949, 50)).toEqual([180, 3949, 'square']);
    expect(aimed(two, end, 0, 100, 50)).toEqual([0, 100, 'square']);
    // Pointed behind where the line goes, nothing is left of it.
    expect(aim([face(4000, 0)], { x: 4000, y: 0 }, 0).length).toBe(0);
  });

  it('turns by what is typed: to the right as one walks', () => {
    expect(toDegrees(turned(two, toRadians(90)))).toBeCloseTo(180, 6);
    expect(toDegrees(turned([], toRadians(90)))).toBeCloseTo(-90, 6);
  });
});

describe('the faces of a walk', () => {
  const square = [face(4000, 0), face(3000, -90, { typed: true }), face(4000, 180), face(3000, 90)];

  it('are those that were walked, with the corner that closes them taken as it comes', () => {
    const faces = must(walkToFaces(square, 'close'));
    expect(faces.map(({ length, measured, cornerMeasured }) => [length, measured, cornerMeasured])).toEqual([
      [4000, true, false],
      [3000, true, true],
      [4000, true, false],
      [3000, true, false],
    ]);
    for (const { corner } of faces) expect(corner).toBeCloseTo(Math.PI / 2, 9);
    expect(walkGap(square)).toBeCloseTo(0, 6);
  });

  it('are closed by one more that is not measured, or share what is missing', () => {
    const open = square.slice(0, 3);
    expect(walkGap(open)).toBeCloseTo(3000, 6);
    expect(
      must(walkToFaces(open, 'close')).map(({ length, measured }) => [Math.round(length), measured]),
    ).toEqual([
      [4000, true],
      [3000, true],
      [4000, true],
      [3000, false],
    ]);
    expect(must(walkToFaces(open, 'share'))).toHaveLength(3);
    expect(walkToFaces(square.slice(0, 1), 'close').ok).toBe(false);
    expect(walkToFaces(square.slice(0, 2), 'close').ok).toBe(true);
    expect(walkToFaces(square.slice(0, 2), 'share').ok).toBe(false);
  });

  it('go clockwise whichever way they were walked: bends and typed corners go with them', () => {
    const other = [
      face(3000, -90, { bend: 200 }),
      face(4000, 0, { typed: true }),
      face(3000, 90),
      face(4000, 180),
    ];
    const faces = must(walkToFaces(other, 'close'));
    // Walked back: the last first. The corner typed before the second face lies at the end of it now.
    expect(faces.map(({ length, bend }) => [length, bend])).toEqual([
      [4000, undefined],
      [3000, undefined],
      [4000, undefined],
      [3000, -200],
    ]);
    expect(faces.map(({ cornerMeasured }) => cornerMeasured)).toEqual([false, false, false, true]);
    for (const { corner } of faces) expect(corner).toBeCloseTo(Math.PI / 2, 9);
  });
});
