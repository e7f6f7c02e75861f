import { describe, expect, it } from 'vitest';
import {
  isQuad,
  meanColour,
  projection,
  quarterTurned,
  straightened,
  type Pixels,
  type Quad,
} from './straighten';

const quad: Quad = [
  { x: 30, y: 20 },
  { x: 170, y: 40 },
  { x: 190, y: 150 },
  { x: 10, y: 130 },
];

/** A photograph of a board seen aslant: `colourAt` says its colour at places of the board, 0 to 1; outside it is black. */
function photoOf(colourAt: (u: number, v: number) => number, width = 200, height = 160): Pixels {
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  // The inverse of the map is found by Newton's method here, not by a formula.
  const map = projection(quad);
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      let [u, v] = [0.5, 0.5];
      for (let step = 0; step < 12; step++) {
        const at = map(u, v);
        const [du, dv] = [map(u + 1e-5, v), map(u, v + 1e-5)];
        const [a, b] = [(du.x - at.x) / 1e-5, (dv.x - at.x) / 1e-5];
        const [c, d] = [(du.y - at.y) / 1e-5, (dv.y - at.y) / 1e-5];
        const [x, y] = [column + 0.5 - at.x, row + 0.5 - at.y];
        u += (d * x - b * y) / (a * d - b * c);
        v += (a * y - c * x) / (a * d - b * c);
      }
      const grey = u < -0.02 || u > 1.02 || v < -0.02 || v > 1.02 ? 0 : colourAt(u, v);
      data.fill(grey, (row * width + column) * 4, (row * width + column) * 4 + 3);
    }
  return { width, height, data };
}
const greyAt = ({ width, data }: Pixels, column: number, row: number) => data[(row * width + column) * 4]!;

describe('straightening', () => {
  it('takes the corners of the square to those of the quad, and lines to lines', () => {
    const map = projection(quad);
    for (const [index, [u, v]] of [
      [0, 0] as const,
      [1, 0] as const,
      [1, 1] as const,
      [0, 1] as const,
    ].entries()) {
      expect(map(u, v).x).toBeCloseTo(quad[index]!.x, 9);
      expect(map(u, v).y).toBeCloseTo(quad[index]!.y, 9);
    }
    // The diagonals of a square cross in its middle, and those of what is seen where that is seen.
    const [a, b, c, d] = quad;
    const at = map(0.5, 0.5);
    const area = (p: typeof a, q: typeof a) => (q.x - p.x) * (at.y - p.y) - (q.y - p.y) * (at.x - p.x);
    expect(area(a, c)).toBeCloseTo(0, 8);
    expect(area(b, d)).toBeCloseTo(0, 8);
  });

  it('shows stripes of a board that was seen aslant upright and equally wide', () => {
    const photo = photoOf((u) => (Math.floor(u * 4) % 2 === 0 ? 200 : 60));
    const flat = straightened(photo, quad, 80, 40);
    for (const row of [2, 20, 37])
      for (const [column, grey] of [
        [10, 200],
        [30, 60],
        [50, 200],
        [70, 60],
      ] as const)
        expect(greyAt(flat, column, row)).toBe(grey);
    // Each edge is at its quarter, to a pixel.
    for (const row of [2, 20, 37]) {
      expect(greyAt(flat, 18, row)).toBeGreaterThan(130);
      expect(greyAt(flat, 21, row)).toBeLessThan(130);
    }
  });

  it('takes the mean of what lies under a pixel', () => {
    const fine = photoOf((u, v) => ((Math.floor(u * 90) + Math.floor(v * 60)) % 2 === 0 ? 255 : 1));
    const flat = straightened(fine, quad, 25, 16);
    for (let column = 1; column < 24; column++)
      expect(Math.abs(greyAt(flat, column, 8) - 128)).toBeLessThan(40);
    expect(Math.abs(parseInt(meanColour(flat).slice(1, 3), 16) - 128)).toBeLessThan(4);
  });

  it('is not of corners that cross, turn the other way, or are nearly in line', () => {
    const [a, b, c, d] = quad;
    expect(isQuad(quad)).toBe(true);
    expect(isQuad([a, c, b, d])).toBe(false);
    expect(isQuad([a, d, c, b])).toBe(false);
    expect(isQuad([a, a, c, d])).toBe(false);
    // A corner of a square pushed in along its diagonal: at 52.183 its sides turn by 5 degrees, at 50 they are in line.
    const pushed = (k: number): Quad => [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: k, y: k },
      { x: 0, y: 100 },
    ];
    expect([52.19, 52.17, 50].map((k) => isQuad(pushed(k)))).toEqual([true, false, false]);
  });

  it('turns by a quarter, and tells the mean colour', () => {
    const data = new Uint8ClampedArray([
      255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255, 255, 255, 255, 255, 9, 9, 9, 255, 0, 0, 0, 255,
    ]);
    const turned = quarterTurned({ width: 3, height: 2, data });
    expect([turned.width, turned.height]).toEqual([2, 3]);
    // The top left comes to the top right.
    expect([...turned.data.slice(4, 7)]).toEqual([255, 0, 0]);
    expect([...turned.data.slice(0, 3)]).toEqual([255, 255, 255]);
    expect(
      meanColour({ width: 2, height: 1, data: new Uint8ClampedArray([10, 20, 30, 255, 20, 40, 61, 255]) }),
    ).toBe('#0f1e2e');
  });
});
