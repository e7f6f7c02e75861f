/** How far past upright a text may lean and still read from the right: out-of-square walls must not turn their numbers round. */
const LEAN = (10 * Math.PI) / 180;

/** The direction a text along a line is written in, so that it reads from the bottom or the right: in (-80°, 100°]. */
export function readingTurn(turn: number): number {
  let reading = turn % Math.PI;
  if (reading > Math.PI / 2 + LEAN) reading -= Math.PI;
  if (reading <= -Math.PI / 2 + LEAN) reading += Math.PI;
  return reading;
}
