/** Every choice of so many of a list, in its order. */
export function* combinations<T>(all: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) return yield [];
  for (let index = from; index <= all.length - size; index++)
    for (const rest of combinations(all, size - 1, index + 1)) yield [all[index]!, ...rest];
}
