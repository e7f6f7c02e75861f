import { perDesign, type Design } from '../document/design';
import { splashSides } from '../document/limits';
import { remember } from '../document/remember';
import { distance, place, subtract, unit, type Point } from '../geometry/point';
import type { Polygon } from '../geometry/polygon';
import { findBox, type ItemBox } from '../setting/item-box';
import { edgeStretches, mitred, sameStretches, type Standing } from './edge-stretches';
import { isWaterfall, type ItemSide } from './top-edge';
import { tops, type Top, type TopRing } from './tops';

/** A top that goes down to the floor along a free edge: mitred to it, as thick as it is. Lengths mm. */
export interface Waterfall {
  /** The sides it stands at. */
  at: readonly [ItemSide, ...ItemSide[]];
  /** Its outer face, from end to end, and all of it. */
  a: Point;
  b: Point;
  footprint: Polygon;
  low: number;
  high: number;
}

/** Where every top goes down to the floor. */
export const waterfalls: (design: Design) => ReadonlyMap<Top, readonly Waterfall[]> = perDesign((design) => {
  const all = tops(design).map((top): [Top, readonly Waterfall[]] => {
    const boxes = top.items.map((id) => findBox(design, id)!);
    // Most tops have none.
    if (!boxes.some(({ record }) => splashSides.some((side) => isWaterfall(record, side))))
      return [top, NONE];
    const thick = top.surface - top.underside;
    return [top, waterfallsOf(top.rings[0]!, { boxes, thick, high: top.underside })];
  });
  return new Map(all);
});

const NONE: readonly Waterfall[] = [];

const waterfallsOf = remember(
  (
    { parts }: TopRing,
    { boxes, thick, high }: { boxes: readonly ItemBox[]; thick: number; high: number },
  ) => {
    const found = parts.flatMap((part): (Standing & { at: Waterfall['at'] | null })[] => {
      if (part.type !== 'edge') return [];
      const { edge, a, b } = part;
      // They end at walls.
      if (edge.role === 'wall' || edge.role === 'fixed') return [{ a, b, thick: 0, at: null }];
      const [u, starts, ends] = [unit(subtract(edge.b, edge.a)), distance(edge.a, a), distance(edge.a, b)];
      const stretches = edgeStretches(edge, boxes).filter(({ side }) => side !== 'front');
      return sameStretches(
        edge.role === 'left' || edge.role === 'right' || edge.role === 'behind' ? stretches : [],
        ({ box, side }) => isWaterfall(box.record, side),
        (one, other) => one === other,
      ).flatMap(({ at, from, to, made }) => {
        // What is round or cut at a corner stands free.
        const [first, last] = [Math.max(from, starts), Math.min(to, ends)];
        const on = (along: number) => place(edge.a, u, along, u, 0);
        return made && last - first > thick ? [{ at, a: on(first), b: on(last), thick }] : [];
      });
    });
    const footprints = mitred(found);
    return found.flatMap(({ at, a, b }, index): Waterfall[] =>
      at ? [{ at, a, b, low: 0, high, footprint: footprints[index]! }] : [],
    );
  },
);

/** How long it is along its edge, and how much of the top's stuff it takes, its mitre in it, mm and mm². */
export function waterfallSize(
  { a, b, high }: Waterfall,
  thickness: number,
): { length: number; area: number } {
  const length = distance(a, b);
  return { length, area: length * (high + thickness) };
}
