import { recordOf, recordsOf, type Design } from '../document/design';
import {
  isOwnProfile,
  LEAST_ITEM,
  MOST_PROFILE,
  MOST_PROFILE_PLACES,
  type TrimProfile,
  type TrimUse,
} from '../document/limits';
import type { ProfileRecord } from '../document/records';
import { rememberOne } from '../document/remember';
import { add, cross, distance, dot, scale, subtract, unit, type Point } from '../geometry/point';
import { crossingEdges, signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { inOrder } from '../wording/in-order';
import { quantise } from '../units/units';
import { missingProfileName, trimProfileNames } from '../wording/things';
import { shapeReach, trimShape, type TrimShape } from './trim-profiles';

/** The cross section of a trim of a room: one of ours, or of its own; null of none, and of one that is not in the room any more. */
export function profileShape(design: Design, use: TrimUse, profile: TrimProfile): TrimShape | null {
  if (!isOwnProfile(profile)) return trimShape(use, profile);
  const record = recordOf(design, 'profile', profile);
  return record?.use === use ? shapeOf(record) : null;
}

const shapeOf = rememberOne(({ shape }: ProfileRecord): TrimShape => {
  const places = shape.map(({ out, up }) => ({ x: out, y: up }));
  return signedArea(places) > 0 ? places : places.reverse();
});

/** What a profile is called. */
export function profileName(design: Design, profile: TrimProfile): string {
  if (!isOwnProfile(profile)) return trimProfileNames[profile];
  return recordOf(design, 'profile', profile)?.name ?? missingProfileName;
}

/** The profiles of a room's own for a use, by name. */
export const ownProfiles = (design: Design, use: TrimUse): ProfileRecord[] =>
  recordsOf(design, 'profile')
    .filter((record) => record.use === use)
    .sort((a, b) => inOrder(a.name, b.name));

/** A corner of a cross section that is drawn, mm: rounded by a radius where it has one. */
export interface ProfileCorner {
  out: number;
  up: number;
  round?: number;
}

/** Steps of a rounded corner. */
const STEPS = 6;

/**
 * The cross section that corners make, rounded ones by arcs that touch both their sides: the radius is taken as far as the shorter of these has
 * room, each end of it for its own corner.
 */
export function roundedCorners(corners: readonly ProfileCorner[]): Point[] {
  const at = (index: number): Point => {
    const { out, up } = corners.at(index % corners.length)!;
    return { x: out, y: up };
  };
  return corners.flatMap(({ round = 0 }, index): Point[] => {
    const [before, corner, after] = [at(index - 1), at(index), at(index + 1)];
    const [back, on] = [subtract(before, corner), subtract(after, corner)];
    const [u, v] = [unit(back), unit(on)];
    const half = Math.acos(Math.max(-1, Math.min(1, dot(u, v)))) / 2;
    const most = Math.min(Math.hypot(back.x, back.y), Math.hypot(on.x, on.y)) / 2;
    const reach = Math.min(round / Math.tan(half), most);
    if (!(reach > 0.05) || half > 1.56) return [corner];
    const radius = reach * Math.tan(half);
    const centre = add(corner, scale(unit(add(u, v)), radius / Math.sin(half)));
    const from = subtract(add(corner, scale(u, reach)), centre);
    const to = subtract(add(corner, scale(v, reach)), centre);
    const sweep = Math.atan2(cross(from, to), dot(from, to));
    return Array.from({ length: STEPS + 1 }, (_, step) => {
      const turn = (sweep * step) / STEPS;
      const [c, s] = [Math.cos(turn), Math.sin(turn)];
      return { x: centre.x + from.x * c - from.y * s, y: centre.y + from.x * s + from.y * c };
    });
  });
}

/** The back of a cornice stands so far behind the fronts, mm, as that of ours. */
const CORNICE_BACK = -14;

/**
 * A cross section as it is fixed in its use, whatever it was drawn at: a cornice stands on the boxes, a light rail hangs under them in line with the
 * fronts, a skirting stands on the floor, a capping on its lining and a cove hangs from the ceiling, all with their backs to what they are on. Refused where its sides cross, where it
 * is nothing, and where it is larger than trims are.
 */
export function fixedProfile(use: TrimUse, drawn: readonly Point[]): Result<TrimShape> {
  const places = simpler(drawn);
  if (places.length < 3 || crossingEdges(places) || Math.abs(signedArea(places)) < LEAST_ITEM)
    return refuse('outline-crossing', {});
  if (places.length > MOST_PROFILE_PLACES) return refuse('profile-fine', { most: MOST_PROFILE_PLACES });
  const reach = shapeReach(places);
  const size = Math.max(reach.out - reach.in, reach.high - reach.low);
  if (size > MOST_PROFILE - 20) return refuse('profile-large', { size, most: MOST_PROFILE - 20 });
  const out = use === 'cornice' ? CORNICE_BACK - reach.in : use === 'lightRail' ? -reach.out : -reach.in;
  const up = use === 'cornice' || use === 'skirting' || use === 'capping' ? -reach.low : -reach.high;
  const moved = places.map(({ x, y }) => ({ x: quantise(x + out), y: quantise(y + up) }));
  return ok(signedArea(moved) > 0 ? moved : moved.reverse());
}

/** Places nearer to one another than this are one, and what stands off the line past it by less is left out, mm. */
const SAME = 0.02;

function simpler(drawn: readonly Point[]): Point[] {
  const single = drawn.filter((place, index) => distance(place, drawn.at(index - 1)!) > SAME);
  return single.filter((place, index) => {
    const [before, after] = [single.at(index - 1)!, single[(index + 1) % single.length]!];
    return Math.abs(cross(unit(subtract(after, before)), subtract(place, before))) > SAME;
  });
}
