import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boxAt, boxesMeet } from './box';
import { drawn } from './drawn';
import { fewestMoved } from './fewest-moved';
import { placeLabels, type Label, type LabelPlace } from './place-labels';
import { line, WEIGHT, type Primitive } from '../primitives';

const nothing = drawn([], 1);
const AT = { scale: 1, medium: 'paper' } as const;
const label = (width: number, height: number, places: readonly LabelPlace[]): Label => ({
  ...{ layer: 'labels', width, height, places },
  // Further and further to the right, where nothing else is.
  further: (ring) => [{ at: { x: 1000 + ring * 100, y: (places[0]?.at.y ?? 0) * 7 }, foot: places[0]!.at }],
  draw: () => [],
});
const boxOf = ({ width, height }: Label, { at }: LabelPlace) => boxAt(at, width, height);

/** The fewest of some labels that must leave their first place, by trying every set of those that stay. */
function fewestByTrying(apart: (one: number, other: number) => boolean, count: number): number {
  let least = count;
  for (let set = 0; set < 1 << count; set++) {
    const kept = Array.from({ length: count }, (_, index) => index).filter((index) => set & (1 << index));
    if (kept.every((one, index) => kept.slice(0, index).every((other) => apart(one, other))))
      least = Math.min(least, count - kept.length);
  }
  return least;
}

describe('the places of labels', () => {
  it('have as few leave their first place as can be, and none over another (property)', () => {
    const place = fc.record({ x: fc.integer({ min: 0, max: 60 }), y: fc.integer({ min: 0, max: 40 }) });
    const aLabel = fc.record({
      width: fc.integer({ min: 4, max: 24 }),
      height: fc.integer({ min: 3, max: 8 }),
      places: fc.array(place, { minLength: 1, maxLength: 5 }),
    });
    fc.assert(
      fc.property(fc.array(aLabel, { minLength: 2, maxLength: 9 }), (asked) => {
        const labels = asked.map(({ width, height, places }) =>
          label(
            width,
            height,
            places.map((at) => ({ at })),
          ),
        );
        const found = placeLabels(labels, nothing, AT);
        const boxes = labels.map((one, index) => boxOf(one, found[index]!));
        boxes.forEach((box, index) => {
          for (const other of boxes.slice(0, index)) expect(boxesMeet(box, other)).toBe(false);
        });
        const moved = labels.filter(({ places }, index) => found[index] !== places[0]).length;
        const firsts = labels.map((one) => boxOf(one, one.places[0]!));
        const apart = (one: number, other: number) => !boxesMeet(firsts[one]!, firsts[other]!);
        expect(moved).toBe(fewestByTrying(apart, labels.length));
      }),
      { numRuns: 60 },
    );
  });

  it('keep clear of what is written and of heavy strokes, not of thin ones', () => {
    const at = (x: number, y = 0) => ({ at: { x, y } });
    const placed = (marks: readonly Primitive[], over?: true) => {
      const first = over ? { ...at(0), over } : at(0);
      return placeLabels([label(10, 4, [first, at(20)])], drawn(marks, 1), AT)[0]!.at.x;
    };
    const stroke = (weight: number, x = 0) =>
      line(
        'items',
        [
          { x, y: -9 },
          { x, y: 9 },
        ],
        weight,
        'drawing',
      );
    expect(placed([])).toBe(0);
    expect(placed([stroke(WEIGHT.top)])).toBe(0);
    expect(placed([stroke(WEIGHT.object)])).toBe(20);
    expect(placed([stroke(WEIGHT.object)], true)).toBe(0);
    // At its edge, just over it, and just within.
    expect(placed([stroke(WEIGHT.object, 5.001)])).toBe(0);
    expect(placed([stroke(WEIGHT.object, 4.999)])).toBe(20);
    const text: Primitive = {
      ...{ type: 'text', layer: 'labels', at: { x: 4, y: 0 }, text: '450', size: 3 },
      ...{ anchor: 'middle', turn: 0, ink: 'drawing' },
    };
    expect(placed([text], true)).toBe(20);
  });

  it('come back to a better place that another has left', () => {
    // The second is in the way of the first and of the third: it alone moves, and takes the better of its places that is free.
    const rows = [0, 8, 16].map((x) => label(10, 4, [{ at: { x, y: 0 } }, { at: { x, y: 5 } }]));
    expect(placeLabels(rows, nothing, AT).map((place) => place?.at.y)).toEqual([0, 5, 0]);
  });
});

describe('the fewest that move', () => {
  it('are those that trying every set finds, of every two in the way of each other one (property)', () => {
    const pair = fc.tuple(fc.nat(11), fc.nat(11));
    fc.assert(
      fc.property(fc.array(pair, { maxLength: 30 }), (pairs) => {
        const graph = Array.from({ length: 12 }, () => new Set<number>());
        for (const [a, b] of pairs)
          if (a !== b) {
            graph[a]!.add(b);
            graph[b]!.add(a);
          }
        const moved = fewestMoved(graph);
        graph.forEach((others, one) => {
          for (const other of others) expect(moved.has(one) || moved.has(other)).toBe(true);
        });
        expect(moved.size).toBe(fewestByTrying((one, other) => !graph[one]!.has(other), 12));
      }),
      { numRuns: 60 },
    );
  });

  it('of more than can be tried are such that none of them could stay', () => {
    // A ring of 60 that each stand in the way of the next two.
    const graph = Array.from(
      { length: 60 },
      (_, index) => new Set([1, 2, 58, 59].map((by) => (index + by) % 60)),
    );
    const moved = fewestMoved(graph);
    for (const one of moved) expect([...graph[one]!].some((other) => !moved.has(other))).toBe(true);
    // Of every three in a row two move at least.
    expect(moved.size).toBeGreaterThanOrEqual(40);
    expect(moved.size).toBeLessThanOrEqual(44);
  });
});
