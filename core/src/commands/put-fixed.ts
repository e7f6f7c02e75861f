import { roomOf, type Design } from '../document/design';
import type { FixedType } from '../document/fixture-types';
import { LEAST_ITEM, LEAST_RECESS, MOST_FACE, MOST_HEIGHT } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FixedRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { roomShape } from '../survey/room-shape';
import { withOutline } from '../survey/fixed-outline';
import { isInchUnit, MM_PER_INCH, quantise } from '../units/units';
import { refuse } from '../result';
import { guarded, guardedLinings, type Command } from './command';
import { quantisedPlacement } from '../document/quantised-placement';

/** Adds a fixed thing, or changes one that is there. Corners of its own may be given anywhere in its frame: they stay where they are. */
export const putFixed: Command<FixedRecord> = {
  id: 'put-fixed',
  run(design, thing) {
    const wrong = firstRefusal(
      within('width', thing.width, LEAST_ITEM, MOST_FACE),
      within('depth', thing.depth, LEAST_ITEM, MOST_FACE),
      within('height', thing.height, LEAST_ITEM, MOST_HEIGHT),
      within('height-above-floor', thing.up, 0, MOST_HEIGHT),
    );
    if (wrong) return wrong;
    const placement = quantisedPlacement(thing.placement);
    if (!placement.ok) return placement;
    const after = { ...thing, placement: placement.value };
    for (const key of ['width', 'depth', 'height', 'up'] as const) after[key] = quantise(after[key]);
    if (after.finish !== undefined) after.finish = after.finish.trim();
    if (after.lit && after.depth < LEAST_RECESS) return refuse('recess-thin', { least: LEAST_RECESS });
    if (!thing.corners) return guardedLinings(design, patchOf(design, [after]));
    const shaped = withOutline(after, thing.corners);
    return shaped.ok ? guarded(design, patchOf(design, [shaped.value])) : shaped;
  },
};

/** Usual width and depth, [mm, in] each, and where it reaches: up to the ceiling, or so high. */
const usual: Record<
  FixedType,
  { width: [number, number]; depth: [number, number]; height?: [number, number] }
> = {
  breast: { width: [1000, 48], depth: [300, 16] },
  chase: { width: [300, 12], depth: [300, 12] },
  column: { width: [300, 12], depth: [300, 12] },
  // A partition's width is its thickness, its depth how far it runs out.
  'half-wall': { width: [100, 4.75], depth: [1200, 48], height: [1050, 42] },
  partition: { width: [100, 4.75], depth: [1200, 48] },
  // As wide as its face where it is put.
  lining: { width: [1000, 36], depth: [20, 0.75], height: [1000, 36] },
  'pipe-box': { width: [150, 6], depth: [150, 6] },
  radiator: { width: [800, 30], depth: [100, 4], height: [600, 24] },
  'round-column': { width: [300, 12], depth: [300, 12] },
  soffit: { width: [2000, 84], depth: [350, 14], height: [250, 12] },
  step: { width: [900, 36], depth: [280, 11], height: [150, 6] },
};

/** A new fixed thing of its usual size, against the left end of a face. */
export function usualFixed(design: Design, id: string, type: FixedType, face: string): FixedRecord {
  const { unit, ceilingHeight } = roomOf(design);
  const size = ([metric, inch]: [number, number]) => (isInchUnit(unit) ? inch * MM_PER_INCH : metric);
  const { width, depth, height } = usual[type];
  const high = height ? size(height) : ceilingHeight;
  return {
    kind: 'fixed',
    id,
    type,
    // A lining goes from end to end.
    width: (type === 'lining' && roomShape(design).byId.get(face)?.length) || size(width),
    depth: size(depth),
    height: high,
    up: type === 'soffit' ? ceilingHeight - high : 0,
    placement: { on: 'face', face, from: 'left', distance: 0, off: 0 },
  };
}
