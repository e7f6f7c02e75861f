import { placedRecords, type Design } from '../document/design';
import { factsOf, withPlaces } from '../document/kinds';
import type { DesignRecord, FacePlace, Side } from '../document/records';
import { SAME_PLACE } from '../geometry/tolerance';
import { ok, refuse, type Result } from '../result';
import { quantise } from '../units/units';
import { distanceFor, placedOpenings } from './openings';
import { roomShape } from './room-shape';

/** A part of a face, between two distances from its left end, mm, that becomes (a part of) a face. */
export interface FacePart {
  face: string;
  from: number;
  to: number;
  /** The old distance that falls on the new face's left end, and the new face's length, mm; its own ends unless given. */
  zero?: number;
  length?: number;
}

/**
 * Everything that belongs to some faces, given its place on the parts each face becomes: openings, items, fixed things and services stay where
 * they are along it. Refused when an opening would be cut in two.
 */
export function rehome(
  design: Design,
  partsOf: Readonly<Record<string, readonly FacePart[]>>,
): Result<DesignRecord[]> {
  const { byId } = roomShape(design);
  const written: DesignRecord[] = [];
  for (const { record, face, left, right, name } of placedOpenings(design)) {
    const part = partsOf[face.id]?.find(
      ({ from, to }) => left >= from - SAME_PLACE && right <= to + SAME_PLACE,
    );
    if (!partsOf[face.id]) continue;
    if (!part) return refuse('opening-cut', { opening: name, face: face.letter });
    const zero = part.zero ?? part.from;
    const distance = distanceFor(record, left - zero, {
      length: part.length ?? part.to - part.from,
      arc: face.arc,
    });
    written.push({ ...record, face: part.face, distance: quantise(distance) });
  }
  for (const record of placedRecords(design)) {
    const { placement } = record;
    const width = factsOf(record.kind).takes!(record);
    const parts = placement.on === 'face' ? partsOf[placement.face] : undefined;
    if (placement.on !== 'face' || !parts) continue;
    const face = byId.get(placement.face)!;
    const left = placement.from === 'left' ? placement.distance : face.length - placement.distance - width;
    const part = partAt(parts, left + width / 2);
    const distance = distanceIn(part, placement.from, left, left + width);
    written.push({ ...record, placement: { ...placement, face: part.face, distance } });
  }
  const at = (place: FacePlace): FacePlace => {
    const parts = partsOf[place.face];
    if (!parts) return place;
    const face = byId.get(place.face)!;
    const along = place.from === 'left' ? place.distance : face.length - place.distance;
    const part = place.from === 'left' ? partAt(parts, along) : partAt([...parts].reverse(), along);
    return { ...place, face: part.face, distance: Math.max(0, distanceIn(part, place.from, along, along)) };
  };
  for (const record of Object.values(design.records)) {
    const moved = withPlaces(record, at);
    if (moved !== record) written.push(moved);
  }
  return ok(written);
}

function partAt(parts: readonly FacePart[], along: number): FacePart {
  return (
    parts.find(({ from, to }) => along >= from - SAME_PLACE && along <= to + SAME_PLACE) ??
    parts.reduce((best, part) => (away(part, along) < away(best, along) ? part : best))
  );
}

const away = ({ from, to }: FacePart, along: number) => Math.max(from - along, along - to);

function distanceIn(part: FacePart, side: Side, left: number, right: number): number {
  const zero = part.zero ?? part.from;
  const length = part.length ?? part.to - part.from;
  return quantise(side === 'left' ? left - zero : zero + length - right);
}
