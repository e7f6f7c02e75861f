import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { begunAt, mirroredRoom, turnedBy } from '../../testing/moved-rooms';
import { randomKitchen } from '../../testing/random-kitchens';
import type { Design } from '../document/design';
import { distance } from '../geometry/point';
import { madeItems } from '../shop/parts/design-parts';
import type { BoardRow } from './edge-boards';
import { plinths } from './plinths';
import { jointedTops } from './top-joints';
import { tops } from './tops';
import { trimCut } from './trim-piece';
import { trims } from './trims';

/** What is made, and its sizes, mm. */
type Made = readonly [name: string, ...sizes: number[]];

/** A side seen in a mirror is the other. */
const handless = (text: string) => text.replace(/left|right/g, 'side');
const ids = (items: readonly string[]) => [...items].sort().join(' ');

/** All that goes along the runs of a kitchen, and the boards of its cabinets, whichever way round it is told. */
function madeIn(design: Design): Made[] {
  const ofTops = [...jointedTops(design)].flatMap(([top, { pieces }]): Made[] => [
    [`top ${ids(top.items)}`, top.underside, Math.sqrt(top.area)],
    ...pieces.map(({ length, width }): Made => [`piece of ${ids(top.items)}`, length, width]),
    ...top.rings.flatMap(({ edges }) =>
      edges.map(({ role, items, a, b }): Made => [handless(`${role} of ${ids(items)}`), distance(a, b)]),
    ),
  ]);
  const boards = ({ items, boards: row }: BoardRow): Made[] =>
    row.map(({ at, step, a, b }): Made => {
      const sides = ids(at.map(({ item, side }) => `${item} ${side}`));
      return [handless(`plinth ${step ? 'step ' : ''}${sides} of ${ids(items)}`), distance(a, b)];
    });
  const ofTrims = trims(design).flatMap((piece): Made[] => {
    // Skirtings go along all walls, also the one that turns the room.
    if (!('items' in piece.along)) return [];
    const sides = ids(piece.along.items.map(({ item, side }) => `${item} ${side}`));
    return [[handless(`${piece.use} ${sides}`), trimCut(piece).length]];
  });
  const ofParts = madeItems(design).flatMap(({ record, parts }) =>
    parts.map(({ name, length, width }): Made => {
      return [handless(`${name} of ${record.id}`), length, width];
    }),
  );
  return [...ofTops, ...plinths(design).flatMap(boards), ...ofTrims, ...ofParts];
}

/** What of some is not in others, within a twentieth of a millimetre. */
function missing(some: readonly Made[], others: readonly Made[]): Made[] {
  const left = new Map<string, Made[]>();
  for (const one of others) left.set(one[0], [...(left.get(one[0]) ?? []), one]);
  return some.filter(([name, ...sizes]) => {
    const alike = left.get(name) ?? [];
    const at = alike.findIndex(([, ...own]) =>
      own.every((size, index) => Math.abs(size - sizes[index]!) < 0.05),
    );
    if (at >= 0) alike.splice(at, 1);
    return at < 0;
  });
}

describe('what is made for a kitchen', () => {
  it('is the same in the room turned, mirrored, and walked from another corner', () => {
    const moves = fc.constantFrom<(design: Design, turn: number) => Design>(
      (design, turn) => turnedBy(design, turn),
      (design) => mirroredRoom(design),
      (design) => begunAt(design, 1),
      (design) => begunAt(mirroredRoom(design), 2),
    );
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e9 }),
        fc.boolean(),
        fc.double({ min: 0.05, max: 1.2, noNaN: true }),
        moves,
        (seed, square, turn, moved) => {
          const { design } = randomKitchen(seed, square);
          expect(tops(design).length).toBeGreaterThan(0);
          const [was, is] = [madeIn(design), madeIn(moved(design, turn))];
          expect({ gone: missing(was, is), come: missing(is, was) }).toEqual({ gone: [], come: [] });
        },
      ),
      { numRuns: 40 },
    );
  });
});
