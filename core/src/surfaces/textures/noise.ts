/** A number from 0 to 1 for a place of a lattice: the same each time (an integer hash). */
export function hashed(x: number, y: number, seed: number): number {
  let h = Math.imul(x, 374_761_393) + Math.imul(y, 668_265_263) + Math.imul(seed, 1_274_126_177);
  h = Math.imul(h ^ (h >>> 13), 1_103_515_245);
  h = Math.imul(h ^ (h >>> 16), 2_246_822_519);
  return ((h ^ (h >>> 15)) >>> 0) / 4_294_967_296;
}

/** A number for every place of a square from 0 to 1, that goes on at its edges. */
export type Field = (x: number, y: number) => number;

/** Numbers from 0 to 1 at the corners of cells, so many across and up. */
function lattice(across: number, up: number, seed: number): Float32Array {
  const values = new Float32Array(across * up);
  for (let j = 0; j < up; j++) for (let i = 0; i < across; i++) values[j * across + i] = hashed(i, j, seed);
  return values;
}

/** Smooth noise from 0 to 1: values at the corners of so many cells, between them a cubic blend (value noise). */
export function noise(across: number, up: number, seed: number): Field {
  const values = lattice(across, up, seed);
  return (x, y) => {
    const [u, v] = [x * across, y * up];
    const [i, j] = [Math.floor(u), Math.floor(v)];
    const [s, t] = [u - i, v - j];
    const [a, b] = [s * s * (3 - 2 * s), t * t * (3 - 2 * t)];
    const [left, low] = [wrapped(i, across), wrapped(j, up) * across];
    const right = left + 1 === across ? 0 : left + 1;
    const high = low + across === values.length ? 0 : low + across;
    const bottom = values[low + left]! * (1 - a) + values[low + right]! * a;
    const top = values[high + left]! * (1 - a) + values[high + right]! * a;
    return bottom * (1 - b) + top * b;
  };
}

const wrapped = (at: number, count: number): number => {
  const rest = at % count;
  return rest < 0 ? rest + count : rest;
};

/** Noise of several finenesses, each twice as fine as the one before and half as strong; from 0 to 1. */
export function layered(of: { across: number; up: number; seed: number; layers: number }): Field {
  const fields = Array.from({ length: of.layers }, (_, layer) =>
    noise(of.across << layer, of.up << layer, of.seed + layer),
  );
  const whole = 2 - 2 / 2 ** of.layers;
  return (x, y) => {
    let [sum, strength] = [0, 1];
    for (const field of fields) {
      sum += field(x, y) * strength;
      strength /= 2;
    }
    return sum / whole;
  };
}

/** The cell of scattered points a place belongs to: a number of its own from 0 to 1, how far off its point is, and how much nearer that is than the next (both in cells). */
export interface Cell {
  own: number;
  off: number;
  clear: number;
}

/** Points scattered one to a cell, so many cells both ways: the nearest of a place (cellular noise). The answer is overwritten by the next. */
export function cells(count: number, seed: number): (x: number, y: number) => Cell {
  const [across, up, own] = [seed, seed + 1, seed + 2].map((each) => lattice(count, count, each)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  const found: Cell = { own: 0, off: 0, clear: 0 };
  return (x, y) => {
    const [u, v] = [x * count, y * count];
    const [i, j] = [Math.floor(u), Math.floor(v)];
    let [nearest, next] = [Infinity, Infinity];
    for (let dy = -1; dy <= 1; dy++) {
      const row = wrapped(j + dy, count) * count;
      for (let dx = -1; dx <= 1; dx++) {
        const at = row + wrapped(i + dx, count);
        const [px, py] = [i + dx + across[at]! - u, j + dy + up[at]! - v];
        const off = px * px + py * py;
        if (off < nearest) {
          next = nearest;
          nearest = off;
          found.own = own[at]!;
        } else if (off < next) next = off;
      }
    }
    found.off = Math.sqrt(nearest);
    found.clear = Math.sqrt(next) - found.off;
    return found;
  };
}
