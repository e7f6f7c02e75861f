import { describe, expect, it } from 'vitest';
import { floor, put, rounded } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import type { RoomBuilder } from '../demo/build-room';
import type { SeatSide } from '../document/limits';
import { must } from '../result';
import { rowSide, withTrim } from './row-side';
import { itemBoxes, type ItemBox } from './item-box';

const boxes = ({ design }: RoomBuilder, ...ids: string[]) =>
  ids.map((id) => itemBoxes(design).find((box) => box.id === id)!) as [ItemBox, ...ItemBox[]];
/** Two bases of an island end to end, and one behind them, back to back with the second. */
const island = (gap = 0, off = 0, turn = 0) => {
  const builder = rectangle(9000, 8000);
  put(builder, 'a', 'F600', floor(3000, -3000));
  put(builder, 'b', 'F900', floor(3600 + gap, -3000 - off, turn));
  put(builder, 'behind', 'F900', floor(4500, -3000, Math.PI));
  return builder;
};
function read(builder: RoomBuilder, side: SeatSide, ...ids: string[]) {
  const found = rowSide(boxes(builder, ...ids), side);
  if (!found.ok) return found.refusal.code;
  const { from, along, length, out, bearing } = found.value;
  return [
    [from.x, from.y, along.x, along.y, out.x, out.y].map(rounded),
    rounded(length),
    bearing.map(({ box, side: own }) => `${box.id} ${own}`),
  ];
}

describe('a side of a row', () => {
  it('is its back from end to end, walked with the items on the right', () => {
    const back = [[3000, -3000, 1, 0, 0, 1], 1500, ['a behind', 'b behind']];
    expect(read(island(), 'behind', 'a', 'b')).toEqual(back);
    expect(read(island(), 'behind', 'b', 'a')).toEqual(back);
    expect(read(island(), 'behind', 'behind')).toEqual([
      [4500, -3000, -1, 0, 0, -1].map(rounded),
      900,
      ['behind behind'],
    ]);
  });

  it('is the end of those that reach it, whichever way they face', () => {
    expect(read(island(), 'left', 'a', 'b')).toEqual([[3000, -3560, 0, 1, -1, 0], 560, ['a left']]);
    expect(read(island(), 'right', 'a', 'b')).toEqual([[4500, -3000, 0, -1, 1, 0], 560, ['b right']]);
    // Of two back to back the end is both their sides: the one's right, the other's left.
    expect(read(island(), 'right', 'b', 'behind')).toEqual([
      [4500, -2440, 0, -1, 1, 0],
      1120,
      ['behind left', 'b right'],
    ]);
  });

  it('is none where their backs step or gape by more than three millimetres, or they are turned', () => {
    expect(
      [read(island(3), 'behind', 'a', 'b'), read(island(0, 3), 'behind', 'a', 'b')].map((one) => typeof one),
    ).toEqual(['object', 'object']);
    expect([read(island(3.1), 'behind', 'a', 'b'), read(island(0, 3.1), 'behind', 'a', 'b')]).toEqual([
      'items-apart',
      'items-apart',
    ]);
    expect(read(island(0, 0, 0.01), 'behind', 'a', 'b')).toBe('items-apart');
    expect(read(island(0, 0, 0.001), 'behind', 'a', 'b')).not.toBe('items-apart');
    // Fronts are no side that a back goes along.
    expect(read(island(), 'behind', 'b', 'behind')).toBe('items-apart');
    // At an end what steps back does not reach it.
    const end = rectangle(9000, 8000);
    put(end, 'a', 'F600', floor(3000, -3000));
    put(end, 'b', 'F600', floor(3603, -3000 + 560, 0));
    expect(read(end, 'left', 'a', 'b').slice(1)).toEqual([560, ['a left']]);
    put(end, 'c', 'F600', floor(3003, -3000 + 570, 0));
    expect(read(end, 'left', 'a', 'c')).toBe('items-apart');
  });
});

describe('items with their trim', () => {
  it('are those chosen, and the panels and fillers right beside them in their runs', () => {
    const builder = rectangle(9000, 8000);
    let at = 1000;
    for (const [id, code, width] of [
      ['z', 'F300', 300],
      ['p1', 'P18', 18],
      ['p2', 'FL50', 50],
      ['a', 'F600', 600],
      ['b', 'F600', 600],
      ['p3', 'FL50', 50],
      ['p4', 'P18', 18],
      ['y', 'F300', 300],
      ['p5', 'P18', 18],
    ] as const) {
      put(builder, id, code, floor(at, -3000));
      at += width;
    }
    put(builder, 'far', 'F600', floor(1000, -6000));
    const ids = (...chosen: string[]) =>
      withTrim(builder.design, boxes(builder, ...chosen)).map(({ id }) => id);
    expect(ids('a', 'b')).toEqual(['a', 'b', 'p2', 'p1', 'p3', 'p4']);
    expect(ids('b', 'a')).toEqual(['b', 'a', 'p2', 'p1', 'p3', 'p4']);
    expect(ids('a')).toEqual(['a', 'p2', 'p1']);
    expect(ids('y')).toEqual(['y', 'p4', 'p3', 'p5']);
    expect(ids('z')).toEqual(['z', 'p1', 'p2']);
    expect(ids('far')).toEqual(['far']);
    expect(must(rowSide(boxes(builder, 'a', 'b'), 'behind')).length).toBe(1200);
  });
});
