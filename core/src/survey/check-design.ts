import type { Design } from '../document/design';
import { brokenReferences } from '../document/references';
import { ok, type Refusal, type Result } from '../result';
import { openingFaults } from './openings';
import { tryRoomShape } from './room-shape';

/** Everything that keeps records from making a room together: broken references, an outline that can't be, openings that don't fit. */
export function designRefusals(design: Design): Refusal[] {
  const broken = brokenReferences(design);
  if (broken.length > 0) return broken;
  const shape = tryRoomShape(design);
  return shape.ok ? openingFaults(design) : [shape.refusal];
}

/** The design if its records make a room; else the first thing in the way. */
export function checkDesign(design: Design): Result<Design> {
  const [refusal] = designRefusals(design);
  return refusal ? { ok: false, refusal } : ok(design);
}
