import { perDesign, recordsOf, type Design } from '../../document/design';
import type { DimensionEnd } from '../../document/records';
import { place, type Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { findBox } from '../../setting/item-box';
import { fixedThings, type FixedThing } from '../../survey/fixed-things';
import { findOpening } from '../../survey/openings';
import { frameAt, wallHeightAt } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { placedServices, type PlacedService } from '../../survey/services';

/** A place in the room, mm: in plan, and above the floor. */
export interface RoomPlace {
  at: Point;
  up: number;
}

const fixedById = perDesign(
  (design): ReadonlyMap<string, FixedThing> => new Map(fixedThings(design).map((one) => [one.id, one])),
);
const servicesById = perDesign(
  (design): ReadonlyMap<string, PlacedService> => new Map(placedServices(design).map((one) => [one.id, one])),
);

const between = (from: number, to: number, share: number): number => from + (to - from) * share;

/** Where an end of a dimension is; null where what it is of is no longer there, or has no place. */
export function placeOfEnd(design: Design, { of, along, out, up }: DimensionEnd): RoomPlace | null {
  const record = design.records[of];
  switch (record?.kind) {
    case 'room': {
      const { left, right, bottom, top } = boundsOf(roomShape(design).outline);
      // As one looks at a plan: its back is above.
      return {
        at: { x: between(left, right, along), y: between(top, bottom, out) },
        up: record.ceilingHeight * up,
      };
    }
    case 'face': {
      const face = roomShape(design).byId.get(of)!;
      const on = face.length * along;
      return { at: frameAt(face, on).at, up: wallHeightAt(face, on) * up };
    }
    case 'opening': {
      const { at, u } = findOpening(design, of)!;
      return { at: place(at, u, record.width * along, u, 0), up: record.sill + record.height * up };
    }
    case 'service': {
      const { at } = servicesById(design).get(of)!;
      return { at, up: record.up };
    }
    case 'item': {
      const { rectangle, low, high } = findBox(design, of)!;
      const [backLeft, backRight, , frontLeft] = rectangle;
      const at = (a: number, b: number, c: number) => a + (b - a) * along + (c - a) * out;
      return {
        at: { x: at(backLeft.x, backRight.x, frontLeft.x), y: at(backLeft.y, backRight.y, frontLeft.y) },
        up: between(low, high, up),
      };
    }
    case 'fixed': {
      const { origin, u, n, low, high, circle } = fixedById(design).get(of)!;
      const deep = circle ? record.width : record.depth;
      return { at: place(origin, u, record.width * along, n, deep * out), up: between(low, high, up) };
    }
    default:
      return null;
  }
}

/** Shares of an extent that ends are offered at. */
const SHARES = [0, 0.5, 1] as const;

/** The places on everything there is that a dimension can be tied to: corners, middles of sides, and middles, seen from above or from before. */
export function endsIn(design: Design, seen: 'above' | 'before'): DimensionEnd[] {
  const across = (of: string): DimensionEnd[] =>
    SHARES.flatMap((along) =>
      SHARES.map((other) =>
        seen === 'above' ? { of, along, out: other, up: 0 } : { of, along, out: 1, up: other },
      ),
    );
  const flat = (of: string): DimensionEnd[] =>
    SHARES.flatMap((along) =>
      seen === 'above' ? [{ of, along, out: 0, up: 0 }] : SHARES.map((up) => ({ of, along, out: 0, up })),
    );
  const ids = (kind: 'face' | 'fixed' | 'item' | 'opening' | 'service') =>
    recordsOf(design, kind).map(({ id }) => id);
  return [
    ...ids('service').map((of) => ({ of, along: 0, out: 0, up: 0 })),
    ...ids('face').flatMap(flat),
    ...ids('opening').flatMap(flat),
    ...[...ids('item'), ...ids('fixed')].flatMap(across),
  ];
}
