/** How the boxes of a range are built; none for what is no cabinet. */
export const constructions = ['face frame', 'frameless', 'none'] as const;
export type Construction = (typeof constructions)[number];

/** How the fronts of a face frame lie on it; of frameless boxes they always cover the box. */
export const frontStyles = ['full overlay', 'partial overlay', 'inset'] as const;
export type FrontStyle = (typeof frontStyles)[number];

/** A code's pattern: its sizes stand where the star stands; without a star it is the code of one size. */
export const CODE_PATTERN = /^(?=.)[A-Z0-9/-]{0,12}\*?[A-Z0-9/-]{0,12}$/;

/** The most families a range has, and the most sizes a family is made in. */
export const MOST_FAMILIES = 500;
export const MOST_WIDTHS = 60;
export const MOST_HEIGHTS = 20;
export const MOST_DEPTHS = 12;
