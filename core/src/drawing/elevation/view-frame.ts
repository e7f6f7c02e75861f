import { roomOf, type Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import type { ItemBox } from '../../setting/item-box';
import { itemBoxes } from '../../setting/item-box';
import { projectOn, wallHeightAt, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';

/** A place in front of what is looked at: along it from its left end, and out from it towards the viewer, mm. */
export interface Seen {
  along: number;
  out: number;
}

/** What an elevation looks at: a length of room, seen square from in front, cut by an upright plane before it. Lengths mm. */
export interface ViewFrame {
  project(point: Point): Seen;
  length: number;
  /** How far out the room is cut: what is nearer to the viewer is not drawn. */
  cut: number;
  /** The upper edge of what is looked at: along and up. */
  above: readonly Point[];
}

/** What is this far behind the face is not seen, mm: things let into the wall are openings. */
export const BEHIND = 1;
/** At the least the room is cut this far before a face, mm: in front of a base run. */
const LEAST_CUT = 650;
/** The cut stands this far clear of the deepest thing against the face, mm. */
const CLEAR = 10;

/** The elevation of a face: from its left to its right end as standing before it, cut before the deepest run that stands against it. A bent face is unrolled. */
export function faceFrame(design: Design, face: PlacedFace): ViewFrame {
  const { frontOverhang } = roomOf(design);
  const reach = itemBoxes(design).reduce(
    (most, box) => (box.against?.face.id === face.id ? Math.max(most, frontOf(box, face)) : most),
    0,
  );
  const wanted = Math.max(LEAST_CUT, reach + frontOverhang + CLEAR);
  const ends = face.arc ? steps.map((share) => face.length * share) : [0, face.length];
  return {
    project: (point) => projectOn(face, point),
    length: face.length,
    cut: Math.min(wanted, opposite(design, face) - CLEAR, standingBefore(design, face, reach) - CLEAR),
    above: ends.map((along) => ({ x: along, y: wallHeightAt(face, along) })),
  };
}

/** How near before a face something stands that is against none, mm, past what is against the face: an island is not cut for the wall behind it. */
function standingBefore(design: Design, face: PlacedFace, reach: number): number {
  let nearest = Infinity;
  for (const { against, rectangle } of itemBoxes(design)) {
    if (against) continue;
    const corners = rectangle.map((corner) => projectOn(face, corner));
    const alongs = corners.map(({ along }) => along);
    const out = Math.min(...corners.map((corner) => corner.out));
    if (Math.max(...alongs) > 0 && Math.min(...alongs) < face.length && out > reach + CLEAR)
      nearest = Math.min(nearest, out);
  }
  return nearest;
}

const steps = [0, 0.25, 0.5, 0.75, 1];

function frontOf({ rectangle }: ItemBox, face: PlacedFace): number {
  return Math.max(...rectangle.map((corner) => projectOn(face, corner).out));
}

/** How near before a face another wall comes that stands across from it, mm; what is beyond that is not in front of it. */
function opposite(design: Design, face: PlacedFace): number {
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const beside = [faces.at(index - 1), faces[(index + 1) % faces.length]];
  let nearest = Infinity;
  for (const other of faces) {
    if (other === face || beside.includes(other) || other.arc || face.arc) continue;
    const [a, b] = [projectOn(face, other.start), projectOn(face, other.end)];
    const [left, right] = [Math.min(a.along, b.along), Math.max(a.along, b.along)];
    if (right < 1 || left > face.length - 1) continue;
    const out = Math.min(a.out, b.out);
    if (out > CLEAR) nearest = Math.min(nearest, out);
  }
  return nearest;
}

/** The elevation of an item standing free, with those beside it in its row: seen from before its front, with nothing behind it. */
export function rowFrame(row: readonly ItemBox[], above: number): ViewFrame {
  const { u, n } = row[0]!;
  const local = (point: Point) => ({
    along: point.x * u.x + point.y * u.y,
    out: point.x * n.x + point.y * n.y,
  });
  const corners = row.flatMap(({ rectangle }) => rectangle.map(local));
  const left = Math.min(...corners.map(({ along }) => along));
  const right = Math.max(...corners.map(({ along }) => along));
  const back = Math.min(...corners.map(({ out }) => out));
  const front = Math.max(...corners.map(({ out }) => out));
  return {
    project: (point) => {
      const { along, out } = local(point);
      return { along: along - left, out: out - back };
    },
    length: right - left,
    cut: front - back + LEAST_CUT / 2,
    above: [
      { x: 0, y: above },
      { x: right - left, y: above },
    ],
  };
}
