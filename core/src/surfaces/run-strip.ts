import type { OverhangSide } from '../document/limits';
import type { ItemRecord, RoomRecord } from '../document/records';
import { rememberOne } from '../document/remember';
import { dot, place, subtract, type Point } from '../geometry/point';
import { AGAINST, SAME_PLACE, TOUCH } from '../geometry/tolerance';
import { hasLegs } from '../ranges/handing';
import { isInRun, isOwnTop } from '../ranges/item-kind';
import { middleWithin, type ItemBox } from '../setting/item-box';
import type { Run } from '../setting/runs';
import { tieInPlan, type Around, type Tie } from '../setting/ties';
import { isWaterfall, type EdgeSource, type KeyedPolygon } from './top-edge';

/** A top reaches back to a wall no further than this behind the boxes, mm. */
export const BACK_REACH = 60;

/** What a run's top follows from: the run, what is around it, the room's overhangs, and how thick tops are, mm. */
export interface Strip {
  run: Run;
  around: Around;
  frontOverhang: number;
  endOverhang: number;
  topThickness: number;
  /** The height of its underside. */
  underside: number;
}

/** How far the top over an item stands past a side of it where it says so itself, mm: where it goes down to the floor, at least as far as it is thick. */
export function ownOverhang(
  record: ItemRecord,
  side: OverhangSide,
  topThickness: number,
): number | undefined {
  const own = record.overhangs?.[side];
  return isWaterfall(record, side) ? Math.max(own ?? 0, topThickness) : own;
}

/** Appliances that go under a top are let up to it on their feet by no more, mm. */
const FEET = 80;

/** How high what a run carries lies, mm: on its highest item. Appliances that go under a top, with no cabinet beside them, stand under that of the room. */
export function runUnderside(
  run: Run,
  { counterHeight, topThickness }: Pick<RoomRecord, 'counterHeight' | 'topThickness'>,
): number {
  const highest = highestOf(run);
  const onFeet = counterHeight - topThickness - highest;
  const isMeant = onFeet > 0 && onFeet <= FEET && run.every(({ kind }) => kind.group === 'appliances');
  return isMeant ? highest + onFeet : highest;
}
const highestOf = rememberOne((run: Run): number => Math.max(...run.map(({ high }) => high)));

/** How far out of the line of a run's first back its deepest box comes, mm. */
export function deepest(run: Run): number {
  const { origin, n } = run[0]!;
  return Math.max(...run.map((box) => dot(subtract(box.origin, origin), n) + legOf(box)));
}

const legOf = ({ record }: ItemBox): number => record.leg ?? record.depth;

/** What stands at an end of a top, and how far from the boxes, mm. */
export type TopTie = Pick<Tie, 'distance' | 'to'>;

/** An end of a run's top: what stands there, and how far it stands out past the boxes, mm. */
export interface StripEnd {
  tie: TopTie | undefined;
  over: number;
  /** Whether that is less than it would stand out, because of what stands there. */
  stopped: boolean;
}

/** How a top ends towards what stands at a side of an item. */
export function endedAt(
  tie: TopTie | undefined,
  { record }: ItemBox,
  side: OverhangSide,
  { endOverhang, topThickness }: Pick<Strip, 'endOverhang' | 'topThickness'>,
): StripEnd {
  const most = ownOverhang(record, side, topThickness) ?? endOverhang;
  const stopped = tie !== undefined && tie.to.kind !== 'wall' && tie.distance <= most + SAME_PLACE;
  return { tie, over: overhang(tie, most), stopped };
}

/** How a run's top ends at a side. */
export function endOfStrip({ run, around, underside, ...more }: Strip, side: 'left' | 'right'): StripEnd {
  const box = side === 'left' ? run[0]! : run.at(-1)!;
  const tie = tieInPlan(around, box, side, (other) => stopsTop(other, underside));
  return endedAt(tie, box, sideAtEnd(box, side), more);
}

/** Which side of an item is at an end of its run: of a corner cabinet towards its corner, the back of its other leg. */
function sideAtEnd({ record, kind }: ItemBox, side: 'left' | 'right'): OverhangSide {
  return record.leg !== undefined && hasLegs(kind) && record.hand === side ? 'behind' : side;
}

/**
 * The polygons of a run's top before walls cut it: a strip as deep as its deepest box, and more where it stands further out.
 * A wall behind takes it to the wall, another run behind ends it at the boxes.
 */
export function runStrip(strip: Strip): KeyedPolygon[] {
  const { run, frontOverhang } = strip;
  const [first, last] = [run[0]!, run.at(-1)!];
  const { origin, u, n } = first;
  const alongOf = (box: ItemBox) => dot(subtract(box.origin, origin), u);
  const ends = { left: endOfStrip(strip, 'left'), right: endOfStrip(strip, 'right') };
  const left = -ends.left.over;
  const right = alongOf(last) + last.record.width + ends.right.over;
  const back = Math.min(...run.map((box) => dot(subtract(box.origin, origin), n)));
  const depths = depthsBehind(strip);
  const fronts = run.map(({ record }) => record.overhangs?.front ?? frontOverhang);
  const [least, near] = [Math.min(...depths), Math.min(...fronts)];
  const deep = deepest(run);

  const sideOf = (side: 'left' | 'right', whole: boolean): EdgeSource => {
    if (!whole) return { role: 'step', boxes: run, id: null };
    const box = side === 'left' ? first : last;
    return sourceAt(box, sideAtEnd(box, side), ends[side]);
  };
  // The least over the whole run, then every greater one over the items that have at least it: nested, so that no joint between pieces is left.
  const stretches = (sizes: readonly number[]) =>
    [...new Set(sizes)]
      .sort((a, b) => a - b)
      .flatMap((size) => sequences(sizes.map((own) => own >= size)).map((ends) => ({ size, ends })));
  const piece = ([from, end]: readonly [number, number], out: number, behind: number): KeyedPolygon => {
    const [low, high] = [
      from === 0 ? left : alongOf(run[from]!),
      end === run.length ? right : alongOf(run[end]!),
    ];
    const corners: [number, number][] = [
      [low, deep + out],
      [high, deep + out],
      [high, back - behind],
      [low, back - behind],
    ];
    return {
      ring: corners.map(([along, off]) => place(origin, u, along, n, off)),
      sides: [
        { role: 'front', boxes: run, id: null },
        sideOf('right', end === run.length),
        { role: 'behind', boxes: run, id: null },
        sideOf('left', from === 0),
      ],
    };
  };
  return [
    ...stretches(depths).map(({ size, ends }) => piece(ends, near, size)),
    ...stretches(fronts).flatMap(({ size, ends }) => (size > near ? [piece(ends, size, least)] : [])),
  ];
}

/** How far back a run's top goes behind each of its boxes: to a wall, to what stands there, or out past the back and what clads it, mm. */
export function depthsBehind({ run, around, endOverhang, topThickness, underside }: Strip): number[] {
  const panels = cladding(around, run);
  return run.map((box) => {
    const tie = besideWall(box) ?? tieInPlan(around, box, 'behind', (other) => stopsTop(other, underside));
    const own = ownOverhang(box.record, 'behind', topThickness);
    if (!tie || tie.distance > BACK_REACH) return panels + (own ?? endOverhang);
    // Where only part of it stands at a wall, the top may still go out past the rest: the wall cuts it.
    return tie.to.kind === 'wall' ? Math.max(BACK_REACH, own ?? 0) : 0;
  });
}

/** Where the edge of a top at the end of an item comes from. */
export const sourceAt = (box: ItemBox, side: OverhangSide, { tie, stopped }: StripEnd): EdgeSource => ({
  ...{ role: stopped ? 'stop' : side, boxes: [box] },
  id: stopped ? tie!.to.id : null,
});

/** The wall behind what stands close against a straight face: nothing has room between them. */
function besideWall({ against, record: { placement } }: ItemBox): TopTie | undefined {
  if (!against || against.face.arc || placement.on !== 'face' || placement.off > BACK_REACH) return undefined;
  return { distance: placement.off, to: { kind: 'wall', id: against.face.id } };
}

/** Whether a thing stands in a top's way: it is as high, or breaks it. A stool under it does not, nor do the panels that clad a back. */
export function stopsTop({ kind, high }: ItemBox, underside: number): boolean {
  return isInRun(kind) || high > underside + TOUCH;
}

/** How far a top stands out towards what is beside it: by so much, or as far as that. */
function overhang(tie: TopTie | undefined, most: number): number {
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

/** A place of an item that is under its top, and off the top's edges. */
export function underTop(box: ItemBox): Point {
  const { origin, u, n, kind, record } = box;
  const { width, depth, leg } = record;
  if (isOwnTop(kind)) return middleWithin(box);
  return place(origin, u, width / 2, n, (leg ?? depth) / 2);
}
