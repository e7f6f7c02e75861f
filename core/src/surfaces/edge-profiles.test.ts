import { expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setEdgeWay } from '../commands/set-edge-way';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import { setTopCorner } from '../commands/set-top-corner';
import { edgeProfileOf, profileLengths } from './edge-profiles';
import { tops } from './tops';

it('edges are worked as the room says, as their items say, and left raw at what they stop at', () => {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 0);
  builder.set('F600', 'face-a', 600);
  const placement = { on: 'face', face: 'face-a', from: 'left', distance: 1200, off: 0 } as const;
  builder.run(setItem, { id: 'range', range: 'generic-mm', code: 'COOK600', placement });
  const lengths = () => {
    const sums = Object.entries(profileLengths(builder.design, tops(builder.design)[0]!));
    return Object.fromEntries(sums.map(([key, mm]) => [key, Math.round(mm * 1e4) / 1e4]));
  };
  // The front, and 600 deep against the range; the walls behind and at the left show nothing.
  expect(lengths()).toEqual({ eased: 1200, raw: 600 });
  builder.run(setRoom, { edgeProfile: 'square' });
  builder.run(setEdgeWay, { at: [{ item: 'item-1', side: 'front' }], way: { profile: 'rounded' } });
  expect(lengths()).toEqual({ rounded: 600, square: 600, raw: 600 });
  const front = tops(builder.design)[0]!.rings[0]!.edges.find(({ role }) => role === 'front')!;
  expect(edgeProfileOf(builder.design, front)).toEqual({ profile: 'rounded', own: true });
  builder.run(setEdgeWay, { at: [{ item: 'item-1', side: 'front' }], way: { profile: null } });
  expect(edgeProfileOf(builder.design, front)).toEqual({ profile: 'square', own: false });
});

it('what is made of a corner counts with the edge before it', () => {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 1000);
  builder.run(setTopCorner, { at: [{ item: 'item-1', corner: 'frontRight' }], shape: { radius: 100 } });
  builder.run(setEdgeWay, { at: [{ item: 'item-1', side: 'front' }], way: { profile: 'bevelled' } });
  const { bevelled, eased } = profileLengths(builder.design, tops(builder.design)[0]!);
  // 640 along the front less the radius, and a quarter of its circle; both ends, the right one less the radius.
  expect(bevelled).toBeCloseTo(540 + 50 * Math.PI, 6);
  expect(eased).toBeCloseTo(600 + 500, 6);
});
