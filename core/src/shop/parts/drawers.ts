import { board, type Board, type Machining, type Span } from './board';
import { clearOf, slantBack, type CabinetBox } from './cabinet-box';
import type { Cell } from './compartments';

/** The box of a drawer and the runners it runs on. */
export interface Drawer {
  boards: readonly Board[];
  /** How long its runners are, mm. */
  runner: number;
  holes: { left: readonly Machining[]; right: readonly Machining[] };
}

/** Runners are screwed on at their front, and again so far behind it, where they are that long; so far over the underside of the drawer. mm */
const FIXED = [0, 224, 384];
const HOLE_UP = 9;
/** What runners under a drawer need cut out of the foot of its back, and the hole for their hook. */
const HOOK = { wide: 35, size: 6, deep: 10, in: 7, up: 10 };

/** The drawer behind a front; null where no runner or no box of those there are goes in. */
export function drawerBehind(box: CabinetBox, cell: Cell): Drawer | null {
  const { made, depth } = box;
  const { drawer, front, frame, holes } = made.build;
  const { y } = clearOf(box);
  const {
    x: clear,
    z: [low, high],
  } = cell;
  const across = reachAcross(cell.opening, drawer.runner, drawer.side);
  // A drawer's box comes out to the back of its front.
  const head = depth + made.proud - front;
  // What hangs a box with a thin back on the wall may be behind it.
  const behind =
    frame && made.build.back.way === 'rebate' ? Math.max(drawer.behind, made.build.board) : drawer.behind;
  const back = Math.max(y[0], slantBack(box, clear, cell.z), ...inWay(box, cell).map((one) => one.y[1]));
  const runner = drawer.lengths.filter((one) => one + behind <= Math.min(head, depth) - back).at(-1);
  const foot = low + drawer.below;
  const tall = drawer.heights.filter((one) => foot + one <= high - drawer.above + 1e-6).at(-1);
  if (runner === undefined || tall === undefined || across[1] - across[0] < 2 * drawer.side + LEAST)
    return null;
  const extent = {
    x: across,
    y: [head - (runner - drawer.shorter), head] as Span,
    z: [foot, foot + tall] as Span,
  };
  const leaf = cell.parts[0]!;
  const bored = FIXED.filter((by) => by < runner - 50).map((by) => ({
    y: y[1] - holes.edge - by,
    z: foot + HOLE_UP,
  }));
  // Behind a frame runners hang on brackets, not on the sides.
  const fixed = frame ? [] : bored;
  const side = (face: 'left' | 'right'): Machining[] =>
    fixed.map((at): Machining => ({
      ...{ type: 'hole', face, size: holes.size, depth: holes.deep },
      at: { x: face === 'right' ? clear[0] : clear[1], ...at },
    }));
  return {
    boards: drawerBoards(box, extent).map((one) => ({ ...one, leaf })),
    runner,
    holes: { left: side('right'), right: side('left') },
  };
}
/** The narrowest that is a drawer inside, mm. */
const LEAST = 40;

/** What is built in where a drawer would run: it is as much shorter. */
const inWay = ({ blocked }: CabinetBox, { x, z }: Cell) =>
  blocked.filter((one) => one.x[0] < x[1] && one.x[1] > x[0] && one.z[0] < z[1] && one.z[1] > z[0]);

/** From where to where a drawer's box reaches across its opening. */
function reachAcross(
  [from, to]: Span,
  runner: CabinetBox['made']['build']['drawer']['runner'],
  side: number,
): Span {
  const each = runner.way === 'side' ? runner.each : runner.inside / 2 - side;
  return [from + each, to - each];
}

/** Sides from end to end, front and back between them, the bottom let into all four. */
function drawerBoards({ made }: CabinetBox, { x, y, z }: { x: Span; y: Span; z: Span }): Board[] {
  const { side, bottom, runner } = made.build.drawer;
  const inner = { x: [x[0] + side, x[1] - side] as Span, y: [y[0] + side, y[1] - side] as Span };
  const floor: Span = [z[0] + bottom.up, z[0] + bottom.up + bottom.thick];
  const along = (face: 'left' | 'right'): Machining => ({
    ...{ type: 'groove', face },
    cut: {
      x: face === 'right' ? [inner.x[0] - bottom.deep, inner.x[0]] : [inner.x[1], inner.x[1] + bottom.deep],
      y,
      z: floor,
    },
  });
  const across = (face: 'back' | 'front'): Machining => ({
    ...{ type: 'groove', face },
    cut: {
      x: inner.x,
      y: face === 'front' ? [inner.y[0] - bottom.deep, inner.y[0]] : [inner.y[1], inner.y[1] + bottom.deep],
      z: floor,
    },
  });
  const hooks: Machining[] =
    runner.way === 'under'
      ? [inner.x[0], inner.x[1]].flatMap((at, index): Machining[] => [
          {
            ...{ type: 'notch', face: 'back' },
            cut: {
              x: index === 0 ? [at, at + HOOK.wide] : [at - HOOK.wide, at],
              y: [y[0], inner.y[0]],
              z: [z[0], z[0] + bottom.up],
            },
          },
          {
            ...{ type: 'hole', face: 'back', size: HOOK.size, depth: HOOK.deep },
            at: { x: at + (index === 0 ? HOOK.in : -HOOK.in), y: y[0], z: floor[1] + HOOK.up },
          },
        ])
      : [];
  const edged = ['top'] as const;
  return [
    ...board('drawer-side', 'drawer', { x: [x[0], inner.x[0]], y, z }, ['x', 'y'], {
      edged,
      machining: [along('right')],
    }),
    ...board('drawer-side', 'drawer', { x: [inner.x[1], x[1]], y, z }, ['x', 'y'], {
      edged,
      machining: [along('left')],
    }),
    ...board('drawer-head', 'drawer', { x: inner.x, y: [inner.y[1], y[1]], z }, ['y', 'x'], {
      edged,
      machining: [across('back')],
    }),
    ...board('drawer-back', 'drawer', { x: inner.x, y: [y[0], inner.y[0]], z }, ['y', 'x'], {
      edged,
      machining: [across('front'), ...hooks],
    }),
    ...board(
      'drawer-bottom',
      'back',
      {
        x: [inner.x[0] - bottom.deep, inner.x[1] + bottom.deep],
        y: [inner.y[0] - bottom.deep, inner.y[1] + bottom.deep],
        z: floor,
      },
      ['z', 'y'],
    ),
  ];
}
