import { randomFrom } from '../src/geometry/random';
import type { NestCase, NestPart, NestStock } from '../src/shop/nest/nest-types';

/** Sets of cabinet parts to be nested, as a shop cuts them. */
export const sizes: readonly NestStock[] = [
  { id: 'board', l: 2800, w: 2070 },
  { id: 'half', l: 2440, w: 1220 },
  { id: 'offcut', l: 1400, w: 900, count: 3 },
];
/** Sides, bottoms, rails, shelves, fronts, tall sides and doors, plinths: length, width, grain. */
const kinds = [
  [720, 560, true],
  [564, 560, false],
  [564, 100, false],
  [764, 560, false],
  [716, 596, true],
  [716, 297, true],
  [140, 596, true],
  [283, 596, true],
  [2000, 560, true],
  [1996, 597, true],
  [870, 100, true],
  [300, 700, false],
] as const;

export function caseOf(seed: number, count: number, stock: readonly NestStock[]): NestCase {
  const random = randomFrom(seed);
  const parts: NestPart[] = [];
  for (let left = count; left > 0;) {
    const [l, w, grain] = kinds[Math.floor(random() * kinds.length)]!;
    const qty = Math.min(left, 1 + Math.floor(random() * 8));
    const jitter = () => Math.round((random() - 0.5) * 8) * 10;
    parts.push({ id: `p${parts.length}`, l: l + jitter(), w: Math.max(60, w + jitter()), grain, qty });
    left -= qty;
  }
  return { id: `${count} parts, ${stock.length} sizes, ${seed}`, kerf: 4, trim: 10, stock, parts };
}
