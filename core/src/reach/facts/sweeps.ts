import type { Design } from '../../document/design';
import { rememberBoth, rememberOne } from '../../document/remember';
import { place, scale, type Point } from '../../geometry/point';
import { sweptByLeaf, sweptPolygon, type Swept, type TurningLeaf } from '../../geometry/swept';
import type { ConstructionMethod } from '../../ranges/construction';
import type { ItemBox } from '../../setting/item-box';
import { openFronts } from '../../setting/open-fronts';
import { builtAs } from '../../solids/solids';
import { doorLeaves, type PlacedOpening } from '../../survey/openings';

/** What a leaf, a drawer or a door that comes down takes as it opens: its place in plan between two heights, mm. */
export interface Sweep {
  /** The opening or item it is of. */
  id: string;
  of: 'door-of' | 'drawer-of' | 'opening';
  swept: Swept;
  /** The leaf that turns; none for what comes straight out. */
  leaf?: TurningLeaf;
  low: number;
  high: number;
}

/** What the leaves of a door sweep inside the room; none for a door that does not swing in. */
export const openingSweeps = rememberOne((opening: PlacedOpening): readonly Sweep[] => {
  const { record } = opening;
  if (record.swing !== 'in') return [];
  return doorLeaves(opening).map(({ hinge, width, closed, open }) => {
    const leaf = { pivot: hinge, width, thick: record.leaf, closed, open };
    return {
      ...{ id: record.id, of: 'opening' as const, leaf, swept: sweptByLeaf(leaf) },
      ...{ low: record.sill, high: record.sill + record.height },
    };
  });
});

type Fronts = Pick<ConstructionMethod, 'frontShort' | 'proud'>;

/** How fronts stand before the box and short of its sides where its range says nothing, mm. */
const USUAL = { proud: 20, frontShort: 1.5 };

/** What the doors and drawers of an item sweep before it: fronts stand before its box by their thickness, and turn about their outer corners. */
export function itemSweeps(design: Design, box: ItemBox): readonly Sweep[] {
  return sweepsOf(box, builtAs(design, box) ?? USUAL);
}

const sweepsOf = rememberBoth((box: ItemBox, made: Fronts): readonly Sweep[] => {
  const { proud, frontShort } = made;
  const base = { id: box.id, low: box.low, high: box.high };
  return openFronts(box).map((front): Sweep => {
    if (!('swing' in front)) {
      const of = box.kind.opens === 'drawers' ? 'drawer-of' : 'door-of';
      const [left, right, farRight, farLeft] = front.reach as [Point, Point, Point, Point];
      const at = (corner: Point, out: number, inwards: number) => place(corner, box.n, out, box.u, inwards);
      const [inLeft, inRight] = [frontShort, -frontShort];
      return {
        ...{ ...base, of },
        swept: sweptPolygon([
          at(left, 0, inLeft),
          at(right, 0, inRight),
          at(farRight, proud, inRight),
          at(farLeft, proud, inLeft),
        ]),
      };
    }
    const { centre, radius, from, sweep } = front.swing;
    const across = Math.atan2(box.u.y, box.u.x);
    const back = scale(box.u, -1);
    // Hinged at the left end of its stretch it is closed along the front, at the right end against it.
    const isLeft = Math.abs(Math.cos(from - Math.atan2(box.n.y, box.n.x)) - 1) < 1e-9;
    const closed = isLeft ? across : Math.atan2(back.y, back.x);
    const open = isLeft ? closed - sweep : closed + sweep;
    const pivot = place(centre, box.n, proud, box.u, isLeft ? frontShort : -frontShort);
    const width = Math.max(1, radius - 2 * frontShort);
    const leaf = { pivot, width, thick: proud, closed, open };
    return { ...base, of: 'door-of', leaf, swept: sweptByLeaf(leaf) };
  });
});
