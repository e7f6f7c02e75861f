import { perDesign, recordOf, recordsOf, type Design } from '../document/design';
import { groupedBy } from '../document/grouped';
import { rememberBoth } from '../document/remember';
import type { ItemRecord } from '../document/records';
import { convexPieces } from '../geometry/convex-pieces';
import { add, direction, inward, place, scale, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { kindOf } from '../ranges/kinds';
import { kindWithRows } from '../ranges/own-rows';
import { isDressing, type ItemKind } from '../ranges/item-kind';
import { footprintOf, type Footprint } from '../survey/footprint';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { itemOutline } from './item-outline';

/** An item with its computed place and heights, mm. What is turned against its placement stands against no face. */
export interface ItemBox extends Footprint {
  id: string;
  record: ItemRecord;
  kind: ItemKind;
  low: number;
  high: number;
  /** Its extent: back left, back right, front right, front left. */
  rectangle: readonly [Point, Point, Point, Point];
  /** The footprint, its true outline, as convex pieces. */
  pieces: readonly (readonly Point[])[];
}

/** Whether something is cooked on: a range, a hob, or a base that carries one. */
export const isCooking = ({ symbol }: ItemKind): boolean => symbol === 'cooker' || symbol === 'hob';

/** What has its underside lower than this stands on the floor, mm; what is higher hangs. */
export const HUNG = 300;

/** Every item with its place, in the order of their ids. */
export const itemBoxes: (design: Design) => readonly ItemBox[] = perDesign((design) => {
  const shape = roomShape(design);
  return recordsOf(design, 'item').map((record) => boxOf(record, shape));
});

const byFace = (boxes: readonly ItemBox[]) => groupedBy(boxes, ({ against }) => against?.face.id ?? null);
const boxesByFace = perDesign((design) => byFace(itemBoxes(design)));
const builtByFace = perDesign((design) => byFace(itemBoxes(design).filter(({ kind }) => !isDressing(kind))));

/** The items that stand or hang against a face. */
export function boxesAgainst(design: Design, face: string): readonly ItemBox[] {
  return boxesByFace(design).get(face) ?? [];
}

/** Those of them that take something of it: not what dresses it. */
export function builtAgainst(design: Design, face: string): readonly ItemBox[] {
  return builtByFace(design).get(face) ?? [];
}

/** The item of this id with its place, if there is one. */
export function findBox(design: Design, id: string | undefined | null): ItemBox | undefined {
  const record = id ? recordOf(design, 'item', id) : undefined;
  return record && boxOf(record, roomShape(design));
}

/** Where one item record stands in a room of this shape; computed once for both. */
export function boxOf(record: ItemRecord, shape: RoomShape): ItemBox {
  return placed(shape, record);
}

const placed = rememberBoth((shape: RoomShape, record: ItemRecord): ItemBox => {
  const set = footprintOf(record.placement, record.width, record.depth, shape);
  const at = record.turned ? turnedBy(set, record, record.turned) : set;
  const outline = itemOutline(record);
  const footprint = outline.map(({ along, out }) => place(at.origin, at.u, along, at.n, out));
  return {
    id: record.id,
    record,
    kind: kindWithRows(kindOf(record.type), record.rows),
    low: record.up,
    high: record.up + record.height,
    ...at,
    rectangle: at.footprint as [Point, Point, Point, Point],
    footprint,
    pieces: convexPieces(footprint),
  };
});

/** Turned about its middle. */
function turnedBy({ origin, u, n, turn }: Footprint, { width, depth }: ItemRecord, by: number): Footprint {
  const middle = place(origin, u, width / 2, n, depth / 2);
  const along = direction(turn + by);
  const out = inward(along);
  const corner = place(middle, along, -width / 2, out, -depth / 2);
  return {
    origin: corner,
    u: along,
    n: out,
    turn: turn + by,
    footprint: [
      corner,
      place(corner, along, width, out, 0),
      place(corner, along, width, out, depth),
      place(corner, along, 0, out, depth),
    ],
    against: null,
  };
}

/** The middle of an item in plan. */
export function middleOf({ origin, u, n, record }: ItemBox): Point {
  return place(origin, u, record.width / 2, n, record.depth / 2);
}

/** A place within an item whatever its outline: the middle of its largest convex piece. */
export function middleWithin({ pieces }: Pick<ItemBox, 'pieces'>): Point {
  const sizes = pieces.map((piece) => Math.abs(signedArea(piece)));
  const largest = pieces[sizes.indexOf(Math.max(...sizes))]!;
  return scale(largest.reduce(add), 1 / largest.length);
}
