import { roomOf, type Design } from '../document/design';
import { itemBoxes } from '../setting/item-box';
import { fixedThings } from '../survey/fixed-things';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import type { ReachFacts } from './rule';

/** What rules look at, but for the tops. */
export function factsOf(design: Design): Omit<ReachFacts, 'tops'> {
  return {
    design,
    room: roomOf(design),
    shape: roomShape(design),
    boxes: itemBoxes(design),
    fixed: fixedThings(design),
    openings: placedOpenings(design),
  };
}
