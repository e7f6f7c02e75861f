import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { boundsOf, forEachEdge, type Polygon } from '../../geometry/polygon';
import { Frame } from '../frame';
import { within } from '../grid-edges';
import { zoneRegion } from './zone-areas';
import { choiceOf, originOf } from './zone-laying';
import { rowsOf } from './zone-rows';

/** A movement joint across a zone, in its places, mm; in a joint of its tiles, or cut through them. */
export interface MovementJoint {
  a: Point;
  b: Point;
  cut: boolean;
}

/** Fields are no longer than this without a movement joint, mm; where the sun heats them, than this. */
export const LONGEST_FIELD = 6_000;
export const LONGEST_SUNNY = 3_000;

/** Where movement joints part a zone so that no field is too long: in the joints nearest to even parts where the pattern has them right across, else cut at even parts. */
export function movementJoints(zone: ZoneRecord, rings: readonly Polygon[]): MovementJoint[] {
  if (rings.length === 0) return [];
  const { tile, joint, pattern } = zone;
  const frame = new Frame(originOf(zone));
  const framed = zoneRegion(rings).map((ring) => ring.map((at) => frame.to(at)));
  if (framed.length === 0) return [];
  const { left, right, bottom, top } = boundsOf(framed.flat());
  const most = zone.sunny ? LONGEST_SUNNY : LONGEST_FIELD;
  const rows = rowsOf(choiceOf(pattern, tile, joint), tile.w + joint);
  const across = rows?.length === 1 || pattern.type === 'vertical' ? tile.w : null;
  const upright = places({ from: left, to: right, most }, across, joint);
  const level = places({ from: bottom, to: top, most }, rows ? tile.h : null, joint);
  const drawn = (ends: readonly [Point, Point], cut: boolean): MovementJoint => ({
    ...{ a: frame.from(ends[0]), b: frame.from(ends[1]) },
    cut,
  });
  return [
    ...upright.flatMap(({ at, cut }) =>
      stretchesAt(framed, at).map(([from, to]) =>
        drawn(
          [
            { x: at, y: from },
            { x: at, y: to },
          ],
          cut,
        ),
      ),
    ),
    ...level.flatMap(({ at, cut }) =>
      stretchesAt(framed.map(turned), at).map(([from, to]) =>
        drawn(
          [
            { x: from, y: at },
            { x: to, y: at },
          ],
          cut,
        ),
      ),
    ),
  ];
}

const turned = (ring: Polygon): Point[] => ring.map(({ x, y }) => ({ x: y, y: x }));

/** Places that part a stretch; joints lie half a joint before where a tile begins. */
function places(
  { from, to, most }: { from: number; to: number; most: number },
  size: number | null,
  joint: number,
): { at: number; cut: boolean }[] {
  const long = to - from;
  for (let parts = Math.ceil(long / most - 1e-9); ; parts++) {
    const even = Array.from(
      { length: Math.max(0, parts - 1) },
      (_, index) => from + ((index + 1) * long) / parts,
    );
    if (size === null) return even.map((at) => ({ at, cut: true }));
    const found = even.map((at) => nearestJoint(at, size, joint));
    const stops = [from, ...found, to];
    const isShort = stops
      .slice(1)
      .every((at, index) => at > stops[index]! && at - stops[index]! <= most + 1e-6);
    if (isShort) return found.map((at) => ({ at, cut: false }));
    // No joint is near enough: tiles as long as that are cut.
    if (parts > long / size) return even.map((at) => ({ at, cut: true }));
  }
}

function nearestJoint(at: number, size: number, joint: number): number {
  const past = within(at + joint / 2, { size, joint });
  return past > (size + joint) / 2 ? at - past + size + joint : at - past;
}

/** The stretches of an upright line that lie in a region: from where to where, from the lowest up. */
function stretchesAt(region: readonly Polygon[], x: number): [number, number][] {
  const found: number[] = [];
  for (const ring of region)
    forEachEdge(ring, (a, b) => {
      if (a.x > x !== b.x > x) found.push(a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x));
    });
  found.sort((a, b) => a - b);
  return Array.from({ length: Math.floor(found.length / 2) }, (_, index) => [
    found[2 * index]!,
    found[2 * index + 1]!,
  ]);
}
