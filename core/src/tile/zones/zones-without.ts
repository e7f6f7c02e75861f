import { recordsOf, type Design } from '../../document/design';
import { applyPatch, patchOf, type Patch } from '../../document/patch';
import type { ZoneRecord } from '../../document/records';
import { tops } from '../../surfaces/tops';
import { storedPlace, surfaceOf } from './zone-surface';

/** A patch with what becomes of tiles on what it takes out: on openings and things they go too, on a countertop that stays without one of its items they stay where they are. */
export function withTilesOn(design: Design, patch: Patch): Patch {
  const gone = new Set(patch.flatMap(({ id, after }) => (after === null ? [id] : [])));
  if (gone.size === 0) return patch;
  const named = new Set(patch.map(({ id }) => id));
  const on = recordsOf(design, 'zone').filter(
    ({ id, inside, upon }) => !named.has(id) && gone.has(upon?.thing ?? inside?.opening ?? ''),
  );
  if (on.length === 0) return patch;
  const after = applyPatch(design, patch);
  const kept = after.ok ? on.flatMap((zone) => onOther(design, after.value, zone, gone) ?? []) : [];
  const lost = on.filter(({ id }) => !kept.some((zone) => zone.id === id));
  return [
    ...patch,
    ...patchOf(
      design,
      kept,
      lost.map(({ id }) => id),
    ),
  ];
}

/** A zone on a countertop, told by another of the items under that, everything of it where it was; null where there is none. */
function onOther(
  before: Design,
  after: Design,
  zone: ZoneRecord,
  gone: ReadonlySet<string>,
): ZoneRecord | null {
  const { upon } = zone;
  if (!upon || upon.edge !== undefined) return null;
  const top = tops(before).find(({ items }) => items.includes(upon.thing));
  const other = top?.items.find((id) => !gone.has(id));
  if (other === undefined) return null;
  const moved = { ...zone, upon: { thing: other } };
  const [was, is] = [surfaceOf(before, zone), surfaceOf(after, moved)];
  const at = (place: ZoneRecord['origin']) => storedPlace(is.fromPlan(was.toPlan(place)));
  return {
    ...moved,
    origin: at(zone.origin),
    ...(zone.corners && { corners: zone.corners.map(at) }),
    ...(zone.sight && { sight: zone.sight.map(at) }),
    ...(zone.reuse?.apart && { reuse: { ...zone.reuse, apart: zone.reuse.apart.map(at) } }),
  };
}
