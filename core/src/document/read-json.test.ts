import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { readJson } from './read-json';

const reason = (text: string) => {
  const read = readJson(text);
  return read.ok ? '' : refusalText(read.refusal);
};

describe('JSON from outside', () => {
  it('is read as it is written, with a byte order mark or without', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), fc.boolean(), (value, marked) => {
        const text = JSON.stringify(value, null, marked ? 2 : 0);
        fc.pre(!/"(__proto__|constructor|prototype)"|\\u(0000|d[89a-f])/.test(text));
        expect(must(readJson((marked ? '\ufeff' : '') + text))).toEqual(JSON.parse(text));
      }),
    );
  });

  it.each([
    ['a key twice', '{"a": 1, "b": {}, "a": 2}', 'the key “a” stands twice'],
    ['a key twice, written differently', '{"a": 1, "\\u0061": 2}', 'the key “a” stands twice'],
    ['deep within', '[{"x": [{"k": 1, "k": 1}]}]', 'the key “k” stands twice'],
    ['a name of the language', '{"records": {"__proto__": {}}}', '“__proto__” can’t be a key'],
    ['too deep', '['.repeat(61) + ']'.repeat(61), 'more than 60 deep'],
    ['NUL', '{"a": "x\\u0000"}', 'a letter that can’t be stored'],
    ['NUL in a key', '{"\\u0000": 1}', 'a letter that can’t be stored'],
    ['half a pair, the first', '["\\ud83d"]', 'a letter that can’t be stored'],
    ['half a pair, the last', '["x\\uDE00"]', 'a letter that can’t be stored'],
    ['two firsts', '["\\ud83d\\ud83d\\ude00"]', 'a letter that can’t be stored'],
    ['half a pair as it is', '["a\ud83d"]', 'a letter that can’t be stored'],
    ['no JSON', '{"a": }', 'not readable as JSON'],
  ])('is refused: %s', (_, text, why) => expect(reason(text)).toContain(why));

  it.each([
    ['one key in several objects', '[{"a": 1}, {"a": 1}, {"b": {"a": 1}}]'],
    ['a key that is a value too', '{"a": "a", "b": ["a", "a"]}'],
    ['braces and commas in texts', '{"a": "{\\"a\\": 1,", "b": 1}'],
    ['a pair, escaped or as it is', '["\\ud83d\\ude00 😀 \\\\u0000"]'],
    ['sixty deep', '['.repeat(60) + ']'.repeat(60)],
  ])('is fine: %s', (_, text) => expect(reason(text)).toBe(''));
});
