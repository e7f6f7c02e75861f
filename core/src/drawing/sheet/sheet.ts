import type { Design } from '../../document/design';
import type { Result } from '../../result';
import { drawElevationSheets } from './elevation-sheets';
import { drawReachSheets } from './reach-sheets';
import { drawPlanSheets } from './plan-sheets';
import { drawTileSheets } from './tile-sheets';
import type { Sheet, SheetOptions } from './sheet-frame';

/** The sheets of a room at a true scale: its plan or ceiling plan, all its upright views, its zones of tile, or what the reach checks find of it. Refused when a drawing does not fit the page, naming the scales at which it does. */
export function drawSheets(design: Design, options: SheetOptions): Result<Sheet[]> {
  if (options.subject === 'tiles') return drawTileSheets(design, options);
  if (options.subject === 'reach') return drawReachSheets(design, options);
  return options.subject === 'elevations'
    ? drawElevationSheets(design, options)
    : drawPlanSheets(design, options);
}
