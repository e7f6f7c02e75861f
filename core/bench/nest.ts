import { nest } from '../src/shop/nest/nest';
import type { NestCase } from '../src/shop/nest/nest-types';
import { layParts, partings, choosings, type Shape } from '../src/shop/nest/sawn';
import { randomFrom } from '../src/geometry/random';
import { nestFaults } from '../testing/nest-faults';
import { caseOf, sizes } from './nest-cases';

/** Nests of cabinet parts: how soon the first answer is there, how near the bound the last one, and how it stands beside a plain search that lays as many random orders as it can in the same time. */
const SECONDS = Number(process.argv[2] ?? 10);
/** The least area of sheets that random orders come to. */
function plainSearch({ kerf, trim, stock, parts }: NestCase, seconds: number): number {
  const random = randomFrom(7);
  const of = parts.flatMap((part) => Array.from({ length: part.qty }, () => part));
  const shapes = of.map(({ l, w, grain }): Shape => ({
    ...{ l: l + kerf, w: w + kerf, area: (l + kerf) * (w + kerf), turns: !grain },
  }));
  const rooms = stock.flatMap(({ l, w, count = of.length }, index) =>
    Array.from({ length: Math.min(count, of.length) }, () => ({
      ...{ stock: index, l: l - 2 * trim + kerf, w: w - 2 * trim + kerf },
    })),
  );
  let best = Infinity;
  for (const end = performance.now() + seconds * 1_000; performance.now() < end;) {
    const order = of
      .map((_, part) => ({ part, key: shapes[part]!.area * (0.5 + random()) }))
      .sort((a, b) => b.key - a.key)
      .map(({ part }) => part);
    const { filled, left } = layParts(order, shapes, rooms, {
      choosing: choosings[Math.floor(random() * choosings.length)]!,
      parting: partings[Math.floor(random() * partings.length)]!,
      anywhere: random() < 0.5,
    });
    const area = filled.reduce((sum, { room }) => sum + stock[room.stock]!.l * stock[room.stock]!.w, 0);
    if (left.length === 0) best = Math.min(best, area);
  }
  return best;
}

for (const [count, stock] of [
  [30, 1],
  [60, 1],
  [100, 1],
  [100, 3],
  [200, 2],
  [400, 1],
  [400, 3],
] as const)
  for (const seed of [1, 2]) {
    const one = caseOf(seed, count, sizes.slice(0, stock));
    const began = performance.now();
    let first = 0;
    const found = nest(one, { seconds: SECONDS, watch: () => ((first ||= performance.now() - began), true) });
    if (!found.ok) throw new Error(JSON.stringify(found.refusal));
    const { sheetArea, bound, proven } = found.value;
    const faults = nestFaults(one, found.value);
    if (faults.length > 0) throw new Error(faults.join('\n'));
    const took = (performance.now() - began) / 1_000;
    const plain = plainSearch(one, SECONDS);
    const board = sizes[0]!.l * sizes[0]!.w;
    console.log(
      `${one.id}: first after ${first.toFixed(0)} ms, ${(sheetArea / 1e6).toFixed(2)} m² of sheets after ${took.toFixed(1)} s${proven ? ', proven' : ''}, ${(sheetArea / (bound['board']! * board)).toFixed(3)} of the boards by area; plain search ${(plain / sheetArea).toFixed(3)} of it`,
    );
  }
