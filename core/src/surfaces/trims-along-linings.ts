import { roomOf, type Design } from '../document/design';
import type { TrimProfile } from '../document/limits';
import type { FixedRecord } from '../document/records';
import { remember } from '../document/remember';
import {
  add,
  cross,
  distance,
  dot,
  inward,
  place,
  scale,
  subtract,
  unit,
  type Point,
} from '../geometry/point';
import { SAME_PLACE, TOUCH } from '../geometry/tolerance';
import { leftFree, stretchOfPolygon } from '../setting/strip';
import { headroom } from '../survey/ceiling';
import { fixedThings, type FixedThing } from '../survey/fixed-things';
import { roomShape } from '../survey/room-shape';
import { FRONT_SIDE, isLined } from './lining-boards';
import { profileShape } from './own-profiles';
import type { TopEdge } from './top-edge';
import { samePiece, type TrimPiece, type TrimPlace } from './trim-piece';
import { shapeReach, type TrimShape } from './trim-profiles';
import { freeOf, SHORTEST } from './trims-along-walls';

/** The profile of the capping on a lining: its own, or the room's. */
export function cappingOf(design: Design, { record }: FixedThing): { profile: TrimProfile; own: boolean } {
  const own = record.capping;
  return { profile: own ?? roomOf(design).capping ?? 'none', own: own !== undefined };
}

/** The cappings on linings that end below the ceiling: along all of their fronts that nothing stands before, mitred where two of one height meet in a corner. */
export function trimsAlongLinings(design: Design): TrimPiece[] {
  const capped = cappedFronts(design);
  const fronts = capped.flatMap((front): Front[] => {
    const { thing, edge, profile } = front;
    const shape = profileShape(design, 'capping', profile);
    if (profile === 'none' || !shape) return [];
    const level = thing.high;
    const between = { low: level, high: level + shapeReach(shape).high };
    const free = freeOf(design, edge, between).flatMap(([a, b]) => clearOf(front, [a, b], capped));
    return free.map(([a, b]) => ({
      ...front,
      a,
      b,
      profile,
      shape: coveringShape(shape, { by: thing.record.depth }),
    }));
  });
  return inLine(fronts).map((front, _index, all) => {
    const { edge, thing, profile, shape, a, b } = front;
    const out = [outAt(front, a, all), outAt(front, b, all)];
    const piece: TrimPiece = {
      ...{ use: 'capping', profile, shape, along: { fixed: thing.id }, level: thing.high },
      ...{ path: [a, b], out },
    };
    return samePiece(edge, { piece });
  });
}

/** The linings on which a capping goes, or is left out. */
export const cappingPlaces = (design: Design): TrimPlace[] =>
  cappedFronts(design).map(({ thing, edge: { a, b }, profile }) => {
    return { use: 'capping', profile, along: { fixed: thing.id }, own: cappingOf(design, thing).own, a, b };
  });

/** The front of a lining, walked as walls are: the room on the left. */
interface Capped {
  thing: FixedThing;
  edge: TopEdge;
  profile: TrimProfile;
}

/** A stretch of one that has a capping. */
interface Front extends Capped {
  profile: Exclude<TrimProfile, 'none'>;
  shape: TrimShape;
  a: Point;
  b: Point;
}

/** Those of linings that something can lie on. */
const cappedFronts = (design: Design): Capped[] =>
  fixedThings(design)
    .filter((thing) => {
      const most = headroom(roomShape(design).ceiling, thing.footprint);
      // A half wall has a cap of its own.
      const wall = thing.against?.face.wallHeight ?? Infinity;
      return isLined(thing.record) && Math.min(most, wall) > thing.high + TOUCH;
    })
    .map((thing) => ({ thing, edge: frontEdge(thing), profile: cappingOf(design, thing).profile }));

const frontEdge = ({ record, footprint }: FixedThing): TopEdge =>
  edgeOf(record, { a: footprint[FRONT_SIDE]!, b: footprint[FRONT_SIDE + 1]! });

const edgeOf = remember(
  ({ id }: FixedRecord, ends: { a: Point; b: Point }): TopEdge => {
    return { key: `fixed ${id}`, kind: 'cut', role: 'fixed', ...ends, items: [], at: id };
  },
  { kept: 2 },
);

/** The stretches of a front that lie in no other lining as high: in a corner one runs past the other. */
function clearOf(
  { thing, edge }: Capped,
  [a, b]: readonly [Point, Point],
  all: readonly Capped[],
): [Point, Point][] {
  const u = unit(subtract(b, a));
  const strip = { origin: a, u, n: inward(u), near: -TOUCH, far: TOUCH };
  const taken = all.flatMap(({ thing: other }) => {
    if (other === thing || Math.abs(other.high - thing.high) > TOUCH) return [];
    return other.pieces.flatMap((piece) => {
      const stretch = stretchOfPolygon(strip, piece);
      return stretch && crosses(other, edge) ? [stretch] : [];
    });
  });
  const least = taken.length > 0 ? SHORTEST : TOUCH;
  return leftFree(taken, distance(a, b), least).map(([from, to]) => [
    place(a, u, from, u, 0),
    place(a, u, to, u, 0),
  ]);
}

/** Whether a lining does not merely stand beside another in line. */
const crosses = (other: FixedThing, { a, b }: TopEdge): boolean =>
  Math.abs(cross(unit(subtract(b, a)), other.u)) > ASKEW;
/** Directions that differ by less are in line (the sine of it). */
const ASKEW = 1e-3;

/** A cross section on top of what is so thick: its back goes on over that, mm. */
const coveringShape = remember(
  (shape: TrimShape, { by }: { by: number }): TrimShape => {
    const back = shapeReach(shape).in;
    return shape.map(({ x, y }) => ({ x: x <= back + SAME_PLACE ? back - by : x, y }));
  },
  { kept: 8 },
);

/** Stretches that go on in line as one length. */
function inLine(fronts: readonly Front[]): Front[] {
  const left = [...fronts];
  const found: Front[] = [];
  for (let own = left.shift(); own; own = left.shift()) {
    let whole = own;
    for (let at = 0; at < left.length; at++) {
      const other = left[at]!;
      const both = goesOn(whole, other)
        ? { ...whole, b: other.b }
        : goesOn(other, whole)
          ? { ...whole, a: other.a }
          : null;
      if (!both) continue;
      left.splice(at, 1);
      whole = both;
      at = -1;
    }
    found.push(whole);
  }
  return found;
}

const goesOn = (one: Front, next: Front): boolean =>
  distance(one.b, next.a) < TOUCH &&
  one.shape === next.shape &&
  Math.abs(one.thing.high - next.thing.high) < TOUCH &&
  Math.abs(cross(way(one), way(next))) < ASKEW &&
  dot(way(one), way(next)) > 0;

const way = ({ a, b }: Front): Point => unit(subtract(b, a));
/** Into the room: to the left. */
const outOf = (front: Front): Point => scale(inward(way(front)), -1);

/** Which way what lies out of the line lies at its end: square to it, or along the mitre with what ends there too. */
function outAt(own: Front, end: Point, all: readonly Front[]): Point {
  const n = outOf(own);
  const other = all.find(
    (one) =>
      one !== own &&
      one.profile === own.profile &&
      Math.abs(one.thing.high - own.thing.high) < TOUCH &&
      [one.a, one.b].some((place) => distance(place, end) < TOUCH),
  );
  if (!other) return n;
  const m = outOf(other);
  const turned = 1 + dot(n, m);
  return turned < ASKEW ? n : scale(add(n, m), 1 / turned);
}
