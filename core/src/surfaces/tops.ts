import { perDesign, recordOf, roomOf, type Design } from '../document/design';
import { MOST_OVERHANG } from '../document/limits';
import { remember } from '../document/remember';
import { place, dot, subtract, type Point } from '../geometry/point';
import { boundsMeet, boundsOf, contains, signedArea, type Polygon } from '../geometry/polygon';
import { apart } from '../geometry/apart';
import { intersect, union, type Region } from '../geometry/region';
import { AGAINST, TOUCH } from '../geometry/tolerance';
import { hasLegs } from '../ranges/handing';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { runs, type Run } from '../setting/runs';
import { tieOn, type Tie, type TieSide } from '../setting/ties';
import { roomShape } from '../survey/room-shape';

/** A countertop: its outline with overhangs, and the heights of its underside and surface above the floor, mm. */
export interface Top {
  /** The items it stands on. */
  items: string[];
  outline: Region;
  underside: number;
  surface: number;
  /** mm² */
  area: number;
}

/** A top reaches back to a wall no further than this behind the boxes, mm. */
const BACK_REACH = 60;

/**
 * The countertops of the room. Each run gives a strip from its back to the overhang past its deepest box; ends run to what stands
 * within the end overhang, or past a free end by it; an item can have overhangs of its own; strips of one height that meet are one top; walls cut them.
 */
export const tops: (design: Design) => readonly Top[] = perDesign((design) => {
  const { topThickness } = roomOf(design);
  const { outline } = roomShape(design);
  const strips = runs(design).map((run) => ({
    run,
    underside: Math.max(...run.map(({ high }) => high)),
    strip: stripOf(design, run),
    around: cornerTops(design, run),
  }));
  const levels = [...new Set(strips.map(({ underside }) => underside))].sort((a, b) => a - b);
  return levels.flatMap((underside) => {
    const level = strips.filter((one) => one.underside === underside);
    const parts = level.flatMap(({ strip, around }) => [...strip, ...around]);
    const rings = apart(parts, ROUNDED).flatMap((together) => ringsOf(outline, { together }));
    const solids = rings.filter((ring) => signedArea(ring) > 0);
    const holes = rings.filter((ring) => signedArea(ring) < 0);
    return solids.flatMap((ring) => {
      const own = [ring, ...holes.filter((hole) => contains(ring, hole[0]!))];
      const under = level.filter(({ run }) => contains(ring, underTop(run[0]!)));
      // What stands half in a wall may be under its top with a corner only, or with one leg.
      const carried =
        under.length > 0
          ? under
          : level.filter(({ strip, around }) => [...strip, ...around].some((part) => meet(ring, part)));
      // What meets nothing that carries it is no more than rounding.
      if (carried.length === 0) return [];
      return {
        items: carried.flatMap(({ run }) => run.map(({ id }) => id)),
        outline: own,
        underside,
        surface: underside + topThickness,
        area: own.reduce((sum, one) => sum + signedArea(one), 0),
      };
    });
  });
});

/** Strips that only touch are one top, however they are rounded, mm. */
const ROUNDED = 1;

/** What some strips make together within a room: an edit changes few of them. */
const ringsOf = remember(
  (outline: Polygon, { together }: { together: readonly Polygon[] }): Region =>
    intersect(union(together), [outline]),
  { kept: 64 },
);

/** Whether two polygons share some area. */
function meet(a: Polygon, b: Polygon): boolean {
  return boundsMeet(boundsOf(a), boundsOf(b)) && intersect([a], [b]).length > 0;
}

/** A place of an item that is under its top, and off the top's edges. */
function underTop({ origin, u, n, record: { width, depth, leg } }: ItemBox): Point {
  return place(origin, u, width / 2, n, (leg ?? depth) / 2);
}

/** What the corner cabinets of a run carry beside its strip: over their other legs, and before a front across the corner. */
function cornerTops(design: Design, run: Run): Point[][] {
  const { frontOverhang: over } = roomOf(design);
  return run.flatMap(({ record, kind, origin, u, n }) => {
    const { width, depth, hand, leg } = record;
    if (leg === undefined || !hasLegs(kind)) return [];
    const reach = leg + over;
    const inner: [number, number][] = [[reach, reach]];
    if (kind.plan === 'diagonal' && width > leg && depth > leg) {
      // The front across the corner is the line (x - leg) / a + (y - leg) / b = 1; moved out by the overhang it meets the front lines of both legs.
      const [a, b] = [width - leg, depth - leg];
      const moved = 1 + over * Math.hypot(1 / a, 1 / b);
      const along = leg + a * (moved - over / b);
      const out = leg + b * (moved - over / a);
      inner.splice(0, 1, [along, reach], [reach, out]);
    }
    const corners: [number, number][] = [
      [0, 0],
      [width, 0],
      [width, reach],
      ...inner,
      [reach, depth],
      [0, depth],
    ];
    return [corners.map(([along, out]) => place(origin, u, hand === 'left' ? along : width - along, n, out))];
  });
}

/**
 * The polygons of a run's top before walls cut it: a strip as deep as its deepest box, and more where it stands further out for seats.
 * A wall behind takes it to the wall, another run behind ends it at the boxes.
 */
function stripOf(design: Design, run: Run): Point[][] {
  const { frontOverhang, endOverhang } = roomOf(design);
  const { origin, u, n } = run[0]!;
  const alongOf = (box: ItemBox) => dot(subtract(box.origin, origin), u);
  const outOf = (box: ItemBox) => dot(subtract(box.origin, origin), n);
  const underside = Math.max(...run.map(({ high }) => high));
  const beside = (box: ItemBox, side: TieSide) =>
    tieOn(design, box, side, (other) => stopsTop(other, underside), MOST_OVERHANG);
  const left = -overhang(beside(run[0]!, 'left'), run[0]!.record.overhangs?.left ?? endOverhang);
  const last = run.at(-1)!;
  const right =
    alongOf(last) +
    last.record.width +
    overhang(beside(last, 'right'), last.record.overhangs?.right ?? endOverhang);
  const front =
    Math.max(...run.map((box) => outOf(box) + (box.record.leg ?? box.record.depth))) + frontOverhang;
  const back = Math.min(...run.map(outOf));
  const piece = (from: number, to: number, back: number) =>
    [
      [from, back],
      [to, back],
      [to, front],
      [from, front],
    ].map(([along, out]) => place(origin, u, along!, n, out!));
  // How far back it goes behind each: to a wall, to what stands there, or out past the back and what clads it.
  const panels = cladding(design, run);
  const depths = run.map((box) => {
    const tie = besideWall(box) ?? beside(box, 'behind');
    const own = box.record.overhangs?.behind;
    if (!tie || tie.distance > BACK_REACH) return panels + (own ?? endOverhang);
    // Where only part of it stands at a wall, the top may still go out past the rest: the wall cuts it.
    return tie.to.kind === 'wall' ? Math.max(BACK_REACH, own ?? 0) : 0;
  });
  // The shallowest over the whole run, then every deeper one over the items that have at least it: nested, so that no joint between pieces is left.
  return [...new Set(depths)]
    .sort((a, b) => a - b)
    .flatMap((depth) =>
      sequences(depths.map((own) => own >= depth)).map(([first, end]) =>
        piece(
          first === 0 ? left : alongOf(run[first]!),
          end === run.length ? right : alongOf(run[end]!),
          back - depth,
        ),
      ),
    );
}

/** The wall behind what stands close against a straight face: nothing has room between them. */
function besideWall({ against, record: { placement } }: ItemBox): Pick<Tie, 'distance' | 'to'> | undefined {
  if (!against || against.face.arc || placement.on !== 'face' || placement.off > BACK_REACH) return undefined;
  return { distance: placement.off, to: { kind: 'wall', id: against.face.id } };
}

/** Whether a thing stands in a top's way: it is as high, or breaks it. A stool under it does not, nor do the panels that clad a back. */
function stopsTop({ kind, high }: ItemBox, underside: number): boolean {
  return kind.top !== 'none' || high > underside + TOUCH;
}

/** How far a top stands out towards what is beside it: by so much, or as far as that. */
function overhang(tie: Tie | undefined, most: number): number {
  if (!tie || tie.distance > most || tie.to.kind === 'wall') return most;
  return Math.max(0, tie.distance);
}

/** How thick the panels are that a run's back is finished with, mm; 0 without any. */
function cladding(design: Design, run: Run): number {
  if (!itemBoxes(design).some(({ kind }) => kind.id === 'back-panel')) return 0;
  const panels = run.map((box) => {
    const tie = tieOn(design, box, 'behind', undefined, AGAINST);
    const panel = tie && tie.distance <= AGAINST ? recordOf(design, 'item', tie.to.id) : undefined;
    return panel?.type === 'back-panel' ? panel.depth : 0;
  });
  return Math.max(...panels);
}

/** The stretches of a list that hold: from the first index, to the one after the last. */
function sequences(holds: readonly boolean[]): [number, number][] {
  const found: [number, number][] = [];
  holds.forEach((held, index) => {
    const last = found.at(-1);
    if (held && last?.[1] === index) last[1] = index + 1;
    else if (held) found.push([index, index + 1]);
  });
  return found;
}
