import { describe, expect, it } from 'vitest';
import { liningStyles } from '../document/limits';
import { liningBoards } from './lining-boards';

const area = ({ left, right, low, high }: { left: number; right: number; low: number; high: number }) =>
  (right - left) * (high - low);

describe('the boards of a lining', () => {
  it.each([
    [3000, 1000],
    [457, 2400],
    [8000, 1500],
  ])('cover its face, none over another but on a back: %s x %s', (wide, high) => {
    for (const style of liningStyles) {
      const boards = liningBoards(style, wide, high);
      for (const { left, right, low, high: top } of boards) {
        expect(right > left && top > low).toBe(true);
        expect(left >= -1e-9 && right <= wide + 1e-9 && low >= -1e-9 && top <= high + 1e-9).toBe(true);
      }
      // What goes through to the back of the face together is the whole of it.
      const backs = boards.filter(({ back }) => back === -18);
      if (style !== 'plain')
        expect(backs.reduce((sum, board) => sum + area(board), 0)).toBeCloseTo(wide * high, 3);
    }
  });

  it('are about as wide as boards are, panels between stiles, two rows of them where it is high', () => {
    const faces = (style: 'boards' | 'boards-across' | 'slatted', wide: number, high: number) =>
      liningBoards(style, wide, high).filter(({ edged }) => edged);
    // 25 boards and 24 grooves of 5.
    expect(faces('boards', 3120, 900)).toHaveLength(25);
    expect(faces('boards', 3120, 900)[0]!.right).toBeCloseTo(120, 9);
    expect(faces('boards-across', 900, 3120)[1]).toMatchObject({ left: 0, right: 900, across: true });
    expect(faces('boards-across', 900, 3120)[1]!.low).toBeCloseTo(125, 9);
    expect(faces('slatted', 984, 900)).toHaveLength(20);
    const panels = (wide: number, high: number) =>
      liningBoards('panelled', wide, high).filter(({ edged }) => edged);
    expect(panels(1190, 1500)).toMatchObject([
      { left: 90, right: 550, low: 140, high: 1410, face: -9 },
      { left: 640, right: 1100 },
    ]);
    expect(panels(1190, 1501)).toMatchObject([
      { low: 140, high: 860 },
      { low: 950, high: 1411 },
      { left: 640, low: 140 },
      { left: 640, low: 950 },
    ]);
    // Too narrow for a frame: plain.
    expect(liningBoards('panelled', 260, 1000)).toEqual([]);
    expect(panels(270, 1000)).toHaveLength(1);
  });
});
