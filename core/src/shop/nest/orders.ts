import type { Shape } from './sawn';

/** What parts are ordered by, the most first. */
export const orderings: readonly ((shape: Shape) => number)[] = [
  ({ l, w }) => l * w,
  ({ l, w }) => Math.max(l, w),
  ({ l }) => l,
  ({ w }) => w,
  ({ l, w }) => l + w,
  ({ l, w }) => Math.min(l, w),
  ({ l, w }) => Math.max(l, w) * 10 + Math.min(l, w),
];

/** Parts by a measure of theirs, the most first. */
export const sorted = (
  parts: readonly number[],
  shapes: readonly Shape[],
  key: (shape: Shape) => number,
): number[] => [...parts].sort((a, b) => key(shapes[b]!) - key(shapes[a]!));

/** Every order of a few things. */
export function permutations(list: readonly number[]): number[][] {
  if (list.length <= 1) return [[...list]];
  return list.flatMap((one) =>
    permutations(list.filter((other) => other !== one)).map((rest) => [one, ...rest]),
  );
}
