import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putService } from '../../commands/put-service';
import { putZone } from '../../commands/put-zone';
import type { RoomBuilder } from '../../demo/build-room';
import type { ZoneRecord } from '../../document/records';
import { levelSteps } from './level-steps';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';

/** Tile and bed are 14 mm. */
const LAID = { tile: { w: 200, h: 200, thickness: 10 }, materials: { bed: 4 } };
function room(): RoomBuilder {
  const builder = rectangle(3000, 2000);
  builder.open('face-c', 'door', 500);
  builder.open('face-b', 'window', 500);
  return builder;
}
function tile(builder: RoomBuilder, id: string, change: Partial<ZoneRecord> = {}): void {
  builder.run(putZone, { ...usualZone(builder.design, { id, face: null }), ...LAID, ...change });
}
const steps = ({ design }: RoomBuilder, id: string) => levelSteps(design, findZone(design, id)!);
const half = (left: number, right: number) => [
  { x: left, y: -2000 },
  { x: right, y: -2000 },
  { x: right, y: 0 },
  { x: left, y: 0 },
];

describe('the steps of a floor', () => {
  it('are at its doorways, as high as tile and bed, wherever in them it ends', () => {
    const builder = room();
    tile(builder, 'floor');
    expect(steps(builder, 'floor')).toEqual([{ at: { doorway: 'D1' }, by: 14 }]);
    tile(builder, 'floor', { threshold: 50 });
    expect(steps(builder, 'floor')).toEqual([{ at: { doorway: 'D1' }, by: 14 }]);
  });

  it('are beside other zones that come out otherwise, and not at those elsewhere', () => {
    const builder = room();
    tile(builder, 'left', { corners: half(0, 1000), materials: { bed: 4 } });
    tile(builder, 'right', { corners: half(1000, 2000), materials: { bed: 9 } });
    expect(steps(builder, 'left')).toEqual([
      { at: { zone: findZone(builder.design, 'right')!.letter }, by: -5 },
    ]);
    tile(builder, 'right', { corners: half(1041, 2000), materials: { bed: 9 } });
    expect(steps(builder, 'left')).toEqual([]);
    tile(builder, 'right', { corners: half(1040, 2000), materials: { bed: 9 } });
    expect(steps(builder, 'left')).toHaveLength(1);
    tile(builder, 'right', { corners: half(1000, 2000), materials: { bed: 4.04 } });
    expect(steps(builder, 'left')).toEqual([]);
  });

  it('are as much higher as its edges are over their drain', () => {
    const builder = room();
    builder.run(putService, {
      ...{ kind: 'service', id: 'drain', type: 'drain', up: 0 },
      placement: { on: 'floor', x: 1500, y: -1000, turn: 0 },
    });
    tile(builder, 'floor', { fall: 0.01 });
    expect(steps(builder, 'floor')[0]!.by).toBeCloseTo(14 + 15, 6);
  });

  it('are as high at a doorway as it is far from a linear drain', () => {
    const builder = room();
    // The door is in the face across from the first: 2000 from a drain along that, none from one along its own.
    tile(builder, 'floor', { fall: 0.01, channel: { x: 1500, y: 0 } });
    expect(steps(builder, 'floor')[0]!.by).toBeCloseTo(14 + 20, 6);
    tile(builder, 'floor', { fall: 0.01, channel: { x: 1500, y: -2000 } });
    expect(steps(builder, 'floor')[0]!.by).toBeCloseTo(14, 6);
  });

  it('are none of what is on a wall', () => {
    const builder = room();
    builder.run(putZone, usualZone(builder.design, { id: 'wall', face: 'face-c' }));
    expect(steps(builder, 'wall')).toEqual([]);
  });
});
