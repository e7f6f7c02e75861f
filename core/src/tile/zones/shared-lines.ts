import type { Design } from '../../document/design';
import { cross, direction, dot, type Point } from '../../geometry/point';
import { projectOn, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import type { Row } from '../grid-edges';
import type { ZoneArea } from './zone-areas';
import { holePlace } from './lined-up';
import type { ThingSide } from './thing-sides';
import { zoneRows, type ZoneRows } from './zone-rows';

/** A line along which several zones can have their joints at the same places: a place of the zone is `way` · place + `from` along it, mm. */
export interface SharedLine {
  name: string;
  way: Point;
  from: number;
}

/**
 * The lines on which joints of zones could meet: heights of all faces, the way along a face of what is on it and of the floor before it, the floor's own ways of its zones, and where joints
 * go on `round` corners, the way along faces beside one another, unrolled.
 */
export function sharedLines(design: Design, zones: readonly ZoneArea[], round: boolean): SharedLine[][] {
  const faces = new Map(zones.flatMap(({ surface: { face } }) => (face ? [[face.id, face]] : [])));
  const runs = round ? runsOf(roomShape(design).faces, faces) : new Map<string, Run>();
  const onFloor = zones.find(({ surface }) => surface.turn !== null);
  return zones.map(({ surface }): SharedLine[] => {
    const { face, reveal, side, zero } = surface;
    if (face) {
      const run = reveal ? undefined : runs.get(face.id);
      const { along, up } = holePlace(surface);
      return [
        ...(up === null ? [] : [{ name: 'height', way: { x: 0, y: 1 }, from: up }]),
        ...(along === null ? [] : [{ name: face.id, way: { x: 1, y: 0 }, from: along }]),
        ...(run ? [{ name: run.name, way: { x: 1, y: 0 }, from: run.from + zero }] : []),
      ];
    }
    if (side && surface.turn === null) return linesOf(side, faces.values());
    const origin = surface.toPlan({ x: 0, y: 0 });
    const u = direction(surface.turn ?? 0);
    const line = (name: string, way: Point, from: number): SharedLine => ({
      ...{ name, from },
      way: { x: dot(way, u), y: u.x * way.y - u.y * way.x },
    });
    const own = onFloor!.record;
    const way = direction(onFloor!.surface.turn! + own.angle);
    return [
      ...[...faces.values()].flatMap((one) =>
        one.arc ? [] : [line(one.id, one.u, projectOn(one, origin).along)],
      ),
      ...[way, { x: -way.y, y: way.x }].map((one, index) => line(`floor ${index}`, one, dot(one, origin))),
    ];
  });
}

/** Of an upright side of a thing: heights, and the way along faces that it stands along. */
function linesOf({ frame: { origin, right } }: ThingSide, faces: Iterable<PlacedFace>): SharedLine[] {
  const [u, at] = [
    { x: right[0], y: right[1] },
    { x: origin[0], y: origin[1] },
  ];
  return [
    { name: 'height', way: { x: 0, y: 1 }, from: origin[2] },
    ...[...faces].flatMap((face): SharedLine[] => {
      const along = face.arc ? 0 : dot(u, face.u);
      if (Math.abs(along) < 1 - ALONG) return [];
      return [{ name: face.id, way: { x: Math.sign(along), y: 0 }, from: projectOn(face, at).along }];
    }),
  ];
}

/** Ways are the same to so much. */
const ALONG = 1e-9;

interface Run {
  name: string;
  /** How far along its run a face begins, mm. */
  from: number;
}

/** Faces beside one another, in runs: where they go all round, the run ends at the first face's corner. */
function runsOf(faces: readonly PlacedFace[], among: ReadonlyMap<string, PlacedFace>): Map<string, Run> {
  const runs = new Map<string, Run>();
  const first = faces.findIndex(({ id }, index) => among.has(id) && !among.has(faces.at(index - 1)!.id));
  const walked = [...faces.slice(Math.max(0, first)), ...faces.slice(0, Math.max(0, first))];
  let [count, from] = [0, 0];
  for (const { id, length } of walked) {
    if (among.has(id)) runs.set(id, { name: `round ${count}`, from });
    else count += 1;
    from = among.has(id) ? from + length : 0;
  }
  return runs;
}

/** A way of a zone's rows (0 along them, 1 across) that shares its joints with others of a set: its places are `sign` times those of the set, and `from`. */
export interface TiedWay {
  zone: number;
  way: 0 | 1;
  set: number;
  sign: -1 | 1;
  from: number;
  row: Row;
}

/** A zone laid in rows, with the lines it could share. */
export interface RowedZone {
  rows: ZoneRows;
  lines: readonly SharedLine[];
}

/** Ways that turn from one another by less are the same: 0.02 mm over the longest face. */
const SAME_WAY = 1e-6;

/**
 * Which ways of several zones share their joints: those along the same line, of tiles as large with the same joint. What would bind a way to itself is left out: all
 * round a room joints need not meet at the last corner.
 */
export function tiedWays(zones: readonly RowedZone[]): TiedWay[] {
  const ways = zones.flatMap(({ rows }, zone) =>
    ([0, 1] as const).map((way, _, both): TiedWay => ({
      ...{ zone, way, set: zone * both.length + way, sign: 1, from: 0 },
      row: way === 0 ? rows.along : rows.up,
    })),
  );
  const names = new Set(zones.flatMap(({ lines }) => lines.map(({ name }) => name)));
  for (const name of names) {
    const on = ways.flatMap((one) => {
      const { rows, lines } = zones[one.zone]!;
      const line = lines.find((other) => other.name === name);
      if (!line) return [];
      const own = rows.frame.from(one.way === 0 ? { x: 1, y: 0 } : { x: 0, y: 1 });
      if (Math.abs(cross(line.way, own)) > SAME_WAY) return [];
      const sign = dot(line.way, own) > 0 ? (1 as const) : (-1 as const);
      return [{ one, sign, from: -sign * line.from }];
    });
    for (const [index, { one, sign, from }] of on.entries()) {
      const met = on.slice(0, index).find((other) => isSameRow(other.one.row, one.row));
      if (!met || met.one.set === one.set) continue;
      // Both of the line: one = from + sign · q, met = its from + its sign · q; so one of the other, and of its set.
      const by = (sign * met.sign) as -1 | 1;
      join(ways, one, {
        ...met.one,
        sign: (by * met.one.sign) as -1 | 1,
        from: from + by * (met.one.from - met.from),
      });
    }
  }
  return ways;
}

/** Puts all of a way's set into another, as that way's own place in it says. */
function join(ways: TiedWay[], one: TiedWay, { set, sign, from }: Pick<TiedWay, 'from' | 'set' | 'sign'>) {
  const [old, by] = [one.set, (one.sign * sign) as -1 | 1];
  // A place of the old set, from one's: q = sign · (p - from).
  const off = one.sign * (from - one.from);
  for (const other of ways) {
    if (other.set !== old) continue;
    other.from += other.sign * off;
    other.sign = (other.sign * by) as -1 | 1;
    other.set = set;
  }
}

const isSameRow = (one: Row, other: Row): boolean =>
  Math.abs(one.size - other.size) < 1e-6 && Math.abs(one.joint - other.joint) < 1e-6;

/** What a zone shares with others of its joints: those along the faces' heights or across its rows, and so on; none where it shares nothing. */
export function sharedWith(
  zones: readonly (Pick<ZoneArea, 'field' | 'record'> & { lines: readonly SharedLine[] })[],
): (0 | 1 | 2)[] {
  const rowed = zones.map(({ record, field, lines }) => {
    const rows = zoneRows(record, field);
    return rows && { rows, lines };
  });
  const known = rowed.flatMap((one, index) => (one ? [{ one, index }] : []));
  const ways = tiedWays(known.map(({ one }) => one));
  return zones.map((_, index) => {
    const at = known.findIndex((one) => one.index === index);
    const own = ways.filter(({ zone }) => zone === at);
    return own.filter(({ set, zone }) => ways.some((other) => other.set === set && other.zone !== zone))
      .length as 0 | 1 | 2;
  });
}
