import { perDesign, recordOf, roomOf, type Design } from '../document/design';
import { groupedBy } from '../document/grouped';
import type { DoorStyle, HandleStyle } from '../document/limits';
import type { FixedRecord, ItemRecord, RoomRecord, Side } from '../document/records';
import { remember, rememberBoth } from '../document/remember';
import { signedArea } from '../geometry/polygon';
import {
  constructionBeside,
  constructionOf,
  plinthUnder,
  type ConstructionMethod,
} from '../ranges/construction';
import { hasLegs } from '../ranges/handing';
import { isOwnTop } from '../ranges/item-kind';
import type { Range } from '../ranges/range';
import { findItem, findRange, rangesOf } from '../ranges/shelf';
import { plain } from '../ranges/row-cells';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { builtInto, type Blocked } from '../setting/cut-round';
import { isAlong, planeOver, slantInto, type Slant, type SlantInto } from '../setting/slant';
import { itemOutline } from '../setting/item-outline';
import { hiddenInCorner } from '../setting/open-fronts';
import { plinths } from '../surfaces/plinths';
import { splashes } from '../surfaces/splashes';
import type { ItemSide } from '../surfaces/top-edge';
import { tops } from '../surfaces/tops';
import { waterfalls } from '../surfaces/waterfalls';
import { FRONT_SIDE, isLined, liningBoards } from '../surfaces/lining-boards';
import { fixedThings } from '../survey/fixed-things';
import { roomShape } from '../survey/room-shape';
import { trims } from '../surfaces/trims';
import { frontStyle } from '../surfaces/finish-of';
import { cutFronts } from './cut-fronts';
import { frontParts, styled } from './front-parts';
import { plainSides, type Solid, type SolidSide } from './solid';
import { trimSolids } from './trim-solids';

export type { Solid, SolidSide } from './solid';

/** How the items of a design are built where their range does not say it. */
const shelfIn = perDesign((design) => {
  const known = rangesOf(design);
  const room = findRange(roomOf(design).range, known);
  const { doorStyle, handleStyle } = roomOf(design);
  const styles = { ...(doorStyle && { doorStyle }), ...(handleStyle && { handleStyle }) };
  return shelfOf(known, { usual: room ? constructionOf(room) : null, styles });
});

/** The body of an item, with its fronts: cut to the ceiling where it is to be and that slopes over it. */
export function solidOfItem(design: Design, box: ItemBox): Solid {
  const solid = itemSolid(shelfIn(design), box);
  const into = box.record.cutRound ? slantInto(roomShape(design), box) : null;
  return (into?.by === 'ceiling' && slopedSolid(design, solid, into)) || solid;
}

const slopedSolid = (design: Design, solid: Solid, { slant }: SlantInto): Solid | null =>
  underSlope(solid, { slant, short: (builtAs(design, solid.box!) ?? plain).frontShort });

/** What slants where an item stands and it can be cut to, with its fronts. */
export function slantOf(design: Design, box: ItemBox): SlantInto | null {
  const into = slantInto(roomShape(design), box);
  return into?.by !== 'ceiling' || slopedSolid(design, itemSolid(shelfIn(design), box), into) ? into : null;
}

/** Whether an item could be cut to what slants there if its door turned at its other side. */
export function slantsTurned(design: Design, box: ItemBox): boolean {
  const { record } = box;
  const turned: ItemBox = { ...box, record: { ...record, hand: record.hand === 'left' ? 'right' : 'left' } };
  return !slantOf(design, box) && slantOf(design, turned) !== null;
}

/** What an item is cut to where it stands: round what is built in, and to what slants behind or over it. */
export interface CutOut {
  blocked: readonly Blocked[];
  slant: Slant | null;
}
const UNCUT: CutOut = { blocked: [], slant: null };

/** What is cut out of an item: nothing unless it is to be cut to where it stands. */
export const cutOutOf = (design: Design, box: ItemBox): CutOut =>
  box.record.cutRound
    ? {
        blocked: builtInto(design, box).map(({ blocked }) => blocked),
        slant: slantOf(design, box)?.slant ?? null,
      }
    : UNCUT;

/** A body under a slope that its fronts keep so far short of, mm; null where they can't be cut to it. */
const underSlope = remember(
  (solid: Solid, { slant, short }: { slant: Slant; short: number }): Solid | null => {
    const slope = planeOver(slant, solid.box!);
    if (!isAlong(slant) || solid.box!.kind.flat) return { ...solid, slope };
    const sides = solid.sides.flatMap((side) => {
      const parts = cutFronts(side.parts, slant, short);
      return parts ? [{ ...side, parts }] : [];
    });
    return sides.length === solid.sides.length ? { ...solid, slope, sides } : null;
  },
);

/** How an item is built: by its own range, and what goes through under a counter as is usual in the room. */
export const builtAs = (design: Design, box: ItemBox): ConstructionMethod | null =>
  builtIn(shelfIn(design), box);

/** Every body of the room: items, fixed things, countertops. The same object for what has not changed. */
export const solidsOf: (design: Design) => readonly Solid[] = perDesign((design) => {
  return [
    ...itemBoxes(design)
      .filter(({ kind }) => !isOwnTop(kind))
      .map((box) => solidOfItem(design, box)),
    ...fixedThings(design).map(({ record, footprint, low, high, circle }) =>
      fixedSolid(record, { footprint, low, high, round: circle !== null }),
    ),
    ...tops(design).flatMap(({ outline, underside: low, surface: high, items: carriers }) =>
      outline
        .filter((ring) => signedArea(ring) > 0)
        .map((footprint) =>
          topSolid(recordOf(design, 'item', carriers[0]!)!, { carriers, footprint, low, high }),
        ),
    ),
    ...[...waterfalls(design).values()]
      .flat()
      .map(({ at, footprint, low, high }) =>
        surfaceSolid(design, 'waterfall', at, { footprint, low, high, smooth: null }),
      ),
    ...splashes(design).flatMap(({ at, pieces }) =>
      pieces.map(({ footprint, low, high, smooth }) =>
        surfaceSolid(design, 'splash', at, { footprint, low, high, smooth }),
      ),
    ),
    ...plinths(design).flatMap(({ boards, low, high }) =>
      boards.map(({ at, footprint }) =>
        surfaceSolid(design, 'plinth', at, { footprint, low, high, smooth: null }),
      ),
    ),
    ...trims(design).flatMap((piece) => trimSolids(design, piece)),
  ];
});

/** What belongs to tops, and plinths, told by the sides of items it stands at. */
const surfaceSolid = (
  design: Design,
  of: 'plinth' | 'splash' | 'waterfall',
  at: readonly ItemSide[],
  extent: Extent & Pick<Surface, 'smooth'>,
): Solid => {
  const carriers = [...new Set(at.map(({ item }) => item))];
  return makeSurface(recordOf(design, 'item', carriers[0]!)!, { of, carriers, ...extent });
};

interface Surface extends Extent {
  of: 'plinth' | 'splash' | 'waterfall';
  carriers: readonly string[];
  /** At which ends of its side at the wall, and so of all its long sides, it goes on. */
  smooth: { from: boolean; to: boolean } | null;
}

/** How many pieces told by one item are remembered. */
const PIECES_KEPT = 12;

const makeSurface = remember(
  ({ id }: ItemRecord, { smooth, ...surface }: Surface): Solid => ({
    id,
    box: null,
    ...surface,
    sides: plainSides(surface.footprint).map((side, index) => {
      // The long sides run with the wall and back: each end meets the next piece there.
      if (!smooth || index % 2 === 1) return side;
      return { ...side, smooth: index === 0 ? smooth : { from: smooth.to, to: smooth.from } };
    }),
    round: false,
  }),
  { kept: PIECES_KEPT },
);

/** Where in that list the bodies of each record stand. */
const placesOf = perDesign((design) => {
  const solids = solidsOf(design);
  return groupedBy([...solids.keys()], (at) => solids[at]!.id);
});

/** The bodies of some records, in the order of all. */
export function solidsOfItems(design: Design, ids: ReadonlySet<string>): readonly Solid[] {
  const [solids, places] = [solidsOf(design), placesOf(design)];
  return [...ids]
    .flatMap((id) => places.get(id) ?? [])
    .sort((a, b) => a - b)
    .map((at) => solids[at]!);
}

type Extent = Pick<Solid, 'footprint' | 'low' | 'high'>;

const fixedSolid = remember((record: FixedRecord, extent: Extent & { round: boolean }): Solid => ({
  id: record.id,
  of: 'fixed',
  box: null,
  ...extent,
  sides: plainSides(extent.footprint).map((side, index) =>
    isLined(record) && index === FRONT_SIDE ? liningFront(record, side) : side,
  ),
}));

/** Of a lining, the front has the boards it is made of. */
function liningFront({ style = 'plain', width, height }: FixedRecord, side: SolidSide): SolidSide {
  const boards = liningBoards(style, width, height);
  if (boards.length === 0) return side;
  return { ...side, parts: [{ shows: 'panel', left: 0, right: width, low: 0, high: height, boards }] };
}

const topSolid = remember(({ id }: ItemRecord, extent: Extent & { carriers: readonly string[] }): Solid => ({
  id,
  of: 'top',
  box: null,
  ...extent,
  sides: plainSides(extent.footprint),
  round: false,
}));

/** The ranges there are, and the usual way to build in this room. */
interface Shelf {
  known: readonly Range[];
  usual: ConstructionMethod | null;
  /** How the room has its fronts made. */
  styles: Pick<RoomRecord, 'doorStyle' | 'handleStyle'>;
}

const shelfOf = remember((known: readonly Range[], { usual, styles }: Omit<Shelf, 'known'>): Shelf => {
  return { known, usual, styles };
});

const itemSolid = rememberBoth(({ known, usual, styles }: Shelf, box: ItemBox): Solid => {
  const { record, kind } = box;
  // What goes through under the counter takes its plinth and gaps from the cabinets beside it.
  const made = constructionBeside(record, kind, { known, usual });
  const found = kind.rows ? findItem(record.range, record.code, known) : null;
  const drawers = found?.ok ? found.value.family.drawers : undefined;
  // What is bought as one thing comes with its front.
  const style = kind.group === 'appliances' ? null : frontStyle(styles, record, made);
  return boxSolid(box, { made, drawers, style });
});

const builtIn = rememberBoth(({ known, usual }: Shelf, { record, kind }: ItemBox) =>
  constructionBeside(record, kind, { known, usual }),
);

/** How an item is built: the method of its range, and how many drawers its family has, where it says. */
interface Build {
  made: ConstructionMethod | null;
  drawers: number | undefined;
  style: { door: DoorStyle; handle: HandleStyle } | null;
}

const boxSolid = remember((box: ItemBox, build: Build): Solid => {
  const { record, kind, footprint, low, high, id } = box;
  const outline = itemOutline(record);
  const sides = outline.map(({ along, out }, index): SolidSide => {
    const next = outline[(index + 1) % outline.length]!;
    const [from, to] = [footprint[(index + 1) % footprint.length]!, footprint[index]!];
    const front = frontBetween(box, { along, out }, next, build);
    const width = Math.hypot(next.along - along, next.out - out);
    const parts = front ? front(width) : [];
    return { from, to, front: front !== null, parts: build.style ? styled(parts, build.style) : parts };
  });
  const foot = plinthUnder(kind, record, build.made);
  const solid: Solid = { id, of: 'item', box, footprint, low, high, sides, round: kind.plan === 'round' };
  return foot > 0 ? { ...solid, foot } : solid;
});

/** What shows on an edge of an item's outline, by its width; null for what is no front. */
function frontBetween({ record: item, kind }: ItemBox, a: Place, b: Place, { made, drawers }: Build) {
  const sizes = {
    kind,
    height: item.height,
    up: item.up,
    hand: item.hand,
    ...(drawers ? { drawers } : {}),
  };
  if (hasLegs(kind)) {
    const edge = (key: keyof Place, at: number) =>
      Math.abs(a[key] - at) < 1e-6 && Math.abs(b[key] - at) < 1e-6;
    const outer = edge('out', 0) || edge('out', item.depth) || edge('along', 0) || edge('along', item.width);
    if (outer) return null;
    // Leaves of two legs turn away from the corner between them.
    const end: Side = (a.out === b.out) === (item.hand === 'left') ? 'left' : 'right';
    // Fronts of two legs stop short of each other.
    const hidden = kind.plan === 'l' ? { hidden: { end, width: Math.max(0, made?.proud ?? 0) } } : {};
    return (width: number) => frontParts({ ...sizes, ...hidden, width }, made);
  }
  const isAhead =
    kind.plan === 'chamfer'
      ? Math.max(a.out, b.out) >= item.depth - 1e-6 && a.along !== b.along
      : a.out === item.depth && b.out === item.depth;
  if (!isAhead || kind.plan === 'round' || kind.plan === 'any') return null;
  const hidden = kind.blind ? { hidden: { end: item.hand, width: hiddenInCorner(item) } } : {};
  return (width: number) => frontParts({ ...sizes, ...hidden, width }, made);
}

interface Place {
  along: number;
  out: number;
}
