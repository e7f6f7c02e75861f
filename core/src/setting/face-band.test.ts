import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rounded } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { direction, inward, place, type Point } from '../geometry/point';
import { facePoint, projectOn, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { faceBand } from './face-band';

/** Face A of a room, 4000 between its corners, bent so far out of the room or into it. */
const bent = (side: 'in' | 'out', depth: number): PlacedFace => {
  const builder = rectangle(4000, 3000);
  if (depth > 0) builder.run(bendFace, { face: 'face-a', bend: { side, depth } });
  return roomShape(builder.design).byId.get('face-a')!;
};
const faces = [bent('out', 500), bent('in', 500), bent('out', 1900), bent('in', 0)];

/** A box standing at a place along a face and off it, turned against it. */
function boxAt(
  face: PlacedFace,
  along: number,
  out: number,
  turn: number,
  width: number,
  depth: number,
): Point[] {
  const corner = facePoint(face, along, out);
  const u = direction(turn);
  const n = inward(u);
  return [
    corner,
    place(corner, u, width, n, 0),
    place(corner, u, width, n, depth),
    place(corner, u, 0, n, depth),
  ];
}

const box = fc.record({
  face: fc.constantFrom(...faces),
  along: fc.double({ min: 300, max: 3300, noNaN: true }),
  out: fc.double({ min: -200, max: 900, noNaN: true }),
  turn: fc.double({ min: -3, max: 3, noNaN: true }),
  width: fc.double({ min: 50, max: 900, noNaN: true }),
  depth: fc.double({ min: 50, max: 600, noNaN: true }),
});

describe('the band along a face', () => {
  it('is taken by a polygon from the first to the last of its points that lie in it', () => {
    const DEEP = 560;
    fc.assert(
      fc.property(box, ({ face, along, out, turn, width, depth }) => {
        const polygon = boxAt(face, along, out, turn, width, depth);
        const inside: number[] = [];
        let deeper = 0;
        const STEPS = 60;
        for (let i = 0; i <= STEPS; i++)
          for (let j = 0; j <= STEPS; j++) {
            const [a, b, , d] = polygon as [Point, Point, Point, Point];
            const point = {
              x: a.x + ((b.x - a.x) * i + (d.x - a.x) * j) / STEPS,
              y: a.y + ((b.y - a.y) * i + (d.y - a.y) * j) / STEPS,
            };
            const at = projectOn(face, point);
            // A corner right on the edge of the band touches it, and takes nothing of it.
            if (at.out > 1e-6 && at.out < DEEP - 1e-6) inside.push(at.along);
            if (at.out > 1 && at.out < DEEP - 1) deeper += 1;
          }
        const stretch = faceBand(face, DEEP).ofPolygon(polygon);
        if (!stretch) {
          expect(deeper).toBe(0);
          return;
        }
        if (inside.length === 0) return;
        // Samples lie in it, and come as near to its ends as they are apart, seen from the centre.
        const [least, most] = [Math.min(...inside), Math.max(...inside)];
        expect(stretch[0]).toBeLessThanOrEqual(least + 1e-6);
        expect(stretch[1]).toBeGreaterThanOrEqual(most - 1e-6);
        expect(least - stretch[0] + (stretch[1] - most)).toBeLessThan(220);
      }),
      { numRuns: 150 },
    );
  });

  it('is taken by a line once for every time it comes in, to where it leaves', () => {
    fc.assert(
      fc.property(box, fc.integer({ min: 1, max: 4 }), ({ face, along, out, turn, width }, more) => {
        const start = facePoint(face, along, out);
        const path = Array.from({ length: more + 1 }, (_, i) =>
          place(start, direction(turn + i), width * i, direction(turn), 0),
        );
        const runs: [number, number][] = [];
        let open = false;
        for (let k = 0; k < more; k++)
          for (let i = 0; i <= 2000; i++) {
            const [a, b] = [path[k]!, path[k + 1]!];
            const point = { x: a.x + ((b.x - a.x) * i) / 2000, y: a.y + ((b.y - a.y) * i) / 2000 };
            const at = projectOn(face, point);
            const isIn = at.out >= 0 && at.out <= 560;
            if (isIn && open) {
              const last = runs.at(-1)!;
              runs[runs.length - 1] = [Math.min(last[0], at.along), Math.max(last[1], at.along)];
            } else if (isIn) runs.push([at.along, at.along]);
            open = isIn;
          }
        const found = faceBand(face, 560).ofPath(path);
        // What only touches is left out by one and not by the other.
        fc.pre(found.length === runs.length);
        found.forEach(([from, to], i) => {
          expect(Math.abs(from - runs[i]![0])).toBeLessThan(12);
          expect(Math.abs(to - runs[i]![1])).toBeLessThan(12);
        });
      }),
      { numRuns: 150 },
    );
  });

  it('is as deep as asked off an arc either way, and a touch takes nothing of it', () => {
    for (const face of faces) {
      const middle = face.length / 2;
      const take = (from: number, to: number) =>
        faceBand(face, 560).ofPath([facePoint(face, middle, from), facePoint(face, middle, to)]).length;
      expect([take(-300, 0.4), take(-300, 0.6), take(559.6, 900), take(559.4, 900)]).toEqual([0, 1, 0, 1]);
      expect([take(-300, -1), take(561, 900), take(-300, 900)]).toEqual([0, 0, 1]);
    }
  });

  it('is exact: a side square to the face ends where the face is, an edge across it where it leaves the band', () => {
    const face = bent('out', 500);
    const { radius } = face.arc!;
    const [left, right] = [1200, 2500];
    const polygon = [
      facePoint(face, left, 0),
      facePoint(face, right, 0),
      facePoint(face, right, 300),
      facePoint(face, left, 300),
    ];
    expect(faceBand(face, 560).ofPolygon(polygon)!.map(rounded)).toEqual([left, right]);
    // A line that touches a circle 260 off the face crosses the edge of the band, 560 off, at equal angles.
    const middle = facePoint(face, face.length / 2, 260);
    const line = [place(middle, face.u, -3000, face.n, 0), place(middle, face.u, 3000, face.n, 0)];
    const half = (angle: number) => face.length / 2 + radius * angle;
    const inner = Math.acos((radius - 260) / radius);
    const [stretch] = faceBand(face, 260).ofPath(line);
    expect(stretch!.map(rounded)).toEqual([rounded(half(-inner)), rounded(half(inner))]);
  });
});
