import { LEAST_ROW } from '../document/limits';
import type { ConstructionMethod } from './construction';
import type { FrontRow } from './item-kind';

/** Without a construction of its own: what is bought as one thing. */
export const plain: Pick<ConstructionMethod, 'between' | 'frontShort'> = { between: 4, frontShort: 2 };

/** A row in the widths of those side by side in it, so far apart: equal, or as they are said to be, the last what is left. */
export function cellsBetween<P extends { left: number; right: number }>(
  at: P,
  { across = 1, widths }: FrontRow,
  between: number,
): P[] {
  const free = at.right - at.left - between * (across - 1);
  const asked = widths?.slice(0, across - 1) ?? [];
  const over = (free - asked.reduce((sum, one) => sum + one, 0)) / (across - asked.length);
  // Where the cabinet has come to be too narrow for what was typed, they are equal again.
  const [typed, rest] = over >= LEAST_ROW ? [asked, over] : [[], free / across];
  let left = at.left;
  return Array.from({ length: across }, (_, index) => {
    const right = left + (typed[index] ?? rest);
    const cell = { ...at, left, right };
    left = right + between;
    return cell;
  });
}
