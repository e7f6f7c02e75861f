/** Angles are radians inside the program and degrees where people see them. */
export function toDegrees(radians: number): number {
  return (radians * 180) / Math.PI;
}

export function toRadians(degrees: number): number {
  return (degrees * Math.PI) / 180;
}

/** The same direction as an angle in (-π, π]. */
export function wrapAngle(radians: number): number {
  const turn = 2 * Math.PI;
  const wrapped = radians - turn * Math.ceil((radians - Math.PI) / turn);
  return wrapped === 0 ? 0 : wrapped;
}
