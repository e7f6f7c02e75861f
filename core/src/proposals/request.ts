import type { RunBand } from '../document/limits';
import type { LengthUnit } from '../units/units';
import { MM_PER_INCH } from '../units/units';
import type { Criterion } from './fill-problem';

/** What is to be filled, with what, and what counts. Lengths are millimetres. */
export interface ProposalRequest {
  /** Faces that follow one another in walking order; corners between them are filled too. */
  faces: readonly string[];
  band: RunBand;
  /** A free-standing block to be turned into a run, or two back to back, in place of faces. */
  island?: string;
  /** Only the open length at this place of the only face. */
  at?: number;
  /** The range and the code pattern of its family that fills. */
  range: string;
  family: string;
  /** Items of these faces that are taken away, so that their place is filled anew; all others stay. */
  replaced: readonly string[];
  /** A line that both sides of should look the same. */
  centre: { face: string; at: number } | null;
  order: readonly Criterion[];
  /** How many answers at most. */
  most: number;
  ends: EndFillers;
}

/** The filler that a front needs at least beside it: at a wall or another built thing, at an inside corner, at the side of a tall one. */
export interface EndFillers {
  wall: number;
  corner: number;
  tall: number;
}

/** As cabinets are usually fitted: 30 or 1 1/2 in at a wall, 50 or 2 in on both sides of a corner. */
export function usualEnds(unit: LengthUnit): EndFillers {
  const isInch = unit === 'in' || unit === 'ft-in';
  return isInch
    ? { wall: 1.5 * MM_PER_INCH, corner: 2 * MM_PER_INCH, tall: 0 }
    : { wall: 30, corner: 50, tall: 0 };
}
