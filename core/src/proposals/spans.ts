import { spanOf, widthIn, type PlacedFace } from '../survey/placed-face';
import { quantise } from '../units/units';
import type { EndFiller } from './fill-problem';
import { endKinds, type EndFillers } from './request';

/** How much of a face things of a run take, and what is as wide as it takes so much, mm: on a bent one more or less than their width. */
export interface Spans {
  of(width: number): number;
  /** That rounded up, so that few sums of them differ. */
  roughly(width: number): number;
  widthOf(span: number): number;
}

/** Cabinets on a bent face are counted as taking whole steps of it, mm: what that is too much is for the filler. */
const STEP = 1;

export function spansOn(face: PlacedFace, depth: number): Spans {
  if (!face.arc) return { of: same, roughly: same, widthOf: same };
  return {
    of: (width) => quantise(spanOf(face, width, depth)),
    roughly: (width) => Math.ceil(spanOf(face, width, depth) / STEP - 1e-6) * STEP,
    widthOf: (span) => quantise(widthIn(face, span, depth)),
  };
}

const same = (length: number) => length;

/** The fillers of ends as what they take of a face. */
export function endsOn(ends: EndFillers, { of }: Spans): EndFillers {
  const spanned = ({ least, most, optional }: EndFiller): EndFiller => ({
    least: of(least),
    most: of(most),
    optional,
  });
  const { left, right } = ends;
  const kinds = Object.fromEntries(endKinds.map((kind) => [kind, spanned(ends[kind])]));
  return {
    ...(kinds as Record<(typeof endKinds)[number], EndFiller>),
    ...(left ? { left: spanned(left) } : {}),
    ...(right ? { right: spanned(right) } : {}),
  };
}
