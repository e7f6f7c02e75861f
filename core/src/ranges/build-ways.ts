import { wayLengths, type WayLength } from '../document/way-limits';
import { frontStyles, type FrontStyle } from '../document/range-limits';
import type { BuildWays, WayKey } from '../document/kinds/build-ways';
import type { BuildMethod } from './build-method';
import type { ConstructionMethod } from './construction';

/** How fronts lie on a frame: over it by so much at the sides, or in it with a gap about them; what shows between two of them. */
export interface FrontsOnFrame {
  fronts: FrontStyle;
  overlay: number;
  gap: number;
}

const [FULL, PARTIAL] = frontStyles;

/** So much is left of a board below what is let into it, mm. */
const LEFT = 3;
/** A box of a drawer is so much narrower than what it runs in on each side, over runners under it. */
const RUNS = 1;
/** Of a rail so much shows between two fronts at least, mm. */
const SHOWN = 1;

/** How far fronts stop short of the sides of a box with a frame, stand proud of it and stand apart. */
export function onFrame(
  { fronts, overlay, gap }: FrontsOnFrame,
  { frame, front }: Pick<BuildMethod, 'frame' | 'front'>,
): Pick<ConstructionMethod, 'between' | 'frontShort' | 'proud'> {
  const wide = frame!.wide;
  if (fronts === 'inset') return { frontShort: wide + gap, proud: 0, between: wide + 2 * gap };
  const short = wide - overlay;
  if (fronts === FULL) return { frontShort: short, proud: front, between: gap };
  return { frontShort: short, proud: front, between: wide - 2 * overlay };
}

/** How the fronts of a construction lie on its frame. */
function fronted({ build, proud, frontShort, between }: ConstructionMethod): FrontsOnFrame {
  const wide = build.frame!.wide;
  if (proud <= 0) return { fronts: 'inset', overlay: 0, gap: frontShort - wide };
  const overlay = wide - frontShort;
  const isPartial = Math.abs(between - (wide - 2 * overlay)) < 1e-9;
  return isPartial ? { fronts: PARTIAL, overlay, gap: 0 } : { fronts: FULL, overlay, gap: between };
}

type Ways = Required<BuildWays>;

/** What each way of a construction is. */
const readers: { readonly [K in WayKey]: (made: ConstructionMethod) => Ways[K] | undefined } = {
  board: ({ build }) => build.board,
  shelf: ({ build }) => build.shelf,
  front: ({ build }) => build.front,
  endPanel: ({ panel }) => panel,
  gap: (made) => (made.build.frame ? fronted(made).gap : made.between),
  overlay: (made) => (made.build.frame ? fronted(made).overlay : 0),
  off: ({ proud, build }) => proud - build.front,
  backBoard: ({ build }) => build.back.thick,
  backIn: ({ build }) => build.back.deep,
  backFrom: ({ build }) => build.back.from,
  housing: ({ build }) => build.housing,
  stile: ({ build }) => build.frame?.wide,
  frameBoard: ({ build }) => build.frame?.thick,
  rail: ({ build }) => build.rails.wide,
  shelfBack: ({ build }) => build.shelves.back,
  holePitch: ({ build }) => build.holes.pitch,
  holeEdge: ({ build }) => build.holes.edge,
  drawerSide: ({ build }) => build.drawer.side,
  drawerBottom: ({ build }) => build.drawer.bottom.thick,
  runnerAir: ({ build: { drawer } }) =>
    drawer.runner.way === 'under' ? drawer.runner.inside : 2 * drawer.runner.each,
  drawerBelow: ({ build }) => build.drawer.below,
  drawerAbove: ({ build }) => build.drawer.above,
  boxEdging: ({ build }) => build.edging.box,
  frontEdging: ({ build }) => build.edging.front,
  plinth: ({ plinth }) => plinth.height,
  plinthBack: ({ plinth }) => plinth.back,
  plinthBoard: ({ plinth }) => plinth.thick,
  scribe: ({ scribe }) => scribe,
  fronts: (made) => (made.build.frame ? fronted(made).fronts : undefined),
  backWay: ({ build }) => build.back.way,
  kick: ({ build }) => build.kick,
  runners: ({ build }) => build.drawer.runner.way,
  drawerHeights: ({ build }) => [...build.drawer.heights],
  runnerLengths: ({ build }) => [...build.drawer.lengths],
  boxOf: ({ build }) => build.of.box,
  backOf: ({ build }) => build.of.back,
  drawerOf: ({ build }) => build.of.drawer,
};

/** What a way of a construction is; nothing for what it does not have. */
export const wayOf = <K extends WayKey>(made: ConstructionMethod, key: K): Ways[K] | undefined =>
  readers[key](made);

export const wayKeys = Object.keys(readers) as readonly WayKey[];
export const isWayLength = (key: WayKey): key is WayLength => key in wayLengths;

/** The ways that a construction can be changed in. */
export function waysOf(made: ConstructionMethod): readonly WayKey[] {
  const { frame, back, drawer } = made.build;
  const fronts = frame ? fronted(made).fronts : null;
  const lacking: Partial<Record<WayKey, boolean>> = {
    off: frame !== null,
    overlay: fronts === null || fronts === 'inset',
    gap: fronts === PARTIAL,
    ...{ fronts: frame === null, stile: frame === null, frameBoard: frame === null },
    backFrom: back.way === 'rebate',
    boxEdging: frame !== null,
    runnerAir: drawer.lengths.length === 0,
  };
  return wayKeys.filter((key) => !lacking[key]);
}

/** A construction with some ways set otherwise: what would go through a board goes as far into it as it can. */
export function withWays(usual: ConstructionMethod, ways: BuildWays): ConstructionMethod {
  const before = usual.build;
  const side = ways.drawerSide ?? before.drawer.side;
  const { bottom } = before.drawer;
  const frame = before.frame && {
    wide: ways.stile ?? before.frame.wide,
    thick: ways.frameBoard ?? before.frame.thick,
  };
  // What parts a box lies behind the rails of its frame.
  const board = Math.min(ways.board ?? before.board, frame?.wide ?? Infinity);
  const deep = Math.max(0, Math.min(ways.backIn ?? before.back.deep, board - LEFT));
  const build: BuildMethod = {
    ...before,
    ...{ board, frame, shelf: ways.shelf ?? before.shelf, front: ways.front ?? before.front },
    back: {
      ...{ thick: ways.backBoard ?? before.back.thick, way: ways.backWay ?? before.back.way },
      ...backLies(ways, before, deep),
    },
    housing: Math.min(ways.housing ?? before.housing, board - LEFT),
    kick: ways.kick ?? before.kick,
    rails: { ...before.rails, wide: ways.rail ?? before.rails.wide },
    shelves: { ...before.shelves, back: ways.shelfBack ?? before.shelves.back },
    holes: {
      ...before.holes,
      ...{ pitch: ways.holePitch ?? before.holes.pitch, edge: ways.holeEdge ?? before.holes.edge },
    },
    drawer: {
      ...before.drawer,
      runner: runnerOf(ways, before, side),
      side,
      bottom: {
        ...bottom,
        thick: ways.drawerBottom ?? bottom.thick,
        deep: Math.min(bottom.deep, side - LEFT),
      },
      ...{ below: ways.drawerBelow ?? before.drawer.below, above: ways.drawerAbove ?? before.drawer.above },
      heights: sorted(ways.drawerHeights ?? before.drawer.heights),
      lengths: sorted(ways.runnerLengths ?? before.drawer.lengths),
    },
    edging: { box: ways.boxEdging ?? before.edging.box, front: ways.frontEdging ?? before.edging.front },
    of: {
      box: ways.boxOf ?? before.of.box,
      ...{ back: ways.backOf ?? before.of.back, drawer: ways.drawerOf ?? before.of.drawer },
    },
  };
  return {
    ...fronts(usual, ways, build),
    scribe: ways.scribe ?? usual.scribe,
    panel: ways.endPanel ?? usual.panel,
    plinth: {
      height: ways.plinth ?? usual.plinth.height,
      ...{ back: ways.plinthBack ?? usual.plinth.back, thick: ways.plinthBoard ?? usual.plinth.thick },
    },
    build,
  };
}

const sorted = (sizes: readonly number[]): readonly number[] => [...sizes].sort((a, b) => a - b);

/** How a back lies in its sides: in a groove some way in from the wall, in a rebate at it and tight. */
function backLies(
  { backWay, backFrom, backIn }: BuildWays,
  { back }: BuildMethod,
  deep: number,
): Pick<BuildMethod['back'], 'deep' | 'from' | 'play'> {
  const way = backWay ?? back.way;
  if (way === 'rebate') return { deep, from: 0, play: 0 };
  const was = way === back.way ? back : { from: 20, play: 0.5 };
  return { deep, from: backFrom ?? was.from, play: Math.min(was.play, backIn ?? deep) };
}

/** What runners ask for: usually 12.7 at each side, or 42 between inside and opening, in which the sides are and what they run in. */
function runnerOf(
  { runners, runnerAir }: BuildWays,
  { drawer: { runner } }: BuildMethod,
  side: number,
): BuildMethod['drawer']['runner'] {
  const way = runners ?? runner.way;
  if (way === 'under') {
    const inside = runnerAir ?? (runner.way === 'under' ? runner.inside : 42);
    return { way, inside: Math.max(inside, 2 * (side + RUNS)) };
  }
  const each = runner.way === 'side' ? runner.each : 12.7;
  return { way, each: runnerAir === undefined ? each : runnerAir / 2 };
}

function fronts(
  usual: ConstructionMethod,
  ways: BuildWays,
  build: BuildMethod,
): Pick<ConstructionMethod, 'between' | 'frontShort' | 'proud'> {
  if (!build.frame) {
    const between = ways.gap ?? usual.between;
    const off = ways.off ?? usual.proud - usual.build.front;
    return { between, frontShort: between / 2, proud: build.front + off };
  }
  const lie = fronted(usual);
  const most = lie.fronts === PARTIAL ? (build.frame.wide - SHOWN) / 2 : build.frame.wide;
  const overlay = lie.fronts === 'inset' ? 0 : Math.min(ways.overlay ?? lie.overlay, most);
  return onFrame({ ...lie, overlay, gap: ways.gap ?? lie.gap }, build);
}
