import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putService } from '../../commands/put-service';
import { putZone } from '../../commands/put-zone';
import type { RoomBuilder } from '../../demo/build-room';
import type { ZoneRecord } from '../../document/records';
import { must } from '../../result';
import { cutByFalls, drainEdges, fallsOf, type Falls } from './falls';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { tiledZone } from './zone-laying';

function wet(x: number, y: number, change: Partial<ZoneRecord> = {}): RoomBuilder {
  const room = rectangle(2000, 1200);
  room.run(putService, {
    ...{ kind: 'service', id: 'drain', type: 'drain', up: 0 },
    placement: { on: 'floor', x, y, turn: 0 },
  });
  const zone = usualZone(room.design, { id: 'floor', face: null });
  room.run(putZone, {
    ...zone,
    tile: { w: 197, h: 197 },
    pattern: { type: 'grid' },
    joint: 3,
    fall: 0.01,
    ...change,
  });
  return room;
}
function falls(room: RoomBuilder) {
  const { record, rings, holes } = findZone(room.design, 'floor')!;
  return fallsOf(record, rings, holes);
}

describe('the falls of a wet floor', () => {
  it('rise as far as the furthest edge needs, the nearer ones the steeper', () => {
    const found = falls(wet(500, -400)) as Falls;
    // The furthest edge is 1500 off: 15 mm at 1 percent; the others are 500, 400 and 800 off.
    expect(found.rise).toBeCloseTo(15, 6);
    expect(found.planes.map(({ share }) => Math.round(share * 1e6) / 1e6).sort((a, b) => a - b)).toEqual(
      [15 / 1500, 15 / 800, 15 / 500, 15 / 400].map((share) => Math.round(share * 1e6) / 1e6),
    );
    expect(found.cuts).toHaveLength(4);
    expect(found.corners.map(({ by }) => by)).toEqual([found.rise, found.rise, found.rise, found.rise]);
    expect(found.cuts.every(({ from }) => from === found.drain)).toBe(true);
    expect((falls(wet(500, -400, { fall: 0.02 })) as Falls).rise).toBeCloseTo(30, 6);
  });

  it('are none of a level floor, of one without a drain, and where a corner is out of the drain’s sight', () => {
    const level = wet(500, -400);
    const { fall: _, ...flat } = findZone(level.design, 'floor')!.record;
    level.run(putZone, flat);
    expect(falls(level)).toBeNull();
    const room = rectangle(2000, 1200);
    room.run(putZone, { ...usualZone(room.design, { id: 'floor', face: null }), fall: 0.01 });
    expect(falls(room)).toBe('no-drain');
    // Beside a chest that stands out between them, what lies behind it is not seen.
    const nook = wet(300, -1100);
    expect(typeof falls(nook)).toBe('object');
    nook.set('F600', 'face-a', 800);
    expect(falls(nook)).toBe('out-of-sight');
  });

  it('cut large tiles along the lines to the corners, small ones not', () => {
    const through = (tile: number) => {
      const room = wet(1000, -600, { tile: { w: tile, h: tile }, origin: { x: 0, y: 0 } });
      const laid = must(tiledZone(findZone(room.design, 'floor')!)).laid.pieces;
      return cutByFalls(falls(room) as Falls, { w: tile, h: tile }, laid).length;
    };
    expect([through(100), through(100.5) > 0]).toEqual([0, true]);
    // Four lines of 1000 by 600 over a grid of 197 and 3: each crosses five columns and three rows, one tile more at each change.
    expect(through(197)).toBeGreaterThanOrEqual(4 * 5);
    expect(through(197)).toBeLessThanOrEqual(4 * 8);
  });
});

describe('the falls of a wet floor to a linear drain', () => {
  const along = (x: number, y: number, change: Partial<ZoneRecord> = {}) =>
    falls(wet(300, -300, { channel: { x, y }, ...change })) as Falls;

  it('are one plane from the edge it lies along, every corner as high as it is far', () => {
    const found = along(1000, 0);
    expect(found.planes).toHaveLength(1);
    expect(found.planes[0]!.share).toBe(0.01);
    expect(found.rise).toBeCloseTo(12, 6);
    expect(found.cuts).toEqual([]);
    expect(found.corners.map(({ by }) => Math.round(by * 1e6) / 1e6).sort((a, b) => a - b)).toEqual([
      0, 0, 12, 12,
    ]);
    expect(along(0, -600, { fall: 0.02 }).rise).toBeCloseTo(40, 6);
    const laid = must(tiledZone(findZone(wet(300, -300).design, 'floor')!)).laid.pieces;
    expect(cutByFalls(found, { w: 197, h: 197 }, laid)).toEqual([]);
  });

  it('are none where something lies behind it, or no edge is near', () => {
    expect(along(1000, -600)).toBe('no-drain');
    // A chest makes an edge of its front, behind which there is floor on both sides.
    const room = wet(300, -1100, { channel: { x: 1100, y: -560 } });
    room.set('F600', 'face-a', 800);
    expect(falls(room)).toBe('behind-drain');
  });

  it('can be to any edge, told by the face it is along', () => {
    const room = wet(300, -300);
    const edges = drainEdges(room.design, findZone(room.design, 'floor')!);
    expect(edges.map(({ face, long }) => [face, Math.round(long)]).sort()).toEqual([
      ['A', 2000],
      ['B', 1200],
      ['C', 2000],
      ['D', 1200],
    ]);
    for (const { at, face, long } of edges) {
      const found = along(at.x, at.y);
      expect(found.rise).toBeCloseTo(0.01 * (long === 2000 ? 1200 : 2000), 6);
      expect(face).not.toBeNull();
    }
  });
});
