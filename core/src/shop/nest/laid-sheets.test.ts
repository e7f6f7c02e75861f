import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { must } from '../../result';
import { readLaidSheets, type LaidSheets } from './laid-sheets';
import { nest } from './nest';
import { materialCases } from './part-cases';
import { usualSawing } from './stock';

const asked = materialCases(galleyWithBay(), usualSawing).map((one) => one.case);
const sheets: LaidSheets = {
  ...{ cutOn: 'saw', matched: 'none', of: 12, asked },
  nests: asked.map((one) => must(nest(one, { searches: false }))),
  kept: { [asked[0]!.id]: [0] },
  clamps: { [`${asked[0]!.id} 0`]: [{ at: { x: 10, y: 20 }, size: [60, 40], high: 25 }] },
};
const copied = () => JSON.parse(JSON.stringify(sheets)) as LaidSheets;

/** Every place in something that was read: the way to it, and what is there. */
function places(value: unknown, way: readonly string[] = []): { way: readonly string[]; value: unknown }[] {
  const inner =
    typeof value === 'object' && value !== null
      ? Object.entries(value).flatMap(([key, one]) => places(one, [...way, key]))
      : [];
  return way.length > 0 ? [{ way, value }, ...inner] : inner;
}
/** With something else at a place. */
function changed(way: readonly string[], to: unknown): unknown {
  const copy = copied();
  const last = way.at(-1)!;
  let at = copy as unknown as Record<string, unknown>;
  for (const key of way.slice(0, -1)) at = at[key] as Record<string, unknown>;
  if (to === undefined) Reflect.deleteProperty(at, last);
  else at[last] = to;
  return JSON.parse(JSON.stringify(copy));
}

describe('sheets as they are kept', () => {
  it('are read as they were', () => {
    expect(must(readLaidSheets(copied()))).toEqual(copied());
    expect(sheets.nests.flatMap((one) => one.sheets).length).toBeGreaterThan(3);
  });

  it('are read, or refused with where they are wrong, whatever stands in them', () => {
    const all = places(sheets);
    const worth = fc.oneof(
      fc.constantFrom(undefined, null, -1, 1e9, 0.5, '', 'x', true, [], {}, NaN),
      fc.string({ minLength: 301, maxLength: 310 }),
    );
    let refused = 0;
    fc.assert(
      fc.property(fc.constantFrom(...all), worth, ({ way }, to) => {
        const read = readLaidSheets(changed(way, to));
        if (read.ok) return;
        refused += 1;
        expect(read.refusal.code).toBe('laid-sheets');
        expect((read.refusal.data as { where: string }).where).not.toBe('');
      }),
      { numRuns: 300 },
    );
    expect(refused).toBeGreaterThan(200);
    for (const value of [undefined, null, [], 'sheets', 3, {}]) expect(readLaidSheets(value).ok).toBe(false);
  });

  const [first] = sheets.nests;
  const sheet = first!.sheets[0]!;
  const laid = sheet.parts[0]!;
  const size = asked[0]!.stock.find(({ id }) => id === sheet.stock)!;
  const part = ['nests', '0', 'sheets', '0', 'parts', '0'];
  it.each([
    ['on its very edge', [...part, 'x'], size.l - laid.l, true],
    ['over its edge', [...part, 'x'], size.l - laid.l + 0.01, false],
    ['larger than it is', [...part, 'w'], laid.w + 0.01, false],
    ['of no such name', [...part, 'id'], 'none', false],
    ['of a sheet there is none of', ['nests', '0', 'sheets', '0', 'stock'], 'none', false],
    ['of what was not asked', ['nests', '0', 'id'], 'none', false],
    ['oftener than it was asked for', ['nests', '0', 'sheets', '0', 'parts'], Array(99).fill(laid), false],
    [
      'turned against its grain',
      [...part],
      { ...laid, l: laid.w, w: laid.l, turned: !laid.turned },
      !asked[0]!.parts.find(({ id }) => id === laid.id)!.grain,
    ],
    ['kept, the last of them', ['kept', asked[0]!.id], [first!.count - 1], true],
    ['kept, beyond the last', ['kept', asked[0]!.id], [first!.count], false],
  ] as const)('has a part or a sheet %s', (_, way, to, isRead) => {
    expect(readLaidSheets(changed(way, to)).ok).toBe(isRead);
  });
});
