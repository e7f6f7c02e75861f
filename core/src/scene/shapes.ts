import { ellipse } from '../geometry/ellipse';
import { distance, inward, scale, subtract, type Point } from '../geometry/point';
import type { FrontPart } from '../solids/front-parts';
import type { SolidSide } from '../solids/solids';
import { at, box, joined, type Frame, type Mesh } from './mesh';
import type { Motion } from './scene-part';

/** Thickness of a front, mm. */
export const FRONT = 18;
/** How thick the bar of a pull is, and how far it stands off. */
const BAR = 10;
const OFF = 32;
/** How far a door opens, radians; how much of its depth a drawer slides. */
const OPEN = (100 * Math.PI) / 180;
const SLIDE = 0.75;

/** A rectangle, counter-clockwise from its low left corner. */
export function rectangle(left: number, right: number, low: number, high: number): Point[] {
  return [
    { x: left, y: low },
    { x: right, y: low },
    { x: right, y: high },
    { x: left, y: high },
  ];
}

/** A circle as a polygon, walked counter-clockwise. */
export function circle(x: number, y: number, radius: number): Point[] {
  return ellipse(radius, radius).map((point) => ({ x: x + point.x, y: y + point.y }));
}

/** A place of an item in plan. */
export function plan(own: Frame, across: number, out: number): Point {
  const [x, y] = at(own, across, out, 0);
  return { x, y };
}

/** The frame of a side of a body, seen from before it. */
export function frameOfSide({ from, to }: SolidSide): Frame {
  const u = scale(subtract(to, from), 1 / distance(from, to));
  return { origin: from, u, n: inward(u) };
}

/** A bar with two feet, before a face. */
export function bar(
  frame: Frame,
  across: number,
  up: number,
  half: number,
  upright: boolean,
  face: number,
  off = OFF,
): Mesh {
  const [w, h] = upright ? [BAR / 2, half] : [half, BAR / 2];
  const foot = half - BAR;
  const feet = [-foot, foot].map((by) => {
    const [x, y] = upright ? [across, up + by] : [across + by, up];
    return box(frame, [x - BAR / 2, x + BAR / 2], [face, face + off - BAR], [y - BAR / 2, y + BAR / 2]);
  });
  return joined(
    box(frame, [across - w, across + w], [face + off - BAR, face + off], [up - h, up + h]),
    ...feet,
  );
}

/** How a front opens: about its hinge, or out. */
export function motionOf(
  { hinge, shows, left, right, low, high }: FrontPart,
  frame: Frame,
  up: number,
  face: number,
  depth: number,
): Motion | undefined {
  const { u, n } = frame;
  if (hinge === 'left' || hinge === 'right') {
    const along = hinge === 'left' ? left : right;
    // Seen from above, a leaf hinged at its left opens clockwise.
    const by = hinge === 'left' ? -OPEN : OPEN;
    return { turns: { about: at(frame, along, face - FRONT, 0), axis: [0, 0, 1], by } };
  }
  if (hinge) {
    const edge = at(frame, 0, face - FRONT, up + (hinge === 'top' ? high : low));
    return { turns: { about: edge, axis: [u.x, u.y, 0], by: (hinge === 'top' ? -1 : 1) * (Math.PI / 2) } };
  }
  if (shows === 'drawer') return { slides: [n.x * depth * SLIDE, n.y * depth * SLIDE, 0] };
  return undefined;
}
