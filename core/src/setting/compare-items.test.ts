import { expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { moveItem } from '../commands/move-item';
import { setRoom } from '../commands/set-room';
import { RoomBuilder } from '../demo/build-room';
import { compareItems } from './compare-items';

it('puts the items of two options side by side: what differs in number, what stands elsewhere, what is alike', () => {
  const first = rectangle();
  const base = first.set('F600', 'face-a', 0);
  const sink = first.set('F900-S', 'face-a', 600);
  first.set('DISH600', 'face-a', 1500);
  const second = new RoomBuilder(first.design);
  second.run(setRoom, { specials: true });
  second.run(editItems, { ids: [base], change: { width: 640 } });
  second.run(moveItem, {
    id: sink,
    placement: { on: 'face', face: 'face-a', from: 'left', distance: 640, off: 0 },
  });
  const { items, prices } = compareItems(first.design, second.design);
  expect(items.map(({ code, width, first: a, second: b, moved }) => [code, width, a, b, moved])).toEqual([
    ['F600', 600, 1, 0, 0],
    ['F600', 640, 0, 1, 0],
    ['F900-S', 900, 1, 1, 1],
    ['DISH600', 600, 1, 1, 0],
  ]);
  const rest = 90 + 180 + 520;
  expect(prices).toEqual({
    first: { total: rest + 95 + 132, unpriced: 0 },
    second: { total: rest, unpriced: 1 },
  });
});
