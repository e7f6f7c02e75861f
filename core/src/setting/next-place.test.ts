import { describe, expect, it } from 'vitest';
import { build, floor, onA, put, rounded, settingFor } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { editItems } from '../commands/edit-items';
import { moveItem } from '../commands/move-item';
import type { RoomBuilder } from '../demo/build-room';
import { nextPlace } from './next-place';
import { roomShape } from '../survey/room-shape';

/** Where the next one of a code is set: the face and its left end, or the place on the floor. */
function next(builder: RoomBuilder, code: string, beside?: string, range = 'fathom') {
  const landing = nextPlace(builder.design, settingFor(code, {}, range), beside);
  if (!landing) return null;
  const { placement, caught } = landing;
  const by = [caught?.face, caught?.by, caught?.id];
  if (placement.on === 'floor') return [...[placement.x, placement.y, placement.turn].map(rounded), ...by];
  const { face, from, distance } = placement;
  const { length } = roomShape(builder.design).byId.get(face)!;
  const { width } = settingFor(code, {}, range);
  return [face, rounded(from === 'left' ? distance : length - distance - width), ...by];
}
const onFace = (face: string, distance: number) => ({ ...onA(distance), face }) as ReturnType<typeof onA>;

describe('the next place along faces', () => {
  it('is right of the chosen item, then on its face, then where a run is, then on the first', () => {
    const builder = rectangle(4000, 3000);
    expect(next(builder, 'F600')).toEqual(['face-a', 0, 'face-a', 'wall', 'face-d']);
    expect(next(builder, 'F600', 'face-b')!.slice(0, 2)).toEqual(['face-b', 0]);
    put(builder, 'c', 'F600', onFace('face-c', 1000));
    expect(next(builder, 'F600')!.slice(0, 2)).toEqual(['face-c', 0]);
    expect(next(builder, 'F600', 'c')).toEqual(['face-c', 1600, 'face-c', 'item', 'c']);
    expect(next(builder, 'F600', 'face-b')!.slice(0, 2)).toEqual(['face-b', 0]);
    put(builder, 'd', 'F600', onFace('face-c', 1600));
    // Right of it is taken: in the first stretch of its face that is free.
    expect(next(builder, 'F600', 'c')!.slice(0, 2)).toEqual(['face-c', 0]);
    expect(next(builder, 'F1200', 'c')).toEqual(['face-c', 2200, 'face-c', 'item', 'd']);
  });

  it('of what hangs is over the chosen one that stands, where that is free', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'base', 'F600', onA(1000));
    expect(next(builder, 'U600/720', 'base')).toEqual(['face-a', 1000, 'face-a', 'face', 'face-a']);
    expect(next(builder, 'F600', 'base')![1]).toBe(1600);
    builder.run(editItems, { ids: ['base'], change: { up: 300 } });
    expect(next(builder, 'U600/720', 'base')![1]).toBe(0);
    builder.run(editItems, { ids: ['base'], change: { up: 299 } });
    expect(next(builder, 'U600/720', 'base')![1]).toBe(1000);
    put(builder, 'other', 'U600/720', onA(900));
    expect(next(builder, 'U600/720', 'base')![1]).toBe(0);
  });

  it('of a hood is over what is cooked on, where it goes in and nothing hangs there', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'free', 'COOK600', floor(2000, -1500), 'generic-mm');
    put(builder, 'cooker', 'COOK900', onFace('face-b', 1000), 'generic-mm');
    expect(next(builder, 'HOOD600', undefined, 'generic-mm')).toEqual([
      'face-b',
      1150,
      'face-b',
      'centre',
      'cooker',
    ]);
    put(builder, 'shelf', 'U300/600', onFace('face-b', 700));
    builder.run(editItems, { ids: ['shelf'], change: { up: 1700 } });
    expect(next(builder, 'HOOD600', undefined, 'generic-mm')![3]).toBe('centre');
    builder.run(moveItem, { id: 'shelf', placement: onFace('face-b', 900) });
    expect(next(builder, 'HOOD600', undefined, 'generic-mm')![3]).not.toBe('centre');
  });
});

describe('the next corner', () => {
  it('is square within a tenth of a radian, of straight walls', () => {
    for (let c = 4000; c < 4800; c += 20) {
      const builder = rectangle(4000, 3000, c, null);
      const { faces } = roomShape(builder.design);
      const square = faces.map(({ corner }) => Math.abs(corner - Math.PI / 2) <= 0.1);
      const [face, at] = next(builder, 'F900-L', 'face-b') as [string, number];
      const index = faces.findIndex(({ id }) => id === face);
      expect([c, square[at === 0 ? index : (index + 1) % 4]]).toEqual([c, true]);
      if (square[1]) expect([c, face, at]).toEqual([c, 'face-b', 0]);
      else if (square[2]) expect([c, face, at > 0]).toEqual([c, 'face-b', true]);
    }
    const bent = rectangle(4000, 3000);
    bent.run(bendFace, { face: 'face-a', bend: { side: 'out', depth: 200 } });
    // Neither a bent wall's corner nor one that it meets.
    expect(next(bent, 'F900-L')).toEqual(['face-b', 2100, 'face-b', 'wall', 'face-c']);
  });

  it('is free as far as the cabinet reaches along both walls', () => {
    for (const [along, across, at] of [
      [900, 900, ['face-a', 0]],
      [899, 900, ['face-a', 3100]],
      [900, 899, ['face-a', 3100]],
    ] as const) {
      const builder = rectangle(4000, 3000);
      put(builder, 'a', 'F300', onA(along));
      put(builder, 'd', 'F300', onFace('face-d', 3000 - across - 300));
      expect([along, across, next(builder, 'F900-L')!.slice(0, 2)]).toEqual([along, across, at]);
    }
    const walled = rectangle(4000, 3000);
    build(walled, 'pipe-box', onA(0), { width: 100, depth: 100 });
    // A pipe in the corner: what stands beside it is not in the corner.
    expect(next(walled, 'F900-L')!.slice(0, 2)).toEqual(['face-a', 3100]);
    expect(next(walled, 'F900-L')!.slice(2)).toEqual(['face-a', 'wall', 'face-b']);
  });

  it('of what has legs is the very corner, however near the next one stands', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'a', 'F300', onA(0));
    put(builder, 'b', 'F600', onA(2400));
    expect(next(builder, 'F900-L')!.slice(0, 2)).toEqual(['face-a', 3100]);
    expect(next(builder, 'F900-C')!.slice(0, 2)).toEqual(['face-a', 3000]);
    const wall = rectangle(1150, 3000);
    expect(next(wall, 'F900-C')!.slice(0, 2)).toEqual(['face-a', 0]);
  });
});

describe('the next place in the room', () => {
  const island = () => {
    const builder = rectangle(5000, 4000);
    put(builder, 'island', 'F900', floor(2000, -1800));
    return builder;
  };

  it('is right of the chosen one, left, or behind it, where nothing stands and the room is', () => {
    const builder = island();
    const turned = rounded(Math.PI);
    for (const [x, y, turn] of [
      [2900, -1800, 0],
      [1400, -1800, 0],
      [2900, -1800, turned],
    ] as const) {
      expect(next(builder, 'F600', 'island')).toEqual([x, y, turn, undefined, 'beside', 'island']);
      put(builder, `next-${x}-${turn}`, 'F600', floor(x, y, turn));
    }
    // Behind it at the left end the two would lie over one another: against the walls.
    expect(next(builder, 'F600', 'island')!.slice(0, 2)).toEqual(['face-a', 0]);
  });

  it('is clear of walls, and of what is as high, by more than a touch', () => {
    const near = rectangle(5000, 4000);
    put(near, 'island', 'F900', floor(3500.1, -1800));
    expect(next(near, 'F600', 'island')![0]).toBe(2900.1);
    const at = (x: number, change = {}) => {
      const builder = island();
      put(builder, 'other', 'F300', floor(x, -1800));
      builder.run(editItems, { ids: ['other'], change: { ...change } });
      return next(builder, 'F600', 'island')![0];
    };
    expect([at(3500), at(3499.5), at(3499.4)]).toEqual([2900, 2900, 1400]);
    expect([at(3000, { up: 870 }), at(3000, { up: 869 })]).toEqual([2900, 1400]);
  });

  it('of what stands about is the nearest to the middle on a grid of 100, within the room', () => {
    const builder = rectangle(4000, 3000);
    const stool = () => next(builder, 'STOOL380/650', undefined, 'generic-mm')!;
    expect(stool().slice(0, 3)).toEqual([1810, -1310, 0]);
    put(builder, 'table', 'TABLE800', floor(1600, -1100), 'generic-mm');
    const [x, y, turn] = stool() as [number, number, number];
    const [u, n] = [
      { x: Math.cos(turn), y: Math.sin(turn) },
      { x: Math.sin(turn), y: -Math.cos(turn) },
    ];
    const middle = { x: x + 190 * (u.x + n.x), y: y + 190 * (u.y + n.y) };
    // On the grid, clear of the table; nothing nearer is.
    for (const one of [middle.x, middle.y])
      expect(Math.abs(one - Math.round(one / 100) * 100)).toBeLessThan(0.1);
    const isClear = (at: { x: number; y: number }) =>
      Math.abs(at.x - 2000) >= 590 || Math.abs(at.y + 1500) >= 590;
    expect(isClear(middle)).toBe(true);
    const off = (at: { x: number; y: number }) => Math.hypot(at.x - 2000, at.y + 1500);
    for (let i = -15; i <= 15; i++)
      for (let j = -10; j <= 10; j++) {
        const at = { x: 2000 + 100 * i, y: -1500 + 100 * j };
        if (isClear(at)) expect(off(at)).toBeGreaterThanOrEqual(off(middle) - 0.1);
      }
    const tiny = rectangle(350, 350);
    expect(next(tiny, 'STOOL380/650', undefined, 'generic-mm')).toBeNull();
  });
});
