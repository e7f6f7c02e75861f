import { recordOf, type Design } from '../../document/design';
import type { MeasuredThings } from '../primitives';
import { extent } from '../../geometry/convex';
import { dot, type Point } from '../../geometry/point';
import { findBox } from '../../setting/item-box';
import { fixedThings } from '../../survey/fixed-things';
import { findOpening } from '../../survey/openings';
import { placedServices } from '../../survey/services';

/** The end of a length that stays where it is. */
export type StayingEnd = 'from' | 'to';

/** How the room follows a length that is typed: which end of it stays, what gets another size for it, and what moves. */
export interface MeasuredWay {
  stays: StayingEnd;
  /** Whether what lies beyond the other end goes along. */
  along: boolean;
  sized: readonly string[];
  moved: readonly string[];
}

/** A size of a record. */
export type Size = 'width' | 'depth' | 'height' | 'length';

/** Two directions this near to one line (the cosine) run along it. */
const PARALLEL = 1 - 1e-9;
/** Sizes and extents that differ by less are one, mm. */
const SAME = 0.01;
/** What stands as low as this stands on the floor, mm: it is made higher, not lifted. */
const ON_FLOOR = 1;

/** Every way the room can follow when a length that a dimension measures is typed: what is at one of its ends moves, or what it is the whole of gets that size; by itself or with all that lies beyond. */
export function measuredWays(design: Design, { way, ...measured }: MeasuredThings): MeasuredWay[] {
  if (way === null) return [];
  const of = { ...measured, way };
  const ends = (['from', 'to'] as const).map((stays) => ({ stays, ...changesOf(design, of, stays) }));
  return ends.flatMap(({ stays, sized, moved }): MeasuredWay[] => {
    if (sized.length + moved.length === 0 || of.held.includes(stays === 'from' ? 'to' : 'from')) return [];
    const beyond = (stays === 'from' ? of.after : of.before).filter(
      (id) => !sized.includes(id) && !moved.includes(id) && canMove(design, id, of.way),
    );
    const alone = { stays, along: false, sized, moved };
    return beyond.length === 0 ? [alone] : [alone, { ...alone, along: true, moved: [...moved, ...beyond] }];
  });
}

/** What is measured along a straight line. */
type Straight = MeasuredThings & { way: Point | 'up' };

function changesOf(design: Design, of: Straight, stays: StayingEnd): Pick<MeasuredWay, 'moved' | 'sized'> {
  const whole = of.from.filter((id) => of.to.includes(id));
  if (whole.length > 0) {
    const sized = whole.filter((id) => sizeAlong(design, id, of.way) !== null);
    // What stands on the floor goes on standing there.
    const kept = of.way === 'up' && stays === 'to' ? sized.filter((id) => !standsOnFloor(design, id)) : sized;
    return { sized: kept, moved: [] };
  }
  const there = stays === 'from' ? of.to : of.from;
  const isHigher = (id: string) => of.way === 'up' && standsOnFloor(design, id);
  return {
    sized: there.filter((id) => isHigher(id) && of.way === 'up' && sizeAlong(design, id, 'up') !== null),
    moved: there.filter((id) => !isHigher(id) && canMove(design, id, of.way)),
  };
}

/** The size of a record that runs a way; null where it has none that is as long as it is that way. */
export function sizeAlong(design: Design, id: string, way: Point | 'up'): Size | null {
  const record = design.records[id];
  switch (record?.kind) {
    case 'face':
      return way === 'up' ? null : 'length';
    case 'opening':
      return way === 'up' ? 'height' : 'width';
    case 'item':
    case 'fixed': {
      if (record.kind === 'item' && record.locked) return null;
      if (way === 'up') return 'height';
      const { u, n, footprint } = placed(design, id)!;
      const [least, most] = extent(footprint, way);
      const isWhole = (size: number) => Math.abs(most - least - size) < SAME;
      if (isAlong(u, way)) return isWhole(record.width) ? 'width' : null;
      if (isAlong(n, way)) return isWhole(record.depth) ? 'depth' : null;
      return null;
    }
    default:
      return null;
  }
}

function canMove(design: Design, id: string, way: Point | 'up'): boolean {
  const record = design.records[id];
  switch (record?.kind) {
    case 'item':
      return !record.locked && !(way === 'up' && standsOnFloor(design, id));
    case 'fixed':
      return !(way === 'up' && standsOnFloor(design, id));
    case 'opening': {
      const { face } = findOpening(design, id)!;
      return way === 'up' ? record.sill > 0 : !face.arc && isAlong(face.u, way);
    }
    case 'service': {
      const { against } = placedServices(design).find((one) => one.id === id)!;
      return way === 'up' || against === null || isAlong(against.face.u, way);
    }
    default:
      return false;
  }
}

function standsOnFloor(design: Design, id: string): boolean {
  const record = recordOf(design, 'item', id) ?? recordOf(design, 'fixed', id);
  if (record) return record.up < ON_FLOOR;
  return recordOf(design, 'opening', id)?.sill === 0;
}

/** Where an item or something fixed stands. */
export const placed = (design: Design, id: string) =>
  findBox(design, id) ?? fixedThings(design).find((one) => one.id === id);

const isAlong = (a: Point, b: Point): boolean => Math.abs(dot(a, b)) > PARALLEL;
