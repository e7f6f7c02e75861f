import { distance, type Point } from '../geometry/point';
import { hasLegs } from '../ranges/handing';
import type { ConstructionMethod } from '../ranges/construction';
import type { FrontPart } from '../solids/front-parts';
import type { Solid, SolidSide } from '../solids/solids';
import type { ItemBox } from '../setting/item-box';
import { boardMesh } from './board-parts';
import { box, joined, prism, slab, type Frame, type Mesh } from './mesh';
import { applianceFront } from './appliance-parts';
import type { ScenePart } from './scene-part';
import { leafBoards, type LeafBoard } from '../surfaces/door-styles';
import { handleOf } from '../solids/handles';
import { handleMesh } from './handle-parts';
import { frameOfSide, motionOf, rectangle } from './shapes';

/** Thickness of the boards of a box, and of its back, mm. */
const BOARD = 18;
const BACK = 8;

/** The parts of a cabinet: its box open to the front, its fronts with what they are taken hold of by. */
export function cabinetParts(solid: Solid, made: ConstructionMethod): ScenePart[] {
  const own = solid.box!;
  const plinth = solid.foot ?? 0;
  return [
    ...carcass(solid, made, plinth),
    ...solid.sides.flatMap((side) => (side.front ? frontsOf(side, solid, made, own.record.depth) : [])),
  ];
}

function carcass(solid: Solid, made: ConstructionMethod, plinth: number): ScenePart[] {
  const own = solid.box!;
  const { record, kind, low, high } = own;
  const { width, depth } = record;
  const bottom = low + plinth;
  if (kind.plan || hasLegs(kind)) return [{ substance: 'carcass', mesh: shell(solid, bottom, high) }];
  const frame: Frame = own;
  const parts = solid.sides.flatMap((side) => side.parts);
  const stiles = faceFrame(parts, own, made, plinth);
  // Behind a face frame the boards end at its back.
  const front = stiles ? depth - BOARD : depth;
  const sides: [number, number][] = [
    [0, BOARD],
    [width - BOARD, width],
  ];
  const inner: [number, number] = [BOARD, width - BOARD];
  const boards: Mesh[] = [
    ...sides.map((side) => box(frame, side, [0, front], [bottom, high])),
    box(frame, inner, [0, BACK], [bottom, high]),
    box(frame, inner, [BACK, front], [bottom, bottom + BOARD]),
    box(frame, inner, [BACK, front], [high - BOARD, high]),
  ];
  // Behind doors a shelf or two; open boxes have theirs where the front says.
  const doors = parts.filter(({ shows }) => shows === 'door' || shows === 'flap');
  const behind = doors[0];
  if (behind && !parts.some(({ shows }) => shows === 'niche')) {
    const clear = behind.high - behind.low;
    const count = clear > 1_000 ? 4 : clear > 600 ? 2 : clear > 350 ? 1 : 0;
    for (let i = 1; i <= count; i++) {
      const up = low + behind.low + (clear * i) / (count + 1);
      boards.push(box(frame, inner, [BACK, depth - 20], [up, up + BOARD]));
    }
  }
  const found: ScenePart[] = [{ substance: 'carcass', mesh: joined(...boards) }];
  if (stiles) found.push({ substance: 'front', mesh: stiles });
  return found;
}

/** The box of a cabinet of any outline: a board behind every side that is not a front, a bottom, a shelf in the middle and a lid; solid where it is round. */
function shell({ footprint, sides, round, low, box: own }: Solid, bottom: number, high: number): Mesh {
  if (round || !sides.some(({ front }) => front)) return prism(footprint, bottom, high);
  const middle = (low + high) / 2;
  const boards = sides
    .filter(({ front }) => !front)
    .map((side) =>
      box(frameOfSide(side), [0, distance(side.from, side.to)], [-BOARD, 0], [bottom + BOARD, high - BOARD]),
    );
  const levels = own!.kind.rows ? [bottom, middle, high - BOARD] : [bottom, high - BOARD];
  return joined(...boards, ...levels.map((up) => prism(footprint, up, up + BOARD)));
}

/** The frame on the face of a box, open behind every front. */
function faceFrame(
  parts: readonly FrontPart[],
  own: ItemBox,
  made: ConstructionMethod,
  plinth: number,
): Mesh | null {
  if (made.frontShort < 3) return null;
  const { record, low } = own;
  const fronts = parts.filter(({ shows }) => shows !== 'shelf');
  if (fronts.length === 0) return null;
  // Overlay fronts lie over the opening's edge; inset ones stand within it.
  const by = made.proud > 0 ? 12 : -3;
  const holes = fronts.flatMap((part) => {
    const hole = rectangle(part.left + by, part.right - by, part.low + by, part.high - by);
    return part.right - part.left > 3 * by && part.high - part.low > 3 * by ? [hole] : [];
  });
  const merged = mergedPairs(holes);
  const ring = rectangle(0, record.width, plinth, record.height);
  return raised(slab(own, ring, [record.depth - BOARD, record.depth], { holes: merged }), low);
}

/** Openings side by side behind a pair of doors are one: no stile stands between them. */
function mergedPairs(holes: readonly Point[][]): Point[][] {
  const found: Point[][] = [];
  for (const hole of holes) {
    const last = found.at(-1);
    if (
      last &&
      Math.abs(last[0]!.y - hole[0]!.y) < 1 &&
      Math.abs(last[2]!.y - hole[2]!.y) < 1 &&
      hole[0]!.x - last[1]!.x < 60
    )
      found[found.length - 1] = rectangle(last[0]!.x, hole[1]!.x, last[0]!.y, last[2]!.y);
    else found.push(hole);
  }
  return found;
}

function frontsOf(side: SolidSide, solid: Solid, made: ConstructionMethod, depth: number): ScenePart[] {
  const frame = frameOfSide(side);
  const { low } = solid;
  // Overlay fronts stand off the box, inset ones within its frame.
  const face = made.proud > 0 ? made.proud : 0;
  return side.parts.flatMap((part): ScenePart[] => {
    const { shows } = part;
    if (shows === 'niche') return [];
    if (shows === 'shelf') {
      const width: [number, number] = [part.left, part.right];
      return [
        {
          substance: 'carcass',
          mesh: box(frame, width, [BACK - depth, -4], [low + part.low, low + part.high]),
        },
      ];
    }
    if (
      shows === 'controls' ||
      shows === 'port' ||
      (shows === 'drop' && solid.box?.kind.group === 'appliances')
    )
      return applianceFront(part, frame, low, face, solid.box!.kind.id);
    const moves = motionOf(part, frame, low, face, depth);
    const moving = moves ? { moves } : {};
    const parts: ScenePart[] = leaf(part, frame, low, face).map((one) => ({
      ...one,
      ...moving,
    }));
    const handle = handleOf(part);
    return handle
      ? [...parts, { substance: 'handle', mesh: handleMesh(handle, frame, low, face), ...moving }]
      : parts;
  });
}

/** A front as the boards it is made of, each with its grain along it. */
function leaf(
  { left, right, low, high, glass, style }: FrontPart,
  frame: Frame,
  up: number,
  face: number,
): ScenePart[] {
  const boards = leafBoards(style ?? 'slab', {
    wide: right - left,
    high: high - low,
    ...(glass && { glass }),
  });
  const meshes = (of: LeafBoard['of']) =>
    boards
      .filter((board) => board.of === of)
      .map((board) => boardMesh(board, frame, { left, low: up + low, face }));
  const [fronts, panes] = [meshes('front'), meshes('glass')];
  return [
    { substance: 'front', mesh: joined(...fronts) },
    ...(panes.length > 0 ? [{ substance: 'glass', mesh: joined(...panes) } as const] : []),
  ];
}

function raised(mesh: Mesh, by: number): Mesh {
  if (by === 0) return mesh;
  return { ...mesh, positions: mesh.positions.map((one, index) => (index % 3 === 2 ? one + by : one)) };
}
