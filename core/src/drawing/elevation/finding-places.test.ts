import { expect, it } from 'vitest';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { recordOf, roomOf } from '../../document/design';
import { checkReach } from '../../reach/check-reach';
import { roomShape } from '../../survey/room-shape';
import { findingPlaces } from './finding-places';
import { unfoldedViews } from './unfold';

const design = orchardKitchen();
const { findings } = checkReach(design);

it('is on the face that an item stands against, as high and wide as the item', () => {
  const aisle = findings.find(({ key }) => key === 'K06 face-b item-20')!;
  const [cooker, island] = findingPlaces(design, aisle);
  const record = recordOf(design, 'item', 'item-9')!;
  expect(cooker).toMatchObject({ view: { id: 'face-b' }, low: 0 });
  expect(cooker!.right - cooker!.left).toBeCloseTo(record.width, 3);
  expect(cooker!.high).toBeGreaterThan(record.height - 1);
  expect(island!.view.of).toBe('side');
});

it('is on a wall the part it is about, over the counter', () => {
  const sockets = findings.find(({ key }) => key === 'K30 item-10 face-b')!;
  const [place, ...more] = findingPlaces(design, sockets);
  const { counterHeight } = roomOf(design);
  expect(more).toEqual([]);
  expect(place).toMatchObject({ view: { id: 'face-b' }, low: counterHeight, high: counterHeight + 500 });
  const [from, to] = sockets.place as [{ x: number; y: number }, { x: number; y: number }];
  expect(place!.right - place!.left).toBeCloseTo(Math.hypot(to.x - from.x, to.y - from.y), 6);
  const view = unfoldedViews(design).find((one) => one.view.id === 'face-b')!;
  expect(place!.right - view.x).toBeLessThanOrEqual(roomShape(design).byId.get('face-b')!.length + 1e-9);
});

it('is nowhere for what is about the room alone', () => {
  expect(
    findingPlaces(
      design,
      findings.find(({ key }) => key === 'K14 room')!,
    ),
  ).toEqual([]);
});
