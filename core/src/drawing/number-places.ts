import { roomOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import type { Point } from '../geometry/point';
import { contains, distanceToSegment, forEachEdge } from '../geometry/polygon';
import { itemBoxes } from '../setting/item-box';
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
  const places = placed(design, scaleBy, mode, cut);
  remembered.set(design, { key, places });
  return places;
}

/** The places a design was last asked for: numbers, and chains that keep clear of them, ask for the same. */
const remembered = new WeakMap<Design, { key: string; places: ReadonlyMap<string, Point> }>();

function placed(design: Design, scaleBy: number, mode: PlanMode, cut: number): Map<string, Point> {
  const places = new Map<string, Point>();
  const apart = 2.2 * BALLOON * scaleBy;
  const taken = new Taken(apart);
  const boxes = itemBoxes(design)
    .filter((box) => isShown(mode, atCut(box, cut)))
    .sort((a, b) => b.record.width - a.record.width);
  const { outline } = roomShape(design);
  /** Whether a circle about a place stays off the walls. */
  const isInside = (place: Point) => {
    if (!contains(outline, place)) return false;
    let off = Infinity;
    forEachEdge(outline, (a, b) => (off = Math.min(off, distanceToSegment(place, a, b))));
    return off >= BALLOON * scaleBy;
  };
  for (const box of boxes) {
    const { width, depth } = box.record;
    const narrow = isNarrow(box.record, scaleBy);
    let out = narrow
      ? depth + (BALLOON + 3) * scaleBy
      : box.kind.symbol === 'sink'
        ? bowlMiddle(depth)
        : (box.record.leg ?? depth) * (atCut(box, cut) === 'above' ? 0.35 : 0.6);
    const usual = on(box, width / 2, out);
    const others = narrow
      ? []
      : OUT.flatMap((share) => ACROSS.map((along) => on(box, width * along, out + depth * share)));
    let at = [usual, ...others].find((place) => !taken.isNear(place, apart)) ?? usual;
    if (narrow) {
      const isClear = (place: Point) => !taken.isNear(place, apart) && isInside(place);
      const sideways = [0, BALLOON * scaleBy, -BALLOON * scaleBy];
      for (let tries = 0; tries < 40 && !isClear(at); tries++) {
        if (tries % 3 === 2) out += BALLOON * scaleBy;
        at = on(box, width / 2 + sideways[(tries + 1) % 3]!, out);
      }
    }
    if (taken.isNear(at, apart * CROWDED) || (narrow && !contains(outline, at))) continue;
    taken.add(at);
    places.set(box.id, at);
  }
  return places;
}

/** Circles that come nearer than this share of their usual distance would lie over one another. */
const CROWDED = 0.85;

/** Where in an item its number may stand where another is in its usual place: shares of its width, and of its depth farther out. */
const ACROSS = [0.25, 0.75, 0.12, 0.88] as const;
const OUT = [0, 0.2, -0.2] as const;

/** A square of a grid as one number: no drawing is a million squares wide. */
const square = (column: number, row: number) => column * 2_000_003 + row;

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
