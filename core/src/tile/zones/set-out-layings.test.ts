import { describe, expect, it } from 'vitest';
import type { SetOutAim } from '../../document/limits';
import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { must } from '../../result';
import { bestSetOuts, isSameLaying, layingOf, searchSetOuts, usualAims, type ZoneLaying } from './set-outs';
import { layZone } from './zone-laying';

const zone: ZoneRecord = {
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 600, h: 300 }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
};
const box = (w: number, h: number): Point[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
];
const best = (rings: Point[][], layings: ZoneLaying[], aims: SetOutAim[]) =>
  bestSetOuts({ zone, rings, sight: [], aims, layings }).answers;
const own = layingOf(zone);
const turned = { ...own, angle: Math.PI / 2 };

describe('a search', () => {
  it('tries fewer starts of a zone with very many pieces, down to nine and those about the best', () => {
    const stepsOf = (side: number) => {
      const mosaic: ZoneRecord = {
        ...{ ...zone, pattern: { type: 'hexagon' }, tile: { w: 60, h: 60 } },
        sheet: { w: side, h: side },
      };
      const search = searchSetOuts({ zone: mosaic, rings: [box(300, 300)], sight: [], aims: usualAims });
      let steps = 0;
      for (let step = search.next(); !step.done; step = search.next()) steps += 1;
      return steps;
    };
    expect(stepsOf(300)).toBe(100 + 3);
    // 90,000 sheets: 5 million pieces are 55 tries.
    expect(stepsOf(1)).toBe(25 + 1);
  });
});

describe('the ways a zone may be laid', () => {
  it('are turned by a quarter where that cuts less', () => {
    const narrow = [box(906, 1806)];
    const [along, across] = [own, turned].map((laying) => best(narrow, [laying], ['cut'])[0]!);
    // Lying along, 906 takes a whole one and half a one; turned, three abreast.
    expect(along!.score.cut).toBeGreaterThan(0);
    expect(across!.score.cut).toBe(0);
    expect(best(narrow, [own, turned], ['cut'])[0]!.laying).toEqual(turned);
  });

  it('are of another tile where that is wider at its narrowest', () => {
    const square = { ...own, finish: 'Other', tile: { w: 450, h: 450 } };
    const rings = [box(2800, 2100)];
    const answers = best(rings, [own, turned, square], ['narrowest', 'cut']);
    const single = [own, turned, square].map((laying) => best(rings, [laying], ['narrowest', 'cut'])[0]!);
    const widest = Math.max(...single.map(({ score }) => score.narrowest));
    expect(answers[0]!.score.narrowest).toBeCloseTo(widest, 6);
    expect(new Set(answers.map(({ laying }) => `${laying.tile.w} ${laying.angle}`)).size).toBeGreaterThan(1);
    // What is told is what is laid.
    for (const { origin, laying, score } of answers) {
      const laid = must(layZone({ ...zone, ...laying, origin }, rings));
      expect([score.cut, score.pieces]).toEqual([laid.count.cut, laid.count.whole + laid.count.cut]);
    }
  });

  it('are judged in the order that is wanted', () => {
    const rings = [box(2950, 2330)];
    for (const aims of [
      ['pieces', 'narrowest'],
      ['balance', 'cut'],
      ['narrowest', 'pieces'],
      ['cut', 'balance'],
    ] as SetOutAim[][]) {
      const answers = best(rings, [own, turned], aims);
      const scores = answers.map(({ score }) =>
        aims[0] === 'narrowest' ? -score.narrowest : score[aims[0]!],
      );
      expect(scores).toEqual(scores.toSorted((a, b) => a - b));
      // None of a scan is better in what comes first.
      let least = Infinity;
      for (const laying of [own, turned])
        for (let x = 0; x < 603; x += 37)
          for (let y = 0; y < 603; y += 41) {
            const laid = must(layZone({ ...zone, ...laying, origin: { x, y } }, rings));
            if (aims[0] === 'narrowest') least = Math.min(least, -(laid.narrowest ?? 300));
            if (aims[0] === 'cut') least = Math.min(least, laid.count.cut);
            if (aims[0] === 'pieces') least = Math.min(least, laid.count.whole + laid.count.cut);
          }
      expect(scores[0]!).toBeLessThanOrEqual(least + 0.05);
    }
  });

  it('are the same by tile, joint, turn and finish', () => {
    expect(isSameLaying(own, layingOf({ ...zone, origin: { x: 4, y: 4 } }))).toBe(true);
    for (const change of [
      { joint: 2 },
      { angle: 1 },
      { finish: 'X' },
      { tile: { w: 600, h: 301 } },
      { tile: { w: 601, h: 300 } },
    ])
      expect(isSameLaying(own, { ...own, ...change })).toBe(false);
  });
});
