import type { ItemRecord, Placement } from '../document/records';
import { dot, place, subtract, type Point } from '../geometry/point';
import { footprintOf } from '../survey/footprint';
import type { RoomShape } from '../survey/room-shape';
import { wrapAngle } from '../units/angles';
import { facePlacement } from './face-placement';
import type { ItemBox } from './item-box';
import { standing } from './shift-item';

/** Items that keep their places to one another: their extent together, mm, and where in it each stands. The frame is that of the first. */
export interface Block {
  width: number;
  depth: number;
  low: number;
  high: number;
  parts: readonly BlockPart[];
}

/** An item of a block: its back left corner along the block's back and out from it, and how it is turned against the block. */
export interface BlockPart {
  record: ItemRecord;
  along: number;
  out: number;
  turn: number;
}

/** Angles nearer than this are the same, radians. */
const SAME_TURN = 1e-9;

/** The block some items make, in the frame of the first, and where that stands. */
export function blockOf(boxes: readonly [ItemBox, ...ItemBox[]]): Block & { origin: Point; turn: number } {
  const [{ origin, u, n, turn }] = boxes;
  const local = (point: Point) => ({
    along: dot(subtract(point, origin), u),
    out: dot(subtract(point, origin), n),
  });
  const corners = boxes.flatMap(({ rectangle }) => rectangle.map(local));
  const left = Math.min(...corners.map(({ along }) => along));
  const back = Math.min(...corners.map(({ out }) => out));
  return {
    origin: place(origin, u, left, n, back),
    turn,
    width: Math.max(...corners.map(({ along }) => along)) - left,
    depth: Math.max(...corners.map(({ out }) => out)) - back,
    low: Math.min(...boxes.map(({ low }) => low)),
    high: Math.max(...boxes.map(({ high }) => high)),
    parts: boxes.map((box) => {
      const at = local(box.origin);
      return {
        record: box.record,
        along: at.along - left,
        out: at.out - back,
        turn: wrapAngle(box.turn - turn),
      };
    }),
  };
}

/** Where each part of a block stands when the block has a placement, in the order of its parts. */
export function placeBlock(block: Block, placement: Placement, shape: RoomShape): Placement[] {
  const { origin, u, n, turn, against } = footprintOf(placement, block.width, block.depth, shape);
  return block.parts.map(({ record, along, out, turn: own }) => {
    if (block.parts.length === 1 && Math.abs(own) < SAME_TURN) return placement;
    if (placement.on === 'face' && against && !against.face.arc && Math.abs(own) < SAME_TURN)
      return facePlacement(against.face, against.along + along, record.width, placement.off + out);
    return standing(place(origin, u, along, n, out), turn + own);
  });
}
