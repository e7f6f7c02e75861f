import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ellipse } from '../geometry/ellipse';
import { direction, inward } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { box, joined, loft, prism, slab, volumeOf, type Frame, type Mesh } from './mesh';

const frameAt = (x: number, y: number, turn: number): Frame => {
  const u = direction(turn);
  return { origin: { x, y }, u, n: inward(u) };
};

/** Every normal looks out of the face it is a corner of. */
function looksOut({ positions, normals, indices }: Mesh): boolean {
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => positions.slice(indices[i + k]! * 3, indices[i + k]! * 3 + 3));
    const [u, v] = [b!.map((one, k) => one - a![k]!), c!.map((one, k) => one - a![k]!)];
    const cross = [
      u[1]! * v[2]! - u[2]! * v[1]!,
      u[2]! * v[0]! - u[0]! * v[2]!,
      u[0]! * v[1]! - u[1]! * v[0]!,
    ];
    const normal = normals.slice(indices[i]! * 3, indices[i]! * 3 + 3);
    if (cross.reduce((sum, one, k) => sum + one * normal[k]!, 0) < -1e-6) return false;
  }
  return true;
}

describe('a mesh', () => {
  it('holds what the closed formula says, whichever way it is walked or turned', () => {
    const setup = fc.record({
      x: fc.double({ min: -5000, max: 5000, noNaN: true }),
      turn: fc.double({ min: -3.1, max: 3.1, noNaN: true }),
      sizes: fc.tuple(...[0, 1, 2].map(() => fc.double({ min: 5, max: 2000, noNaN: true }))),
      left: fc.boolean(),
    });
    fc.assert(
      fc.property(setup, ({ x, turn, sizes: [w, d, h], left }) => {
        const frame = frameAt(x, -x / 3, turn);
        const near = (mesh: Mesh, volume: number) => {
          expect(volumeOf(mesh) / volume).toBeCloseTo(1, 6);
          expect(looksOut(mesh)).toBe(true);
        };
        near(box(frame, [10, 10 + w!], [20, 20 + d!], [30, 30 + h!]), w! * d! * h!);
        const ring = [
          { x: 0, y: 0 },
          { x: w!, y: 0 },
          { x: w!, y: h! },
          { x: 0, y: h! },
        ];
        const hole = [
          { x: w! * 0.2, y: h! * 0.2 },
          { x: w! * 0.2, y: h! * 0.6 },
          { x: w! * 0.6, y: h! * 0.6 },
        ];
        const walked = left ? ring : [...ring].reverse();
        const area = w! * h! - Math.abs(signedArea(hole));
        near(slab(frame, walked, [5, 5 + d!], { holes: [hole] }), area * d!);
        near(prism(walked, 0, d!, { holes: [hole] }), area * d!);
        near(slab({ ...frame, n: { x: -frame.n.x, y: -frame.n.y } }, walked, [5, 5 + d!]), w! * h! * d!);
      }),
      { numRuns: 50 },
    );
  });

  it('of a cone cut off is as large as the formula for one of as many sides', () => {
    const [a, b] = [ellipse(100, 60), ellipse(200, 120)];
    const area = Math.abs(signedArea(a));
    // h/3 (A + B + sqrt(AB)); the other end has four times the area.
    expect(volumeOf(loft(a, 0, b, 90)) / (30 * area * (1 + 4 + 2))).toBeCloseTo(1, 9);
    expect(looksOut(loft(a, 0, b, 90))).toBe(true);
  });

  it('joined holds both', () => {
    const frame = frameAt(0, 0, 0.4);
    const one = box(frame, [0, 10], [0, 10], [0, 10]);
    expect(volumeOf(joined(one, one))).toBeCloseTo(2000, 6);
    expect(joined(one, one).positions).toHaveLength(2 * one.positions.length);
  });
});
