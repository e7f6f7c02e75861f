import { describe, expect, it } from 'vitest';
import { execute } from '../commands/command';
import { setLimit } from '../commands/set-limit';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { recordsOf, type Design } from '../document/design';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { saidChecks } from '../wording/rule-texts';
import { checkReach } from './check-reach';
import { limitRecord, limitsOf, ownLimits } from './own-limits';
import { rulePacks } from './packs';

const aisle = { rule: 'K06', check: 'aisle', side: 'least', was: 1066.8 } as const;
const changed = (now: number | null, design: Design = orchardKitchen()) =>
  must(execute(setLimit, design, { id: 'own', at: aisle, now })).design;
const finding = (design: Design) =>
  checkReach(design).findings.find(({ key }) => key === 'K06 face-b item-20')!;

describe('a limit of a room’s own', () => {
  it('is what findings are held against, with what the source asks beside it', () => {
    const before = finding(orchardKitchen());
    const { measured } = before;
    const at = (now: number) => finding(changed(now));
    expect([at(measured).verdict, at(measured + 0.02).verdict, at(measured + 0.1).verdict]).toEqual([
      ...['clear', 'clear', 'tight'],
    ]);
    expect(at(950)).toMatchObject({ required: 950, checks: [{ required: 950, usual: 1066.8 }] });
    expect(before.checks[0]).not.toHaveProperty('usual');
    const [said] = saidChecks(orchardKitchen(), at(950));
    expect([said!.asked, said!.usual]).toEqual(['at least 3\'-1 3/8"', '3\'-6"']);
  });

  it('is of its rule alone, and not where the source asks for something else', () => {
    const design = changed(950);
    for (const key of ['K06 face-a item-20', 'K07 room'])
      expect(checkReach(design).findings.find((one) => one.key === key)!.checks[0]!.usual).toBe(
        key.startsWith('K06') ? 1066.8 : undefined,
      );
    const other = { ...aisle, was: 1000 };
    const record = { ...recordsOf(design, 'limit')[0]!, was: 1000 };
    const stale = { ...design, records: { ...design.records, own: record } };
    expect([limitRecord(stale, other)?.id, finding(stale).checks[0]!.required]).toEqual(['own', 1066.8]);
  });

  it('is changed again, taken back, and refused where there is no such limit', () => {
    const design = changed(950);
    const again = must(execute(setLimit, design, { id: 'other', at: aisle, now: 900, by: 'job' })).design;
    expect(recordsOf(again, 'limit')).toEqual([{ kind: 'limit', id: 'own', ...aisle, now: 900, by: 'job' }]);
    for (const now of [null, 1066.8]) expect(recordsOf(changed(now, design), 'limit')).toEqual([]);
    const said = (args: Parameters<typeof setLimit.run>[1]) => {
      const asked = setLimit.run(orchardKitchen(), args);
      return asked.ok ? 'done' : refusalText(asked.refusal);
    };
    expect(said({ id: 'own', at: { ...aisle, check: 'none' }, now: 1 })).toContain('no longer in this room');
    expect(said({ id: 'own', at: aisle, now: -1 })).toMatch(/^The limit can’t be -1/);
    expect(said({ id: 'own', at: aisle, now: Number.NaN })).toMatch(/^The limit can’t be NaN/);
  });

  it('is there for every number a pack asks for but that things do not collide', () => {
    for (const pack of Object.values(rulePacks))
      for (const { id, checks } of pack.rules) {
        const numbers = checks.filter(
          ({ level, least, most }) => level !== 'collision' && typeof (least ?? most) === 'number',
        );
        const places = limitsOf(id);
        for (const { id: check, least, most } of numbers)
          expect(places).toContainEqual({
            ...{ rule: id, check, side: least === undefined ? 'most' : 'least', was: least ?? most },
          });
      }
    expect(ownLimits(orchardKitchen()).size).toBe(0);
  });
});
