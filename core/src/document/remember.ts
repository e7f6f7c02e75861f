/**
 * Remembers what a pure function makes of an object and some inputs, for as long as the object lives: the same result, the very same object, as long
 * as the inputs are the same. `make` is handed nothing but what it is remembered by, and is best named at the top of its file, where no design is in
 * reach, so that a result can't follow from anything that was not compared. Inputs are compared by what they hold, not by which objects they are, so they are named, in an object;
 * `near` lets numbers differ that are not seen to differ, `kept` says how many results are kept for each object;
 * with `steady` what is made anew but is alike one of those is that one, so that what follows from it is remembered too.
 */
export function remember<A extends object, I extends object, T>(
  make: (anchor: A, inputs: I) => T,
  { near = 0, kept = 1, steady = false }: { near?: number; kept?: number; steady?: boolean } = {},
): (anchor: A, inputs: I) => T {
  const known = new WeakMap<A, { inputs: I; value: T }[]>();
  return (anchor, inputs) => {
    let entries = known.get(anchor);
    if (entries) {
      for (const one of entries) if (isAlike(one.inputs, inputs, near)) return one.value;
    } else known.set(anchor, (entries = []));
    const made = make(anchor, inputs);
    const value = steady ? (entries.find((one) => isAlike(one.value, made))?.value ?? made) : made;
    entries.unshift({ inputs, value });
    if (entries.length > kept) entries.pop();
    return value;
  };
}

/** Remembers what a pure function makes of an object, for as long as it lives. */
export function rememberOne<A extends object, T>(make: (a: A) => T): (a: A) => T {
  const known = new WeakMap<A, { value: T }>();
  return (a) => {
    let entry = known.get(a);
    if (!entry) known.set(a, (entry = { value: make(a) }));
    return entry.value;
  };
}

/** Remembers what a pure function makes of two objects, for as long as both live. */
export function rememberBoth<A extends object, B extends object, T>(
  make: (a: A, b: B) => T,
): (a: A, b: B) => T {
  const known = rememberOne((a: A) => rememberOne((b: B) => make(a, b)));
  return (a, b) => known(a)(b);
}

/** Whether two values hold the same: numbers within `near`, lists and plain objects part by part; anything else by being the same. */
export function isAlike(a: unknown, b: unknown, near = 0): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a === 'number' && typeof b === 'number') return Math.abs(a - b) < near || a === b;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Object.getPrototypeOf(a) !== Object.getPrototypeOf(b)) return false;
  // Asked for all of a room after every edit: plain loops, and nothing made on the way.
  if (Array.isArray(a) && Array.isArray(b)) {
    if (a.length !== b.length) return false;
    for (let i = 0; i < a.length; i++) if (!isAlike(a[i], b[i], near)) return false;
    return true;
  }
  if (a instanceof Map || a instanceof Set) return false;
  let left = 0;
  for (const key in b) if (Object.hasOwn(b, key)) left += 1;
  for (const key in a) {
    if (!Object.hasOwn(a, key)) continue;
    const [own, other] = [a[key as never] as unknown, b[key as never] as unknown];
    if (other === undefined && !Object.hasOwn(b, key)) return false;
    if (own !== other && !isAlike(own, other, near)) return false;
    left -= 1;
  }
  return left === 0;
}
