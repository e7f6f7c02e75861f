import { describe, expect, it } from 'vitest';
import { bendsOf, chipPlaces } from './chip-places';

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

describe('edges that are chords of a bend', () => {
  const walked = (corners: { x: number; y: number }[]) =>
    corners.map((a, index) => ({ a, b: corners[(index + 1) % corners.length]! }));
  const round = (count: number, from = 0, sweep = 2 * Math.PI) =>
    Array.from({ length: count }, (_, k) => {
      const angle = from + (sweep * k) / count;
      return { x: 100 * Math.cos(angle), y: 100 * Math.sin(angle) };
    });

  it('are one, also where their ring begins among them', () => {
    // A half circle of nine chords on a straight side: they turn by 20 degrees, and by 80 into the side.
    const arch = walked([...round(9, 0, Math.PI), { x: -100, y: 0 }]);
    expect(bendsOf(arch)).toEqual([[0, 1, 2, 3, 4, 5, 6, 7, 8], [9]]);
    const begun = [...arch.slice(4), ...arch.slice(0, 4)];
    expect(bendsOf(begun)).toEqual([[6, 7, 8, 9, 0, 1, 2, 3, 4], [5]]);
    expect(bendsOf(walked(round(24)))).toEqual([Array.from({ length: 24 }, (_, k) => k)]);
  });

  it('are told from walls that are out of line, and from corners', () => {
    expect(bendsOf(walked(round(15)))).toHaveLength(1);
    expect(bendsOf(walked(round(14)))).toHaveLength(14);
    // Two walls that meet nearly in line are two.
    const bowed = walked([
      { x: 0, y: 0 },
      { x: 50, y: -4 },
      { x: 100, y: 0 },
      { x: 100, y: 80 },
      { x: 0, y: 80 },
    ]);
    expect(bendsOf(bowed)).toEqual([[0], [1], [2], [3], [4]]);
    // Holes side by side are apart.
    const beside = [
      ...walked(round(24)),
      ...walked(round(24)).map(({ a, b }) => ({ a: { ...a, x: a.x + 300 }, b: { ...b, x: b.x + 300 } })),
    ];
    expect(bendsOf(beside).map((run) => run.length)).toEqual([24, 24]);
  });
});
