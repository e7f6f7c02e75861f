import { noun } from '../nouns';
import { loopOf, recordsOf, type Design } from '../document/design';
import { brokenReferences } from '../document/references';
import { SAME_PLACE } from '../geometry/tolerance';
import { ok, refuse, type Refusal, type Result } from '../result';
import { openingFaults } from './openings';
import { distancesById, type LoopPlace } from './observations';
import { tryZones } from './zones';
import { lettersOf, placeName } from './face-letters';
import { roomShape, tryRoomShape } from './room-shape';
/** A place taped to may lie this far past the end of its face as adjusted, mm: it was taped before the face was. */
const PAST_END = 25;

/** Everything that keeps records from making a room together: broken references, an outline that can't be, openings that don't fit. */
export function designRefusals(design: Design): Refusal[] {
  const broken = brokenReferences(design);
  if (broken.length > 0) return broken;
  const nowhere = tapedToItself(design);
  if (nowhere.length > 0) return nowhere;
  const shape = tryRoomShape(design);
  if (!shape.ok) return [shape.refusal];
  const zones = tryZones(design);
  return [
    ...openingFaults(design),
    ...placementFaults(design),
    ...tapedOnBends(design),
    ...tapedPastEnd(design),
    ...(zones.ok ? [] : [zones.refusal]),
  ];
}

/** Fixed things and services that reach past the end of the face they are on. */
function placementFaults(design: Design): Refusal[] {
  const { byId } = roomShape(design);
  return [...recordsOf(design, 'fixed'), ...recordsOf(design, 'service')].flatMap((record) => {
    const { placement, type } = record;
    if (placement.on !== 'face') return [];
    const { letter, length } = byId.get(placement.face)!;
    const width = record.kind === 'fixed' ? record.width : 0;
    const from = placement.from === 'left' ? placement.distance : length - placement.distance - width;
    const to = from + width;
    if (from >= -SAME_PLACE && to <= length + SAME_PLACE) return [];
    return [refuse('beyond-face', { what: type, face: letter, from, to, length }).refusal];
  });
}

/** Taped distances to a place on a face that is bent: places are only known along straight ones. */
function tapedOnBends(design: Design): Refusal[] {
  const { byId, observations } = roomShape(design);
  const taped = distancesById(observations);
  return recordsOf(design, 'measurement').flatMap(({ id, from, to, standing }) => {
    if (standing === 'excluded') return [];
    const bent = [from, to].find(({ face, distance }) => distance > 0 && byId.get(face)!.arc);
    if (!bent) return [];
    const measurement = taped.get(id)!.name;
    return [refuse('measured-on-bend', { measurement, face: byId.get(bent.face)!.letter }).refusal];
  });
}

/** Taped distances to a place past the end of its face. */
function tapedPastEnd(design: Design): Refusal[] {
  const { observations, faces } = roomShape(design);
  return observations.flatMap((one) => {
    if (one.of !== 'distance' || one.standing === 'excluded') return [];
    const past = [one.from, one.to].find((place) => place.distance > faces[place.face]!.chord + PAST_END);
    if (!past) return [];
    const { letter, chord: length } = faces[past.face]!;
    const what = noun('taped-place', one.name);
    const [from, to] = [past.distance, past.distance];
    return [refuse('beyond-face', { what, face: letter, from, to, length }).refusal];
  });
}

/** Taped distances between two places that stay as far apart whatever the room is like: a corner and itself, or two along one face from one end. */
function tapedToItself(design: Design): Refusal[] {
  const { faces } = loopOf(design);
  const letters = lettersOf(loopOf(design));
  return recordsOf(design, 'measurement').flatMap(({ standing, ...record }) => {
    const [from, to] = [record.from, record.to].map((one): LoopPlace => ({
      ...one,
      face: faces.indexOf(one.face),
    })) as [LoopPlace, LoopPlace];
    const corner = (place: LoopPlace) => (place.face + (place.from === 'left' ? 0 : 1)) % faces.length;
    const atCorners = from.distance === 0 && to.distance === 0;
    const same = atCorners ? corner(from) === corner(to) : from.face === to.face && from.from === to.from;
    if (standing === 'excluded' || !same) return [];
    const measurement = `${placeName(from, letters)} to ${placeName(to, letters)}`;
    return [refuse('measured-nowhere', { measurement }).refusal];
  });
}

/** The design if its records make a room; else the first thing in the way. */
export function checkDesign(design: Design): Result<Design> {
  const [refusal] = designRefusals(design);
  return refusal ? { ok: false, refusal } : ok(design);
}
