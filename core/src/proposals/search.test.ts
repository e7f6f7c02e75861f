import { describe, expect, it } from 'vitest';
import { exhaustiveFill } from '../../testing/exhaustive-fill';
import { criteria, type Criterion, type FillProblem, type Piece } from './fill-problem';
import { valuesOf } from './fill-values';
import { Budget } from './budget';
import { bestFillings } from './search';

const decided = { filler: 0, widths: [], price: 0 };

/** Random numbers that are the same every time. */
function random(seed: number) {
  let state = seed;
  const next = () => (state = (state * 1_103_515_245 + 12_345) % 2_147_483_648) / 2_147_483_648;
  const whole = (from: number, to: number) => from + Math.floor(next() * (to - from + 1));
  const shuffled = <T>(list: readonly T[]) =>
    list
      .map((one) => [next(), one] as const)
      .sort((a, b) => a[0] - b[0])
      .map(([, one]) => one);
  return { next, whole, shuffled };
}

const metric = [300, 400, 450, 500, 600, 800, 900, 1000, 1200];
const inch = [12, 15, 18, 21, 24, 27, 30, 33, 36].map((width) => width * 25.4);

/** A face of up to 3.6 m with up to three things that stay, a centre line and a band above. */
function randomFace(seed: number): FillProblem {
  const { next, whole, shuffled } = random(seed);
  const widths = shuffled(seed % 2 ? metric : inch).slice(0, whole(3, 6));
  const pieces: Piece[] = widths.map((width) => ({ code: `C${width}`, width, price: whole(80, 400) }));
  const length = whole(900, 3600) + whole(0, 9) / 10;
  const stay = shuffled([...Array(Math.floor(length / 900)).keys()])
    .slice(0, whole(0, 3))
    .sort((a, b) => a - b)
    .map((place) => place * 900 + whole(0, 250));
  const joints = stay.flatMap((place) => [place, place + 600]).filter((joint) => joint <= length);
  const edges = [0, ...joints, ...(joints.length % 2 ? [] : [length])];
  const any = { least: 0, most: Infinity, optional: false };
  const end = () =>
    [
      any,
      any,
      { least: 50, most: Infinity, optional: false },
      { least: 30, most: whole(30, 90), optional: next() < 0.5 },
      { least: 0, most: 0, optional: false },
    ][whole(0, 4)]!;
  const segments = [];
  for (let i = 0; i + 1 < edges.length; i += 2) {
    if (edges[i + 1]! - edges[i]! < 1) continue;
    const ends = (['left', 'right', 'both'] as const).filter(() => next() < 0.6);
    segments.push({
      from: edges[i]!,
      to: edges[i + 1]!,
      left: i === 0 ? end() : any,
      right: i + 2 >= edges.length ? end() : any,
      slackAt: ends.length > 0 ? ends : (['right'] as const),
    });
  }
  const at = whole(300, Math.floor(length) - 300);
  const aligned = shuffled([...Array(12).keys()])
    .slice(0, whole(0, 4))
    .map((place) => place * 300 + whole(0, 3))
    .filter((place) => place < length)
    .sort((a, b) => a - b);
  return {
    pieces,
    segments,
    joints,
    centre: next() < 0.7 ? { at, from: 0, to: length } : null,
    aligned,
    loose: shuffled([450, 600, 598.5]).slice(0, [0, 0, 1, 2][whole(0, 3)]),
    filler: { least: 6, most: whole(150, 300), scribed: next() < 0.3 },
    decided,
  };
}

describe('the search of fillings', () => {
  it('finds what trying everything finds, on 200 random faces that can be filled, and orders of the criteria', () => {
    let filled = 0;
    for (let seed = 1; filled < 200; seed++) {
      const problem = randomFace(seed);
      const order: Criterion[] = random(seed * 7 + 3).shuffled(criteria);
      const all = exhaustiveFill(problem, order);
      const { fillings: best } = bestFillings([problem], order, 4, new Budget(Infinity, Infinity));
      expect(
        best.map(({ values }) => values),
        `face ${seed}, ${order.join(', ')}`,
      ).toEqual(all.slice(0, 4));
      for (const { segments, values } of best) expect(valuesOf(problem, segments)).toEqual(values);
      if (best.length > 0) filled += 1;
    }
  });
});
