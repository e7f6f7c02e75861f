/** What drawings are set in: the name of the font's family, and the weight that is bold in it. */
export const typefaces = {
  plain: { family: 'Fira Sans', bold: 500 },
  narrow: { family: 'PT Sans Narrow', bold: 700 },
  book: { family: 'PT Serif', bold: 700 },
} as const;
export type Typeface = keyof typeof typefaces;
