import { perDesign, type Design } from '../document/design';
import { remember } from '../document/remember';
import {
  add,
  distance,
  dot,
  length as sizeOf,
  middle,
  place,
  scale,
  subtract,
  type Point,
} from '../geometry/point';
import { contains } from '../geometry/polygon';
import { BALLOON, numberPlaces } from './number-places';
import { acrossFrom, facePoint, type PlacedFace } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { wallOutside } from '../survey/wall-outline';
import { dimensionChains, type Chain, type ChainLink } from './chains';
import { line, TEXT, WEIGHT, type Primitive } from './primitives';
import { readingTurn } from './reading-turn';
import { textWidth } from './text-layout';

/** Distances of the chains, paper mm. */
const FIRST_ROW = 7;
const ROW = 6;
const LEVEL = 3.3;
const TICK = 0.9;
const OVERSHOOT = 1.2;
const LIFT = 2.1;
const INSIDE_ROW = 4;

/** Where a chain stands: which way is outside, where its extension lines start, and which line its row is counted from. */
interface Placed {
  chain: Chain;
  out: Point;
  along: Point;
  /** Extent along the direction of the row, mm. */
  from: number;
  to: number;
  /** Outward distance, from the world origin, of the line the rows start at, mm. */
  base: number;
  inside: boolean;
}

/** Marks of all dimension chains of a plan at a scale (model mm per paper mm): lines first, so that texts stand over every line. */
export function drawChains(design: Design, scaleBy: number): Primitive[] {
  const placed = placeChains(design).filter((one) => !one.inside || clearOfNumbers(design, one, scaleBy));
  const tiers = assignTiers(placed);
  const levels = textLevels(placed, tiers, scaleBy);
  const offsets = tierOffsets(placed, tiers, levels);
  const marks = placed.flatMap(({ chain: { face, links }, base, out, along, inside }, index) => {
    const at = base + offsets[index]! * scaleBy;
    return chainMarks(face, { links, out, along, inside, at, levels: levels[index]!, scaleBy });
  });
  return [...marks.filter(({ type }) => type !== 'text'), ...marks.filter(({ type }) => type === 'text')];
}

/** Short returns, mm, are dimensioned inside, beside what they are the depth of. */
const SHORT = 500;

/** Faces seen from outside hang their chains outside the whole room; cheeks turned away from it, or short and set back, keep one inside. */
const placeChains = perDesign((design) => {
  const shape = roomShape(design);
  const backs = wallOutside(shape.faces);
  const chains = dimensionChains(design);
  const placed = chains.map((chain): Placed => {
    const { face } = chain;
    const bare = chains.filter((other) => other.face === face).length === 1;
    const inside = !seenFromOutside(face, shape) || (bare && face.chord < SHORT && setBack(face, shape));
    const out = inside ? face.n : scale(face.n, -1);
    const along = face.u;
    const base = inside ? dot(face.start, out) : Math.max(...backs.map((corner) => dot(corner, out)));
    return { chain, out, along, from: dot(face.start, along), to: dot(face.end, along), base, inside };
  });
  return placed.filter(({ inside, chain }) => !inside || chain.row === 'overall');
});

/** Whether the room reaches farther out than this face somewhere. */
function setBack(face: PlacedFace, { outline }: RoomShape): boolean {
  return outline.some((corner) => dot(subtract(corner, face.start), face.n) < -1);
}

/** Whether nothing of the room lies straight behind the middle of a face. */
function seenFromOutside(face: PlacedFace, { outline, faces }: RoomShape): boolean {
  const behind = facePoint(face, face.length / 2, -1);
  if (contains(outline, behind)) return false;
  return !faces.some((other) => {
    if (other === face) return false;
    const [a, b] = [subtract(other.start, behind), subtract(other.end, behind)];
    const [along, alongB] = [dot(a, face.u), dot(b, face.u)];
    if (along > 0 === alongB > 0) return false;
    const out = dot(a, face.n) + ((dot(b, face.n) - dot(a, face.n)) * along) / (along - alongB);
    return out < 0;
  });
}

/** Whether the number of a chain inside the room stands clear of the items' own numbers; when zoomed too far out it is left away. */
function clearOfNumbers(
  design: Design,
  { chain: { face, overall }, out, base }: Placed,
  scaleBy: number,
): boolean {
  const on = middle(face.start, face.end);
  const at = add(on, scale(out, base + (INSIDE_ROW + LIFT) * scaleBy - dot(on, out)));
  const apart = (BALLOON + textWidth(overall.text, TEXT.normal) / 2) * scaleBy;
  return [...numberPlaces(design, scaleBy).values()].every((number) => distance(number, at) >= apart);
}

/** Rows by interval colouring: a chain takes the lowest free row above every chain of a lower rank that it overlaps. */
function assignTiers(placed: readonly Placed[]): number[] {
  const rank = { units: 0, openings: 1, overall: 2 };
  const tiers = placed.map(() => 0);
  const order = placed
    .map((_, index) => index)
    .sort((a, b) => rank[placed[a]!.chain.row] - rank[placed[b]!.chain.row] || a - b);
  const done: number[] = [];
  for (const index of order) {
    const own = placed[index]!;
    const overlapping = done.filter(
      (other) => sameSide(own, placed[other]!) && overlaps(own, placed[other]!),
    );
    tiers[index] = overlapping.reduce((tier, other) => Math.max(tier, tiers[other]! + 1), 0);
    done.push(index);
  }
  return tiers;
}

function sameSide(a: Placed, b: Placed): boolean {
  return a.inside === b.inside && dot(a.out, b.out) > 0.99 && (!a.inside || a.base === b.base);
}

function overlaps(a: Placed, b: Placed): boolean {
  return Math.min(a.to, b.to) - Math.max(a.from, b.from) > 1;
}

/** Paper distance of each chain's line from its base: rows below it push it out by their own height. */
function tierOffsets(
  placed: readonly Placed[],
  tiers: readonly number[],
  levels: readonly number[][],
): number[] {
  const heights = levels.map((own) => ROW + LEVEL * Math.max(0, ...own));
  return placed.map((one, index) => {
    if (one.inside) return INSIDE_ROW;
    let offset = FIRST_ROW;
    for (let tier = 0; tier < tiers[index]!; tier++) {
      const inTier = placed.flatMap((other, at) =>
        tiers[at] === tier && sameSide(one, other) ? [heights[at]!] : [],
      );
      offset += Math.max(ROW, ...inTier);
    }
    return offset;
  });
}

/** How wide the text of a link is on paper, mm; a link stays as it is as long as nothing changes it. */
function widthOf(link: ChainLink): number {
  let wide = widths.get(link);
  if (wide === undefined) widths.set(link, (wide = textWidth(link.text, TEXT.normal)));
  return wide;
}
const widths = new WeakMap<ChainLink, number>();

/** How far out each text of each chain stands: 0 on its own length; one that does not fit climbs until it is clear of all others in its row. */
function textLevels(placed: readonly Placed[], tiers: readonly number[], scaleBy: number): number[][] {
  const levels = placed.map(({ chain }) => chain.links.map(() => 0));
  // What climbs is in the way of what climbs as high in the same row.
  const taken = new Map<string, { owner: Placed; from: number; to: number }[]>();
  placed.forEach((owner, index) => {
    owner.chain.links.forEach((link, at) => {
      const { from, to } = link;
      const half = (widthOf(link) + 1) / 2;
      if (2 * half <= (to - from) / scaleBy) return;
      const centre = (owner.from + (from + to) / 2) / scaleBy;
      const span = { owner, from: centre - half, to: centre + half };
      for (let level = 1; levels[index]![at] === 0; level++) {
        const key = `${tiers[index]} ${level}`;
        const there = taken.get(key) ?? [];
        if (
          there.some((other) => other.from < span.to && other.to > span.from && sameSide(owner, other.owner))
        )
          continue;
        there.push(span);
        taken.set(key, there);
        levels[index]![at] = level;
      }
    });
  });
  return levels;
}

/** The place on a face straight across from a place along the line between its corners; that line itself past a half circle. */
function onFace(face: PlacedFace, along: number): Point {
  const on = place(face.start, face.u, along, face.n, 0);
  const across = face.arc && acrossFrom(face, on);
  return across === null ? on : facePoint(face, across);
}

interface Drawn extends Pick<Placed, 'along' | 'inside' | 'out'>, Pick<Chain, 'links'> {
  /** How far out its line stands, from the world origin. */
  at: number;
  levels: readonly number[];
  scaleBy: number;
}

/** The marks of a chain: an edit changes those of few faces. */
const chainMarks = remember(drawChain, { kept: 3 });

function drawChain(face: PlacedFace, { links, out, along, inside, at, levels, scaleBy }: Drawn): Primitive[] {
  const source = face.id;
  const rowPoint = (s: number): Point => {
    const on = place(face.start, face.u, s, face.n, 0);
    return add(on, scale(out, at - dot(on, out)));
  };
  const marks: Primitive[] = [
    { ...line('dimensions', [rowPoint(0), rowPoint(face.chord)], WEIGHT.thin, 'measure'), source },
  ];
  for (const end of [0, ...links.map(({ to }) => to)]) {
    const foot = rowPoint(end);
    const object = onFace(face, end);
    const depth = dot(subtract(foot, object), out);
    const gap = inside ? 1.5 * scaleBy : Math.min(depth, face.thickness + 1.5 * scaleBy);
    if (depth > gap) {
      const away = scale(subtract(foot, object), 1 / sizeOf(subtract(foot, object)));
      marks.push(
        line(
          'dimensions',
          [add(object, scale(away, gap)), add(foot, scale(out, OVERSHOOT * scaleBy))],
          WEIGHT.thin,
          'measure',
        ),
      );
    }
    const tick = scale(add(along, out), TICK * scaleBy);
    marks.push(line('dimensions', [subtract(foot, tick), add(foot, tick)], WEIGHT.object, 'measure'));
  }
  const turn = readingTurn(face.turn);
  levels.forEach((level, index) => {
    const { from, to, text } = links[index]!;
    const centre = rowPoint((from + to) / 2);
    const lift = LIFT + level * LEVEL;
    if (level > 0) {
      const foot = add(centre, scale(out, 0.4 * scaleBy));
      marks.push(
        line('dimensions', [foot, add(centre, scale(out, (lift - 1.5) * scaleBy))], WEIGHT.thin, 'measure'),
      );
    }
    const where = add(centre, scale(out, lift * scaleBy));
    marks.push({
      type: 'text',
      layer: 'dimensions',
      at: where,
      text,
      size: TEXT.normal,
      anchor: 'middle',
      turn,
      ink: 'measure',
      ground: true,
      source,
    });
  });
  return marks;
}
