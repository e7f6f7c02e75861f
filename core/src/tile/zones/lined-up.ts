import type { Design } from '../../document/design';
import type { ZonePlace } from '../../document/records';
import { SAME_PLACE } from '../../geometry/tolerance';
import { projectOn, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { quantise } from '../../units/units';
import { originOf } from './zone-laying';
import type { ZoneArea } from './zone-areas';
import { storedPlace, type ZoneSurface } from './zone-surface';

/**
 * Where the pattern of a zone begins so that it goes on from another: on the faces beside one another courses at the same heights and joints as if both were one, unrolled;
 * on other faces courses at the same heights; of a face and the floor before it the joints that meet. Null where the two have nothing that could line up.
 */
export function linedUp(design: Design, zone: ZoneArea, other: ZoneArea): ZonePlace | null {
  const { origin } = zone.record;
  const [here, there] = [zone.surface, other.surface];
  if (here.reveal || there.reveal) return inHole(zone, other);
  if (here.side || there.side) return besideThing(zone, other);
  if (here.face && there.face) {
    const y = other.record.origin.y;
    const away = unrolled(roomShape(design).faces, there.face, here.face);
    if (away === null) return { ...origin, y };
    return { x: quantise(there.zero + other.record.origin.x + away - here.zero), y };
  }
  const face = here.face ?? there.face;
  if (!face) return onFloor(zone, other);
  const floor = here.face ? other : zone;
  if (!runsAlong(floor, face)) return null;
  if (here.face) {
    const { along } = projectOn(face, there.toPlan(other.record.origin));
    return { x: quantise(along - here.zero), y: origin.y };
  }
  // Of the floor only its way along the face follows.
  const now = here.toPlan(origin);
  const by = there.zero + other.record.origin.x - projectOn(face, now).along;
  const at = here.fromPlan({ x: now.x + face.u.x * by, y: now.y + face.u.y * by });
  return storedPlace(at);
}

/** What a side of a hole shares with the face about it or with another side: heights of what is upright, ways along the face of what lies along it. */
function inHole({ record, surface }: ZoneArea, other: ZoneArea): ZonePlace | null {
  const [here, there] = [surface, other.surface].map(holePlace);
  const { origin } = record;
  const isUp = here!.up !== null && there!.up !== null;
  const isAlong =
    here!.along !== null && there!.along !== null && surface.face?.id === other.surface.face?.id;
  if (!isUp && !isAlong) return null;
  return storedPlace({
    x: isAlong ? there!.along! + other.record.origin.x - here!.along! : origin.x,
    y: isUp ? there!.up! + other.record.origin.y - here!.up! : origin.y,
  });
}

/** How far along its face the places of a surface begin, and how far up, mm; null of what lies another way. */
export function holePlace({ face, reveal, zero }: ZoneSurface): { along: number | null; up: number | null } {
  if (!reveal) return face ? { along: zero, up: 0 } : { along: null, up: null };
  const { side, opening } = reveal;
  return {
    along: side === 'left' || side === 'right' ? null : opening.left,
    up: side === 'sill' || side === 'head' ? null : opening.record.sill,
  };
}

/** What a side of a thing shares with a face, the floor, or another side: heights of what is upright, joints of what lies level. */
function besideThing(zone: ZoneArea, other: ZoneArea): ZonePlace | null {
  const [here, there] = [zone.surface, other.surface];
  if (here.turn !== null && there.turn !== null) return onFloor(zone, other);
  const [own, its] = [here, there].map(footOf);
  if (own === null || its === null) return null;
  return storedPlace({ x: zone.record.origin.x, y: its! + other.record.origin.y - own! });
}

/** How high the places of what is upright begin, mm; null of what lies level. */
function footOf({ turn, side }: ZoneSurface): number | null {
  if (turn !== null) return null;
  return side ? side.frame.origin[2] : 0;
}

function onFloor({ surface }: ZoneArea, other: ZoneArea): ZonePlace {
  return storedPlace(surface.fromPlan(other.surface.toPlan(other.record.origin)));
}

/** How far a place along a face lies on from the same place along one beside it, mm; null where they are not beside one another. */
function unrolled(faces: readonly PlacedFace[], from: PlacedFace, to: PlacedFace): number | null {
  const [a, b] = [from, to].map(({ id }) => faces.findIndex((face) => face.id === id)) as [number, number];
  if (a === b) return 0;
  if ((a + 1) % faces.length === b) return -from.length;
  return (b + 1) % faces.length === a ? to.length : null;
}

/** Whether a floor's pattern runs along a straight face, or square to it. */
function runsAlong({ record, surface }: ZoneArea, face: PlacedFace): boolean {
  if (face.arc || surface.turn === null) return false;
  const turn = surface.turn + (originOf(record).angle * Math.PI) / 180 - face.turn;
  return Math.abs(Math.sin(2 * turn)) < SAME_PLACE;
}
