/** Every tolerance of the program, in millimetres or radians, in one place. */

/** Two places nearer than this are the same place. */
export const SAME_PLACE = 1e-6;
/** Solids that go into each other by no more than this touch, they do not collide. */
export const TOUCH = 0.5;
/** A clearance short of what is asked by no more than this is kept: far below any tape, and a hair more, for what is told to the hundredth. */
export const KEPT = 0.01 + 1e-6;
/** An item end nearer than this to a wall or neighbour stands against it. */
export const AGAINST = 3;
/** Directions that differ by less than this (0.1 degree) are parallel for facing and chaining. */
export const PARALLEL = 0.1 * (Math.PI / 180);
/** Open lengths shorter than this are no gap. */
export const LEAST_OPEN = 1;
