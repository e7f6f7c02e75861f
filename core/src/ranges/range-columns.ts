/** The columns of a range as a table, in order. */
export const rangeColumns = [
  'range',
  'unit',
  'construction',
  'fronts',
  'type',
  'name',
  'code',
  'other codes',
  'widths',
  'heights',
  'depths',
  'leg',
  'drawers',
  'hangs from',
  'hangs up to',
  'price',
  'price per width',
  'price per height',
  'services',
] as const;
export type RangeColumn = (typeof rangeColumns)[number];

/** What may be missing or left empty. */
export const optionalColumns: readonly RangeColumn[] = [
  'fronts',
  'other codes',
  'leg',
  'drawers',
  'hangs from',
  'hangs up to',
  'price',
  'price per width',
  'price per height',
  'services',
];

/** What a spreadsheet would take for a formula, or for one that is guarded: a cell of a table is written with an apostrophe before it. */
export const FORMULA = /^'*[=+\-@\t\r]/;

/** What a cell said before it was guarded. */
export function unguarded(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell;
}
