import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { itemBoxes } from '../setting/item-box';
import { openLengths } from '../setting/open-lengths';
import { spanOf, widthIn } from '../survey/placed-face';
import { refusalText } from '../wording/refusal-text';
import { bendFace } from './bend-face';
import { blockOut } from './block-out';

const faces = ['face-d', 'face-a', 'face-b'];
const widths = (builder: ReturnType<typeof rectangle>) =>
  itemBoxes(builder.design).map(({ against, record }) => [against!.face.letter, record.width]);

describe('counters blocked out', () => {
  it('fill each face after the other, in parts of a size that is made, and nothing shorter than is of use', () => {
    const builder = rectangle(8_100, 3_000);
    builder.run(blockOut, { faces, prefix: 'block' });
    // The depth of the run on D is taken of A, and of A’s of B.
    expect(widths(builder)).toEqual([
      ['A', 3_770],
      ['A', 3_770],
      ['B', 2_440],
      ['D', 3_000],
    ]);
    expect(openLengths(builder.design)).toEqual([]);
    const beside = (free: number) => {
      const short = rectangle(3_000, 2_700 + free);
      for (const at of [0, 900, 1_800]) short.set('F900', 'face-b', free + at);
      return blockOut.run(short.design, { faces: ['face-b'], prefix: 'block' });
    };
    expect(beside(300).ok).toBe(true);
    const refused = beside(299.9);
    expect(refused.ok ? '' : refusalText(refused.refusal)).toContain('a counter on B');
  });

  it('go neither into each other nor into a wall along a bent face', () => {
    for (const side of ['in', 'out'] as const)
      for (const depth of [50, 400, 900]) {
        const builder = rectangle(4_000, 3_000);
        builder.run(bendFace, { face: 'face-a', bend: { side, depth } });
        builder.run(blockOut, { faces, prefix: 'block' });
        expect(widths(builder).filter(([letter]) => letter === 'A').length).toBeGreaterThan(0);
        expect(collideCommand(builder.design).collisions).toEqual([]);
      }
  });

  it('are as wide as what takes just so much of the face', () => {
    for (const sweep of [0.8, -0.8])
      for (const width of [300, 900, 2_000]) {
        const arc = { centre: { x: 0, y: 0 }, radius: 4_000, from: 0, sweep };
        expect(widthIn({ arc }, spanOf({ arc }, width, 560), 560)).toBeCloseTo(width, 6);
      }
    expect(widthIn({ arc: null }, 900, 560)).toBe(900);
  });
});
