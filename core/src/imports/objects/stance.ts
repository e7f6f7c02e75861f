import { extentOf, type Model } from './model';

/** Whole quarter turns as a matrix, row by row: where x, y and z come from. */
export type Turning = readonly [number, number, number, number, number, number, number, number, number];

export const unturned: Turning = [1, 0, 0, 0, 1, 0, 0, 0, 1];

/** A quarter turn: its head over to the back, over to its right as seen from before it, or about the upright, its front to its left as seen from above. */
export const quarters = {
  back: [1, 0, 0, 0, 0, 1, 0, -1, 0],
  aside: [0, 1, 0, -1, 0, 0, 0, 0, 1],
  about: [0, 0, -1, 0, 1, 0, 1, 0, 0],
} as const satisfies Record<string, Turning>;
export type Quarter = keyof typeof quarters;

/** A turning and then another. */
export function turned(turning: Turning, by: Quarter): Turning {
  const quarter = quarters[by];
  return [0, 1, 2].flatMap((row) =>
    [0, 1, 2].map((column) =>
      [0, 1, 2].reduce((sum, k) => sum + quarter[row * 3 + k]! * turning[k * 3 + column]!, 0),
    ),
  ) as unknown as Turning;
}

/** How large an object is, mm. */
export interface Size {
  width: number;
  height: number;
  depth: number;
}

/** How a model that was read is made an object that stands: turned, and so many mm to each of its units along x, y and z of what is turned. */
export interface Stance {
  turning: Turning;
  scale: readonly [number, number, number];
}

/** How large a model is in its own units once it is turned. */
export function sizeTurned(model: Model, turning: Turning): Size {
  const { low, high } = extentOf(model);
  const spans = [0, 1, 2].map((axis) => high[axis]! - low[axis]!);
  const [width, height, depth] = [0, 1, 2].map((row) =>
    [0, 1, 2].reduce((sum, k) => sum + Math.abs(turning[row * 3 + k]!) * spans[k]!, 0),
  ) as [number, number, number];
  return { width, height, depth };
}

/** A model turned upright and set with its back, its left end and its underside at 0, mm. */
export function stood(model: Model, { turning, scale }: Stance): Model {
  const moved = model.parts.map((part) => {
    const { positions } = part;
    const after = new Float32Array(positions.length);
    for (let i = 0; i < positions.length; i += 3)
      for (let row = 0; row < 3; row++)
        after[i + row] =
          scale[row]! *
          (turning[row * 3]! * positions[i]! +
            turning[row * 3 + 1]! * positions[i + 1]! +
            turning[row * 3 + 2]! * positions[i + 2]!);
    return { ...part, positions: after };
  });
  const { low } = extentOf({ parts: moved });
  for (const { positions } of moved)
    for (let i = 0; i < positions.length; i++) positions[i] = positions[i]! - low[i % 3]!;
  return { parts: moved };
}
