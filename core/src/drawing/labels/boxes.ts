import { distance, type Point } from '../../geometry/point';
import { boundsOf, type Bounds } from '../../geometry/polygon';
import { boxesMeet, strokeMeets, type Box } from './box';

/** Boxes that come and go, by the squares of a grid they lie in. */
export class Boxes {
  readonly #size: number;
  readonly #squares = new Map<number, Map<number, Box>>();

  /** `size` is how wide a square is, mm: about as wide as most boxes. */
  constructor(size: number) {
    this.#size = size;
  }

  add(key: number, box: Box): void {
    this.#each(box.bounds, (square) => {
      const there = this.#squares.get(square);
      if (there) there.set(key, box);
      else this.#squares.set(square, new Map([[key, box]]));
    });
  }

  remove(key: number, box: Box): void {
    this.#each(box.bounds, (square) => this.#squares.get(square)?.delete(key));
  }

  /** Those that lie over a box, by their keys. */
  meeting(box: Box): number[] {
    const found: number[] = [];
    this.#each(box.bounds, (square) => {
      for (const [key, other] of this.#squares.get(square) ?? [])
        if (boxesMeet(box, other) && !found.includes(key)) found.push(key);
    });
    return found;
  }

  /** Whether a box lies over one of them. */
  isMet(box: Box): boolean {
    return this.#some(box.bounds, (other) => boxesMeet(box, other));
  }

  /** Whether a straight line runs into one of them. */
  isCrossed(a: Point, b: Point): boolean {
    // Piece by piece, so that no squares far from it are looked into.
    const steps = Math.max(1, Math.ceil(distance(a, b) / this.#size));
    let from = a;
    for (let step = 1; step <= steps; step++) {
      const to = { x: a.x + ((b.x - a.x) * step) / steps, y: a.y + ((b.y - a.y) * step) / steps };
      if (this.#some(boundsOf([from, to]), (box) => strokeMeets(box, a, b))) return true;
      from = to;
    }
    return false;
  }

  #some(bounds: Bounds, isOne: (box: Box) => boolean): boolean {
    return this.#each(bounds, (square) => {
      for (const box of this.#squares.get(square)?.values() ?? []) if (isOne(box)) return true;
      return false;
    });
  }

  /** Visits the squares of an extent until one of them says so. */
  #each({ left, right, bottom, top }: Bounds, visit: (square: number) => boolean | void): boolean {
    const size = this.#size;
    const [last, highest] = [Math.floor(right / size), Math.floor(top / size)];
    for (let x = Math.floor(left / size); x <= last; x++)
      for (let y = Math.floor(bottom / size); y <= highest; y++)
        if (visit((x + HALF) * 2 * HALF + y + HALF)) return true;
    return false;
  }
}

/** Squares are counted so far to either side. */
const HALF = 2 ** 20;
