import { describe, expect, it } from 'vitest';
import { chipPlaces } from './chip-places';

/** A hole on screen, its edges walked with the tiles round it to the left. */
const hole = (left: number, top: number, w: number, h: number, wide: number) => {
  const [right, bottom] = [left + w, top + h];
  const corners = [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
  return corners.map((a, index) => ({ a, b: corners[(index + 1) % 4]!, wide }));
};

describe('figures at the edges of a zone', () => {
  it('stand beside the middles of their edges, within a hole', () => {
    const [top, right] = chipPlaces(hole(100, 100, 300, 200, 40));
    expect(top).toEqual({ x: 250, y: 117 });
    expect(right).toEqual({ x: 383, y: 200 });
  });

  it.each([30, 40, 55, 80, 120])('do not lie over one another at a hole of %i pixels', (size) => {
    const placed = chipPlaces(hole(100, 100, size, size * 0.75, 52));
    for (const [index, one] of placed.entries())
      for (const other of placed.slice(index + 1))
        expect(Math.abs(one.x - other.x) >= 52 || Math.abs(one.y - other.y) >= 20).toBe(true);
  });
});
