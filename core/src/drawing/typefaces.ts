import { fontFamilies } from '../wording/typeface-names';

/** What drawings are set in: the name of the font's family, and the weight that is bold in it. */
export const typefaces = {
  plain: { family: fontFamilies.plain, bold: 500 },
  narrow: { family: fontFamilies.narrow, bold: 700 },
  book: { family: fontFamilies.book, bold: 700 },
} as const;
export type Typeface = keyof typeof typefaces;
