import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { pushPart } from '../commands/push-part';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { dimensionChains } from '../drawing/dimensions/chains';
import { fillerFor } from './filler-widths';
import { itemBoxes } from './item-box';
import { baseBand, itemsOnFace, openLengths, reachOf } from './open-lengths';

const onA = (distance: number, off: number) =>
  ({ on: 'face', face: 'face-a', from: 'left', distance, off }) as const;

describe('how far something reaches off its face', () => {
  it('is its depth, or the leg of a corner cabinet, and as far as it stands off the wall', () => {
    const builder = rectangle(5000, 4000);
    builder.set('F600', 'face-a', 2000);
    builder.place('F600', onA(2600, 90));
    builder.set('F900-L', 'face-a', 0);
    builder.place('F600', { on: 'floor', x: 1000, y: -2000, turn: 0 });
    expect(itemBoxes(builder.design).map(reachOf)).toEqual([560, 650, 560, 560]);
    // The band of a run is as deep as what stands farthest out, and as high as its highest base.
    builder.set('T600/2070', 'face-a', 3200);
    expect(baseBand(itemsOnFace(builder.design, 'face-a'))).toEqual({ depth: 650, low: 0, high: 870 });
  });
});

describe('a strip at a wall that steps back', () => {
  /** A gap of 100 beside face B, which is pushed out by so much from 300 off face A on. */
  const beside = (back: number) => {
    const builder: RoomBuilder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 3300);
    builder.run(pushPart, {
      ...{ face: 'face-b', from: 'left', distance: 300, width: 2000, depth: back },
      ids: ['p', 'q', 'r', 's', 't'],
    });
    const open = openLengths(builder.design).find(({ from }) => from > 3800)!;
    return fillerFor(builder.design, open);
  };

  it('is as wide at the front as the wall is there, as far as that is no more than the run is deep', () => {
    expect([beside(200).gap, beside(200).visible, beside(200).cut]).toEqual([100, 301.5, 310]);
    expect(beside(559).visible).toBeCloseTo(100 + 559 + 1.5, 6);
    // Past that the wall is the end of nothing that stands here.
    expect(beside(561).visible).toBeCloseTo(101.5, 6);
  });
});

describe('a chain', () => {
  it('has no length of its own between ends nearer than half a millimetre, nor at the ends of the face', () => {
    const lengths = (at: number, gap: number) => {
      const builder = rectangle(3000, 2500);
      builder.run(setRoom, { step: 0.1 });
      builder.set('F600', 'face-a', at);
      builder.set('F600', 'face-a', at + 600 + gap);
      const [units] = dimensionChains(builder.design).filter(
        ({ row, face }) => row === 'units' && face.letter === 'A',
      );
      return units!.links.map(({ from, to }) => Math.round((to - from) * 100) / 100);
    };
    expect(lengths(500, 0.5)).toEqual([500, 600, 600.5, 1299.5]);
    expect(lengths(500, 0.51)).toEqual([500, 600, 0.51, 600, 1299.49]);
    expect(lengths(0.5, 0)).toEqual([600.5, 600, 1799.5]);
    expect(lengths(0.51, 0)).toEqual([0.51, 600, 600, 1799.49]);
    expect(lengths(1799.5, 0)).toEqual([1799.5, 600, 600.5]);
    expect(lengths(1799.49, 0)).toEqual([1799.49, 600, 600, 0.51]);
  });
});
