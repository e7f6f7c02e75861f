import type { Point } from '../../geometry/point';
import type { ItemRecord } from '../../document/records';
import { board, mirrored, type Board, type BoardFace, type Span } from './board';
import { insideOf, shelfBack, type CabinetBox } from './cabinet-box';

/** Kinds whose corner is filled with what turns or slides: they have no shelves of their own. */
const FILLED: ReadonlySet<string> = new Set(['base-corner-drawers', 'base-corner-l']);

/**
 * The box of a corner cabinet or of an end shelf with its corner cut off: backs along both walls, ends, bottom, top and shelves of its
 * outline between them. Worked out with the corner at the left end, and in its mirror for the other hand.
 */
export function cornerBox(
  box: CabinetBox,
  { width, depth, leg, hand }: Pick<ItemRecord, 'depth' | 'hand' | 'leg' | 'width'>,
): Board[] {
  const { plan } = box.kind;
  const reach = Math.min(leg ?? Math.min(width, depth) / 2, width, depth);
  const found = plan === 'chamfer' ? chamfered(box) : legged(box, reach, plan === 'l');
  return hand === 'left' ? found : found.map((one) => mirrored(one, width));
}

/** Level boards of an outline, as it is so far back from its front, edged along that: bottom, top, and what lies between. */
function levels(
  box: CabinetBox,
  outline: (back: number) => readonly Point[],
  middles: readonly number[],
  front: readonly number[],
): Board[] {
  const { bottom, top } = insideOf(box);
  const { shelf, frame } = box.made.build;
  const ringEdged = frame ? [] : front;
  return [
    ...level('bottom', outline(0), bottom, ringEdged),
    ...level('top', outline(0), top, ringEdged),
    ...middles.flatMap((middle) =>
      level('shelf', outline(shelfBack(box)), [middle - shelf / 2, middle + shelf / 2], front),
    ),
  ];
}

function level(name: Board['name'], ring: readonly Point[], z: Span, ringEdged: readonly number[]): Board[] {
  const [xs, ys] = [ring.map(({ x }) => x), ring.map(({ y }) => y)];
  const extent = {
    x: [Math.min(...xs), Math.max(...xs)] as Span,
    y: [Math.min(...ys), Math.max(...ys)] as Span,
    z,
  };
  return board(name, name === 'shelf' ? 'shelf' : 'box', extent, ['z', 'x'], {
    ring,
    ringEdged,
  });
}

/** Even heights for shelves behind the doors of a corner. */
function evenly(box: CabinetBox): number[] {
  if (box.shelves === undefined && FILLED.has(box.kind.id)) return [];
  const { bottom, top } = insideOf(box);
  const clear = top[0] - bottom[1];
  // No more than there is room for between them.
  const most = Math.max(0, Math.floor(clear / (2 * box.made.build.shelf)) - 1);
  const count = Math.min(most, box.shelves ?? (clear > 600 ? 2 : clear > 350 ? 1 : 0));
  return Array.from({ length: count }, (_, index) => bottom[1] + (clear * (index + 1)) / (count + 1));
}

function legged(box: CabinetBox, reach: number, isL: boolean): Board[] {
  const { made, width, depth, height, foot } = box;
  const { board: thick, frame } = made.build;
  const front = reach - (frame?.thick ?? 0);
  const z: Span = [foot, height];
  const under: BoardFace[] = box.hung ? ['bottom'] : [];
  const edged: BoardFace[] = frame ? under : ['front', ...under];
  const upright = (
    name: Board['name'],
    x: Span,
    y: Span,
    thin: 'x' | 'y',
    faces: readonly BoardFace[] = [],
  ) => board(name, 'box', { x, y, z }, [thin, 'z'], { edged: faces });
  // Past the inner corner a frame stands before the boards; a slanting one cuts them off further in.
  const inner = (back: number): Point[] => {
    const at = (x: number, y: number): Point => ({ x, y });
    const [far, deep] = [width - thick, depth - thick];
    if (isL) {
      const edge = front - back;
      return [
        at(thick, thick),
        at(far, thick),
        at(far, edge),
        at(edge, edge),
        at(edge, deep),
        at(thick, deep),
      ];
    }
    // The slanting line, moved back square to itself.
    const [dx, dy] = [width - reach, depth - reach];
    const off = ((frame?.thick ?? 0) + back) * Math.hypot(dx, dy);
    const upAt = (x: number) => (dx * depth - dy * (x - reach) - off) / dx;
    const acrossAt = (y: number) => (dy * width - dx * (y - reach) - off) / dy;
    return [at(thick, thick), at(far, thick), at(far, upAt(far)), at(acrossAt(deep), deep), at(thick, deep)];
  };
  const ends = isL ? front : slantedEnd(width, depth, reach, frame?.thick ?? 0, thick);
  const [endAcross, endDeep] = typeof ends === 'number' ? [ends, ends] : ends;
  return [
    ...upright('back', [0, width - thick], [0, thick], 'y', under),
    ...upright('back', [0, thick], [thick, depth - thick], 'x', under),
    ...upright('side-right', [width - thick, width], [0, endDeep], 'x', edged),
    ...upright('side-left', [0, endAcross], [depth - thick, depth], 'y', frame ? under : ['right', ...under]),
    ...levels(box, inner, evenly(box), isL ? [2, 3] : [2]),
  ];
}

/** How far the ends of a box with a slanting front reach out: to its line, or to the back of the frame before it, at the end's inner face. */
function slantedEnd(
  width: number,
  depth: number,
  reach: number,
  frame: number,
  thick: number,
): [number, number] {
  if (frame === 0) return [reach, reach];
  const [dx, dy] = [width - reach, depth - reach];
  const off = frame * Math.hypot(dx, dy);
  return [(dy * width - dx * (depth - reach) - off) / dy, (dx * depth - dy * (width - reach) - off) / dx].map(
    (one) => Math.max(thick, one),
  ) as [number, number];
}

/** An open end with its outer corner cut off: a side at the run, a back, a short side where the front ends. */
function chamfered(box: CabinetBox): Board[] {
  const { made, width, depth, height, foot, rows } = box;
  const { board: thick } = made.build;
  const cut = Math.min(width, depth) * 0.8;
  const z: Span = [foot, height];
  const under: BoardFace[] = box.hung ? ['bottom'] : [];
  const edged: BoardFace[] = ['front', ...under];
  const outline = (): Point[] => [
    { x: thick, y: thick },
    { x: width - thick, y: thick },
    { x: width - thick, y: depth - cut + thick },
    { x: width - cut, y: depth },
    { x: thick, y: depth },
  ];
  const shelves = rows.flatMap(({ parts }) => parts.filter(({ shows }) => shows === 'shelf'));
  const middles = [...new Set(shelves.map(({ low, high }) => (low + high) / 2))];
  return [
    ...board('side-left', 'box', { x: [0, thick], y: [0, depth], z }, ['x', 'z'], { edged }),
    ...board('side-right', 'box', { x: [width - thick, width], y: [0, depth - cut], z }, ['x', 'z'], {
      edged,
    }),
    ...board('back', 'box', { x: [thick, width - thick], y: [0, thick], z }, ['y', 'z'], { edged: under }),
    ...levels(box, outline, middles, [2, 3]),
  ];
}
