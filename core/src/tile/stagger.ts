import { randomFrom } from '../geometry/random';
import { refuse, ok, type Result } from '../result';

/** Planks as they are laid at random: how long one is with its joint, mm; how far end joints of neighbouring rows are apart at least, mm; after how many rows it begins again; and what the chance begins with. */
export interface RandomRows {
  module: number;
  least: number;
  rows: number;
  seed: number;
}

/** How far apart end joints of rows beside one another can be at most, mm: what two rows leave free is parted in halves at worst, and a row between them needs its distance to both. */
export const furthestApart = (module: number, rows: number): number => module / (rows > 2 ? 4 : 2);

/** Where each row begins, mm, whole where there is room for that: by chance, but every end joint at least so far from those of the rows over and under it, the last row's from the first's too. Refused where that could leave no place. */
export function randomStagger({ module, least, rows, seed }: RandomRows): Result<number[]> {
  const most = furthestApart(module, rows);
  if (least > most) return refuse('stagger-too-far', { least, most });
  const random = randomFrom(seed);
  const starts: number[] = [0];
  while (starts.length < rows) {
    const isLast = starts.length === rows - 1;
    const room = freeFrom(isLast ? [starts.at(-1)!, 0] : [starts.at(-1)!], module, least);
    let at = random() * room.reduce((sum, [from, to]) => sum + to - from, 0);
    const part = room.findIndex(([from, to], index) => {
      if (at <= to - from || index === room.length - 1) return true;
      at -= to - from;
      return false;
    });
    const [from, to] = room[part]!;
    const whole = Math.round(from + at);
    starts.push((whole >= from && whole <= to ? whole : from + at) % module);
  }
  return ok(starts);
}

/** What of a length that closes on itself is no nearer than so much to any of some places. */
function freeFrom(places: readonly number[], module: number, least: number): [number, number][] {
  const sorted = [...new Set(places)].sort((a, b) => a - b);
  return sorted.flatMap((from, index): [number, number][] => {
    const [low, high] = [from + least, (sorted[index + 1] ?? sorted[0]! + module) - least];
    return high >= low - 1e-9 ? [[low, Math.max(low, high)]] : [];
  });
}
