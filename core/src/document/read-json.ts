import { saidBy, type Reason } from '../reasons';
import { ok, refuse, type Result } from '../result';

/** As deep as lists and objects may lie in one another: far deeper than anything that is written here. */
const MOST_DEPTH = 60;
/** Names that mean something else to the program than a record. */
export const reservedIds: readonly string[] = ['__proto__', 'constructor', 'prototype'];
export const isReserved = (id: string): boolean => reservedIds.includes(id);

/**
 * Reads JSON that came from outside, in time linear in its length. Refused beside what is no JSON: a key that stands twice in one object, of which
 * one value would be lost; keys that are names of the language; letters that can't be stored; and what lies deeper than anything sound. A byte order mark before it is left away.
 */
export function readJson(text: string): Result<unknown> {
  const bare = text.charCodeAt(0) === 0xfeff ? text.slice(1) : text;
  const wrong = faultOf(bare);
  if (wrong) return refuse('design-not-json', { reason: wrong });
  try {
    return ok(JSON.parse(bare));
  } catch (error) {
    return refuse('design-not-json', { reason: saidBy(error) });
  }
}

/** What is wrong with a text's keys or depth, if anything: walked once, token by token. */
function faultOf(text: string): Reason | null {
  const open: (Set<string> | null)[] = [];
  let isKey = false;
  for (let at = 0; at < text.length; at++) {
    const letter = text[at];
    if (letter === '{' || letter === '[') {
      if (open.length >= MOST_DEPTH) return { because: 'too-deep', most: MOST_DEPTH };
      open.push(letter === '{' ? new Set() : null);
      isKey = letter === '{';
    } else if (letter === '}' || letter === ']') {
      open.pop();
      isKey = false;
    } else if (letter === ',') isKey = open.at(-1) instanceof Set;
    else if (letter === ':') isKey = false;
    else if (letter === '"') {
      const end = endOfString(text, at);
      if (!isSound(text, at, end)) return { because: 'letter-unsound' };
      const keys = open.at(-1);
      if (isKey && keys) {
        const key = unescaped(text.slice(at, end + 1));
        if (key !== null && keys.has(key)) return { because: 'key-twice', key: key.slice(0, 40) };
        if (key !== null && isReserved(key)) return { because: 'key-reserved', key };
        if (key !== null) keys.add(key);
      }
      at = end;
    }
  }
  return null;
}

/** Whether a string has only letters that can be stored: no end-of-text sign (NUL), no half of a pair of UTF-16. */
function isSound(text: string, start: number, end: number): boolean {
  let isHigh = false;
  for (let at = start + 1; at < end; at++) {
    let code = text.charCodeAt(at);
    if (text[at] === '\\') {
      at += 1;
      if (text[at] !== 'u') code = 0x20;
      else {
        code = Number.parseInt(text.slice(at + 1, at + 5), 16);
        at += 4;
      }
    }
    const isLow = code >= 0xdc00 && code <= 0xdfff;
    if (code === 0 || isLow !== isHigh) return false;
    isHigh = code >= 0xd800 && code <= 0xdbff;
  }
  return !isHigh;
}

/** Where a string that begins at a place ends: its closing quote, or the end of the text. */
function endOfString(text: string, start: number): number {
  for (let at = start + 1; at < text.length; at++) {
    if (text[at] === '\\') at += 1;
    else if (text[at] === '"') return at;
  }
  return text.length;
}

/** What a quoted key says; null where it is no sound string, which the parser will tell. */
function unescaped(quoted: string): string | null {
  if (!quoted.includes('\\')) return quoted.slice(1, -1);
  try {
    return JSON.parse(quoted) as string;
  } catch {
    return null;
  }
}
