/** What the fonts of each typeface are called. */
export const fontFamilies = { plain: 'Fira Sans', narrow: 'PT Sans Narrow', book: 'PT Serif' } as const;
