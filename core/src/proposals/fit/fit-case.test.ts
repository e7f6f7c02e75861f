import { describe, expect, it } from 'vitest';
import { must } from '../../result';
import { sayReason } from '../../wording/words';
import { readFitCase } from './fit-case';

const none = { min: 0, max: 0 };
const whole = {
  ...{
    id: 'c',
    step: 0.5,
    length: 3000,
    widths: [400, 600.5],
    ends: [none, { min: 20, max: 60, optional: true }],
  },
  ...{
    items: [
      { id: 'a', w: 600, at: 0 },
      { id: 'b', w: 300, nextTo: ['a'] },
    ],
    inner: { min: 5, max: 5 },
  },
  ...{ centre2: 2999.5, order: ['items', 'filler'] },
};
/** The faults of the case with some of it otherwise: where, what, and why. */
function faults(change: object): [string, string, string][] {
  const read = readFitCase({ ...whole, ...change }, 'at');
  if (read.ok) return [];
  if (read.refusal.code !== 'input-faulty') throw new Error(read.refusal.code);
  return read.refusal.data.faults.map(({ path, value, reason }) => [path, value, sayReason(reason)]);
}
const items = (count: number, change: object = {}) =>
  Array.from({ length: count }, (_, index) => ({ id: `i${index}`, w: 10, ...change }));
const steps = (least: number) => `must be a number from ${least}, of at most 1000000 steps`;
const word = 'must be a text of 1 to 64 letters';

describe('a case to be fitted', () => {
  it('is read as it was given: widths once, the widest first, criteria that were not named after those that were', () => {
    const read = must(readFitCase({ ...whole, widths: [400, 600.5, 400] }, 'at'));
    expect(read).toEqual({
      ...whole,
      widths: [600.5, 400],
      ends: [
        { ...none, optional: false },
        { min: 20, max: 60, optional: true },
      ],
      inner: { min: 5, max: 5, optional: false },
      order: ['items', 'filler', 'widths', 'symmetry'],
    });
    const { id, length, widths, ends } = whole;
    expect(must(readFitCase({ id, length, widths: [400], ends, order: [] }, 'at'))).toMatchObject({
      ...{ step: 1, items: [], inner: null, centre2: null, widths: [400] },
      order: ['filler', 'widths', 'symmetry', 'items'],
    });
    expect(widths).toHaveLength(2);
  });

  it.each<[string, object, [string, string, string][]]>([
    ['a key it does not know', { colour: 1 }, [['at.colour', '', 'is not a key of it']]],
    ['no name', { id: '' }, [['at.id', '""', word]]],
    ['a name that is a number', { id: 5 }, [['at.id', '5', word]]],
    ['a name of 65 letters', { id: 'x'.repeat(65) }, [['at.id', `"${'x'.repeat(39)}`, word]]],
    [
      'a step of nothing',
      { step: 0, widths: [], items: [], inner: null, ends: [none, none] },
      [
        ['at.step', '0', 'must be a number over 0'],
        ['at.length', '3000', steps(0)],
      ],
    ],
    ['a step that is a text', { step: '0.5' }, [['at.step', '"0.5"', 'must be a number over 0']]],
    [
      'a step without end',
      { step: Infinity },
      [
        ['at.step', 'null', 'must be a number over 0'],
        ['at.length', '3000', steps(Infinity)],
        ['at.widths[0]', '400', steps(Infinity)],
        ['at.widths[1]', '600.5', steps(Infinity)],
        ['at.items[0].w', '600', steps(Infinity)],
        ['at.items[1].w', '300', steps(Infinity)],
      ],
    ],
    ['no length', { length: undefined }, [['at.length', '', steps(0.5)]]],
    ['a length under a step', { length: 0.25 }, [['at.length', '0.25', steps(0.5)]]],
    ['more steps than are taken on', { length: 500_000.5 }, [['at.length', '500000.5', steps(0.5)]]],
    [
      'a width between steps',
      { widths: [400.25] },
      [['at.widths[0]', '400.25', 'must lie on whole steps of 0.5']],
    ],
    ['widths that are no list', { widths: 400 }, [['at.widths', '', 'must be a list of at most 60']]],
    ['61 widths', { widths: Array(61).fill(400) }, [['at.widths', '', 'must be a list of at most 60']]],
    [
      'three ends',
      { ends: [none, none, none] },
      [
        ['at.ends', '', 'must be a list of at most 2'],
        ['at.ends', '', 'must be the two ends, left and right'],
        ...[0, 1].flatMap((end): [string, string, string][] => [
          [`at.ends[${end}].min`, '', steps(0)],
          [`at.ends[${end}].max`, '', steps(0)],
        ]),
      ],
    ],
    [
      'an end that is null',
      { ends: [none, [1]] },
      [
        ['at.ends[1]', '[1]', 'must be an object'],
        ['at.ends[1].min', '', steps(0)],
        ['at.ends[1].max', '', steps(0)],
      ],
    ],
    [
      'an end upside down',
      { ends: [{ min: 9, max: 8.5 }, none] },
      [['at.ends[0].min', '9', 'must not be over max']],
    ],
    [
      'an end that may be',
      { ends: [{ ...none, optional: 'yes' }, none] },
      [['at.ends[0].optional', '"yes"', 'must be true or false']],
    ],
    [
      'an inner filler with more to it',
      { inner: { min: 0, max: 5, most: 1 } },
      [['at.inner.most', '', 'is not a key of it']],
    ],
    ['a thing without a width', { items: [{ id: 'a' }] }, [['at.items[0].w', '', steps(0.5)]]],
    [
      'a thing that is a text',
      { items: ['a'] },
      [
        ['at.items[0]', '"a"', 'must be an object'],
        ['at.items[0].id', '', word],
        ['at.items[0].w', '', steps(0.5)],
      ],
    ],
    [
      'a thing before the start',
      { items: [{ id: 'a', w: 5, at: -1 }] },
      [['at.items[0].at', '-1', steps(0)]],
    ],
    [
      'a thing beside itself, and one that is not there',
      { items: [{ id: 'a', w: 5, nextTo: ['a', 'z'] }] },
      [
        ['at.items[0].nextTo', '"a"', 'must be the id of another item'],
        ['at.items[0].nextTo', '"z"', 'must be the id of another item'],
      ],
    ],
    [
      'a thing beside three',
      { items: [{ id: 'a', w: 5, nextTo: ['b', 'c', 'd'] }] },
      [['at.items[0].nextTo', '', 'must be a list of at most 2']],
    ],
    [
      'a thing beside a number',
      { items: [{ id: 'a', w: 5, nextTo: [7] }] },
      [
        ['at.items[0].nextTo', '7', word],
        ['at.items[0].nextTo', '""', 'must be the id of another item'],
      ],
    ],
    [
      'two of one name',
      { items: [...items(2), { id: 'i0', w: 5 }] },
      [['at.items[2].id', '"i0"', 'is the id of another item too']],
    ],
    [
      '13 that may stand anywhere',
      { items: items(13) },
      [['at.items', '', 'has more than 12 without a place: give some of them one']],
    ],
    ['41 things', { items: items(41, { at: 0 }) }, [['at.items', '', 'must be a list of at most 40']]],
    [
      'a criterion twice, and one there is not',
      { order: ['items', 'items', 'beauty'] },
      [
        ['at.order[1]', '"items"', 'must be one of filler, widths, symmetry, items, each once'],
        ['at.order[2]', '"beauty"', 'must be one of filler, widths, symmetry, items, each once'],
      ],
    ],
    ['no order', { order: undefined }, [['at.order', '', 'must be a list of at most 4']]],
    ['a centre line that is a text', { centre2: '5' }, [['at.centre2', '"5"', 'must be a number']]],
    ['a centre line without end', { centre2: NaN }, [['at.centre2', 'null', 'must be a number']]],
  ])('with %s is refused, each fault in its place', (_, change, wanted) => {
    expect(faults(change)).toEqual(wanted);
  });

  it.each<[string, object]>([
    ['a name of 64 letters', { id: 'x'.repeat(64) }],
    ['as many steps as are taken on', { length: 500_000 }],
    ['60 widths', { widths: Array(60).fill(400) }],
    [
      '12 that may stand anywhere, and others in their places',
      { items: [...items(12), { id: 'z', w: 5, at: 0 }] },
    ],
    ['40 things in their places', { items: items(40, { at: 0 }) }],
    ['an end of one width', { ends: [{ min: 9, max: 9 }, none] }],
    ['an end of none, whatever its least is', { ends: [{ min: 9, max: 0 }, none] }],
    ['no inner filler', { inner: null }],
    ['a width a rounding off its step', { widths: [400.5 + 1e-9] }],
  ])('is taken with %s', (_, change) => {
    expect(faults(change)).toEqual([]);
  });

  it.each([null, [], 'case', 5])('that is no object is refused: %j', (raw) => {
    const read = readFitCase(raw, 'at');
    expect(read.ok).toBe(false);
    if (!read.ok && read.refusal.code === 'input-faulty')
      expect(read.refusal.data.faults[0]).toEqual({
        ...{ path: 'at', value: JSON.stringify(raw), reason: 'no-object' },
      });
  });
});
