import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setRoom } from '../commands/set-room';
import { putService } from '../commands/put-service';
import { recordOf, type Design } from '../document/design';
import { contains, distanceToPath, signedArea } from '../geometry/polygon';
import { itemBoxes } from '../setting/item-box';
import { solidsOf } from '../solids/solids';
import { lampsOf } from './light/lamps';
import { raysThrough } from './light/rays';
import { volumeOf, type Mesh } from './mesh';
import { sceneOf } from './scene';
import type { Substance } from './scene-part';

const partsOf = (design: Design, id: string) => sceneOf(design).find(({ key }) => key === id)!.parts;
const volume = (design: Design, id: string, substance: Substance) =>
  partsOf(design, id)
    .filter((part) => part.substance === substance)
    .reduce((sum, { mesh }) => sum + volumeOf(mesh), 0);
const cornersOf = ({ positions }: Mesh) =>
  Array.from({ length: positions.length / 3 }, (_, i) => ({
    x: positions[3 * i]!,
    y: positions[3 * i + 1]!,
    z: positions[3 * i + 2]!,
  }));
/** The parts of a front that are boards: not its plinth, not what is open. */
const boardsOf = (design: Design, id: string) =>
  solidsOf(design)
    .find((solid) => solid.id === id)!
    .sides.flatMap(({ parts }) => parts)
    .filter(({ shows }) => shows === 'door' || shows === 'drawer');

describe('a cabinet in three dimensions', () => {
  it('holds what its boards hold: two sides, a bottom, two rails, a back in their grooves, two shelves behind its door', () => {
    const builder = rectangle(4000, 3000);
    const id = builder.set('F600', 'face-a', 500);
    const { width, depth } = itemBoxes(builder.design).find((own) => own.id === id)!.record;
    const inner = width - 2 * 18;
    const boards =
      2 * 18 * depth * 720 +
      inner * depth * 18 +
      2 * inner * 100 * 18 +
      (inner + 15) * 709.5 * 8 +
      2 * (inner - 2) * (depth - 28 - 20) * 18;
    expect(volume(builder.design, id, 'carcass') / boards).toBeCloseTo(1, 6);
    // Its plinth of 16 before it and, 50 back, along both free ends, mitred at the front.
    const plinth = sceneOf(builder.design)
      .filter(({ source }) => source === id)
      .flatMap(({ parts }) => parts)
      .filter(({ substance }) => substance === 'plinth')
      .reduce((sum, { mesh }) => sum + volumeOf(mesh), 0);
    expect(plinth / ((width + 2 * (depth - 50) - 2 * 16) * 16 * 150)).toBeCloseTo(1, 6);
    // Plain fronts: each its width by its height by 18.
    const fronts = boardsOf(builder.design, id).reduce(
      (sum, part) => sum + (part.right - part.left) * (part.high - part.low) * 18,
      0,
    );
    expect(volume(builder.design, id, 'front') / fronts).toBeCloseTo(1, 6);
  });

  it('has framed fronts of stiles, rails and a panel that lies back, and a frame on its face', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { range: 'saltbox' });
    const id = builder.place('B15-3', { on: 'floor', x: 1500, y: -1500, turn: 0 });
    builder.run(setRoom, { range: 'fathom' });
    const plain = builder.place('F450', { on: 'floor', x: 3000, y: -1500, turn: 0 });
    const [framed] = boardsOf(builder.design, id);
    expect(framed).toBeDefined();
    const leaves = partsOf(builder.design, id).filter(
      ({ substance, moves }) => substance === 'front' && moves,
    );
    // Stiles and rails of 19.05, a panel of 6.35 that reaches 8 into their grooves.
    expect(leaves.length).toBe(boardsOf(builder.design, id).length);
    boardsOf(builder.design, id).forEach(({ left, right, low, high }, i) => {
      const [w, h] = [right - left, high - low];
      const rail = Math.min(62, w / 4, h / 4);
      const [across, up] = [w - 2 * rail, h - 2 * rail];
      const whole = (w * h - across * up) * 19.05 + (across + 16) * (up + 16) * 6.35;
      expect(volumeOf(leaves[i]!.mesh) / whole).toBeCloseTo(1, 6);
    });
    // The frame on the box's face: two stiles, and a rail over, under and between its three drawers.
    const still = partsOf(builder.design, id).filter(
      ({ substance, moves }) => substance === 'front' && !moves,
    );
    const frame = 2 * (876.3 - 114.3) * 38.1 * 19.05 + 4 * (15 * 25.4 - 76.2) * 38.1 * 19.05;
    expect(still.reduce((sum, { mesh }) => sum + volumeOf(mesh), 0) / frame).toBeCloseTo(1, 6);
    expect(
      partsOf(builder.design, plain).filter(({ moves, substance }) => moves && substance === 'front').length,
    ).toBe(boardsOf(builder.design, plain).length);
  });

  it('goes down to the floor by itself only where no plinth goes before it', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { range: 'saltbox' });
    const id = builder.set('B24', 'face-a', 500);
    const lowest = (design: Design) =>
      Math.min(
        ...partsOf(design, id)
          .filter(({ substance }) => substance === 'carcass')
          .flatMap(({ mesh }) => cornersOf(mesh).map(({ z }) => z)),
      );
    expect(lowest(builder.design)).toBeCloseTo(114.3, 6);
    const record = { ...recordOf(builder.design, 'item', id)!, plinth: { none: true } };
    expect(lowest({ ...builder.design, records: { ...builder.design.records, [id]: record } })).toBe(0);
  });

  it('of a corner is open to its doors, within its outline', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F900-L', 'face-a', 0);
    builder.place('F900-K', { on: 'floor', x: 2500, y: -1500, turn: 0.4 });
    const { design } = builder;
    for (const own of itemBoxes(design)) {
      const ring = own.footprint;
      // Boards, not a block: less than a third of what it takes up.
      const solid = Math.abs(signedArea(ring)) * (own.high - own.low - 150);
      expect(volume(design, own.id, 'carcass')).toBeLessThan(solid / 3);
      for (const { mesh } of partsOf(design, own.id).filter(({ substance }) => substance === 'carcass'))
        for (const corner of cornersOf(mesh))
          expect(contains(ring, corner) || distanceToPath(corner, [...ring, ring[0]!]) < 1e-6).toBe(true);
    }
  });
});

describe('a strip under a wall cabinet', () => {
  it('hangs under it, over its own light, which nothing of it keeps off', () => {
    const builder = rectangle(4000, 3000);
    const id = builder.set('U800/720', 'face-a', 1_000);
    const { low } = itemBoxes(builder.design).find((own) => own.id === id)!;
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 1_400, off: 0 } as const;
    builder.run(putService, { kind: 'service', id: 'strip', type: 'light', up: low - 60, placement });
    const { design } = builder;
    const [lamp] = lampsOf(design);
    const ups = partsOf(design, 'strip').flatMap(({ mesh }) => cornersOf(mesh).map(({ z }) => z));
    expect(Math.max(...ups)).toBeLessThanOrEqual(low);
    expect(Math.min(...ups)).toBeGreaterThan(lamp!.from[2]);
    const met = raysThrough(sceneOf(design))(lamp!.from, [0, 0, -1])!;
    expect(met.at[2]).toBeCloseTo(0, 6);
  });
});
