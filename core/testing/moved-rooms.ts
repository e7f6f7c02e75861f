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
import { roomShape } from '../src/survey/room-shape';
import { wrapAngle } from '../src/units/angles';

/** The same room walked from another of its faces on: turned in plan, all of it where it was. */
export function begunAt(design: Design, first: number): Design {
  const loop = loopOf(design);
  const { letters } = roomShape(design);
  const from = <T>(list: readonly T[]) => [...list.slice(first), ...list.slice(0, first)];
  const walked = { ...loop, faces: from(loop.faces), letters: from(letters) };
  const turned = { ...design, records: { ...design.records, [loop.id]: walked } };
  const [was, is] = [design, turned].map((one) => roomShape(one).byId.get(loop.faces[0]!)!) as [
    ReturnType<typeof roomShape>['faces'][0],
    ReturnType<typeof roomShape>['faces'][0],
  ];
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
