import { perDesign, recordsOf, roomOf, type Design } from '../document/design';
import type { RoomRecord, TopSplash } from '../document/records';
import { remember } from '../document/remember';
import { distance, dot, place, subtract, unit, type Point } from '../geometry/point';
import { contains } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { bodiesNear } from '../setting/bodies';
import { findBox, HUNG, isCooking, itemBoxes, middleOf, type ItemBox } from '../setting/item-box';
import { fixedThings } from '../survey/fixed-things';
import { openingsOn } from '../survey/openings';
import { isOwnTop } from '../ranges/item-kind';
import { roomShape } from '../survey/room-shape';
import { placedServices } from '../survey/services';
import { edgeStretches, sameStretches, type Standing } from './edge-stretches';
import {
  madeSplashes,
  SHALLOW,
  type Around,
  type Splash,
  type SplashRun,
  type SplashWay,
} from './splash-pieces';
import type { ItemSide, TopEdge } from './top-edge';
import { tops, type Top } from './tops';

/** How thick a splash usually is, mm: no thicker than the top. */
const USUAL_THICKNESS = 20;

export const splashThickness = ({ splashThickness: own, topThickness }: RoomRecord): number =>
  own ?? Math.min(USUAL_THICKNESS, topThickness);

/** Every stretch of the room's tops, and of the walls behind ranges, that can carry a splash, with what it carries. */
export const splashPlaces: (design: Design) => readonly Splash[] = perDesign((design) => [
  ...tops(design).flatMap((top) => splashesOver(design, top)),
  ...behindRanges(design),
]);

/** Those of them in a room where some splash is wanted, by it or by an item; none in any other. */
export const splashes: (design: Design) => readonly Splash[] = perDesign((design) => {
  const { splashHeight = 0, splashAtCooking = false } = roomOf(design);
  const said = recordsOf(design, 'item').some(({ topEdges }) =>
    Object.values(topEdges ?? {}).some((way) => (way as { splash?: TopSplash }).splash),
  );
  if (!said && splashHeight === 0 && !splashAtCooking) return [];
  return splashPlaces(design);
});

/** What the room says of splashes. */
interface Wanted {
  height: number;
  atCooking: boolean;
  thick: number;
}

function wantedIn(design: Design): Wanted {
  const room = roomOf(design);
  const { splashHeight: height = 0, splashAtCooking: atCooking = false } = room;
  return { height, atCooking, thick: splashThickness(room) };
}

function aroundOf(design: Design, outline: readonly Point[], ids: ReadonlySet<string>, low: number): Around {
  const above = bodiesNear(design, outline, SHALLOW).filter(
    ({ box, low: from }) =>
      box && from > low + TOUCH && ['wall', 'tall', 'appliances'].includes(box.kind.group),
  );
  return {
    faces: roomShape(design).faces.filter(({ id }) => ids.has(id)),
    openings: [...ids].flatMap((id) => openingsOn(design, id)),
    hung: above.map(({ footprint }) => footprint),
    undersides: above.map(({ low: from }) => from),
  };
}

/** What is cooked on and let into a top. */
const hobsOf = perDesign((design) =>
  itemBoxes(design).filter(({ kind, low }) => isCooking(kind) && low >= HUNG),
);

function splashesOver(design: Design, top: Top): Splash[] {
  const boxes = top.items.map((id) => findBox(design, id)!);
  // A window board, a shelf: over what nobody works at there is none but where one is asked for.
  const isAlone = boxes.every(({ kind }) => isOwnTop(kind));
  const wanted = { ...wantedIn(design), ...(isAlone ? { height: 0 } : {}) };
  const low = top.surface;
  const cooking = hobsOf(design);
  const cooked = boxes.flatMap((box) =>
    isCooking(box.kind) || cooking.some((one) => contains(box.footprint, middleOf(one))) ? box.id : [],
  );
  const fixed = new Map(fixedThings(design).map(({ id, high }) => [id, high]));
  return top.rings.flatMap(({ edges }) => {
    const raised = edges.filter(({ role, at }) => {
      if (role === 'wall') return true;
      if (at === null || (role !== 'stop' && role !== 'fixed')) return false;
      return (fixed.get(at) ?? findBox(design, at)?.high ?? 0) > low + TOUCH;
    });
    if (raised.length === 0) return [];
    const ids = new Set(raised.flatMap(({ role, at }) => (role === 'wall' && at ? [at] : [])));
    const around = aroundOf(
      design,
      raised.flatMap(({ a, b }) => [a, b]),
      ids,
      low,
    );
    return ringSplashes(raised[0]!, { raised, boxes, cooked, low, wanted, around });
  });
}

interface RingOf {
  raised: readonly TopEdge[];
  boxes: readonly ItemBox[];
  /** Those that are cooked on. */
  cooked: readonly string[];
  low: number;
  wanted: Wanted;
  around: Around;
}

const ringSplashes = remember((_first: TopEdge, of: RingOf): Splash[] => {
  const { raised, boxes, cooked, low, wanted, around } = of;
  const runs = raised.flatMap((edge): SplashRun[] => {
    const u = unit(subtract(edge.b, edge.a));
    const usual = (box: ItemBox, behind: boolean): Omit<SplashWay, 'own'> => {
      // What a top only stops at has none of itself.
      if (edge.role === 'stop') return { height: 0, full: false };
      return { height: wanted.height, full: wanted.atCooking && behind && cooked.includes(box.id) };
    };
    return sameStretches(
      edgeStretches(edge, boxes),
      ({ box, side }): SplashWay => wayOf(box, side, usual(box, side === 'behind')),
      (one, other) => one.full === other.full && one.own === other.own && one.height === other.height,
    ).flatMap(({ at, from, to, made }) => {
      const on = (along: number) => place(edge.a, u, along, u, 0);
      const face = edge.role === 'wall' ? edge.at : null;
      return { at, face, a: on(from), b: on(to), thick: wanted.thick, ...made };
    });
  });
  return madeSplashes(runs, low, around);
});

function wayOf({ record }: ItemBox, side: ItemSide['side'], usual: Omit<SplashWay, 'own'>): SplashWay {
  const own = record.topEdges?.[side]?.splash;
  if (!own) return { ...usual, own: false };
  return { height: own.height ?? 0, full: own.full === true, own: true };
}

/** What is cooked on and breaks the top has a splash behind it by itself: from the height of the tops beside it. */
function behindRanges(design: Design): Splash[] {
  const wanted = wantedIn(design);
  return itemBoxes(design).flatMap((box): Splash[] => {
    const { kind, against, record, high } = box;
    if (!isCooking(kind) || kind.top !== 'breaks' || !against || against.face.arc) return [];
    const way = wayOf(box, 'behind', { height: 0, full: wanted.atCooking });
    const beside = tops(design).find(({ rings }) =>
      rings.some(({ edges }) => edges.some(({ at }) => at === box.id)),
    );
    const { face, along } = against;
    const on = (to: number) => place(face.start, face.u, to, face.n, 0);
    const [a, b] = [on(along + record.width), on(along)];
    const low = beside?.surface ?? high;
    const around = aroundOf(design, [a, b], new Set([face.id]), low);
    return rangeSplash(box, { a, b, low, way, thick: wanted.thick, face: face.id, around });
  });
}

const rangeSplash = remember(
  (
    { id }: ItemBox,
    { low, way, around, ...line }: Standing & { low: number; way: SplashWay; face: string; around: Around },
  ): Splash[] => madeSplashes([{ at: [{ item: id, side: 'behind' }], ...line, ...way }], low, around),
);

/** Length along the wall and area of a splash, openings left out, mm and mm². */
export function splashSize({ pieces }: Splash): { length: number; area: number } {
  const length = (piece: Splash['pieces'][number]) => distance(piece.a, piece.b);
  // Over and under an opening it is as long once.
  const stretches = new Map(pieces.map((piece) => [`${piece.a.x} ${piece.a.y}`, length(piece)]));
  return {
    length: [...stretches.values()].reduce((sum, one) => sum + one, 0),
    area: pieces.reduce((sum, piece) => sum + length(piece) * (piece.high - piece.low), 0),
  };
}

/** The services that come out through a splash: it needs a hole for each. */
export function servicesThrough(design: Design, { a, b, face, pieces }: Splash): string[] {
  const u = unit(subtract(b, a));
  return placedServices(design).flatMap(({ id, at, against, record: { up } }) => {
    if (!against || against.face.id !== face) return [];
    const along = dot(subtract(at, a), u);
    const through = pieces.some((piece) => {
      const [from, to] = [piece.a, piece.b].map((end) => dot(subtract(end, a), u));
      return along >= from! && along <= to! && up > piece.low && up < piece.high;
    });
    return through ? [id] : [];
  });
}
