import { perDesign, type Design } from '../document/design';
import { deepestOverlap } from '../geometry/convex-pieces';
import { add, direction, scale, type Point } from '../geometry/point';
import { boundsMeet, boundsOf, contains, distanceToPath, type Polygon } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { isMovable } from '../ranges/item-kind';
import { bodiesNear } from '../setting/bodies';
import { itemBoxes } from '../setting/item-box';
import { placedOpenings } from '../survey/openings';
import { facePath } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { isLetInto } from './facts/fixtures';
import { itemSweeps, openingSweeps, type Sweep } from './facts/sweeps';

/** A leaf, drawer or flap that opens: what it takes when it stands open by a share of its way, and how far that is, radians of a leaf, mm of a drawer. */
export interface OpenPart {
  key: string;
  id: string;
  of: Sweep['of'];
  /** What it takes, open by a share from 0 to 1. */
  at: (share: number) => Polygon;
  most: number;
  turns: boolean;
  low: number;
  high: number;
  /** All it can take. */
  reach: Polygon;
}

/** Where something that opens first meets something else: how far it is open there, as a share and as it is measured, and what it meets. */
export interface FirstContact {
  key: string;
  id: string;
  of: Sweep['of'];
  share: number;
  /** Radians of a leaf, mm of a drawer. */
  open: number;
  turns: boolean;
  /** The item, opening or face it meets. */
  with: string;
  place: Polygon;
}

/** A door that opens along a wall touches it; this much into it still counts as touching, mm. */
const ALONG_WALL = 3;
/** Contact is looked for at so many places of the way, then between two of them to this share. */
const STEPS = 60;
const FINE = 1e-4;

/** Everything in a room that opens: doors that swing in, cabinet doors, drawers, doors that come down. */
export const openParts: (design: Design) => readonly OpenPart[] = perDesign((design) => [
  ...placedOpenings(design).flatMap((one) => openingSweeps(one).map(asOpenPart)),
  ...itemBoxes(design).flatMap((box) => itemSweeps(design, box).map(asOpenPart)),
]);

function asOpenPart(sweep: Sweep, index: number): OpenPart {
  const { id, of, low, high, swept, leaf } = sweep;
  const common = { key: `${id} ${index}`, id, of, low, high, reach: swept.outline };
  if (!leaf) {
    const [left, right, farRight, farLeft] = swept.outline as [Point, Point, Point, Point];
    const out = { x: farLeft.x - left.x, y: farLeft.y - left.y };
    const at = (share: number): Polygon => [
      ...[left, right],
      ...[add(right, scale(out, share)), add(left, scale(out, share))],
    ];
    return {
      ...common,
      at,
      most: Math.hypot(out.x, out.y),
      turns: false,
      reach: [left, right, farRight, farLeft],
    };
  }
  const { pivot, width, thick, closed, open } = leaf;
  const sign = Math.sign(open - closed) || 1;
  const at = (share: number): Polygon => {
    const angle = closed + (open - closed) * share;
    const along = scale(direction(angle), width);
    const behind = scale(direction(angle - (sign * Math.PI) / 2), thick);
    const tip = add(pivot, along);
    return [tip, add(tip, behind), add(pivot, behind), pivot];
  };
  return { ...common, at, most: Math.abs(open - closed), turns: true };
}

/** Where each meets what stands there, by itself, all else closed; in the order of their shares. */
export const contactsAlone: (design: Design) => readonly FirstContact[] = perDesign((design) =>
  openParts(design)
    .flatMap((one) => contactAlone(design, one) ?? [])
    .sort((a, b) => a.share - b.share),
);

/** Where each first meets what stands there, or another that is opened at the same pace; what meets something stays there. In the order of their shares. */
export const contactsTogether: (design: Design) => readonly FirstContact[] = perDesign((design) => {
  const all = openParts(design);
  const stops = new Map(contactsAlone(design).map((contact) => [contact.key, contact]));
  const shareOf = ({ key }: OpenPart, share: number) => Math.min(share, stops.get(key)?.share ?? 1);
  const bounds = new Map(all.map((one) => [one, boundsOf(one.reach)]));
  const met: { a: OpenPart; b: OpenPart; share: number }[] = [];
  all.forEach((a, index) => {
    for (const b of all.slice(index + 1)) {
      if (a.id === b.id || a.low >= b.high - TOUCH || a.high <= b.low + TOUCH) continue;
      if (!boundsMeet(bounds.get(a)!, bounds.get(b)!)) continue;
      const share = firstShare(
        (at) => deepestOverlap([a.at(shareOf(a, at))], [b.at(shareOf(b, at))]) > TOUCH,
      );
      if (share !== null && share > 0) met.push({ a, b, share });
    }
  });
  // The first of all meets first; what stands there since is met by no other later on its way.
  for (const { a, b, share } of met.sort((one, other) => one.share - other.share))
    for (const [own, other] of [
      [a, b],
      [b, a],
    ] as const) {
      const known = stops.get(own.key);
      if (!known || known.share > share) stops.set(own.key, contactOf(own, share, other.id));
    }
  return [...stops.values()].sort((a, b) => a.share - b.share);
});

function contactAlone(design: Design, one: OpenPart): FirstContact | null {
  const box = itemBoxes(design).find(({ id }) => id === one.id);
  const closed = one.at(0);
  // What it stands in as it is closed is how it is set, not how it opens.
  const near = bodiesNear(design, one.reach).filter(
    (body) =>
      body.id !== one.id &&
      body.low < one.high - TOUCH &&
      body.high > one.low + TOUCH &&
      !(body.box && (isMovable(body.box.kind) || (box && isLetInto(body.box, box)))) &&
      deepestOverlap([closed], body.pieces) <= TOUCH,
  );
  const hit = (share: number): string | null => {
    const leaf = one.at(share);
    const body = near.find(({ pieces }) => deepestOverlap([leaf], pieces) > TOUCH);
    return body?.id ?? wallAt(design, one, leaf);
  };
  if (hit(0) !== null) return null;
  const share = firstShare((at) => hit(at) !== null);
  return share === null ? null : contactOf(one, share, hit(share)!);
}

const contactOf = (one: OpenPart, share: number, other: string): FirstContact => ({
  ...{ key: one.key, id: one.id, of: one.of, share, open: share * one.most, turns: one.turns },
  ...{ with: other, place: one.at(share) },
});

/** How far each thing that opens can be opened, by its record: as a share, to where the first of its leaves meets something; alone, or all at the same pace up to a share. */
export function openShares(design: Design, share: number, only: string | null): ReadonlyMap<string, number> {
  const stops = new Map(
    (only === null ? contactsTogether(design) : contactsAlone(design)).map((one) => [one.key, one.share]),
  );
  const shares = new Map<string, number>();
  for (const { id, key } of openParts(design))
    if (only === null || only === id)
      shares.set(id, Math.min(share, stops.get(key) ?? 1, shares.get(id) ?? 1));
  return shares;
}

/** The face that the leading edge of something that opens has gone into. */
function wallAt(design: Design, { of }: OpenPart, leaf: Polygon): string | null {
  const { outline, faces } = roomShape(design);
  // A door of the room stands in its wall when it is closed: only the edge at its face counts.
  const leading = of === 'opening' ? leaf.slice(0, 1) : leaf;
  for (const corner of leading) {
    if (contains(outline, corner)) continue;
    const [nearest] = faces
      .map((face) => ({ id: face.id, away: distanceToPath(corner, facePath(face)) }))
      .sort((a, b) => a.away - b.away);
    if (nearest && nearest.away > ALONG_WALL) return nearest.id;
  }
  return null;
}

/** The least share at which something holds, to a ten-thousandth of the way: that just past which it does; null where it never does. */
function firstShare(holds: (share: number) => boolean): number | null {
  for (let step = 0; step <= STEPS; step++) {
    if (!holds(step / STEPS)) continue;
    let [low, high] = [Math.max(0, step - 1) / STEPS, step / STEPS];
    while (high - low > FINE) {
      const middle = (low + high) / 2;
      if (holds(middle)) high = middle;
      else low = middle;
    }
    return high;
  }
  return null;
}
