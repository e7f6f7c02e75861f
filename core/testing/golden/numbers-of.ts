import { dimensionChains } from '../../src/drawing/dimensions/chains';
import type { Design } from '../../src/document/design';
import { itemBoxes } from '../../src/setting/item-box';
import { openLengths } from '../../src/setting/open-lengths';
import { placedOpenings } from '../../src/survey/openings';
import { roomShape } from '../../src/survey/room-shape';

const rounded = (value: number) => Math.round(value * 1e6) / 1e6 + 0;

/** The numbers a room is cut and fitted by, mm to the millionth, as whatever read its file computes them. */
export function numbersOf(design: Design) {
  const { corners, faces, area, wallArea, volume, misclosure } = roomShape(design);
  return {
    corners: corners.map(({ x, y }) => [rounded(x), rounded(y)]),
    lengths: faces.map(({ letter, length }) => [letter, rounded(length)]),
    room: [area, wallArea, volume, misclosure.length].map(rounded),
    openings: placedOpenings(design).map(({ name, left, right }) => [name, rounded(left), rounded(right)]),
    items: itemBoxes(design).map(({ id, rectangle, low, high }) => [
      id,
      ...[...rectangle.flatMap(({ x, y }) => [x, y]), low, high].map(rounded),
    ]),
    open: openLengths(design).map(({ face, from, to }) => [face.letter, rounded(from), rounded(to)]),
    chains: dimensionChains(design)
      .filter(({ row }) => row !== 'centres')
      .map(({ face, row, links, overall }) =>
        [face.letter, row, ...links.map(({ text }) => text), 'of', overall.text].join(' '),
      ),
  };
}
