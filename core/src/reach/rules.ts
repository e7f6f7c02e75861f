import type { Rule } from './rule';
import { counterHeight } from './rules/counter-height';
import { doorSwing } from './rules/door-swing';
import { itemCollision } from './rules/item-collision';
import { kneeSpace } from './rules/knee-space';
import { mixedRanges } from './rules/mixed-ranges';
import { openFrontsRule } from './rules/open-fronts';
import { openingBlocked } from './rules/opening-blocked';
import { seatWidth } from './rules/seat-width';
import { wallCollision } from './rules/wall-collision';
import { workAisle } from './rules/work-aisle';

/** Every reach rule, sorted by id. */
export const rules: readonly Rule[] = [
  counterHeight,
  doorSwing,
  itemCollision,
  kneeSpace,
  mixedRanges,
  openFrontsRule,
  openingBlocked,
  seatWidth,
  wallCollision,
  workAisle,
];
