import { styleOf, type Design } from '../document/design';
import { dimensionChains } from '../drawing/dimensions/chains';

/** The chains of every face: true ends, printed values (mm) and printed texts. */
export function dimsCommand(design: Design) {
  return {
    style: styleOf(design),
    chains: dimensionChains(design).map(({ face, row, links, overall }) => ({
      face: face.letter,
      row,
      links: links.map(({ from, to, shown, text }) => ({ from, to, shown, text })),
      overall,
    })),
  };
}
