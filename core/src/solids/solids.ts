import { perDesign, recordOf, roomOf, type Design } from '../document/design';
import type { Side } from '../document/records';
import type { Point } from '../geometry/point';
import { forEachEdge, signedArea, type Polygon } from '../geometry/polygon';
import { constructionOf, constructionOfItem, type ConstructionMethod } from '../ranges/construction';
import { hasLegs } from '../ranges/handing';
import type { Range } from '../ranges/range';
import { findItem, findRange, rangesOf } from '../ranges/shelf';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { itemOutline } from '../setting/item-outline';
import { hiddenInCorner } from '../setting/open-fronts';
import { tops } from '../surfaces/tops';
import { fixedThings } from '../survey/fixed-things';
import { frontParts, type FrontPart } from './front-parts';

/** An upright side of a body: its ends in plan as they are seen from outside it, left to right, and what shows on it. */
export interface SolidSide {
  from: Point;
  to: Point;
  parts: readonly FrontPart[];
  /** Whether it is a front, worked at or opened. */
  front: boolean;
  /** Of a wall under a sloped ceiling: how high it stands over those ends. */
  tops?: readonly [number, number];
  /** At which of those ends no edge shows, because the body goes on smoothly. */
  smooth?: { from: boolean; to: boolean };
}

/** A body between two heights, mm: what is seen, drawn and cut in every view. */
export interface Solid {
  /** The record it is of: of a wall its face; of a top the first item that carries it. */
  id: string;
  of: 'fixed' | 'item' | 'top' | 'wall';
  /** Of a top: the items that carry it. */
  carriers?: readonly string[];
  /** The item it is of. */
  box: ItemBox | null;
  footprint: Polygon;
  low: number;
  high: number;
  sides: readonly SolidSide[];
  /** Whether its sides are those of something round: no edge shows between them. */
  round: boolean;
}

/** Every body of the room: items, fixed things, countertops. The same object for what has not changed. */
export const solidsOf: (design: Design) => readonly Solid[] = perDesign((design) => {
  const known = rangesOf(design);
  const room = findRange(roomOf(design).range, known);
  const usual = room ? constructionOf(room) : null;
  return [
    ...itemBoxes(design).map((box) => itemSolid(box, known, usual)),
    ...fixedThings(design).map((thing) =>
      remembered(thing.record, [thing.origin.x, thing.origin.y, thing.turn], () => ({
        id: thing.id,
        of: 'fixed',
        box: null,
        footprint: thing.footprint,
        low: thing.low,
        high: thing.high,
        sides: plainSides(thing.footprint),
        round: thing.circle !== null,
      })),
    ),
    ...tops(design).flatMap(({ outline, underside, surface, items }) =>
      outline
        .filter((ring) => signedArea(ring) > 0)
        .map((ring) => {
          // Tops are computed anew for every design; the carrier's record and the corners tell whether one is the same.
          const carrier = recordOf(design, 'item', items[0]!)!;
          const key = [items.join(' '), underside, surface, ...ring.flatMap(({ x, y }) => [x, y])];
          return remembered(carrier, key, () => topSolid(items, ring, underside, surface), tied);
        }),
    ),
  ];
});

type Memory = WeakMap<object, { key: readonly unknown[]; solid: Solid }>;
const own: Memory = new WeakMap();
/** Of the tops, by the record that carries them first. */
const tied: Memory = new WeakMap();

function remembered(anchor: object, key: readonly unknown[], make: () => Solid, memory = own): Solid {
  const known = memory.get(anchor);
  if (known?.key.length === key.length && known.key.every((part, index) => part === key[index]))
    return known.solid;
  const solid = make();
  memory.set(anchor, { key, solid });
  return solid;
}

function topSolid(carriers: readonly string[], ring: Polygon, low: number, high: number): Solid {
  const id = carriers[0]!;
  return {
    id,
    carriers,
    of: 'top',
    box: null,
    footprint: ring,
    low,
    high,
    sides: plainSides(ring),
    round: false,
  };
}

function itemSolid(box: ItemBox, known: readonly Range[], usual: ConstructionMethod | null): Solid {
  const { record, kind, footprint, low, high, id } = box;
  // What goes through under the counter takes its plinth and gaps from the cabinets beside it.
  const made =
    constructionOfItem(record, known) ?? (kind.group === 'Appliances' && kind.top === 'under' ? usual : null);
  return remembered(box, [made], () => {
    const found = kind.rows ? findItem(record.range, record.code, known) : null;
    const drawers = found?.ok ? found.value.family.drawers : undefined;
    const outline = itemOutline(record);
    const sides = outline.map(({ along, out }, index): SolidSide => {
      const next = outline[(index + 1) % outline.length]!;
      const [from, to] = [footprint[(index + 1) % footprint.length]!, footprint[index]!];
      const front = isFront(box, { along, out }, next);
      const width = Math.hypot(next.along - along, next.out - out);
      return { from, to, front: front !== null, parts: front ? front(width) : [] };
    });
    return { id, of: 'item', box, footprint, low, high, sides, round: kind.plan === 'round' };

    /** What shows on an edge of the outline, by its width; null for what is no front. */
    function isFront({ record: item, kind: of }: ItemBox, a: Place, b: Place) {
      const sizes = {
        kind: of,
        height: item.height,
        up: item.up,
        hand: item.hand,
        ...(drawers ? { drawers } : {}),
      };
      if (hasLegs(of)) {
        const edge = (key: keyof Place, at: number) =>
          Math.abs(a[key] - at) < 1e-6 && Math.abs(b[key] - at) < 1e-6;
        const outer =
          edge('out', 0) || edge('out', item.depth) || edge('along', 0) || edge('along', item.width);
        if (outer) return null;
        // Leaves of two legs turn away from the corner between them.
        const end: Side =
          a.out === b.out
            ? item.hand === 'left'
              ? 'left'
              : 'right'
            : item.hand === 'left'
              ? 'right'
              : 'left';
        const hidden = of.plan === 'l' ? { hidden: { end, width: 0 } } : {};
        return (width: number) => frontParts({ ...sizes, ...hidden, width }, made);
      }
      const isAhead =
        of.plan === 'chamfer'
          ? Math.max(a.out, b.out) >= item.depth - 1e-6 && a.along !== b.along
          : a.out === item.depth && b.out === item.depth;
      if (!isAhead || of.plan === 'round' || of.plan === 'any') return null;
      const hidden = of.blind ? { hidden: { end: item.hand, width: hiddenInCorner(item) } } : {};
      return (width: number) => frontParts({ ...sizes, ...hidden, width }, made);
    }
  });
}

interface Place {
  along: number;
  out: number;
}

function plainSides(ring: Polygon): SolidSide[] {
  const clockwise = signedArea(ring) < 0;
  const sides: SolidSide[] = [];
  forEachEdge(ring, (a, b) =>
    sides.push({ from: clockwise ? b : a, to: clockwise ? a : b, parts: [], front: false }),
  );
  return sides;
}
