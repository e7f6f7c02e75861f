import { perDesign, recordsOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { direction, inward, place, type Point } from '../geometry/point';
import { kindOf } from '../ranges/kinds';
import type { ItemKind } from '../ranges/item-kind';
import { roomShape, type PlacedFace, type RoomShape } from '../survey/room-shape';

/** An item with its computed place: origin is its back left corner, u runs along its back, n towards its front. */
export interface ItemBox {
  id: string;
  record: ItemRecord;
  kind: ItemKind;
  origin: Point;
  u: Point;
  n: Point;
  turn: number;
  /** Floor outline, clockwise: back left, back right, front right, front left. */
  footprint: Point[];
  low: number;
  high: number;
  /** The face it stands against, and its left end along it, mm; null when it stands free. */
  against: { face: PlacedFace; along: number } | null;
}

/** Every item with its place, in the order of their ids. */
export const itemBoxes: (design: Design) => readonly ItemBox[] = perDesign((design) => {
  const shape = roomShape(design);
  return recordsOf(design, 'item').map((record) => boxOf(record, shape));
});

/** Where one item record stands in a room of this shape. */
export function boxOf(record: ItemRecord, shape: RoomShape): ItemBox {
  const { placement, width, depth } = record;
  let against: ItemBox['against'] = null;
  let origin: Point;
  let turn: number;
  if (placement.on === 'face') {
    const face = shape.byId.get(placement.face)!;
    const along = placement.from === 'left' ? placement.distance : face.length - placement.distance - width;
    against = { face, along };
    origin = place(face.start, face.u, along, face.n, placement.off);
    turn = face.turn;
  } else {
    origin = { x: placement.x, y: placement.y };
    turn = placement.turn;
  }
  const u = against?.face.u ?? direction(turn);
  const n = inward(u);
  const footprint = [
    origin,
    place(origin, u, width, n, 0),
    place(origin, u, width, n, depth),
    place(origin, u, 0, n, depth),
  ];
  const kind = kindOf(record.type);
  return {
    id: record.id,
    record,
    kind,
    origin,
    u,
    n,
    turn,
    footprint,
    low: record.up,
    high: record.up + record.height,
    against,
  };
}

/** Numbers of the items on drawings and schedules: clockwise along the faces from the first corner, then the free-standing ones. */
export const itemNumbers: (design: Design) => ReadonlyMap<string, number> = perDesign((design) => {
  const faces = roomShape(design).faces;
  const order = (box: ItemBox) => (box.against ? faces.indexOf(box.against.face) : faces.length);
  const along = (box: ItemBox) => box.against?.along ?? box.origin.x;
  const sorted = [...itemBoxes(design)].sort(
    (a, b) => order(a) - order(b) || along(a) - along(b) || a.origin.y - b.origin.y || (a.id < b.id ? -1 : 1),
  );
  return new Map(sorted.map((box, index) => [box.id, index + 1]));
});
