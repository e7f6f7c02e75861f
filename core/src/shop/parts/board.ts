import type { Point } from '../../geometry/point';
import type { FrontPart } from '../../solids/front-parts';
import type { BoardName } from '../../wording/shop-words';

/** A direction of a cabinet: from its left side to the right, from its back out to the front, up from its underside. */
export type Axis = 'x' | 'y' | 'z';
export const AXES: readonly Axis[] = ['x', 'y', 'z'];
export type Span = readonly [from: number, to: number];
/** From where to where something reaches, mm. */
export type Extent = Readonly<Record<Axis, Span>>;

/** A face of a board as the cabinet stands. */
export type BoardFace = 'back' | 'bottom' | 'front' | 'left' | 'right' | 'top';

/** What a board is of, so far as it is finished otherwise. */
export type BoardOf =
  'box' | 'back' | 'drawer' | 'end' | 'front' | 'frame' | 'glass' | 'plinth' | 'shelf' | 'trim';

/** What is cut away of a board from a face of it; a hole with the place of its middle on that face, its size across and its depth. mm. */
export type Machining = Cut | Bore;
export interface Cut {
  type: 'cut-out' | 'groove' | 'housing' | 'notch' | 'rebate';
  face: BoardFace;
  cut: Extent;
}
export interface Bore {
  type: 'cup' | 'hole';
  face: BoardFace;
  at: Readonly<Record<Axis, number>>;
  size: number;
  depth: number;
}
export const isBore = (made: Machining): made is Bore => made.type === 'cup' || made.type === 'hole';

/**
 * Where a board's own frame lies in plan of its cabinet: its origin and the direction along it; out of it is to the left of that. Where it
 * leans, about x in the plane that is seen from the cabinet's right, out of the back and up, its y along and its z out of it; about y in
 * that which is seen from before it, its x along and its z out of it.
 */
export interface BoardFrame {
  origin: Point;
  u: Point;
  about?: 'x' | 'y';
}

/**
 * A board of a cabinet as it stands, before machining: its extent in the cabinet's frame, or in a frame of its own where it stands along
 * another side or leans. `ring` is its outline in its own plane, where that is no rectangle, told by the two directions it is not thin in,
 * in the order x, y, z; its extent is around it.
 */
export interface Board extends Extent {
  name: BoardName;
  of: BoardOf;
  /** The direction it is thin in, and the one its grain runs along. */
  thin: Axis;
  grain: Axis;
  /** Its faces that are edged. */
  edged: readonly BoardFace[];
  machining: readonly Machining[];
  ring?: readonly Point[];
  /** Which sides of that outline are edged, each by the corner it begins at. */
  ringEdged?: readonly number[];
  frame?: BoardFrame;
  /** The front it opens with. */
  leaf?: FrontPart;
  /** What is left of it where its machining is to be seen. */
  seen?: readonly Extent[];
}

/** A board by its extent; nothing where there is no room for it. */
export function board(
  name: BoardName,
  of: BoardOf,
  extent: Extent,
  [thin, grain]: readonly [Axis, Axis],
  more: Partial<Pick<Board, 'edged' | 'frame' | 'leaf' | 'machining' | 'ring' | 'ringEdged' | 'seen'>> = {},
): Board[] {
  const { x, y, z } = extent;
  if ([x, y, z].some(([from, to]) => to - from < LEAST)) return [];
  return [{ name, of, x, y, z, thin, grain, edged: [], machining: [], ...more }];
}
/** What is thinner than this is nothing, mm. */
const LEAST = 0.5;

export const axisOf: Readonly<Record<BoardFace, Axis>> = {
  ...{ left: 'x', right: 'x', back: 'y', front: 'y', bottom: 'z', top: 'z' },
};
/** The two faces across each direction, the one it comes from first. */
export const facesOf: Readonly<Record<Axis, readonly [BoardFace, BoardFace]>> = {
  x: ['left', 'right'],
  y: ['back', 'front'],
  z: ['bottom', 'top'],
};

/**
 * Which directions lie along and up a face as it is seen from outside, and whether against their own way: sides with the front towards
 * who stands before the cabinet, the top seen with the front below, the underside with the front above.
 */
export const seenFrom: Readonly<
  Record<BoardFace, { along: Axis; against: boolean; up: Axis; down: boolean }>
> = {
  front: { along: 'x', against: false, up: 'z', down: false },
  back: { along: 'x', against: true, up: 'z', down: false },
  left: { along: 'y', against: false, up: 'z', down: false },
  right: { along: 'y', against: true, up: 'z', down: false },
  top: { along: 'x', against: false, up: 'y', down: true },
  bottom: { along: 'x', against: false, up: 'y', down: false },
};

/** A machining of a board as it is seen from the face it is made from: from the board's low left corner there, mm; across is told twice or once, of what is round. */
export function machined(
  own: Extent,
  made: Machining,
): { at: [number, number]; size: [number, number] | number; depth: number } {
  const { along, against, up, down } = seenFrom[made.face];
  const from = (axis: Axis, value: number, turned: boolean) =>
    turned ? own[axis][1] - value : value - own[axis][0];
  if (isBore(made))
    return {
      at: [from(along, made.at[along], against), from(up, made.at[up], down)],
      size: made.size,
      depth: made.depth,
    };
  const { cut, face } = made;
  const deep = cut[axisOf[face]];
  return {
    at: [from(along, cut[along][against ? 1 : 0], against), from(up, cut[up][down ? 1 : 0], down)],
    size: [cut[along][1] - cut[along][0], cut[up][1] - cut[up][0]],
    depth: deep[1] - deep[0],
  };
}

const across: Partial<Record<BoardFace, BoardFace>> = { left: 'right', right: 'left' };
const mirroredFace = (face: BoardFace): BoardFace => across[face] ?? face;

/** A board without the machining that does not lie within it: what an odd size leaves no room for. Cuts go as far as the board. */
export function sound(one: Board): Board {
  const machining = one.machining.flatMap((made): Machining[] => {
    if (!isBore(made)) {
      const cut = common(made.cut, one);
      return cut ? [{ ...made, cut }] : [];
    }
    const deep = axisOf[made.face];
    const across = AXES.filter((axis) => axis !== deep);
    const isIn = across.every(
      (axis) =>
        made.at[axis] - made.size / 2 >= one[axis][0] - SAME &&
        made.at[axis] + made.size / 2 <= one[axis][1] + SAME,
    );
    return isIn && made.depth <= one[deep][1] - one[deep][0] + SAME ? [made] : [];
  });
  const isSame =
    machining.length === one.machining.length &&
    machining.every((made, index) => isBore(made) || isBoxed(made, one.machining[index]!));
  return isSame ? one : { ...one, machining };
}
/** Places of boards nearer than this are one, mm. */
export const SAME = 1e-6;
/** What two boxes have in common; null where they only touch, or stand apart. */
export function common(one: Extent, other: Extent): Extent | null {
  const [x, y, z] = AXES.map((axis) => shared(one[axis], other[axis])) as [Span, Span, Span];
  return [x, y, z].every(([from, to]) => to - from > SAME) ? { x, y, z } : null;
}
const shared = (a: Span, b: Span): Span => [Math.max(a[0], b[0]), Math.min(a[1], b[1])];

/** What of a board lies from where to where along some directions, and what is made of and seen of that. */
export function within(one: Board, spans: Partial<Extent>): Board {
  const left: Board = { ...one, ...spans };
  const seen = one.seen?.flatMap((extent) => common(extent, left) ?? []);
  return sound({ ...left, ...(seen && { seen }) });
}
const isBoxed = (a: Cut, b: Machining): boolean =>
  !isBore(b) && AXES.every((axis) => a.cut[axis][0] === b.cut[axis][0] && a.cut[axis][1] === b.cut[axis][1]);

/** A board of a cabinet so wide, as it is in the cabinet's mirror. */
export function mirrored(one: Board, width: number): Board {
  const flipped = ([from, to]: Span): Span => [width - to, width - from];
  const mirror = (extent: Extent): Extent => ({ x: flipped(extent.x), y: extent.y, z: extent.z });
  return {
    ...one,
    ...mirror(one),
    name: otherHand[one.name] ?? one.name,
    edged: one.edged.map(mirroredFace),
    machining: one.machining.map((made): Machining =>
      isBore(made)
        ? { ...made, face: mirroredFace(made.face), at: { ...made.at, x: width - made.at.x } }
        : { ...made, face: mirroredFace(made.face), cut: mirror(made.cut) },
    ),
    ...(one.ring && { ring: mirroredRing(one, one.ring, width) }),
    // Walked the other way round, a side begins at what was its end.
    ...(one.ring &&
      one.ringEdged && {
        ringEdged: one.ringEdged.map((at) => (2 * one.ring!.length - 2 - at) % one.ring!.length),
      }),
    ...(one.seen && { seen: one.seen.map(mirror) }),
  };
}
/** What is thin from side to side is seen alike from both. */
const mirroredRing = ({ thin }: Board, ring: readonly Point[], width: number): Point[] =>
  ring.map(({ x, y }) => ({ x: thin === 'x' ? x : width - x, y })).reverse();
const otherHand: Partial<Record<BoardName, BoardName>> = {
  'side-left': 'side-right',
  'side-right': 'side-left',
};

/** A board with more machining. */
export const worked = (one: Board, more: readonly Machining[]): Board =>
  more.length > 0 ? { ...one, machining: [...one.machining, ...more] } : one;

/** A board that stands along another side of its cabinet, in the cabinet's own frame, where that side is square to it; another stays as it is. */
export function settled(one: Board): Board {
  const { frame } = one;
  if (!frame || frame.about) return one;
  const { origin, u } = frame;
  const isAcross = Math.abs(u.y) < SQUARE;
  if (!isAcross && Math.abs(u.x) >= SQUARE) return one;
  // Out of the side is to the left of along it.
  const at = (x: number, y: number) => ({ x: origin.x + u.x * x - u.y * y, y: origin.y + u.y * x + u.x * y });
  const turned = ({ x, y, z }: Extent): Extent => {
    const [a, b] = [at(x[0], y[0]), at(x[1], y[1])];
    return { x: [Math.min(a.x, b.x), Math.max(a.x, b.x)], y: [Math.min(a.y, b.y), Math.max(a.y, b.y)], z };
  };
  const round: readonly BoardFace[] = ['front', 'right', 'back', 'left'];
  const turns = isAcross ? (u.x > 0 ? 0 : 2) : u.y < 0 ? 1 : 3;
  const faced = (face: BoardFace): BoardFace => {
    const index = round.indexOf(face);
    return index < 0 ? face : round[(index + turns) % 4]!;
  };
  const axis = (of: Axis): Axis => (isAcross || of === 'z' ? of : of === 'x' ? 'y' : 'x');
  const { frame: _, ...rest } = one;
  return {
    ...rest,
    ...turned(one),
    thin: axis(one.thin),
    grain: axis(one.grain),
    edged: one.edged.map(faced),
    machining: one.machining.map((made): Machining =>
      isBore(made)
        ? { ...made, face: faced(made.face), at: { ...at(made.at.x, made.at.y), z: made.at.z } }
        : { ...made, face: faced(made.face), cut: turned(made.cut) },
    ),
    ...(one.seen && { seen: one.seen.map(turned) }),
  };
}
const SQUARE = 1e-9;
