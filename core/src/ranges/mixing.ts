import { kindOf } from './kinds';
import type { Range } from './range';

/** How high the base cabinets of a range stand and how deep they are, mm; null for one without any. */
export function baseSizes({ unit, families }: Range): { height: number; depth: number } | null {
  const base = families.find(({ type }) => kindOf(type).group === 'base');
  if (!base) return null;
  const mm = unit === 'in' ? 25.4 : 1;
  return { height: base.heights[0]! * mm, depth: base.depths[0]! * mm };
}

/** By how much the base cabinets of a range stand higher and are deeper than those of another, mm; null where one has none. */
export function baseDifference(range: Range, than: Range): { height: number; depth: number } | null {
  const [own, other] = [baseSizes(range), baseSizes(than)];
  return own && other ? { height: own.height - other.height, depth: own.depth - other.depth } : null;
}
