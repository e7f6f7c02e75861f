import { intersect } from '../src/geometry/region';
import { signedArea } from '../src/geometry/polygon';

/** The printed parts of a room, as anyone reads them. Lengths mm. */
export interface PrintedPart {
  id: string;
  material: string;
  thickness: number;
  length: number;
  width: number;
  cutLength: number;
  cutWidth: number;
  edging: Record<'l1' | 'l2' | 'w1' | 'w2', string | null>;
  qty: number;
  boxes: Box[];
  outline?: [number, number][];
  plane?: 'xz' | 'yz';
  scribe?: number;
  machining: PrintedMachining[];
}
interface PrintedMachining {
  type: string;
  face: 'back' | 'bottom' | 'front' | 'left' | 'right' | 'top';
  at: [number, number];
  size: [number, number] | number;
  depth: number;
}
export interface PrintedCabinet {
  item: number;
  id: string;
  code: string;
  width: number;
  depth: number;
  height: number;
  parts: PrintedPart[];
  hardware: { code: string; name: string; qty: number }[];
}
type Box = number[];
type Plan = { x: number; y: number }[];

const EPS = 1e-3;
/** Outlines are held against each other by the thousandth of a millimetre: along what touches they share no more than this, mm². */
const TOUCHING = 1;
const CUTS = new Set(['groove', 'housing', 'notch', 'rebate']);

/** What is wrong with a printed cabinet whose fronts stand at most so far before its box: nothing where every piece is as large as told, within the cabinet, and in no other but where machining says so. */
export function partsFaults(cabinet: PrintedCabinet, proud: number): string[] {
  const pieces = cabinet.parts.flatMap((part) =>
    part.boxes.map((box) => ({ part, box, ...turnedPiece(part, box) })),
  );
  const faults = cabinet.parts.flatMap(partFaults);
  const told = (text: string) => faults.push(`${cabinet.code}: ${text}`);
  for (const { part, box } of pieces) {
    const most = [cabinet.width, cabinet.depth + proud, cabinet.height];
    for (const [axis, name] of ['x', 'y', 'z'].entries())
      if (box[axis]! < -EPS || box[axis + 3]! > most[axis]! + EPS)
        if (!part.outline || axis === 2) told(`${part.id} leaves the cabinet in ${name}: ${box.join(' ')}`);
  }
  for (const [index, a] of pieces.entries())
    for (const b of pieces.slice(index + 1)) {
      if (Math.min(a.box[5]!, b.box[5]!) - Math.max(a.box[2]!, b.box[2]!) < EPS) continue;
      const shared = sharedBox(a, b);
      if (!shared) continue;
      const removed = [a, b].flatMap(({ part, own }) =>
        part.machining.filter(({ type }) => CUTS.has(type)).map((one) => volume(own, one)),
      );
      if (leftOf([shared], removed).length > 0)
        told(
          `${a.part.id} and ${b.part.id} share ${shared.map((one) => Math.round(one * 100) / 100).join(' ')}`,
        );
    }
  return faults;
}

interface Piece {
  part: PrintedPart;
  box: Box;
  /** In its own frame, where it slants. */
  own: Box;
  turn: number;
  /** Its outline across a direction, in plan where none other is told. */
  across: number;
  plan: Plan;
}

/** The two directions across each, and which one an outline lies across. */
const OTHERS = [
  [1, 2],
  [0, 2],
  [0, 1],
] as const;
const ACROSS = { yz: 0, xz: 1 } as const;
const PLAN = 2;

/** A box as it is seen along a direction. */
function seenAlong(box: Box, along: number): Plan {
  const [a, b] = OTHERS[along]!;
  const at = (p: number, q: number) => ({ x: box[a + p]!, y: box[b + q]! });
  return [at(0, 0), at(3, 0), at(3, 3), at(0, 3)];
}

/** A piece as it is seen along the direction its outline lies across, and its box in a frame of its own: turned about the origin, where it slants. */
function turnedPiece(
  { outline, plane }: PrintedPart,
  box: Box,
): Pick<Piece, 'across' | 'own' | 'plan' | 'turn'> {
  const across = plane ? ACROSS[plane] : PLAN;
  if (!outline) return { own: box, plan: seenAlong(box, across), turn: 0, across };
  const plan = outline.map(([x, y]) => ({ x, y }));
  if (!isRectangle(plan)) return { own: box, plan, turn: 0, across };
  const turn = Math.atan2(plan[1]!.y - plan[0]!.y, plan[1]!.x - plan[0]!.x);
  const flat = plan.map((one) => turned(one, -turn));
  const [xs, ys] = [flat.map(({ x }) => x), flat.map(({ y }) => y)];
  const [a, b] = OTHERS[across]!;
  const own = [...box];
  own[a] = Math.min(...xs);
  own[b] = Math.min(...ys);
  own[a + 3] = Math.max(...xs);
  own[b + 3] = Math.max(...ys);
  return { own, plan, turn, across };
}

const isRectangle = (plan: Plan): boolean =>
  plan.length === 4 &&
  plan.every((at, index) => {
    const [before, after] = [plan[(index + 3) % 4]!, plan[(index + 1) % 4]!];
    const square = (before.x - at.x) * (after.x - at.x) + (before.y - at.y) * (after.y - at.y);
    // How far one corner stands off what is square over the longer side.
    const long = Math.max(
      Math.hypot(before.x - at.x, before.y - at.y),
      Math.hypot(after.x - at.x, after.y - at.y),
    );
    return Math.abs(square) < EPS * Math.max(1, long);
  });

const turned = ({ x, y }: { x: number; y: number }, by: number) => ({
  x: x * Math.cos(by) - y * Math.sin(by),
  y: x * Math.sin(by) + y * Math.cos(by),
});

/** What two pieces share: the box around it, in the frame both are straight in. */
function sharedBox(a: Piece, b: Piece): Box | null {
  if (Math.abs(a.turn - b.turn) < 1e-6 && isBoxed(a) && isBoxed(b)) {
    const shared = [0, 1, 2, 3, 4, 5].map((at) =>
      at < 3 ? Math.max(a.own[at]!, b.own[at]!) : Math.min(a.own[at]!, b.own[at]!),
    );
    return [0, 1, 2].every((at) => shared[at + 3]! - shared[at]! > EPS) ? shared : null;
  }
  // Seen along the direction that one of them is of an outline across: the other has to be straight there, or of one, too.
  const across = a.part.outline ? a.across : b.across;
  const [p, q] = [a, b].map((one) => (one.across === across ? one.plan : seenAlong(one.box, across)));
  const rings = intersect([p!], [q!]);
  if (rings.reduce((sum, ring) => sum + signedArea(ring), 0) < TOUCHING) return null;
  const span = [Math.max(a.box[across]!, b.box[across]!), Math.min(a.box[across + 3]!, b.box[across + 3]!)];
  if (span[1]! - span[0]! < EPS) return null;
  const flat = rings.flat();
  const [xs, ys] = [flat.map(({ x }) => x), flat.map(({ y }) => y)];
  const [first, second] = OTHERS[across]!;
  const shared = [0, 0, 0, 0, 0, 0];
  shared[across] = span[0]!;
  shared[across + 3] = span[1]!;
  shared[first] = Math.min(...xs);
  shared[first + 3] = Math.max(...xs);
  shared[second] = Math.min(...ys);
  shared[second + 3] = Math.max(...ys);
  return shared;
}

/** Whether a piece fills the box in its own frame. */
const isBoxed = ({ part, plan }: Piece): boolean => !part.outline || isRectangle(plan);

/** What is left of some boxes without others, in slabs. */
function leftOf(boxes: readonly Box[], removed: readonly Box[]): Box[] {
  let left = [...boxes];
  for (const cut of removed)
    left = left.flatMap((one) => {
      const slabs: Box[] = [];
      const rest = [...one];
      for (const axis of [0, 1, 2]) {
        if (cut[axis]! > rest[axis]! + EPS)
          slabs.push(rest.map((value, at) => (at === axis + 3 ? Math.min(value, cut[axis]!) : value)));
        if (cut[axis + 3]! < rest[axis + 3]! - EPS)
          slabs.push(rest.map((value, at) => (at === axis ? Math.max(value, cut[axis + 3]!) : value)));
        rest[axis] = Math.max(rest[axis]!, cut[axis]!);
        rest[axis + 3] = Math.min(rest[axis + 3]!, cut[axis + 3]!);
        if (rest[axis + 3]! - rest[axis]! < EPS) return [one];
      }
      return slabs.filter((slab) => [0, 1, 2].every((axis) => slab[axis + 3]! - slab[axis]! > EPS));
    });
  return left;
}

const within = (inner: Box, outer: Box): boolean =>
  [0, 1, 2].every((at) => inner[at]! >= outer[at]! - EPS && inner[at + 3]! <= outer[at + 3]! + EPS);

/** The volume that a machining takes out of a piece: of a hole the box around it. */
export function volume(own: Box, { face, at, size, depth }: PrintedMachining): Box {
  const [x0, y0, z0, x1, y1, z1] = own as [number, number, number, number, number, number];
  const [wide, high] = typeof size === 'number' ? [size, size] : size;
  const [along, up] = typeof size === 'number' ? [at[0] - size / 2, at[1] - size / 2] : at;
  switch (face) {
    case 'front':
      return [x0 + along, y1 - depth, z0 + up, x0 + along + wide, y1, z0 + up + high];
    case 'back':
      return [x1 - along - wide, y0, z0 + up, x1 - along, y0 + depth, z0 + up + high];
    case 'left':
      return [x0, y0 + along, z0 + up, x0 + depth, y0 + along + wide, z0 + up + high];
    case 'right':
      return [x1 - depth, y1 - along - wide, z0 + up, x1, y1 - along, z0 + up + high];
    case 'top':
      return [x0 + along, y1 - up - high, z1 - depth, x0 + along + wide, y1 - up, z1];
    case 'bottom':
      return [x0 + along, y0 + up, z0, x0 + along + wide, y0 + up + high, z0 + depth];
  }
}

function partFaults(part: PrintedPart): string[] {
  const faults: string[] = [];
  const { id, length, width, thickness, qty, boxes, edging } = part;
  if (qty !== boxes.length) faults.push(`${id}: ${qty} pieces, ${boxes.length} places`);
  for (const box of boxes) {
    const { own, plan } = turnedPiece(part, box);
    const sizes = [0, 1, 2].map((at) => own[at + 3]! - own[at]!).sort((a, b) => a - b);
    const told = [length, width, thickness].sort((a, b) => a - b);
    if (sizes.some((size, at) => Math.abs(size - told[at]!) > EPS))
      faults.push(`${id}: told ${told}, is ${sizes}`);
    for (const one of part.machining) {
      const cut = volume(own, one);
      if (!within(cut, own)) faults.push(`${id}: ${one.type} ${cut} leaves ${own}`);
      if (one.depth <= 0) faults.push(`${id}: ${one.type} of no depth`);
    }
    if (plan.length < 4 || Math.abs(signedArea(plan)) < TOUCHING) faults.push(`${id}: no outline`);
  }
  const thick = (edges: ('l1' | 'l2' | 'w1' | 'w2')[]) =>
    edges.reduce((sum, edge) => sum + Number(/[\d.]+/.exec(edging[edge] ?? '0')![0]), 0);
  if (Math.abs(part.cutWidth + thick(['l1', 'l2']) - width) > EPS)
    faults.push(`${id}: cut width ${part.cutWidth} of ${width}`);
  if (Math.abs(part.cutLength + thick(['w1', 'w2']) - length) > EPS)
    faults.push(`${id}: cut length ${part.cutLength} of ${length}`);
  if (part.cutLength <= 0 || part.cutWidth <= 0) faults.push(`${id}: nothing left to cut`);
  return faults;
}
