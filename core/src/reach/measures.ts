import type { Measure } from './measure';
import { aisle } from './measures/aisle';
import { counterHeight } from './measures/counter-height';
import { itemCollision } from './measures/item-collision';
import { mixedRanges } from './measures/mixed-ranges';
import { openFrontsMeasure } from './measures/open-fronts';
import { openingBlocked } from './measures/opening-blocked';
import { seatWidth } from './measures/seat-width';
import { seating } from './measures/seating';
import { swings } from './measures/swings';
import { topCutOut } from './measures/top-cut-out';
import { topJoint } from './measures/top-joint';
import { topOverhang } from './measures/top-overhang';
import { topSlab } from './measures/top-slab';
import { topUnder } from './measures/top-under';
import { wallCollision } from './measures/wall-collision';

/** A measure whatever its subjects are. */
type AnyMeasure = Pick<Measure<never>, 'id' | 'onRequest' | 'take'>;

/** Every measure, by its id. */
export const measures = {
  aisle,
  'counter-height': counterHeight,
  'item-collision': itemCollision,
  'mixed-ranges': mixedRanges,
  'open-fronts': openFrontsMeasure,
  'opening-blocked': openingBlocked,
  'seat-width': seatWidth,
  seating,
  swings,
  'top-cut-out': topCutOut,
  'top-joint': topJoint,
  'top-overhang': topOverhang,
  'top-slab': topSlab,
  'top-under': topUnder,
  'wall-collision': wallCollision,
} satisfies Record<string, AnyMeasure>;
export type MeasureId = keyof typeof measures;
