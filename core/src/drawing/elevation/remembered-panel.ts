import type { Solid } from '../../solids/solids';
import type { Primitive } from '../primitives';
import type { Panel } from './panels';

interface Known {
  panel: Panel;
  hiding: readonly Panel[];
  scale: number;
  marks: readonly Primitive[];
}

const panels = new WeakMap<Solid, Known[]>();

/** How many drawings of a body's sides are remembered: a few sides in a few views, as they were and as a drag makes them. */
const REMEMBERED = 16;

/** The marks of a panel, drawn anew only where it lies elsewhere, or something else hides it: most of a view stays while one thing in it moves. */
export function rememberedPanel(
  panel: Panel,
  hiding: readonly Panel[],
  scale: number,
  draw: () => Primitive[],
): readonly Primitive[] {
  const known = panels.get(panel.solid) ?? [];
  const same = known.find(
    (one) =>
      one.scale === scale &&
      isSame(one.panel, panel) &&
      one.hiding.length === hiding.length &&
      one.hiding.every((other, index) => coversSame(other, hiding[index]!)),
  );
  if (same) return same.marks;
  const marks = draw();
  panels.set(panel.solid, [{ panel, hiding, scale, marks }, ...known].slice(0, REMEMBERED));
  return marks;
}

/** Whether two panels of one body are drawn alike. */
function isSame(a: Panel, b: Panel): boolean {
  return (
    coversSame(a, b) &&
    a.parts === b.parts &&
    a.section === b.section &&
    a.from === b.from &&
    a.shrink === b.shrink &&
    a.edgeLeft === b.edgeLeft &&
    a.edgeRight === b.edgeRight &&
    a.slope?.high === b.slope?.high &&
    a.slope?.rise === b.slope?.rise
  );
}

function coversSame(a: Panel, b: Panel): boolean {
  return a.left === b.left && a.right === b.right && a.low === b.low && a.high === b.high;
}
