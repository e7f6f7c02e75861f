import type { Design } from '../document/design';
import { fillerFor } from '../setting/filler-widths';
import { openLengths } from '../setting/open-lengths';

/** Every open length: where, in which band, between what, and the widths of the strip that would close it, mm. */
export function openCommand(design: Design) {
  return {
    open: openLengths(design).map((open) => {
      const { face, band, from, to, length, alongFace, left, right, leftOpen } = open;
      const { gap, visible, cut, sides } = fillerFor(design, open);
      return {
        face: face.letter,
        band,
        from,
        to,
        length,
        alongFace,
        left,
        right,
        leftOpenOnPurpose: leftOpen !== null,
        filler: { gap, visible, cut, meets: sides.map(({ meets }) => meets) },
      };
    }),
  };
}
