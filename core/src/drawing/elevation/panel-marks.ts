import { remember } from '../../document/remember';
import type { Solid } from '../../solids/solids';
import type { Primitive } from '../primitives';
import { drawPanel, type DrawnPanel } from './draw-panel';
import type { Cover } from './hidden';
import type { Panel } from './panels';

interface Shown {
  panel: Omit<DrawnPanel, 'solid'>;
  covers: readonly Cover[];
  scale: number;
}

const marksOf = remember(
  (solid: Solid, { panel, covers, scale }: Shown) => drawPanel({ ...panel, solid }, covers, scale),
  // A few sides in a few views, as they were and as a drag makes them.
  { kept: 16 },
);

/** The marks of a panel, drawn anew only where it lies elsewhere, or something else hides it: most of a view stays while one thing in it moves. */
export function panelMarks(whole: Panel, hiding: readonly Panel[], scale: number): readonly Primitive[] {
  const { solid, outLeft: _outLeft, outRight: _outRight, ...panel } = whole;
  const covers = hiding.map(({ left, right, low, high }) => ({ left, right, low, high }));
  return marksOf(solid, { panel, covers, scale });
}
