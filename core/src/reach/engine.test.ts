import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { room } from '../../testing/full-room';
import { anEdit, askFor } from '../../testing/random-edits';
import { rulePackIds } from '../document/limits';
import { applyPatch } from '../document/patch';
import { must } from '../result';
import { checkBy } from './check-reach';
import { findingOf } from './judge';
import { rule, type Check } from './pack';
import { rulePacks } from './packs';
import type { Reading } from './reading';

it('what is known after 1,000 random edits is what is measured afresh', () => {
  fc.assert(
    fc.property(fc.array(anEdit, { minLength: 50, maxLength: 50 }), (edits) => {
      let design = room();
      edits.forEach((edit, index) => {
        const asked = askFor(design, edit, index);
        if (asked.ok) design = must(applyPatch(design, asked.value));
        const known = checkBy(design, rulePackIds, true);
        expect(known.failed).toEqual([]);
        // The same records as other objects: nothing of them is known.
        if (index % 4 === 3) expect(known).toEqual(checkBy(structuredClone(design), rulePackIds, true));
      });
    }),
    // A fault is told at once with its seed: made smaller it takes minutes.
    { numRuns: Number(process.env['REACH_RUNS'] ?? 20), endOnFailure: true },
  );
});

describe('every limit', () => {
  const all = Object.values(rulePacks).flatMap(({ rules }) => rules);
  const limited = all.flatMap((one) =>
    one.checks.flatMap((check) =>
      typeof (check.least ?? check.most) === 'number' ? [[one.id, check.id, one, check] as const] : [],
    ),
  );
  /** Traits under which a check is made. */
  const traitsFor = ({ when = [] }: Check): Reading['traits'] =>
    Object.fromEntries(
      when.map((one) => {
        if ('is' in one) return [one.trait, one.is];
        return [one.trait, one.from ?? (one.below ?? 1) - 1];
      }),
    );

  it.each(limited)(
    '%s, %s is data: kept at it and missed past it, and otherwise where it is another',
    (_, __, own, check) => {
      const limit = (check.least ?? check.most) as number;
      const past = check.least === undefined ? 0.1 : -0.1;
      const verdict = (one: Check, measured: number) => {
        const reading: Reading = {
          ...{ key: 'k', ids: [], place: [], about: [] },
          values: { [one.value]: measured },
          traits: traitsFor(one) ?? {},
        };
        const { either: _either, ...alone } = one;
        return findingOf(rule(own.id, own.measure, [alone], own.inputs), reading, {}, [])?.verdict;
      };
      const missed = { code: 'blocked', collision: 'blocked', guideline: 'tight', comfort: 'clear' }[
        check.level
      ];
      expect([verdict(check, limit), verdict(check, limit + past)]).toEqual(['clear', missed]);
      const moved = { ...check, ...(check.least === undefined ? { most: limit + 1 } : { least: limit - 1 }) };
      expect(verdict(moved, limit + past)).toBe('clear');
    },
  );

  it('has a rule for every id once in its pack', () => {
    for (const { rules } of Object.values(rulePacks)) {
      const ids = rules.map(({ id }) => id);
      expect(ids).toEqual([...new Set(ids)]);
    }
  });
});

describe('a rule', () => {
  const reading = (values: Reading['values'], traits: Reading['traits'] = {}): Reading => ({
    ...{ key: 'k', ids: ['a'], place: [], about: [], values, traits },
    lacking: ['gas'],
  });
  const judge = (checks: readonly Check[], values: Reading['values'], traits?: Reading['traits']) =>
    findingOf(rule('K01', 'door-opening', checks), reading(values, traits), {}, []);
  const depth = (more: Partial<Check>): Check => ({
    id: 'depth',
    value: 'depth',
    level: 'guideline',
    ...more,
  });

  it('is as grave as the gravest check that is not kept', () => {
    const checks = [
      depth({ least: 10 }),
      depth({ least: 5, level: 'code' }),
      depth({ least: 20, level: 'comfort' }),
    ];
    expect([4, 7, 12, 25].map((mm) => judge(checks, { depth: mm })?.verdict)).toEqual([
      ...['blocked', 'tight', 'clear', 'clear'],
    ]);
    expect(judge(checks, { depth: 4 })).toMatchObject({ measured: 4, required: 5 });
  });

  it('is never clear where a fact is missing, but where what is known keeps it all the same', () => {
    const one = depth({ least: 10 });
    expect(judge([one], { depth: null })).toMatchObject({ verdict: 'unjudged', lacking: ['gas'] });
    const both = [
      depth({ least: 10, when: [{ trait: 'gas', is: false }] }),
      depth({ least: 20, when: [{ trait: 'gas', is: true }] }),
    ];
    expect([5, 15, 25].map((mm) => judge(both, { depth: mm }, { gas: null })?.verdict)).toEqual([
      ...['unjudged', 'unjudged', 'clear'],
    ]);
    // What is known to be broken is not hidden by what is not known.
    expect(judge([one, { ...one, id: 'gap', value: 'gap' }], { depth: 5, gap: null })?.verdict).toBe('tight');
  });

  it('says nothing where none of its checks applies', () => {
    expect(judge([depth({ least: 10 })], { gap: 3 })).toBeNull();
    expect(
      judge([depth({ least: 10, when: [{ trait: 'gas', is: true }] })], { depth: 3 }, { gas: false }),
    ).toBeNull();
    expect(judge([depth({})], { depth: 3 })).toBeNull();
  });

  it('asks for one of several only', () => {
    const either = [
      depth({ least: 10, either: 'e' }),
      { ...depth({ least: 1, either: 'e' }), id: 'gap', value: 'gap' } as Check,
    ];
    const of = (depths: number | null, gap: number) => judge(either, { depth: depths, gap })?.verdict;
    expect([of(12, 0), of(5, 1), of(5, 0), of(null, 0), of(null, 1)]).toEqual([
      ...['clear', 'clear', 'tight', 'unjudged', 'clear'],
    ]);
  });
});
