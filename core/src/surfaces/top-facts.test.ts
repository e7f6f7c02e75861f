import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { moveItem } from '../commands/move-item';
import { removeThings } from '../commands/remove-things';
import { setTopCorner } from '../commands/set-top-corner';
import { setTopEdge } from '../commands/set-top-edge';
import { cornerShape, cornersOf, edgeLengths, overhangOf, topCorrections, unsupported } from './top-facts';
import { tops } from './tops';

/** Two in a row against face A, one end at the wall. */
function row() {
  const builder = rectangle();
  builder.set('F600', 'face-a', 0);
  builder.set('F600', 'face-a', 600);
  return builder;
}

describe('the facts of a top', () => {
  it('are the lengths of its edges by kind, without what a corner takes', () => {
    const builder = row();
    expect(edgeLengths(tops(builder.design)[0]!)).toEqual({
      front: 1220,
      back: expect.closeTo(1220 + 600, 6) as number,
      end: 600,
      cut: 0,
    });
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontRight' }], shape: { radius: 100 } });
    expect(edgeLengths(tops(builder.design)[0]!)).toMatchObject({ front: 1120, end: 500 });
  });

  it('say how far an edge stands out, and by whose word', () => {
    const builder = row();
    const told = () =>
      tops(builder.design)[0]!.rings[0]!.edges.map((edge) => [edge.role, overhangOf(builder.design, edge)]);
    expect(told()).toEqual(
      expect.arrayContaining([
        ['front', { overhang: 40, own: false }],
        ['right', { overhang: 20, own: false }],
        ['wall', null],
        ['wall', null],
      ]),
    );
    builder.run(setTopEdge, { ids: ['item-2'], side: 'right', overhang: 265 });
    expect(told()).toEqual(expect.arrayContaining([['right', { overhang: 265, own: true }]]));
  });

  it('name the edges that need brackets: over 12 in', () => {
    const builder = row();
    const over = (overhang: number) => {
      builder.run(setTopEdge, { ids: ['item-2'], side: 'right', overhang });
      return unsupported(builder.design, tops(builder.design)[0]!).map(({ edge }) => edge.key);
    };
    expect([over(304.8), over(304.82)]).toEqual([[], ['right item-2']]);
  });

  it('name the corners that can be made otherwise, and how they are', () => {
    const builder = row();
    const corners = () => cornersOf(tops(builder.design)[0]!.rings[0]!);
    expect(corners().map(({ at }) => at.map(({ item, corner }) => `${item} ${corner}`))).toEqual([
      ['item-2 frontRight'],
    ]);
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontRight' }], shape: { chamfer: 30 } });
    expect(
      corners()
        .map((corner) => cornerShape(builder.design, corner))
        .filter(Boolean),
    ).toEqual([{ chamfer: 30 }]);
  });
});

describe('corrections', () => {
  it('stay while their item is there, whatever happens beside it, and say when they have no edge', () => {
    const builder = row();
    builder.run(setTopEdge, { ids: ['item-2'], side: 'right', overhang: 265 });
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontRight' }], shape: { radius: 60 } });
    const kept = (shows: boolean) => [
      { items: ['item-2'], side: 'right', overhang: 265, shows },
      { items: ['item-2'], corner: 'frontRight', shape: { radius: 60 }, shows },
    ];
    expect(topCorrections(builder.design)).toEqual(kept(true));
    builder.run(setTopEdge, { ids: ['item-1'], side: 'front', overhang: 80 });
    expect(topCorrections(builder.design)).toHaveLength(3);
    builder.run(setTopEdge, { ids: ['item-2'], side: 'front', overhang: 80 });
    // Along one edge it is one.
    expect(topCorrections(builder.design)).toContainEqual({
      ...{ items: ['item-1', 'item-2'], side: 'front', overhang: 80, shows: true },
    });
    builder.run(setTopEdge, { ids: ['item-2'], side: 'front', overhang: null });
    builder.run(removeThings, ['item-1']);
    builder.run(editItems, { ids: ['item-2'], change: { width: 800 } });
    expect(topCorrections(builder.design)).toEqual(kept(true));
    // Against a wall its end is none, and its correction waits.
    builder.run(moveItem, {
      id: 'item-2',
      placement: { on: 'face', face: 'face-a', from: 'right', distance: 0, off: 0 },
    });
    expect(topCorrections(builder.design).map(({ shows }) => shows)).toEqual([false, false]);
    builder.run(setTopEdge, { ids: ['item-2'], side: 'right', overhang: null });
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontRight' }], shape: null });
    expect(topCorrections(builder.design)).toEqual([]);
  });
});
