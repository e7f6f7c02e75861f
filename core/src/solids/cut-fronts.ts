import { clipHalfPlane } from '../geometry/convex';
import type { Point } from '../geometry/point';
import { headBefore, within, type Slant } from '../setting/slant';
import type { FrontPart } from './front-parts';

/** A door is at least so high where it is lowest, mm. */
const LEAST_LEAF = 100;
/** A handle keeps so far under a slope, mm. */
const PULL_UNDER = 100;

/** Fronts as far as a slope along them leaves them, so far short of it: what it cuts is a door, and a plain board. Null where it goes through anything else, or leaves too little of a door. */
export function cutFronts(parts: readonly FrontPart[], slant: Slant, short: number): FrontPart[] | null {
  const under = within(slant, short);
  const cut = parts.map((part): FrontPart | null => {
    const { left, right, low, high, pull } = part;
    const heads = [left, right].map((x) => headBefore(under, [x, x], [0, 0])) as [number, number];
    if (Math.min(...heads) >= high) return part;
    if (part.shows !== 'door' || part.glass || Math.min(...heads) < low + LEAST_LEAF) return null;
    const { style: _, ...own } = { ...part, heads };
    if (!pull) return own;
    const up = Math.min(pull.up, Math.max(highAt(own, pull.across) - PULL_UNDER, low + LEAST_LEAF / 2));
    return { ...own, pull: { ...pull, up } };
  });
  return cut.every((part) => part !== null) ? cut : null;
}

/** How high a front is at a place across it, mm. */
export function highAt({ left, right, high, heads }: FrontPart, across: number): number {
  if (!heads) return high;
  return Math.min(high, heads[0] + ((heads[1] - heads[0]) * (across - left)) / (right - left));
}

/** The outline of a front, from its low left corner round its right, mm. */
export function frontRing({ left, right, low, high, heads }: FrontPart): Point[] {
  const whole = [
    { x: left, y: low },
    { x: right, y: low },
    { x: right, y: high },
    { x: left, y: high },
  ];
  if (!heads) return whole;
  const rise = (heads[1] - heads[0]) / (right - left);
  return clipHalfPlane(whole, { x: rise, y: -1 }, rise * left - heads[0]);
}
