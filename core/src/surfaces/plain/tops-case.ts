import { CaseReader } from '../../document/case-reader';
import { distance, type Point } from '../../geometry/point';
import { crossingEdges, signedArea } from '../../geometry/polygon';
import { type Result } from '../../result';
import type { CornerShape, TreatedCorner } from '../outline/treated';

/** A range that parts a top: on the leg of an index, from so far along its wall, and the gap to the top at either side. Lengths mm. */
export interface TopBreak {
  leg: number;
  from: number;
  width: number;
  gap: number;
}

/** What is cut out: at so much along the wall of a leg (or the edge of a polygon) to its middle, and so far from the finished front edge to its near side, a circle to its centre. Lengths mm. */
export interface CaseCutOut {
  id: string;
  /** Of the leg or the edge. */
  index: number;
  along: number;
  front: number;
  shape: { w: number; d: number; r: number } | { radius: number };
}

/** A top as it is asked for by itself: over boxes along walls (the room on their left), or on a polygon walked counter-clockwise. Lengths mm. */
export interface TopsCase {
  id: string;
  base: { walls: Point[]; depths: number[] } | { polygon: Point[] };
  /** By the name of an edge: how far out it is moved; none stays. */
  overhang: ReadonlyMap<string, number>;
  breaks: TopBreak[];
  corners: TreatedCorner[];
  cutOuts: CaseCutOut[];
}

const MOST_PLACE = 1e6;
const MOST_CORNERS = 200;
const MOST_CUTS = 100;
const KEYS = ['id', 'walls', 'depths', 'polygon', 'overhang', 'breaks', 'corners', 'cutouts'];

/** A case as it is read from JSON, or every fault of it with its place. */
export function readTopsCase(raw: unknown, path: string): Result<TopsCase> {
  const read = new CaseReader();
  const all = read.object(raw, path, KEYS);
  const id = read.text(all['id'], `${path}.id`);
  const list = (key: string, most: number, least = 0) =>
    (all[key] === undefined ? [] : read.list(all[key], `${path}.${key}`, most, least)).map(
      (value, index) => [value, `${path}.${key}[${index}]`] as const,
    );
  const places = (key: string, least: number): Point[] =>
    list(key, MOST_CORNERS, least).map(([value, at]) => {
      const pair = read.list(value, at, 2, 2);
      const [x, y] = [0, 1].map((one) => read.number(pair[one], `${at}[${one}]`, -MOST_PLACE, MOST_PLACE));
      return { x: x!, y: y! };
    });

  const runs = all['polygon'] === undefined;
  if (runs === (all['walls'] === undefined)) read.fault(path, undefined, 'walls-or-polygon');
  const walls = places('walls', 2);
  const polygon = places('polygon', 3);
  const depths = list('depths', MOST_CORNERS).map(([value, at]) => read.number(value, at, 1, 10_000));
  const legs = runs ? walls.length - 1 : polygon.length;
  if (runs && depths.length !== legs)
    read.fault(`${path}.depths`, undefined, { because: 'list-of', count: legs });
  if (!runs && depths.length > 0) read.fault(`${path}.depths`, undefined, 'walls-only');
  (runs ? walls : polygon).forEach((point, index, ring) => {
    const next = runs ? ring[index + 1] : ring[(index + 1) % ring.length];
    if (next && distance(point, next) < 1e-6)
      read.fault(`${path}.${runs ? 'walls' : 'polygon'}[${index}]`, undefined, 'same-place-next');
  });
  if (!read.faulty && !runs) {
    const crossed = crossingEdges(polygon);
    if (crossed) read.fault(`${path}.polygon[${crossed[0]}]`, undefined, 'crosses-itself');
    else if (signedArea(polygon) <= 0) read.fault(`${path}.polygon`, undefined, 'not-counter-clockwise');
  }

  const names = runs
    ? [...Array.from({ length: legs }, (_, leg) => [`front${leg + 1}`, `back${leg + 1}`]).flat(), ...ENDS]
    : polygon.map((_, edge) => `e${edge}`);
  const given = all['overhang'] === undefined ? {} : read.object(all['overhang'], `${path}.overhang`, names);
  const overhang = new Map(
    Object.entries(given).map(([name, value]) => [
      name,
      read.number(value, `${path}.overhang.${name}`, -10_000, 10_000),
    ]),
  );

  const breaks = list('breaks', MOST_CUTS).map(([value, at]): TopBreak => {
    const one = read.object(value, at, ['leg', 'from', 'width', 'gap']);
    return {
      leg: indexOf(read, one['leg'], `${at}.leg`, 1, legs),
      from: read.number(one['from'], `${at}.from`, -MOST_PLACE, MOST_PLACE),
      width: read.number(one['width'], `${at}.width`, 0, MOST_PLACE),
      gap: read.number(one['gap'] ?? 0, `${at}.gap`, 0, 10_000),
    };
  });
  if (!runs && breaks.length > 0) read.fault(`${path}.breaks`, undefined, 'walls-only');

  const edges = [...names, ...(breaks.length > 0 ? ['break-a', 'break-b'] : [])];
  const corners = list('corners', MOST_CORNERS).map(([value, at]): TreatedCorner => {
    const one = read.object(value, at, ['at', 'radius', 'chamfer']);
    const pair = read.list(one['at'], `${at}.at`, 2, 2);
    const [first, second] = [0, 1].map((end) => read.oneOf(pair[end], `${at}.at[${end}]`, edges));
    return { at: [first!, second!], shape: shapeOf(read, one, at) };
  });

  const cutOuts = list('cutouts', MOST_CUTS).map(([value, at]): CaseCutOut => {
    const one = read.object(value, at, ['id', 'leg', 'edge', 'along', 'front', 'w', 'd', 'r', 'radius']);
    const from = { along: one['along'], front: one['front'] };
    if ((one['leg'] === undefined) === (one['edge'] === undefined) || runs === (one['leg'] === undefined))
      read.fault(at, undefined, { because: 'leg-or-edge', key: runs ? 'leg' : 'edge' });
    const index = runs
      ? indexOf(read, one['leg'], `${at}.leg`, 1, legs)
      : edgeOf(read, one['edge'], `${at}.edge`, legs);
    return {
      id: read.text(one['id'], `${at}.id`),
      index,
      along: read.number(from.along, `${at}.along`, -MOST_PLACE, MOST_PLACE),
      front: read.number(from.front, `${at}.front`, -10_000, MOST_PLACE),
      shape: cutShape(read, one, at),
    };
  });
  cutOuts.forEach(({ id: own }, index) => {
    if (cutOuts.findIndex((other) => other.id === own) < index)
      read.fault(`${path}.cutouts[${index}].id`, own, 'there-twice');
  });
  return read.result({
    id,
    base: runs ? { walls, depths } : { polygon },
    overhang,
    breaks,
    corners,
    cutOuts,
  });
}

const ENDS = ['start', 'end'];

/** A count from a first number on, as an index from 0. */
function indexOf(read: CaseReader, value: unknown, path: string, first: number, count: number): number {
  if (Number.isInteger(value) && Number(value) >= first && Number(value) < first + count)
    return Number(value) - first;
  read.fault(path, value, { because: 'whole-between', least: first, most: first + count - 1 });
  return 0;
}

/** An edge of a polygon, named `e3` or by its number. */
function edgeOf(read: CaseReader, value: unknown, path: string, count: number): number {
  const number = typeof value === 'string' && /^e\d{1,4}$/.test(value) ? Number(value.slice(1)) : value;
  return indexOf(read, number, path, 0, count);
}

function shapeOf(read: CaseReader, one: Record<string, unknown>, path: string): CornerShape {
  if ((one['radius'] === undefined) === (one['chamfer'] === undefined))
    read.fault(path, undefined, { because: 'either-or', one: 'radius', other: 'chamfer' });
  const size = (key: string) => read.number(one[key], `${path}.${key}`, 1e-3, 100_000);
  return one['radius'] === undefined ? { chamfer: size('chamfer') } : { radius: size('radius') };
}

function cutShape(read: CaseReader, one: Record<string, unknown>, path: string): CaseCutOut['shape'] {
  const size = (key: string) => read.number(one[key], `${path}.${key}`, 1e-3, 100_000);
  if (one['radius'] !== undefined) {
    for (const key of ['w', 'd', 'r'])
      if (one[key] !== undefined)
        read.fault(`${path}.${key}`, one[key], { because: 'either-or', one: 'radius', other: 'w, d, r' });
    return { radius: size('radius') };
  }
  const [w, d] = [size('w'), size('d')];
  return { w, d, r: read.number(one['r'] ?? 0, `${path}.r`, 0, Math.min(w, d) / 2) };
}
