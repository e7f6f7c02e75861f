import { roomOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import type { Point } from '../geometry/point';
import { contains, distanceToSegment, forEachEdge, type Polygon } from '../geometry/polygon';
import { itemBoxes, middleWithin, type ItemBox } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { bowlMiddle, on } from './item-symbols';
import { atCut, isShown, usualCut, type PlanMode } from './plan-cut';

/** Radius of a number's circle, paper mm. */
export const BALLOON = 2.6;

/** Where the items' numbers stand: in the item, or in front of a narrow one, far enough out to be clear of the other numbers. Where a drawing is too small for all, the narrowest go without. */
export function numberPlaces(
  design: Design,
  scaleBy: number,
  mode: PlanMode = 'wall-units',
  cut = usualCut(roomOf(design).unit),
): ReadonlyMap<string, Point> {
  const key = `${scaleBy} ${mode} ${cut}`;
  const known = remembered.get(design);
  if (known?.key === key) return known.places;
  const { outline } = roomShape(design);
  const last = before.get(outline)?.get(key);
  const placing = new Placing(outline, scaleBy, cut, last);
  const shown = itemBoxes(design)
    .filter((box) => isShown(mode, atCut(box, cut)))
    .sort((a, b) => b.record.width - a.record.width);
  const places = placing.placesOf(shown);
  remembered.set(design, { key, places });
  const kept = [...(before.get(outline) ?? [])].filter(([other]) => other !== key).slice(-3);
  before.set(outline, new Map([...kept, [key, placing.made]]));
  return places;
}

/** The places a design was last asked for: numbers, and chains that keep clear of them, ask for the same. */
const remembered = new WeakMap<Design, { key: string; places: ReadonlyMap<string, Point> }>();

/** Where an item's number came to stand, null where there was no room, in the order they were placed. */
type Made = ReadonlyMap<string, { box: ItemBox; at: Point | null }>;

/** How they stood last in a room, for a few ways to draw it. */
const before = new WeakMap<Polygon, ReadonlyMap<string, Made>>();

/**
 * Places numbers one after the other, the widest item's first. A number depends on its item and on those placed before it that are near; so after an edit
 * only those near what changed are placed anew, and all stand where they would if nothing were remembered.
 */
class Placing {
  readonly made = new Map<string, { box: ItemBox; at: Point | null }>();
  private readonly apart: number;
  private readonly taken: Taken;
  /** Where a number stands that did not, or stood and does not. */
  private readonly changed: Point[] = [];

  constructor(
    private readonly outline: Polygon,
    private readonly scaleBy: number,
    private readonly cut: number,
    private readonly last: Made = new Map(),
  ) {
    this.apart = 2.2 * BALLOON * scaleBy;
    this.taken = new Taken(this.apart);
  }

  placesOf(boxes: readonly ItemBox[]): ReadonlyMap<string, Point> {
    const { made, changed, taken } = this;
    const now = new Map(boxes.map((box) => [box.id, box]));
    const last: Made = this.isInOrder(boxes, now) ? this.last : new Map();
    for (const [id, { box, at }] of last) if (at && now.get(id) !== box) changed.push(at);
    const places = new Map<string, Point>();
    for (const box of boxes) {
      const known = last.get(box.id);
      const stays = known?.box === box && !this.isNearChanged(box);
      const at = stays ? known.at : this.placeOf(box);
      if (known?.box === box && !isSame(known.at, at))
        changed.push(...[known.at, at].filter((one) => one !== null));
      if (!known || known.box !== box) changed.push(...(at ? [at] : []));
      made.set(box.id, { box, at });
      if (!at) continue;
      taken.add(at);
      places.set(box.id, at);
    }
    return places;
  }

  /** Whether what is as it was comes in the order it came in. */
  private isInOrder(boxes: readonly ItemBox[], now: ReadonlyMap<string, ItemBox>): boolean {
    const order = [...this.last].flatMap(([id, { box }]) => (now.get(id) === box ? [id] : []));
    let next = 0;
    for (const { id } of boxes) if (id === order[next]) next += 1;
    return next === order.length;
  }

  /** Whether anything changed as near to an item as its number may come to. */
  private isNearChanged(box: ItemBox): boolean {
    const { width, depth, leg } = box.record;
    const reach = width + Math.max(depth, leg ?? 0) + (18 * BALLOON + 3) * this.scaleBy + this.apart;
    const { x, y } = box.origin;
    return this.changed.some((at) => (at.x - x) ** 2 + (at.y - y) ** 2 < reach ** 2);
  }

  private placeOf(box: ItemBox): Point | null {
    const { outline, scaleBy, cut, apart, taken } = this;
    const { width, depth } = box.record;
    const narrow = isNarrow(box.record, scaleBy);
    let out = narrow
      ? depth + (BALLOON + 3) * scaleBy
      : box.kind.symbol === 'sink'
        ? bowlMiddle(depth)
        : (box.record.leg ?? depth) * (atCut(box, cut) === 'above' ? 0.35 : 0.6);
    const usual = box.record.corners && !narrow ? middleWithin(box) : on(box, width / 2, out);
    const isFree = (place: Point) => !taken.isNear(place, apart);
    const others = () =>
      OUT.flatMap((share) => ACROSS.map((along) => on(box, width * along, out + depth * share)));
    let at = narrow || isFree(usual) ? usual : (others().find(isFree) ?? usual);
    if (narrow) {
      const isClear = (place: Point) => isFree(place) && this.isInside(place);
      const sideways = [0, BALLOON * scaleBy, -BALLOON * scaleBy];
      for (let tries = 0; tries < 40 && !isClear(at); tries++) {
        if (tries % 3 === 2) out += BALLOON * scaleBy;
        at = on(box, width / 2 + sideways[(tries + 1) % 3]!, out);
      }
    }
    const crowded = taken.isNear(at, apart * CROWDED) || (narrow && !contains(outline, at));
    return crowded ? null : at;
  }

  /** Whether a circle about a place stays off the walls. */
  private isInside(place: Point): boolean {
    if (!contains(this.outline, place)) return false;
    let off = Infinity;
    forEachEdge(this.outline, (a, b) => (off = Math.min(off, distanceToSegment(place, a, b))));
    return off >= BALLOON * this.scaleBy;
  }
}

const isSame = (a: Point | null, b: Point | null) => a === b || (!!a && !!b && a.x === b.x && a.y === b.y);

/** Circles that come nearer than this share of their usual distance would lie over one another. */
const CROWDED = 0.85;

/** Where in an item its number may stand where another is in its usual place: shares of its width, and of its depth farther out. */
const ACROSS = [0.25, 0.75, 0.12, 0.88] as const;
const OUT = [0, 0.2, -0.2] as const;

/** A square of a grid as one small number: two that share it are told apart by their places. */
const square = (column: number, row: number) =>
  (Math.imul(column, 73_856_093) ^ Math.imul(row, 19_349_663)) & 0xfffff;

/** Places that are taken, by the squares of a grid: only those in the squares about a place can be near it. */
class Taken {
  private readonly squares = new Map<number, Point[]>();

  constructor(private readonly size: number) {}

  add(place: Point): void {
    const key = square(Math.floor(place.x / this.size), Math.floor(place.y / this.size));
    const there = this.squares.get(key);
    if (there) there.push(place);
    else this.squares.set(key, [place]);
  }

  /** Whether one is nearer than a distance no greater than the grid's squares. */
  isNear({ x, y }: Point, apart: number): boolean {
    const [column, row] = [Math.floor(x / this.size), Math.floor(y / this.size)];
    for (let i = column - 1; i <= column + 1; i++)
      for (let j = row - 1; j <= row + 1; j++) {
        const there = this.squares.get(square(i, j));
        if (there?.some((other) => (other.x - x) ** 2 + (other.y - y) ** 2 < apart ** 2)) return true;
      }
    return false;
  }
}

/** Whether an item's number would not stand within it: before it then, with a line to it. */
export function isNarrow({ width, depth }: ItemRecord, scaleBy: number): boolean {
  return Math.min(width, depth * 1.5) < 2.4 * BALLOON * scaleBy;
}
