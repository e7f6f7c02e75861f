import { MOST_FACE, MOST_ITEM } from './limits';
import type { Placement } from './records';
import { firstRefusal, within } from './within';
import { ok, type Result } from '../result';
import { quantise } from '../units/units';

/** A placement as it is stored, or which of its lengths is out of limits. */
export function quantisedPlacement(placement: Placement): Result<Placement> {
  if (placement.on === 'floor') {
    const wrong = firstRefusal(
      within('place-across', placement.x, -200_000, 200_000),
      within('place-down', placement.y, -200_000, 200_000),
    );
    return wrong ?? ok({ ...placement, x: quantise(placement.x), y: quantise(placement.y) });
  }
  const wrong = firstRefusal(
    within('distance', placement.distance, -MOST_FACE, MOST_FACE),
    within('distance-off-face', placement.off, -MOST_ITEM, MOST_FACE),
  );
  return wrong ?? ok({ ...placement, distance: quantise(placement.distance), off: quantise(placement.off) });
}
