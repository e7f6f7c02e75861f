import type { Point } from '../../geometry/point';

/** A rectangle along two directions: from where to where along each, mm. */
export interface Rect {
  x: readonly [from: number, to: number];
  y: readonly [from: number, to: number];
}

/** A piece of a rectangle that hangs together: the rectangle about it, its outline counter-clockwise from its low left corner, and what of the rectangle about it is not of it. */
export interface RectPiece extends Rect {
  ring: Point[];
  gone: Rect[];
}

/** Lines nearer than this are one, mm. */
const SAME = 1e-6;

/** What others leave of a rectangle, the largest piece first: cell by cell between the lines of all their sides. */
export function piecesLeft(whole: Rect, others: readonly Rect[]): RectPiece[] {
  const xs = linesOf(
    whole.x,
    others.map(({ x }) => x),
  );
  const ys = linesOf(
    whole.y,
    others.map(({ y }) => y),
  );
  const [columns, rows] = [xs.length - 1, ys.length - 1];
  const isLeft = (column: number, row: number) => {
    const [x, y] = [(xs[column]! + xs[column + 1]!) / 2, (ys[row]! + ys[row + 1]!) / 2];
    return !others.some((one) => x > one.x[0] && x < one.x[1] && y > one.y[0] && y < one.y[1]);
  };
  const of = new Int32Array(columns * rows).fill(-1);
  const pieces: [column: number, row: number][][] = [];
  for (let start = 0; start < of.length; start++) {
    const cells: [number, number][] = [];
    const open: [number, number][] = [[start % columns, Math.floor(start / columns)]];
    for (let cell = open.pop(); cell; cell = open.pop()) {
      const [column, row] = cell;
      if (column < 0 || row < 0 || column >= columns || row >= rows) continue;
      if (of[row * columns + column] !== -1 || !isLeft(column, row)) continue;
      of[row * columns + column] = pieces.length;
      cells.push(cell);
      open.push([column - 1, row], [column + 1, row], [column, row - 1], [column, row + 1]);
    }
    if (cells.length > 0) pieces.push(cells);
  }
  const isOf = (piece: number, column: number, row: number) =>
    column >= 0 && row >= 0 && column < columns && row < rows && of[row * columns + column] === piece;
  return pieces
    .map((cells, piece) => pieceOf(cells, (column, row) => isOf(piece, column, row), { xs, ys }))
    .sort((a, b) => sizeOf(b) - sizeOf(a));
}

const sizeOf = ({ x, y }: Rect): number => (x[1] - x[0]) * (y[1] - y[0]);

/** The lines across a direction at which anything begins or ends, within the whole. */
function linesOf([from, to]: Rect['x'], spans: readonly Rect['x'][]): number[] {
  const within = spans.flat().filter((at) => at > from + SAME && at < to - SAME);
  const sorted = [from, ...within.sort((a, b) => a - b), to];
  return sorted.filter((at, index) => index === 0 || at - sorted[index - 1]! > SAME);
}

type Cells = (column: number, row: number) => boolean;
interface Lines {
  xs: readonly number[];
  ys: readonly number[];
}

function pieceOf(cells: readonly (readonly [number, number])[], isOf: Cells, lines: Lines): RectPiece {
  const { xs, ys } = lines;
  const [columns, rows] = [cells.map(([column]) => column), cells.map(([, row]) => row)];
  const [left, right] = [Math.min(...columns), Math.max(...columns) + 1];
  const [low, high] = [Math.min(...rows), Math.max(...rows) + 1];
  const gone: Rect[] = [];
  for (let row = low; row < high; row++)
    for (let column = left; column < right; column++) {
      if (isOf(column, row)) continue;
      const from = column;
      while (column + 1 < right && !isOf(column + 1, row)) column++;
      const last = gone.at(-1);
      const x = [xs[from]!, xs[column + 1]!] as const;
      // As high as wide stretches over one another go.
      if (last?.x[0] === x[0] && last.x[1] === x[1] && last.y[1] === ys[row])
        gone[gone.length - 1] = { x, y: [last.y[0], ys[row + 1]!] };
      else gone.push({ x, y: [ys[row]!, ys[row + 1]!] });
    }
  return {
    ...{ x: [xs[left]!, xs[right]!], y: [ys[low]!, ys[high]!] },
    ...{ ring: outlineOf(cells, isOf, lines), gone },
  };
}

/** The ways along the grid, each a quarter turn to the left of the one before, and which cell lies to the left of a step from a crossing and which to its right. */
const WAYS = [
  { go: [1, 0], left: [0, 0], right: [0, -1] },
  { go: [0, 1], left: [-1, 0], right: [0, 0] },
  { go: [-1, 0], left: [-1, -1], right: [-1, 0] },
  { go: [0, -1], left: [0, -1], right: [-1, -1] },
] as const;

/** The outline of cells that hang together, the cells to its left; where two touch by a corner alone it keeps to its own. */
function outlineOf(cells: readonly (readonly [number, number])[], isOf: Cells, { xs, ys }: Lines): Point[] {
  // The low left corner of the lowest cell farthest to the left: from there the outline goes to the right.
  const start = cells.reduce((least, cell) =>
    cell[0] < least[0] || (cell[0] === least[0] && cell[1] < least[1]) ? cell : least,
  );
  const ring: Point[] = [];
  let [column, row] = start;
  let way = 0;
  do {
    ring.push({ x: xs[column]!, y: ys[row]! });
    const isAlong = () => {
      const { left, right } = WAYS[way]!;
      return isOf(column + left[0], row + left[1]) && !isOf(column + right[0], row + right[1]);
    };
    do {
      const { go } = WAYS[way]!;
      [column, row] = [column + go[0], row + go[1]];
    } while (isAlong());
    const [toLeft, toRight] = [(way + 1) % 4, (way + 3) % 4];
    way = toLeft;
    if (!isAlong()) way = toRight;
  } while (column !== start[0] || row !== start[1]);
  return ring;
}
