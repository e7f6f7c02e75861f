import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { replaceItems } from '../commands/replace-items';
import { editItems } from '../commands/edit-items';
import { after } from '../demo/build-room';
import { smallElevation, smallRowElevation } from '../drawing/small-elevation';
import { checkReach } from '../reach/check-reach';
import { must } from '../result';
import { boxOf } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { refusalText } from '../wording/refusal-text';
import { sayFinding } from '../wording/rule-texts';
import { describeProposals } from './describe';
import { criteria } from './fill-problem';
import { propose } from './propose';
import { usualEnds, type ProposalRequest } from './request';

const request: ProposalRequest = {
  ...{ faces: ['face-a'], band: 'base', range: 'fathom', family: 'F*', replaced: [], centre: null },
  ...{ order: criteria, most: 3, ends: usualEnds('mm'), loose: [] },
};
const ids = () => {
  let count = 0;
  return () => `n${(count += 1)}`;
};

describe('what proposals bring', () => {
  it('is how their faces would look, and what would be found that is not found now', () => {
    // 900 are left between the runs: an aisle that is too narrow, once both stand there. A door opens into what is set.
    const builder = rectangle(3000, 2000);
    builder.set('F900', 'face-c', 1000);
    builder.set('U600/720', 'face-a', 0);
    const known = checkReach(builder.design).findings;
    const described = must(describeProposals(builder.design, request, ids()));
    const plain = must(propose(builder.design, request, ids()));
    expect(described).toHaveLength(3);
    described.forEach(({ elevation, findings, breaks, ...proposal }, index) => {
      const grave = { blocked: 3, tight: 1, unjudged: 0, clear: 0 };
      expect(breaks).toBe(findings.reduce((sum, { verdict }) => sum + grave[verdict], 0));
      expect(proposal).toEqual(plain[index]);
      const then = after(builder.design, replaceItems, proposal);
      expect(elevation).toEqual(
        smallElevation(then, ['face-a'], new Set(proposal.items.map(({ id }) => id))),
      );
      expect(elevation).not.toEqual(smallElevation(then, ['face-a'], new Set()));
      const texts = new Set(known.map((one) => sayFinding(builder.design, one)));
      const fresh = checkReach(then)
        .findings.filter(({ verdict }) => verdict !== 'clear')
        .map((one) => ({ verdict: one.verdict, text: sayFinding(then, one) }))
        .filter(({ text }) => !texts.has(text));
      expect(findings).toEqual(fresh);
      expect(
        findings.some(({ verdict, text }) => verdict === 'tight' && text.startsWith('Aisle between')),
      ).toBe(true);
    });
  });

  it('counts as asked: before all else, the ones that bring the least come first, of more than are shown', () => {
    // Doors of wide cabinets meet those across; of narrow ones fewer.
    const builder = rectangle(3000, 1950);
    builder.set('F450', 'face-c', 300);
    builder.set('F600', 'face-c', 1500);
    const asked = (soundAt?: number) =>
      must(
        describeProposals(builder.design, { ...request, ...(soundAt !== undefined && { soundAt }) }, ids()),
      );
    const least = asked(0).map(({ breaks }) => breaks);
    const usual = asked().map(({ breaks }) => breaks);
    expect(least).toEqual([...least].sort((a, b) => a - b));
    expect(least[0]!).toBeLessThan(Math.min(...usual));
    expect(usual).not.toEqual([...usual].sort((a, b) => a - b));
    expect(asked(0)).toHaveLength(3);
    // After all else it only decides between equals.
    const worth = (list: ReturnType<typeof asked>) =>
      list.map(({ values }) => criteria.map((one) => values[one]));
    expect(worth(asked(criteria.length))).toEqual(worth(asked()));
  });

  it('is not what was found before, and nothing where all is clear', () => {
    const builder = rectangle(3000, 4000);
    // A cabinet that goes through another one: found now, and then.
    builder.set('F900', 'face-c', 1000);
    builder.set('F900', 'face-c', 1400);
    const [one] = must(describeProposals(builder.design, request, ids()));
    expect(checkReach(builder.design).findings[0]!.verdict).toBe('blocked');
    expect(one!.findings).toEqual([]);
  });

  it('of an island is how its first row would look', () => {
    const builder = rectangle(6000, 5000);
    const island = builder.place('COUNTER', { on: 'floor', x: 2000, y: -2000, turn: 0 });
    builder.run(editItems, { ids: [island], change: { width: 2136, depth: 700 } });
    const [one] = must(describeProposals(builder.design, { ...request, faces: [], island }, ids()));
    const then = after(builder.design, replaceItems, one!);
    expect(one!.elevation).toEqual(smallRowElevation(then, boxOf(one!.items[0]!, roomShape(then))));
    expect(one!.elevation.length).toBeGreaterThan(4);
  });

  it('is refused as proposing is', () => {
    const refused = describeProposals(rectangle().design, { ...request, family: 'NO*' }, ids());
    expect(refused.ok ? '' : refusalText(refused.refusal)).toContain('NO*');
  });
});
