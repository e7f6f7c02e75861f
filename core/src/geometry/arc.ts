import { add, direction, distance, middle, place, scale, subtract, inward, type Point } from './point';

/** Part of a circle, walked from its start: angles radians, the sweep positive counter-clockwise; lengths mm. */
export interface Arc {
  centre: Point;
  radius: number;
  /** Direction of its start, seen from the centre. */
  from: number;
  sweep: number;
}

/** Radius of an arc over a chord that rises by a depth: (chord²/4 + depth²) / (2 depth). */
export function arcRadius(chord: number, depth: number): number {
  const rise = Math.abs(depth);
  return (chord * chord) / (8 * rise) + rise / 2;
}

/** Length of an arc over a chord that rises by a depth, past a half circle too: radius × 4 atan(2 depth / chord). */
export function arcLength(chord: number, depth: number): number {
  return depth === 0 ? chord : arcRadius(chord, depth) * arcAngle(chord, depth);
}

/** The angle an arc turns through, radians. */
export function arcAngle(chord: number, depth: number): number {
  return 4 * Math.atan((2 * Math.abs(depth)) / chord);
}

/** How far an arc of a radius rises over a chord: less than a half circle, or more. The chord is at most twice the radius. */
export function arcDepth(chord: number, radius: number, more: boolean): number {
  const flat = Math.sqrt(Math.max(0, radius * radius - (chord * chord) / 4));
  return more ? radius + flat : radius - flat;
}

/** How far an arc of a length rises over a chord that is shorter: by halving, to 1e-12 of the length (the length grows with the depth). */
export function depthForLength(chord: number, length: number): number {
  let [low, high] = [0, length];
  while (high - low > length * 1e-12) {
    const depth = (low + high) / 2;
    if (arcLength(chord, depth) < length) low = depth;
    else high = depth;
  }
  return (low + high) / 2;
}

/** The arc from one place to another that rises by a depth to the left of the way between them (negative: to the right). */
export function arcBetween(start: Point, end: Point, depth: number): Arc {
  const chord = distance(start, end);
  const u = scale(subtract(end, start), 1 / chord);
  const radius = arcRadius(chord, depth);
  const centre = place(middle(start, end), inward(u), Math.sign(depth) * (radius - Math.abs(depth)), u, 0);
  const from = Math.atan2(start.y - centre.y, start.x - centre.x);
  return { centre, radius, from, sweep: -Math.sign(depth) * arcAngle(chord, depth) };
}

/** The place on an arc a share of the way from its start, so far outside its circle. */
export function onArc({ centre, radius, from, sweep }: Arc, share: number, outside = 0): Point {
  return add(centre, scale(direction(from + sweep * share), radius + outside));
}

/** How far a chord stands off its arc, mm: no more than this where an arc is drawn or measured as a line of chords. */
const CHORD_OFF = 0.1;

/** How many chords an arc of a radius, turning by an angle, is drawn with. */
export function chordsFor(radius: number, angle: number): number {
  if (radius <= CHORD_OFF) return 1;
  const step = 2 * Math.acos(1 - CHORD_OFF / radius);
  return Math.max(1, Math.ceil(Math.abs(angle) / step - 1e-9));
}
