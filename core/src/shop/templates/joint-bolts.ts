import { finishAlong } from '../../surfaces/finish-of';
import { jointedTops, type TopJoint } from '../../surfaces/top-joints';
import { tops, type Top } from '../../surfaces/tops';
import { distance } from '../../geometry/point';
import type { Design } from '../../document/design';

/** Bolts of a joint keep so far from its ends, and are no further from one another; where there is less for two they are one, mm. */
const FROM_END = 80;
const APART = 250;
const LEAST_APART = 80;

/** Where the bolts of a joint are, from either end of it, the same from both; mm. */
export function boltPlaces(long: number): number[] {
  const within = long - 2 * FROM_END;
  if (within < LEAST_APART) return [long / 2];
  const count = Math.ceil(within / APART - 1e-9);
  return Array.from({ length: count + 1 }, (_, index) => FROM_END + (within / count) * index);
}

/** Whether the pieces of a top are drawn together by bolts let into their undersides: stone, metal and tile are only glued. */
export function isBolted(design: Design, top: Top): boolean {
  const of = finishAlong(design, 'top', top.items)?.of;
  return of !== 'stone' && of !== 'metal' && of !== 'tile';
}

/** How many bolts draw the pieces of tops together, for each joint. */
export const jointBolts = (design: Design): { top: Top; joint: TopJoint; bolts: number }[] =>
  tops(design).flatMap((top) =>
    isBolted(design, top)
      ? jointedTops(design)
          .get(top)!
          .joints.map((joint) => ({ top, joint, bolts: boltPlaces(distance(joint.a, joint.b)).length }))
      : [],
  );
