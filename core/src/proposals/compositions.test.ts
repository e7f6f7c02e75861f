import { afterEach, describe, expect, it, vi } from 'vitest';
import { Budget } from './budget';
import { compositions } from './compositions';

const pieces = (...widths: number[]) =>
  widths.map((width, index) => ({ code: `C${width}`, width: width / 10_000, price: 10 * (index + 1) }));

describe('what pieces come to side by side', () => {
  it('is known by the fewest pieces and the least price, each by itself', () => {
    const { of } = compositions(pieces(5, 3, 4));
    expect(of(0)).toEqual({ items: 0, price: 0 });
    expect([of(1), of(2)]).toEqual([null, null]);
    expect(of(3)).toEqual({ items: 1, price: 20 });
    // 5 and 5 are fewer than 3 3 4, and cheaper; 3 3 are dearer than nothing of 6.
    expect(of(10)).toEqual({ items: 2, price: 20 });
    expect(of(6)).toEqual({ items: 2, price: 40 });
    // 4 4 are 60 together, 5 3 are 30.
    expect(of(8)).toEqual({ items: 2, price: 30 });
    // 13: 5 5 3 in either way of counting; asked again it is the same.
    expect(of(13)).toEqual({ items: 3, price: 40 });
    expect(of(13)).toBe(of(13));
  });

  it('can be many and cheap, or few and dear', () => {
    const few = [
      { code: 'A', width: 1e-4, price: 1 },
      { code: 'B', width: 1e-3, price: 100 },
    ];
    expect(compositions(few).of(10)).toEqual({ items: 1, price: 10 });
    // A long face of narrow pieces goes as deep as it is long.
    expect(compositions(few.slice(0, 1)).of(50_000)).toEqual({ items: 50_000, price: 50_000 });
  });

  it('are lengths, sorted, up to one and with it', () => {
    expect(compositions(pieces(5, 3)).upTo(11)).toEqual([0, 3, 5, 6, 8, 9, 10, 11]);
    expect(compositions(pieces(5, 3)).upTo(2)).toEqual([0]);
  });

  it('are tried the widest first, those as wide in their order', () => {
    expect(compositions(pieces(3, 5, 4, 5)).widest).toEqual([1, 3, 2, 0]);
  });
});

describe('a budget', () => {
  afterEach(() => vi.useRealTimers());

  it('is spent when its last state is taken', () => {
    const budget = new Budget(3, 1e6);
    expect([budget.spend(), budget.spend(), budget.isSpent]).toEqual([true, true, false]);
    expect([budget.spend(), budget.isSpent, budget.isProof]).toEqual([false, true, false]);
    // It stays so.
    expect(budget.spend()).toBe(false);
  });

  it('is spent when its time is over; which is looked at each 256 states', () => {
    vi.useFakeTimers();
    const budget = new Budget(1024, 50);
    vi.advanceTimersByTime(50);
    for (let state = 0; state < 256; state++) expect(budget.spend()).toBe(true);
    expect(budget.hasTime()).toBe(true);
    vi.advanceTimersByTime(1);
    expect(budget.hasTime()).toBe(false);
    for (let state = 1; state < 256; state++) expect(budget.spend()).toBe(true);
    expect([budget.spend(), budget.isSpent]).toEqual([false, true]);
  });

  it('proves nothing where something was left out, though there is more of it; nor where it was given up', () => {
    const doubted = new Budget(10, 1e6);
    doubted.doubt();
    expect([doubted.spend(), doubted.isSpent, doubted.isProof]).toEqual([true, false, false]);
    const given = new Budget(10, 1e6);
    expect(given.isProof).toBe(true);
    given.exhaust();
    expect([given.spend(), given.isProof]).toEqual([false, false]);
  });
});
