import type { ItemRecord } from '../../document/records';
import type { ConstructionMethod } from '../../ranges/construction';
import { plinthUnder } from '../../ranges/construction';
import { hasLegs } from '../../ranges/handing';
import { isAlong, within } from '../../setting/slant';
import { hiddenInCorner } from '../../setting/open-fronts';
import { itemOutline } from '../../setting/item-outline';
import type { FrontPart } from '../../solids/front-parts';
import type { Solid } from '../../solids/solid';
import type { CutOut } from '../../solids/solids';
import type { BuildMethod } from '../../ranges/build-method';
import {
  board,
  settled,
  sound,
  worked,
  type Board,
  type BoardFrame,
  type Machining,
  type Span,
} from './board';
import { clearOf, insideOf, isDivided, rowsOf, type CabinetBox, type Row } from './cabinet-box';
import { carcass } from './carcass';
import { cornerBox } from './corner-boxes';
import { boredCorner } from './corner-holes';
import { cellsFit, cellsOf, fromBoth, uprightsOf, type Cell } from './compartments';
import { cutRound } from './cut-round';
import { closing, cutSlant } from './cut-slant';
import { drawerBehind } from './drawers';
import { blindPanel, faceFrame, slopingFrame } from './face-frame';
import { flatThing } from './flat-things';
import { hardwareOf, type HardwareLine } from './hardware';
import { hingePlaces } from './hinges';
import { leafOf } from './leaves';
import { uprightJoints } from './joints';
import { PLATE, shelved, shelvedIn } from './shelves';

/** The boards of an item, what is bought for it, and the fronts behind which no drawer goes in. */
export interface Cabinet {
  boards: readonly Board[];
  hardware: readonly HardwareLine[];
  /** Drawer fronts with no box behind them, for want of room. */
  empty: readonly FrontPart[];
}

/** Whether the shop makes an item that is built in some way: not what is bought, nor a top. */
export function isMade({ kind }: NonNullable<Solid['box']>): boolean {
  return (
    ['base', 'wall', 'tall', 'vanity'].includes(kind.group) ||
    ((kind.group === 'panels' || kind.group === 'trim') && kind.top !== 'own')
  );
}

/** Kinds whose drawers are bought with what they run on. */
const BOUGHT: ReadonlySet<string> = new Set(['base-corner-drawers', 'base-waste']);

/** A box with less than this between its boards is none, mm. */
const LEAST_INSIDE = 60;

/** Whether a box is large enough to be built as its range is. */
function isBuildable({
  made,
  width,
  depth,
  height,
  foot,
  kickBack,
  kind,
  rows,
  hidden,
}: CabinetBox): boolean {
  const { board, back, frame, kick } = made.build;
  const [across, up] = frame ? [2 * frame.wide, 2 * frame.wide] : [2 * board, 2 * board];
  const toe =
    kick === 'box' && foot > 0 && !kind.plan ? (kickBack ?? made.plinth.back) + made.plinth.thick : 0;
  const deep = Math.max(toe, back.from + back.thick + (frame?.thick ?? 0));
  const inside = Math.min(width - across, depth - deep, height - foot - up);
  const seen = width - (hidden?.width ?? 0) - across;
  return inside >= LEAST_INSIDE && rowsFit(rows, [foot, height], frame?.wide ?? 0) && seen >= LEAST_INSIDE;
}

/** Whether the legs of a corner cabinet are deep enough for boards, and long enough for a door before each. */
function legsFit({ made, kind, width, depth }: CabinetBox, { leg }: ItemRecord): boolean {
  if (!hasLegs(kind)) return true;
  const { board, frame } = made.build;
  const reach = Math.min(leg ?? Math.min(width, depth) / 2, width, depth);
  const beside = Math.min(width, depth) - reach - board - 2 * (frame?.wide ?? 0);
  return Math.min(reach - board - (frame?.thick ?? 0), beside) >= LEAST_INSIDE;
}

/** Whether the rows of a front stand clear of one another over its plinth, with room for the rails of a frame between them. */
const rowsFit = (rows: readonly Row[], [foot, head]: Span, rail: number): boolean =>
  rows.every((row, index) => {
    const [above, below] = [rows[index - 1], rows[index + 1]];
    const high = above ? (row.high + above.low) / 2 - rail / 2 : row.high - rail;
    const low = below ? (row.low + below.high) / 2 + rail / 2 : row.low + rail;
    const isClear = row.low >= foot && row.high <= head && (!below || row.low >= below.high);
    return (
      isClear && high - low >= LEAST_ROW && row.parts.every(({ left, right }) => right - left >= LEAST_ROW)
    );
  });
const LEAST_ROW = 20;

/** What a cabinet follows from beside its body: how it is built, how far its plinth stands back (null where there is none), what it is cut to where it stands. */
export interface BuiltWith {
  made: ConstructionMethod;
  kickBack: number | null;
  cut: CutOut;
}

/** An item in its boards, as its range builds it, cut round what is built in and to what slants behind it; what is too small for that is one block. */
export function cabinetOf(solid: Solid, built: BuiltWith): Cabinet {
  const cabinet = builtCabinet(solid, built);
  const boards = cutRound(cabinet.boards.map(sound), built.cut.blocked);
  const { slant } = built.cut;
  if (!slant) return { ...cabinet, boards };
  const [side] = boards.filter(({ name }) => name === 'side-left' || name === 'side-right');
  if (!side) return { ...cabinet, boards: cutSlant(boards, slant) };
  const { width, depth } = solid.box!.record;
  const { board: thick, frame } = built.made.build;
  // A frame goes over the edge of what closes it; one before what slants behind it is not cut.
  const before = frame && isAlong(slant) ? frame : null;
  const whole = { x: [0, width], y: [0, depth - (before?.thick ?? 0)], z: side.z } as const;
  const held = before ? boards.filter(({ of }) => of !== 'frame') : boards;
  return {
    ...cabinet,
    boards: [
      ...cutSlant(held, within(slant, thick)),
      ...closing(slant, whole, thick),
      ...(before ? slopingFrame(boards, slant, before) : []),
    ],
  };
}

function builtCabinet(solid: Solid, { made, kickBack, cut: { blocked, slant } }: BuiltWith): Cabinet {
  const { record, kind } = solid.box!;
  const foot = plinthUnder(kind, record, made);
  if (!kind.rows || kind.flat)
    return { boards: flatThing(record, kind, { made, foot }), hardware: [], empty: [] };
  const build: BuildMethod =
    kind.plan === 'chamfer' ? { ...made.build, frame: null, housing: 0 } : made.build;
  const fronts = frontsOf(solid);
  const leaves = fronts.flatMap(({ parts }) =>
    parts.filter(({ shows }) => shows !== 'niche' && shows !== 'shelf'),
  );
  const rows = rowsOf(fronts[0]?.parts ?? []);
  const box: CabinetBox = {
    ...{ kind, made: { ...made, build }, foot, kickBack, rows, blocked },
    slant: slant && within(slant, build.board),
    ...{ width: record.width, depth: record.depth, height: record.height, hand: record.hand },
    hung: record.up >= 1,
    hidden: kind.blind ? { end: record.hand, width: hiddenInCorner(record) } : null,
    shelves: record.facts?.shelves,
    cups: leaves.flatMap((leaf) =>
      leaf.hinge === 'left' || leaf.hinge === 'right' ? hingePlaces(leaf, build).map(({ z }) => z) : [],
    ),
  };
  const leafBoards = fronts.flatMap(({ parts, frame, line }) =>
    parts.flatMap((part) =>
      leafOf(part, { build, proud: made.proud, line, ...(frame && { frame }) }).map(settled),
    ),
  );
  if (!isBuildable(box) || !legsFit(box, record) || !isDivided(box) || !cellsFit(box, LEAST_INSIDE))
    return blockOf(box);
  if (kind.plan) {
    const own = boredCorner(box, cornerBox(box, record), fronts);
    const loose = own.filter(({ name }) => name === 'shelf').length;
    return {
      boards: [...own, ...cornerFrames(box, fronts).map(settled), ...leafBoards],
      hardware: hardwareOf(box, own, { leaves, loose, runners: [] }),
      empty: [],
    };
  }
  return rectangular(box, leaves, leafBoards);
}

/** What is too small to be built as a box: one block over its plinth. */
function blockOf({ width, depth, height, foot }: CabinetBox): Cabinet {
  const sizes = { x: width, y: depth, z: height - foot };
  const [thin, , grain] = (['x', 'y', 'z'] as const).toSorted((a, b) => sizes[a] - sizes[b]);
  const extent = { x: [0, width], y: [0, depth], z: [foot, height] } as const;
  return { boards: board('block', 'box', extent, [thin!, grain!]), hardware: [], empty: [] };
}

function rectangular(box: CabinetBox, leaves: readonly FrontPart[], leafBoards: readonly Board[]): Cabinet {
  const { kind, rows, made, width, depth } = box;
  const inside = insideOf(box);
  const cells = rows.flatMap((row) => cellsOf(box, inside, row));
  const drawn = BOUGHT.has(kind.id) ? [] : cells.filter(({ row }) => row.shows === 'drawer');
  const drawers = drawn.map((cell) => ({ cell, drawer: drawerBehind(box, cell) }));
  const held = drawers.flatMap(({ cell, drawer }) => (drawer ? [{ cell, drawer }] : []));
  const filled = kind.own
    ? cells.map((cell) => ({ cell, shelves: shelvedIn(box, inside, cell) }))
    : [{ cell: null, shelves: shelved(box, inside) }];
  const frame = faceFrame(box, { long: width, rows, line: depth, stiles: { left: true, right: true } });
  const joined = blindJoined(box, frame);
  const own = carcass(box);
  const plates = made.build.frame ? [] : cells.map((cell) => ({ cell, plates: platesOf(box, cell) }));
  /** What is bored at the left or the right end of compartments. */
  const bored = (hand: 'left' | 'right', isAt: (cell: Cell | null) => boolean): Machining[] => [
    ...filled.filter(({ cell }) => isAt(cell)).flatMap(({ shelves }) => shelves.holes[hand]),
    ...held.filter(({ cell }) => isAt(cell)).flatMap(({ drawer }) => drawer.holes[hand]),
    ...plates.filter(({ cell }) => isAt(cell)).flatMap((one) => one.plates[hand]),
  ];
  const uprights = uprightsOf(box, inside, own).map(({ one, row, index }) => {
    const beside = (at: number) => (cell: Cell | null) =>
      cell?.row === row && cells.filter((other) => other.row === row).indexOf(cell) === at;
    const joints = uprightJoints(box, one, own);
    const both = fromBoth(
      [...bored('right', beside(index)), ...bored('left', beside(index + 1))],
      made.build.board,
    );
    return { one: worked(one, [...joints.upright, ...both]), joints };
  });
  const [first, last] = [clearOf(box).x[0], clearOf(box).x[1]];
  const boards = [
    ...own.map((one) => {
      const holding = uprights.flatMap(({ joints }) => joints.held.get(one) ?? []);
      if (one.name === 'side-left')
        return worked(
          one,
          bored('left', (cell) => !cell || cell.x[0] === first),
        );
      if (one.name === 'side-right')
        return worked(
          one,
          bored('right', (cell) => !cell || cell.x[1] === last),
        );
      return holding.length > 0 ? worked(one, holding) : one;
    }),
    ...uprights.map(({ one }) => one),
    ...joined.map((one) => worked(one, frameHoles(box, one, leaves))),
    ...filled.flatMap(({ shelves }) => shelves.shelves),
    ...held.flatMap(({ drawer }) => drawer.boards),
    ...leafBoards,
  ];
  return {
    boards,
    hardware: hardwareOf(box, own, {
      leaves,
      loose: filled.reduce((sum, { shelves }) => sum + shelves.loose, 0),
      runners: held.map(({ drawer }) => drawer.runner),
      uprights: uprights.map(({ joints }) => joints),
    }),
    empty: drawers.flatMap(({ cell, drawer }) => (drawer ? [] : cell.parts)),
  };
}

/** A frame with what is hidden in a corner closed by a panel in it. */
function blindJoined(box: CabinetBox, frame: readonly Board[]): Board[] {
  const { hidden, width, made } = box;
  if (!hidden) return [...frame];
  const wide = made.build.frame?.wide ?? 0;
  const from = hidden.end === 'left' ? hidden.width + wide : wide;
  const to = hidden.end === 'left' ? width - wide : width - hidden.width - wide;
  // Rails go only before what is open.
  const shorter = frame.flatMap((one): Board[] =>
    one.name === 'frame-rail' ? (to - from > 1 ? [{ ...one, x: [from, to] }] : []) : [one],
  );
  return [...shorter, ...blindPanel(box)];
}

/** The holes for the plates of the hinges in a compartment, in the boards they turn at. */
function platesOf(
  { made, depth }: CabinetBox,
  { parts, x }: Pick<Cell, 'parts' | 'x'>,
): Record<'left' | 'right', Machining[]> {
  const { holes } = made.build;
  const on = (hand: 'left' | 'right'): Machining[] =>
    parts
      .filter(({ hinge }) => hinge === hand)
      .flatMap((leaf) => hingePlaces(leaf, made.build))
      .flatMap(({ z }) =>
        [-PLATE, PLATE].map((by): Machining => ({
          ...{ type: 'hole', face: hand === 'left' ? 'right' : 'left', size: holes.size, depth: holes.deep },
          at: { x: hand === 'left' ? x[0] : x[1], y: depth - holes.edge, z: z + by },
        })),
      );
  return { left: on('left'), right: on('right') };
}

/** The screws of hinges on a frame: in the edges of the stiles the doors turn at. */
function frameHoles({ made, depth }: CabinetBox, one: Board, leaves: readonly FrontPart[]): Machining[] {
  const { frame } = made.build;
  if (!frame || one.name !== 'frame-stile') return [];
  return leaves.flatMap((leaf) => {
    const { hinge, left, right } = leaf;
    if (hinge !== 'left' && hinge !== 'right') return [];
    // A door lies over its stile, or stands beside it within the frame.
    const edge = hinge === 'left' ? left : right;
    if (edge < one.x[0] - NEAR || edge > one.x[1] + NEAR) return [];
    const face = hinge === 'left' ? 'right' : 'left';
    // Of several stiles at one place, it turns at the one beside it.
    const beside = hingePlaces(leaf, made.build).filter(({ z }) => z > one.z[0] && z < one.z[1]);
    return beside.flatMap(({ z }) =>
      [-PLATE, PLATE].map((by): Machining => ({
        ...{ type: 'hole', face, ...FRAME_SCREW },
        at: { x: hinge === 'left' ? one.x[1] : one.x[0], y: depth - frame.thick / 2, z: z + by },
      })),
    );
  });
}
const FRAME_SCREW = { size: 2.5, depth: 15 };
const NEAR = 5;

/** A side of an item that is a front, in the item's own frame. */
interface Front {
  parts: readonly FrontPart[];
  long: number;
  /** How far in front of its frame's line the box ends: the depth, where the frame is the item's own. */
  line: number;
  frame?: BoardFrame;
}

/** The fronts of an item: one along its own front, or several along sides of its outline. */
function frontsOf({ sides, box }: Solid): Front[] {
  const { record, kind } = box!;
  const outline = itemOutline(record);
  return sides.flatMap(({ front, parts }, index): Front[] => {
    if (!front) return [];
    const [to, from] = [outline[index]!, outline[(index + 1) % outline.length]!];
    const long = Math.hypot(to.along - from.along, to.out - from.out);
    const u = { x: (to.along - from.along) / long, y: (to.out - from.out) / long };
    const isOwn = !hasLegs(kind) && u.y === 0 && from.along === 0;
    if (isOwn) return [{ parts, long, line: from.out }];
    return [{ parts, long, line: 0, frame: { origin: { x: from.along, y: from.out }, u } }];
  });
}

/** The frames on the fronts of a corner cabinet, and the post they meet at. */
function cornerFrames(box: CabinetBox, fronts: readonly Front[]): Board[] {
  const { made, kind, foot, height } = box;
  const { frame } = made.build;
  if (!frame || !hasLegs(kind)) return [];
  const isL = kind.plan === 'l';
  const inset = made.proud <= 0;
  const found = fronts.flatMap((front) => {
    const rows = rowsOf(front.parts);
    // At the inner corner the frames of overlaying doors go on to the post.
    const isAtCorner = front.frame ? cornerEnd(front.frame, fronts) : null;
    const stiles = {
      left: !isL || inset || isAtCorner !== 'left',
      right: !isL || inset || isAtCorner !== 'right',
    };
    return faceFrame(box, {
      long: front.long,
      rows,
      line: 0,
      stiles,
      ...(front.frame && { frame: front.frame }),
    });
  });
  if (!isL) return found;
  const corner = innerCorner(fronts);
  if (!corner) return found;
  const behind = (from: number, sign: number): readonly [number, number] =>
    sign > 0 ? [from - frame.thick, from] : [from, from + frame.thick];
  return [
    ...found,
    {
      ...{ name: 'post', of: 'frame', thin: 'y', grain: 'z', edged: [], machining: [] },
      ...{ x: behind(corner.x, corner.side), y: behind(corner.y, 1), z: [foot, height] },
    },
  ];
}

/** Where two fronts meet, and on which side of it (1: to the left) the box is. */
function innerCorner(fronts: readonly Front[]): { x: number; y: number; side: number } | null {
  const [a, b] = fronts;
  if (!a?.frame || !b?.frame) return null;
  const ends = ({ frame, long }: Front) => {
    const { origin, u } = frame!;
    return [origin, { x: origin.x + u.x * long, y: origin.y + u.y * long }];
  };
  const shared = ends(a).find((one) =>
    ends(b).some((other) => Math.hypot(one.x - other.x, one.y - other.y) < 1e-6),
  );
  if (!shared) return null;
  // The front that runs up from the corner faces the side the doors are on.
  const upright = Math.abs(a.frame.u.x) < 0.5 ? a.frame : b.frame;
  return { ...shared, side: upright.u.y < 0 ? 1 : -1 };
}

function cornerEnd({ origin }: BoardFrame, fronts: readonly Front[]): 'left' | 'right' {
  const corner = innerCorner(fronts);
  return corner && Math.hypot(corner.x - origin.x, corner.y - origin.y) < 1e-6 ? 'left' : 'right';
}
