import type { Point } from '../../geometry/point';
import type { BuildMethod } from '../../ranges/build-method';
import type { BoardName } from '../../wording/shop-words';
import { offsetRing } from './ring-cut';
import { across, prismOf, type Prism } from './board-prism';
import { axisOf, facesOf, machined, type Axis, type Board, type BoardFace } from './board';
import type { Material } from './materials';

/** From where to where a piece reaches in its cabinet's frame: x0, y0, z0, x1, y1, z1, mm. */
export type PartBox = readonly [number, number, number, number, number, number];

/** The long edges of a part, and those across its grain. */
export type PartEdge = 'l1' | 'l2' | 'w1' | 'w2';

export type Plane = 'xz' | 'yz';

/** A machining of a part, seen from the face of the cabinet it is made from: its place from the part's low left corner there, its size along and up or across, its depth, mm. */
export interface PartMachining {
  type: Board['machining'][number]['type'];
  face: BoardFace;
  at: readonly [number, number];
  size: readonly [number, number] | number;
  depth: number;
}

/**
 * Parts of one cabinet that are made alike: finished sizes with the length along the grain, what is cut before it is edged, which edges
 * are edged and how thickly, the places of all of them, their machining. mm.
 */
export interface Part {
  id: string;
  name: BoardName;
  material: Material;
  length: number;
  width: number;
  cutLength: number;
  cutWidth: number;
  edged: readonly PartEdge[];
  edging: number;
  qty: number;
  boxes: readonly PartBox[];
  machining: readonly PartMachining[];
  /** What it is cut wider by, to be scribed to what it stands against, and at which long edge: a strip at its far one, a panel at its back. Narrower where it is negative. */
  scribe?: number;
  scribed?: 'l1' | 'l2';
  /** Of what is no rectangle along its cabinet: its outline in the cabinet's frame, what is cut before it is edged, and which of its sides are. */
  outline?: readonly Point[];
  /** Of an outline that is not in plan: the two directions it is told by. */
  plane?: Plane;
  cutOutline?: readonly Point[];
  edgedSides?: readonly number[];
  boards: readonly Board[];
}

/** Sizes without the noise of reckoning, mm. */
const sizeOf = (one: Board, axis: Axis): number => Math.round((one[axis][1] - one[axis][0]) * 1e6) / 1e6;

/** The direction across the grain of a board, in its plane. */
const acrossOf = ({ thin, grain }: Board): Axis =>
  (['x', 'y', 'z'] as const).find((one) => one !== thin && one !== grain)!;

/** What edging a board has: that of fronts, or of boxes. */
const edgingOf = ({ of }: Board, { edging }: BuildMethod): number =>
  of === 'front' || of === 'end' ? edging.front : edging.box;

/** The parts that the boards of a cabinet are, those alike as one. */
export function partsOf(
  boards: readonly Board[],
  build: BuildMethod,
  material: (one: Board) => Material,
): Part[] {
  const found = new Map<string, { part: Part; boxes: PartBox[]; boards: Board[] }>();
  const taken = new Map<BoardName, number>();
  for (const one of boards) {
    const part = partOf(one, build, material(one));
    const { id: _id, boxes: _boxes, boards: _boards, ...own } = part;
    const key = JSON.stringify(own, (_, value: unknown) =>
      typeof value === 'number' ? Math.round(value * 1e4) / 1e4 : value,
    );
    const known = found.get(key);
    if (known) {
      known.boxes.push(...part.boxes);
      known.boards.push(one);
      continue;
    }
    const number = (taken.get(one.name) ?? 0) + 1;
    taken.set(one.name, number);
    const id = number === 1 ? one.name : `${one.name}-${number}`;
    found.set(key, { part: { ...part, id }, boxes: [...part.boxes], boards: [one] });
  }
  return [...found.values()].map(({ part, boxes, boards: own }) => ({
    ...part,
    qty: boxes.length,
    boxes,
    boards: own,
  }));
}

function partOf(one: Board, build: BuildMethod, material: Material): Part {
  const [length, width] = [sizeOf(one, one.grain), sizeOf(one, acrossOf(one))];
  const edging = edgingOf(one, build);
  const edged = edgesOf(one);
  const less = (edges: readonly PartEdge[]) => edging * edges.filter((edge) => edged.includes(edge)).length;
  const prism = one.ring || one.frame ? prismOf(one) : null;
  const outline = prism?.ring;
  const ringEdged = one.ringEdged ?? [];
  return {
    id: one.name,
    name: one.name,
    ...{ material, length, width, edged },
    cutLength: length - less(['w1', 'w2']),
    cutWidth: width - less(['l1', 'l2']),
    edging: edged.length > 0 || ringEdged.length > 0 ? edging : 0,
    qty: 1,
    boxes: [boxOf(one, prism)],
    machining: one.machining.map((made) => ({ type: made.type, face: made.face, ...machined(one, made) })),
    ...(outline && { outline }),
    ...(prism && prism.along !== 'z' && { plane: prism.along === 'x' ? 'yz' : 'xz' }),
    ...(outline &&
      ringEdged.length > 0 && { edgedSides: ringEdged, cutOutline: offsetRing(outline, ringEdged, edging) }),
    boards: [one],
  };
}

/** Across what is narrower than this no edge is edged, mm. */
const LEAST_EDGED = 10;

/** The edges of a part that are edged: its long ones are those across from each other over its width. */
function edgesOf(one: Board): PartEdge[] {
  const [l1, l2] = facesOf[acrossOf(one)];
  const [w1, w2] = facesOf[one.grain];
  const edges: readonly (readonly [PartEdge, BoardFace])[] = [
    ['l1', l1],
    ['l2', l2],
    ['w1', w1],
    ['w2', w2],
  ];
  // Nothing so narrow goes through an edging machine.
  const isWide = (face: BoardFace) => sizeOf(one, axisOf[face]) >= LEAST_EDGED;
  return edges.flatMap(([edge, face]) => (one.edged.includes(face) && isWide(face) ? [edge] : []));
}

/** The box around a board in its cabinet. */
function boxOf({ x, y, z }: Board, prism: Prism | null): PartBox {
  if (!prism) return [x[0], y[0], z[0], x[1], y[1], z[1]];
  const { along, ring, span } = prism;
  const [a, b] = across[along];
  const [as, bs] = [ring.map((one) => one.x), ring.map((one) => one.y)];
  const reach = {
    ...{ x: span, y: span, z: span },
    [a]: [Math.min(...as), Math.max(...as)],
    [b]: [Math.min(...bs), Math.max(...bs)],
  };
  return [reach.x[0], reach.y[0], reach.z[0], reach.x[1], reach.y[1], reach.z[1]];
}

/** How wide a part is cut: as it is before it is edged, and what is scribed off. */
export const sawnWidth = ({ cutWidth, scribe = 0 }: Pick<Part, 'cutWidth' | 'scribe'>): number =>
  cutWidth + scribe;
