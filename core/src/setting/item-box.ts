import { perDesign, recordsOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { kindOf } from '../ranges/kinds';
import type { ItemKind } from '../ranges/item-kind';
import { footprintOf, type Footprint } from '../survey/footprint';
import { roomShape, type RoomShape } from '../survey/room-shape';

/** An item with its computed place and heights, mm. */
export interface ItemBox extends Footprint {
  id: string;
  record: ItemRecord;
  kind: ItemKind;
  low: number;
  high: number;
}

/** What has its underside lower than this stands on the floor, mm; what is higher hangs. */
export const HUNG = 300;

/** Every item with its place, in the order of their ids. */
export const itemBoxes: (design: Design) => readonly ItemBox[] = perDesign((design) => {
  const shape = roomShape(design);
  return recordsOf(design, 'item').map((record) => boxOf(record, shape));
});

/** Where one item record stands in a room of this shape. */
export function boxOf(record: ItemRecord, shape: RoomShape): ItemBox {
  return {
    id: record.id,
    record,
    kind: kindOf(record.type),
    low: record.up,
    high: record.up + record.height,
    ...footprintOf(record.placement, record.width, record.depth, shape),
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
