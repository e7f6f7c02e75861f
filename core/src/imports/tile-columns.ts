/** The columns of a table of tiles, in order. */
export const tileColumns = [
  'name',
  'code',
  'colour',
  'unit',
  'along',
  'across',
  'thickness',
  'joint',
  'grout',
  'laid',
  'in a box',
  'sheet along',
  'sheet across',
  'differs in size',
  'differs in shade',
  'price',
  'supplier',
] as const;
export type TileColumn = (typeof tileColumns)[number];

/** What may be missing or left empty. */
export const optionalTileColumns: readonly TileColumn[] = tileColumns.filter(
  (column) => !['name', 'along', 'across'].includes(column),
);

/** How tiles are laid, in a table: by what share of a tile every other course is moved along. */
export const laidShares: Readonly<Record<string, number>> = {
  'in line': 0,
  'by halves': 0.5,
  'by thirds': 1 / 3,
};
