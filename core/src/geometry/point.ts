/** A place or a vector in plan, mm; x to the right, y up. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const add = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
export const subtract = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });
export const scale = (a: Point, factor: number): Point => ({ x: a.x * factor, y: a.y * factor });
export const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;
/** Positive when b is counter-clockwise of a. */
export const cross = (a: Point, b: Point): number => a.x * b.y - a.y * b.x;
/** By the root itself, here and below: asked more often than anything else, and `Math.hypot` takes three times as long for sizes that no room has. */
export const length = ({ x, y }: Point): number => Math.sqrt(x * x + y * y);
export function distance(a: Point, b: Point): number {
  const [x, y] = [a.x - b.x, a.y - b.y];
  return Math.sqrt(x * x + y * y);
}
export const middle = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
export const direction = (angle: number): Point => ({ x: Math.cos(angle), y: Math.sin(angle) });
/** The place `along` u and `out` along n from an origin. */
export const place = (origin: Point, u: Point, along: number, n: Point, out: number): Point => ({
  x: origin.x + u.x * along + n.x * out,
  y: origin.y + u.y * along + n.y * out,
});
/** A quarter turn clockwise: from along a face to into the room. */
export const inward = (u: Point): Point => ({ x: u.y, y: -u.x });

/** A vector turned counter-clockwise by an angle, radians. */
export function rotate({ x, y }: Point, by: number): Point {
  const [c, s] = [Math.cos(by), Math.sin(by)];
  return { x: x * c - y * s, y: x * s + y * c };
}

export function unit(a: Point): Point {
  const size = length(a);
  return { x: a.x / size, y: a.y / size };
}
