import type { Point } from '../../geometry/point';
import { boundsOf, signedArea } from '../../geometry/polygon';
import {
  axisOf,
  facesOf,
  isBore,
  machined,
  seenFrom,
  type Board,
  type BoardFace,
  type Machining,
} from '../parts/board';
import { sawnWidth, type Part, type PartEdge } from '../parts/part';
import { fromPlane, oppositeFace, rectangleAt, ringFrom, sizeFrom, workedFrom } from '../parts/part-outline';
import { offsetRing } from '../parts/ring-cut';

/** A hole into the face that lies up: its middle, its size across, its depth; mm. */
export interface BoreWork {
  at: Point;
  size: number;
  depth: number;
}

/** What is milled out of the face that lies up: from its low left corner, its size along and across, its depth, mm. */
export interface PocketWork {
  type: Exclude<Machining['type'], 'cup' | 'hole' | 'notch'>;
  at: Point;
  size: readonly [number, number];
  depth: number;
}

/** What is made from one of the two large faces. */
export interface FaceWork {
  bores: readonly BoreWork[];
  pockets: readonly PocketWork[];
}

/** The edges of a piece as it lies. */
export type PieceEdge = 'high' | 'left' | 'low' | 'right';

/** A hole into an edge: how far along it from the piece's left or low end, how far below the face that lies up its middle is; mm. */
export interface EdgeBore {
  edge: PieceEdge;
  along: number;
  below: number;
  size: number;
  depth: number;
}

/**
 * A part as it lies on a machine, before it is edged: the face most is made from up, its length (along the grain) to the right, the low
 * left corner of its cut outline at 0, 0. `down` is told as it is seen once the piece is turned over about its long edge. mm.
 */
export interface WorkPiece {
  thick: number;
  /** The corners of what is cut, counter-clockwise. */
  outline: readonly Point[];
  length: number;
  width: number;
  up: FaceWork;
  down: FaceWork;
  edges: readonly EdgeBore[];
  /** What is cut into its edges, which no drill from above can make: of each sort how many. */
  atEdges: Readonly<Partial<Record<Machining['type'], number>>>;
}

/** Places seen from a face of a board, turned so that its grain runs to the right. */
type Turn = (at: Point) => Point;

/** A part as it lies on a machine. */
export function workPiece(part: Part): WorkPiece {
  const one = part.boards[0]!;
  const face = workedFrom(part);
  const back = oppositeFace[face];
  // A quarter turn to the right lays grain that runs up along the piece.
  const turn: Turn = seenFrom[face].along === one.grain ? (at) => at : ({ x, y }) => ({ x: y, y: -x });
  const ring = cutRing(part, one, face).map(turn);
  const { left, bottom, right, top } = boundsOf(ring);
  const place: Turn = (at) => {
    const { x, y } = turn(at);
    return { x: x - left, y: y - bottom };
  };
  const [length, width] = [right - left, top - bottom];
  const placed = ring.map(({ x, y }) => ({ x: x - left, y: y - bottom }));
  const thick = one[one.thin][1] - one[one.thin][0];
  // From behind, what lies to the right there lies to the left; turned over about its long edge, across is the other way round.
  const over: Turn = ({ x, y }) => ({ x, y: width - y });
  const faced = (made: Machining): Machining => ({ ...made, face }) as Machining;
  const work = (from: BoardFace, way: Turn): FaceWork => {
    const own = one.machining.filter((made) => made.face === from);
    return {
      bores: own.filter(isBore).map((made) => ({
        at: way(place(pointOf(machined(one, faced(made)).at))),
        size: made.size,
        depth: made.depth,
      })),
      pockets: own.flatMap((made): PocketWork[] => {
        if (isBore(made) || made.type === 'notch') return [];
        const { at, size } = machined(one, faced(made));
        const [w, h] = size as [number, number];
        const ends = [at, [at[0] + w, at[1] + h] as const].map((end) => way(place(pointOf(end))));
        const box = boundsOf(ends);
        const clipped = {
          left: Math.max(box.left, 0),
          bottom: Math.max(box.bottom, 0),
          right: Math.min(box.right, length),
          top: Math.min(box.top, width),
        };
        const across: readonly [number, number] = [
          clipped.right - clipped.left,
          clipped.top - clipped.bottom,
        ];
        if (Math.min(...across) <= 0) return [];
        return [
          {
            type: made.type,
            at: { x: clipped.left, y: clipped.bottom },
            size: across,
            depth: depthOf(one, made),
          },
        ];
      }),
    };
  };
  const others = one.machining.filter((made) => axisOf[made.face] !== one.thin);
  const atEdges: Partial<Record<Machining['type'], number>> = {};
  for (const { type } of others.filter((made) => !isBore(made))) atEdges[type] = (atEdges[type] ?? 0) + 1;
  return {
    thick,
    outline: signedArea(placed) > 0 ? placed : [...placed].reverse(),
    ...{ length, width },
    up: work(face, (at) => at),
    down: work(back, over),
    edges: others.filter(isBore).map((made) => edgeBore(one, made, face, place, { length, width })),
    atEdges,
  };
}

const pointOf = ([x, y]: readonly [number, number]): Point => ({ x, y });

/** From the face it is made from to where it ends, mm. */
function depthOf(one: Board, made: Exclude<Machining, { type: 'cup' | 'hole' }>): number {
  const axis = axisOf[made.face];
  const [low] = facesOf[axis];
  return made.face === low ? made.cut[axis][1] - one[axis][0] : one[axis][1] - made.cut[axis][0];
}

/** The outline that is cut, as it is seen from a face of the finished board: less its edging, more what is scribed off. */
function cutRing(part: Part, one: Board, face: BoardFace): Point[] {
  if (one.ring && axisOf[face] === one.thin)
    return fromPlane(one, face, offsetRing(one.ring, one.ringEdged ?? [], part.edging));
  const { wide, high } = sizeFrom(one, face);
  const { along, against, up, down } = seenFrom[face];
  const isEdged = (edge: PartEdge) => part.edged.includes(edge);
  // Long edges lie across the grain from each other, the one at the lower end of that direction first.
  const long = along === one.grain ? up : along;
  const scribe = sawnWidth(part) - part.cutWidth;
  const inset = (axis: typeof along, end: 0 | 1): number => {
    const edge: PartEdge = axis === long ? (end === 0 ? 'l1' : 'l2') : end === 0 ? 'w1' : 'w2';
    return (isEdged(edge) ? part.edging : 0) - (edge === part.scribed ? scribe : 0);
  };
  const left = inset(along, against ? 1 : 0);
  const right = inset(along, against ? 0 : 1);
  const low = inset(up, down ? 1 : 0);
  const top = inset(up, down ? 0 : 1);
  return ringFrom(one, face, rectangleAt(left, low, wide - left - right, high - low - top));
}

/** A hole into an edge, told by where the piece lies. */
function edgeBore(
  one: Board,
  made: Extract<Machining, { type: 'cup' | 'hole' }>,
  face: BoardFace,
  place: Turn,
  { length, width }: { length: number; width: number },
): EdgeBore {
  const { along, against, up, down } = seenFrom[face];
  const at = (axis: typeof along, turned: boolean) =>
    turned ? one[axis][1] - made.at[axis] : made.at[axis] - one[axis][0];
  const { x, y } = place({ x: at(along, against), y: at(up, down) });
  const thin = one[one.thin];
  const below = facesOf[one.thin][0] === face ? made.at[one.thin] - thin[0] : thin[1] - made.at[one.thin];
  // The hole is in the edge it lies at, but for the edging that has not come yet.
  const off: Readonly<Record<PieceEdge, number>> = { left: x, right: length - x, low: y, high: width - y };
  const [near, far]: readonly [PieceEdge, PieceEdge] =
    axisOf[made.face] === one.grain ? ['left', 'right'] : ['low', 'high'];
  const edge = off[near] < off[far] ? near : far;
  const isAcross = edge === 'low' || edge === 'high';
  // What of it would lie in the edging need not be drilled.
  const depth = made.depth + Math.min(0, off[edge]);
  return { edge, along: isAcross ? x : y, below, size: made.size, depth };
}
