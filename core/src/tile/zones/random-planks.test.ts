import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import type { ZoneRecord } from '../../document/records';
import { boundsOf } from '../../geometry/polygon';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { bestSetOuts } from './set-outs';
import { usualZone } from './usual-zone';
import { layZone } from './zone-laying';

const room = [
  { x: 0, y: 0 },
  { x: 6000, y: 0 },
  { x: 6000, y: 4000 },
  { x: 0, y: 4000 },
];
const planks = (seed: number, least: number): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'plank', random: { seed, least } }, tile: { w: 1197, h: 197 }, joint: 3 },
  ...{ origin: { x: 0, y: 0 }, angle: 0 },
});

/** The end joints of each row, from the lowest up, as places within a plank and its joint. */
function ends(zone: ZoneRecord): number[] {
  const rows = new Map<number, number>();
  for (const piece of must(layZone(zone, [room])).laid.pieces) {
    const { left, bottom } = boundsOf(piece.uncut());
    rows.set(Math.round(bottom / 200), ((left % 1200) + 1200) % 1200);
  }
  return [...rows].sort(([a], [b]) => a - b).map(([, at]) => at);
}

describe('planks of a zone by chance', () => {
  it('have end joints no nearer than was said to those of the next rows, and begin elsewhere in all', () => {
    for (let seed = 0; seed < 20; seed++) {
      const starts = ends(planks(seed, 250));
      expect(starts).toHaveLength(20);
      for (const [row, at] of starts.slice(1).entries()) {
        const apart = Math.abs(at - starts[row]!);
        expect(Math.min(apart, 1200 - apart)).toBeGreaterThanOrEqual(250 - 1e-6);
      }
      expect(new Set(starts.map(Math.round)).size).toBeGreaterThan(15);
    }
  });

  it('are the same by the same chance, and others by another', () => {
    expect(ends(planks(3, 200))).toEqual(ends(planks(3, 200)));
    expect(ends(planks(3, 200))).not.toEqual(ends(planks(4, 200)));
  });

  it('are refused where that far apart there is no place', () => {
    const plan = rectangle(4000, 3000);
    const zone = usualZone(plan.design, { id: 'floor', face: null });
    const put = (least: number) => {
      const { pattern, tile, joint } = planks(1, least);
      return putZone.run(plan.design, { ...zone, pattern, tile, joint });
    };
    expect(put(300).ok).toBe(true);
    const refused = put(300.1);
    expect(refused.ok ? '' : refusalText(refused.refusal)).toContain('leave no place');
  });

  it('are set out at their best like any rows', () => {
    const zone = planks(5, 200);
    const aims = ['slivers', 'narrowest'] as const;
    const { answers } = bestSetOuts({ zone, rings: [room], sight: [], aims });
    const narrowest = (origin: ZoneRecord['origin']) => must(layZone({ ...zone, origin }, [room])).narrowest!;
    expect(answers.length).toBeGreaterThan(0);
    expect(answers[0]!.score.narrowest).toBeCloseTo(narrowest(answers[0]!.origin), 6);
    // No start of a coarse scan is better.
    for (let x = 0; x < 1200; x += 40)
      expect(narrowest({ x, y: answers[0]!.origin.y })).toBeLessThanOrEqual(
        answers[0]!.score.narrowest + 0.01,
      );
  });
});
