import { named } from '../nouns';
import { perDesign, recordOf, recordsOf, type Design } from '../document/design';
import { groupedBy } from '../document/grouped';
import { rememberBoth } from '../document/remember';
import type { MeasuredFrom, OpeningType } from '../document/opening-types';
import type { OpeningRecord } from '../document/records';
import { arcDepth } from '../geometry/arc';
import { distance, place, scale, subtract, inward, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import type { Sector } from '../geometry/sector';
import { refuse, type Refusal } from '../result';
import { deepestNiche } from './hole-depth';
import { facePoint, wallHeightAt, type PlacedFace } from './placed-face';
import { roomShape, type RoomShape } from './room-shape';

/** An opening with its computed place on its face. */
export interface PlacedOpening {
  record: OpeningRecord;
  face: PlacedFace;
  /** Jambs along the face from its left end, mm. */
  left: number;
  right: number;
  /** The left jamb on the face; u runs straight from it to the right jamb, n into the room. */
  at: Point;
  u: Point;
  n: Point;
  /** How far the middle of a bent face stands off the straight line between the jambs, either way, mm. */
  bulge: number;
  /** D1, D2 … doors and cased openings; W1 … windows; H1 … hatches; N1 … niches; numbered in walking order. */
  name: string;
}

/** The letter an opening's name starts with. */
const letters: Record<OpeningType, string> = { door: 'D', cased: 'D', window: 'W', hatch: 'H', niche: 'N' };

/** All openings in walking order. */
export const placedOpenings: (design: Design) => readonly PlacedOpening[] = perDesign((design) =>
  placedIn(roomShape(design), recordsOf(design, 'opening')),
);

/** The very same openings while neither they nor the room change. */
const placedIn = rememberBoth(
  (shape: RoomShape, records: readonly OpeningRecord[]): readonly PlacedOpening[] => {
    const { byId, faces } = shape;
    const order = new Map(faces.map((face, index) => [face.id, index]));
    const placed = records.map((record) => {
      const face = byId.get(record.face)!;
      const span = openingSpan(record, face);
      const left = leftJamb(record, face);
      return { record, face, left, right: left + span, name: '', ...frameOf(face, left, left + span) };
    });
    placed.sort((a, b) => order.get(a.face.id)! - order.get(b.face.id)! || a.left - b.left);
    const counts: Record<string, number> = {};
    for (const opening of placed) {
      const letter = letters[opening.record.type];
      counts[letter] = (counts[letter] ?? 0) + 1;
      opening.name = `${letter}${counts[letter]}`;
    }
    return placed;
  },
);

const openingsByFace = perDesign((design) => groupedBy(placedOpenings(design), ({ face }) => face.id));

/** The openings of a face, from its left end on. */
export function openingsOn(design: Design, face: string): readonly PlacedOpening[] {
  return openingsByFace(design).get(face) ?? [];
}

/** The opening of this id with its place, if there is one. */
export function findOpening(design: Design, id: string): PlacedOpening | undefined {
  const record = recordOf(design, 'opening', id);
  return record && openingsOn(design, record.face).find((one) => one.record === record);
}

function frameOf(face: PlacedFace, left: number, right: number) {
  const { arc } = face;
  if (!arc) return { at: facePoint(face, left), u: face.u, n: face.n, bulge: 0 };
  const [at, other] = [facePoint(face, left), facePoint(face, right)];
  const width = distance(at, other);
  const u = scale(subtract(other, at), 1 / width);
  return { at, u, n: inward(u), bulge: arcDepth(width, arc.radius, false) };
}

/** How much of its face an opening takes, mm: more than its straight width on a bent one. */
export function openingSpan({ width }: Pick<OpeningRecord, 'width'>, { arc }: Along): number {
  return arc ? 2 * arc.radius * Math.asin(Math.min(1, width / (2 * arc.radius))) : width;
}

type Measured = Pick<OpeningRecord, 'from' | 'to' | 'distance' | 'width'>;
/** What of a face a place along it depends on. */
type Along = Pick<PlacedFace, 'length' | 'arc'>;

/** The share of a length at which left, centre and right lie. */
const share: Record<MeasuredFrom, number> = { left: 0, centre: 0.5, right: 1 };

/** Where the left jamb stands, mm from the face's left end. */
export function leftJamb(opening: Measured, face: Along): number {
  const { from, to, distance } = opening;
  const towards = from === 'right' ? -1 : 1;
  return share[from] * face.length + towards * distance - share[to] * openingSpan(opening, face);
}

/** The distance that puts the left jamb at a place, measured as the opening is. */
export function distanceFor(opening: Measured, left: number, face: Along): number {
  const { from, to } = opening;
  const towards = from === 'right' ? -1 : 1;
  return towards * (left + share[to] * openingSpan(opening, face) - share[from] * face.length);
}

/** A leaf of a hinged, double or folding door: its hinge, width, and the directions it has closed and opened as far as it goes, radians. */
export interface Leaf {
  hinge: Point;
  width: number;
  closed: number;
  open: number;
  /** The sector the leaf's line sweeps. */
  from: number;
  sweep: number;
}

/** The leaves of a door that turn on hinges, whichever way they swing. A folding door counts with the half that turns. */
export function doorLeaves({ record, at, u }: PlacedOpening): Leaf[] {
  const { type, action, hinge, swing, angle, width } = record;
  if (type !== 'door' || action === 'sliding' || action === 'pocket') return [];
  const sides = action === 'double' ? (['left', 'right'] as const) : [hinge];
  const along = Math.atan2(u.y, u.x);
  return sides.map((side) => {
    const closed = side === 'left' ? along : along + Math.PI;
    // Seen from above, a left leaf that opens into the room turns clockwise, a right one the other way.
    const clockwise = (side === 'left') === (swing === 'in');
    return {
      hinge: side === 'left' ? at : place(at, u, width, u, 0),
      width: action === 'hinged' ? width : width / 2,
      closed,
      open: clockwise ? closed - angle : closed + angle,
      from: clockwise ? closed - angle : closed,
      sweep: angle,
    };
  });
}

/** What the leaves of a door sweep inside the room: the sectors their outer corners reach; none for a door that does not swing in. */
export function doorSweeps(opening: PlacedOpening): Sector[] {
  if (opening.record.swing !== 'in') return [];
  return doorLeaves(opening).map(({ hinge, width, from, sweep }) => ({
    centre: hinge,
    radius: Math.hypot(width, opening.record.leaf),
    from,
    sweep,
  }));
}

/** The floor before an opening, so much wider at both jambs and so deep, mm. */
export function floorBefore({ record, at, u, n }: PlacedOpening, wider: number, depth: number): Point[] {
  const [left, right] = [-wider, record.width + wider];
  return [
    place(at, u, left, n, 0),
    place(at, u, right, n, 0),
    place(at, u, right, n, depth),
    place(at, u, left, n, depth),
  ];
}

/** Openings that do not fit: past the end of their face, taller than the wall, deeper than it, over one another. */
export function openingFaults(design: Design): Refusal[] {
  const faults: Refusal[] = [];
  const placed = placedOpenings(design);
  placed.forEach((opening, index) => {
    const { record, face, left, right, name } = opening;
    if (face.arc && record.width > 2 * face.arc.radius)
      faults.push(
        refuse('wider-than-arc', {
          what: name,
          face: face.letter,
          width: record.width,
          radius: face.arc.radius,
        }).refusal,
      );
    if (left < -SAME_PLACE || right > face.length + SAME_PLACE) {
      const data = { what: named(name), face: face.letter, from: left, to: right, length: face.length };
      faults.push(refuse('beyond-face', data).refusal);
    }
    const headroom = Math.min(wallHeightAt(face, left), wallHeightAt(face, right));
    if (top(record) > headroom + SAME_PLACE)
      faults.push(refuse('opening-too-tall', { opening: name, top: top(record), ceiling: headroom }).refusal);
    const room = record.type === 'niche' ? deepestNiche(opening, face.thickness) : Infinity;
    if (record.depth > room) {
      const data = { opening: name, depth: record.depth, wall: face.thickness, room: Math.max(0, room) };
      faults.push(refuse('niche-too-deep', data).refusal);
    }
    const pocket = record.hinge === 'left' ? left : face.length - right;
    if (record.type === 'door' && record.action === 'pocket' && pocket < record.width - SAME_PLACE) {
      const data = { opening: name, face: face.letter, needed: record.width, available: pocket };
      faults.push(refuse('pocket-too-short', data).refusal);
    }
    for (const other of placed.slice(index + 1)) {
      if (other.face !== face) continue;
      const across = Math.min(right, other.right) - Math.max(left, other.left);
      const upward = Math.min(top(record), top(other.record)) - Math.max(record.sill, other.record.sill);
      if (across > SAME_PLACE && upward > SAME_PLACE) {
        faults.push(refuse('openings-overlap', { first: name, second: other.name, overlap: across }).refusal);
      }
    }
  });
  return faults;
}

function top(record: OpeningRecord): number {
  return record.sill + record.height;
}
