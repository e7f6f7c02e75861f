import { tilePatterns, type TilePattern } from '../document/limits';
import type { ZoneOwnPattern } from '../document/records';
import type { Repeat } from './pattern';
import { ownPattern } from './patterns/own';
import * as rectangular from './patterns/rectangular';
import * as shaped from './patterns/shaped';

/** The patterns of which more is said: how rows are moved on, how many tiles a weave has. */
type OpenPattern = 'running' | 'vertical' | 'plank' | 'basketweave';

/** The patterns that are the same repeat whatever else is said. */
const fixed = {
  grid: rectangular.grid,
  herringbone90: rectangular.herringbone(1),
  'double-herringbone': rectangular.herringbone(2),
  'basket-dots': rectangular.basketWithDots,
  windmill: rectangular.windmill,
  pinwheel: rectangular.pinwheel,
  'three-sizes': rectangular.threeSizes,
  'four-sizes': rectangular.fourSizes,
  manor: rectangular.manor,
  'stepping-stone': rectangular.steppingStone,
  chevron: rectangular.chevron,
  hexagon: shaped.hexagon,
  'hexagon-flat': shaped.hexagonOnFlat,
  'long-hexagon': shaped.longHexagon,
  'octagon-dot': shaped.octagonAndDot,
  'square-dot': shaped.squareAndDot,
  triangle: shaped.triangle,
  rhombus: shaped.rhombus,
  'fish-scale': shaped.fishScale,
  penny: shaped.penny,
} as const satisfies Record<Exclude<TilePattern, OpenPattern>, Repeat>;

export type FixedPattern = keyof typeof fixed;

/** A pattern that is chosen: rows or columns offset by n/d of a tile, planks by a list of mm, so many tiles of a weave. */
export type PatternChoice =
  | { type: FixedPattern }
  | { type: 'running' | 'vertical'; offset: readonly [n: number, d: number] }
  | { type: 'plank'; stagger: readonly number[] }
  | { type: 'basketweave'; n: number }
  | { type: 'own'; own: ZoneOwnPattern };

/** Every pattern, by its name in files. */
export type PatternType = TilePattern;
export const patternTypes: readonly PatternType[] = tilePatterns;

export function repeatOf(choice: PatternChoice): Repeat {
  switch (choice.type) {
    case 'running':
    case 'vertical':
      return rectangular[choice.type](...choice.offset);
    case 'plank':
      return rectangular.planks(choice.stagger);
    case 'basketweave':
      return rectangular.basketweave(choice.n);
    case 'own':
      return ownPattern(choice.own);
    default:
      return fixed[choice.type];
  }
}
