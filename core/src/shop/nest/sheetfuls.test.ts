import { describe, expect, it } from 'vitest';
import { randomFrom } from '../../geometry/random';
import { layParts, type Piece, type Room, type Shape } from './sawn';
import { bySheetfuls, type Laying } from './sheetfuls';

const room: Room = { stock: 0, l: 2_784, w: 2_054 };
const rule = { choosing: 'area', parting: 'larger', anywhere: false } as const;

/** A sheet sawn right across in so many pieces, none of them narrow: what lies on it with next to nothing left. */
function sawnUp(random: () => number, pieces: number): Shape[] {
  let all = [{ l: room.l, w: room.w }];
  while (all.length < pieces) {
    const [largest, ...others] = [...all].sort((a, b) => b.l * b.w - a.l * a.w);
    const { l, w } = largest!;
    const share = 0.3 + 0.4 * random();
    all = [
      ...others,
      ...(l > w
        ? [
            { l: Math.round(l * share), w },
            { l: l - Math.round(l * share), w },
          ]
        : [
            { l, w: Math.round(w * share) },
            { l, w: w - Math.round(w * share) },
          ]),
    ];
  }
  // A hundredth narrower each way: something is left after all, as it is of sheets that are sawn.
  return all.map((one) => {
    const [l, w] = [Math.floor(one.l * 0.99), Math.floor(one.w * 0.99)];
    return { l, w, area: l * w, turns: false };
  });
}

/** What is wrong with sheets: parts that are there twice or not at all, that are no larger than their piece, pieces that don't make up theirs. */
function faults({ filled, left }: Laying, shapes: readonly Shape[]): string[] {
  const told: string[] = [];
  const seen: number[] = [];
  const check = (piece: Piece, own: number[]): void => {
    if (piece.sawn) {
      const [a, b] = [piece.first!, piece.second!];
      const whole = piece.sawn === 'x' ? [a.l + b.l, a.w, b.w] : [a.w + b.w, a.l, b.l];
      const is = piece.sawn === 'x' ? [piece.l, piece.w, piece.w] : [piece.w, piece.l, piece.l];
      if (whole.some((one, at) => Math.abs(one - is[at]!) > 1e-6)) told.push('a cut');
      check(a, own);
      check(b, own);
    } else if (piece.part >= 0) {
      own.push(piece.part);
      const { l, w } = shapes[piece.part]!;
      const [along, across] = piece.turned ? [w, l] : [l, w];
      if (Math.abs(along - piece.l) > 1e-6 || Math.abs(across - piece.w) > 1e-6) told.push('a size');
    }
  };
  for (const { root, parts, used } of filled) {
    const own: number[] = [];
    check(root, own);
    seen.push(...own);
    if ([...own].sort().join() !== [...parts].sort().join()) told.push('its parts');
    const area = own.reduce((sum, part) => sum + shapes[part]!.area, 0);
    if (Math.abs(area - used) > 1e-3) told.push('its use');
  }
  const all = [...seen, ...left].sort((a, b) => a - b);
  if (all.join() !== shapes.map((_, part) => part).join()) told.push('all parts');
  return told;
}

const firstFit = (shapes: readonly Shape[], parts: readonly number[]): Laying => {
  const order = [...parts].sort((a, b) => shapes[b]!.area - shapes[a]!.area);
  return layParts(
    order,
    shapes,
    Array.from({ length: parts.length }, () => room),
    rule,
  );
};

describe('sheets looked for whole', () => {
  it.each([2, 3, 4, 5, 6, 7])(
    'come to the fewest there are where sheets were sawn up with next to nothing left, and are sound: %s',
    (seed) => {
      const random = randomFrom(seed);
      const patterns = [4, 5, 7].map((pieces) => sawnUp(random, pieces));
      const shapes = patterns.flatMap((one, at) => Array.from({ length: 3 + at }, () => one).flat());
      let known = firstFit(
        shapes,
        shapes.map((_, part) => part),
      );
      const before = known.filled.length;
      const search = bySheetfuls({
        ...{ shapes, sizes: [{ room, area: 1 }], random, known: () => known },
        *finish(parts) {
          yield firstFit(shapes, parts);
        },
      });
      for (let turn = 0; turn < 12_000; turn++) {
        const { value, done } = search.next();
        if (done || known.filled.length === 12) break;
        if (!value) continue;
        expect(faults(value, shapes)).toEqual([]);
        if (value.left.length === 0 && value.filled.length < known.filled.length) known = value;
      }
      expect(before).toBeGreaterThan(12);
      expect(known.filled.length).toBe(12);
    },
  );

  it('end where even shares of sheets take as many as are known', () => {
    const shapes: Shape[] = Array.from({ length: 50 }, () => ({
      l: 1_392,
      w: 1_027,
      area: 1_392 * 1_027,
      turns: false,
    }));
    const known = firstFit(
      shapes,
      shapes.map((_, part) => part),
    );
    expect(known.filled.length).toBe(13);
    const search = bySheetfuls({
      ...{ shapes, sizes: [{ room, area: 1 }], random: randomFrom(1), known: () => known },
      finish: function* () {},
    });
    let turns = 0;
    while (!search.next().done) turns++;
    expect(turns).toBeLessThan(2_000);
  });
});
