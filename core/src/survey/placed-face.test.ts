import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { distance } from '../geometry/point';
import { acrossFrom, backOff, facePath, facePoint, spanOf, type PlacedFace } from './placed-face';
import { roomShape } from './room-shape';

/** Face A of a room of 4 by 3 metres: from the left end of the top along +x, straight or bent by so much. */
function faceA(side: 'in' | 'out' | null, depth = 0): PlacedFace {
  const builder = rectangle(4000, 6000);
  if (side) builder.run(bendFace, { face: 'face-a', bend: { side, depth } });
  return roomShape(builder.design).faces[0]!;
}

describe('straight across from a place', () => {
  it('is the same distance along a straight face, and nothing past its ends', () => {
    const face = faceA(null);
    const at = (x: number) => acrossFrom(face, { x, y: -1500 });
    expect([at(-0.001), at(0), at(1700), at(4000), at(4000.001)]).toEqual([null, 0, 1700, 4000, null]);
  });

  it.each([
    ['out', 1],
    ['in', -1],
  ] as const)('is right over it on a face bent %s, on the side it bends to', (side, up) => {
    const face = faceA(side, 700);
    for (const x of [1, 500, 1200, 2000, 3600, 3999]) {
      const on = facePoint(face, acrossFrom(face, { x, y: -1500 })!);
      expect(on.x).toBeCloseTo(x, 6);
      // Of the circle through both ends and the middle.
      const radius = (2000 ** 2 + 700 ** 2) / 1400;
      const rise = Math.sqrt(radius ** 2 - (x - 2000) ** 2) - (radius - 700);
      expect(on.y).toBeCloseTo(up * rise, 6);
    }
    expect(acrossFrom(face, { x: 0, y: -1500 })).toBeCloseTo(0, 6);
    expect(acrossFrom(face, { x: 4000, y: -1500 })).toBeCloseTo(face.length, 6);
    expect([-0.001, 4000.001].map((x) => acrossFrom(face, { x, y: -1500 }))).toEqual([null, null]);
  });

  it('is one place up to a half circle, and none past it', () => {
    expect(acrossFrom(faceA('out', 2000), { x: 2000, y: -3000 })).toBeCloseTo(Math.PI * 1000, 6);
    expect(acrossFrom(faceA('out', 2001), { x: 2000, y: -3000 })).toBeNull();
  });
});

describe('the way along a bent face between two places', () => {
  it.each(['in', 'out'] as const)(
    'lies on it, so far off it, from the one to the other (bent %s)',
    (side) => {
      const face = faceA(side, 700);
      const path = facePath(face, 500, 1700, 100);
      expect(distance(path[0]!, facePoint(face, 500, 100))).toBeLessThan(1e-6);
      expect(distance(path.at(-1)!, facePoint(face, 1700, 100))).toBeLessThan(1e-6);
      path.forEach((at, index) =>
        expect(distance(at, facePoint(face, 500 + (1200 * index) / (path.length - 1), 100))).toBeLessThan(
          1e-6,
        ),
      );
      // Its chords are no more than a tenth of a millimetre off.
      const radius = (2000 ** 2 + 700 ** 2) / 1400;
      const chord = distance(path[0]!, path[1]!);
      expect(chord ** 2 / 8 / (radius + 100)).toBeLessThan(0.1 + 1e-9);
      expect(path.length).toBeLessThan(40);
    },
  );
});

describe('what things take of a face', () => {
  it('is their width and the gap on a straight one', () => {
    expect([spanOf(faceA(null), 600, 560), spanOf(faceA(null), 600, 560, 40)]).toEqual([600, 640]);
    expect(backOff(faceA(null), 600)).toBe(0);
  });

  it.each([
    ['out', 560, 0],
    ['out', 560, 40],
    ['out', 0, 40],
    ['in', 560, 0],
    ['in', 560, 40],
  ] as const)(
    'is so much on one bent %s that the next of %i deep is a gap of %i away where they come nearest',
    (side, depth, gap) => {
      const face = faceA(side, 700);
      const { radius } = face.arc!;
      const apart = spanOf(face, 600, depth, gap) / radius;
      // Each stands square to its own radius: its back corners on the arc where that is round it, its back touching it where it is behind.
      const back = side === 'out' ? Math.sqrt(radius ** 2 - 300 ** 2) : radius;
      expect(backOff(face, 600)).toBeCloseTo(side === 'out' ? radius - back : 0, 9);
      const corner = (turn: number, hand: number, away: number) => ({
        x: away * Math.sin(turn) + hand * 300 * Math.cos(turn),
        y: away * Math.cos(turn) - hand * 300 * Math.sin(turn),
      });
      const reach = (off: number) => (side === 'out' ? back - off : back + off);
      const nearest = Math.min(
        ...[0, depth].map((off) => distance(corner(0, 1, reach(off)), corner(apart, -1, reach(off)))),
      );
      expect(nearest).toBeCloseTo(gap, 6);
    },
  );

  it('is more than there is where its front comes to the centre', () => {
    const face = faceA('out', 1900);
    const { radius } = face.arc!;
    const front = Math.sqrt(radius ** 2 - 300 ** 2);
    expect(spanOf(face, 600, front + 0.001)).toBe(Infinity);
    expect(spanOf(face, 600, front - 0.001)).toBeLessThan(Infinity);
  });
});
