import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setInto } from '../commands/set-into';
import { setTopEdge } from '../commands/set-top-edge';
import { isThin, netArea, topCutOuts } from './top-cut-outs';
import { tops } from './tops';

function cuts(builder: ReturnType<typeof rectangle>) {
  const [top] = tops(builder.design);
  return topCutOuts(builder.design).get(top!)!;
}

describe('cut-outs of a top', () => {
  it('are the bowl and the tap of a sink base, with what is left before and behind them', () => {
    const builder = rectangle();
    builder.set('F800-S', 'face-a', 400);
    const [bowl, tap] = cuts(builder);
    // 560 deep: 123.2 behind the bowl, 60 and the overhang of 40 before it, 80 and 20 at its ends.
    expect(bowl).toMatchObject({ item: 'item-1', use: 'bowl', nearest: expect.closeTo(100, 6) as number });
    expect(tap).toMatchObject({ use: 'tap', nearest: expect.closeTo(560 * 0.22 * 0.45 - 17.5, 6) as number });
    expect([bowl!, tap!].map(isThin)).toEqual([false, false]);
    const [top] = tops(builder.design);
    const bowlArea = 640 * (560 - 123.2 - 60) - (4 - Math.PI) * 25 * 25;
    expect(top!.area - netArea(builder.design, top!)).toBeCloseTo(bowlArea + Math.PI * 17.5 ** 2, 4);
  });

  it('are those of what is let in, in place of what its cabinet would bring', () => {
    const builder = rectangle();
    const host = builder.set('F800-S', 'face-a', 400);
    builder.run(setInto, { host, range: 'generic-mm', code: 'HOB580', ids: ['hob'] });
    expect(cuts(builder).map(({ item, use }) => [item, use])).toEqual([['hob', 'hob']]);
    expect(cuts(builder)[0]!.cut.area).toBeCloseTo(550 * 490 - (4 - Math.PI) * 100, 6);
  });

  it('are too near the edge under 60, and run over it where the top stops short', () => {
    const builder = rectangle();
    const base = builder.set('F800-S', 'face-a', 400);
    const rail = (front: number) => {
      builder.run(setTopEdge, { ids: [base], side: 'front', overhang: front });
      const [bowl] = cuts(builder);
      return [Math.round(bowl!.nearest! * 1e6) / 1e6, isThin(bowl!)];
    };
    expect(rail(0)).toEqual([60, false]);
    builder.run(setTopEdge, { ids: [base], side: 'left', overhang: 0 });
    expect(rail(0)).toEqual([60, false]);
    const hob = rectangle();
    const host = hob.set('F600', 'face-a', 400);
    hob.run(setInto, { host, range: 'generic-mm', code: 'HOB580', ids: ['hob'] });
    // 20 behind it, and 15 more under its rim, to the wall.
    expect([cuts(hob)[0]!.nearest! < 60, isThin(cuts(hob)[0]!)]).toEqual([true, true]);
  });
});
