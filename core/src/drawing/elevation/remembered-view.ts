import type { Primitive } from '../primitives';

const views = new WeakMap<object, { key: readonly unknown[]; marks: readonly Primitive[] }[]>();

/** How many states of a view are remembered: the committed one, and what a drag makes of it. */
const REMEMBERED = 3;

/** The marks of a view, drawn anew only where something in its key has changed; remembered by the record it is of. */
export function rememberedView(
  anchor: object,
  key: readonly unknown[],
  draw: () => Primitive[],
): readonly Primitive[] {
  const known = views.get(anchor) ?? [];
  const same = known.find(
    (one) => one.key.length === key.length && one.key.every((part, index) => part === key[index]),
  );
  if (same) return same.marks;
  const marks = draw();
  views.set(anchor, [{ key, marks }, ...known].slice(0, REMEMBERED));
  return marks;
}
