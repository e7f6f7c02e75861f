import { frontRing } from '../../solids/cut-fronts';
import { handleOf } from '../../solids/handles';
import type { FrontPart } from '../../solids/front-parts';
import { leafBoards, type LeafBoard } from '../../surfaces/door-styles';
import type { BuildMethod } from '../../ranges/build-method';
import type { BoardName } from '../../wording/shop-words';
import {
  board,
  worked,
  type Board,
  type BoardFace,
  type BoardFrame,
  type Extent,
  type Machining,
  type Span,
} from './board';
import { hingePlaces, isNarrow } from './hinges';

/** What a front is called in the shop. */
const names: Partial<Record<FrontPart['shows'], BoardName>> = {
  ...{ door: 'door', drawer: 'drawer-front', flap: 'flap', drop: 'flap', panel: 'fixed-front' },
};

/** How far panels are let into their frames, and the groove they stand in; how far a pane lies in its rebate, mm. */
const TONGUE = { into: 8, groove: 9 };
const PANE = { into: 6, rebate: 7 };
/** A hinged frame narrower than what a cup needs, and any narrower than this, is cut out of one board, mm. */
const LEAST_FRAME = 30;
/** Holes for handles go right through; a bar or cup is screwed on so far from its ends. */
const HANDLE_HOLE = 5;
const HANDLE_IN = 16;

/** What the boards of fronts follow from: how they are made, how far proud of the side of the box they stand, and where that side is, where it is not the box's front. */
export interface LeafPlace {
  build: BuildMethod;
  proud: number;
  /** How far in front of the frame's line the box ends there. */
  line: number;
  frame?: BoardFrame;
}

/** The boards that a front is made of, with the cups of its hinges and the holes for its handle; none for what is open. */
export function leafOf(part: FrontPart, at: LeafPlace): Board[] {
  const name = names[part.shows];
  if (!name) return [];
  const { build, proud, line, frame } = at;
  const [wide, high] = [part.right - part.left, part.high - part.low];
  const thick = build.front;
  const boards = leafBoards(part.style ?? 'slab', {
    wide,
    high,
    thick,
    panel: build.panel,
    ...(part.glass && { glass: true }),
  });
  const face = line + proud;
  const place = (one: LeafBoard): Extent => ({
    x: [part.left + one.left, part.left + one.right],
    y: [face + one.back, face + one.face],
    z: [part.low + one.low, part.low + one.high],
  });
  const whole: Extent = { x: [part.left, part.right], y: [face - thick, face], z: [part.low, part.high] };
  const made = { ...(frame && { frame }), leaf: part };
  const rail = boards.find((one) => one.part === 'rail');
  const need = part.hinge ? build.hinge.edge + build.hinge.cup / 2 : 0;
  const wideRail = rail ? rail.high - rail.low : 0;
  const isFramed =
    rail !== undefined &&
    (boards.some(({ of }) => of === 'glass') || wideRail >= Math.max(need, LEAST_FRAME));
  const bored = (found: Board[]): Board[] => withHoles(found, part, whole, build);
  if (isFramed) return bored(framed(boards, place, made));
  const machining = boards.length > 1 ? milled(boards, place, whole) : [];
  if (part.heads) {
    const ring = frontRing(part);
    const z: Span = [part.low, Math.max(...ring.map((at) => at.y))];
    return bored(
      board(name, 'front', { ...whole, z }, ['y', 'z'], { ...made, ring, ringEdged: [...ring.keys()] }),
    );
  }
  return bored(
    board(name, 'front', whole, ['y', 'z'], {
      ...made,
      edged: ['left', 'right', 'bottom', 'top'],
      machining,
      ...(boards.length > 1 && { seen: boards.map(place) }),
    }),
  );
}

type Made = Pick<Board, 'frame' | 'leaf'>;

/** Stiles from end to end, rails between them, a panel let into both or a pane in a rebate from behind; beads on the panel. */
function framed(boards: readonly LeafBoard[], place: (one: LeafBoard) => Extent, made: Made): Board[] {
  const inner = boards.find(({ part }) => part === 'panel' || part === 'pane')!;
  const field = boards.find(({ part }) => part === 'field');
  const isPane = inner.part === 'pane';
  const within = place(inner);
  const into = isPane ? PANE.into : TONGUE.into;
  const wider = ([from, to]: Span, by: number): Span => [from - by, to + by];
  const panel: Extent = {
    x: wider(within.x, into),
    y: field ? [within.y[0], place(field).y[1]] : within.y,
    z: wider(within.z, into),
  };
  const recess = (face: BoardFace, own: Extent): Machining => {
    const deep = isPane ? PANE.rebate : TONGUE.groove;
    const edge = { left: 'x', right: 'x', bottom: 'z', top: 'z' }[
      face as 'bottom' | 'left' | 'right' | 'top'
    ] as 'x' | 'z';
    const isHigh = face === 'right' || face === 'top';
    const cut: Span = isHigh ? [own[edge][1] - deep, own[edge][1]] : [own[edge][0], own[edge][0] + deep];
    // A rebate is open to the back, up to the face of the pane.
    return isPane
      ? { type: 'rebate', face: 'back', cut: { ...own, [edge]: cut, y: [own.y[0], within.y[1]] } }
      : { type: 'groove', face, cut: { ...own, [edge]: cut, y: within.y } };
  };
  const facing = (one: LeafBoard): BoardFace => {
    if (one.part === 'stile') return one.left === 0 ? 'right' : 'left';
    return one.low === 0 ? 'top' : 'bottom';
  };
  return boards.flatMap((one): Board[] => {
    const own = place(one);
    if (one.part === 'stile' || one.part === 'rail')
      return board(one.part, 'front', own, ['y', one.part === 'rail' ? 'x' : 'z'], {
        ...made,
        machining: [recess(facing(one), own)],
      });
    if (one.part === 'bead') return board('bead', 'front', own, ['y', one.across ? 'x' : 'z'], made);
    if (one.part === 'pane') return board('pane', 'glass', panel, ['y', 'z'], made);
    if (one.part !== 'panel') return [];
    const machining = field ? fielded(panel, place(field), within.y[1]) : [];
    return board('leaf-panel', 'front', panel, ['y', 'z'], {
      ...made,
      machining,
      ...(field && { seen: [{ ...panel, y: within.y }, place(field)] }),
    });
  });
}

/** What is taken off a panel about its raised field. */
function fielded({ x, y, z }: Extent, field: Extent, to: number): Machining[] {
  const cut = (over: Partial<Extent>): Machining => ({
    ...{ type: 'rebate', face: 'front' },
    cut: { x, z, y: [to, y[1]], ...over },
  });
  return [
    cut({ z: [z[0], field.z[0]] }),
    cut({ z: [field.z[1], z[1]] }),
    cut({ x: [x[0], field.x[0]], z: field.z }),
    cut({ x: [field.x[1], x[1]], z: field.z }),
  ];
}

/** What is milled out of a front of one board: grooves between its ribs, or a field within a narrow frame, from before and behind. */
function milled(boards: readonly LeafBoard[], place: (one: LeafBoard) => Extent, whole: Extent): Machining[] {
  const ribs = boards.filter(({ part }) => part === 'rib').map(place);
  if (ribs.length > 0)
    return ribs.slice(1).map((rib, index): Machining => ({
      ...{ type: 'groove', face: 'front' },
      cut: { x: [ribs[index]!.x[1], rib.x[0]], y: [rib.y[0], whole.y[1]], z: whole.z },
    }));
  const panel = boards.find(({ part }) => part === 'panel');
  if (!panel) return [];
  const own = place(panel);
  const field = boards.find(({ part }) => part === 'field');
  const beads = boards.filter(({ part }) => part === 'bead').map(place);
  const behind =
    own.y[0] - whole.y[0] > 1e-9 ? [recessed('back', { ...own, y: [whole.y[0], own.y[0]] })] : [];
  if (field) {
    const raised = place(field);
    return [
      ...behind,
      ...fielded(own, raised, own.y[1]).map((one) => ({ ...one, type: 'housing' }) as Machining),
      ...before(raised, raised.y[1], whole.y[1]),
    ];
  }
  if (beads.length > 0) {
    const free: Extent = {
      x: [beads[0]!.x[1], beads[1]!.x[0]],
      y: own.y,
      z: [beads[2]!.z[1], beads[3]!.z[0]],
    };
    return [...behind, ...before(own, beads[0]!.y[1], whole.y[1]), ...before(free, own.y[1], beads[0]!.y[1])];
  }
  return [...behind, ...before(own, own.y[1], whole.y[1])];
}

const recessed = (face: 'back' | 'front', cut: Extent): Machining => ({ type: 'housing', face, cut });
const before = ({ x, z }: Extent, from: number, to: number): Machining[] =>
  to - from > 1e-9 ? [recessed('front', { x, y: [from, to], z })] : [];

/** The cups of a hinged front's hinges and the holes for its handle, in the boards they come to lie in. */
function withHoles(boards: readonly Board[], part: FrontPart, whole: Extent, build: BuildMethod): Board[] {
  const { hinge } = build;
  const cups = isNarrow(part, build) ? [] : hingePlaces(part, build);
  const holes: Machining[] = cups.map(({ x, z }): Machining => ({
    ...{ type: 'cup', face: 'back', size: hinge.cup, depth: hinge.deep },
    at: { x, y: whole.y[0], z },
  }));
  holes.push(
    ...handleHoles(part).map(({ x, z }): Machining => ({
      ...{ type: 'hole', face: 'front', size: HANDLE_HOLE, depth: build.front },
      at: { x, y: whole.y[1], z },
    })),
  );
  const isIn = ({ x, z }: Board, hole: Machining): boolean =>
    'at' in hole && hole.at.x >= x[0] && hole.at.x <= x[1] && hole.at.z >= z[0] && hole.at.z <= z[1];
  const taken = new Set<Machining>();
  // Frames before the panels within them, which reach into them.
  return boards.map((one) => {
    const own = holes.filter((hole) => !taken.has(hole) && isIn(one, hole) && one.name !== 'bead');
    for (const hole of own) taken.add(hole);
    // Holes for handles go right through whatever is there.
    return worked(
      one,
      own.map((hole) =>
        hole.type === 'hole'
          ? { ...hole, at: { ...hole.at, y: one.y[1] }, depth: one.y[1] - one.y[0] }
          : hole,
      ),
    );
  });
}

/** Where a front is bored for its handle: at both ends of a bar or a cup, once for a knob; an edge handle is screwed on from behind. */
function handleHoles(part: FrontPart): { x: number; z: number }[] {
  const handle = handleOf(part);
  if (!handle) return [];
  const { by, across: x, up: z, half } = handle;
  if (by === 'knob') return [{ x, z }];
  if (by === 'edge') return [];
  const isUpright = half.up > half.across;
  const reach = (isUpright ? half.up : half.across) - HANDLE_IN;
  if (reach <= 0) return [{ x, z }];
  return [-reach, reach].map((off) => (isUpright ? { x, z: z + off } : { x: x + off, z }));
}
