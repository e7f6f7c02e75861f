import { perDesign, type Design } from '../../document/design';
import { remember, rememberOne } from '../../document/remember';
import { add, dot, length as sizeOf, place, scale, subtract, type Point } from '../../geometry/point';
import { contains } from '../../geometry/polygon';
import { acrossFrom, facePoint, type PlacedFace } from '../../survey/placed-face';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { wallOutside } from '../../survey/wall-outline';
import { boxesMeet, textBox, type Box } from '../labels/box';
import { Boxes } from '../labels/boxes';
import { writtenOn } from '../labels/drawn';
import type { Label, LabelPlace } from '../labels/place-labels';
import { TEXT, type Medium, type Primitive } from '../primitives';
import { readingTurn } from '../reading-turn';
import { aisleRows } from './aisles';
import { dimensionChains, type Chain } from './chains';
import { figureWays, PLAN, rowWay } from './row-ways';
import {
  CLIMB,
  drawRow,
  figureAt,
  figureBoxes,
  figureSize,
  FIRST_ROW,
  GAP,
  levelsOf,
  liftOf,
  lineBox,
  measuredBy,
  MOST_CLIMBS,
  rowHeight,
  textsLast,
  type DimensionRow,
  type LevelTaken,
} from './rows';

/** How far a row within the room stands off its face, paper mm. */
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

/** The chains of a plan: their marks, and the figures of those within the room, which stand where there is room. */
export interface DrawnChains {
  marks: Primitive[];
  labels: Label[];
}

/** All dimension chains of a plan at a scale (model mm per paper mm), clear of one another and of the texts about them: lines first, so that texts stand over every line. */
export function drawChains(
  design: Design,
  { scale: scaleBy, medium }: { scale: number; medium: Medium },
  about: readonly Primitive[],
): DrawnChains {
  // Centre lines are for the fitter: a screen has no room to spare for them.
  const placed = placeChains(design).filter(
    ({ chain }) =>
      (medium === 'paper' || chain.row !== 'centres') && !rowWay(design, PLAN, rowOf(chain))?.hidden,
  );
  const written = writtenOn(about, scaleBy);
  const extra = placed.map(({ chain }) => rowWay(design, PLAN, rowOf(chain))?.off ?? 0);
  const said = placed.map(({ chain }) => figureWays(design, PLAN, rowOf(chain), chain.links));
  const rows = rowsOf(placed, { scaleBy, medium, extra, said }, written);
  const marks = placed.flatMap(({ inside }, index) => (inside ? lineMarks : rowMarks)(rows[index]!));
  // What is left about islands is read on paper; on a screen the checks tell it.
  const isClear = (row: DimensionRow) => {
    const line = lineBox(row, false);
    return !written.some((box) => boxesMeet(box, line));
  };
  const aisles = medium === 'paper' ? aisleRows(design, scaleBy, isClear) : [];
  return {
    marks: textsLast([...marks, ...aisles.flatMap((row) => drawRow(row, false))]),
    labels: [
      ...aisles.flatMap(insideFigures),
      ...placed.flatMap(({ inside }, index) => (inside ? insideFigures(rows[index]!) : [])),
    ],
  };
}

/** What a row goes by. */
const rowOf = ({ face, row }: Chain): string => `${face.id} ${row}`;

/** The marks of a row with its figures, and without: an edit changes few rows. */
const rowMarks = rememberOne((row: DimensionRow) => drawRow(row));
const lineMarks = rememberOne((row: DimensionRow) => drawRow(row, false));

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
  const rank = { units: 0, openings: 1, centres: 2, overall: 3 };
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

/** How rows are drawn: how much farther out each stands than of itself, what was said of its figures. */
interface RowsWay {
  scaleBy: number;
  medium: Medium;
  extra: readonly number[];
  said: readonly DimensionRow['said'][];
}

/** The rows of some chains: each over every row below it, and clear of all that is written beside it. Rows of one side that are as high climb together. */
function rowsOf(
  placed: readonly Placed[],
  { scaleBy, medium, extra, said }: RowsWay,
  about: readonly Box[],
): DimensionRow[] {
  const tiers = assignTiers(placed);
  const sizes = placed.map(({ chain, inside }) =>
    inside || medium === 'screen' ? TEXT.normal : figureSize(chain.links, scaleBy),
  );
  const levels = textLevels(placed, { tiers, sizes, scaleBy });
  const rows: DimensionRow[] = placed.map((one, index) =>
    rowAt(one, 0, { size: sizes[index]!, levels: levels[index]!, scaleBy, said: said[index] }),
  );
  const offsets = placed.map(() => 0);
  const [texts, lines] = [new Boxes(20 * scaleBy), new Boxes(20 * scaleBy)];
  about.forEach((box, index) => texts.add(-1 - index, box));
  const isClear = (row: DimensionRow): boolean =>
    texts.meeting(lineBox(row, false)).length === 0 &&
    lines.meeting(lineBox(row, true)).length === 0 &&
    figureBoxes(row).every((box) => texts.meeting(box).length === 0 && lines.meeting(box).length === 0);
  let count = 0;
  for (const together of rowsTogether(placed, tiers)) {
    const first = placed[together[0]!]!;
    const below = placed.flatMap((other, index) =>
      tiers[index]! < tiers[together[0]!]! && sameSide(first, other)
        ? [offsets[index]! + rowHeight(sizes[index]!, levels[index]!)]
        : [],
    );
    const from = Math.max(first.inside ? INSIDE_ROW : FIRST_ROW, ...below);
    for (let climbs = 0; climbs < MOST_CLIMBS; climbs++) {
      for (const index of together) {
        offsets[index] = Math.max(1, from + extra[index]!) + climbs * CLIMB;
        const row = { size: sizes[index]!, levels: levels[index]!, scaleBy, said: said[index] };
        rows[index] = rowAt(placed[index]!, offsets[index]!, row);
      }
      if (together.every((index) => isClear(rows[index]!))) break;
    }
    for (const index of together) {
      lines.add(count++, lineBox(rows[index]!, true));
      if (!placed[index]!.inside) for (const box of figureBoxes(rows[index]!)) texts.add(count++, box);
    }
  }
  return rows;
}

/** How a row is drawn, and what was said of its figures. */
type RowLook = Pick<DimensionRow, 'levels' | 'said' | 'size'> & { scaleBy: number };

/** A chain as a row so far off the line it is counted from, paper mm. */
const rowAt = ({ chain, base, out, along, inside }: Placed, offset: number, look: RowLook): DimensionRow =>
  chainRow(chain, { offset, base, inside, out, along, ...look });

/** How many places of a chain are remembered: in its climb, and as a drag makes it. */
const ROWS_KEPT = 12;

type RowPlace = Pick<Placed, 'along' | 'base' | 'inside' | 'out'> & RowLook & { offset: number };

const chainRow = remember(
  (
    chain: Chain,
    { offset, base, inside, out, along, size, levels, scaleBy, said }: RowPlace,
  ): DimensionRow => {
    const { face, links } = chain;
    const at = add(face.start, scale(out, base + offset * scaleBy - dot(face.start, out)));
    const feet = [0, ...links.map(({ to }) => to)].map((end): Point | null => {
      const [foot, object] = [place(at, along, end, out, 0), onFace(face, end)];
      const depth = dot(subtract(foot, object), out);
      const gap = inside ? GAP * scaleBy : Math.min(depth, face.thickness + GAP * scaleBy);
      if (depth <= gap) return null;
      const away = subtract(foot, object);
      return add(object, scale(away, gap / sizeOf(away)));
    });
    return {
      ...{ links, at, along, out, feet, levels, size, scale: scaleBy },
      ...{ turn: readingTurn(face.turn), source: face.id, way: face.arc ? null : along },
      row: rowOf(chain),
      ...(said && { said }),
    };
  },
  { kept: ROWS_KEPT },
);

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

/** How far out each figure of each chain stands: one that does not fit on its length climbs until it is clear of all others in its row. */
function textLevels(
  placed: readonly Placed[],
  { tiers, sizes, scaleBy }: { tiers: readonly number[]; sizes: readonly number[]; scaleBy: number },
): number[][] {
  // What climbs is in the way of what climbs as high in the same row.
  const taken = new Map<string, { owner: Placed; from: number; to: number }[]>();
  return placed.map((owner, index) => {
    const own: LevelTaken = {
      take(level, from, to) {
        const key = `${tiers[index]} ${level}`;
        const there = taken.get(key) ?? [];
        if (there.some((other) => other.from < to && other.to > from && sameSide(owner, other.owner)))
          return false;
        taken.set(key, [...there, { owner, from, to }]);
        return true;
      },
    };
    if (owner.inside) return owner.chain.links.map(() => 0);
    const row = { size: sizes[index]!, scale: scaleBy, start: owner.from / scaleBy, taken: own };
    return levelsOf(owner.chain.links, row);
  });
}

/** The place on a face straight across from a place along the line between its corners; that line itself past a half circle. */
function onFace(face: PlacedFace, along: number): Point {
  const on = place(face.start, face.u, along, face.n, 0);
  const across = face.arc && acrossFrom(face, on);
  return across === null ? on : facePoint(face, across);
}

/** The figures of a chain within the room, over their line or wherever about it there is room. */
function insideFigures(row: DimensionRow): Label[] {
  const { links, at, along, out, size, turn, source, scale: scaleBy, said } = row;
  return links.flatMap(({ from, to, text }, index): Label[] => {
    if (said?.[index]?.hidden) return [];
    const { off: farther = 0, over = 0 } = said?.[index] ?? {};
    const foot = place(at, along, (from + to) / 2, out, 0);
    const { left, right, bottom, top } = textBox(figureAt({ x: 0, y: 0 }, text, size, 0), scaleBy).bounds;
    const aside = ((to - from) / scaleBy + (right - left) / scaleBy) / 2 + 1;
    const off = (across: number, up: number): LabelPlace => ({
      at: place(foot, along, (across + over) * scaleBy, out, (up + farther) * scaleBy),
      turn,
    });
    const lift = liftOf(size);
    const label: Label = {
      ...{ layer: 'dimensions', width: right - left, height: top - bottom, ...(source && { source }) },
      places: [
        off(0, lift),
        off(0, -lift),
        off(aside, 0),
        off(-aside, 0),
        off(aside, lift),
        off(-aside, lift),
      ],
      further: (ring) =>
        [0, 1, -1, 2, -2].map((across) => ({ ...off(across * 5, lift + (ring + 1) * 2), foot })),
      draw: (found) => [
        {
          ...figureAt(found.at, text, size, turn),
          measured: measuredBy(row, index),
          ...(source && { source }),
        },
      ],
    };
    return [label];
  });
}
