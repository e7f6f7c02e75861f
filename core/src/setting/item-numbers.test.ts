import { describe, expect, it } from 'vitest';
import { floor, onA, put } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { renumberItems } from '../commands/renumber-items';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { asMet, itemNumbers, nextNumber } from './item-numbers';

const full = () => {
  const builder = rectangle(6000, 5000);
  put(builder, 'd', 'F600', { on: 'face', face: 'face-b', from: 'left', distance: 900, off: 0 });
  put(builder, 'b-over', 'U600/720', onA(1000));
  put(builder, 'a-second', 'F600', onA(1000));
  put(builder, 'c', 'F600', onA(300));
  for (const [id, x, y] of [
    ['right-low', 4000, -4000],
    ['left-low', 1500, -4000],
    ['left-high', 1500, -1200],
    ['right-high', 4000, -1200],
  ] as const)
    put(builder, id, 'F600', floor(x, y));
  return builder;
};
const clockwise = ['c', 'a-second', 'b-over', 'd', 'left-high', 'right-high', 'right-low', 'left-low'];
const idsOf = (builder: RoomBuilder, first?: string) => asMet(builder.design, first).map(({ id }) => id);

describe('items as they are met', () => {
  it('go clockwise along the faces, from below up, then clockwise about the middle', () => {
    expect(idsOf(full())).toEqual(clockwise);
  });

  it('begin with a chosen one, and go round', () => {
    expect(idsOf(full(), 'd')).toEqual([...clockwise.slice(3), ...clockwise.slice(0, 3)]);
    expect(idsOf(full(), 'nobody')).toEqual(clockwise);
  });

  it('at one place go by their ids', () => {
    const builder = rectangle(4000, 3000);
    for (const id of ['z', 'm', 'a']) put(builder, id, 'F600', onA(500));
    expect(idsOf(builder)).toEqual(['a', 'm', 'z']);
  });
});

describe('numbers of items', () => {
  const numbers = (builder: RoomBuilder) => Object.fromEntries(itemNumbers(builder.design));
  const change = (builder: RoomBuilder, id: string, number?: number) => {
    const item = { ...recordOf(builder.design, 'item', id)! };
    delete item.number;
    const after = number === undefined ? item : { ...item, number };
    builder.design = { ...builder.design, records: { ...builder.design.records, [id]: after } };
  };

  it('once given stay, the first by id keeps one that two have, others come after the highest as they are met', () => {
    const builder = rectangle(4000, 3000);
    ['a', 'b', 'c', 'd'].forEach((id, index) => put(builder, id, 'F600', onA(2400 - 700 * index)));
    expect(numbers(builder)).toEqual({ a: 1, b: 2, c: 3, d: 4 });
    expect(nextNumber(builder.design)).toBe(5);
    change(builder, 'c', 9);
    for (const id of ['a', 'd']) change(builder, id);
    expect(numbers(builder)).toEqual({ b: 2, c: 9, d: 10, a: 11 });
    expect(nextNumber(builder.design)).toBe(12);
    for (const id of ['b', 'c']) change(builder, id, 4);
    expect(numbers(builder)).toEqual({ b: 4, d: 5, c: 6, a: 7 });
    builder.run(renumberItems, {});
    expect(numbers(builder)).toEqual({ d: 1, c: 2, b: 3, a: 4 });
  });

  it('begin with one', () => {
    expect(nextNumber(rectangle(4000, 3000).design)).toBe(1);
  });
});
