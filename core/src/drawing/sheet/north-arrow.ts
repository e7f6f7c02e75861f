import { roomOf, type Design } from '../../document/design';
import { outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { point, text } from './sheet-marks';

/** How large the circle of the arrow is, and how far its letter stands outside it, paper mm. */
const RADIUS = 3.6;
const BESIDE = 2;

/** Where north is on a plan: an arrow in a circle about a place of the page, with its letter. Nothing where nobody has said it. */
export function northArrow(design: Design, x: number, y: number): Primitive[] {
  const { north } = roomOf(design);
  if (north === undefined) return [];
  // Turned so far to the left from the top of the plan.
  const up = { x: -Math.sin(north), y: Math.cos(north) };
  const right = { x: up.y, y: -up.x };
  const at = (along: number, aside: number) =>
    point(x + up.x * along + right.x * aside, y + up.y * along + right.y * aside);
  const half = (side: 1 | -1) => [
    at(RADIUS, 0),
    at(-RADIUS * 0.75, side * RADIUS * 0.6),
    at(-RADIUS * 0.4, 0),
  ];
  const letter = at(RADIUS + BESIDE, 0);
  return [
    {
      ...{ type: 'arc', layer: 'sheet', centre: point(x, y), radius: RADIUS, from: 0, sweep: 2 * Math.PI },
      ...{ weight: WEIGHT.thin, ink: 'drawing' },
    },
    outline('sheet', half(-1), WEIGHT.thin, 'drawing', 'drawing'),
    outline('sheet', half(1), WEIGHT.thin, 'drawing', 'paper'),
    text('N', letter.x, letter.y, TEXT.small, true, 'middle'),
  ];
}
