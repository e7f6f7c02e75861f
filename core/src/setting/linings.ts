import { perDesign, recordsOf, type Design } from '../document/design';
import { groupedBy } from '../document/grouped';
import type { FacePlacement, FixedRecord, ItemRecord, ServiceRecord } from '../document/records';
import { deepestOverlap } from '../geometry/convex-pieces';
import { dot, place, subtract } from '../geometry/point';
import { forEachEdge } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { fixedThings } from '../survey/fixed-things';
import { facePath } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { itemBoxes, type ItemBox } from './item-box';
import type { Landing, Setting } from './landing';

/** A lining of a face: what it covers of it, along it and in height, and how far its front stands off it, mm. */
export interface LinedStretch {
  id: string;
  from: number;
  to: number;
  low: number;
  high: number;
  out: number;
}

/** Linings by the face they are on. */
const linedFaces = perDesign((design) => {
  const { byId } = roomShape(design);
  const lined = recordsOf(design, 'fixed').flatMap((record) => {
    if (record.type !== 'lining' || record.placement.on !== 'face') return [];
    const { face: id, from: end, distance, off } = record.placement;
    const face = byId.get(id);
    if (!face) return [];
    const from = end === 'left' ? distance : face.length - distance - record.width;
    const stretch = {
      id: record.id,
      from,
      to: from + record.width,
      low: record.up,
      high: record.up + record.height,
    };
    return [{ face: id, ...stretch, out: off + record.depth }];
  });
  return groupedBy(lined, ({ face }) => face);
});

/** The linings of a face. */
export const liningsOn = (design: Design, face: string): readonly LinedStretch[] =>
  linedFaces(design).get(face) ?? [];

/** Whether a fixed thing lines a face: what stands there stands before it, and is not parted by it. */
export const lines = (design: Design, id: string, face: string): boolean =>
  liningsOn(design, face).some((lining) => lining.id === id);

interface Extent {
  along: number;
  width: number;
  low: number;
  high: number;
}

/** How far off a face stands what has its back to it there: as far as the deepest lining behind it, 0 without one. */
export function standsOff(design: Design, face: string, { along, width, low, high }: Extent): number {
  return liningsOn(design, face).reduce(
    (deepest, lining) =>
      lining.from < along + width - 1e-6 &&
      lining.to > along + 1e-6 &&
      lining.low < high - 1e-6 &&
      lining.high > low + 1e-6
        ? Math.max(deepest, lining.out)
        : deepest,
    0,
  );
}

/** A landing against a face, before what lines the face there. */
export function beforeLining(design: Design, setting: Setting, landing: Landing): Landing {
  const { placement } = landing;
  if (placement.on !== 'face' || placement.off !== 0) return landing;
  const [low, high] =
    landing.up === undefined
      ? [setting.low, setting.high]
      : [landing.up, landing.up + setting.high - setting.low];
  const off = offOf(design, placement, { width: landing.width ?? setting.width, low, high });
  return off === 0 ? landing : { ...landing, placement: { ...placement, off: quantise(off) } };
}

function offOf(design: Design, placement: FacePlacement, { width, low, high }: Size): number {
  const face = roomShape(design).byId.get(placement.face);
  if (!face) return 0;
  const { from, distance } = placement;
  const along = from === 'left' ? distance : face.length - distance - width;
  return standsOff(design, face.id, { along, width, low, high });
}

/** A new item against a face, before what lines the face there. */
export function setBeforeLining(design: Design, item: ItemRecord): ItemRecord {
  const { placement, width, up, height } = item;
  if (placement.on !== 'face') return item;
  const off = offOf(design, placement, { width, low: up, high: up + height });
  return off === 0 ? item : { ...item, placement: { ...placement, off: quantise(placement.off + off) } };
}

/** How much room there is before the middle of a lining, from its front straight across to the next wall or fixed thing as high as it, mm; null where nothing stops it. */
export function clearBefore(design: Design, id: string): number | null {
  const things = fixedThings(design);
  const lining = things.find((thing) => thing.id === id);
  if (!lining) return null;
  const { u, n, record, low, high } = lining;
  const from = place(lining.origin, u, record.width / 2, n, record.depth);
  const rings = [
    roomShape(design).faces.flatMap((face) => facePath(face)),
    ...things.flatMap((thing) =>
      thing === lining || thing.low >= high || thing.high <= low ? [] : [thing.footprint],
    ),
  ];
  let nearest: number | null = null;
  for (const ring of rings)
    forEachEdge(ring, (a, b) => {
      const [p, q] = [subtract(a, from), subtract(b, from)];
      const [left, right] = [dot(p, u), dot(q, u)];
      if (left > 0 === right > 0) return;
      const out = dot(p, n) + ((dot(q, n) - dot(p, n)) * left) / (left - right);
      if (out > TOUCH && (nearest === null || out < nearest)) nearest = out;
    });
  return nearest;
}

/** The items and services that are before the linings of some faces as they were, as they are before them now, with what is set into items; what is locked stays. */
export function followingLinings(
  before: Design,
  after: Design,
  faces: ReadonlySet<string>,
): (ItemRecord | ServiceRecord)[] {
  const moved = <R extends ItemRecord | ServiceRecord>(record: R, size: Size): Carried<R> | null => {
    const { placement } = record;
    if (placement.on !== 'face' || !faces.has(placement.face)) return null;
    const [was, is] = [before, after].map((design) => offOf(design, placement, size));
    return { record, placement, was: was!, by: is! - was! };
  };
  // What stands off for a reason of its own stays there.
  const follows = ({ placement, was, by }: Carried<ItemRecord | ServiceRecord>) =>
    by !== 0 && Math.abs(placement.off - was) <= 1e-6;
  const on = itemBoxes(before).flatMap((box) => {
    const { record, low, high } = box;
    const carried = record.locked ? null : moved(record, { width: record.width, low, high });
    return carried ? [{ ...carried, box }] : [];
  });
  const followers = on.filter(follows);
  const within = on.flatMap((one) => {
    if (followers.includes(one)) return [];
    const carrier = followers.find(({ box }) => isIn(one.box, box));
    return carrier ? [{ ...one, by: carrier.by }] : [];
  });
  const services = recordsOf(before, 'service').flatMap(
    (service) => moved(service, { width: 0, low: service.up, high: service.up }) ?? [],
  );
  return [...followers, ...within, ...services.filter(follows)].map(({ record, placement, by }) => ({
    ...record,
    placement: { ...placement, off: quantise(placement.off + by) },
  }));
}

type Size = Omit<Extent, 'along'>;

interface Carried<R> {
  record: R;
  placement: FacePlacement;
  was: number;
  by: number;
}

/** Whether something is set into another: a basin into the cabinet under it. */
const isIn = (one: ItemBox, carrier: ItemBox): boolean =>
  (one.kind.within?.includes(carrier.kind.group) ?? false) &&
  deepestOverlap(one.pieces, carrier.pieces) > TOUCH;

/** The faces some fixed things line. */
export const linedBy = (records: readonly (FixedRecord | null)[]): ReadonlySet<string> =>
  new Set(
    records.flatMap((record) =>
      record?.type === 'lining' && record.placement.on === 'face' ? [record.placement.face] : [],
    ),
  );
