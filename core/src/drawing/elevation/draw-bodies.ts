import { rememberBoth } from '../../document/remember';
import { DASH, outline, WEIGHT, type Primitive } from '../primitives';
import type { Solid } from '../../solids/solids';
import { hidingOf } from './hidden';
import { panelsOf, type Panel } from './panels';
import { panelMarks } from './panel-marks';
import { BEHIND, type ViewFrame } from './view-frame';

/** What a view shows of some bodies: their sides, the furthest first, and what hides each. */
export interface Bodies {
  panels: readonly Panel[];
  hiding(panel: Panel): readonly Panel[];
}

export function bodiesIn(frame: ViewFrame, solids: readonly Solid[]): Bodies {
  const panels = panelsOf(frame, solids).sort(furthestFirst);
  return { panels, hiding: hidingAmong(panels) };
}

/** The bodies that may show in a view; a top only where something that carries it does. */
export function seenBefore(frame: ViewFrame, solids: readonly Solid[]): Solid[] {
  const before = solids.filter((solid) => isBefore(frame, solid));
  const shown = new Set(before.flatMap(({ id, of }) => (of === 'item' ? id : [])));
  return before.filter(({ carriers }) => !carriers || carriers.some((id) => shown.has(id)));
}

/** Whether a body may show in a view: between the face and the cut, within its length. */
const isBefore = rememberBoth((frame: ViewFrame, { footprint }: Solid): boolean => {
  const { length, cut } = frame;
  let [left, right, near, far] = [Infinity, -Infinity, -Infinity, Infinity];
  for (const point of footprint) {
    const { along, out } = frame.project(point);
    left = Math.min(left, along);
    right = Math.max(right, along);
    near = Math.max(near, out);
    far = Math.min(far, out);
  }
  return right > 0 && left < length && near > BEHIND && far < cut;
});

/** The furthest first, so that the grounds of what is nearer lie over it; what is cut after what reaches up to the cut, what is let into something after it. */
function furthestFirst(a: Panel, b: Panel): number {
  const by = Math.max(a.outLeft, a.outRight) - Math.max(b.outLeft, b.outRight);
  if (Math.abs(by) > 0.01) return by;
  return Number(a.section) - Number(b.section) || Number(isLetIn(a)) - Number(isLetIn(b));
}

function isLetIn({ solid }: Panel): boolean {
  return solid.box?.kind.within !== undefined;
}

/** The marks of bodies, but for what is sunk in others. */
export function drawPanels({ panels, hiding }: Bodies, scale: number): Primitive[] {
  return panels.flatMap((panel) => {
    if (isSunk(panel)) return [];
    const before = hiding(panel);
    return panelMarks(panel, before, scale);
  });
}

/** What hides what of some panels; what is sunk in others hides nothing. */
function hidingAmong(panels: readonly Panel[]): (panel: Panel) => readonly Panel[] {
  return hidingOf(panels.filter((panel) => !isSunk(panel)));
}

/** A bowl that lies in what it is let into, and is not seen from before it. */
export function isSunk({ solid: { box } }: Panel): boolean {
  return box?.kind.symbol === 'sink-bowl';
}

/** Bowls behind the fronts, dashed: of their own, and those of sink bases. */
export function drawHidden({ panels }: Bodies): Primitive[] {
  return panels.flatMap((panel) => {
    const { solid, left, right, low, high } = panel;
    const { box } = solid;
    const dashed = (from: number, to: number, bottom: number, top: number): Primitive => ({
      ...outline(
        'items',
        [
          { x: from, y: bottom },
          { x: to, y: bottom },
          { x: to, y: top },
          { x: from, y: top },
        ],
        WEIGHT.thin,
        'drawing',
      ),
      dash: DASH,
      source: solid.id,
    });
    if (isSunk(panel)) return [dashed(left, right, low, high)];
    if (box?.kind.symbol !== 'sink' || panel.parts.length === 0) return [];
    const margin = Math.min(80, (right - left) * 0.1);
    return [dashed(left + margin, right - margin, high - BOWL_DEPTH, high)];
  });
}

/** How deep a bowl hangs under its top, mm. */
const BOWL_DEPTH = 190;

/** Numbers by the solids they are of. */
export function numbersOf(
  solids: readonly Solid[],
  numbered: readonly (number | undefined)[],
): ReadonlyMap<string, number> {
  return new Map(solids.flatMap(({ id }, index) => (numbered[index] ? [[id, numbered[index]]] : [])));
}
