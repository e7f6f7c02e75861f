import type { Design } from '../document/design';
import { SAME_PLACE } from '../geometry/tolerance';
import type { Band } from '../setting/occupancy';
import type { FreeStretch } from '../setting/open-lengths';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { runStretches } from './run-stretches';

/** A part of a face, mm from the corner it begins or ends at. */
export interface Span {
  from: number;
  to: number;
}

/** The two faces of an inside corner, in walking order. */
export type CornerSide = 'ending' | 'beginning';
export const cornerSides: readonly CornerSide[] = ['ending', 'beginning'];

/** An inside corner that two runs come to, and what is free of either face beside it, in the band of the runs. */
export interface OpenCorner {
  /** Inside angle, radians. */
  angle: number;
  free: Readonly<Record<CornerSide, readonly Span[]>>;
}

/** The corner between a straight face and the next as runs of a band come to it; null where they don't follow one another, at an outside corner, and where something stands in the way of one of the runs, so that the other ends as at any wall. */
export function openCorner(
  design: Design,
  before: PlacedFace,
  face: PlacedFace,
  band: Band,
): OpenCorner | null {
  const { faces } = roomShape(design);
  if (faces[(faces.indexOf(before) + 1) % faces.length] !== face || face.corner >= Math.PI) return null;
  const free = {
    ending: runStretches(design, before, band)
      .map((stretch) => ({
        from: isAtEnd(stretch.right) ? 0 : before.length - stretch.to,
        to: before.length - stretch.from,
      }))
      .reverse(),
    beginning: runStretches(design, face, band).map((stretch) => ({
      from: isAtEnd(stretch.left) ? 0 : stretch.from,
      to: stretch.to,
    })),
  };
  const clear = clearOfRun(face.corner, band.depth, band.depth);
  const isOpen = (side: CornerSide) => free[side].some(({ from }) => from < clear - SAME_PLACE);
  return cornerSides.every(isOpen) ? { angle: face.corner, free } : null;
}

function isAtEnd(by: FreeStretch['left']): boolean {
  return !by || by.kind === 'wall';
}

/** Where a square end, so deep, is clear of what stands along the other wall right into the corner and reaches so far off it, mm from the corner. */
export function clearOfRun(angle: number, reach: number, depth: number): number {
  return quantise((reach + depth * Math.max(0, Math.cos(angle))) / Math.sin(angle));
}

/** The least place from a least one on where a span so long is free beside a corner, mm from it; null if there is none. */
export function firstFree(free: readonly Span[], least: number, length: number): number | null {
  for (const { from, to } of free) {
    const at = Math.max(from, least);
    if (at + length <= to + SAME_PLACE) return at;
  }
  return null;
}
