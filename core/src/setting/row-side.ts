import type { Design } from '../document/design';
import { seatSides, type SeatSide } from '../document/limits';
import { dot, place, scale, subtract, type Point } from '../geometry/point';
import { AGAINST, PARALLEL } from '../geometry/tolerance';
import { ok, refuse, type Result } from '../result';
import type { ItemBox } from './item-box';
import { runs } from './runs';
import { parallel } from './strip';

/** One side of a row of items: where it starts, walked with the items on the right; its length, mm; and whose side it is. */
export interface RowSide {
  from: Point;
  along: Point;
  length: number;
  /** Away from the row. */
  out: Point;
  bearing: readonly { box: ItemBox; side: SeatSide }[];
}

/** A side of items that stand together, seen from the front of the first. Their back is one line; an end is that of those that reach it. */
export function rowSide(boxes: readonly [ItemBox, ...ItemBox[]], side: SeatSide): Result<RowSide> {
  const apart = refuse('items-apart', { act: 'seat-or-back' });
  const [seed] = boxes;
  const out = outOf(seed, side);
  const along = { x: out.y, y: -out.x };
  const local = (point: Point) => {
    const from = subtract(point, seed.origin);
    return { along: dot(from, along), out: dot(from, out) };
  };
  const placed = boxes
    .map((box) => {
      const corners = box.rectangle.map(local);
      const alongs = corners.map((corner) => corner.along);
      return {
        box,
        from: Math.min(...alongs),
        to: Math.max(...alongs),
        reach: Math.max(...corners.map((corner) => corner.out)),
        side: seatSides.find((one) => dot(outOf(box, one), out) > 1 - AHEAD),
      };
    })
    .sort((a, b) => a.from - b.from);
  if (boxes.some((box) => !parallel(box.u, seed.u, PARALLEL))) return apart;
  const reach = Math.max(...placed.map((one) => one.reach));
  const on = placed.filter((one) => reach - one.reach <= AGAINST);
  if (side === 'behind' && on.length < placed.length) return apart;
  const bearing = on.flatMap((one) => (one.side ? [{ box: one.box, side: one.side }] : []));
  const gap = on.some((one, index) => index > 0 && one.from - on[index - 1]!.to > AGAINST);
  if (gap || bearing.length < on.length) return apart;
  const from = on[0]!.from;
  return ok({
    from: place(seed.origin, along, from, out, reach),
    along,
    length: Math.max(...on.map((one) => one.to)) - from,
    out,
    bearing,
  });
}

/** Directions are the same when their product is no further than this from one. */
const AHEAD = 1e-3;

function outOf({ u, n }: ItemBox, side: SeatSide): Point {
  if (side === 'behind') return scale(n, -1);
  return side === 'left' ? scale(u, -1) : u;
}

/** Some items of runs, and the panels and fillers that end those runs beside them. */
export function withTrim(design: Design, boxes: readonly [ItemBox, ...ItemBox[]]): [ItemBox, ...ItemBox[]] {
  const chosen = new Set(boxes.map(({ id }) => id));
  const trim = runs(design).flatMap((run) => {
    const first = run.findIndex(({ id }) => chosen.has(id));
    if (first < 0) return [];
    const last = run.findLastIndex(({ id }) => chosen.has(id));
    const added: ItemBox[] = [];
    for (let i = first - 1; run[i]?.kind.flat; i--) added.push(run[i]!);
    for (let i = last + 1; run[i]?.kind.flat; i++) added.push(run[i]!);
    return added;
  });
  return [...boxes, ...trim];
}
