import { describe, expect, it } from 'vitest';
import { add, direction, distance, dot, inward, place, rotate, scale, subtract, type Point } from './point';
import { contains, distanceToPath, signedArea } from './polygon';
import { wrapAngle } from '../units/angles';
import { randomFrom } from './random';
import { sharedArea, sweptApart, sweptByLeaf, sweptPolygon, type Swept, type TurningLeaf } from './swept';

const random = randomFrom(11);
const between = (low: number, high: number) => low + (high - low) * random();

/** A leaf hinged anywhere, opening to either side by a quarter to a half turn. */
const anyLeaf = (): TurningLeaf => {
  const closed = between(-3, 3);
  return {
    pivot: { x: between(-800, 800), y: between(-800, 800) },
    width: between(300, 1000),
    thick: between(10, 60),
    closed,
    open: closed + (random() < 0.5 ? -1 : 1) * between(1, 3.1),
  };
};

/** The corners of a leaf that is open so far: at its face, and behind it, on the side it comes from. */
function leafAt({ pivot, width, thick, closed, open }: TurningLeaf, angle: number): Point[] {
  const u = direction(angle);
  const back = scale(inward(u), Math.sign(open - closed));
  return [
    pivot,
    place(pivot, u, width, back, 0),
    place(pivot, u, width, back, thick),
    place(pivot, u, 0, back, thick),
  ];
}

const isIn = (swept: Swept, at: Point, by: number) =>
  contains(swept.outline, at) || distanceToPath(at, [...swept.outline, swept.outline[0]!]) <= by;

describe('what a leaf sweeps', () => {
  it('holds every place of it beyond the line it is closed on, and no place it never comes to', () => {
    for (let run = 0; run < 40; run++) {
      const leaf = anyLeaf();
      const swept = sweptByLeaf(leaf);
      const { pivot, width, thick, closed, open } = leaf;
      const sign = Math.sign(open - closed);
      const beyond = scale(inward(direction(closed)), -sign);
      const angles = Array.from({ length: 721 }, (_, index) => closed + ((open - closed) * index) / 720);
      for (const angle of angles)
        for (const corner of leafAt(leaf, angle))
          if (dot(subtract(corner, pivot), beyond) > 0) expect(isIn(swept, corner, 0.03)).toBe(true);
      // Each corner of its outline is one that the leaf comes to, as near as the steps tell.
      for (const at of swept.outline) {
        const nearest = Math.min(
          ...angles.map((angle) => {
            const [a, b, c, d] = leafAt(leaf, angle) as [Point, Point, Point, Point];
            return contains([a, b, c, d], at) ? 0 : distanceToPath(at, [a, b, c, d, a]);
          }),
        );
        expect(nearest).toBeLessThan(4);
      }
      // Past the width only the corner behind the face comes: never farther round than the open leaf has it.
      for (const at of swept.outline) {
        const far = distance(at, pivot);
        if (far <= width + 0.05) continue;
        const away = subtract(at, pivot);
        const turned = sign * wrapAngle(Math.atan2(away.y, away.x) - closed);
        const round = turned < -1e-6 ? turned + 2 * Math.PI : turned;
        expect(round + Math.acos(width / far)).toBeLessThan(Math.abs(open - closed) + 1e-6);
      }
      const reach = Math.max(...swept.outline.map((at) => distance(at, pivot)));
      expect(reach).toBeCloseTo(Math.hypot(width, thick), 1);
      expect(signedArea(swept.outline)).toBeGreaterThan(0);
    }
  });

  it('of a leaf a quarter open is the sector to its far corner, less what is past its end', () => {
    const [width, thick] = [800, 40];
    const swept = sweptByLeaf({ pivot: { x: 0, y: 0 }, width, thick, closed: 0, open: Math.PI / 2 });
    const radius = Math.hypot(width, thick);
    const tilt = Math.atan2(thick, width);
    const area = (radius ** 2 * (Math.PI / 2 - tilt)) / 2 + (width * thick) / 2;
    expect(Math.abs(signedArea(swept.outline) / area - 1)).toBeLessThan(1e-4);
  });
});

describe('two swept places', () => {
  it('share the area and stand as far apart as fine sampling finds', () => {
    for (let run = 0; run < 60; run++) {
      const a = sweptByLeaf(anyLeaf());
      const turn = between(0, 6);
      const [u, n] = [direction(turn), inward(direction(turn))];
      const at = { x: between(-1500, 1500), y: between(-1500, 1500) };
      const [wide, deep] = [between(100, 900), between(100, 900)];
      const block = sweptPolygon([
        at,
        place(at, u, wide, n, 0),
        place(at, u, wide, n, deep),
        place(at, u, 0, n, deep),
      ]);
      const b = run % 2 ? block : sweptByLeaf(anyLeaf());
      let inside = 0;
      const step = 10;
      const xs = b.outline.map(({ x }) => x);
      const ys = b.outline.map(({ y }) => y);
      for (let x = Math.min(...xs); x < Math.max(...xs); x += step)
        for (let y = Math.min(...ys); y < Math.max(...ys); y += step)
          if (contains(a.outline, { x, y }) && contains(b.outline, { x, y })) inside += step * step;
      const shared = sharedArea(a.outline, b.outline);
      expect(Math.abs(shared - inside)).toBeLessThan(0.03 * inside + 25 * step * step);
      let least = Infinity;
      const path = [...b.outline, b.outline[0]!];
      a.outline.forEach((from, index) => {
        const to = a.outline[(index + 1) % a.outline.length]!;
        const parts = Math.ceil(distance(from, to) / 2);
        for (let part = 0; part <= parts; part++)
          least = Math.min(least, distanceToPath(add(from, scale(subtract(to, from), part / parts)), path));
      });
      if (shared > 1) expect(sweptApart(a, b)).toBe(0);
      else expect(sweptApart(a, b)).toBeGreaterThan(least - 1.1);
      if (shared === 0) expect(sweptApart(a, b)).toBeLessThan(least + 0.05);
    }
  });

  it('that only touch share nothing', () => {
    const box = (left: number) =>
      sweptPolygon([
        { x: left, y: 0 },
        { x: left + 100, y: 0 },
        { x: left + 100, y: 100 },
        { x: left, y: 100 },
      ]);
    expect([sharedArea(box(0).outline, box(100).outline), sweptApart(box(0), box(100))]).toEqual([0, 0]);
    expect(sweptApart(box(0), box(107))).toBe(7);
    // Sides in one line, whatever way that runs, do not cross.
    for (let turn = 0; turn < 3; turn += 0.01) {
      const [one, other] = [0, 1107].map((x) =>
        sweptPolygon(box(x).outline.map((at) => rotate({ x: at.x + 333.3, y: at.y + 71.9 }, turn))),
      );
      expect(sweptApart(one!, other!)).toBeCloseTo(1007, 6);
    }
    expect(
      sweptApart(box(0), sweptPolygon(box(0).outline.map(({ x, y }) => ({ x: x / 2 + 20, y: y / 2 + 20 })))),
    ).toBe(0);
  });
});
