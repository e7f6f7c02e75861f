import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nestFaults } from '../../../testing/nest-faults';
import { rectangle } from '../../../testing/rooms';
import { setFinish } from '../../commands/set-finish';
import { setRoom } from '../../commands/set-room';
import { must } from '../../result';
import { heldCase, type Strip } from './held';
import { frontStrips } from './matched-fronts';
import { nest } from './nest';
import type { NestCase, NestedSheet } from './nest-types';
import { materialCases } from './part-cases';
import { usualSawing } from './stock';

const SECONDS = 0.05;
const stock = [{ id: 's', l: 2_440, w: 1_220 }];
const part = (id: string, l: number, w: number, qty = 1) => ({ id, l, w, qty, grain: true });
const asked = (parts: NestCase['parts'], count?: number): NestCase => ({
  ...{ id: 'case', kerf: 4, trim: 10, parts },
  stock: stock.map((one) => (count === undefined ? one : { ...one, count })),
});
const laid = (one: NestCase, held: Parameters<typeof heldCase>[1]) => {
  const settled = heldCase(one, held);
  return settled.whole(must(nest(settled.case, { seconds: SECONDS })));
};

describe('a nest with something settled beforehand', () => {
  const sizes = fc.record({
    l: fc.integer({ min: 80, max: 900 }),
    w: fc.integer({ min: 80, max: 600 }),
    qty: fc.integer({ min: 1, max: 3 }),
  });

  it('is as sound as any: every part once, a kerf apart, set free by cuts right across', () => {
    fc.assert(
      fc.property(
        fc.array(sizes, { minLength: 2, maxLength: 9 }),
        fc.array(fc.nat(8), { maxLength: 6 }),
        fc.boolean(),
        fc.constantFrom('along', 'across'),
        (all, picks, keeps, way) => {
          const one = asked(all.map(({ l, w, qty }, index) => part(`p${index}`, l, w, qty)));
          const left = one.parts.map(({ qty }) => qty);
          const ids = picks.flatMap((pick) => {
            const index = pick % all.length;
            return left[index]!-- > 0 ? [`p${index}`] : [];
          });
          const strips: Strip[] = [{ ids, way: way as Strip['way'] }];
          const first = must(nest(one, { seconds: SECONDS }));
          const found = laid(one, { strips, kept: keeps ? first.sheets.slice(0, 1) : [] });
          expect(nestFaults(one, found)).toEqual([]);
          if (keeps) expect(found.sheets[0]).toBe(first.sheets[0]);
        },
      ),
      { numRuns: 60 },
    );
  });

  it.each([
    ['the same saw', {}, true],
    ['a finer saw', { kerf: 3.99 }, false],
    ['a wider saw', { kerf: 4.01 }, false],
    ['another trim', { trim: 10.01 }, false],
  ])('keeps a sheet only for %s', (_, other, stays) => {
    const one = asked([part('a', 500, 300, 6)]);
    const [sheet] = must(nest(one, { seconds: SECONDS })).sheets;
    const found = laid({ ...one, ...other }, { kept: [sheet!], laidFor: one });
    expect(found.sheets[0] === sheet).toBe(stays);
    expect(nestFaults({ ...one, ...other }, found)).toEqual([]);
  });

  it('cuts a strip from one piece, in its order, each a kerf after the other', () => {
    const one = asked([part('a', 140, 597), part('b', 284, 597, 2), part('c', 700, 300)]);
    const { sheets } = laid(one, { strips: [{ ids: ['a', 'b', 'b'], way: 'along' }] });
    const strip = sheets.flatMap(({ parts }) => parts).filter(({ id }) => id !== 'c');
    expect(strip.map(({ id }) => id)).toEqual(['a', 'b', 'b']);
    expect(new Set(strip.map(({ y }) => y)).size).toBe(1);
    expect(strip.slice(1).map(({ x }, index) => x - strip[index]!.x - strip[index]!.l)).toEqual([4, 4]);
  });

  it('parts a strip where widths differ, and where no sheet is as long', () => {
    const ids = (l: number, count: number) => ({
      one: asked([part('a', l, 300, count)]),
      strips: [{ ids: Array.from({ length: count }, () => 'a'), way: 'along' as const }],
    });
    // 2420 within the trim: four of 602 and three kerfs are 2420, of 602.1 they are more.
    for (const [l, strips] of [
      [602, 1],
      [602.1, 2],
    ] as const) {
      const { one, strips: asked_ } = ids(l, 4);
      expect(heldCase(one, { strips: asked_ }).case.parts.map(({ qty }) => qty)).toEqual(
        strips === 1 ? [1] : [1, 1],
      );
    }
    const mixed = asked([part('a', 100, 300), part('b', 100, 301)]);
    expect(
      heldCase(mixed, { strips: [{ ids: ['a', 'b'], way: 'along' }] }).case.parts.map(({ id }) => id),
    ).toEqual(['a', 'b']);
  });

  it('leaves out a sheet that is no longer asked for as it lies, and counts those that stay', () => {
    const one = asked([part('a', 700, 500, 2)], 3);
    const sheet: NestedSheet = {
      stock: 's',
      parts: [{ id: 'a', x: 10, y: 10, l: 700, w: 500, turned: false }],
      cuts: [
        { x: 710, from: 10, to: 1_210 },
        { y: 510, from: 10, to: 710 },
      ],
    };
    const held = heldCase(one, { kept: [sheet] });
    expect([held.case.parts[0]!.qty, held.case.stock[0]!.count]).toEqual([1, 2]);
    for (const changed of [
      asked([part('a', 701, 500, 2)]),
      asked([part('b', 700, 500, 2)]),
      { ...one, stock: [{ id: 't', l: 1, w: 1 }] },
    ])
      expect(heldCase(changed, { kept: [sheet] }).case).toEqual(changed);
    expect(laid(one, { kept: [sheet] }).proven).toBe(false);
  });
});

describe('grain that runs on over fronts', () => {
  const builder = rectangle(4_000, 3_000);
  builder.run(setRoom, { range: 'fathom', doorStyle: 'slab' });
  builder.set('F600-3', 'face-a', 0);
  builder.set('F450', 'face-a', 600);
  builder.set('F600', 'face-a', 1_050);
  builder.run(setFinish, { part: 'front', finish: 'Drift oak', to: { room: 'usual' } });
  const fronts = materialCases(builder.design, usualSawing).find((one) =>
    [...one.of.values()].some(({ part: { name } }) => name === 'door'),
  )!;
  const named = (strips: readonly Strip[]) => strips.map(({ ids, way }) => [way, ...ids]);

  it('is up each cabinet from the top down, or along a run from left to right', () => {
    expect(named(frontStrips(builder.design, fronts, 'none'))).toEqual([]);
    expect(named(frontStrips(builder.design, fronts, 'up'))).toEqual([
      ['along', '1 drawer-front', '1 drawer-front-2', '1 drawer-front-2'],
    ]);
    expect(named(frontStrips(builder.design, fronts, 'along'))).toEqual([['across', '2 door', '3 door']]);
  });

  it('takes nothing of a board without grain', () => {
    const plain = { ...fronts, material: { ...fronts.material, grained: false } };
    expect(frontStrips(builder.design, plain, 'up')).toEqual([]);
  });
});
