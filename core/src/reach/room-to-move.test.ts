import { expect, it } from 'vitest';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { distance } from '../geometry/point';
import { contains, distanceToPath } from '../geometry/polygon';
import { isMovable } from '../ranges/item-kind';
import { itemBoxes } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { checkReach } from './check-reach';
import { isKeptFree, roomToTurn, walkedWays } from './room-to-move';

const design = orchardKitchen();

it('has ways from the door to each place one works at, none through what stands there', () => {
  const ways = walkedWays(design);
  // The refrigerator stands beside the door.
  expect(ways.map(({ ids }) => ids)).toEqual([
    ['opening-2', 'item-5'],
    ['opening-2', 'item-9'],
  ]);
  const solid = itemBoxes(design).filter(({ low, kind }) => low < 900 && !kind.within && !isMovable(kind));
  for (const { line, width, from, to } of ways) {
    expect(distance(from, to)).toBeCloseTo(width, 6);
    // About its ends nothing is in the way.
    const ends = [line[0]!, line.at(-1)!];
    const between = line.filter((at) => ends.every((end) => distance(end, at) > 600));
    for (const at of between) {
      expect(contains(roomShape(design).outline, at)).toBe(true);
      for (const { footprint } of solid) expect(contains(footprint, at)).toBe(false);
    }
    // The narrowest place lies on the way.
    const away = Math.min(...line.map((at) => distanceToPath(at, [from, to])));
    expect(away).toBeLessThan(width / 2);
  }
});

it('has room to turn, as much as the check of it measures', () => {
  const { place, across } = roomToTurn(design)!;
  const [west, east] = [Math.min(...place.map(({ x }) => x)), Math.max(...place.map(({ x }) => x))];
  expect(east - west).toBeCloseTo(across, 0);
  expect(across).toBeGreaterThan(600);
});

it('tells ground and counter to be kept free from other findings', () => {
  const kept = checkReach(design).findings.filter(isKeptFree);
  expect(kept.some(({ measure }) => measure === 'sink-landing')).toBe(true);
  expect(kept.some(({ measure }) => measure === 'waste-receptacles')).toBe(false);
});
