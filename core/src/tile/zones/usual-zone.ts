import { roomOf, type Design } from '../../document/design';
import type { ZoneInside, ZonePlace, ZoneRecord, ZoneUpon } from '../../document/records';
import { cross, type Point } from '../../geometry/point';
import { boundsOf, type Polygon } from '../../geometry/polygon';
import { intersect } from '../../geometry/region';
import { finishNamed, finishes, type Finish } from '../../surfaces/finishes';
import { bestBond, bestGrid } from '../best-grid';
import { Frame } from '../frame';
import { zoneAreas, zoneRegion, type ZoneArea } from './zone-areas';
import { choiceOf, originOf, zoneCell } from './zone-laying';
import type { Reveal } from './reveals';
import { rowsOf } from './zone-rows';
import { linedUp } from './lined-up';
import { laidAs, layingOf } from './set-outs';
import type { ThingSide } from './thing-sides';
import { betweenSurfaces, storedPlace, surfaceOf } from './zone-surface';

/** What a tile says of the zone that is laid with it. */
export type LaidIn = Pick<ZoneRecord, 'finish' | 'joint' | 'pattern' | 'perBox' | 'sheet' | 'tile'>;

/** A tile of a finish, laid as it says: in rows, each moved on by its share of a tile. */
export function laidIn({ name, tile }: Finish): LaidIn | null {
  if (!tile) return null;
  const { thickness, perBox, sheet } = tile;
  const d =
    tile.offset === 0
      ? 1
      : Math.max(2, Math.min(100, Math.round(1 / Math.min(tile.offset, 1 - tile.offset || 1))));
  return {
    ...{ finish: name, joint: tile.joint },
    tile: { w: tile.long, h: tile.high, ...(thickness !== undefined && { thickness }) },
    ...(perBox !== undefined && { perBox }),
    ...(sheet && { sheet }),
    pattern:
      tile.offset === 0
        ? { type: 'grid' }
        : { type: 'running', offset: { n: Math.round(tile.offset * d), d } },
  };
}

/** A zone laid with another tile. */
export function laidWith(zone: ZoneRecord, finish: Finish): ZoneRecord | null {
  const laid = laidIn(finish);
  return laid && { ...laidAs(zone, { angle: zone.angle, ...laid }), pattern: laid.pattern };
}

/** What a zone is laid with until a tile is chosen. */
const usualFinish = finishes.find(({ tile }) => tile)!;

/** Where a zone is to be: the whole floor, a whole face, or an outline on either, mm along and across it from the left end of a face, of the floor as in plan. */
export interface ZoneWish {
  id: string;
  face: string | null;
  /** The side of a hole in that face, or that of a thing. */
  inside?: ZoneInside;
  upon?: ZoneUpon;
  corners?: ZonePlace[];
}

/** A zone as it usually is: with the room's tile for it, set out as well as can be. */
export function usualZone(design: Design, { id, face, inside, upon, corners }: ZoneWish): ZoneRecord {
  const { floorFinish, wallFinish } = roomOf(design);
  const isFloor = face === null && !upon;
  const wanted = finishNamed(design, isFloor ? floorFinish : wallFinish);
  const zone: ZoneRecord = {
    ...{ kind: 'zone', id },
    placement:
      face === null
        ? { on: 'floor', x: 0, y: 0, turn: 0 }
        : { on: 'face', face, from: 'left', distance: 0, off: 0 },
    ...(inside && { inside }),
    ...(upon && { upon }),
    ...(corners && { corners }),
    ...(laidIn(wanted ?? usualFinish) ?? laidIn(usualFinish)!),
    ...{ origin: { x: 0, y: 0 }, angle: 0 },
  };
  const wall = inside && wallAbout(design, { surface: surfaceOf(design, zone) });
  const laid = wall ? laidAsWall(zone, wall.record) : zone;
  return wellSetOut(design, corners && isLetIn(design, zone, corners) ? { ...laid, gap: laid.joint } : laid);
}

/** A zone with its pattern begun where the narrowest cut is widest; one that is laid in no rows with a corner of its repeat in the middle. */
export function wellSetOut(design: Design, zone: ZoneRecord): ZoneRecord {
  const area = zoneAreas({ ...design, records: { ...design.records, [zone.id]: zone } }).find(
    ({ id }) => id === zone.id,
  );
  if (!area || area.field.length === 0) return zone;
  if (area.surface.reveal) return inHole(design, area, area.surface.reveal);
  const best = bestOrigin(area);
  const { side } = area.surface;
  return {
    ...zone,
    origin: centralOrigin(zone, area.field, side ? { ...best, ...edgeOf(area, side) } : best),
  };
}

/** Where tiles begin so that one is whole at the edge of a thing the eye meets: along the front of its top, under the top of its sides. */
function edgeOf({ record, field }: ZoneArea, { upon }: ThingSide): { y?: number } {
  if (originOf(record).angle !== 0) return {};
  const { bottom, top } = boundsOf(field.flat());
  return { y: upon.edge === undefined ? bottom : top - record.tile.h };
}

/** A zone on a side of a hole: with a whole side of its tiles at the corner with the wall, else going on from those of the wall, or as the narrowest cut is widest. */
function inHole(design: Design, area: ZoneArea, { side, wide, high }: Reveal): ZoneRecord {
  const { record, field } = area;
  const { tile } = record;
  const best = centralOrigin(record, field, bestOrigin(area));
  if (originOf(record).angle !== 0) return { ...record, origin: best };
  const from = {
    left: { x: 0 },
    right: { x: wide - tile.w },
    sill: { y: 0 },
    head: { y: high - tile.h },
    back: {},
  };
  const wall = wallAbout(design, area);
  const lined = wall && isSameTile(wall.record, record) ? linedUp(design, area, wall) : null;
  return { ...record, origin: centralOrigin(record, field, { ...best, ...lined, ...from[side] }) };
}

/** Whether an outline is drawn into another zone: what is let into it needs a joint about it. */
function isLetIn(design: Design, zone: ZoneRecord, corners: readonly ZonePlace[]): boolean {
  const surface = surfaceOf(design, zone);
  return zoneAreas(design).some((other) => {
    if (other.id === zone.id || other.surface.key !== surface.key) return false;
    const at = betweenSurfaces(surface, other.surface);
    return intersect(zoneRegion(other.taken), [corners.map(at)]).length > 0;
  });
}

/** A zone in a hole laid as the wall about it is. */
const laidAsWall = (zone: ZoneRecord, wall: ZoneRecord): ZoneRecord => ({
  ...laidAs(zone, layingOf(wall)),
  pattern: wall.pattern,
  ...(wall.colouring && { colouring: wall.colouring }),
});

/** The zone of the wall that a hole is in. */
const wallAbout = (design: Design, { surface: { face } }: Pick<ZoneArea, 'surface'>): ZoneArea | undefined =>
  zoneAreas(design).find(({ surface }) => face && surface.key === face.id);

const isSameTile = (one: ZoneRecord, other: ZoneRecord): boolean =>
  one.joint === other.joint &&
  one.tile.w === other.tile.w &&
  one.tile.h === other.tile.h &&
  one.angle === other.angle;

/** An origin that lays the same pattern, as near to the middle of the zone as there is one. */
export function centralOrigin(zone: ZoneRecord, rings: readonly Polygon[], origin: Point): ZonePlace {
  const cell = zoneCell(zone);
  if (!cell.ok || rings.length === 0) return storedPlace(origin);
  const frame = new Frame({ at: { x: 0, y: 0 }, angle: originOf(zone).angle });
  const [a, b] = [frame.from(cell.value.a), frame.from(cell.value.b)];
  const { left, right, bottom, top } = boundsOf(rings.flat());
  const off = { x: (left + right) / 2 - origin.x, y: (bottom + top) / 2 - origin.y };
  const turn = cross(a, b);
  const [i, k] = [Math.round(cross(off, b) / turn), Math.round(cross(a, off) / turn)];
  return storedPlace({ x: origin.x + i * a.x + k * b.x, y: origin.y + i * a.y + k * b.y });
}

/** Where a pattern in rows begins so that the narrowest cut is widest; any other in the middle of the field. */
export function bestOrigin({ record, field }: Pick<ZoneArea, 'field' | 'record'>): ZonePlace {
  const { tile, joint, pattern } = record;
  const { angle } = originOf(record);
  const question = { zone: field, tile, angle, joints: [joint] };
  const choice = choiceOf(pattern, tile, joint);
  const module = tile.w + joint;
  const rows = rowsOf(choice, module);
  if (rows) {
    const { offset } = rows.length === 1 ? bestGrid(question) : bestBond({ ...question, shifts: () => rows });
    return storedPlace(offset);
  }
  const { left, right, bottom, top } = boundsOf(field.flat());
  return storedPlace({ x: (left + right) / 2, y: (bottom + top) / 2 });
}
