import { rowNames } from '../../wording/drawing-words';

/** What a set of drawings can hold after its cover, in its usual order. */
export const setParts = [
  ...(['plan', 'construction', 'ceiling', 'elevations'] as const),
  ...(['tops', 'tiles', 'details', 'schedules', 'reach'] as const),
] as const;
export type SetPart = (typeof setParts)[number];

/** How heavy lines are drawn, as a share of what is usual. */
export const lineWeights = { fine: 0.75, usual: 1, strong: 1.35 } as const;
export type LineWeight = keyof typeof lineWeights;

/** How large letters are, as a share of what is usual: capitals of the smallest are 1.8, 2.2 and 2.5 mm high. */
export const letterSizes = { usual: 1, large: 1.2, largest: 1.37 } as const;
export type LetterSize = keyof typeof letterSizes;

/** The rows of dimensions that are drawn by themselves, by what they are of. */
export type RowKind = keyof typeof rowNames;
export const rowKinds = Object.keys(rowNames) as RowKind[];

/** A picture has so many letters in base64 at the most: 200 kB. */
export const MOST_LOGO = 270_000;
/** Words that stand on one line of the title block, and the notes of a set, are no longer. */
export const MOST_LINE = 120;
export const MOST_NOTES = 1_500;
/** A number of a job and a name of who draws it are no longer. */
export const MOST_FIELD = 40;
