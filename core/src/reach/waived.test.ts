import { describe, expect, it } from 'vitest';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { moveItem } from '../commands/move-item';
import { waiveFinding } from '../commands/waive-finding';
import { execute } from '../commands/command';
import { recordOf, type Design } from '../document/design';
import { must } from '../result';
import { checkReach } from './check-reach';
import { countVerdicts, isWaived, type Finding } from './finding';
import { idleWaivers, isWorse, standingOf } from './waived';

const finding = (design: Design, key: string): Finding =>
  checkReach(design).findings.find((one) => one.key === key)!;
const accepted = (design: Design, { key, rule, also = [] }: Finding): Design =>
  must(
    execute(waiveFinding, design, {
      id: 'waived',
      findings: [rule, ...also].map((one) => one + key.slice(rule.length)),
      ...{ reason: 'Agreed with the owner', by: 'Iris Holm', on: '2026-05-14' },
    }),
  ).design;

describe('a finding that is accepted', () => {
  const before = orchardKitchen();
  const tight = checkReach(before).findings.find(
    ({ measure, verdict }) => measure === 'aisle' && verdict !== 'clear',
  )!;

  it('is not counted, and says why, by whom and when', () => {
    const design = accepted(before, tight);
    const found = finding(design, tight.key);
    expect(found.waiver).toMatchObject({
      reason: 'Agreed with the owner',
      by: 'Iris Holm',
      on: '2026-05-14',
    });
    expect(isWaived(found)).toBe(true);
    expect(countVerdicts(checkReach(design))[tight.verdict]).toBe(
      countVerdicts(checkReach(before))[tight.verdict] - 1,
    );
    expect(idleWaivers(design, checkReach(design).findings)).toEqual([]);
  });

  it('speaks again once it is worse by more than a limit is held to, and not before', () => {
    const design = accepted(before, tight);
    const island = tight.ids.find((id) => {
      const record = recordOf(design, 'item', id);
      return record?.placement.on === 'floor';
    })!;
    const { placement } = recordOf(design, 'item', island)!;
    const moved = (by: number) => {
      const x = (placement as { x: number }).x;
      const y = (placement as { y: number }).y;
      return [
        [by, 0],
        [-by, 0],
        [0, by],
        [0, -by],
      ].map(([dx, dy]) =>
        finding(
          must(
            execute(moveItem, design, {
              id: island,
              placement: { ...placement, x: x + dx!, y: y + dy! } as typeof placement,
            }),
          ).design,
          tight.key,
        ),
      );
    };
    const narrower = moved(1).filter((one) => one && one.measured < tight.measured - 0.5);
    expect(narrower).toHaveLength(1);
    expect(narrower.map(isWaived)).toEqual([false]);
    const hardly = moved(0.02).filter((one) => one && one.measured < tight.measured);
    expect(hardly.map(isWaived)).toEqual([true]);
  });

  it('waits where nothing is found any more', () => {
    const design = accepted(before, tight);
    expect(idleWaivers(design, []).map(({ finding: key }) => key)).toContain(tight.key);
  });

  it('is worse by its verdict, or by any check that is kept less', () => {
    const was = standingOf(tight);
    const [check, short] = [...was.short].find(([, by]) => by > 0)!;
    const as = (by: number) => ({ ...was, short: new Map([...was.short, [check, short + by]]) });
    expect([isWorse(as(0.03), was), isWorse(as(0.02), was), isWorse(as(-5), was)]).toEqual([
      true,
      false,
      false,
    ]);
    expect(isWorse({ ...was, verdict: 'blocked' }, { ...was, verdict: 'tight' })).toBe(true);
    expect(isWorse({ ...as(99), verdict: 'tight' }, { ...was, verdict: 'blocked' })).toBe(false);
  });
});
