import type { FixedRecord } from '../document/records';
import { LEAST_RECESS } from '../document/limits';
import { distance, place } from '../geometry/point';
import type { FixedThing } from '../survey/fixed-things';
import type { Solid } from '../solids/solids';
import { FRONT } from '../surfaces/door-styles';
import { FRONT_SIDE, isLined } from '../surfaces/lining-boards';
import { boardMesh } from './board-parts';
import { box, joined, type Mesh, type Place } from './mesh';
import type { ScenePart } from './scene-part';
import { frameOfSide } from './shapes';

/** A light recess is so deep, behind a lip so thick; its strip so thick and wide, so far before its end, mm. */
const RECESS = 60;
const LIP = 15;
const STRIP = { high: 8, wide: 12, short: 20 };

export const isLit = (record: FixedRecord): boolean =>
  isLined(record) && record.lit === true && record.depth >= LEAST_RECESS && record.height > RECESS;

/** The line the strip in the recess of a lining shines from. */
export function recessStrip({ origin, u, n, high, record: { width, depth } }: FixedThing): [Place, Place] {
  const out = stripOut(depth);
  const z = high - RECESS + STRIP.high + 2;
  const end = (along: number): Place => {
    const { x, y } = place(origin, u, along, n, out);
    return [x, y, z];
  };
  return [end(STRIP.short), end(width - STRIP.short)];
}

/** How far out from the wall the middle of the strip lies. */
const stripOut = (depth: number): number => (depth - LIP) / 2;

/** A lining: its body, the boards on its face, and its recess with what shines in it. */
export function liningParts({ sides, low, high }: Solid, record: FixedRecord): ScenePart[] {
  const { depth } = record;
  const lit = isLit(record);
  const front = sides[FRONT_SIDE]!;
  const frame = frameOfSide(front);
  const wide = distance(front.from, front.to);
  const boards = front.parts.flatMap((part) => part.boards ?? []);
  // Behind its boards; a thin one is all boards.
  const behind = boards.length > 0 ? Math.min(depth, FRONT) : 0;
  const body = (top: number, from: number, to: number, bottom = low): Mesh[] =>
    to > from ? [box(frame, [0, wide], [from, to], [bottom, top])] : [];
  const solid = lit
    ? [...body(high - RECESS, -depth, -behind), ...body(high, -LIP, -behind, high - RECESS)]
    : body(high, -depth, -behind);
  const meshes = boards.map((board) =>
    boardMesh({ ...board, back: Math.max(board.back, -depth) }, frame, { left: 0, low, face: 0 }),
  );
  const middle = -depth + stripOut(depth);
  const strip = box(
    frame,
    [STRIP.short, wide - STRIP.short],
    [middle - STRIP.wide / 2, middle + STRIP.wide / 2],
    [high - RECESS, high - RECESS + STRIP.high],
  );
  return [
    { substance: 'wall', mesh: joined(...solid, ...meshes) },
    ...(lit ? [{ substance: 'light', mesh: strip } as const] : []),
  ];
}
