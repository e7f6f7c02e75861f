import type { Chance } from './chance';

/** Values that programs stumble over. */
const hostile: readonly unknown[] = [
  null,
  true,
  '',
  0,
  -0,
  -1,
  0.1,
  1e-9,
  1e9,
  1e300,
  -1e300,
  Number.MAX_SAFE_INTEGER + 1,
  '1e999',
  'NaN',
  '0',
  '\u0000',
  '\ud800',
  '\u202e\ufeff',
  '<script>alert(1)</script>',
  "'; drop table rooms; --",
  '=1+1',
  '../../etc/passwd',
  '__proto__',
  'constructor',
  'toString',
  'x'.repeat(5_000),
  [],
  {},
  [[[[]]]],
  [null],
  { id: null },
  JSON.parse('{ "__proto__": { "kind": "item" } }'),
  Array.from({ length: 3_000 }, (_, index) => index),
];

/** Something put together of what programs stumble over, so many deep. */
export function anything(chance: Chance, depth = 3): unknown {
  if (depth === 0 || chance.once(2)) return structuredClone(chance.of(hostile));
  const parts = Array.from({ length: chance.below(4) }, () => anything(chance, depth - 1));
  if (chance.once(2)) return parts;
  const names = ['id', 'kind', 'on', 'x', 'face', 'records', 'placement', 'patch', 'after', 'before', ''];
  return Object.fromEntries(parts.map((part) => [chance.of(names), part]));
}

type Holder = Record<string | number, unknown>;

/** Every place in a value, as what holds it and its key there. */
function placesIn(value: unknown, places: [Holder, string][] = []): [Holder, string][] {
  if (typeof value !== 'object' || value === null) return places;
  for (const [key, part] of Object.entries(value)) {
    places.push([value as Holder, key]);
    placesIn(part, places);
  }
  return places;
}

/** A copy with so many changes: something else in a place, nothing there, a number a little or much off, two places exchanged, more of the same. */
export function mutated<T>(chance: Chance, value: T, changes = 1 + chance.below(3)): unknown {
  const copy: { whole: unknown } = { whole: structuredClone(value) };
  for (let count = 0; count < changes; count++) {
    const places = placesIn(copy);
    if (places.length === 0) return anything(chance);
    const [holder, key] = chance.of(places);
    const now = holder[key];
    const act = chance.below(8);
    if (act === 0) delete holder[key];
    else if (act === 1) {
      const [other, name] = chance.of(places);
      [holder[key], other[name]] = [structuredClone(other[name]), structuredClone(now)];
    } else if (act === 2 && Array.isArray(now)) holder[key] = [...now, ...now];
    else if (act === 3 && typeof now === 'object' && now) {
      (now as Holder)[chance.of(['id', 'kind', 'extra', 'constructor', 'x'])] = anything(chance);
    } else if (typeof now === 'number' && act < 7)
      holder[key] = chance.of([
        -now,
        now + 1e-7,
        now * 1_000,
        now / 1_000,
        now + 1,
        Math.round(now),
        2 ** 31,
      ]);
    else holder[key] = anything(chance);
  }
  return copy.whole;
}

/** A text with some of it doubled, lost, exchanged, or something else put in. */
export function mutatedText(chance: Chance, text: string, changes = 1 + chance.below(5)): string {
  let now = text;
  for (let count = 0; count < changes; count++) {
    const from = chance.below(now.length + 1);
    const to = Math.min(now.length, from + chance.below(chance.once(4) ? 400 : 8));
    const [before, part, after] = [now.slice(0, from), now.slice(from, to), now.slice(to)];
    const act = chance.below(6);
    if (act === 0) now = before + after;
    else if (act === 1) now = before + part.repeat(1 + chance.below(40)) + after;
    else if (act === 2)
      now = before + String(chance.of(hostile.filter((one) => typeof one !== 'object'))) + after;
    else if (act === 3) now = before + String.fromCharCode(chance.below(0x250)) + after;
    else if (act === 4) {
      const number = /-?\d+(\.\d+)?/.exec(after);
      if (number)
        now =
          before +
          part +
          after.replace(number[0], chance.of(['-1', '0', '1e308', '99999999', 'nan', '0.0000001']));
    } else now = after + part + before;
  }
  return now;
}

/** Bytes with some of them changed, cut off or put in. */
export function mutatedBytes(chance: Chance, bytes: Uint8Array): Uint8Array {
  const now = [...bytes];
  for (let count = 1 + chance.below(6); count > 0; count--) {
    const at = chance.below(now.length + 1);
    if (chance.once(3)) now.splice(at, chance.below(40));
    else if (chance.once(2))
      now.splice(at, 0, ...Array.from({ length: chance.below(60) }, () => chance.below(256)));
    else now[at] = chance.below(256);
  }
  return Uint8Array.from(now);
}
