import type { MachineProgram } from './programs';
import type { Axis } from '../parts/board';
import type { Stroke } from './strokes';
import type { PieceEdge, WorkPiece } from './work-piece';

/** How a machine is told what to do: what its files are called, what stands before, between and after, how numbers are written. */
export interface IsoWords {
  extension: string;
  decimals: number;
  before: readonly string[];
  after: readonly string[];
}

/** ISO 6983 with nothing but what every control reads: millimetres, absolute places, straight lines and arcs, no cycles. */
export const plainIso: IsoWords = {
  extension: 'nc',
  decimals: 3,
  before: ['G21', 'G17', 'G90', 'G40', 'G49', 'G54'],
  after: ['M5', 'M30'],
};

const MOVES = { rapid: 'G0', line: 'G1', 'arc-right': 'G2', 'arc-left': 'G3' } as const;

/** A program as ISO 6983: the sheet's low left corner at its zero, its upper face at Z 0. */
export function writeIso(program: MachineProgram, words: IsoWords = plainIso): string {
  const number = (value: number) => String(Number(value.toFixed(words.decimals)) + 0);
  const lines = ['%', `(${comment(program.name)})`];
  const [l, w] = program.size;
  lines.push(`(${number(l)} X ${number(w)} X ${number(program.thick)})`, ...words.before);
  for (const { tool, strokes } of program.sections) {
    lines.push('M5', `T${tool.number} M6`, `S${tool.spin} M3`);
    const spoken = (to: Stroke['to'], axis: Axis) => `${axis.toUpperCase()}${number(to[axis])}`;
    // From where tools are changed first over the place, then down to it.
    const first = strokes[0]!.to;
    lines.push(`G0 ${spoken(first, 'x')} ${spoken(first, 'y')}`);
    let at: Partial<Stroke['to']> = { x: first.x, y: first.y };
    let feed = 0;
    for (const { way, to, centre } of strokes) {
      const axes = (['x', 'y', 'z'] as const).filter(
        (axis) => at[axis] === undefined || number(to[axis]) !== number(at[axis]),
      );
      // What stands there already need not be said.
      if (axes.length === 0 && !centre) continue;
      const said = [MOVES[way], ...axes.map((axis) => spoken(to, axis))];
      if (centre) said.push(`I${number(centre.x - at.x!)}`, `J${number(centre.y - at.y!)}`);
      const next = axes.length === 1 && axes[0] === 'z' ? tool.plunge : tool.feed;
      if (way !== 'rapid' && next !== feed) {
        said.push(`F${number(next)}`);
        feed = next;
      }
      lines.push(said.join(' '));
      at = to;
    }
  }
  return [...lines, ...words.after, '%', ''].join('\n');
}

/** Letters of a comment that every control reads. */
const comment = (text: string): string =>
  text
    .toUpperCase()
    .replace(/[^A-Z0-9 .,-]+/g, ' ')
    .trim();

/** A hole or a pocket of a piece as a row: which face or edge, where, how large and deep; mm. */
export interface PointRow {
  piece: string;
  face: PieceEdge | 'down' | 'up';
  kind: string;
  x: number;
  y: number;
  z: number;
  /** Of what is round its size across in both. */
  length: number;
  width: number;
  depth: number;
}

export const pointColumns = [
  'piece',
  'face',
  'kind',
  'x',
  'y',
  'z',
  'length',
  'width',
  'depth',
] as const satisfies readonly (keyof PointRow)[];

/**
 * Everything that is drilled and milled into a piece before it is edged, from both faces and all edges: x along the piece, y across it, z down from the face it
 * is made from (of edges, from the face that lies up); each face as it is seen when it lies up.
 */
export function pointRows(id: string, piece: WorkPiece): PointRow[] {
  const faces = (['up', 'down'] as const).flatMap((face) => [
    ...piece[face].bores.map(({ at, size, depth }): PointRow => ({
      ...{ piece: id, face, kind: 'hole', x: at.x, y: at.y, z: 0 },
      ...{ length: size, width: size, depth },
    })),
    ...piece[face].pockets.map(({ type, at, size: [length, width], depth }): PointRow => ({
      ...{ piece: id, face, kind: type, x: at.x, y: at.y, z: 0 },
      ...{ length, width, depth },
    })),
  ]);
  const edges = piece.edges.map(({ edge, along, below, size, depth }): PointRow => {
    const isAcross = edge === 'low' || edge === 'high';
    const x = isAcross ? along : edge === 'left' ? 0 : piece.length;
    const y = isAcross ? (edge === 'low' ? 0 : piece.width) : along;
    return { piece: id, face: edge, kind: 'hole', x, y, z: below, length: size, width: size, depth };
  });
  return [...faces, ...edges];
}
