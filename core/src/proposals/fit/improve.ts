import { compareWorth, worthIn, worthOf, type Placed } from './arrangement';
import type { Budget } from '../budget';
import type { FitCase } from './fit-case';
import type { Layout } from './layout';

/** A row made better by exchanging two pieces of one stretch, as long as that helps and the budget reaches; widths in steps. */
export function improved(
  row: readonly Placed[],
  length: number,
  centre2: number,
  order: FitCase['order'],
  layouts: readonly Layout[],
  budget: Budget,
): { worth: number[]; row: Placed[] } {
  const given = new Set(layouts[0]?.anchored.flatMap(({ block }) => block.items.map(({ id }) => id)));
  const tied = new Set(
    layouts[0]?.free.flatMap(({ items }) => (items.length > 1 ? items.map(({ id }) => id) : [])),
  );
  const stays = ({ kind, id }: Placed) =>
    kind === 'filler' || (id !== undefined && (given.has(id) || tied.has(id)));
  let best = [...row];
  let worth = worthIn(worthOf(best, length, centre2), order);
  for (let helped = true; helped;) {
    helped = false;
    for (let i = 0; i < best.length; i++) {
      for (let j = i + 1; j < best.length && !stays(best[i]!) && !stays(best[j]!); j++) {
        if (!budget.spend()) return { worth, row: best };
        if (best[i]!.w === best[j]!.w) continue;
        const next = [...best];
        [next[i], next[j]] = [next[j]!, next[i]!];
        const nextWorth = worthIn(worthOf(next, length, centre2), order);
        if (compareWorth(nextWorth, worth) >= 0) continue;
        [best, worth, helped] = [next, nextWorth, true];
      }
    }
  }
  return { worth, row: best };
}
