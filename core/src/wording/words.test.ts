import { describe, expect, it } from 'vitest';
import { fixedTypes, serviceTypes } from '../document/fixture-types';
import { named, noun, type NounKey } from '../nouns';
import { itemKinds } from '../ranges/kinds';
import { checkLevels } from '../reach/pack';
import { measures } from '../reach/measures';
import { rulePacks } from '../reach/packs';
import { refuse } from '../result';
import { kindGroups } from '../ranges/item-kind';
import { commandLabel } from './command-labels';
import { groupNames, kindName, kindNames } from './kind-names';
import { nouns } from './nouns';
import { reasons } from './reasons';
import { refusalText } from './refusal-text';
import { checkNames } from './check-names';
import { ruleNames } from './rule-names';
import { ruleName } from './rule-texts';
import { capital, say, sayFirst, sayReason, saidFaults, uncapital } from './words';

describe('words', () => {
  it('say a thing within a sentence and where one begins; names stay as they are', () => {
    expect([say('width'), sayFirst('width')]).toEqual(['the width', 'The width']);
    expect([say(noun('face', 'A')), sayFirst(noun('face', 'A'))]).toEqual(['face A', 'Face A']);
    expect([say(named('b600')), sayFirst(named('b600'))]).toEqual(['b600', 'b600']);
    expect(sayFirst(noun('door-casing', 'd{name}'))).toBe('The casing of door d{name}');
    expect([capital('tall'), uncapital('Tall'), capital('')]).toEqual(['Tall', 'tall', '']);
  });

  it('say a reason with its data, and leave a place that nothing is known for', () => {
    expect(sayReason('no-rows')).toBe('has no rows: give one family a row');
    expect(sayReason({ because: 'typed-too-long', most: 80 })).toBe('it is longer than 80 characters');
    expect(sayReason({ because: 'comma-unclear', text: '1,2', whole: '12', parted: '1.2' })).toBe(
      'the comma in “1,2” could mark thousands or decimals: write 12 or 1.2',
    );
    // What is filled in is not filled again.
    expect(sayReason({ because: 'not-understood', rest: '{most}', most: 3 })).toBe(
      '“{most}” is not understood',
    );
    expect(sayReason({ because: 'typed-too-long' })).toBe('it is longer than {most} characters');
    const fault = { path: 'a', value: '1', reason: 'no-object' } as const;
    expect(saidFaults([fault])).toEqual([{ path: 'a', value: '1', reason: 'must be an object' }]);
    const refused = refuse('design-faulty', { faults: [fault] }).refusal;
    expect(refusalText(refused)).toBe('The design has faults: a (1) must be an object.');
  });

  it('are there for every kind, group, rule and thing, each once, and for nothing else', () => {
    expect(Object.keys(kindNames).sort()).toEqual(itemKinds.map(({ id }) => id).sort());
    expect(new Set(Object.values(kindNames)).size).toBe(itemKinds.length);
    expect(kindName('of-nobody')).toBe('of-nobody');
    expect(Object.keys(groupNames)).toEqual(kindGroups);
    const rules = Object.values(rulePacks).flatMap((pack) => pack.rules);
    expect(Object.keys(ruleNames).sort()).toEqual([...new Set(rules.map(({ id }) => id))].sort());
    expect(new Set(rules.map(({ measure }) => measure))).toEqual(new Set(Object.keys(measures)));
    expect([ruleName('K06'), ruleName('of-nobody')]).toEqual(['Work aisle', 'of-nobody']);
    const checks = rules.flatMap((rule) => rule.checks);
    expect(new Set(checks.map(({ id }) => id))).toEqual(new Set(Object.keys(checkNames)));
    expect(checkLevels).toEqual(expect.arrayContaining([...new Set(checks.map(({ level }) => level))]));
    for (const type of [...fixedTypes, ...serviceTypes]) expect(say(type)).toMatch(/^the [a-z ]+$/);
  });

  it('hold no place but those that are filled, and begin within a sentence', () => {
    for (const text of Object.values(nouns)) {
      expect(text.replace('{name}', '')).not.toMatch(/[{}]/);
      expect(text).toMatch(/^[{a-z]/);
    }
    for (const text of Object.values(reasons)) expect(text).not.toMatch(/^[A-Z]|\.$/);
    expect(Object.keys(nouns).filter((key) => say(key as NounKey).startsWith('{'))).toEqual(['name']);
  });

  it('of an edit are none where its command or what it was asked is not known', () => {
    expect(commandLabel('edit-items', { ids: ['a', 'b'] })).toBe('Change 2 items');
    expect(commandLabel('edit-items', null)).toBe('');
    expect(commandLabel('toString', {})).toBe('');
    expect(commandLabel('bend-face', { bend: { radius: 500 } })).toBe('Bend a face');
    expect(commandLabel('bend-face', { bend: { depth: 0 } })).toBe('Straighten a face');
  });
});
