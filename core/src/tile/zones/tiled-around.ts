import { perDesign, type Design } from '../../document/design';
import type { TilingWay } from '../../document/limits';
import { arcDepth } from '../../geometry/arc';
import { convexPieces } from '../../geometry/convex-pieces';
import type { Point } from '../../geometry/point';
import { signedArea, type Polygon } from '../../geometry/polygon';
import { without } from '../../geometry/region';
import { isDressing, isMovable, type ItemKind } from '../../ranges/item-kind';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { stretchOfPolygon } from '../../setting/strip';
import { fixedThings } from '../../survey/fixed-things';
import { openingsOn } from '../../survey/openings';
import { projectOn, type PlacedFace } from '../../survey/placed-face';
import { plinths } from '../../surfaces/plinths';
import { splashes } from '../../surfaces/splashes';
import { tops } from '../../surfaces/tops';
import type { ThingSide } from './thing-sides';

/** What is built in and ends at the tiles: cabinets and their panels. */
const BUILT: readonly ItemKind['group'][] = ['base', 'wall', 'tall', 'vanity', 'panels', 'trim', 'shapes'];
/** Fixtures that stand on the bare floor, tiles going up to them. */
const SUNK: readonly string[] = ['tub', 'shower-pan'];

/** Whether a kind is tiled round where nothing else is said: what is built in, and what a bath or tray stands on; under what stands about, and behind what hangs there. */
export function usualTiling({ id, group, top }: ItemKind): TilingWay {
  if (BUILT.includes(group) || SUNK.includes(id)) return 'around';
  return group === 'appliances' && top === 'under' ? 'around' : 'under';
}

export const tilingOf = ({ record, kind }: Pick<ItemBox, 'record' | 'kind'>): TilingWay =>
  isDressing(kind) || isMovable(kind) ? 'under' : (record.tiled ?? usualTiling(kind));

/** What has its underside higher than this stands on no floor, mm. */
const ON_FLOOR = 5;
/** What stands no further off a face is tiled round there, mm. */
const AT_FACE = 25;

/** What a floor is tiled round, as outlines in plan: plinths as far as their boards, other things by their own. */
export const floorHoles: (design: Design) => readonly Polygon[] = perDesign((design) => {
  const standing = itemBoxes(design).filter(({ low }) => low <= ON_FLOOR);
  const under = new Map(
    standing.filter((box) => tilingOf(box) === 'under').map((box) => [box.id, box.footprint]),
  );
  const onPlinth = new Set<string>();
  const holes: Polygon[] = [];
  for (const { items, outline } of plinths(design)) {
    for (const id of items) onPlinth.add(id);
    const free = items.flatMap((id) => (under.has(id) ? [under.get(id)!] : []));
    holes.push(...(free.length > 0 ? without([outline], free) : [outline]));
  }
  for (const box of standing) if (!under.has(box.id) && !onPlinth.has(box.id)) holes.push(box.footprint);
  for (const { low, footprint } of fixedThings(design)) if (low <= ON_FLOOR) holes.push(footprint);
  return holes;
});

/** What lies on top of a thing is tiled round, as outlines in plan: what stands on it and goes through it. */
export function topHoles(design: Design, { upon, frame: { origin } }: ThingSide): readonly Polygon[] {
  const [, , high] = origin;
  const stands = (thing: { low: number; high: number }) => thing.low < high + ON_FLOOR && thing.high > high;
  const sunk = itemBoxes(design).filter(
    (box) =>
      box.id !== upon.thing &&
      !isMovable(box.kind) &&
      !isDressing(box.kind) &&
      // What is let into a top goes through it, whatever floors do under it.
      (box.kind.within
        ? box.low < high && box.high > high - ON_FLOOR
        : stands(box) && tilingOf(box) === 'around'),
  );
  const fixed = fixedThings(design).filter((thing) => thing.id !== upon.thing && stands(thing));
  return [...sunk, ...fixed].map(({ footprint }) => footprint);
}

/** What a side of a thing is tiled round, mm along it from its left end and up from its foot: what is built at it, and tops that come to it. */
export function sideHoles(design: Design, { upon, frame, region }: ThingSide): FaceHole[] {
  const { origin, right, normal } = frame;
  const [x, y, low] = origin;
  const wide = Math.max(...region[0]!.map((corner) => corner.x));
  const line = {
    ...{ origin: { x, y }, u: { x: right[0], y: right[1] }, n: { x: normal[0], y: normal[1] } },
    length: wide,
  };
  return builtAt(design, (polygon) => straightStretch(line, polygon), upon.thing).map((hole) => ({
    ...hole,
    bottom: hole.bottom - low,
    top: hole.top - low,
  }));
}

/** A rectangle of a face, mm along it from its left end and up. */
export interface FaceHole {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** What a face is tiled round: its openings with their casings, what is built at it, tops and splashes. */
export function faceHoles(design: Design, face: PlacedFace): FaceHole[] {
  const holes = openingsOn(design, face.id).map(({ left, right, record }): FaceHole => {
    const { casing, sill, height } = record;
    return {
      ...{ left: left - casing, right: right + casing },
      ...{ bottom: sill < 1 ? 0 : sill - casing, top: sill + height + casing },
    };
  });
  holes.push(...builtAt(design, (polygon) => stretchAt(face, polygon)));
  for (const one of splashes(design))
    if (one.face === face.id)
      for (const { footprint, low, high } of one.pieces)
        holes.push(...holeOf(stretchAt(face, footprint), low, high));
  return holes;
}

type Stretch = readonly [number, number] | null;

const holeOf = (stretch: Stretch, bottom: number, top: number): FaceHole[] =>
  stretch && top > bottom ? [{ left: stretch[0], right: stretch[1], bottom, top }] : [];

/** What is built at something upright that is tiled round it, but for one thing, by the stretch that each takes of it. */
function builtAt(design: Design, stretchOf: (polygon: Polygon) => Stretch, but?: string): FaceHole[] {
  const holes: FaceHole[] = [];
  const add = (polygon: Polygon, bottom: number, top: number) =>
    holes.push(...holeOf(stretchOf(polygon), bottom, top));
  for (const box of itemBoxes(design))
    if (box.id !== but && tilingOf(box) === 'around')
      for (const piece of box.pieces) add(piece, box.low, box.high);
  for (const thing of fixedThings(design))
    if (thing.id !== but) for (const piece of thing.pieces) add(piece, thing.low, thing.high);
  for (const { outline, underside, surface } of tops(design))
    for (const ring of outline)
      if (signedArea(ring) > 0) for (const piece of convexPieces(ring)) add(piece, underside, surface);
  return holes;
}

interface StraightLine {
  origin: Point;
  u: Point;
  n: Point;
  length: number;
}

function straightStretch({ length, ...line }: StraightLine, polygon: Polygon): Stretch {
  const stretch = stretchOfPolygon({ ...line, near: -AT_FACE, far: AT_FACE }, polygon);
  if (!stretch) return null;
  const [from, to] = [Math.max(0, stretch[0]), Math.min(length, stretch[1])];
  return to > from ? [from, to] : null;
}

/** The stretch of a face that something stands at; null where it stands at none. */
function stretchAt(face: PlacedFace, polygon: Polygon): Stretch {
  if (!face.arc) return straightStretch({ ...face, origin: face.start }, polygon);
  const places = polygon.map((corner) => projectOn(face, corner));
  const alongs = places
    .map(({ along }) => along)
    .filter((along) => along > -AT_FACE && along < face.length + AT_FACE);
  if (alongs.length < places.length) return null;
  const [from, to] = [Math.min(...alongs), Math.max(...alongs)];
  // Straight things touch a bent wall with their middle or their corners only.
  const bulge = arcDepth(Math.min(to - from, 2 * face.arc.radius), face.arc.radius, false);
  return Math.min(...places.map(({ out }) => out)) <= AT_FACE + bulge
    ? [Math.max(0, from), Math.min(face.length, to)]
    : null;
}

export const rectangleOf = ({ left, right, bottom, top }: FaceHole): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];

export const clockwise = (ring: Polygon): Point[] => (signedArea(ring) > 0 ? ring.toReversed() : [...ring]);
export const counterClockwise = (ring: Polygon): Point[] =>
  signedArea(ring) < 0 ? ring.toReversed() : [...ring];
