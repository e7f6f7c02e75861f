import type { Rule } from './rule';
import { counterHeight } from './rules/counter-height';
import { doorSwing } from './rules/door-swing';
import { itemCollision } from './rules/item-collision';
import { kneeSpace } from './rules/knee-space';
import { mixedRanges } from './rules/mixed-ranges';
import { openFrontsRule } from './rules/open-fronts';
import { openingBlocked } from './rules/opening-blocked';
import { seatWidth } from './rules/seat-width';
import { topCutOut } from './rules/top-cut-out';
import { topJoint } from './rules/top-joint';
import { topOverhang } from './rules/top-overhang';
import { topSlab } from './rules/top-slab';
import { topUnder } from './rules/top-under';
import { wallCollision } from './rules/wall-collision';
import { workAisle } from './rules/work-aisle';

/** Whether a rule is about tops: what they are cut from, joined, carried by and run into. */
export const isTopRule = (id: string): boolean =>
  [topCutOut, topJoint, topOverhang, topSlab, topUnder].some((rule) => rule.id === id);

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
  topCutOut,
  topJoint,
  topOverhang,
  topSlab,
  topUnder,
  wallCollision,
  workAisle,
];
