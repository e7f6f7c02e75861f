import { describe, expect, it } from 'vitest';
import { finishes, type TextureSource } from '../finishes';
import { texturePixels } from './texture';

const SIZE = 96;
const at = (pixels: Uint8ClampedArray, column: number, row: number) =>
  [0, 1, 2].map((k) => pixels[(row * SIZE + column) * 4 + k]!) as [number, number, number];
const apart = (a: readonly number[], b: readonly number[]) =>
  Math.max(...a.map((value, index) => Math.abs(value - b[index]!)));

const boards: TextureSource = {
  ...{ code: 'floor', colour: '#b9936a', long: 1_200 },
  figure: { type: 'boards', cut: 'crown', dark: '#8f6c46', rings: 20, wide: 150 },
};

describe('textures', () => {
  it('are of every finish, on an average of its own colour, opaque, and the same each time', () => {
    const sums = new Set<number>();
    for (const finish of finishes) {
      const pixels = texturePixels(finish, SIZE);
      expect(pixels.length).toBe(SIZE * SIZE * 4);
      const mean = [0, 0, 0];
      let sum = 0;
      for (let i = 0; i < pixels.length; i += 4) {
        for (let k = 0; k < 3; k++) mean[k]! += pixels[i + k]! / (SIZE * SIZE);
        if (pixels[i + 3] !== 255) throw new Error(`${finish.name} is clear somewhere.`);
        sum = (sum * 31 + pixels[i]! * 7 + pixels[i + 1]!) % 1_000_003;
      }
      const own = [1, 3, 5].map((from) => parseInt(finish.colour.slice(from, from + 2), 16));
      expect([finish.name, apart(mean, own) < 1.5]).toEqual([finish.name, true]);
      const again = texturePixels(finish, SIZE);
      expect(again.every((value, index) => value === pixels[index])).toBe(true);
      sums.add(sum);
    }
    // Each of its own: no two alike.
    expect(sums.size).toBe(finishes.length);
  });

  it('go on at their edges: there neighbours are no further apart than within', () => {
    for (const finish of [...finishes, boards]) {
      const pixels = texturePixels(finish, SIZE);
      const steps = (step: (i: number, j: number) => number) => {
        let sum = 0;
        for (let i = 0; i < SIZE; i++) for (let j = 0; j + 1 < SIZE; j++) sum += step(i, j);
        return sum / (SIZE * (SIZE - 1));
      };
      const edge = (step: (i: number) => number) => {
        let sum = 0;
        for (let i = 0; i < SIZE; i++) sum += step(i);
        return sum / SIZE;
      };
      const across = steps((row, i) => apart(at(pixels, i, row), at(pixels, i + 1, row)));
      const up = steps((column, i) => apart(at(pixels, column, i), at(pixels, column, i + 1)));
      const name = 'name' in finish ? finish.name : finish.code;
      const overSide = edge((row) => apart(at(pixels, SIZE - 1, row), at(pixels, 0, row)));
      const overTop = edge((column) => apart(at(pixels, column, SIZE - 1), at(pixels, column, 0)));
      // Between two boards there is a gap at the side.
      if (finish.figure.type !== 'boards') expect([name, overSide <= 2.5 * across + 3]).toEqual([name, true]);
      expect([name, overTop <= 2.5 * up + 3]).toEqual([name, true]);
    }
  });

  it('of timber run with the grain: along it neighbours are nearer in colour than across', () => {
    for (const finish of finishes.filter(({ of }) => of === 'timber')) {
      const pixels = texturePixels(finish, SIZE);
      let [across, along] = [0, 0];
      for (let i = 1; i < SIZE; i++)
        for (let j = 1; j < SIZE; j++) {
          across += apart(at(pixels, i, j), at(pixels, i - 1, j));
          along += apart(at(pixels, i, j), at(pixels, i, j - 1));
        }
      expect([finish.name, across > 2 * along]).toEqual([finish.name, true]);
    }
  });
});
