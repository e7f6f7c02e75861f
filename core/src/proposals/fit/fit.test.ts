import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { exhaustiveFit, plainWorth } from '../../../testing/exhaustive-fit';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { crookedness } from './arrangement';
import { fit, type Fitted } from './fit';
import { fitCriteria, readFitCase, type FillerLimits, type FitCase } from './fit-case';

const orders = (() => {
  const all: string[][] = [];
  const go = (order: string[], left: readonly string[]) => {
    if (left.length === 0) all.push(order);
    for (const one of left)
      go(
        [...order, one],
        left.filter((other) => other !== one),
      );
  };
  go([], fitCriteria);
  return all;
})();

const limits = fc
  .tuple(fc.nat(3), fc.nat(3), fc.boolean())
  .map(([min, more, optional]) => ({ min, max: min + more, optional }));
const smallCase = fc
  .record({
    length: fc.integer({ min: 4, max: 16 }),
    widths: fc.uniqueArray(fc.integer({ min: 2, max: 7 }), { minLength: 1, maxLength: 3 }),
    ends: fc.tuple(limits, limits),
    inner: fc.option(limits),
    centre2: fc.option(fc.integer({ min: -2, max: 34 })),
    order: fc.constantFrom(...orders),
    items: fc.array(fc.tuple(fc.integer({ min: 1, max: 4 }), fc.option(fc.nat(14)), fc.nat(5)), {
      maxLength: 3,
    }),
  })
  .map(({ items, ...rest }) => ({
    id: 'small',
    ...rest,
    items: items.map(([w, at, tie], index) => ({
      id: `i${index}`,
      w,
      ...(at === null ? {} : { at }),
      ...(tie < items.length && tie !== index ? { nextTo: [`i${tie}`] } : {}),
    })),
  }));

/** Runs of many pieces that can lie alike about a line not far from their middle: where they are set one by one says everything. */
const mirroredCase = fc
  .record({
    length: fc.integer({ min: 8, max: 16 }),
    widths: fc.uniqueArray(fc.integer({ min: 2, max: 6 }), { minLength: 2, maxLength: 3 }),
    ends: fc.tuple(limits, limits),
    inner: fc.option(limits, { freq: 1 }),
    off: fc.integer({ min: -5, max: 5 }),
    order: fc.constantFrom(...orders.filter(([first]) => first === 'symmetry' || first === 'filler')),
    items: fc.array(fc.tuple(fc.integer({ min: 1, max: 4 }), fc.option(fc.nat(16), { freq: 2 })), {
      maxLength: 3,
    }),
  })
  .map(({ items, off, ...rest }) => ({
    id: 'mirrored',
    ...rest,
    centre2: rest.length + off,
    items: items.map(([w, at], index) => ({ id: `i${index}`, w, ...(at === null ? {} : { at }) })),
  }));

/** The pieces of an arrangement with their widths. */
const rowOf = (one: FitCase, arrangement: NonNullable<ReturnType<typeof fit>['arrangement']>) =>
  arrangement.map((piece) =>
    piece.kind === 'item' ? { ...piece, w: one.items.find(({ id }) => id === piece.id)!.w } : piece,
  );

/** The same case on steps of another length, and what then comes of it. */
const scaled = (one: FitCase, step: number): FitCase => {
  const by = (mm: number) => mm * step;
  const limits = ({ min, max, ...rest }: FillerLimits) => ({ ...rest, min: by(min), max: by(max) });
  return {
    ...one,
    ...{ step, length: by(one.length), widths: one.widths.map(by) },
    ends: [limits(one.ends[0]), limits(one.ends[1])],
    inner: one.inner && limits(one.inner),
    centre2: one.centre2 === null ? null : by(one.centre2),
    items: one.items.map(({ w, at, ...rest }) => ({
      ...rest,
      w: by(w),
      ...(at === undefined ? {} : { at: by(at) }),
    })),
  };
};
const scaledFit = ({ arrangement, values, ...rest }: Fitted, step: number): Fitted => {
  const by = (mm: number) => Math.round(mm * step * 1e9) / 1e9;
  return {
    ...rest,
    arrangement:
      arrangement && arrangement.map((one) => (one.kind === 'item' ? one : { ...one, w: by(one.w) })),
    values: values && { ...values, filler: by(values.filler), symmetry: by(values.symmetry) },
  };
};

describe('a fitted run', () => {
  afterEach(() => {
    vi.restoreAllMocks();
    vi.useRealTimers();
  });

  it('is as good as the best of every row there is, in every order of criteria', () => {
    // No time passes: an answer is not proven where its time ends, and a busy machine is no part of this.
    vi.useFakeTimers({ toFake: ['Date'] });
    fc.assert(
      fc.property(fc.oneof(smallCase, mirroredCase), fc.constantFrom(1, 0.5, 25.4), (raw, step) => {
        const one = must(readFitCase(raw, 'case'));
        const found = fit(one);
        const wanted = exhaustiveFit(one);
        expect(fit(scaled(one, step))).toEqual(scaledFit(found, step));
        expect(found.arrangement === null).toBe(wanted === null);
        if (!found.arrangement) return;
        const row = rowOf(one, found.arrangement);
        expect(row.reduce((sum, { w }) => sum + w, 0)).toBe(one.length);
        expect(one.order.map((criterion) => found.values![criterion])).toEqual(plainWorth(one, row));
        if (found.proven) expect(plainWorth(one, row)).toEqual(wanted);
        // Only what is tied together, and stands anywhere, keeps a small case from being proven.
        expect(found.proven || (one.centre2 !== null && one.items.some(({ nextTo }) => nextTo))).toBe(true);
      }),
      { numRuns: 1200 },
    );
  });

  const plain = (change: object) => ({
    ...{ id: 'c', length: 3000, widths: [400, 600, 900], items: [], inner: null },
    ends: [
      { min: 0, max: 0 },
      { min: 0, max: 0 },
    ],
    order: ['filler', 'widths', 'symmetry', 'items'],
    ...change,
  });
  const fitted = (change: object) => fit(must(readFitCase(plain(change), 'case')));
  const widthsOf = (change: object) =>
    fitted(change).arrangement?.map((piece) => (piece.kind === 'item' ? piece.id : piece.w)) ?? null;

  it('takes few widths before few cabinets, or the other way round, as asked', () => {
    expect(fitted({}).values).toEqual({ filler: 0, widths: 1, symmetry: 0, items: 5 });
    expect(fitted({ order: ['items', 'filler', 'widths', 'symmetry'] }).values).toMatchObject({
      items: 4,
      widths: 2,
    });
  });

  it('lies symmetrically about a centre line: a row and its distances by hand', () => {
    const centred = { length: 2200, centre2: 2200, order: ['items', 'symmetry'] };
    expect(fitted({ ...centred, widths: [600, 1000] }).values).toMatchObject({ symmetry: 0, items: 3 });
    expect(widthsOf({ ...centred, widths: [600, 1000] })).toEqual([600, 1000, 600]);
    expect(crookedness([600, 1600], 2200, 2200)).toBe(0);
    // 600 mirrored is 1600, 100 off the joint at 1500; 1500 mirrored is 700, 100 off the one at 600.
    expect(crookedness([600, 1500], 2200, 2200)).toBe(200);
    // Mirrored past the end is nowhere; right at an end there is nothing to be off by.
    expect(crookedness([600, 2000], 2200, 1800)).toBe(600);
    expect(crookedness([600], 2200, 600)).toBe(0);
  });

  it('closes the ends by fillers of their own widths, or by none where that is allowed', () => {
    const end = (min: number, max: number, optional = false) => ({ min, max, optional });
    expect(widthsOf({ length: 1250, ends: [end(0, 0), end(50, 50)] })).toEqual([600, 600, 50]);
    expect(widthsOf({ length: 1250, ends: [end(0, 0), end(0, 49)] })).toBeNull();
    expect(widthsOf({ length: 1200, ends: [end(20, 60), end(0, 0)] })).toBeNull();
    expect(widthsOf({ length: 1200, ends: [end(20, 60, true), end(0, 0)] })).toEqual([600, 600]);
  });

  it('keeps things where they must be and together, and fills between them with one filler', () => {
    const items = [
      { id: 'sink', w: 800, at: 1000 },
      { id: 'dishwasher', w: 600, nextTo: ['sink'] },
    ];
    const row = widthsOf({
      length: 3000,
      items,
      ends: [
        { min: 0, max: 200 },
        { min: 0, max: 0 },
      ],
    });
    expect(row).toEqual([400, 'dishwasher', 'sink', 400, 400, 400]);
    const apart = [
      { id: 'a', w: 600, at: 0 },
      { id: 'b', w: 600, at: 2430 },
    ];
    expect(widthsOf({ length: 3030, items: apart, inner: { min: 10, max: 40 } })).toEqual([
      'a',
      30,
      900,
      900,
      'b',
    ]);
    expect(widthsOf({ length: 3030, items: apart, inner: { min: 10, max: 29 } })).toBeNull();
    expect(widthsOf({ length: 3030, items: apart })).toBeNull();
    const ring = ['a', 'b', 'c'].map((id, i) => ({ id, w: 300, nextTo: [['b', 'c', 'a'][i]!] }));
    expect(widthsOf({ items: ring })).toBeNull();
  });

  it.each([
    ['an unknown key', plain({ colour: 1 }), 'case.colour is not a key'],
    [
      'a width off the steps',
      plain({ widths: [400.5] }),
      'case.widths[0] (400.5) must lie on whole steps of 1',
    ],
    ['no length', plain({ length: -3 }), 'case.length (-3)'],
    [
      'an item tied to nothing',
      plain({ items: [{ id: 'a', w: 1, nextTo: ['z'] }] }),
      'must be the id of another item',
    ],
    [
      'two of one id',
      plain({
        items: [
          { id: 'a', w: 1 },
          { id: 'a', w: 2 },
        ],
      }),
      'is the id of another item too',
    ],
    ['an unknown criterion', plain({ order: ['beauty'] }), 'must be one of filler, widths'],
    ['one end', plain({ ends: [{ min: 0, max: 0 }] }), 'must be the two ends'],
    [
      'a filler upside down',
      plain({
        ends: [
          { min: 9, max: 3 },
          { min: 0, max: 0 },
        ],
      }),
      'must not be over max',
    ],
    ['a list', [], 'must be an object'],
  ])('is refused with its place: %s', (_, raw, reason) => {
    const read = readFitCase(raw, 'case');
    expect(read.ok ? '' : refusalText(read.refusal)).toContain(reason);
  });

  it('answers long runs of awkward widths in time, and says what is not proven', () => {
    const found = fitted({
      ...{
        step: 0.1,
        length: 29_990,
        widths: [228.6, 304.8, 381, 457.2, 533.4, 609.6, 685.8, 762, 838.2, 914.4],
      },
      ...{
        ends: [
          { min: 20, max: 100, optional: true },
          { min: 20, max: 100, optional: true },
        ],
        centre2: 29_990,
      },
      order: ['symmetry', 'filler', 'widths', 'items'],
    });
    expect(found.arrangement).not.toBeNull();
    expect(found.proven).toBe(false);
  });

  it('is not proven where its time ends before everything is tried', () => {
    const one = {
      ...{ length: 3000, widths: [400, 600, 900], centre2: 3000 },
      order: ['symmetry', 'widths', 'filler', 'items'],
    };
    vi.useFakeTimers({ toFake: ['Date'], now: 0 });
    expect(fitted(one)).toMatchObject({ proven: true });
    let now = 0;
    vi.spyOn(Date, 'now').mockImplementation(() => (now += 1000));
    expect(fitted(one)).toMatchObject({ proven: false });
  });
});
