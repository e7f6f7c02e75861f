import { boundsCorners, boundsOf, type Bounds } from '../../geometry/polygon';
import type { Result } from '../../result';
import { Frame, type Origin } from '../frame';
import { lay, type Laid } from '../lay';
import type { Cell } from '../pattern';
import type { LaidZone } from './zone-laying';

/** The extent of a zone's field as seen along and across its pattern from its origin, mm. */
export function patternExtent({ ground }: Pick<LaidZone, 'ground'>, origin: Origin): Bounds {
  const frame = new Frame(origin);
  return boundsOf(ground.flatMap((ring) => ring.map((at) => frame.to(at))));
}

/** A pattern over all of an extent along and across it, mm, whatever lies there: what is drawn of a field is that, cut off at the field's edges, wherever its origin is. */
export const patternOver = (cell: Cell, extent: Bounds): Result<Laid> =>
  lay([boundsCorners(extent)], cell, { at: { x: 0, y: 0 }, angle: 0 });
