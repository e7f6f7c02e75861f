import { describe, expect, it } from 'vitest';
import {
  around,
  held,
  inches,
  judged,
  onA,
  onFloor,
  ruled,
  service,
  verdictOf,
  withItem,
} from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { putService } from '../commands/put-service';

describe('one who sits in a wheelchair', () => {
  it('has a floor of 30 by 48 before a fixture, either way', () => {
    const before = (away: number, width: number) => {
      const room = withItem(rectangle(6000, 6000), 'basin', 'basin', {
        ...{ width: 500, depth: 420, height: 850, placement: onA(2000) },
      });
      const left = 2250 - width / 2;
      const two = withItem(room, 'left', 'base-doors', {
        ...{ width: 600, depth: 2000, height: 870, placement: onA(left - 600) },
      });
      const three = withItem(two, 'right', 'base-doors', {
        ...{ width: 600, depth: 2000, height: 870, placement: onA(left + width) },
      });
      return withItem(three, 'across', 'base-doors', {
        ...{ width: 1500, depth: 560, height: 870, placement: onFloor(1500, -420 - away) },
      });
    };
    const floor = (away: number, width: number) =>
      ruled(before(away, width), 'A-floor').find(({ ids }) => ids[0] === 'basin')!.verdict;
    expect(around(inches(48), 1).map((away) => floor(away, 800))).toEqual(held);
    expect(around(inches(30), 1).map((away) => floor(away, 1300))).toEqual(held);
    expect([762, 761].map((width) => floor(1300, width))).toEqual(['clear', 'blocked']);
  });
  it('turns in a circle that nothing stands in', () => {
    const room = (across: number) =>
      withItem(rectangle(6000, 2600), 'run', 'base-doors', {
        ...{ width: 4000, depth: 2600 - across, height: 870, placement: onA(1000) },
      });
    const wide = withItem(room(1000), 'rest', 'base-doors', {
      ...{ width: 1000, depth: 1600, height: 870, placement: onA(0) },
    });
    const all = withItem(wide, 'other', 'base-doors', {
      ...{ width: 1000, depth: 1600, height: 870, placement: onA(5000) },
    });
    expect(judged(all, 'A-turn')['largest clear circle']).toBeCloseTo(1000, 0);
    expect(judged(rectangle(6000, 1500), 'M-turn')).toMatchObject({
      'largest clear circle': expect.closeTo(1500, 0),
    });
    // Between a run and a wall, to the hundredth.
    const between = (apart: number) =>
      withItem(rectangle(6000, apart + 637.3), 'run', 'base-doors', {
        ...{ width: 6000, depth: 637.3, height: 870, placement: onA(0) },
      });
    expect(around(inches(60), 1).map((apart) => verdictOf(between(apart), 'A-turn'))).toEqual(held);
    expect(judged(between(1500), 'M-turn')['largest clear circle']).toBeCloseTo(1500, 2);
    // Parted from wall to wall: the lesser floor may be the wider one.
    const parted = withItem(rectangle(9000, 2400), 'wall', 'tall-pantry', {
      ...{ width: 2400, depth: 100, height: 2000, placement: onFloor(2400, 0, -90) },
    });
    const narrow = withItem(parted, 'run', 'base-doors', {
      ...{ width: 6600, depth: 1100, height: 870, placement: onA(2400) },
    });
    expect(judged(narrow, 'A-turn')['largest clear circle']).toBeCloseTo(2300, 0);
  });
  it('reaches switches and mirrors', () => {
    const at = (up: number) => {
      const builder = rectangle(6000, 5000);
      builder.run(putService, service('switch', 1000, -10, up));
      return builder;
    };
    expect([381, 380.9, 1219.2, 1219.3].map((up) => verdictOf(at(up), 'A-reach'))).toEqual([
      ...['clear', 'blocked', 'clear', 'blocked'],
    ]);
    const mirror = (up: number) =>
      withItem(rectangle(6000, 5000), 'mirror', 'mirror', {
        ...{ width: 600, depth: 20, height: 900, up, placement: onA(1000) },
      });
    expect([1016, 1016.1].map((up) => verdictOf(mirror(up), 'A-mirror'))).toEqual(['clear', 'blocked']);
  });
});
