/** Where a flat surface that is tiled is in the room, mm: its places begin at `origin`, go on along `right` and `up`, and it faces along `normal`. */
export interface SurfaceFrame {
  origin: Place;
  right: Place;
  up: Place;
  normal: Place;
}
export type Place = readonly [x: number, y: number, z: number];

/** A level way of the plan, or the other way. */
export const level = ({ x, y }: { x: number; y: number }, by = 1): Place => [x * by, y * by, 0];

export const UPRIGHT: Place = [0, 0, 1];
