import {
  LEAST_REPEAT,
  MOST_FACE,
  MOST_INSET,
  MOST_JOINT,
  MOST_TILE,
  MOST_TILE_THICKNESS,
  MOST_WALL,
} from '../document/limits';
import { recordOf, type Design } from '../document/design';
import { applyPatch, patchOf, type Patch } from '../document/patch';
import { isAlike } from '../document/remember';
import { quantisedPlacement } from '../document/quantised-placement';
import type { FinishRecord, ZoneRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { crossingEdges, signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { goneFor } from '../surfaces/kept-finishes';
import { borderOf, findZone } from '../tile/zones/zone-areas';
import { tiledZone } from '../tile/zones/zone-laying';
import { storedPlace } from '../tile/zones/zone-surface';
import { wrapAngle } from '../units/angles';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

/** Tiles a surface, or changes how one is tiled. */
export const putZone: Command<ZoneRecord> = {
  id: 'put-zone',
  run: (design, zone) => writtenZone(design, zone),
};

/** The patch that writes several zones, with those of their tiles that are the studio's own: the room keeps a copy of each. */
export function writtenZones(
  design: Design,
  zones: readonly ZoneRecord[],
  own: readonly FinishRecord[] = [],
): Result<Patch> {
  const patch: Patch[number][] = [...patchOf(design, own, goneFor(design, own))];
  for (const zone of zones) {
    const written = writtenZone(design, zone);
    if (!written.ok) return written;
    patch.push(...written.value);
  }
  return ok(patch);
}

/** The patch that writes a zone, if it is within its limits, has an area, and its pattern can be laid there. */
export function writtenZone(design: Design, zone: ZoneRecord): Result<Patch> {
  const { tile, placement, corners, origin } = zone;
  const wrong = firstRefusal(
    within('tile-width', tile.w, LEAST_REPEAT, MOST_TILE),
    within('tile-height', tile.h, LEAST_REPEAT, MOST_TILE),
    within('tile-thickness', tile.thickness ?? 1, 1, MOST_TILE_THICKNESS),
    within('tile-joint', zone.joint, 0, MOST_JOINT),
    within('threshold', zone.threshold ?? 0, 0, MOST_WALL),
    within('border-long', zone.border?.tile.w ?? LEAST_REPEAT, LEAST_REPEAT, MOST_TILE),
    within('border-wide', zone.border?.tile.h ?? LEAST_REPEAT, LEAST_REPEAT, MOST_TILE),
    within('border-inset', zone.border?.inset ?? 0, 0, MOST_INSET),
    within('sliver', zone.sliver ?? 1, 1, MOST_TILE),
    ...[origin, ...(corners ?? []), ...(zone.channel ? [zone.channel] : [])].flatMap(({ x, y }) => [
      within('place-across', x, -MOST_FACE, MOST_FACE),
      within('place-up', y, -MOST_FACE, MOST_FACE),
    ]),
  );
  if (wrong) return wrong;
  if (corners && (crossingEdges(corners) || Math.abs(signedArea(corners)) < LEAST_REPEAT ** 2))
    return refuse('outline-crossing', {});
  const placed = quantisedPlacement(placement);
  if (!placed.ok) return placed;
  const face = placed.value.on === 'face' ? findFace(design, placed.value.face) : ok(null);
  if (!face.ok) return face;
  const after: ZoneRecord = {
    ...zone,
    ...(corners && { corners: corners.map(storedPlace) }),
    ...(zone.channel && { channel: storedPlace(zone.channel) }),
    placement: placed.value,
    joint: quantise(zone.joint),
    origin: storedPlace(origin),
    angle: wrapAngle(zone.angle),
  };
  const patch = guarded(design, patchOf(design, [after]));
  if (!patch.ok) return patch;
  const made = applyPatch(design, patch.value);
  if (!made.ok) return made;
  const area = findZone(made.value, zone.id)!;
  if (area.rings.length === 0) return refuse('zone-empty', {});
  // Where an edit of what stands there left no room, the rest of the zone can still be changed.
  const isNew = !isAlike(recordOf(design, 'zone', zone.id)?.border, zone.border);
  if (isNew && borderOf(area.record, area.rings)?.stretches.length === 0)
    return refuse('border-too-wide', { wide: zone.border!.tile.h + zone.border!.inset });
  const tiled = tiledZone(area);
  if (!tiled.ok) return tiled;
  // Another zone that is let into it, or what stands there, may take all of it: so may nothing be left by an edit of those.
  if (tiled.value.laid.zoneArea <= 0 && !recordOf(design, 'zone', zone.id)) return refuse('zone-empty', {});
  return patch;
}
