import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { lineFace } from '../commands/line-face';
import { putFixed } from '../commands/put-fixed';
import { removeThings } from '../commands/remove-things';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { intersect } from '../geometry/region';
import { signedArea } from '../geometry/polygon';
import { volumeOf } from '../scene/mesh';
import { trimMesh } from '../scene/trim-parts';
import { solidsOf } from '../solids/solids';
import { trimCorrections, trimPlaces } from './trim-facts';
import { trimCut } from './trim-piece';
import { trimShape } from './trim-profiles';
import { trims } from './trims';

const cappings = ({ design }: RoomBuilder) => trims(design).filter(({ use }) => use === 'capping');
/** Each: on which lining, how long to the tenth, its ends in degrees, how high. */
const told = (builder: RoomBuilder) =>
  cappings(builder).map((piece) => {
    const { length, ends } = trimCut(piece);
    const angles = ends.map(({ angle }) => Math.round((angle * 180) / Math.PI));
    return [(piece.along as { fixed: string }).fixed, Math.round(length * 10) / 10, ...angles, piece.level];
  });
const line = (builder: RoomBuilder, face: string) =>
  builder.run(lineFace, { face: `face-${face}`, style: 'boards', prefix: face });
const change = (builder: RoomBuilder, id: string, part: object) =>
  builder.run(putFixed, { ...recordOf(builder.design, 'fixed', id)!, ...part });

describe('cappings on linings', () => {
  it('lie on what ends below the ceiling, where the room or the lining wants one', () => {
    const builder = rectangle(4000, 3000);
    line(builder, 'a');
    expect(told(builder)).toEqual([]);
    expect(trimPlaces(builder.design, 'capping').map(({ profile, own }) => [profile, own])).toEqual([
      ['none', false],
    ]);
    builder.run(setRoom, { capping: 'square' });
    expect(told(builder)).toEqual([['a-0', 4000, 0, 0, 1000]]);
    change(builder, 'a-0', { capping: 'none' });
    expect(told(builder)).toEqual([]);
    expect(trimCorrections(builder.design)).toEqual([
      { items: [], shows: true, profile: 'none', trim: 'capping', fixed: 'a-0' },
    ]);
    builder.run(setRoom, { capping: 'none' });
    change(builder, 'a-0', { capping: 'ogee' });
    expect(cappings(builder).map(({ profile }) => profile)).toEqual(['ogee']);
  });

  it.each([
    [2399, 1],
    [2399.5, 0],
    [2400, 0],
  ])('of %s under a ceiling of 2400: %s', (height, count) => {
    const builder = rectangle(4000, 3000);
    line(builder, 'a');
    builder.run(setRoom, { capping: 'square' });
    change(builder, 'a-0', { height });
    expect(cappings(builder)).toHaveLength(count);
  });

  it.each([
    [1000, 0],
    [1000.6, 1],
  ])('of 1000 before a half wall of %s: %s, which else has a cap of its own', (wallHeight, count) => {
    const builder = rectangle(4000, 3000);
    builder.run(editFaces, { faces: ['face-a'], change: { wallHeight } });
    line(builder, 'a');
    builder.run(setRoom, { capping: 'square' });
    change(builder, 'a-0', { height: 1000 });
    expect(cappings(builder)).toHaveLength(count);
  });

  it('meet in a corner by half its angle, whichever of two runs past the other, and cover both', () => {
    for (const [angle, lean] of [
      [45, 0],
      // 84.3 degrees, and half of what is left to 180.
      [48, 300],
    ] as const) {
      const builder = cornered([
        { x: 0, y: 0 },
        { x: 4000, y: 0 },
        { x: 4000 - lean, y: -3000 },
        { x: 0, y: -3000 },
      ]);
      for (const face of ['a', 'b']) line(builder, face);
      builder.run(setRoom, { capping: 'rounded' });
      expect(told(builder).map(([id, , ...ends]) => [id, ...ends])).toEqual([
        ['a-0', 0, angle, 1000],
        ['b-0', angle, 0, 1000],
      ]);
      const layers = solidsOf(builder.design).filter(({ of, low }) => of === 'trim' && low >= 1000);
      for (const [index, one] of layers.entries())
        for (const other of layers.slice(index + 1)) {
          if (one.low >= other.high - 1e-6 || other.low >= one.high - 1e-6) continue;
          const shared = intersect([one.footprint], [other.footprint]);
          expect(shared.reduce((sum, ring) => sum + Math.abs(signedArea(ring)), 0)).toBeLessThan(0.5);
        }
      if (lean > 0) continue;
      // At the wall one is as long as that, the other as well: long points in the corner.
      expect(told(builder).map(([, length]) => length)).toEqual([4000, 3000]);
      // Its section on the lining and before it, swept to the mitre: Pappus, the back 20 behind the line.
      const shape = trimShape('capping', 'rounded')!.map(({ x, y }) => ({ x: x === 0 ? -20 : x, y }));
      const area = signedArea(shape);
      const moment = shape.reduce((sum, p, index) => {
        const q = shape[(index + 1) % shape.length]!;
        return sum + ((p.x + q.x) * (p.x * q.y - q.x * p.y)) / 6;
      }, 0);
      const volume = cappings(builder).reduce((sum, piece) => sum + volumeOf(trimMesh(piece)), 0);
      expect(volume).toBeCloseTo((3980 + 2980) * area - 2 * moment, 3);
    }
  });

  it('go on in one length over linings in line, and end at a window, a door and what stands before them', () => {
    const builder = rectangle(4000, 3000);
    line(builder, 'a');
    builder.run(setRoom, { capping: 'square' });
    const whole = recordOf(builder.design, 'fixed', 'a-0')!;
    change(builder, 'a-0', { width: 1500 });
    builder.run(putFixed, {
      ...{ ...whole, id: 'more', width: 1000 },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 1500, off: 0 },
    });
    expect(told(builder).map(([, length]) => length)).toEqual([2500]);
    change(builder, 'more', { height: 1100 });
    expect(told(builder).map(([, length]) => length)).toEqual([1500, 1000]);
    builder.run(removeThings, ['more']);
    const tall = builder.set('T600/2070', 'face-a', 400);
    expect(
      told(builder)
        .map(([, length]) => length)
        .sort(),
    ).toEqual([400, 500]);
    builder.run(removeThings, [tall]);
    builder.set('F600', 'face-a', 400);
    expect(told(builder).map(([, length]) => length)).toEqual([1500]);
  });
});
