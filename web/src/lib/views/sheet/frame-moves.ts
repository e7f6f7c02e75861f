import {
  frameWay,
  type Bounds,
  type Design,
  type FrameCrop,
  type PlacedFrame,
  type Point,
  type ViewOnPage,
} from 'goodreach';
import { nanoid } from 'nanoid';

/** What a moved drawing lines up with: a line across or up its sheet, mm of paper. */
export interface SnapLine {
  way: 'across' | 'up';
  at: number;
}

/** How far a drawing is moved, mm of paper, and what it lines up with there. */
export interface FrameMove {
  by: Point;
  lines: SnapLine[];
}

/** A drawing as it was put and cropped last, where its page, drawn of a design of before, doesn't show that yet. */
export function asPut(frame: ViewOnPage, page: string, drawn: Design | null, now: Design): ViewOnPage {
  if (!drawn || drawn === now) return frame;
  const { drawing, sheet, origin, box, ratio } = frame;
  const [was, is] = [frameWay(drawn, drawing), frameWay(now, drawing)];
  if (was === is || !is) return frame;
  const isHere = (place: typeof is.place) => place?.page === page && place.sheet === sheet;
  const by = { x: 0, y: 0 };
  if (is.place && isHere(is.place)) {
    const from = was?.place && isHere(was.place) ? was.place : origin;
    by.x = is.place.x - from.x;
    by.y = is.place.y - from.y;
  }
  const zero = { x: origin.x + by.x, y: origin.y + by.y };
  const put: Bounds = {
    ...{ left: box.left + by.x, right: box.right + by.x },
    ...{ bottom: box.bottom + by.y, top: box.top + by.y },
  };
  for (const side of sides) {
    const at = is.crop?.[side];
    if (at === undefined || at === was?.crop?.[side]) continue;
    put[side] = (side === 'left' || side === 'right' ? zero.x : zero.y) + at / ratio;
  }
  return { ...frame, origin: zero, box: put };
}

/** How far a drawing is moved that is dragged so far: near to where its zero, an edge or its middle lines up with another's, or with the middle of what is drawn on, it catches there. */
export function snapped(
  frame: ViewOnPage,
  by: Point,
  others: readonly ViewOnPage[],
  field: Bounds,
  near: number,
): FrameMove {
  const x = caught(
    [frame.origin.x, frame.box.left, frame.box.right],
    [...others.flatMap(({ origin, box }) => [origin.x, box.left, box.right])],
    [(frame.box.left + frame.box.right) / 2, (field.left + field.right) / 2],
    { by: by.x, near },
  );
  const y = caught(
    [frame.origin.y, frame.box.bottom, frame.box.top],
    [...others.flatMap(({ origin, box }) => [origin.y, box.bottom, box.top])],
    [(frame.box.bottom + frame.box.top) / 2, (field.bottom + field.top) / 2],
    { by: by.y, near },
  );
  return {
    by: { x: x.by, y: y.by },
    lines: [
      ...(x.at === null ? [] : [{ way: 'up' as const, at: x.at }]),
      ...(y.at === null ? [] : [{ way: 'across' as const, at: y.at }]),
    ],
  };
}

/** The own place that is nearest to one of the others' once moved: like to like, the zero of one to the zero of another. */
function caught(
  own: readonly number[],
  others: readonly number[],
  [middle, centre]: readonly [number, number],
  { by, near }: { by: number; near: number },
): { by: number; at: number | null } {
  const pairs = [
    ...others.map((at, index) => ({ from: own[index % own.length]!, at })),
    { from: middle, at: centre },
  ];
  const best = pairs.reduce<{ off: number; at: number } | null>((least, { from, at }) => {
    const off = at - (from + by);
    return Math.abs(off) <= near && (!least || Math.abs(off) < Math.abs(least.off)) ? { off, at } : least;
  }, null);
  return best ? { by: by + best.off, at: best.at } : { by, at: null };
}

/** The places of all drawings of a sheet, one of them moved: none of the others goes elsewhere when this one does. */
export const placesOf = (
  frames: readonly ViewOnPage[],
  moved: string,
  by: Point,
  sheet?: number,
): PlacedFrame[] =>
  frames.map(({ drawing, sheet: on, origin }) => {
    const own = drawing === moved;
    const at = own ? { x: origin.x + by.x, y: origin.y + by.y } : origin;
    return { id: `frame-${nanoid(8)}`, drawing, sheet: own ? (sheet ?? on) : on, x: at.x, y: at.y };
  });

export const sides = ['left', 'right', 'bottom', 'top'] as const;
export type FrameSide = (typeof sides)[number];

/** Where a side of a drawing is cropped when its edge is taken to a place on paper, mm of the drawing. */
export function croppedTo({ origin, ratio }: ViewOnPage, side: FrameSide, at: number): FrameCrop {
  const zero = side === 'left' || side === 'right' ? origin.x : origin.y;
  return { [side]: (at - zero) * ratio };
}

/** The drawings of a sheet that lie over one another, by name. */
export function overlapping(frames: readonly ViewOnPage[]): [string, string][] {
  return frames.flatMap((one, index) =>
    frames
      .slice(0, index)
      .filter(({ box }) => meet(one.box, box))
      .map((other): [string, string] => [other.name, one.name]),
  );
}

/** What lies over one another by less is only near, mm of paper. */
const TOUCHING = 0.5;

const meet = (a: Bounds, b: Bounds): boolean =>
  Math.min(a.right, b.right) - Math.max(a.left, b.left) > TOUCHING &&
  Math.min(a.top, b.top) - Math.max(a.bottom, b.bottom) > TOUCHING;
