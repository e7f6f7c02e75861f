import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BoundsIndexes, boundsIndex } from './bounds-index';
import type { Point } from './point';
import { boundsOf } from './polygon';

interface Thing {
  corners: readonly Point[];
}

const square = (x: number, y: number, size = 10): Point[] => [
  { x, y },
  { x: x + size, y: y + size },
];
const thing = (x: number, y: number): Thing => ({ corners: square(x, y) });
const cornersOf = ({ corners }: Thing) => corners;
const extentOf = ({ corners }: Thing) => boundsOf(corners);

describe('an index of things by their extents', () => {
  const row = Array.from({ length: 40 }, (_, at) => thing(20 * at, 0));
  it.each([
    [9.999, [0]],
    [10, [0, 1]],
    [10.001, [0, 1]],
  ])('finds what is within or touches what is so much wider: %s', (wider, found) => {
    const index = boundsIndex(row, cornersOf);
    // Asked few times it goes through them all, asked more it has a tree: the answers are the same.
    for (let asked = 0; asked < 12; asked++)
      expect(index.near([{ x: 10, y: 5 }], wider).map((one) => row.indexOf(one))).toEqual(found);
  });
});

describe('indexes of one list after another', () => {
  const places = Array.from({ length: 8 }, (_, at) => square(30 * at, 30 * (at % 3), 15));
  const step = fc.record({
    at: fc.nat(19),
    what: fc.constantFrom('move', 'add', 'take', 'turn' as const),
    x: fc.integer({ min: -20, max: 250 }),
    y: fc.integer({ min: -20, max: 90 }),
    /** Which of the lists there were is asked again. */
    again: fc.nat(30),
  });

  it('find what an index of that list alone finds, whichever lists are asked', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const indexes = new BoundsIndexes(extentOf);
        let list: readonly Thing[] = Array.from({ length: 20 }, (_, at) => thing(12 * at, 7 * (at % 5)));
        const lists = [{ list, index: indexes.next(list) }];
        const check = ({ list: of, index }: (typeof lists)[number]) => {
          const alone = boundsIndex(of, cornersOf);
          for (const place of places)
            for (const wider of [0, 12]) {
              const [found, wanted] = [index.near(place, wider), alone.near(place, wider)];
              if (found.length !== wanted.length || found.some((one, at) => one !== wanted[at])) return false;
            }
          return true;
        };
        return (
          check(lists[0]!) &&
          steps.every(({ at, what, x, y, again }) => {
            const place = at % Math.max(1, list.length);
            if (what === 'move') list = list.with(place, thing(x, y));
            if (what === 'add') list = list.toSpliced(place, 0, thing(x, y));
            if (what === 'take' && list.length > 1) list = list.toSpliced(place, 1);
            if (what === 'turn') list = list.toReversed();
            lists.push({ list, index: indexes.next(list) });
            return check(lists.at(-1)!) && check(lists[again % lists.length]!);
          })
        );
      }),
    );
  });

  it('give the very same list while nothing near came or went', () => {
    const indexes = new BoundsIndexes(extentOf);
    const [near, far] = [thing(0, 0), thing(500, 0)];
    const place = square(5, 5);
    const found = indexes.next([near, far]).near(place, 100);
    expect(found).toEqual([near]);
    expect(indexes.next([near, thing(510, 0)]).near(place, 100)).toBe(found);
    expect(indexes.next([near, thing(115, 0)]).near(place, 100)).toHaveLength(2);
  });
});
