import { criteria, type Criterion } from 'goodreach';

/** What proposals are judged by: the criteria of the search, and what they bring to be found. */
export type Judged = Criterion | 'findings';
export const judgedBy: readonly Judged[] = [...criteria, 'findings'];

/** How each criterion is called, and what its value counts. */
export const criterionNames: Record<Judged, { name: string; value: string }> = {
  filler: { name: 'Least filler', value: 'filler' },
  symmetry: { name: 'Symmetry about the centre', value: 'off the mirror' },
  items: { name: 'Fewest cabinets', value: 'cabinets' },
  widths: { name: 'Fewest widths', value: 'widths' },
  alignment: { name: 'In line with the other band', value: 'out of line' },
  findings: { name: 'Least found by the checks', value: 'found' },
  price: { name: 'Price', value: 'price' },
};
