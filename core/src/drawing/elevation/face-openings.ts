import type { Side } from '../../document/records';
import type { Point } from '../../geometry/point';
import type { PlacedOpening } from '../../survey/openings';
import { DASH, outline, WEIGHT, type PathMark, type Primitive } from '../primitives';
import { hides, seenOf } from './hidden';
import type { Panel } from './panels';

/** Width of a window's frame as it is seen, mm. */
const FRAME = 50;

type Strokes = (lines: readonly (readonly Point[])[], weight: number, dash?: readonly number[]) => void;

/** An opening of a face, seen from the room: its casing, what closes it and how that opens, as far as nothing of `hiding` stands before it. */
export function drawFaceOpening(opening: PlacedOpening, hiding: readonly Panel[]): Primitive[] {
  const { record, left, right } = opening;
  const { sill, height, casing, type } = record;
  const [low, high] = [sill, sill + height];
  const marks: Primitive[] = [
    { ...outline('openings', corners(left, low, right, high), 0, 'drawing', 'paper'), source: record.id },
  ];
  const strokes: Strokes = (lines, weight, dash) => {
    const rings = lines.flatMap((points) => points.slice(1).flatMap((b, i) => seenOf(points[i]!, b, hiding)));
    if (rings.length > 0) marks.push({ ...path(rings, weight, dash), source: record.id });
  };
  const isDoor = type === 'door' || type === 'cased';
  if (casing > 0) strokes([casingLine(opening)], WEIGHT.thin);
  strokes([isDoor ? corners(left, low, right, high).slice(0, 2).reverse() : []], WEIGHT.thin);
  strokes(
    [
      isDoor
        ? [at(left, low), at(left, high), at(right, high), at(right, low)]
        : closed(corners(left, low, right, high)),
    ],
    WEIGHT.object,
  );
  drawLeaves(opening, strokes);
  return marks;
}

const at = (x: number, y: number): Point => ({ x, y });
const corners = (left: number, low: number, right: number, high: number): Point[] => [
  at(left, low),
  at(right, low),
  at(right, high),
  at(left, high),
];
const closed = (ring: readonly Point[]): Point[] => [...ring, ring[0]!];

function path(rings: readonly (readonly Point[])[], weight: number, dash?: readonly number[]): PathMark {
  const base = { type: 'path', layer: 'openings', rings, closed: false, weight, ink: 'drawing' } as const;
  return dash ? { ...base, dash } : base;
}

/** What stands before an opening of a face with its casing. `out` is how far out its left and right jamb stand in the view. */
export function beforeOpening(
  { record, left, right }: PlacedOpening,
  panels: readonly Panel[],
  out: readonly [number, number] = [0, 0],
): Panel[] {
  const { sill, height, casing } = record;
  const [low, high] = [sill - casing, sill + height + casing];
  const about = onFace({ left: left - casing, right: right + casing, low, high }, out);
  return panels.filter((panel) => hides(panel, about));
}

/** Something that lies on the face itself, to be asked what stands before it. */
function onFace(
  { left, right, low, high }: Pick<Panel, 'high' | 'left' | 'low' | 'right'>,
  [outLeft, outRight]: readonly [number, number],
): Panel {
  return {
    solid: { id: '', of: 'fixed', box: null, footprint: [], low, high, sides: [], round: false },
    left,
    right,
    low,
    high,
    outLeft,
    outRight,
    edgeLeft: true,
    edgeRight: true,
    parts: [],
    from: left,
    shrink: 1,
    section: false,
  };
}

/** Around an opening; of a door it comes down to the floor. */
function casingLine({ record, left, right }: PlacedOpening): Point[] {
  const { sill, height, casing } = record;
  const [from, to, top] = [left - casing, right + casing, sill + height + casing];
  if (sill < 1) return [at(from, 0), at(from, top), at(to, top), at(to, 0)];
  return closed(corners(from, sill - casing, to, top));
}

/** What closes an opening: leaves with two dashed lines that meet at the hinge, glass by slanting strokes, an arrow for what slides. */
function drawLeaves({ record, left, right }: PlacedOpening, strokes: Strokes): void {
  const { type, action, sill, height, hinge } = record;
  const [low, high, middle] = [sill, sill + height, (left + right) / 2];
  const turning = (from: number, to: number, side: Side) =>
    strokes(
      [
        side === 'left'
          ? [at(to, high), at(from, (low + high) / 2), at(to, low)]
          : [at(from, high), at(to, (low + high) / 2), at(from, low)],
      ],
      WEIGHT.thin,
      DASH,
    );
  const upright = (x: number) => strokes([[at(x, low), at(x, high)]], WEIGHT.thin);
  const arrow = (from: number, to: number) => {
    const y = low + height * 0.3;
    const tip = (to - from) * 0.18;
    strokes(
      [
        [at(from, y), at(to, y)],
        [at(to - tip, y + Math.abs(tip) / 2), at(to, y), at(to - tip, y - Math.abs(tip) / 2)],
      ],
      WEIGHT.thin,
    );
  };
  if (type === 'door') {
    switch (action) {
      case 'double':
        upright(middle);
        turning(left, middle, 'left');
        turning(middle, right, 'right');
        return;
      case 'folding':
        upright(middle);
        turning(left, right, hinge);
        return;
      case 'sliding':
        upright(middle);
        arrow(left + (right - left) * 0.2, left + (right - left) * 0.4);
        return;
      case 'pocket':
        if (hinge === 'left') arrow(middle, left + (right - left) * 0.2);
        else arrow(middle, right - (right - left) * 0.2);
        return;
      default:
        turning(left, right, hinge);
        return;
    }
  }
  if (type === 'window') drawWindow();
  else if (type === 'hatch')
    strokes(
      [
        [at(left, low), at(right, high)],
        [at(left, high), at(right, low)],
      ],
      WEIGHT.thin,
      DASH,
    );
  else if (type === 'niche') {
    const inset = Math.min(right - left, height) * 0.06;
    strokes([closed(corners(left + inset, low + inset, right - inset, high - inset))], WEIGHT.thin);
  }

  function drawWindow(): void {
    const frame = Math.min(FRAME, (right - left) / 6, height / 6);
    const light = (from: number, bottom: number, to: number, top: number) => {
      strokes([closed(corners(from + frame, bottom + frame, to - frame, top - frame))], WEIGHT.thin);
      const size = Math.min(to - from, top - bottom) * 0.18;
      const [x, y] = [from + (to - from) * 0.35, bottom + (top - bottom) * 0.68];
      strokes(
        [0, 1].map((by) => [
          at(x + by * size * 0.5 - size / 2, y - size / 2),
          at(x + by * size * 0.5 + size / 2, y + size / 2),
        ]),
        WEIGHT.thin,
      );
    };
    if (action === 'sash') {
      const half = (low + high) / 2;
      strokes([[at(left, half), at(right, half)]], WEIGHT.thin);
      light(left, low, right, half);
      light(left, half, right, high);
    } else if (action === 'sliding') {
      upright(middle);
      light(left, low, middle, high);
      light(middle, low, right, high);
      arrow(left + (right - left) * 0.15, left + (right - left) * 0.35);
    } else {
      light(left, low, right, high);
      if (action === 'casement') turning(left + frame, right - frame, hinge);
    }
  }
}
