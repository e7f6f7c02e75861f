import { remember } from '../document/remember';
import { dot, inward, place, subtract, unit, type Point } from '../geometry/point';
import type { ItemBox } from '../setting/item-box';
import { itemOutline } from '../setting/item-outline';
import type { PlacedFace } from '../survey/placed-face';
import { edgeRing, type EdgeLine } from './outline/edge-ring';
import { BACK_REACH } from './run-strip';
import type { EdgeSource, KeyedPolygon } from './top-edge';

/** A straight side of a top that was drawn by itself goes on to a wall no farther off than this, mm. */
const AT_WALL = 20;
/** A side looks at a wall within this (the cosine): 10 degrees. */
const FACING = 0.985;
/** What looks this way, or more, is a front or behind (the cosine): 45 degrees. */
const AHEAD = Math.SQRT1_2;

/**
 * The polygon of a top that was drawn by itself, counter-clockwise, before others and walls come to it: each side moved out as far as the item says of
 * its front, its ends or behind it; one that lies at a wall goes on past that, which cuts it.
 */
export const ownTop = remember((box: ItemBox, { faces }: { faces: readonly PlacedFace[] }): KeyedPolygon => {
  const { origin, u, n, record, against } = box;
  const ring = itemOutline(record)
    .toReversed()
    .map(({ along, out }) => place(origin, u, along, n, out));
  const sides = ring.map((a, index): Side => {
    const b = ring[(index + 1) % ring.length]!;
    const role = roleOf(inward(unit(subtract(b, a))), box);
    const bent = role === 'behind' && against?.face.arc && record.placement.on === 'face';
    const walled = bent || faces.some((face) => liesAt(face, a, b));
    return { a, b, role, over: walled ? BACK_REACH : (record.overhangs?.[role] ?? 0) };
  });
  const lines = sides.map(({ a, b, over }, index): EdgeLine => {
    return { key: String(index), kind: 'front', from: a, u: unit(subtract(b, a)), over };
  });
  const moved = edgeRing(lines);
  if (!moved.ok) return { ring, sides: sides.map(({ role }) => sourceOf(box, role)) };
  return {
    ring: moved.value.map(({ a }) => a),
    sides: moved.value.map(({ key }) => sourceOf(box, sides[Number(key)]?.role ?? 'step')),
  };
});

interface Side {
  a: Point;
  b: Point;
  role: 'behind' | 'front' | 'left' | 'right';
  /** How far it is moved out, mm. */
  over: number;
}

const sourceOf = (box: ItemBox, role: EdgeSource['role']): EdgeSource => ({ role, boxes: [box], id: null });

/** The side of an item that something along it looks to. */
function roleOf(out: Point, { u, n }: ItemBox): Side['role'] {
  const ahead = dot(out, n);
  if (Math.abs(ahead) >= AHEAD) return ahead > 0 ? 'front' : 'behind';
  return dot(out, u) > 0 ? 'right' : 'left';
}

/** Whether a side lies at a straight wall, looking at it. */
function liesAt({ start, u, n, length, arc }: PlacedFace, a: Point, b: Point): boolean {
  if (arc || -dot(inward(unit(subtract(b, a))), n) < FACING) return false;
  const off = [a, b].map((end) => dot(subtract(end, start), n));
  const along = [a, b].map((end) => dot(subtract(end, start), u));
  const isNear = off.every((one) => one <= AT_WALL && one >= -BACK_REACH);
  return isNear && Math.max(...along) > 0 && Math.min(...along) < length;
}
