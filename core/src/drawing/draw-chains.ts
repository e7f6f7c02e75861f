import { perDesign, type Design } from '../document/design';
import { remember } from '../document/remember';
import { add, dot, length as sizeOf, place, scale, subtract, type Point } from '../geometry/point';
import { contains } from '../geometry/polygon';
import { acrossFrom, facePoint, type PlacedFace } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { wallOutside } from '../survey/wall-outline';
import { dimensionChains, type Chain, type ChainLink } from './chains';
import { boxAt, textBox, type Box } from './labels/box';
import { Boxes } from './labels/boxes';
import { writtenOn } from './labels/drawn';
import type { Label, LabelPlace } from './labels/place-labels';
import { line, TEXT, WEIGHT, type Primitive, type TextMark } from './primitives';
import { readingTurn } from './reading-turn';
import { CAP_HEIGHT, textWidth } from './text-layout';

/** Distances of the chains, paper mm. */
const FIRST_ROW = 7;
const ROW = 6;
const LEVEL = 3.3;
const TICK = 0.9;
const OVERSHOOT = 1.2;
const LIFT = 2.1;
const INSIDE_ROW = 4;
/** Between figures and the line they stand on, and about them, paper mm. */
const OVER = 1.1;
/** Rows that would lie over something else climb by so much at a time, at most so often, paper mm. */
const CLIMB = 1;
const MOST_CLIMBS = 400;

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

/** The chains of a plan: their marks, and the figures of those within the room, which stand where there is room. */
export interface DrawnChains {
  marks: Primitive[];
  labels: Label[];
}

/** All dimension chains of a plan at a scale (model mm per paper mm), clear of one another and of the texts about them: lines first, so that texts stand over every line. */
export function drawChains(design: Design, scaleBy: number, about: readonly Primitive[]): DrawnChains {
  const placed = placeChains(design);
  const tiers = assignTiers(placed);
  const sizes = placed.map((one) => figureSize(one, scaleBy));
  const levels = textLevels(placed, { tiers, sizes, scaleBy });
  const offsets = rowOffsets(placed, { tiers, sizes, levels, scaleBy }, writtenOn(about, scaleBy));
  const drawn = placed.map(({ chain: { face, links }, base, out, along, inside }, index) => ({
    face,
    chain: {
      ...{ links, out, along, inside, scaleBy, size: sizes[index]! },
      ...{ at: base + offsets[index]! * scaleBy, levels: levels[index]! },
    },
  }));
  const marks = drawn.flatMap(({ face, chain }) => chainMarks(face, chain));
  return {
    marks: [...marks.filter(({ type }) => type !== 'text'), ...marks.filter(({ type }) => type === 'text')],
    labels: drawn.flatMap(({ face, chain }) => (chain.inside ? insideFigures(face, chain) : [])),
  };
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

/** How the rows of some chains are set: their tiers, the size of their figures, and how high those climb. */
interface Rows {
  tiers: readonly number[];
  sizes: readonly number[];
  levels: readonly (readonly number[])[];
  scaleBy: number;
}

/** Figures of a chain that all fit on their lengths are larger. */
function figureSize({ chain: { links }, inside }: Placed, scaleBy: number): number {
  const fit = links.every(({ from, to, text }) => textWidth(text, TEXT.figure) + 2 <= (to - from) / scaleBy);
  return fit && !inside ? TEXT.figure : TEXT.normal;
}

/** Paper distance of each chain's line from its base: over every row below it, and clear of all that is written beside it. Rows of one side that are as high climb together. */
function rowOffsets(placed: readonly Placed[], rows: Rows, about: readonly Box[]): number[] {
  const { tiers, sizes, levels, scaleBy } = rows;
  const offsets: number[] = placed.map(({ inside }) => (inside ? INSIDE_ROW : FIRST_ROW));
  const height = (index: number) => rowHeight(sizes[index]!) + LEVEL * Math.max(0, ...levels[index]!);
  const taken = new Boxes(20 * scaleBy);
  about.forEach((box, index) => taken.add(-1 - index, box));
  const boxesOf = (index: number): Box[] =>
    rowBoxes(placed[index]!, {
      offset: offsets[index]!,
      size: sizes[index]!,
      levels: levels[index]!,
      scaleBy,
    });
  let count = 0;
  for (const row of rowsTogether(placed, tiers)) {
    const first = placed[row[0]!]!;
    if (first.inside) continue;
    const below = placed.flatMap((other, index) =>
      tiers[index]! < tiers[row[0]!]! && sameSide(first, other) ? [offsets[index]! + height(index)] : [],
    );
    const from = Math.max(FIRST_ROW, ...below);
    for (let climbs = 0; climbs < MOST_CLIMBS; climbs++) {
      for (const index of row) offsets[index] = from + climbs * CLIMB;
      if (row.every((index) => boxesOf(index).every((box) => taken.meeting(box).length === 0))) break;
    }
    for (const index of row) for (const box of boxesOf(index)) taken.add(count++, box);
  }
  return offsets;
}

/** How high a row is with its figures, paper mm. */
const rowHeight = (size: number): number => Math.max(ROW, size * CAP_HEIGHT + 2 * OVER + 1.6);
/** How high the middle of figures stands over their line, paper mm. */
const liftOf = (size: number): number => Math.max(LIFT, OVER + (size * CAP_HEIGHT) / 2);

/** Chains that climb together: of one side and tier. Tier by tier, so that each finds those below it in their places. */
function rowsTogether(placed: readonly Placed[], tiers: readonly number[]): number[][] {
  const rows: number[][] = [];
  placed.forEach((one, index) => {
    const row = rows.find(([first]) => tiers[first!] === tiers[index] && sameSide(placed[first!]!, one));
    if (row) row.push(index);
    else rows.push([index]);
  });
  return rows.sort(([a], [b]) => tiers[a!]! - tiers[b!]! || a! - b!);
}

/** What the line and the figures of a chain take, a hair less than it is long: its neighbours meet it at its ends. */
function rowBoxes(
  { chain: { face, links }, base, out }: Placed,
  row: { offset: number; size: number; levels: readonly number[]; scaleBy: number },
): Box[] {
  const { offset, size, levels, scaleBy } = row;
  const at = base + offset * scaleBy;
  const on = (s: number, up: number): Point => {
    const point = place(face.start, face.u, s, face.n, 0);
    return add(point, scale(out, at + up * scaleBy - dot(point, out)));
  };
  const turn = readingTurn(face.turn);
  const long = Math.max(0.1 * scaleBy, face.chord - 2 * TICK * scaleBy);
  return [
    boxAt(on(face.chord / 2, 0), long, 2 * OVERSHOOT * scaleBy, turn),
    ...links.map(({ from, to, text }, index) =>
      textBox(
        figureAt(on((from + to) / 2, liftOf(size) + levels[index]! * LEVEL), text, size, turn),
        scaleBy,
      ),
    ),
  ];
}

const figureAt = (at: Point, text: string, size: number, turn: number): TextMark => ({
  ...{
    type: 'text',
    layer: 'dimensions',
    at,
    text,
    size,
    anchor: 'middle',
    turn,
    ink: 'measure',
    ground: true,
  },
});

/** How wide the text of a link is on paper, mm; a link stays as it is as long as nothing changes it. */
function widthOf(link: ChainLink): number {
  let wide = widths.get(link);
  if (wide === undefined) widths.set(link, (wide = textWidth(link.text, TEXT.normal)));
  return wide;
}
const widths = new WeakMap<ChainLink, number>();

/** How far out each text of each chain stands: 0 on its own length; one that does not fit climbs until it is clear of all others in its row. */
function textLevels(placed: readonly Placed[], { tiers, sizes, scaleBy }: Omit<Rows, 'levels'>): number[][] {
  const levels = placed.map(({ chain }) => chain.links.map(() => 0));
  // What climbs is in the way of what climbs as high in the same row.
  const taken = new Map<string, { owner: Placed; from: number; to: number }[]>();
  placed.forEach((owner, index) => {
    if (owner.inside || sizes[index] === TEXT.figure) return;
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
  size: number;
  scaleBy: number;
}

/** The marks of a chain: an edit changes those of few faces. */
const chainMarks = remember(drawChain, { kept: 3 });

function drawChain(face: PlacedFace, chain: Drawn): Primitive[] {
  const { links, out, along, inside, levels, size, scaleBy } = chain;
  const source = face.id;
  const rowPoint = (s: number): Point => onRow(face, chain, s);
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
  if (inside) return marks;
  const turn = readingTurn(face.turn);
  levels.forEach((level, index) => {
    const { from, to, text } = links[index]!;
    const centre = rowPoint((from + to) / 2);
    const lift = liftOf(size) + level * LEVEL;
    if (level > 0) {
      const foot = add(centre, scale(out, 0.4 * scaleBy));
      marks.push(
        line('dimensions', [foot, add(centre, scale(out, (lift - 1.5) * scaleBy))], WEIGHT.thin, 'measure'),
      );
    }
    marks.push({ ...figureAt(add(centre, scale(out, lift * scaleBy)), text, size, turn), source });
  });
  return marks;
}

/** The place on the line of a chain straight across from one on the straight line between the corners of its face. */
function onRow(face: PlacedFace, { out, at }: Pick<Drawn, 'at' | 'out'>, s: number): Point {
  const on = place(face.start, face.u, s, face.n, 0);
  return add(on, scale(out, at - dot(on, out)));
}

/** The figures of a chain within the room, over their line or wherever about it there is room. */
function insideFigures(face: PlacedFace, chain: Drawn): Label[] {
  const { links, out, along, size, scaleBy } = chain;
  const turn = readingTurn(face.turn);
  return links.map(({ from, to, text }): Label => {
    const foot = onRow(face, chain, (from + to) / 2);
    const { left, right, bottom, top } = textBox(figureAt({ x: 0, y: 0 }, text, size, 0), scaleBy).bounds;
    const aside = ((to - from) / scaleBy + (right - left) / scaleBy) / 2 + 1;
    const at = (across: number, up: number): LabelPlace => ({
      at: place(foot, along, across * scaleBy, out, up * scaleBy),
      turn,
    });
    const lift = liftOf(size);
    return {
      ...{ layer: 'dimensions', source: face.id, width: right - left, height: top - bottom },
      places: [at(0, lift), at(0, -lift), at(aside, 0), at(-aside, 0), at(aside, lift), at(-aside, lift)],
      further: (ring) =>
        [0, 1, -1, 2, -2].map((across) => ({ ...at(across * 5, lift + (ring + 1) * 2), foot })),
      draw: (found) => [{ ...figureAt(found.at, text, size, turn), source: face.id }],
    };
  });
}
