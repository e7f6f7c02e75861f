import { perDesign, recordsOf, roomOf, type Design } from '../document/design';
import type { OpeningRecord } from '../document/records';
import { place, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import type { Sector } from '../geometry/sector';
import { refuse, type Refusal } from '../result';
import { roomShape, type PlacedFace } from './room-shape';

/** An opening with its computed place on its face. */
export interface PlacedOpening {
  record: OpeningRecord;
  face: PlacedFace;
  /** Jambs along the face from its left end, mm. */
  left: number;
  right: number;
  /** D1, D2 … doors and cased openings; W1 … windows; numbered in walking order. */
  name: string;
}

/** All openings in walking order. */
export const placedOpenings: (design: Design) => PlacedOpening[] = perDesign((design) => {
  const { byId, faces } = roomShape(design);
  const order = new Map(faces.map((face, index) => [face.id, index]));
  const placed = recordsOf(design, 'opening').map((record) => {
    const face = byId.get(record.face)!;
    const left = record.from === 'left' ? record.distance : face.length - record.distance - record.width;
    return { record, face, left, right: left + record.width, name: '' };
  });
  placed.sort((a, b) => order.get(a.face.id)! - order.get(b.face.id)! || a.left - b.left);
  const counts = { D: 0, W: 0 };
  for (const opening of placed) {
    const letter = opening.record.type === 'window' ? 'W' : 'D';
    opening.name = `${letter}${++counts[letter]}`;
  }
  return placed;
});

/** What the leaf of a door sweeps inside the room: the sector its outer corner reaches, or null if it does not swing in. */
export function doorSweep({ record, face, left, right }: PlacedOpening): Sector | null {
  if (record.type !== 'door' || record.swing !== 'in') return null;
  const hinge = place(face.start, face.u, record.hinge === 'left' ? left : right, face.n, 0);
  const radius = Math.hypot(record.width, record.leaf);
  return {
    centre: hinge,
    radius,
    from: record.hinge === 'left' ? face.turn - Math.PI / 2 : face.turn + Math.PI,
    sweep: Math.PI / 2,
  };
}

/** Hinge point, closed tip and open tip of a door leaf in plan, whichever way it swings; the leaf opens to a right angle. */
export function doorLeaf({ record, face, left, right }: PlacedOpening): {
  hinge: Point;
  closed: Point;
  open: Point;
} {
  const [hingeAt, tipAt] = record.hinge === 'left' ? [left, right] : [right, left];
  const hinge = place(face.start, face.u, hingeAt, face.n, 0);
  const outward = record.swing === 'in' ? 1 : -1;
  return {
    hinge,
    closed: place(face.start, face.u, tipAt, face.n, 0),
    open: place(hinge, face.u, 0, face.n, outward * record.width),
  };
}

/** Openings that do not fit: past the end of their face, taller than the ceiling, over one another. */
export function openingFaults(design: Design): Refusal[] {
  const faults: Refusal[] = [];
  const { ceilingHeight } = roomOf(design);
  const placed = placedOpenings(design);
  placed.forEach(({ record, face, left, right, name }, index) => {
    if (left < -SAME_PLACE || right > face.length + SAME_PLACE) {
      const needed = record.distance + record.width;
      faults.push(
        refuse('opening-beyond-face', { opening: name, face: face.letter, needed, available: face.length })
          .refusal,
      );
    }
    if (record.sill + record.height > ceilingHeight + SAME_PLACE) {
      faults.push(
        refuse('opening-too-tall', {
          opening: name,
          top: record.sill + record.height,
          ceiling: ceilingHeight,
        }).refusal,
      );
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
