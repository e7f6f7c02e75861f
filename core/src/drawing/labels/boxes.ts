import type { Point } from '../../geometry/point';
import type { Bounds } from '../../geometry/polygon';
import { boxesMeet, strokeMeets, type Box } from './box';

/** Boxes that come and go, by the squares of a grid they lie in. */
export class Boxes {
  readonly #size: number;
  readonly #squares = new Map<string, Map<number, Box>>();

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
    return [...this.#near(box.bounds)].flatMap(([key, other]) => (boxesMeet(box, other) ? [key] : []));
  }

  /** Whether a straight line runs into one of them. */
  isCrossed(a: Point, b: Point): boolean {
    const bounds = {
      left: Math.min(a.x, b.x),
      right: Math.max(a.x, b.x),
      bottom: Math.min(a.y, b.y),
      top: Math.max(a.y, b.y),
    };
    for (const box of this.#near(bounds).values()) if (strokeMeets(box, a, b)) return true;
    return false;
  }

  #near(bounds: Bounds): Map<number, Box> {
    const found = new Map<number, Box>();
    this.#each(bounds, (square) => {
      for (const [key, box] of this.#squares.get(square) ?? []) found.set(key, box);
    });
    return found;
  }

  #each({ left, right, bottom, top }: Bounds, visit: (square: string) => void): void {
    const at = (value: number) => Math.floor(value / this.#size);
    for (let x = at(left); x <= at(right); x++)
      for (let y = at(bottom); y <= at(top); y++) visit(`${x} ${y}`);
  }
}
