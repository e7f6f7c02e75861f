import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setRoom } from '../commands/set-room';
import { setStyle } from '../commands/set-style';
import { recordOf } from '../document/design';
import { doorStyles, handleStyles } from '../document/limits';
import { drawView, roomViews } from '../drawing/elevation/views';
import { sceneOf } from '../scene/scene';
import { solidsOf } from '../solids/solids';
import { FRONT, leafBoards, type LeafBoard } from './door-styles';
import { handleOf } from '../solids/handles';

const volume = ({ left, right, low, high, back, face }: LeafBoard) =>
  (right - left) * (high - low) * (face - back);

describe('door styles', () => {
  it('are made of boards within the front, none in another, behind its face and no thicker than it', () => {
    for (const style of doorStyles)
      for (const [wide, high] of [
        [597, 717],
        [297, 140],
        [60, 60],
      ] as const)
        for (const glass of [false, true]) {
          const boards = leafBoards(style, { wide, high, glass });
          for (const one of boards) {
            expect(one.left >= 0 && one.right <= wide && one.low >= 0 && one.high <= high).toBe(true);
            expect(one.back >= -FRONT && one.face <= 0 && volume(one) > 0).toBe(true);
          }
          for (const [index, one] of boards.entries())
            for (const other of boards.slice(index + 1)) {
              const shared = [
                Math.min(one.right, other.right) - Math.max(one.left, other.left),
                Math.min(one.high, other.high) - Math.max(one.low, other.low),
                Math.min(one.face, other.face) - Math.max(one.back, other.back),
              ];
              expect([style, shared.every((by) => by > 1e-9)]).toEqual([style, false]);
            }
          // From its edges nothing is missing: the outermost boards fill its whole outline.
          expect(
            Math.max(...boards.map((one) => one.right)) - Math.min(...boards.map((one) => one.left)),
          ).toBe(wide);
        }
  });

  it('have a panel where there is room for it, to the millimetre; a plain front else; glass in a glazed kind whatever the style', () => {
    expect(leafBoards('frame', { wide: 400, high: 72 }).length).toBe(5);
    expect(leafBoards('frame', { wide: 400, high: 71.9 }).length).toBe(1);
    expect(leafBoards('slab', { wide: 400, high: 700 }).length).toBe(1);
    // 6 boards of 100 with 4 between are nearest to 597.
    expect(leafBoards('grooved', { wide: 597, high: 700 }).filter(({ edged }) => edged).length).toBe(6);
    for (const style of doorStyles) {
      const panes = (glass: boolean) =>
        leafBoards(style, { wide: 400, high: 700, glass }).filter(({ of }) => of === 'glass').length;
      expect([panes(true), panes(false)]).toEqual([1, style === 'glazed' ? 1 : 0]);
    }
  });

  it('are the item’s own, else the room’s, else as the range makes them; seen in elevation and in three dimensions', () => {
    const builder = rectangle(4000, 3000);
    const [plain, own] = [builder.set('F600', 'face-a', 0), builder.set('F600', 'face-a', 600)];
    const styles = (id: string) =>
      solidsOf(builder.design)
        .filter(({ of, box }) => of === 'item' && box?.id === id)
        .flatMap(({ sides }) => sides.flatMap(({ parts }) => parts.map(({ style }) => style ?? 'slab')));
    const strokes = () => {
      const view = roomViews(builder.design).find((one) => one.of === 'face' && one.name === 'A')!;
      return drawView(builder.design, view, 20).flatMap((mark) => (mark.type === 'path' ? mark.rings : []))
        .length;
    };
    const corners = () =>
      sceneOf(builder.design).reduce(
        (sum, { source, parts }) =>
          source === plain ? sum + parts.reduce((all, { mesh }) => all + mesh.positions.length, 0) : sum,
        0,
      );
    const before = [strokes(), corners()] as const;
    expect(new Set(styles(plain))).toEqual(new Set(['slab']));
    builder.run(setRoom, { doorStyle: 'frame' });
    builder.run(setStyle, { style: 'doorStyle', value: 'slatted', to: { items: [own] } });
    expect([new Set(styles(plain)), new Set(styles(own))]).toEqual([
      new Set(['frame']),
      new Set(['slatted']),
    ]);
    expect(strokes() > before[0] && corners() > before[1]).toBe(true);
    builder.run(setStyle, { style: 'doorStyle', value: 'raised', to: { room: 'everywhere' } });
    expect(new Set([...styles(plain), ...styles(own)])).toEqual(new Set(['raised']));
    // A filler in the run is passed over.
    const filler = builder.set('FL100', 'face-a', 1200);
    expect(recordOf(builder.design, 'item', filler)!.type).toContain('filler');
    builder.run(setStyle, { style: 'doorStyle', value: 'frame', to: { items: [filler, own] } });
    expect([recordOf(builder.design, 'item', filler)!.doorStyle, new Set(styles(own))]).toEqual([
      undefined,
      new Set(['frame']),
    ]);
    builder.run(setStyle, { style: 'doorStyle', value: null, to: { room: 'usual' } });
    builder.run(setRoom, { range: 'saltbox' });
    const framed = builder.place('B15-3', { on: 'floor', x: 1500, y: -2000, turn: 0 });
    expect(new Set(styles(framed))).toEqual(new Set(['frame']));
  });
});

describe('handles', () => {
  it('are of every style within their front, but for a bar of its own length; with none there is a gap for fingers', () => {
    for (const handleStyle of handleStyles) {
      const builder = rectangle(4000, 3000);
      const ids = [builder.set('F600', 'face-a', 0), builder.set('U600/720', 'face-a', 0)];
      builder.set('T600/2070', 'face-a', 600);
      const usual = rectangle(4000, 3000);
      usual.set('F600', 'face-a', 0);
      usual.set('U600/720', 'face-a', 0);
      builder.run(setRoom, { handleStyle });
      const partsOf = ({ design }: typeof builder, id: string) =>
        solidsOf(design)
          .filter(({ of, box }) => of === 'item' && box?.id === id)
          .flatMap(({ sides }) => sides.flatMap(({ parts }) => parts))
          .filter(({ shows }) => shows === 'door' || shows === 'drawer');
      for (const id of ids)
        for (const [index, part] of partsOf(builder, id).entries()) {
          const handle = handleOf(part);
          const as = partsOf(usual, id)[index]!;
          if (handleStyle === 'none') {
            expect(handle).toBeNull();
            // What stands is taken at its top, what hangs at its bottom.
            const [below, above] = [part.low - as.low, as.high - part.high];
            expect([below, above].map((by) => Math.round(by))).toEqual(id === ids[0] ? [0, 20] : [20, 0]);
            continue;
          }
          expect(part.low).toBe(as.low);
          const { across, up, half, off } = handle!;
          expect(across - half.across >= part.left && across + half.across <= part.right).toBe(true);
          expect(up - half.up >= part.low && up + half.up <= part.high && off > 5).toBe(true);
        }
    }
  });
});
