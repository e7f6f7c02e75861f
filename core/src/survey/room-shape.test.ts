import { expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setRoom } from '../commands/set-room';
import { itemBoxes, findBox } from '../setting/item-box';
import { roomShape } from './room-shape';

it('is the very same for a room that is renamed or shown in another unit, and computed anew from other measures', () => {
  const builder = rectangle(4000, 3000);
  const id = builder.set('F600', 'face-a', 500);
  const shape = roomShape(builder.design);
  const [box] = itemBoxes(builder.design);
  builder.run(setRoom, { name: 'Galley', unit: 'in', counterHeight: 950 });
  expect(roomShape(builder.design)).toBe(shape);
  expect(itemBoxes(builder.design)[0]).toBe(box);
  expect(findBox(builder.design, id)).toBe(box);
  expect([findBox(builder.design, 'face-a'), findBox(builder.design, null)]).toEqual([undefined, undefined]);
  for (const change of [
    { ceilingHeight: 2500 },
    { wallThickness: 150 },
    { lengthUncertainty: 3 },
    { cornerUncertainty: 0.01 },
  ]) {
    const before = roomShape(builder.design);
    builder.run(setRoom, change);
    expect(roomShape(builder.design)).not.toBe(before);
  }
  const { ceiling, faces } = roomShape(builder.design);
  expect([faces[0]!.ceiling, faces[0]!.thickness]).toEqual([[2500, 2500], 150]);
  expect(ceiling).toBeDefined();
});
