import { describe, expect, it } from 'vitest';
import { galleyWithBay } from '../demo/galley-with-bay';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { recordsOf } from '../document/design';
import type { StandpointRecord } from '../document/records';
import { distance } from '../geometry/point';
import { wrapAngle } from '../units/angles';
import { filmOf } from './film';
import { canStand, firstStand } from './walk';

const FPS = 12;
const point = (id: string, x: number, y: number, turn: number): StandpointRecord => {
  return { kind: 'standpoint', id, name: id, x, y, eye: 1600, turn, nod: -0.1 };
};

describe('a walk between standpoints', () => {
  const design = galleyWithBay();
  const { at } = firstStand(design);
  const other = { x: 1400, y: -1450 };

  it('goes from the first view to the last at a walking pace, never through anything', () => {
    expect(canStand(design, other)).toBe(true);
    const frames = filmOf(design, [point('a', at.x, at.y, 0), point('b', other.x, other.y, 2)], FPS)!;
    expect(frames[0]).toMatchObject({ at: { x: at.x, y: at.y }, turn: 0 });
    const last = frames.at(-1)!;
    expect([last.at, wrapAngle(last.turn - 2)]).toEqual([other, expect.closeTo(0, 9)]);
    frames.slice(1).forEach((frame, index) => {
      const before = frames[index]!;
      expect(distance(frame.at, before.at)).toBeLessThanOrEqual(900 / FPS + 1e-6);
      // One and a half times the mean rate is the most of a gentle turn.
      expect(Math.abs(wrapAngle(frame.turn - before.turn))).toBeLessThanOrEqual((1.5 * 1.1) / FPS + 1e-6);
      expect(canStand(design, frame.at)).toBe(true);
    });
  });

  it('is there between the standpoints of both demo kitchens', () => {
    for (const kitchen of [galleyWithBay(), orchardKitchen()]) {
      const points = recordsOf(kitchen, 'standpoint');
      expect(points).toHaveLength(2);
      expect(filmOf(kitchen, points, FPS)!.length).toBeGreaterThan(2 * FPS);
    }
  });

  it('of no standpoint is none, and is refused where there is no way', () => {
    expect(filmOf(design, [], FPS)).toEqual([]);
    expect(filmOf(design, [point('a', at.x, at.y, 0), point('b', -5000, 0, 0)], FPS)).toBeNull();
  });
});
