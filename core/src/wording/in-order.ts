/** How words follow one another in lists: made once, since that takes longer than many comparisons. */
const words = new Intl.Collator('en');
const numbered = new Intl.Collator('en', { numeric: true });

/** Whether one word comes before another: below 0, 0 or over it. */
export const inOrder = (one: string, other: string): number => words.compare(one, other);

/** The same, with numbers within them by how large they are: B9 before B12. */
export const inNumberedOrder = (one: string, other: string): number => numbered.compare(one, other);
