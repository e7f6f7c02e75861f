import { perDesign } from '../document/design';
import { boundsIndex } from '../geometry/bounds-index';
import { cross, distance, subtract, unit, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import type { Splash, SplashPiece } from './splash-pieces';
import { splashes } from './splashes';

/** Splashes that turn by less than this go straight on, as the sine of the angle: about a degree. */
const STRAIGHT = 0.02;

/** How long the mitres of each splash are with those it meets round corners, mm: half of each, the other half is the other's. Along a bent wall there are none. */
export const splashMitres = perDesign((design): ReadonlyMap<Splash, number> => {
  const ends = splashes(design).flatMap((splash) => splash.pieces.map((piece) => ({ splash, piece })));
  const near = boundsIndex(ends, ({ piece: { a, b } }) => [a, b]);
  const found = new Map<Splash, number>();
  for (const { splash, piece } of ends) {
    const long = near.near([piece.a, piece.b], SAME_PLACE).reduce((sum, other) => {
      const isBent = splash.face !== null && other.splash.face === splash.face;
      return isBent || !turns(piece, other.piece) ? sum : sum + together(piece, other.piece);
    }, 0);
    if (long > 0) found.set(splash, (found.get(splash) ?? 0) + long / 2);
  }
  return found;
});

/** Whether two pieces meet end to end, in a corner. */
function turns(one: SplashPiece, other: SplashPiece): boolean {
  const meet = (p: Point, q: Point) => distance(p, q) < SAME_PLACE;
  if (!meet(one.b, other.a) && !meet(other.b, one.a)) return false;
  const [u, v] = [one, other].map(({ a, b }) => unit(subtract(b, a)));
  return Math.abs(cross(u!, v!)) > STRAIGHT;
}

/** How high two pieces stand beside one another, mm. */
const together = (one: SplashPiece, other: SplashPiece): number =>
  Math.max(0, Math.min(one.high, other.high) - Math.max(one.low, other.low));
