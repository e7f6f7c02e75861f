import { ellipse } from '../../geometry/ellipse';
import type { Point } from '../../geometry/point';
import { frontRing, highAt } from '../../solids/cut-fronts';
import type { FrontPart } from '../../solids/front-parts';
import { DASH, outline, WEIGHT, type Ink, type Layer, type PathMark, type Primitive } from '../primitives';
import { hatchLines } from '../hatch';
import { handleLines, styleLines } from './front-lines';
import { seenOf, type Cover } from './hidden';
import { topAt, type Panel } from './panels';
import { CURTAIN, FOLD } from '../../solids/curtain';

/** Lines of the hatch of what is cut, apart in paper mm. */
const HATCH = 2.2;

/** The layer bodies are drawn on. */
const layerOf: Readonly<Record<Panel['solid']['of'], Layer>> = {
  ...{ fixed: 'walls', wall: 'walls', item: 'items', plinth: 'plinths', trim: 'trims' },
  ...{ splash: 'tops', top: 'tops', waterfall: 'tops' },
};

/** What of a panel its marks follow from: how far out it stands only says what hides it. */
export type DrawnPanel = Omit<Panel, 'outLeft' | 'outRight'>;

/** The marks of a panel as far as nothing stands before it: its ground, its edges and what shows on it. */
export function drawPanel(panel: DrawnPanel, hiding: readonly Cover[], scaleBy: number): Primitive[] {
  const { solid, left, right, low, edgeLeft, edgeRight, section } = panel;
  const isTop = layerOf[solid.of] === 'tops';
  const isOfItem = solid.of === 'item' || solid.of === 'plinth';
  const isTrim = solid.of === 'trim';
  const layer = layerOf[solid.of];
  const ink: Ink = isTop ? 'top' : 'drawing';
  const strokes = (
    lines: readonly (readonly Point[])[],
    weight: number,
    dash?: readonly number[],
  ): PathMark[] => {
    const rings = lines.flatMap((points) => points.slice(1).flatMap((b, i) => seenOf(points[i]!, b, hiding)));
    if (rings.length === 0) return [];
    return [
      { type: 'path', layer, source: solid.id, rings, closed: false, weight, ink, ...(dash ? { dash } : {}) },
    ];
  };
  const corners = [
    at(left, low),
    at(right, low),
    at(right, topAt(panel, right)),
    at(left, topAt(panel, left)),
  ] as const;
  const [a, b, c, d] = corners;
  const shape = upright(panel);
  const edges = shape
    ? [[...shape, shape[0]!]]
    : [
        ...(solid.goesOn?.below ? [] : [[a, b]]),
        ...(solid.goesOn?.above ? [] : [[d, c]]),
        ...(edgeLeft ? [[a, d]] : []),
        ...(edgeRight ? [[b, c]] : []),
      ];
  const ground = outline(layer, shape ?? corners, 0, ink, isOfItem ? 'item' : 'paper');
  return [
    { ...ground, source: solid.id },
    ...(section && !isTrim
      ? hatched(strokes(hatchLines(corners, -Math.PI / 4, HATCH * scaleBy), WEIGHT.thin))
      : []),
    ...panel.parts.flatMap((part) => drawPart(part, panel, strokes)),
    ...strokes(kindMarks(panel), WEIGHT.thin),
    ...strokes(
      edges,
      isTrim
        ? section
          ? WEIGHT.object
          : WEIGHT.thin
        : section
          ? WEIGHT.cut
          : isTop
            ? WEIGHT.top
            : WEIGHT.object,
    ),
  ];
}

const hatched = (strokes: readonly PathMark[]): PathMark[] =>
  strokes.map((mark) => ({ ...mark, ofHatch: true }));

const at = (x: number, y: number): Point => ({ x, y });

/** The outline of something whose front has one of its own: a mirror. */
function upright({ solid: { box, low }, left, shrink }: DrawnPanel): Point[] | null {
  if (box?.kind.id === 'mirror-round') {
    const [across, up] = [(box.record.width * shrink) / 2, box.record.height / 2];
    return ellipse(across, up).map(({ x, y }) => at(left + across + x, low + up + y));
  }
  const corners = box?.kind.upright ? box.record.corners : undefined;
  return corners ? corners.map(({ along, out }) => at(left + along * shrink, low + out)) : null;
}

type Strokes = (lines: readonly (readonly Point[])[], weight: number, dash?: readonly number[]) => PathMark[];

function drawPart(part: FrontPart, panel: DrawnPanel, strokes: Strokes): PathMark[] {
  const inside = (lines: Point[][]) => lines.flatMap((line) => clipped(line, panel));
  const { from, shrink, solid } = panel;
  const place = (across: number, up: number) => at(from + across * shrink, solid.low + up);
  const { left, right, low, high } = part;
  const ring = frontRing(part).map(({ x, y }) => place(x, y));
  const rim = [...ring, ring[0]!];
  const marks = part.boards ? [] : strokes(inside([rim]), WEIGHT.top);
  const { shows, hinge } = part;
  const [middle, half] = [(left + right) / 2, (low + high) / 2];
  if (hinge) {
    const [atLeft, atRight] = [highAt(part, left), highAt(part, right)];
    const lines = {
      left: [place(right, atRight), place(left, (low + atLeft) / 2), place(right, low)],
      right: [place(left, atLeft), place(right, (low + atRight) / 2), place(left, low)],
      top: [place(left, low), place(middle, high), place(right, low)],
      bottom: [place(left, high), place(middle, low), place(right, high)],
    };
    marks.push(...strokes(inside([lines[hinge]]), WEIGHT.thin, DASH));
  }
  if (part.glass || part.style === 'glazed') marks.push(...strokes(inside(glass(place, part)), WEIGHT.thin));
  const edges = styleLines(part).map((edge) => edge.map(([across, up]) => place(across, up)));
  if (edges.length > 0) marks.push(...strokes(inside(edges), WEIGHT.thin));
  const handle = handleLines(part).map((edge) => edge.map(([across, up]) => place(across, up)));
  if (handle.length > 0) marks.push(...strokes(inside(handle), WEIGHT.object));
  if (shows === 'port')
    marks.push(
      ...strokes(
        inside([round(place(middle, half), 0.36 * Math.min(right - left, high - low), shrink)]),
        WEIGHT.thin,
      ),
    );
  if (shows === 'controls') {
    const knobs = [0.3, 0.42, 0.58, 0.7].map((share) =>
      round(place(left + (right - left) * share, half), (high - low) * 0.22, shrink),
    );
    marks.push(...strokes(inside(knobs), WEIGHT.thin));
  }
  return marks;
}

/** A few short slanting strokes, as glass is drawn. */
function glass(
  place: (across: number, up: number) => Point,
  { left, right, low, high }: FrontPart,
): Point[][] {
  const size = Math.min(right - left, high - low) * 0.22;
  const [x, y] = [(left + right) / 2, low + (high - low) * 0.6];
  return [-0.5, 0, 0.5].map((by) => {
    const slant = by === 0 ? size : size * 0.6;
    return [place(x + by * size - slant / 2, y - slant / 2), place(x + by * size + slant / 2, y + slant / 2)];
  });
}

function round(centre: Point, radius: number, shrink: number): Point[] {
  const points = ellipse(radius * shrink, radius).map(({ x, y }) => at(centre.x + x, centre.y + y));
  return [...points, points[0]!];
}

/** What lies within a panel of a line drawn on it: the view may end in the middle of a front. */
function clipped(line: readonly Point[], { left, right }: DrawnPanel): Point[][] {
  return line.slice(1).flatMap((b, index) => {
    const a = line[index]!;
    if (Math.min(a.x, b.x) >= left && Math.max(a.x, b.x) <= right) return [[a, b]];
    const share = (x: number) => (x - a.x) / (b.x - a.x);
    if (Math.abs(b.x - a.x) < 1e-9) return [];
    const [from, to] = [share(left), share(right)].sort((p, q) => p - q) as [number, number];
    const [first, last] = [Math.max(0, from), Math.min(1, to)];
    if (last <= first) return [];
    const on = (t: number) => at(a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t);
    return [[on(first), on(last)]];
  });
}

/** What shows what it is where no front does: a mirror's diagonal, the rim of a tub, the strokes of glass. */
function kindMarks({ solid: { box }, left, right, low, high }: DrawnPanel): Point[][] {
  if (!box) return [];
  switch (box.kind.id) {
    case 'curtain':
      return folds({ left, right, low, high });
    case 'blind':
      return [[at(left, low + 25), at(right, low + 25)]];
    case 'picture':
      return [rimWithin({ left, right, low, high }, 25)];
    case 'mirror-round':
    case 'mirror':
      return [[at(left, low), at(right, high)]];
    case 'tub':
    case 'tub-free':
      return [[at(left, high - 40), at(right, high - 40)]];
    case 'shower-glass':
    case 'shower-door':
    case 'shower-slide':
      return glass(at, { shows: 'panel', left, right, low, high });
    default:
      return [];
  }
}

interface Extent {
  left: number;
  right: number;
  low: number;
  high: number;
}

function rimWithin({ left, right, low, high }: Extent, by: number): Point[] {
  const edge = Math.min(by, (right - left) / 4, (high - low) / 4);
  const [a, b, c, d] = [left + edge, right - edge, low + edge, high - edge];
  return [at(a, c), at(b, c), at(b, d), at(a, d), at(a, c)];
}

/** The folds of two curtains drawn to the sides, and the inner edges they hang to. */
function folds({ left, right, low, high }: Extent): Point[][] {
  const wide = (right - left) * CURTAIN;
  const count = Math.max(2, Math.round(wide / FOLD));
  const lines = Array.from({ length: count }, (_, index) => ((index + 1) * wide) / count);
  return lines.flatMap((by) => [
    [at(left + by, low), at(left + by, high)],
    [at(right - by, low), at(right - by, high)],
  ]);
}
