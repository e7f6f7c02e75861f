import { describe, expect, it } from 'vitest';
import { must } from '../../result';
import { Budget } from '../budget';
import { worthOf, type Placed } from './arrangement';
import { readFitCase } from './fit-case';
import { improved } from './improve';
import { layoutsOf } from './layout';

const cabinets = (...widths: number[]): Placed[] => widths.map((w) => ({ kind: 'cabinet', w }));

function better(row: Placed[], items: object[], centre2: number, states = Infinity) {
  const length = row.reduce((sum, { w }) => sum + w, 0);
  const none = { min: 0, max: 0 };
  const raw = { id: 'c', length, widths: [300, 900], items, inner: null, ends: [none, none], centre2 };
  const one = must(readFitCase({ ...raw, order: ['symmetry'] }, 'case'));
  const found = improved(row, length, centre2, one.order, layoutsOf(one), new Budget(states, 10_000));
  return { found, before: worthOf(row, length, centre2), after: worthOf(found.row, length, centre2) };
}

describe('a row made better', () => {
  it('exchanges cabinets until it is symmetrical, and keeps every piece', () => {
    const { found, before, after } = better(cabinets(900, 900, 300, 300), [], 2400);
    expect([before.symmetry, after.symmetry]).toEqual([900, 0]);
    expect(found.row.map(({ w }) => w).sort()).toEqual([300, 300, 900, 900]);
    expect(found.worth[0]).toBe(after.symmetry);
  });

  it('moves neither fillers nor things whose place is given, and nothing past them', () => {
    const items = [{ id: 'sink', w: 600, at: 1250 }];
    const sink: Placed = { kind: 'item', w: 600, id: 'sink' };
    const row: Placed[] = [{ kind: 'filler', w: 50 }, ...cabinets(900, 300), sink, ...cabinets(900, 300)];
    const { found, before, after } = better(row, items, 3050);
    expect(after.symmetry).toBeLessThan(before.symmetry);
    expect(found.row[0]).toEqual({ kind: 'filler', w: 50 });
    expect(found.row.findIndex(({ id }) => id === 'sink')).toBe(3);
    for (const side of [found.row.slice(1, 3), found.row.slice(4)])
      expect(side.map(({ w }) => w).sort()).toEqual([300, 900]);
  });

  it('gives back what it has when nothing is left to spend', () => {
    const row = cabinets(900, 900, 300, 300);
    expect(better(row, [], 2400, 1).found.row).toEqual(row);
  });
});
