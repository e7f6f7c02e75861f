import { describe, expect, it } from 'vitest';
import { must } from '../result';
import { countTiles } from './count';
import { lay } from './lay';
import { adhesiveFor, groutOfJoints, groutPerArea } from './materials';
import { cellOf } from './pattern';
import { repeatOf } from './patterns';

describe('grout', () => {
  it('follows the formula', () => {
    // 600 / 90,000 is 1/150; times 9 and 3, and 1.7.
    expect(groutPerArea({ A: 300, B: 300, thickness: 9, joint: 3, density: 1.7 })).toBeCloseTo(
      (27 / 150) * 1.7,
      12,
    );
    expect(groutPerArea({ A: 600, B: 100, thickness: 8, joint: 2, density: 1.6 })).toBeCloseTo(
      (700 / 60_000) * 25.6,
      12,
    );
  });

  it('by the joints themselves is what the formula says, but for where they cross', () => {
    const [size, joint] = [300, 3];
    const cell = must(cellOf(repeatOf({ type: 'grid' }), { w: size, h: size }, joint));
    const side = 10 * (size + joint);
    const zone = [
      [
        { x: 0, y: 0 },
        { x: side, y: 0 },
        { x: side, y: side },
        { x: 0, y: side },
      ],
    ];
    const { jointArea } = countTiles(must(lay(zone, cell, { at: { x: 0, y: 0 }, angle: 0 })));
    const { litres, kg } = groutOfJoints(jointArea, { thickness: 9, density: 1.7 });
    expect(litres).toBeCloseTo(((side ** 2 - 100 * size ** 2) * 9) / 1e6, 9);
    const byFormula =
      (groutPerArea({ A: size, B: size, thickness: 9, joint, density: 1.7 }) * side ** 2) / 1e6;
    expect(kg / byFormula).toBeGreaterThan(0.97);
    expect(kg / byFormula).toBeLessThan(1);
  });
});

describe('adhesive', () => {
  it('is rounded up to bags, a hair over being none', () => {
    expect(adhesiveFor(20, 0, { cover: 5 })).toEqual({ bags: 4 });
    expect(adhesiveFor(20.001, 0, { cover: 5 })).toEqual({ bags: 5 });
    expect(adhesiveFor(10, 0.1, { cover: 1.1 })).toEqual({ bags: 10 });
    expect(adhesiveFor(10, 0.1, { kgPerM2: 4.5, bagKg: 25 })).toEqual({ kg: 49.5, bags: 2 });
    expect(adhesiveFor(10, 0.12, { kgPerM2: 4.5, bagKg: 25 }).bags).toBe(3);
  });
});
