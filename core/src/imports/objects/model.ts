/** The lighter form an object is kept in has so many triangles at most, and so many parts that look different. */
export const MOST_TRIANGLES = 16_000;
export const MOST_PARTS = 48;

/** How a part of a model looks: its colour on the screen, how rough and how metallic it is, 0 to 1, and what share of it is seen where it is clear. */
export interface ModelLook {
  colour: string;
  rough: number;
  metal: number;
  clear?: number;
}

/** A part of a model: triangles, walked counter-clockwise as seen from outside; three numbers a place. */
export interface ModelPart extends ModelLook {
  positions: Float32Array;
  indices: Uint32Array;
}

/**
 * An object in a frame of its own: x along its back to the right as seen from before it, y up, z out from its back. Right-handed, as glTF has it.
 * As it is read, in whatever unit its file has; as it is kept, in mm from 0 to its width, height and depth.
 */
export interface Model {
  parts: readonly ModelPart[];
}

/** How far a model goes each way: width along x, height along y, depth along z. */
export interface Extent {
  low: readonly [number, number, number];
  high: readonly [number, number, number];
}

export function extentOf({ parts }: Model): Extent {
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const { positions } of parts)
    for (let i = 0; i < positions.length; i += 3)
      for (let axis = 0; axis < 3; axis++) {
        const value = positions[i + axis]!;
        if (value < low[axis]!) low[axis] = value;
        if (value > high[axis]!) high[axis] = value;
      }
  return { low, high };
}

export const trianglesOf = ({ parts }: Model): number =>
  parts.reduce((sum, { indices }) => sum + indices.length / 3, 0);
