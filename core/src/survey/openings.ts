import { perDesign, recordsOf, type Design } from '../document/design';
import type { MeasuredFrom, OpeningType } from '../document/opening-types';
import type { OpeningRecord } from '../document/records';
import { place, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import type { Sector } from '../geometry/sector';
import { refuse, type Refusal } from '../result';
import { roomShape, wallHeightAt, type PlacedFace } from './room-shape';

/** An opening with its computed place on its face. */
export interface PlacedOpening {
  record: OpeningRecord;
  face: PlacedFace;
  /** Jambs along the face from its left end, mm. */
  left: number;
  right: number;
  /** D1, D2 … doors and cased openings; W1 … windows; H1 … hatches; N1 … niches; numbered in walking order. */
  name: string;
}

/** The letter an opening's name starts with. */
const letters: Record<OpeningType, string> = { door: 'D', cased: 'D', window: 'W', hatch: 'H', niche: 'N' };

/** All openings in walking order. */
export const placedOpenings: (design: Design) => PlacedOpening[] = perDesign((design) => {
  const { byId, faces } = roomShape(design);
  const order = new Map(faces.map((face, index) => [face.id, index]));
  const placed = recordsOf(design, 'opening').map((record) => {
    const face = byId.get(record.face)!;
    const left = leftJamb(record, face.length);
    return { record, face, left, right: left + record.width, name: '' };
  });
  placed.sort((a, b) => order.get(a.face.id)! - order.get(b.face.id)! || a.left - b.left);
  const counts: Record<string, number> = {};
  for (const opening of placed) {
    const letter = letters[opening.record.type];
    counts[letter] = (counts[letter] ?? 0) + 1;
    opening.name = `${letter}${counts[letter]}`;
  }
  return placed;
});

type Measured = Pick<OpeningRecord, 'from' | 'to' | 'distance' | 'width'>;

/** The share of a length at which left, centre and right lie. */
const share: Record<MeasuredFrom, number> = { left: 0, centre: 0.5, right: 1 };

/** Where the left jamb stands, mm from the face's left end. */
export function leftJamb({ from, to, distance, width }: Measured, faceLength: number): number {
  const towards = from === 'right' ? -1 : 1;
  return share[from] * faceLength + towards * distance - share[to] * width;
}

/** The distance that puts the left jamb at a place, measured as the opening is. */
export function distanceFor({ from, to, width }: Measured, left: number, faceLength: number): number {
  const towards = from === 'right' ? -1 : 1;
  return towards * (left + share[to] * width - share[from] * faceLength);
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
export function doorLeaves({ record, face, left, right }: PlacedOpening): Leaf[] {
  const { type, action, hinge, swing, angle, width } = record;
  if (type !== 'door' || action === 'sliding' || action === 'pocket') return [];
  const sides = action === 'double' ? (['left', 'right'] as const) : [hinge];
  return sides.map((side) => {
    const closed = side === 'left' ? face.turn : face.turn + Math.PI;
    // Seen from above, a left leaf that opens into the room turns clockwise, a right one the other way.
    const clockwise = (side === 'left') === (swing === 'in');
    return {
      hinge: place(face.start, face.u, side === 'left' ? left : right, face.n, 0),
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

/** Openings that do not fit: past the end of their face, taller than the wall, deeper than it, over one another. */
export function openingFaults(design: Design): Refusal[] {
  const faults: Refusal[] = [];
  const placed = placedOpenings(design);
  placed.forEach((opening, index) => {
    const { record, face, left, right, name } = opening;
    if (left < -SAME_PLACE || right > face.length + SAME_PLACE) {
      const data = { what: name, face: face.letter, from: left, to: right, length: face.length };
      faults.push(refuse('beyond-face', data).refusal);
    }
    const headroom = Math.min(wallHeightAt(face, left), wallHeightAt(face, right));
    if (top(record) > headroom + SAME_PLACE)
      faults.push(refuse('opening-too-tall', { opening: name, top: top(record), ceiling: headroom }).refusal);
    if (record.type === 'niche' && record.depth > face.thickness)
      faults.push(
        refuse('niche-too-deep', { opening: name, depth: record.depth, wall: face.thickness }).refusal,
      );
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
