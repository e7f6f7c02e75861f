import { bench, describe } from 'vitest';
import { galleyWithBay } from '../src/demo/galley-with-bay';
import { checkReach } from '../src/reach/check-reach';
import { svgMarks } from '../src/exports/svg';
import { hug } from '../src/setting/hug';
import type { Design } from '../src/document/design';
import { drawPlan } from '../src/drawing/plan';

/** What a drag asks of core for each frame: where the item lands, the checks and the drawing of a design not seen before. */
describe('one frame of a drag in the galley', () => {
  const design = galleyWithBay();
  const anew = (): Design => ({ ...design });
  bench('landing', () => {
    hug(anew(), { width: 600, depth: 560, low: 0, high: 870 }, { x: 2000, y: -700 }, 60);
  });
  bench('reach checks', () => {
    checkReach(anew());
  });
  bench('plan as SVG', () => {
    svgMarks(drawPlan(anew(), 30), 30);
  });
});
