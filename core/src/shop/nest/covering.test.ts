import fc from 'fast-check';
import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { Covering } from './covering';

const solver = await highsLoader();

/** The same by a general solver: its sum. */
function bySolver(
  asked: readonly number[],
  columns: readonly (readonly number[])[],
  costOf: (at: number) => number = () => 1,
): number {
  const all = [...columns, ...asked.map((_, row) => asked.map((_one, other) => (row === other ? 1 : 0)))];
  const rows = asked.map((one, row) => {
    const terms = all.flatMap((column, at) => (column[row]! > 0 ? [`+ ${column[row]!} x${at}`] : []));
    return ` c${row}: ${terms.join('\n ')} >= ${one}`;
  });
  const goal = all.map((_, at) => `+ ${at < columns.length ? costOf(at) : 1} x${at}`).join('\n ');
  const solved = solver.solve(`Minimize\n obj: ${goal}\nSubject To\n${rows.join('\n')}\nEnd\n`);
  return solved.ObjectiveValue;
}

describe('a covering by the columns that cost least', () => {
  it('is the least there is, its shares cover what is asked, and its prices are worth it', () => {
    const any = fc
      .integer({ min: 1, max: 24 })
      .chain((rows) =>
        fc.tuple(
          fc.array(fc.integer({ min: 1, max: 30 }), { minLength: rows, maxLength: rows }),
          fc.array(fc.array(fc.nat(6), { minLength: rows, maxLength: rows }), { maxLength: 60 }),
          fc.constantFrom(1, 0.6, 0.37),
        ),
      );
    fc.assert(
      fc.property(any, ([asked, columns, cheap]) => {
        // Every third is of a smaller sheet.
        const costOf = (at: number) => (at % 3 === 0 ? cheap : 1);
        const covering = new Covering(asked);
        const numbers = new Map<number, readonly number[]>();
        // Some are there at once, others come when it has been solved without them.
        columns.forEach((column, at) => {
          if (at === columns.length >> 1) covering.solve();
          numbers.set(covering.add(column, costOf(at)), column);
        });
        covering.solve();
        const least = bySolver(asked, columns, costOf);
        expect(covering.sum / least).toBeCloseTo(1, 4);
        const { taken, prices } = covering;
        asked.forEach((one, row) => {
          const covered = taken.reduce((sum, { column, share }) => {
            const own = numbers.get(column);
            return sum + share * (own ? own[row]! : column === row ? 1 : 0);
          }, 0);
          expect(covered).toBeGreaterThanOrEqual(one - 1e-6);
        });
        const worth = (column: readonly number[]) =>
          column.reduce((sum, amount, row) => sum + amount * prices[row]!, 0);
        columns.forEach((column, at) => expect(worth(column)).toBeLessThanOrEqual(costOf(at) + 1e-6));
        for (const price of prices) expect(price).toBeGreaterThanOrEqual(-1e-6);
        expect(worth(asked) / least).toBeCloseTo(1, 4);
      }),
      { numRuns: 150 },
    );
  });

  it('holds over more pivots than it takes to make its inverse anew', () => {
    const size = 60;
    const asked = Array.from({ length: size }, (_, row) => 1 + (row % 9));
    const columns = Array.from({ length: 900 }, (_, at) =>
      Array.from({ length: size }, (_one, row) =>
        (at * 31 + row * 17 + at * row) % 23 === 0 ? 1 + (at % 3) : 0,
      ),
    );
    const covering = new Covering(asked);
    for (const column of columns) {
      covering.add(column);
      covering.solve();
    }
    expect(covering.sum).toBeCloseTo(bySolver(asked, columns), 3);
  });
});
