import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { setEdgeWay } from '../commands/set-edge-way';
import { putService } from '../commands/put-service';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { signedArea } from '../geometry/polygon';
import { union } from '../geometry/region';
import { servicesThrough, splashes, splashSize } from './splashes';
import { tops } from './tops';

/** Every splash there is: whose sides, how long, how high over the floor, its pieces. */
const told = ({ design }: RoomBuilder) =>
  splashes(design)
    .filter(({ pieces }) => pieces.length > 0)
    .map((splash) => ({
      at: splash.at.map(({ item, side }) => `${item} ${side}`).join(', '),
      long: Math.round(splashSize(splash).length * 1e4) / 1e4,
      low: splash.low,
      high: splash.high,
      pieces: splash.pieces.length,
    }))
    .sort((a, b) => a.at.localeCompare(b.at));
const area = ({ design }: RoomBuilder) =>
  splashes(design).reduce((sum, splash) => sum + splashSize(splash).area, 0);

/** Two of 600 in the corner of faces A and B of a room 4000 by 3000, their tops at 900. */
function atCorner() {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 2800);
  builder.set('F600', 'face-a', 3400);
  return builder;
}

describe('splashes', () => {
  it('stand on every edge at a wall, so high as the room says, in one where they are alike', () => {
    const builder = atCorner();
    expect(splashes(builder.design)).toEqual([]);
    builder.run(setRoom, { splashHeight: 100 });
    // 560 deep, 40 past it at the front, 20 past the free end.
    expect(told(builder)).toEqual([
      { at: 'item-2 behind, item-1 behind', long: 1220, low: 900, high: 1000, pieces: 1 },
      { at: 'item-2 right', long: 600, low: 900, high: 1000, pieces: 1 },
    ]);
    expect(area(builder)).toBeCloseTo(1820 * 100, 6);
  });

  it('meet in the corner of the walls without lying in one another', () => {
    for (const turn of [0, 300, -260]) {
      const builder = cornered([
        { x: 0, y: 3000 },
        { x: 4000, y: 3000 },
        { x: 4000 + turn, y: 0 },
        { x: 0, y: 0 },
      ]);
      builder.set('F600', 'face-a', 2800);
      builder.set('F600', 'face-a', 3400);
      builder.run(setRoom, { splashHeight: 100, splashThickness: 24 });
      const prints = splashes(builder.design).flatMap(({ pieces }) =>
        pieces.map(({ footprint }) => footprint),
      );
      expect(prints).toHaveLength(2);
      const sum = prints.reduce((all, ring) => all + signedArea(ring), 0);
      const whole = union(prints).reduce((all, ring) => all + signedArea(ring), 0);
      expect(Math.abs(sum - whole)).toBeLessThan(0.5);
      // As thick as asked all along: of the band along both walls only the square at the corner is there once.
      const long = splashes(builder.design).reduce((all, one) => all + splashSize(one).length, 0);
      const angle = Math.PI / 2 + Math.atan2(turn, 3000);
      expect(sum).toBeCloseTo(long * 24 - (24 * 24) / Math.tan(angle / 2), 2);
    }
  });

  it('are set by hand for a side of an item, and follow the room again', () => {
    const builder = atCorner();
    builder.run(setRoom, { splashHeight: 100 });
    const at = [{ item: 'item-1', side: 'behind' }] as const;
    builder.run(setEdgeWay, { at, way: { splash: { height: 250 } } });
    expect(told(builder)).toEqual([
      { at: 'item-1 behind', long: 620, low: 900, high: 1150, pieces: 1 },
      { at: 'item-2 behind', long: 600, low: 900, high: 1000, pieces: 1 },
      { at: 'item-2 right', long: 600, low: 900, high: 1000, pieces: 1 },
    ]);
    builder.run(setEdgeWay, { at, way: { splash: { height: 0 } } });
    expect(told(builder)).toHaveLength(2);
    builder.run(setEdgeWay, { at, way: { splash: null } });
    expect(told(builder)).toHaveLength(2);
    expect(splashes(builder.design).every(({ own }) => !own)).toBe(true);
  });

  it('end at the underside of what hangs over them, between at the lowest of those, else at the ceiling', () => {
    const builder = atCorner();
    const at = [
      { item: 'item-1', side: 'behind' },
      { item: 'item-2', side: 'behind' },
    ] as const;
    builder.run(setEdgeWay, { at, way: { splash: { full: true } } });
    expect(told(builder)).toEqual([
      { at: 'item-2 behind, item-1 behind', long: 1220, low: 900, high: 2400, pieces: 1 },
    ]);
    builder.set('U600/720', 'face-a', 3400);
    const splash = splashes(builder.design).find(({ full }) => full);
    expect(splash!.pieces.map(({ low, high }) => [low, high])).toEqual([
      [900, 1400],
      [900, 1400],
    ]);
  });

  it('leave openings out with their casing, and say what comes through them', () => {
    const builder = atCorner();
    builder.open('face-a', 'window', 3000, { width: 600, sill: 1000, height: 900, casing: 50 });
    builder.run(setRoom, { splashHeight: 100 });
    // The casing begins at 950: 50 of the 100 are left under it, over 700.
    expect(area(builder)).toBeCloseTo(1820 * 100 - 700 * 50, 4);
    const along = splashes(builder.design).find(({ at }) => at.length === 2);
    expect(along!.pieces.map(({ smooth }) => [smooth.from, smooth.to])).toEqual([
      [false, true],
      [true, true],
      [true, false],
    ]);
    expect(splashSize(along!).length).toBeCloseTo(1220, 6);
    const socket = (id: string, up: number) =>
      builder.run(putService, {
        ...{ kind: 'service', id, type: 'socket', up },
        placement: { on: 'face', face: 'face-a', from: 'left', distance: 3800, off: 0 },
      });
    for (const [id, up] of [
      ['at', 999.9],
      ['over', 1000.1],
    ] as const)
      socket(id, up);
    expect(servicesThrough(builder.design, along!)).toEqual(['at']);
  });

  it('go up behind what is cooked on where the room says so: over a hob, and behind a range that breaks the top', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 800);
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 1400, off: 0 } as const;
    builder.run(setItem, { id: 'range', range: 'generic-mm', code: 'COOK600', placement });
    builder.set('F600', 'face-a', 2000);
    builder.run(setRoom, { splashHeight: 100 });
    const range = () => told(builder).find(({ at }) => at === 'range behind');
    expect(range()).toBeUndefined();
    builder.run(setRoom, { splashAtCooking: true });
    expect(range()).toEqual({ at: 'range behind', long: 600, low: 900, high: 2400, pieces: 1 });
    expect(tops(builder.design)).toHaveLength(2);
    // A hob let into a top makes what it stands over one that is cooked on.
    builder.run(setItem, {
      ...{ id: 'hob', range: 'generic-mm', code: 'HOB580' },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 2010, off: 40 },
    });
    expect(told(builder).map(({ at, high }) => [at, high])).toEqual([
      ['item-1 behind', 1000],
      ['item-2 behind', 2400],
      ['range behind', 2400],
    ]);
  });
});
