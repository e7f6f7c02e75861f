import { describe, expect, it } from 'vitest';
import { galleyWithBay } from '../demo/galley-with-bay';
import { must } from '../result';
import { arranged, findColumn, type Arrangement } from './arranged';
import { scheduleOf } from './schedules';

const design = galleyWithBay();
const items = (how: Arrangement) => must(arranged(scheduleOf(design, 'items'), how));
const said = (how: Arrangement) =>
  items(how).lines.map(({ cells }) => cells.map((cell) => cell.said).join(' | '));

describe('a schedule as it is asked for', () => {
  it('has the columns asked for, in their order; prices only when they are asked for', () => {
    expect(items({}).columns).not.toContain('price');
    expect(items({ columns: ['code', 'price', 'number'] }).columns).toEqual(['code', 'price', 'number']);
    expect(said({ columns: ['code', 'number'] })[1]).toBe('F600 | 2');
    expect(findColumn('no.')).toBe('number');
    expect(findColumn('cutOuts')).toBe('cutOuts');
    expect(findColumn('colour')).toBeNull();
    const strange = arranged(scheduleOf(design, 'items'), { sort: { by: 'sill' } });
    expect(strange.ok ? null : strange.refusal.code).toBe('sheet-unknown');
  });

  it('is sorted by a number or by words either way, what has none last', () => {
    const widths = (down: boolean) =>
      items({ columns: ['depth'], sort: { by: 'depth', down } }).lines.map(({ cells }) => cells[0]!.value);
    const up = widths(false);
    const known = up.filter((value) => value !== undefined);
    expect(known.length).toBeLessThan(up.length);
    expect(known).toEqual([...known].sort((a, b) => a - b));
    expect(up.slice(known.length).every((value) => value === undefined)).toBe(true);
    const down = widths(true);
    expect(down.slice(0, known.length)).toEqual([...known].sort((a, b) => b - a));
    expect(down.slice(known.length).every((value) => value === undefined)).toBe(true);
    const codes = said({ columns: ['code'], sort: { by: 'code' } });
    expect(codes).toEqual([...codes].sort((a, b) => a.localeCompare(b, 'en', { numeric: true })));
  });

  it('is parted by a column, the sums of its parts making that of all', () => {
    const how: Arrangement = { columns: ['code', 'number', 'width', 'price', 'depth'], group: 'code' };
    const { groups, totals, lines } = items(how);
    expect(groups.flatMap((group) => group.lines)).toHaveLength(lines.length);
    for (const { title, lines: own } of groups)
      for (const { cells } of own) expect(cells[0]!.said).toBe(title);
    // Numbers that name things or are sizes have no sum, and words none.
    expect(totals.map((total) => total === null)).toEqual([true, true, true, false, true]);
    const sum = groups.reduce((all, group) => all + group.totals[3]!, 0);
    expect(sum).toBeCloseTo(totals[3]!, 6);
    expect(lines.reduce((all, { cells }) => all + (cells[3]!.value ?? 0), 0)).toBeCloseTo(totals[3]!, 6);
  });
});
