import { mirrorItems } from '../src/commands/mirror-items';
import type { Design } from '../src/document/design';
import { loopOf, recordOf } from '../src/document/design';
import { withPlaces } from '../src/document/kinds';
import type { DesignRecord, FaceRecord, OpeningRecord, Placement } from '../src/document/records';
import {
  add,
  dot,
  inward,
  direction,
  place,
  rotate,
  scale,
  subtract,
  type Point,
} from '../src/geometry/point';
import { must } from '../src/result';
import type { PlacedFace } from '../src/survey/placed-face';
import { roomShape } from '../src/survey/room-shape';
import { wrapAngle } from '../src/units/angles';

/** The same room walked from another of its faces on: turned in plan, all of it where it was. */
export function begunAt(design: Design, first: number): Design {
  const loop = loopOf(design);
  const { letters } = roomShape(design);
  const from = <T>(list: readonly T[]) => [...list.slice(first), ...list.slice(0, first)];
  const walked = { ...loop, faces: from(loop.faces), letters: from(letters) };
  const turned = { ...design, records: { ...design.records, [loop.id]: walked } };
  const [was, is] = [design, turned].map((one) => roomShape(one).byId.get(loop.faces[0]!)!);
  return withFloor(turned, was!, is!);
}

/** A room with what stands free where it was, as seen from a face that was and is. */
function withFloor(turned: Design, was: PlacedFace, is: PlacedFace): Design {
  const by = Math.atan2(is.u.y, is.u.x) - Math.atan2(was.u.y, was.u.x);
  const moved = (at: Point) => add(is.start, rotate(subtract(at, was.start), by));
  const records = Object.values(turned.records).map((record): DesignRecord => {
    if (!('placement' in record) || record.placement.on === 'face') return record;
    const { x, y, turn } = record.placement;
    const placement: Placement = { on: 'floor', ...moved({ x, y }), turn: wrapAngle(turn + by) };
    return { ...record, placement } as DesignRecord;
  });
  return { ...turned, records: Object.fromEntries(records.map((record) => [record.id, record])) };
}

/** So long is the face that turns a room, mm. */
const CUT = 12;

/** The same room turned in plan by an angle, radians: its first corner, which nothing stands in, is cut off by a short face that the walk begins with. */
export function turnedBy(design: Design, by: number): Design {
  const loop = loopOf(design);
  const { faces, letters } = roomShape(design);
  const [first, last] = [faces[0]!, faces.at(-1)!];
  const corner = Math.PI - Math.acos(Math.max(-1, Math.min(1, dot(last.u, first.u))));
  // The corner cut off is a triangle: the angle at the first face, and what is left at the last.
  const rest = Math.PI - corner - by;
  const [ownCut, lastCut] = [rest, by].map((angle) => (CUT * Math.sin(angle)) / Math.sin(corner)) as [
    number,
    number,
  ];
  const face = (id: string) => recordOf(design, 'face', id)!;
  const cut: FaceRecord = {
    ...({ kind: 'face', id: 'cut', length: CUT, lengthFrom: 'measured' } as const),
    ...{ corner: Math.PI - rest, cornerFrom: 'measured' },
  };
  const [a, z] = [face(loop.faces[0]!), face(loop.faces.at(-1)!)];
  const walls: DesignRecord[] = [
    ...[{ ...loop, faces: ['cut', ...loop.faces], letters: ['ZZ', ...letters] }, cut],
    ...[
      { ...a, length: a.length - ownCut, corner: Math.PI - by },
      { ...z, length: z.length - lastCut },
    ],
  ];
  const shortened = new Map([
    [a.id, { left: ownCut, right: 0 }],
    [z.id, { left: 0, right: lastCut }],
  ]);
  const off = (id: string, from: string) => shortened.get(id)?.[from === 'right' ? 'right' : 'left'] ?? 0;
  const records = [...Object.values(design.records), ...walls].map((record): DesignRecord => {
    if (record.kind === 'opening' && record.from !== 'centre')
      return { ...record, distance: record.distance - off(record.face, record.from) };
    if (!('placement' in record) || record.placement.on === 'floor') return record;
    const { placement } = record;
    const distance = placement.distance - off(placement.face, placement.from);
    return { ...record, placement: { ...placement, distance } } as DesignRecord;
  });
  const turned = { ...design, records: Object.fromEntries(records.map((one) => [one.id, one])) };
  // By a face that is as it was, all of it.
  const [was, is] = [design, turned].map((one) => roomShape(one).byId.get(loop.faces[1]!)!);
  return withFloor(turned, was!, is!);
}

const other = <S extends string>(side: S): S =>
  (side === 'left' ? 'right' : side === 'right' ? 'left' : side) as S;

/** The room as a mirror shows it; tiles, which nothing that is checked asks for, are left out. */
export function mirroredRoom(design: Design): Design {
  const loop = loopOf(design);
  const { letters, faces } = roomShape(design);
  const records: DesignRecord[] = Object.values(design.records).flatMap((record): DesignRecord[] => {
    const placed = withPlaces(record, (at) => ({ ...at, from: other(at.from) }));
    switch (placed.kind) {
      case 'zone':
        return [];
      case 'loop':
        return [{ ...placed, faces: [...placed.faces].reverse(), letters: [...letters].reverse() }];
      case 'face': {
        const { corner, cornerFrom, cornerUncertainty, ceilingHeight, ...rest } = placed;
        void [corner, cornerFrom, cornerUncertainty, ceilingHeight];
        const index = loop.faces.indexOf(placed.id);
        const next = recordOf(design, 'face', loop.faces[(index + 1) % loop.faces.length]!)!;
        return [{ ...rest, ...cornerOf(next) }];
      }
      case 'opening':
        return [mirroredOpening(placed)];
      default:
        return [placed];
    }
  });
  const walls: Design = { ...design, records: Object.fromEntries(records.map((one) => [one.id, one])) };
  const [was, is] = [faces[0]!, roomShape(walls).byId.get(faces[0]!.id)!];
  const image = (at: Point) => {
    const off = subtract(at, was.start);
    return place(is.end, is.u, -dot(off, was.u), is.n, dot(off, was.n));
  };
  const after = records.map((record): DesignRecord => {
    if (!('placement' in record)) return record;
    const own = record.kind === 'item' ? otherHand(design, { ...record, locked: false }) : { ...record };
    if ('corners' in own && own.corners && 'width' in own)
      own.corners = own.corners.map(({ along, out }) => ({ along: own.width - along, out })).reverse();
    if ('turned' in own && own.turned !== undefined) own.turned = -own.turned;
    const { placement } = own;
    if (placement.on === 'face') return { ...own, placement: { ...placement, from: other(placement.from) } };
    const wide = 'width' in own ? own.width : 0;
    const u = direction(placement.turn);
    const [left, right] = [image(place(placement, u, wide, inward(u), 0)), image(placement)];
    const along = wide > 0 ? scale(subtract(right, left), 1 / wide) : { x: 1, y: 0 };
    return {
      ...own,
      placement: { on: 'floor', ...left, turn: Math.atan2(along.y, along.x) },
    } as DesignRecord;
  });
  return { ...design, records: Object.fromEntries(after.map((one) => [one.id, one])) };
}

function cornerOf({ corner, cornerFrom, cornerUncertainty, ceilingHeight }: FaceRecord) {
  return {
    ...{ corner, cornerFrom },
    ...(cornerUncertainty !== undefined && { cornerUncertainty }),
    ...(ceilingHeight !== undefined && { ceilingHeight }),
  };
}

const mirroredOpening = (opening: OpeningRecord): OpeningRecord => ({
  ...opening,
  ...{ from: other(opening.from), to: other(opening.to), hinge: other(opening.hinge) },
  distance: opening.from === 'centre' ? -opening.distance : opening.distance,
});

function otherHand<T extends Extract<DesignRecord, { kind: 'item' }>>(design: Design, item: T): T {
  const records = { ...design.records, [item.id]: item };
  const patch = must(mirrorItems.run({ ...design, records }, { ids: [item.id] }));
  return (patch[0]?.after ?? item) as T;
}
