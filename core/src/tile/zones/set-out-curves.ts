import { MOST_JOINT } from '../../document/limits';
import type { ZoneRecord } from '../../document/records';
import { boundsOf, type Polygon } from '../../geometry/polygon';
import type { LaidPiece } from '../lay';
import { mapWays } from './offset-map';
import type { ServiceHole } from './service-holes';
import { bestOrigin } from './usual-zone';
import { borderOf } from './zone-areas';
import { layZone } from './zone-laying';
import { zoneRows } from './zone-rows';

/** What a zone would be at one joint or one offset: its narrowest cut, mm, and its pieces. */
export interface CurvePoint {
  at: number;
  narrowest: number;
  cut: number;
  pieces: number;
}

/** How a zone changes with its joint, mm, set out anew for each where it lies in rows; and with where it begins, along and across its repeat, as shares of that on from where it begins now. */
export interface SetOutCurves {
  joint: readonly CurvePoint[];
  along: readonly CurvePoint[];
  across: readonly CurvePoint[];
}

const [FROM, TO, STEP] = [1, 8, 0.5];
/** So many offsets are tried each way. */
const OFFSETS = 40;

/** Draws the curves of a zone point by point, so that they are seen as they grow and can be ended. */
export function* setOutCurves(
  zone: ZoneRecord,
  rings: readonly Polygon[],
  holes: readonly ServiceHole[],
): Generator<SetOutCurves, void> {
  const curves = { joint: [] as CurvePoint[], along: [] as CurvePoint[], across: [] as CurvePoint[] };
  const told = (): SetOutCurves => ({
    joint: [...curves.joint],
    along: [...curves.along],
    across: [...curves.across],
  });
  const point = (at: number, of: ZoneRecord, field: readonly Polygon[]): CurvePoint[] => {
    const tiled = layZone(of, field, { holes });
    if (!tiled.ok) return [];
    const { count, narrowest } = tiled.value;
    const widest = Math.min(of.tile.w, of.tile.h);
    return [{ at, narrowest: narrowest ?? widest, cut: count.cut, pieces: count.whole + count.cut }];
  };
  const joints = new Set([zone.joint]);
  for (let joint = FROM; joint <= Math.min(TO, MOST_JOINT); joint += STEP) joints.add(joint);
  for (const joint of [...joints].sort((a, b) => a - b)) {
    const at = { ...zone, joint };
    const field = borderOf(at, rings)?.field ?? rings;
    const origin = zoneRows(at, field) ? bestOrigin({ record: at, field }) : at.origin;
    curves.joint.push(...point(joint, { ...at, origin }, field));
    yield told();
  }
  const ways = mapWays(zone);
  if (!ways) return;
  const field = borderOf(zone, rings)?.field ?? rings;
  for (const [index, name] of (['along', 'across'] as const).entries())
    for (let step = 0; step <= OFFSETS; step++) {
      const [way, share] = [ways[index]!, step / OFFSETS];
      const origin = { x: zone.origin.x + share * way.x, y: zone.origin.y + share * way.y };
      curves[name].push(...point(share, { ...zone, origin }, field));
      yield told();
    }
}

/** By less than this a piece is not cut that way, mm. */
const CUT = 0.1;

/** How much is left of each cut piece the way it was cut, mm; of one cut both ways the narrower. What is only bored or cut on a slant within its extent has none. */
export function cutWidths(pieces: readonly LaidPiece[]): number[] {
  return pieces.flatMap((piece) => {
    if (piece.whole) return [];
    const [all, left] = [piece.piece.bounds, boundsOf(piece.remains().flat())];
    const sides = [
      [all.right - all.left, left.right - left.left],
      [all.top - all.bottom, left.top - left.bottom],
    ] as const;
    const cut = sides.filter(([whole, rest]) => whole - rest > CUT).map(([, rest]) => rest);
    return cut.length > 0 ? [Math.min(...cut)] : [];
  });
}
