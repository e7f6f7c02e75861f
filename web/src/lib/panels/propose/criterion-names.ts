import type { Criterion } from 'goodreach';

/** How each criterion is called, and what its value counts. */
export const criterionNames: Record<Criterion, { name: string; value: string }> = {
  filler: { name: 'Least filler', value: 'filler' },
  symmetry: { name: 'Symmetry about the centre', value: 'off the mirror' },
  items: { name: 'Fewest cabinets', value: 'cabinets' },
  widths: { name: 'Fewest widths', value: 'widths' },
  alignment: { name: 'In line with the other band', value: 'out of line' },
  price: { name: 'Price', value: 'price' },
};
