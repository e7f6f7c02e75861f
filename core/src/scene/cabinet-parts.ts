import { clipHalfPlane } from '../geometry/convex';
import { place, type Point } from '../geometry/point';
import type { BuiltWith } from '../shop/parts/cabinet';
import { cabinetOfSolid } from '../shop/parts/design-parts';
import type { Board, BoardFrame, BoardOf, Extent } from '../shop/parts/board';
import { prismOf, type Prism } from '../shop/parts/board-prism';
import type { FrontPart } from '../solids/front-parts';
import { handleOf } from '../solids/handles';
import type { Solid, SolidSide } from '../solids/solids';
import { handleMesh } from './handle-parts';
import { box, grained, joined, prism, slab, type Frame, type Mesh } from './mesh';
import type { Motion, ScenePart, Substance } from './scene-part';
import { frameOfSide, motionOf } from './shapes';

/** How what boards are of looks; kicks are drawn with the plinth of their run. */
const looks: Readonly<Record<BoardOf, Substance | null>> = {
  ...{ box: 'carcass', shelf: 'carcass', back: 'carcass', drawer: 'carcass' },
  ...{ front: 'front', frame: 'front', end: 'front', trim: 'front' },
  ...{ glass: 'glass', plinth: null },
};

/** What is one board by itself and looks as what it does. */
const wholes: Readonly<Partial<Record<string, Substance>>> = {
  ...{ plinth: 'plinth', shelf: 'timber', 'bar-top': 'timber' },
};

/** The parts of a cabinet, from the very boards it is made of in the shop, and what its fronts are taken hold of by. */
export function cabinetParts(solid: Solid, built: BuiltWith): ScenePart[] {
  const { made, kickBack } = built;
  const own = solid.box!;
  // What of sides that go down to the floor lies behind the plinth of the run is not seen.
  const foot = kickBack === null ? 0 : (solid.foot ?? 0);
  const boards = cabinetOfSolid(solid, built).boards.map((one) => above(one, foot));
  const fronts = solid.sides.flatMap((side) =>
    side.front ? side.parts.map((part) => ({ part, side })) : [],
  );
  const moving = new Map<FrontPart, Motion | undefined>(
    fronts.map(({ part, side }) => [
      part,
      motionOf(part, frameOfSide(side), own.low, made.proud, own.record.depth),
    ]),
  );
  const whole = wholes[own.kind.id];
  return [
    ...meshesOf(own, own.low, boards, moving, whole),
    ...fronts.flatMap(({ part, side }) => handleParts(part, side, own.low, made.proud, moving)),
  ];
}

/** A board as far as it stands over a height. */
function above(one: Board, low: number): Board {
  if (one.of !== 'box' || one.z[0] >= low || one.z[1] <= low) return one;
  const cut = (extent: Extent): Extent => ({
    x: extent.x,
    y: extent.y,
    z: [Math.max(low, extent.z[0]), extent.z[1]],
  });
  const ring = one.thin === 'x' && one.ring && clipHalfPlane(one.ring, { x: 0, y: 1 }, low);
  return { ...one, ...cut(one), ...(one.seen && { seen: one.seen.map(cut) }), ...(ring && { ring }) };
}

/** Boards as meshes, those that look and move alike as one. */
function meshesOf(
  frame: Frame,
  low: number,
  boards: readonly Board[],
  moving: ReadonlyMap<FrontPart, Motion | undefined>,
  whole: Substance | undefined,
): ScenePart[] {
  const found: { substance: Substance; moves: Motion | undefined; meshes: Mesh[] }[] = [];
  for (const one of boards) {
    const substance = whole ?? looks[one.of];
    if (!substance) continue;
    const moves = one.leaf && moving.get(one.leaf);
    const known = found.find((part) => part.substance === substance && part.moves === moves);
    const mesh = boardMesh(frame, low, one);
    if (known) known.meshes.push(mesh);
    else found.push({ substance, moves, meshes: [mesh] });
  }
  return found.map(({ substance, moves, meshes }) => ({
    substance,
    mesh: joined(...meshes),
    ...(moves && { moves }),
  }));
}

function boardMesh(frame: Frame, low: number, one: Board): Mesh {
  if (one.ring || one.frame?.about) return prismMesh(frame, low, prismOf(one));
  const own = one.frame ? framed(frame, one.frame) : frame;
  const meshes = (one.seen ?? [one]).map(({ x, y, z }: Extent) => box(own, x, y, [low + z[0], low + z[1]]));
  const mesh = meshes.length === 1 ? meshes[0]! : joined(...meshes);
  if (one.grain === 'z') return mesh;
  const along = one.grain === 'x' ? own.u : own.n;
  return grained(mesh, [along.x, along.y, 0]);
}

/** What stands on an outline in plan, or on one across another direction of its cabinet. */
function prismMesh(frame: Frame, low: number, { along, ring, span }: Prism): Mesh {
  const { origin, u, n } = frame;
  const [from, to] = span;
  if (along === 'z')
    return prism(
      ring.map(({ x, y }) => place(origin, u, x, n, y)),
      low + from,
      low + to,
    );
  const up = ring.map(({ x, y }) => ({ x, y: low + y }));
  return slab(along === 'y' ? frame : { origin, u: n, n: u }, up, [from, to]);
}

/** The frame of a side of a cabinet in the room. */
function framed({ origin, u, n }: Frame, side: BoardFrame): Frame {
  const way = ({ x, y }: Point): Point => ({ x: u.x * x + n.x * y, y: u.y * x + n.y * y });
  return {
    origin: place(origin, u, side.origin.x, n, side.origin.y),
    u: way(side.u),
    n: way({ x: -side.u.y, y: side.u.x }),
  };
}

function handleParts(
  part: FrontPart,
  side: SolidSide,
  low: number,
  proud: number,
  moving: ReadonlyMap<FrontPart, Motion | undefined>,
): ScenePart[] {
  const handle = handleOf(part);
  if (!handle || part.shows === 'niche') return [];
  const moves = moving.get(part);
  return [
    {
      substance: 'handle',
      mesh: handleMesh(handle, frameOfSide(side), low, Math.max(0, proud)),
      ...(moves && { moves }),
    },
  ];
}
