import { describe, expect, it } from 'vitest';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { findingGroupTitle, shortCheck } from '../wording/rule-texts';
import { checkReach } from './check-reach';
import { decidingCheck, groupFindings } from './finding-groups';
import { findingsKnown, newOrWorse } from './finding-news';
import type { Finding } from './finding';

const design = orchardKitchen();
const { findings } = checkReach(design);
const titles = (order: 'level' | 'place' | 'rule') =>
  groupFindings(design, findings, order).map(({ of }) => findingGroupTitle(of));

describe('findings put together', () => {
  it('by place: the whole room, then the faces as one walks from the door, then what stands free', () => {
    const found = titles('place');
    expect(found[0]).toBe('The whole room');
    expect(found.at(-1)).toBe('Standing free');
    expect(found.slice(1, -1).every((title) => /^Face [A-Z]$/.test(title))).toBe(true);
    expect(new Set(found).size).toBe(found.length);
  });

  it('by how binding what decides is, the gravest first', () => {
    const order = ['Things that collide', 'Code', 'Guidelines', 'Comfort', 'Not known well enough'];
    const found = titles('level');
    expect(found).toEqual(order.filter((title) => found.includes(title)));
    for (const { of, findings: own } of groupFindings(design, findings, 'level'))
      for (const one of own)
        if (of.by === 'level' && of.level !== 'unjudged') expect(decidingCheck(one)!.level).toBe(of.level);
  });

  it('by rule, and lose none', () => {
    for (const order of ['place', 'level', 'rule'] as const) {
      const all = groupFindings(design, findings, order).flatMap((group) => group.findings);
      expect(new Set(all.map(({ key }) => key))).toEqual(new Set(findings.map(({ key }) => key)));
      expect(all).toHaveLength(findings.length);
    }
    expect(titles('rule')).toContain('K06 Work aisle');
  });
});

describe('the check that decides', () => {
  const check = (level: 'code' | 'guideline', held: boolean | null, measured = 1) =>
    ({ id: 'aisle', level, measured, required: 900, limit: 'least', held }) as const;

  it('is the gravest that is not kept, whatever stands before it', () => {
    const checks = [check('guideline', false, 1), check('code', true, 2), check('code', false, 3)];
    expect(decidingCheck({ checks })).toBe(checks[2]);
    expect(decidingCheck({ checks: checks.slice(0, 2) })).toBe(checks[0]);
    expect(decidingCheck({ checks: [check('code', true)] })).toMatchObject({ held: true });
  });

  it('is told short, in the unit of its value', () => {
    expect(shortCheck(design, check('code', false, 880))).toMatchObject({
      measured: expect.stringMatching(/\d/),
    });
    expect(
      shortCheck(design, { ...check('code', null), id: 'waste-receptacles', measured: null, required: 2 }),
    ).toEqual({ measured: null, required: '2', isLength: false });
  });
});

describe('news among findings', () => {
  const [tight, clear] = ['tight', 'clear'].map((verdict) =>
    findings.find((one) => one.verdict === verdict)!,
  );
  const worse = (one: Finding, by: number): Finding => ({
    ...one,
    checks: one.checks.map((check) =>
      check.held === false
        ? { ...check, measured: check.measured! + (check.limit === 'least' ? -by : by) }
        : check,
    ),
  });

  it('are those that are new, or worse by more than limits are held to', () => {
    const known = findingsKnown([tight!, clear!]);
    expect(newOrWorse([tight!, clear!], known)).toEqual([]);
    expect(newOrWorse([worse(tight!, 0.02)], known)).toEqual([]);
    expect(newOrWorse([worse(tight!, 0.03)], known)).toHaveLength(1);
    expect(newOrWorse([tight!], findingsKnown([]))).toEqual([tight]);
    expect(newOrWorse([{ ...clear!, verdict: 'tight' }], known)).toHaveLength(1);
    expect(newOrWorse([{ ...clear!, verdict: 'unjudged' }], known)).toEqual([]);
  });
});
