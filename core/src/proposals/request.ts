import type { RunBand } from '../document/limits';
import type { LengthUnit } from '../units/units';
import { kindOf } from '../ranges/kinds';
import { isInchUnit, MM_PER_INCH } from '../units/units';
import type { Criterion, EndFiller } from './fill-problem';

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
  /** After so many of these what proposals bring to be found counts, where it does: 0, and it counts before them all. */
  soundAt?: number;
  /** How many answers at most. */
  most: number;
  ends: EndFillers;
  /** Items of these faces that must stand in the run, but anywhere in it. */
  loose: readonly string[];
}

/** The kinds of end a run has: at a wall or another built thing, at an inside corner, at the side of a tall one. */
export const endKinds = ['wall', 'corner', 'tall'] as const;
export type EndKind = (typeof endKinds)[number];

/** The filler beside a front at each kind of end; and at the two ends of what is filled, where it is another there. */
export type EndFillers = Readonly<Record<EndKind, EndFiller>> & {
  readonly left?: EndFiller;
  readonly right?: EndFiller;
};

/** The widest filler that is made, mm. */
export const MOST_FILLER = kindOf('filler').trim!.most;

/** No more than so many items are tried in every order wherever they may stand. */
export const MOST_LOOSE = 4;

/** No filler at an end. */
export const noFiller: EndFiller = { least: 0, most: 0, optional: false };

/** As cabinets are usually fitted: 30 or 1 1/2 in at a wall, 50 or 2 in on both sides of a corner. */
export function usualEnds(unit: LengthUnit): EndFillers {
  const from = (least: number): EndFiller => ({ least, most: MOST_FILLER, optional: false });
  return isInchUnit(unit)
    ? { wall: from(1.5 * MM_PER_INCH), corner: from(2 * MM_PER_INCH), tall: from(0) }
    : { wall: from(30), corner: from(50), tall: from(0) };
}
