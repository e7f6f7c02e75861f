import { describe, expect, it } from 'vitest';
import { about, chipSpot, firstFree, meet, onScreen, spread } from './spread';

describe('chips that would lie over one another', () => {
  it('are pushed apart the shorter way, and others stay', () => {
    const spots = [
      { x: 0, y: 0, wide: 30, high: 26 },
      { x: 10, y: 4, wide: 30, high: 26 },
      { x: 200, y: 0, wide: 30, high: 26 },
    ];
    const placed = spread(spots);
    expect(
      Math.abs(placed[0]!.x - placed[1]!.x) >= 32 - 1e-9 ||
        Math.abs(placed[0]!.y - placed[1]!.y) >= 28 - 1e-9,
    ).toBe(true);
    expect(placed[2]).toEqual({ x: 200, y: 0 });
  });

  it('go off what stays where it is', () => {
    const there = [{ x: 0, y: 0, wide: 40, high: 26 }];
    const [placed] = spread([{ x: 5, y: 10, wide: 40, high: 26 }], there);
    expect(Math.abs(placed!.x) >= 42 - 1e-9 || Math.abs(placed!.y) >= 28 - 1e-9).toBe(true);
  });

  it('are none over another, however many are wanted in one place', () => {
    const spots = Array.from({ length: 6 }, () => chipSpot({ x: 50, y: 50 }, '1280'));
    const placed = spread(spots);
    for (const [i, a] of placed.entries())
      for (const b of placed.slice(i + 1))
        expect(Math.abs(a.x - b.x) > 45 || Math.abs(a.y - b.y) > 24).toBe(true);
  });
});

describe('a chip with several places', () => {
  const at = (x: number) => ({ x, y: 0, wide: 40, high: 26 });
  it('stands at the first where it lies over nothing, and at the first of all where there is none', () => {
    expect(firstFree([at(0), at(30), at(80)], [at(10)])).toEqual(at(80));
    expect(firstFree([at(0), at(50)], [at(10)])).toEqual(at(50));
    expect(firstFree([at(0), at(50)], [])).toEqual(at(0));
    expect(firstFree([at(0), at(20)], [at(10)])).toEqual(at(0));
    // Those that only touch don't lie over one another.
    expect([meet(at(0), at(40)), meet(at(0), at(39.9)), meet(at(0), { ...at(0), y: 26 })]).toEqual([
      false,
      true,
      false,
    ]);
  });
});

describe('a chip aside of what is written', () => {
  const number = { x: 100, y: 100, wide: 24, high: 24 };
  const chip = chipSpot({ x: 104, y: 98 }, '');

  it('stands as near to its place as it lies over nothing, and no farther off than its height and a half', () => {
    expect(firstFree(about(chip), [])).toEqual(chip);
    const placed = firstFree(about(chip), [number]);
    expect(meet(placed, number)).toBe(false);
    expect([Math.abs(placed.x - chip.x), Math.abs(placed.y - chip.y)]).toEqual([0, 26]);
    // Where half of that is enough it goes no farther.
    expect(firstFree(about({ ...chip, y: 112 }), [number])).toEqual({ ...chip, y: 125 });
    const [wide, two] = [
      { x: 100, y: 100, wide: 74, high: 26 },
      [94, 106].map((y, index) => ({ ...number, x: 85 + 30 * index, y })),
    ];
    expect(firstFree(about(wide), two)).toEqual({ ...wide, y: 61 });
    // Hemmed in on all sides it stays.
    const around = about(chip).map((spot) => ({ ...spot, wide: 4, high: 4 }));
    expect(firstFree(about(chip), around)).toEqual(chip);
  });

  it('meets what takes room in the drawing where that is on the screen', () => {
    const camera = { k: 0.1, x: 20, y: 300 };
    expect(onScreen(camera, [{ x: 1000, y: -500, wide: 300, high: 100 }])).toEqual([
      { x: 120, y: 350, wide: 30, high: 10 },
    ]);
  });
});
