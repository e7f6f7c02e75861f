import type { Design } from '../document/design';
import { drawSurfaces } from './draw-surfaces';
import { drawPlanWith, type PlanOptions } from './plan-with';
import type { Primitive } from './primitives';

/**
 * The plan as drawing primitives in the room's millimetres (x right, y up).
 * `scale` is how many room millimetres one paper millimetre is: it sizes texts, ticks and the distance of the chains.
 */
export const drawPlan = (design: Design, scale: number, options: PlanOptions = {}): Primitive[] =>
  drawPlanWith(drawSurfaces, design, scale, options);
