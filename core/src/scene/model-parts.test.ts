import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { mirrorItems } from '../commands/mirror-items';
import { editItems } from '../commands/edit-items';
import { setItem } from '../commands/set-item';
import { recordOf } from '../document/design';
import type { RangeRecord } from '../document/kinds/range';
import type { Model } from '../imports/objects/model';
import { findBox } from '../setting/item-box';
import { volumeOf } from './mesh';
import { modelParts, withModels } from './model-parts';
import { sceneOf } from './scene';

/** A ramp: 400 wide, 300 high at its back and nothing at its front, 600 deep; in two colours. */
const ramp: Model = {
  parts: [
    {
      ...{ colour: '#112233', rough: 0.5, metal: 0 },
      positions: Float32Array.from([0, 0, 0, 400, 0, 0, 400, 0, 600, 0, 0, 600, 0, 300, 0, 400, 300, 0]),
      // Underside, back, both ends, slope.
      indices: Uint32Array.from([0, 1, 2, 0, 2, 3, 0, 4, 5, 0, 5, 1, 0, 3, 4, 1, 5, 2, 3, 2, 5, 3, 5, 4]),
    },
    {
      ...{ colour: '#ddeeff', rough: 0.1, metal: 0, clear: 0.4 },
      positions: Float32Array.from([0, 0, 0, 10, 0, 0, 0, 10, 0]),
      indices: Uint32Array.from([0, 1, 2]),
    },
  ],
};

const range: RangeRecord = {
  ...{ kind: 'range', id: 'ramp', name: 'Ramp', unit: 'mm', construction: 'none' },
  families: [
    {
      ...{
        type: 'object',
        name: 'Ramp',
        code: 'OB1',
        widths: [400],
        heights: [300],
        depths: [600],
        model: 'm1',
      },
      outline: [
        { along: 0, out: 0 },
        { along: 400, out: 0 },
        { along: 300, out: 600 },
      ],
      price: { each: 80, width: 0, height: 0 },
    },
  ],
};

/** A room with a ramp at face A, another free on the floor, turned. */
function room() {
  const builder = rectangle();
  const { kind: _, ...of } = range;
  const placement = { on: 'face', face: 'face-a', from: 'left', distance: 1000, off: 0 } as const;
  builder.run(setItem, { id: 'at-wall', range: 'ramp', code: 'OB1', placement, of });
  builder.run(setItem, {
    ...{ id: 'free', range: 'ramp', code: 'OB1', of },
    placement: { on: 'floor', x: 2000, y: 1500, turn: 0.7 },
  });
  return builder;
}
const modelOf = (id: string) => (id === 'm1' ? ramp : null);

describe('an object from outside', () => {
  it('brings its model and outline, and what it costs, into the room', () => {
    const { design } = room();
    expect(recordOf(design, 'item', 'free')).toMatchObject({
      type: 'object',
      model: 'm1',
      width: 400,
      depth: 600,
    });
    expect(findBox(design, 'at-wall')!.footprint).toHaveLength(3);
    expect(recordOf(design, 'range', 'ramp')).toBeDefined();
  });

  it('stands with its back to the wall, drawn to its sizes', () => {
    const builder = room();
    for (const id of ['at-wall', 'free']) {
      const box = findBox(builder.design, id)!;
      const [part] = modelParts(box, ramp);
      expect(volumeOf(part!.mesh)).toBeCloseTo((400 * 300 * 600) / 2, -1);
      // What is 300 high lies along its back.
      const { positions } = part!.mesh;
      for (let i = 0; i < positions.length; i += 3)
        if (positions[i + 2]! > 299) {
          const out = (positions[i]! - box.origin.x) * box.n.x + (positions[i + 1]! - box.origin.y) * box.n.y;
          expect(Math.abs(out)).toBeLessThan(1e-3);
        }
    }
    builder.run(editItems, { ids: ['free'], change: { width: 800, height: 150, up: 200 } });
    const [wider] = modelParts(findBox(builder.design, 'free')!, ramp);
    expect(volumeOf(wider!.mesh)).toBeCloseTo((800 * 150 * 600) / 2, -1);
    const ups = wider!.mesh.positions.filter((_, index) => index % 3 === 2);
    expect([Math.min(...ups), Math.max(...ups)].map(Math.round)).toEqual([200, 350]);
  });

  it('has the normal of its faces at edges, and one for what is rounded', () => {
    const [part] = modelParts(findBox(room().design, 'at-wall')!, ramp);
    const { normals, indices } = part!.mesh;
    // Five flat faces meet at right angles and more: each has its own corners.
    expect(normals.length / 3).toBe(4 + 4 + 3 + 3 + 4);
    expect(indices).toHaveLength(24);
    for (let i = 0; i < normals.length; i += 3)
      expect(Math.hypot(normals[i]!, normals[i + 1]!, normals[i + 2]!)).toBeCloseTo(1, 6);
    const flat: Model = {
      parts: [
        {
          ...{ colour: '#112233', rough: 0.5, metal: 0 },
          // Two faces with 30 degrees between them.
          positions: Float32Array.from([0, 0, 0, 400, 0, 0, 0, 0, 600, 0, 300, -300 / Math.tan(Math.PI / 6)]),
          indices: Uint32Array.from([0, 2, 1, 0, 1, 3]),
        },
      ],
    };
    const [bent] = modelParts(findBox(room().design, 'at-wall')!, flat);
    expect(bent!.mesh.normals.length / 3).toBe(4);
  });

  it('takes the place of the body that stands for it, once its model is there', () => {
    const { design } = room();
    const groups = sceneOf(design);
    const body = groups.find(({ source }) => source === 'free')!;
    expect(body.parts).toMatchObject([{ substance: 'object' }]);
    expect(withModels(design, groups, () => null)).toEqual(groups);
    const after = withModels(design, groups, modelOf);
    const own = after.find(({ source }) => source === 'free')!;
    expect(own.parts.map(({ substance, look }) => [substance, look?.colour])).toEqual([
      ['object', '#112233'],
      ['glass', '#ddeeff'],
    ]);
    // The very same where nothing has changed.
    expect(withModels(design, groups, modelOf).find(({ source }) => source === 'free')).toBe(own);
    expect(after.filter((group) => !groups.includes(group))).toHaveLength(2);
  });

  it('has no other hand', () => {
    const builder = room();
    builder.run(mirrorItems, { ids: ['free'] });
    expect(recordOf(builder.design, 'item', 'free')!.hand).toBe('left');
  });
});
