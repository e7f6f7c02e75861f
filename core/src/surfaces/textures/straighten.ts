import type { Point } from '../../geometry/point';

/** Pixels row by row from the top: red, green, blue and how opaque, 0 to 255 each. */
export interface Pixels {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}

/** The four corners of a flat rectangle as a photograph shows them, in pixels of it: top left, top right, bottom right, bottom left. */
export type Quad = readonly [Point, Point, Point, Point];

/** The smallest corner between two sides of a quad that can be straightened: 5 degrees. */
const LEAST_TURN = Math.sin((5 * Math.PI) / 180);

/** Whether four corners are those of a rectangle seen from before it: a convex quad walked clockwise on the screen, no corner nearly straight. */
export function isQuad(quad: Quad): boolean {
  return quad.every((at, index) => {
    const [before, after] = [quad[(index + 3) % 4]!, quad[(index + 1) % 4]!];
    const [a, b] = [minus(at, before), minus(after, at)];
    return a.x * b.y - a.y * b.x > LEAST_TURN * Math.hypot(a.x, a.y) * Math.hypot(b.x, b.y);
  });
}

const minus = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });

/**
 * Where a place of the flat rectangle (0 to 1 across and down) is seen in the photograph: the projective map of the unit square onto the quad,
 * in closed form (Heckbert 1989, square to quadrilateral).
 */
export function projection([p0, p1, p2, p3]: Quad): (u: number, v: number) => Point {
  const [d1, d2] = [minus(p1, p2), minus(p3, p2)];
  const s = { x: p0.x - p1.x + p2.x - p3.x, y: p0.y - p1.y + p2.y - p3.y };
  const over = d1.x * d2.y - d2.x * d1.y;
  const g = (s.x * d2.y - d2.x * s.y) / over;
  const h = (d1.x * s.y - s.x * d1.y) / over;
  const across = { x: p1.x - p0.x + g * p1.x, y: p1.y - p0.y + g * p1.y };
  const down = { x: p3.x - p0.x + h * p3.x, y: p3.y - p0.y + h * p3.y };
  return (u, v) => {
    const w = 1 + g * u + h * v;
    return { x: (p0.x + across.x * u + down.x * v) / w, y: (p0.y + across.y * u + down.y * v) / w };
  };
}

/** How often each pixel is asked for at most, each way. */
const MOST_SAMPLES = 8;

/** A part of a photograph as it would be seen from straight before it, so many pixels wide and high; each pixel is the mean of what lies under it. */
export function straightened(photo: Pixels, quad: Quad, width: number, height: number): Pixels {
  const map = projection(quad);
  const data = new Uint8ClampedArray(width * height * 4);
  // As many samples as the photograph has pixels under one of these, on an average of its longer sides.
  const side = (a: Point, b: Point) => Math.hypot(b.x - a.x, b.y - a.y);
  const across = Math.max(side(quad[0], quad[1]), side(quad[3], quad[2])) / width;
  const down = Math.max(side(quad[0], quad[3]), side(quad[1], quad[2])) / height;
  const [m, n] = [across, down].map((one) => Math.min(MOST_SAMPLES, Math.max(1, Math.ceil(one))));
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const sum = [0, 0, 0];
      for (let i = 0; i < m!; i++)
        for (let j = 0; j < n!; j++)
          addSample(photo, map((column + (i + 0.5) / m!) / width, (row + (j + 0.5) / n!) / height), sum);
      const at = (row * width + column) * 4;
      for (let k = 0; k < 3; k++) data[at + k] = Math.round(sum[k]! / (m! * n!));
      data[at + 3] = 255;
    }
  return { width, height, data };
}

/** Adds the colour at a place of a photograph, mixed of the four pixels about it; past its edge that of the edge. */
function addSample({ width, height, data }: Pixels, { x, y }: Point, sum: number[]): void {
  const left = Math.floor(x - 0.5);
  const top = Math.floor(y - 0.5);
  for (const [dx, dy] of [
    [0, 0],
    [1, 0],
    [0, 1],
    [1, 1],
  ] as const) {
    const share = (1 - Math.abs(x - 0.5 - left - dx)) * (1 - Math.abs(y - 0.5 - top - dy));
    const column = Math.min(width - 1, Math.max(0, left + dx));
    const row = Math.min(height - 1, Math.max(0, top + dy));
    const at = (row * width + column) * 4;
    for (let k = 0; k < 3; k++) sum[k]! += share * data[at + k]!;
  }
}

/** Pixels turned by a quarter clockwise, so that what ran across runs upright. */
export function quarterTurned({ width, height, data }: Pixels): Pixels {
  const turned = new Uint8ClampedArray(data.length);
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const [from, to] = [(row * width + column) * 4, (column * height + (height - 1 - row)) * 4];
      for (let k = 0; k < 4; k++) turned[to + k] = data[from + k]!;
    }
  return { width: height, height: width, data: turned };
}

/** The mean colour of pixels, as on the screen. */
export function meanColour({ data }: Pixels): string {
  const sum = [0, 0, 0];
  for (let at = 0; at < data.length; at += 4) for (let k = 0; k < 3; k++) sum[k]! += data[at + k]!;
  const mean = sum.map((one) => Math.round((4 * one) / data.length));
  return `#${mean.map((one) => one.toString(16).padStart(2, '0')).join('')}`;
}
