import { describe, expect, it } from 'vitest';
import { strokesOf } from '../../../testing/hidden-strokes';
import { rectangle, shaped } from '../../../testing/rooms';
import { execute } from '../../commands/command';
import { moveItem } from '../../commands/move-item';
import { must } from '../../result';
import { drawStrip, drawUnfold, moved, unfoldedPlaces, unfoldedViews } from './unfold';

describe('the unfold', () => {
  it('puts the faces side by side in walking order, and says where a thing shows on each', () => {
    const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
    const item = builder.set('F600', 'face-b', 0);
    const { design } = builder;
    expect(unfoldedViews(design).map(({ x }) => Math.round(x))).toEqual([0, 4000, 6000, 7500, 9500, 12000]);
    expect(unfoldedPlaces(design, item).map(({ view, left, right }) => [view.name, left, right])).toEqual([
      ['A', 3440, 4000],
      ['B', 4000, 4600],
    ]);
    const marks = drawUnfold(design, 40);
    const xs = strokesOf(marks, item).flatMap(({ rings }) => rings.flat().map(({ x }) => x));
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([3440, 4600]);
  });
});

describe('the strip in pieces', () => {
  const builder = rectangle(4000, 3000, 4000, 3000);
  const item = builder.set('F600', 'face-a', 1000);
  builder.set('F600', 'face-c', 300);
  const { design } = builder;

  it('has the levels, and the views that lie within 900 of the part that is asked for', () => {
    const keys = (from: number, to: number) => drawStrip(design, 40, { from, to }).map(({ key }) => key);
    expect(keys(0, 14_000)).toEqual(['levels', 'face-a', 'face-b', 'face-c', 'face-d']);
    expect(keys(4899, 4899)).toEqual(['levels', 'face-a', 'face-b']);
    expect(keys(4901, 4901)).toEqual(['levels', 'face-b']);
    expect(keys(3099, 3099)).toEqual(['levels', 'face-a']);
    expect(keys(3101, 3101)).toEqual(['levels', 'face-a', 'face-b']);
  });

  it('is the unfolded room, each piece moved along by its place', () => {
    const pieces = drawStrip(design, 40);
    expect(pieces.map(({ x }) => x)).toEqual([0, 0, 4000, 7000, 11_000]);
    expect(drawUnfold(design, 40)).toEqual(pieces.flatMap(({ x, marks }) => moved(marks, x)));
  });

  it('has the very same marks for a view in which an edit changes nothing', () => {
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 2500, off: 0 } as const;
    const after = must(execute(moveItem, design, { id: item, placement })).design;
    const [was, is] = [design, after].map((one) => drawStrip(one, 40));
    const same = was!.filter(({ marks }, at) => marks === is![at]!.marks).map(({ key }) => key);
    expect(same).toEqual(['face-b', 'face-c', 'face-d']);
  });
});
