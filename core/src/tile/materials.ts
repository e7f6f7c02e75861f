/** Grout as it is bought: mm deep, kg a litre. */
export interface Grout {
  thickness: number;
  density: number;
}

/** Grout for tiles of a size, mm, by the formula of those who make it: (A + B) / (A·B) × thickness × joint × density, kg a m². */
export function groutPerArea({
  A,
  B,
  joint,
  thickness,
  density,
}: Grout & { A: number; B: number; joint: number }): number {
  return ((A + B) / (A * B)) * thickness * joint * density;
}

/** Grout that fills joints of an area, mm²: litres, and kg. */
export function groutOfJoints(
  jointArea: number,
  { thickness, density }: Grout,
): { litres: number; kg: number } {
  const litres = (jointArea * thickness) / 1e6;
  return { litres, kg: litres * density };
}

/** Adhesive: how far a bag goes, m², or how much is spread, kg a m², and what a bag holds, kg. */
export type Adhesive = { cover: number } | { kgPerM2: number; bagKg: number };

/** A hair over a number of bags is that number. */
const HAIR = 1e-9;

/** Adhesive for an area, m², of which so much more is spread on the tiles' backs (0.1 is 10 percent): kg where that is known, and whole bags. */
export function adhesiveFor(
  area: number,
  backButter: number,
  adhesive: Adhesive,
): { kg?: number; bags: number } {
  const spread = area * (1 + backButter);
  const whole = (bags: number) => Math.ceil(bags - HAIR);
  if ('cover' in adhesive) return { bags: whole(spread / adhesive.cover) };
  const kg = spread * adhesive.kgPerM2;
  return { kg, bags: whole(kg / adhesive.bagKg) };
}
