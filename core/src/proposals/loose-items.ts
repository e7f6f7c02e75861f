import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { deepestOverlap } from '../geometry/convex-pieces';
import { dot, place, subtract } from '../geometry/point';
import { TOUCH } from '../geometry/tolerance';
import { facePlacement } from '../setting/face-placement';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { placedAt, standing } from '../setting/shift-item';
import { facePoint, frameAt, type PlacedFace } from '../survey/placed-face';
import { wrapAngle } from '../units/angles';

/** An item that may stand anywhere in a run, and what is let into it: each with its place in the item's frame. */
export interface LooseSet {
  width: number;
  parts: readonly { record: ItemRecord; along: number; out: number; turn: number }[];
}

/** An item and what is let into it. */
export function looseSet(design: Design, box: ItemBox): LooseSet {
  const off = box.record.placement.on === 'face' ? box.record.placement.off : 0;
  const within = itemBoxes(design).filter(
    ({ id, kind, pieces, record }) =>
      id !== box.id &&
      !record.locked &&
      kind.within?.includes(box.kind.group) &&
      deepestOverlap(pieces, box.pieces) > TOUCH,
  );
  const parts = [box, ...within].map((one) => {
    const from = subtract(one.origin, box.origin);
    return {
      record: one.record,
      along: dot(from, box.u),
      out: dot(from, box.n) + off,
      turn: wrapAngle(one.turn - box.turn),
    };
  });
  return { width: box.record.width, parts };
}

/** A loose set against a face, the left end of its item so far along it. */
export function placedLoose({ parts, width }: LooseSet, face: PlacedFace, at: number): ItemRecord[] {
  const { u, n } = frameAt(face, at + width / 2);
  return parts.map(({ record, along, out, turn }) => {
    if (Math.abs(turn) < 1e-9) return placedAt(record, facePlacement(face, at + along, record.width, out));
    const corner = place(facePoint(face, at), u, along, n, out);
    return placedAt(record, standing(corner, Math.atan2(u.y, u.x) + turn));
  });
}
