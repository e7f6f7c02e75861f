import { add, cross, distance, dot, inward, place, scale, subtract, type Point } from './point';

export interface Circle {
  centre: Point;
  radius: number;
}

/** Where a line through a place in a direction (a unit vector) meets a circle: two places, one where it touches, or none. */
export function lineMeetsCircle(through: Point, u: Point, { centre, radius }: Circle): Point[] {
  const off = subtract(centre, through);
  const nearest = add(through, scale(u, dot(off, u)));
  const half = radius * radius - cross(u, off) ** 2;
  if (half < 0) return [];
  const reach = Math.sqrt(half);
  return [-reach, reach].map((along) => add(nearest, scale(u, along)));
}

/** Where two circles meet. */
export function circlesMeet(a: Circle, b: Circle): Point[] {
  const apart = distance(a.centre, b.centre);
  if (apart === 0) return [];
  const along = (apart * apart + a.radius * a.radius - b.radius * b.radius) / (2 * apart);
  const half = a.radius * a.radius - along * along;
  if (half < 0) return [];
  const u = scale(subtract(b.centre, a.centre), 1 / apart);
  const reach = Math.sqrt(half);
  return [-reach, reach].map((out) => place(a.centre, u, along, inward(u), out));
}
