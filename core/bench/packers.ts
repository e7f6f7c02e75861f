import { BestAreaFit, BestLongSideFit, BestShortSideFit, BottomLeft, pack2D } from 'binpackingjs/2d';
import { packer } from 'guillotine-packer';
import type * as MaxRects from 'maxrects-packer';
import { randomFrom } from '../src/geometry/random';
import { nest } from '../src/shop/nest/nest';
import type { NestCase } from '../src/shop/nest/nest-types';
import { nestFaults } from '../testing/nest-faults';
import { caseOf, sizes } from './nest-cases';

/**
 * Nests on one size of sheet beside three public packing libraries, each tried again and again with other orders and turns for as long:
 * the fewest sheets each comes to. Two of them don't cut right across: what they lay is counted where it can be cut so, and told where not.
 */
const SECONDS = Number(process.argv[2] ?? 45);

interface Piece {
  l: number;
  w: number;
  turns: boolean;
}
interface Laid {
  x: number;
  y: number;
  width: number;
  height: number;
}
type Sheets = Laid[][];
interface Board {
  l: number;
  w: number;
}
type Packer = (pieces: readonly Piece[], board: Board, random: () => number) => Sheets;

const anyOf = <T>(of: readonly T[], random: () => number): T => of[Math.floor(random() * of.length)]!;
const turned = ({ l, w, turns }: Piece, random: () => number) =>
  turns && random() < 0.5 ? { width: w, height: l } : { width: l, height: w };
const shaken = (pieces: readonly Piece[], random: () => number): Piece[] =>
  pieces
    .map((piece) => ({ piece, key: piece.l * piece.w * (0.6 + random()) }))
    .sort((a, b) => b.key - a.key)
    .map(({ piece }) => piece);

// What its package names first is no module that can be loaded here.
const built: string = 'maxrects-packer/dist/maxrects-packer.mjs';
const { MaxRectsPacker } = (await import(built)) as typeof MaxRects;
const heuristics = [new BestAreaFit(), new BestLongSideFit(), new BestShortSideFit(), new BottomLeft()];
const libraries: Readonly<Record<string, Packer>> = {
  'guillotine-packer': (pieces, board, random) =>
    packer(
      {
        ...{ binWidth: board.l, binHeight: board.w },
        items: shaken(pieces, random).map((piece) => turned(piece, random)),
      },
      {
        allowRotation: false,
        splitStrategy: Math.floor(random() * 4),
        sortStrategy: Math.floor(random() * 6),
      },
    )!,
  binpackingjs: (pieces, board, random) =>
    pack2D({
      bins: pieces.map(() => ({ width: board.l, height: board.w })),
      boxes: shaken(pieces, random).map((piece) => ({
        ...turned(piece, random),
        constrainRotation: !piece.turns,
      })),
      heuristic: anyOf(heuristics, random),
    }).packedBins.flatMap(({ boxes }) => (boxes.length > 0 ? [[...boxes]] : [])),
  'maxrects-packer': (pieces, board, random) => {
    const found = new MaxRectsPacker<Laid & { allowRotation: boolean }>(board.l, board.w, 0, {
      ...{ smart: false, pot: false, square: false, allowRotation: true, border: 0 },
      logic: Math.floor(random() * 2),
    });
    for (const piece of shaken(pieces, random)) {
      const { width, height } = turned(piece, random);
      found.add({ x: 0, y: 0, width, height, allowRotation: piece.turns });
    }
    return found.bins.map(({ rects }) => rects.map(({ x, y, width, height }) => ({ x, y, width, height })));
  },
};

/** Whether pieces come apart by cuts right across what is left: any cut that parts them is as good as another. */
function isSawn(laid: readonly Laid[]): boolean {
  if (laid.length < 2) return true;
  for (const [at, size] of [
    ['x', 'width'],
    ['y', 'height'],
  ] as const) {
    const sorted = [...laid].sort((a, b) => a[at] - b[at]);
    let end = -Infinity;
    for (const [index, one] of sorted.entries()) {
      if (index > 0 && one[at] >= end - 1e-6)
        return isSawn(sorted.slice(0, index)) && isSawn(sorted.slice(index));
      end = Math.max(end, one[at] + one[size]);
    }
  }
  return false;
}

function fewest(name: string, { kerf, trim, stock, parts }: NestCase): string {
  const random = randomFrom(11);
  const pieces = parts.flatMap(({ l, w, grain, qty }) =>
    Array.from({ length: qty }, (): Piece => ({ l: l + kerf, w: w + kerf, turns: !grain })),
  );
  const board = { l: stock[0]!.l - 2 * trim + kerf, w: stock[0]!.w - 2 * trim + kerf };
  let [sawn, any, tries] = [Infinity, Infinity, 0];
  for (const end = performance.now() + SECONDS * 1_000; performance.now() < end; tries++) {
    const sheets = libraries[name]!(pieces, board, random);
    if (sheets.reduce((sum, laid) => sum + laid.length, 0) !== pieces.length) continue;
    any = Math.min(any, sheets.length);
    if (sheets.length < sawn && sheets.every(isSawn)) sawn = sheets.length;
  }
  return `${name} ${sawn}${any < sawn ? ` (${any} not sawn)` : ''} in ${tries} tries`;
}

for (const count of [30, 60, 100, 200, 400])
  for (const seed of [1, 2]) {
    const one = caseOf(seed, count, sizes.slice(0, 1));
    const found = nest(one, { seconds: SECONDS });
    if (!found.ok) throw new Error(JSON.stringify(found.refusal));
    const faults = nestFaults(one, found.value);
    if (faults.length > 0) throw new Error(faults.join('\n'));
    const { count: own, bound, proven } = found.value;
    const others = Object.keys(libraries).map((name) => fewest(name, one));
    console.log(
      `${one.id}: ${own} sheets${proven ? ', proven' : ''}, ${bound['board']} by area; ${others.join('; ')}`,
    );
  }
