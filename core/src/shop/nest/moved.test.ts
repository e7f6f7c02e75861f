import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nestFaults } from '../../../testing/nest-faults';
import { must } from '../../result';
import { movePart } from './moved';
import { placesFor } from './places';
import { nest } from './nest';
import type { LaidPart, Nest, NestCase } from './nest-types';

const KERF = 4;
const TRIM = 10;
const part = (id: string, l: number, w: number, { qty = 1, grain = true } = {}) => ({ id, l, w, qty, grain });
const asked = (parts: NestCase['parts'], count = 9): NestCase => ({
  ...{ id: 'case', kerf: KERF, trim: TRIM, parts, stock: [{ id: 's', l: 2_440, w: 1_220, count }] },
});
const laid = (one: NestCase): Nest => must(nest(one, { searches: false }));
/** Two parts on one sheet, at its corner and along its foot. */
const two = asked([part('a', 800, 400), part('b', 600, 300, { grain: false })]);
const onSheet = (b: Pick<LaidPart, 'x' | 'y'>): Nest => {
  const first = laid(two);
  const [a] = first.sheets[0]!.parts;
  const start = { ...first, sheets: [{ ...first.sheets[0]!, parts: [{ ...a!, x: TRIM, y: TRIM }] }] };
  const other: LaidPart = { id: 'b', l: 600, w: 300, turned: false, ...b };
  const sheets = [{ ...start.sheets[0]!, parts: [...start.sheets[0]!.parts, other] }];
  return { ...start, sheets };
};
const put = (x: number, y: number, turn = false) =>
  movePart(two, onSheet({ x: 1_000, y: 800 }), { sheet: 0, part: 1, to: { sheet: 0, x, y, turn } });
const reason = (result: ReturnType<typeof put>) => (result.ok ? 'ok' : result.refusal.code);

describe('a part put elsewhere by hand', () => {
  it('keeps a kerf off the others and within what is trimmed, and leaves cuts right across', () => {
    const beside = TRIM + 800 + KERF;
    for (const [is, x, y, turn] of [
      ['ok', beside, TRIM, false],
      ['nest-near', beside - 0.01, TRIM, false],
      ['nest-off', beside, TRIM - 0.01, false],
      // Off the foot by less than a kerf there is no room for the cut under it.
      ['nest-unsawn', beside, TRIM + KERF - 0.01, false],
      ['ok', beside, TRIM + KERF, false],
      ['ok', 2_430 - 600, 1_210 - 300, false],
      ['nest-off', 2_430 - 600 + 0.01, 1_210 - 300, false],
      ['ok', beside, TRIM, true],
      ['nest-off', 2_430 - 600, 1_210 - 300, true],
    ] as const)
      expect(reason(put(x, y, turn)), `${x} ${y} ${turn}`).toBe(is);
    const moved = must(put(beside, TRIM, true));
    expect(moved.sheets[0]!.parts[1]).toMatchObject({ l: 300, w: 600, turned: true });
    expect(nestFaults(two, moved)).toEqual([]);
  });

  it('is not turned against its grain, goes on a sheet of its own where there is one, and takes an empty one away', () => {
    const start = onSheet({ x: 1_000, y: 800 });
    const turned = movePart(two, start, {
      sheet: 0,
      part: 0,
      to: { sheet: 0, x: TRIM, y: TRIM, turn: true },
    });
    expect(reason(turned)).toBe('nest-grain');
    const apart = must(
      movePart(two, start, { sheet: 0, part: 1, to: { sheet: 1, x: TRIM, y: TRIM, turn: false } }),
    );
    expect([apart.count, apart.proven]).toEqual([2, false]);
    expect(nestFaults(two, apart)).toEqual([]);
    const back = { sheet: 1, part: 0, to: { sheet: 0, x: TRIM, y: TRIM + 400 + KERF, turn: false } };
    const again = must(movePart(two, apart, back));
    expect(again.count).toBe(1);
    expect(nestFaults(two, again)).toEqual([]);
    const few = asked([...two.parts], 1);
    const none = movePart(few, start, { sheet: 0, part: 1, to: { sheet: 1, x: TRIM, y: TRIM, turn: false } });
    expect(none).toMatchObject({ ok: false, refusal: { code: 'nest-no-sheet' } });
  });

  it('is unsound where the others lie round it so that no cut goes across', () => {
    // Four round a fifth, each beginning where the one before ends: no straight cut parts them.
    const [long, wide] = [600, 200];
    const ring = asked(
      ['p', 'q', 'r', 's'].map((id, index) =>
        part(id, ...((index % 2 ? [wide, long] : [long, wide]) as [number, number])),
      ),
    );
    const at = (id: string, x: number, y: number, l: number, w: number): LaidPart => ({
      ...{ id, x, y, l, w, turned: false },
    });
    const most = TRIM + long + KERF;
    const parts = [
      at('p', TRIM, TRIM, long, wide),
      at('q', most, TRIM, wide, long),
      at('r', TRIM + wide + KERF, TRIM + long + KERF, long, wide),
    ];
    const start: Nest = {
      ...laid(ring),
      ...{
        sheets: [{ stock: 's', parts: [...parts, at('s', 1_500, TRIM, wide, long)], cuts: [] }],
        count: 1,
      },
    };
    const to = { sheet: 0, x: TRIM, y: TRIM + wide + KERF, turn: false };
    expect(reason(movePart(ring, start, { sheet: 0, part: 3, to }))).toBe('nest-unsawn');
    // It is not offered that place, but others.
    const places = placesFor(ring, start.sheets[0]!, start.sheets[0]!.parts[3]!, { except: 3 }).all();
    expect(places).not.toContainEqual({ x: to.x, y: to.y });
    expect(places.length).toBeGreaterThan(3);
  });

  it('can lie at every place it is offered, on any sheet, again and again, with nothing lost', () => {
    const sizes = fc.record({
      ...{ l: fc.integer({ min: 80, max: 1_200 }), w: fc.integer({ min: 80, max: 900 }) },
      ...{ qty: fc.integer({ min: 1, max: 3 }), grain: fc.boolean() },
    });
    const steps = fc.array(fc.tuple(fc.nat(99), fc.nat(99), fc.nat(99), fc.nat(999), fc.boolean()), {
      minLength: 1,
      maxLength: 6,
    });
    fc.assert(
      fc.property(fc.array(sizes, { minLength: 1, maxLength: 6 }), steps, (given, moves) => {
        const one = asked(
          given.map(({ l, w, ...more }, index) => part(`p${index}`, l, w, more)),
          99,
        );
        let now = laid(one);
        for (const [a, b, c, d, turn] of moves) {
          const sheet = a % now.sheets.length;
          const at = b % now.sheets[sheet]!.parts.length;
          const goal = c % (now.sheets.length + 1);
          const own = now.sheets[sheet]!.parts[at]!;
          const target = now.sheets[goal] ?? { stock: 's', parts: [], cuts: [] };
          const places = placesFor(one, target, own, { turn, except: goal === sheet ? at : null }).all();
          if (places.length === 0) continue;
          const place = places[d % places.length]!;
          now = must(movePart(one, now, { sheet, part: at, to: { sheet: goal, ...place, turn } }));
          expect(nestFaults(one, now)).toEqual([]);
        }
      }),
      { numRuns: 200 },
    );
  });

  it('is offered every place beside or level with others where it can lie, and no other', () => {
    const sizes = fc.record({ l: fc.integer({ min: 300, max: 900 }), w: fc.integer({ min: 200, max: 600 }) });
    let [offered, asking] = [0, 0];
    fc.assert(
      fc.property(fc.array(sizes, { minLength: 2, maxLength: 6 }), fc.nat(9), (given, which) => {
        const one = asked(given.map(({ l, w }, index) => part(`p${index}`, l, w)));
        const now = laid(one);
        const [sheet] = now.sheets;
        const at = which % sheet!.parts.length;
        const own = sheet!.parts[at]!;
        const others = sheet!.parts.filter((_, index) => index !== at);
        const along = (side: 'l' | 'w', way: 'x' | 'y', whole: number) => [
          ...new Set([
            ...[TRIM, whole - TRIM - own[side]],
            ...others.flatMap((other) => [
              ...[other[way], other[way] + other[side] - own[side]],
              ...[other[way] + other[side] + KERF, other[way] - KERF - own[side]],
            ]),
          ]),
        ];
        const places = placesFor(one, sheet!, own, { except: at });
        const all = new Set(places.all().map(({ x, y }) => `${x} ${y}`));
        for (const x of along('l', 'x', 2_440))
          for (const y of along('w', 'y', 1_220)) {
            asking += 1;
            const can = movePart(one, now, { sheet: 0, part: at, to: { sheet: 0, x, y, turn: false } }).ok;
            expect([x, y, all.has(`${x} ${y}`)]).toEqual([x, y, can]);
            if (can) offered += 1;
          }
      }),
      { numRuns: 60 },
    );
    expect(offered).toBeGreaterThan(200);
    expect(asking - offered).toBeGreaterThan(200);
  });

  it('is caught by the nearest of its places, and by none that is too far off', () => {
    const start = onSheet({ x: 1_000, y: 800 });
    const [sheet] = start.sheets;
    const places = placesFor(two, sheet!, sheet!.parts[1]!, { except: 1 });
    const beside = { x: TRIM + 800 + KERF, y: TRIM };
    const caught = (by: number, near: number) =>
      places.best(({ x, y }) => Math.hypot(x - beside.x - by, y - beside.y), near);
    expect(caught(40, 40)).toEqual(beside);
    expect(caught(40, 39.9)).toBeNull();
    expect(places.best(({ x, y }) => x + y)).toEqual(places.all()[0]);
    expect(places.best(() => Infinity)).toBeNull();
  });
});
