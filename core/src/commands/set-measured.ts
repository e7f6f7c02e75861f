import { patchOf, type Patch } from '../document/patch';
import type { Design } from '../document/design';
import { LEAST_OPENING, MOST_FACE, MOST_HEIGHT } from '../document/limits';
import type { OpeningRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import type { MeasuredThings } from '../drawing/primitives';
import { extent } from '../geometry/convex';
import { dot, scale, type Point } from '../geometry/point';
import { ok, refuse, type Result } from '../result';
import { shiftedPlacement } from '../setting/shift-item';
import { distanceFor, findOpening, leftJamb } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import { placedServices } from '../survey/services';
import { quantise } from '../units/units';
import { stepped, type Command } from './command';
import { editItems } from './edit-items';
import { measuredWays, placed, sizeAlong, type StayingEnd } from '../drawing/dimensions/measured-ways';
import { putFixed } from './put-fixed';
import { putService } from './put-service';
import { resizeFace } from './resize-face';
import { shiftItems } from './shift-items';

/** A length that is typed for what a dimension measures, mm; which end of it stays, and whether what lies beyond the other goes along. */
export interface MeasuredLength {
  of: MeasuredThings;
  length: number;
  stays: StayingEnd;
  along: boolean;
}

/** Gives what a dimension measures another length, in one of the ways that `measuredWays` tells. */
export const setMeasured: Command<MeasuredLength> = {
  id: 'set-measured',
  run(design, { of, length, stays, along }) {
    const held = within('length', length, 0, MOST_FACE);
    if (!held.ok) return held;
    const way = measuredWays(design, of).find((one) => one.stays === stays && one.along === along);
    if (!way || of.way === null) return refuse('measured-held', {});
    const by = length - of.length;
    const line = of.way;
    const change = { way: line, by, stays };
    // What stands on the floor and ends there is made as much higher or lower, from the floor up.
    const isWhole = (id: string) => of.from.includes(id) && of.to.includes(id);
    const raised: Change = { way: 'up', by: stays === 'from' ? by : -by, stays: 'from' };
    return stepped(design, [
      ...way.sized.map((id) => (now: Design) => sizedPatch(now, id, isWhole(id) ? change : raised)),
      ...way.moved.map((id) => (now: Design) => movedPatch(now, id, line, stays === 'from' ? by : -by)),
    ]);
  },
};

interface Change {
  way: Point | 'up';
  by: number;
  stays: StayingEnd;
}

/** What has a size that way gets it, one of its ends staying. */
function sizedPatch(design: Design, id: string, { way, by, stays }: Change): Result<Patch> {
  const record = design.records[id];
  const size = sizeAlong(design, id, way);
  if (!record || size === null) return refuse('measured-held', {});
  switch (record.kind) {
    case 'face': {
      const { chord, u } = roomShape(design).byId.get(id)!;
      const forth = dot(u, way as Point) > 0;
      return resizeFace.run(design, {
        face: id,
        length: chord + by,
        moves: (stays === 'from') === forth ? 'right' : 'left',
      });
    }
    case 'opening':
      return sizedOpening(design, record, { way, by, stays });
    case 'item':
    case 'fixed': {
      const wanted = record[size as 'width'] + by;
      const change = { [size]: wanted };
      const sized = (now: Design): Result<Patch> =>
        record.kind === 'item'
          ? editItems.run(now, { ids: [id], change })
          : putFixed.run(now, { ...record, ...change });
      const back = (now: Design): Result<Patch> => {
        const off = offEnd([design, now], id, way, stays);
        return Math.abs(off) < 1e-9 ? ok([]) : movedPatch(now, id, way, off);
      };
      return stepped(design, [sized, back]);
    }
    default:
      return refuse('measured-held', {});
  }
}

/** How far what got another size must move for the end that stays to stay, along the way, mm. */
function offEnd([before, after]: [Design, Design], id: string, way: Point | 'up', stays: StayingEnd): number {
  const endOf = (design: Design): number => {
    const thing = placed(design, id)!;
    const [least, most] = way === 'up' ? [thing.low, thing.high] : extent(thing.footprint, way);
    return stays === 'from' ? least : most;
  };
  return endOf(before) - endOf(after);
}

/** An opening wider or higher, one of its jambs, or its sill or head, staying. */
function sizedOpening(design: Design, record: OpeningRecord, { way, by, stays }: Change): Result<Patch> {
  if (way === 'up') {
    const height = record.height + by;
    const sill = stays === 'to' ? record.sill - by : record.sill;
    const wrong = firstRefusal(
      within('height', height, LEAST_OPENING, MOST_HEIGHT),
      within('sill', sill, 0, MOST_HEIGHT),
    );
    return wrong ?? ok(patchOf(design, [{ ...record, height: quantise(height), sill: quantise(sill) }]));
  }
  const { face } = findOpening(design, record.id)!;
  const wide = { ...record, width: quantise(record.width + by) };
  const wrong = within('width', wide.width, LEAST_OPENING, MOST_FACE);
  if (!wrong.ok) return wrong;
  const rightStays = (stays === 'to') === dot(face.u, way) > 0;
  const left = leftJamb(record, face) - (rightStays ? by : 0);
  return ok(patchOf(design, [{ ...wide, distance: quantise(distanceFor(wide, left, face)) }]));
}

/** A thing moved along the way, mm. Whether it fits there is asked when all that moves has moved. */
function movedPatch(design: Design, id: string, way: Point | 'up', by: number): Result<Patch> {
  const record = design.records[id];
  const [plan, up] = way === 'up' ? [{ x: 0, y: 0 }, by] : [scale(way, by), 0];
  switch (record?.kind) {
    case 'item':
      return shiftItems.run(design, { ids: [id], by: plan, up });
    case 'fixed': {
      const placement = shiftedPlacement(record.placement, placed(design, id)!, plan);
      return putFixed.run(design, { ...record, placement, up: record.up + up });
    }
    case 'service': {
      const at = placedServices(design).find((one) => one.id === id)!;
      const placement = shiftedPlacement(record.placement, at, plan);
      return putService.run(design, { ...record, placement, up: record.up + up });
    }
    case 'opening': {
      const { face } = findOpening(design, id)!;
      const sill = record.sill + up;
      const wrong = within('sill', sill, 0, MOST_HEIGHT);
      if (!wrong.ok) return wrong;
      const left = leftJamb(record, face) + dot(plan, face.u);
      const moved = { ...record, sill: quantise(sill), distance: quantise(distanceFor(record, left, face)) };
      return ok(patchOf(design, [moved]));
    }
    default:
      return refuse('measured-held', {});
  }
}
