import type { Point } from './point';

/** Points of an ellipse about the origin with these half axes, mm, none of them on an axis. */
export function ellipse(across: number, up: number, count = 32): Point[] {
  return Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * (index + 0.5)) / count;
    return { x: across * Math.cos(angle), y: up * Math.sin(angle) };
  });
}
