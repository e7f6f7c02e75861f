import { clipHalfPlane } from '../geometry/convex';
import { add, dot, scale, subtract } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { without } from '../geometry/region';
import { TOUCH } from '../geometry/tolerance';
import { ONE_DOOR } from '../ranges/handing';
import type { ItemKind } from '../ranges/item-kind';
import { planesUnder, type CeilingPlane } from '../survey/ceiling';
import type { RoomShape } from '../survey/room-shape';
import type { ItemBox } from './item-box';

/** What is left of an item by a wall or a ceiling that slants: in its own frame (see `Blocked`) all that lies no farther along `out` (of length 1) than `at`, mm. */
export interface Slant {
  out: Readonly<Record<'x' | 'y' | 'z', number>>;
  at: number;
}

/** What slants where an item stands: a face of the room, or its ceiling. */
export interface SlantInto {
  by: { face: string } | 'ceiling';
  slant: Slant;
}

/** Boards keep so far off what slants, mm. */
const CLEAR = 5;
/** A box keeps so much of its top and its sides before a slant, so much of its back beside it, and so much of its height under it, mm. */
const LEAST = { deep: 150, wide: 200, high: 250 };
/** What closes it there is no thicker than this, mm. */
const THICK = 30;
/** No front is cut to what is steeper than this: the cosine of 60 degrees. */
const STEEPEST = 0.5;
/** A slant that rises by no more than this over an item is square to it, mm. */
const SQUARE = 0.05;
/** What of an item lies outside the room is nothing where it is no larger, mm². */
const NOTHING = 50;

/**
 * What takes a corner off an item, so that it can be built cut to that: behind it a wall that stands aslant, or a ceiling that rises
 * towards its front; over what one door closes a ceiling that falls away from its hinges. Null where nothing does, or more than one does,
 * or where a front would be cut that can't be made, or not be opened.
 */
export function slantInto(shape: RoomShape, box: ItemBox): SlantInto | null {
  if (!canSlant(box.kind)) return null;
  const [under, beside] = [ceilingInto(shape, box), wallInto(shape, box)];
  if (under === 'blocked' || beside === 'blocked' || (under && beside)) return null;
  const found = under ?? beside;
  return found && isBuildable(box, found.slant) ? found : null;
}

/** What is made of boards between two sides, with nothing to take its whole depth, and panels. */
const canSlant = ({ group, rows, plan, flat }: ItemKind): boolean =>
  group === 'panels' ? flat : Boolean(rows) && !plan && !rows!.some(({ shows }) => shows === 'niche');

const thinOf = ({ record: { width, depth } }: ItemBox): 'x' | 'y' => (width <= depth ? 'x' : 'y');

function ceilingInto({ ceiling }: RoomShape, box: ItemBox): SlantInto | 'blocked' | null {
  const planes = box.pieces.flatMap((piece) => planesUnder(ceiling, piece, box.high - TOUCH));
  const [plane] = planes;
  if (!plane) return null;
  if (planes.length > 1) return 'blocked';
  const { record, origin, u, n, kind } = box;
  const low = plane.height + dot(plane.rise, origin) - box.low;
  const rise = { x: dot(plane.rise, u), y: dot(plane.rise, n) };
  const sizes = { x: record.width, y: record.depth };
  let height = low;
  for (const axis of ['x', 'y'] as const) {
    const by = rise[axis] * sizes[axis];
    const isThin = kind.group === 'panels' && thinOf(box) === axis;
    if (!isThin && Math.abs(by) > SQUARE) continue;
    // What is that thin is cut square, where it is lowest.
    height += Math.min(0, by);
    rise[axis] = 0;
  }
  if (rise.x === 0 && rise.y === 0) return 'blocked';
  const long = Math.hypot(rise.x, rise.y, 1);
  return {
    by: 'ceiling',
    slant: { out: { x: -rise.x / long, y: -rise.y / long, z: 1 / long }, at: height / long - CLEAR },
  };
}

function wallInto({ faces, outline }: RoomShape, box: ItemBox): SlantInto | 'blocked' | null {
  const outside = without([box.footprint], [outline]);
  if (areaOf(outside) < NOTHING) return null;
  const { origin, u, n } = box;
  for (const face of faces) {
    if (face.arc || face.wallHeight !== null) continue;
    const isBehind = outside.flat().every((at) => dot(subtract(at, face.start), face.n) < TOUCH);
    if (!isBehind) continue;
    const left = clipHalfPlane(box.footprint, face.n, dot(face.start, face.n));
    if (left.length < 3 || areaOf(without([left], [outline])) > NOTHING) continue;
    const out = { x: -dot(face.n, u), y: -dot(face.n, n), z: 0 };
    const at = dot(subtract(origin, face.start), face.n) - CLEAR;
    if (Math.abs(out.x) < SQUARE / box.record.depth) return 'blocked';
    return { by: { face: face.id }, slant: { out, at } };
  }
  return 'blocked';
}

const areaOf = (region: readonly Polygon[]): number =>
  region.reduce((sum, ring) => sum + Math.abs(signedArea(ring)), 0);

/** Whether what a slant leaves of an item has its front, and room for boards behind that; of a panel, whether anything is left that is worth it. */
function isBuildable({ record, kind }: ItemBox, { out, at }: Slant): boolean {
  const { width, depth, height } = record;
  const reach = (x: number, y: number, z: number) => out.x * x + out.y * y + out.z * z;
  if (kind.group === 'panels') return reach(width / 2, depth, 0) <= at;
  const isLeft = (x: number, y: number, z: number) => reach(x, y, z) <= at - THICK;
  const y = depth - LEAST.deep;
  const far = out.x < 0 ? width : 0;
  const towards = out.x < 0 ? -1 : 1;
  if (isAlong({ out, at }))
    return (
      opensUnder(record, kind, out) &&
      isLeft(far + towards * LEAST.wide, 0, height) &&
      isLeft(width - far, 0, LEAST.high)
    );
  if (out.z > 0) return out.x === 0 && out.y < 0 && isLeft(0, y, height) && isLeft(0, 0, LEAST.high);
  return out.y < 0 && isLeft(width - far, y, 0) && isLeft(far + towards * LEAST.wide, 0, 0);
}

/** Whether what is uppermost on a front is one door that opens under a slope along it: it turns at its higher side, which the other could not. */
function opensUnder(
  { width, hand }: ItemBox['record'],
  { rows, blind, top }: ItemKind,
  out: Slant['out'],
): boolean {
  const [upper] = rows ?? [];
  const isOne =
    upper?.shows === 'doors' &&
    !upper.glass &&
    (upper.single || width <= ONE_DOOR) &&
    !((upper.across ?? 1) > 1);
  return isOne && !blind && top !== 'under' && out.z >= STEEPEST && hand === (out.x > 0 ? 'left' : 'right');
}

/** Whether it slopes over an item along its front. */
export const isAlong = ({ out }: Slant): boolean => out.z > 0 && out.y === 0;

/** How far out of its back an item begins between two places across and two heights, for all that slants behind it, mm. */
export function backBefore(
  { out, at }: Slant,
  x: readonly [from: number, to: number],
  z: readonly [from: number, to: number],
): number {
  if (out.y >= 0) return 0;
  const most = Math.max(...x.map((one) => out.x * one)) + Math.max(...z.map((one) => out.z * one));
  return Math.max(0, (at - most) / out.y);
}

/** How high an item reaches between two places across and two out of its back, for all that slants over it, mm. */
export function headBefore(
  { out, at }: Slant,
  x: readonly [from: number, to: number],
  y: readonly [from: number, to: number],
): number {
  if (out.z <= 0) return Infinity;
  const most = Math.max(...x.map((one) => out.x * one)) + Math.max(...y.map((one) => out.y * one));
  return (at - most) / out.z;
}

/** The plane that an item under a slope stays under, over places of the room. */
export function planeOver({ out, at }: Slant, { origin, u, n, low }: ItemBox): CeilingPlane {
  const rise = scale(add(scale(u, out.x), scale(n, out.y)), -1 / out.z);
  return { height: at / out.z + low - dot(rise, origin), rise };
}

/** The same so much farther in, mm. */
export const within = ({ out, at }: Slant, by: number): Slant => ({ out, at: at - by });
