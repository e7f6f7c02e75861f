import type { Point } from '../geometry/point';

/** Where a pattern begins and which way it runs: its origin, mm, and its angle, degrees counter-clockwise. */
export interface Origin {
  at: Point;
  angle: number;
}

/** The places of a pattern, along and across it from its origin. */
export class Frame {
  readonly #at: Point;
  readonly #c: number;
  readonly #s: number;

  constructor({ at, angle }: Origin) {
    this.#at = at;
    [this.#c, this.#s] = turnOf(angle);
  }

  to({ x, y }: Point): Point {
    const [dx, dy] = [x - this.#at.x, y - this.#at.y];
    return { x: dx * this.#c + dy * this.#s, y: dy * this.#c - dx * this.#s };
  }

  from({ x, y }: Point): Point {
    return { x: x * this.#c - y * this.#s + this.#at.x, y: x * this.#s + y * this.#c + this.#at.y };
  }
}

/** Cosine and sine of whole quarter turns. */
const QUARTERS: readonly (readonly [number, number])[] = [
  [1, 0],
  [0, 1],
  [-1, 0],
  [0, -1],
];

/** Cosine and sine of an angle in degrees: of quarter turns without a remainder, so that what lies along stays so. */
function turnOf(angle: number): readonly [number, number] {
  const quarters = angle / 90;
  if (Number.isInteger(quarters)) return QUARTERS[((quarters % 4) + 4) % 4]!;
  const turn = (angle * Math.PI) / 180;
  return [Math.cos(turn), Math.sin(turn)];
}
