import type { Point } from '../../geometry/point';
import type { Measured, Primitive, TextMark } from '../primitives';

/** Words of the sheet itself, paper mm from its bottom left corner. */
export function text(
  words: string,
  x: number,
  y: number,
  size: number,
  bold = false,
  anchor: TextMark['anchor'] = 'start',
): TextMark {
  return {
    type: 'text',
    layer: 'sheet',
    at: { x, y },
    text: words,
    size,
    anchor,
    turn: 0,
    ink: 'drawing',
    bold,
  };
}

export function point(x: number, y: number): Point {
  return { x, y };
}

/** A mark of the room's drawing moved onto paper: exact similarity, weights and texts are paper sizes already. */
export function onPaper(mark: Primitive, origin: Point, ratio: number): Primitive {
  const move = ({ x, y }: Point): Point => ({ x: origin.x + x / ratio, y: origin.y + y / ratio });
  switch (mark.type) {
    case 'path':
      return { ...mark, rings: mark.rings.map((ring) => ring.map(move)) };
    case 'arc':
      return { ...mark, centre: move(mark.centre), radius: mark.radius / ratio };
    case 'text':
      return {
        ...mark,
        at: move(mark.at),
        ...(mark.measured && { measured: movedMeasured(mark.measured, move) }),
      };
  }
}

const movedMeasured = (measured: Measured, move: (at: Point) => Point): Measured => {
  const {
    from,
    to,
    line: [a, b],
  } = measured;
  return {
    ...measured,
    from: move(from),
    to: move(to),
    line: [move(a), move(b)],
  };
};
