import type { FitCase } from '../src/proposals/fit/fit-case';

/** A piece of a row, as it is written out. */
type Piece = { kind: 'cabinet' | 'filler'; w: number } | { kind: 'item'; id: string; w: number };

/** What a row is worth in the order asked for, straight from the definitions: every mirrored joint is held against every joint. */
export function plainWorth(one: FitCase, row: readonly Piece[]): number[] {
  const cabinets = row.filter(({ kind }) => kind === 'cabinet');
  const edges = row.reduce<number[]>((all, { w }) => [...all, all.at(-1)! + w], [0]);
  const joints = [...new Set(edges)].filter((at) => at > 0 && at < one.length);
  const symmetry = joints.reduce((sum, joint) => {
    const mirrored = (one.centre2 ?? 0) - joint;
    if (one.centre2 === null || mirrored <= 0 || mirrored >= one.length) return sum;
    return sum + Math.min(...[0, one.length, ...joints].map((other) => Math.abs(other - mirrored)));
  }, 0);
  const values = {
    filler: row.reduce((sum, { kind, w }) => sum + (kind === 'filler' ? w : 0), 0),
    widths: new Set(cabinets.map(({ w }) => w)).size,
    symmetry,
    items: cabinets.length,
  };
  return one.order.map((criterion) => values[criterion]);
}

/** The best worth of a small case, by writing out every row there is; null where there is none. */
export function exhaustiveFit(one: FitCase): number[] | null {
  let best: number[] | null = null;
  const less = (a: number[], b: number[]) => {
    for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! < b[i]!;
    return false;
  };
  const anchors = one.items.filter(({ at }) => at !== undefined);
  /** Items that are placed, or tied to what is, part the length. */
  const parts = new Set(anchors.map(({ id }) => id));
  for (let grown = true; grown;) {
    grown = false;
    for (const { id, nextTo = [] } of one.items)
      for (const other of nextTo)
        if (parts.has(id) !== parts.has(other)) {
          parts.add(id).add(other);
          grown = true;
        }
  }
  const touches = (row: readonly Piece[]) =>
    one.items.every(({ id, nextTo = [] }) => {
      const at = row.findIndex((piece) => piece.kind === 'item' && piece.id === id);
      return nextTo.every((other) =>
        [row[at - 1], row[at + 1]].some((piece) => piece?.kind === 'item' && piece.id === other),
      );
    });
  const fillersHold = (row: readonly Piece[]) => {
    const isPart = (piece: Piece | undefined) => piece?.kind === 'item' && parts.has(piece.id);
    let inStretch = 0;
    let stretch = 0;
    const lastPart = row.findLastIndex(isPart);
    for (const [index, piece] of row.entries()) {
      if (isPart(piece)) {
        inStretch = 0;
        stretch += 1;
      }
      if (piece.kind !== 'filler') continue;
      const [first, last] = [stretch === 0, index > lastPart];
      if (first && index === 0) continue;
      if (last && index === row.length - 1) continue;
      if (first || last || ++inStretch > 1) return false;
      if (!isPart(row[index - 1]) && !isPart(row[index + 1])) return false;
      if (!one.inner || piece.w < one.inner.min || piece.w > one.inner.max) return false;
    }
    const holds = (end: 0 | 1, width: number) => {
      const { min, max, optional } = one.ends[end];
      if (width === 0) return optional || max === 0 || min === 0;
      return max > 0 && width >= min && width <= max;
    };
    const widthOf = (piece: Piece | undefined) => (piece?.kind === 'filler' ? piece.w : 0);
    const [left, right] = [widthOf(row[0]), widthOf(row.at(-1))];
    // A row of one filler has it at either end.
    if (row.length === 1 && left > 0)
      return (holds(0, left) && holds(1, 0)) || (holds(0, 0) && holds(1, left));
    return holds(0, left) && holds(1, right);
  };
  const go = (row: Piece[], at: number, left: readonly string[]) => {
    if (at === one.length) {
      if (left.length === 0 && touches(row) && fillersHold(row)) {
        const worth = plainWorth(one, row);
        if (!best || less(worth, best)) best = worth;
      }
      return;
    }
    const next = (piece: Piece, rest = left) => {
      const fixed = one.items.find(
        (item) => left.includes(item.id) && item.at !== undefined && item.at < at + piece.w && item.at >= at,
      );
      if (at + piece.w > one.length || (fixed && !(piece.kind === 'item' && piece.id === fixed.id))) return;
      go([...row, piece], at + piece.w, rest);
    };
    for (const w of one.widths) next({ kind: 'cabinet', w });
    for (const { id, w, at: given } of one.items)
      if (left.includes(id) && (given === undefined || given === at))
        next(
          { kind: 'item', id, w },
          left.filter((other) => other !== id),
        );
    if (row.at(-1)?.kind !== 'filler' || row.length === 1)
      for (
        let w = one.step;
        w <= Math.max(one.ends[0].max, one.ends[1].max, one.inner?.max ?? 0);
        w += one.step
      )
        next({ kind: 'filler', w });
  };
  go(
    [],
    0,
    one.items.map(({ id }) => id),
  );
  return best;
}
