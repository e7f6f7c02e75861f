/** The same list, what has the id of one before told apart from it by a number. */
export function toldApart<T extends { id: string }>(list: readonly T[]): T[] {
  const seen = new Map<string, number>();
  return list.map((one) => {
    const count = (seen.get(one.id) ?? 0) + 1;
    seen.set(one.id, count);
    return count === 1 ? one : { ...one, id: `${one.id} ${count}` };
  });
}
