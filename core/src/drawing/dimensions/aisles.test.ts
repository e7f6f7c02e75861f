import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { drawPlan } from '../plan';
import { aisleRows } from './aisles';

/** What is left about what stands free, in the order of its sides: before it, behind it, right and left of it. */
const left = (room: ReturnType<typeof rectangle>) =>
  aisleRows(room.design, 20).map(({ links }) => links[0]!.text);

describe('what is left all round an island', () => {
  it('goes straight out from the middle of each side to the first front or wall', () => {
    const room = rectangle(5000, 4000);
    // 900 by 560, its back left corner 2000 from the left and 1800 from the wall at the top, its front towards the wall across.
    room.place('F900', { on: 'floor', x: 2000, y: -1800, turn: 0 });
    expect(left(room)).toEqual(['1640', '1800', '2100', '2000']);
    // A run on the wall behind it, 560 deep.
    room.set('F600', 'face-a', 2000);
    room.set('F600', 'face-a', 2600);
    expect(left(room)).toEqual(['1640', '1240', '2100', '2000']);
    // Not before the middle of its side: it is met beside that.
    room.set('F600', 'face-c', 0);
    expect(left(room)[0]).toBe('1640');
  });

  it('is told of islands of several things as of one, not of chairs nor of what hangs', () => {
    const room = rectangle(5000, 4000);
    room.place('F900', { on: 'floor', x: 1600, y: -1800, turn: 0 });
    room.place('F900', { on: 'floor', x: 2500, y: -1800, turn: 0 });
    expect(left(room)).toEqual(['1640', '1800', '1600', '1600']);
    room.place('STOOL380/650', { on: 'floor', x: 2000, y: -3000, turn: 0 });
    expect(left(room)).toHaveLength(4);
  });

  it('stands on paper only', () => {
    const room = rectangle(5000, 4000);
    room.place('F900', { on: 'floor', x: 2000, y: -1800, turn: 0 });
    const figures = (medium: 'paper' | 'screen') =>
      drawPlan(room.design, 20, { medium }).flatMap((mark) =>
        mark.type === 'text' && mark.source?.startsWith('item') && mark.layer === 'dimensions'
          ? [mark.text]
          : [],
      );
    expect(figures('paper').sort()).toEqual(['1640', '1800', '2000', '2100']);
    expect(figures('screen')).toEqual([]);
  });
});
