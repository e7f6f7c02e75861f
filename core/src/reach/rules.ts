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

/** The name, edition and standing of each rule pack. The text says what it is, and that it is no certificate. */
export const packs = {
  'inch-residential': {
    name: 'Inch residential',
    basis: 'published kitchen planning guidelines and common practice',
  },
  'metric-residential': {
    name: 'Metric residential',
    basis: 'common practice; edit to your country’s rules',
  },
} as const;
