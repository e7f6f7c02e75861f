import { perDesign, roomOf, type Design } from '../document/design';
import { groupedBy } from '../document/grouped';
import { MOST_OVERHANG } from '../document/limits';
import { remember, rememberOne } from '../document/remember';
import { place, dot, subtract, type Point } from '../geometry/point';
import { boundsMeet, boundsOf, contains, signedArea, type Polygon } from '../geometry/polygon';
import { apart } from '../geometry/apart';
import { intersect, union, type Region } from '../geometry/region';
import { AGAINST, TOUCH } from '../geometry/tolerance';
import { hasLegs } from '../ranges/handing';
import { bodiesNear } from '../setting/bodies';
import type { ItemBox } from '../setting/item-box';
import { runs, type Run } from '../setting/runs';
import { tieInPlan, type Around, type PlanSide, type Tie } from '../setting/ties';
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
  const carried = runs(design).map((run): Carried => {
    const parts = [...stripOf(design, run), ...cornerTops(design, run)];
    return { run, underside: Math.max(...run.map(({ high }) => high)), parts };
  });
  const levels = [...groupedBy(carried, ({ underside }) => underside)].sort(([a], [b]) => a - b);
  return levels.flatMap(([underside, level]) => {
    const carriers = new Map(level.flatMap((one) => one.parts.map((part) => [part, one] as const)));
    return apart([...carriers.keys()], ROUNDED).flatMap((together) => {
      const under = [...new Set(together.map((part) => carriers.get(part)!))];
      return topsOf(design, underside, together, under);
    });
  });
});

/** A run, and the polygons of its top before others and walls come to it. */
interface Carried {
  run: Run;
  underside: number;
  parts: readonly Polygon[];
}

/** The tops that some polygons of one height make together, and what carries each. */
function topsOf(
  design: Design,
  underside: number,
  together: readonly Polygon[],
  level: readonly Carried[],
): Top[] {
  const rings = ringsOf(together[0]!, { together, outline: roomShape(design).outline });
  const holes = rings.filter((ring) => signedArea(ring) < 0);
  return rings.flatMap((ring) => {
    if (signedArea(ring) <= 0) return [];
    const outline = [ring, ...holes.filter((hole) => contains(ring, hole[0]!))];
    const under = level.filter(({ run }) => contains(ring, underTop(run[0]!)));
    // What stands half in a wall may be under its top with a corner only, or with one leg.
    const carried =
      under.length > 0 ? under : level.filter(({ parts }) => parts.some((part) => meet(ring, part)));
    // What meets nothing that carries it is no more than rounding.
    if (carried.length === 0) return [];
    return {
      items: carried.flatMap(({ run }) => run.map(({ id }) => id)),
      outline,
      underside,
      surface: underside + roomOf(design).topThickness,
      area: outline.reduce((sum, one) => sum + signedArea(one), 0),
    };
  });
}

/** Strips that only touch are one top, however they are rounded, mm. */
const ROUNDED = 1;

/** What some strips make together within a room: an edit changes few of them. */
const ringsOf = remember(
  (_first: Polygon, { together, outline }: { together: readonly Polygon[]; outline: Polygon }): Region =>
    intersect(union(together), [outline]),
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
function stripOf(design: Design, run: Run): readonly Polygon[] {
  const { frontOverhang, endOverhang } = roomOf(design);
  const bodies = bodiesNear(design, cornersOf(run), MOST_OVERHANG);
  return runStrip(run[0]!, {
    run,
    around: { bodies, faces: roomShape(design).faces },
    frontOverhang,
    endOverhang,
  });
}

const cornersOf = rememberOne((run: Run) => run.flatMap(({ rectangle }) => rectangle));

interface Strip {
  run: Run;
  around: Around;
  frontOverhang: number;
  endOverhang: number;
}

/** How many runs from the same first item are remembered: as they are, and as a drag makes them. */
const RUNS_KEPT = 3;

/** It follows from the run and what is around it: the same polygons as long as those are the same. */
const runStrip = remember(
  (first: ItemBox, { run, around, frontOverhang, endOverhang }: Strip) => {
    const { origin, u, n } = first;
    const alongOf = (box: ItemBox) => dot(subtract(box.origin, origin), u);
    const outOf = (box: ItemBox) => dot(subtract(box.origin, origin), n);
    const underside = Math.max(...run.map(({ high }) => high));
    const beside = (box: ItemBox, side: PlanSide) =>
      tieInPlan(around, box, side, (other) => stopsTop(other, underside));
    const left = -overhang(beside(first, 'left'), first.record.overhangs?.left ?? endOverhang);
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
    const panels = cladding(around, run);
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
  },
  { kept: RUNS_KEPT },
);

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
function cladding(around: Around, run: Run): number {
  const panels = new Map(
    around.bodies.flatMap(({ id, box }) => (box?.kind.id === 'back-panel' ? [[id, box.record.depth]] : [])),
  );
  if (panels.size === 0) return 0;
  const behind = run.map((box) => {
    const tie = tieInPlan(around, box, 'behind');
    return tie && tie.distance <= AGAINST ? (panels.get(tie.to.id) ?? 0) : 0;
  });
  return Math.max(...behind);
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
