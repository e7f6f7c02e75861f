/** Curtains are drawn to the sides: each covers such a share of the width, in folds about so wide, mm. */
export const CURTAIN = 0.24;
export const FOLD = 70;
