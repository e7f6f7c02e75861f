import type { Extent } from 'goodreach/models';

/** What a unit of an object's file can stand for, mm. */
export const objectUnits = {
  millimetres: 1,
  centimetres: 10,
  inches: 25.4,
  feet: 304.8,
  metres: 1000,
} as const;
export type ObjectUnit = keyof typeof objectUnits;

/** Things of a room are about so long, mm. */
const [SHORT, LONG] = [100, 3_500];

/** The unit that makes an object as large as things of a room are, those of the room first. */
export function likelyUnit({ low, high }: Extent, room: 'in' | 'mm'): ObjectUnit {
  const longest = Math.max(...high.map((value, axis) => value - low[axis]!));
  const order: readonly ObjectUnit[] =
    room === 'in'
      ? ['inches', 'metres', 'millimetres', 'centimetres', 'feet']
      : ['millimetres', 'metres', 'centimetres', 'inches', 'feet'];
  const fits = order.find(
    (unit) => longest * objectUnits[unit] >= SHORT && longest * objectUnits[unit] <= LONG,
  );
  return fits ?? order[0]!;
}
