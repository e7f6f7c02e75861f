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
