import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import type { Board, Span } from '../../shop/parts/board';
import { prismOf } from '../../shop/parts/board-prism';
import type { MadeItem } from '../../shop/parts/design-parts';
import type { Part } from '../../shop/parts/part';
import { frontRing, highAt } from '../../solids/cut-fronts';
import type { FrontPart } from '../../solids/front-parts';
import { moved } from '../elevation/unfold';
import { DASH, line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { stretches, type Stretch } from './part-rows';

type Say = (mm: number) => string;

/** Between the two views, paper mm: the dimensions of both stand there. */
const BETWEEN = 26;
/** Clear heights of less are between the boards of a joint, mm. */
const LEAST = 12;
const SAME = 0.01;

/** What a row of a front goes by where it is pressed. */
export const rowSource = (row: number): string => `row-${row}`;

/** A cabinet's inside: its front with what is behind, the fronts of its rows dashed and told by their heights; beside it, cut through, with the clear heights in it. mm; `scale` is mm per paper mm. */
export function insideDrawing(
  { parts, record }: Pick<MadeItem, 'parts' | 'record'>,
  fronts: readonly FrontPart[],
  { scale, say, chosen }: { scale: number; say: Say; chosen: number | null },
): Primitive[] {
  const leaves = fronts.filter(({ shows }) => shows !== 'shelf');
  const own = leaves.filter(({ row }) => row !== undefined && row === chosen);
  const at = offUprights(parts, middleOf(own[0] ?? leaves[0] ?? whole(record.width)));
  const foot = Math.min(...parts.flatMap((part) => part.boards.map((one) => one.z[0])));
  const aside = record.width + BETWEEN * scale;
  return [
    ...frontView(parts, leaves, chosen),
    ...rowHeights(leaves, chosen, scale, say),
    ...cellWidths(own, foot, scale, say),
    ...moved(sectionDrawing(parts, at, { scale, say }), aside),
    cutMark(at, [foot, record.height], scale),
  ];
}

const whole = (right: number) => ({ left: 0, right });
const middleOf = ({ left, right }: Pick<FrontPart, 'left' | 'right'>): number => (left + right) / 2;

/** The boards as they are seen from before without what opens, the farthest first; the fronts of rows over them, dashed. */
function frontView(parts: readonly Part[], leaves: readonly FrontPart[], chosen: number | null): Primitive[] {
  const boards = parts
    .flatMap((part) => part.boards)
    .filter(
      (one) =>
        (!one.frame || one.frame.about) &&
        (one.of !== 'front' || one.name === 'frame-stile') &&
        one.of !== 'glass',
    )
    .filter((one) => one.of !== 'drawer' && one.name !== 'drawer-bottom')
    .sort((a, b) => a.y[1] - b.y[1]);
  const ends = new Map<number, FrontPart[]>();
  for (const leaf of leaves) ends.set(leaf.row ?? -1, [...(ends.get(leaf.row ?? -1) ?? []), leaf]);
  return [
    ...boards.map((one) =>
      outline('items', seenOf(one), WEIGHT.thin, 'drawing', one.name === 'back' ? 'paper' : 'item'),
    ),
    ...leaves.map((leaf): Primitive => ({
      ...outline(
        'items',
        frontRing(leaf),
        leaf.row === chosen && chosen !== null ? WEIGHT.object : WEIGHT.thin,
        'measure',
      ),
      dash: DASH,
      ...(leaf.row !== undefined && { source: rowSource(leaf.row) }),
    })),
    ...leaves.flatMap((leaf) => opening(leaf)),
  ];
}

/** A board as it is seen from before: as high as it reaches where it leans towards that, and its own outline where it lies across it. */
function seenOf(one: Board): Point[] {
  const { along, ring } = prismOf(one);
  if (along === 'y') return [...ring];
  const { bottom, top } = boundsOf(ring);
  return rectangle(one.x, along === 'x' ? [bottom, top] : one.z);
}

const rectangle = ([left, right]: Span, [low, high]: Span): Point[] => [
  { x: left, y: low },
  { x: right, y: low },
  { x: right, y: high },
  { x: left, y: high },
];

/** How a front opens: lines from its handle side to its hinges. */
function opening(front: FrontPart): Primitive[] {
  const { shows, hinge, left, right, low, high, row } = front;
  if (shows !== 'door' && shows !== 'flap') return [];
  const tip: Point =
    hinge === 'left'
      ? { x: left, y: (low + highAt(front, left)) / 2 }
      : hinge === 'right'
        ? { x: right, y: (low + highAt(front, right)) / 2 }
        : { x: (left + right) / 2, y: high };
  const from: readonly [Point, Point] =
    hinge === 'top'
      ? [
          { x: left, y: low },
          { x: right, y: low },
        ]
      : [
          { x: hinge === 'left' ? right : left, y: low },
          { x: hinge === 'left' ? right : left, y: highAt(front, hinge === 'left' ? right : left) },
        ];
  return [
    {
      ...line('items', [from[0], tip, from[1]], WEIGHT.thin, 'faint'),
      ...(row !== undefined && { source: rowSource(row) }),
    },
  ];
}

/** The heights of the fronts of a cabinet's rows, at its left. */
function rowHeights(
  leaves: readonly FrontPart[],
  chosen: number | null,
  scale: number,
  say: Say,
): Primitive[] {
  const told = new Map<string, Stretch>();
  for (const { low, high, row } of leaves) {
    const key = `${low.toFixed(2)} ${high.toFixed(2)}`;
    if (!told.has(key))
      told.set(key, {
        span: [low, high],
        isChosen: chosen !== null && row === chosen,
        ...(row !== undefined && { source: rowSource(row) }),
      });
  }
  return stretches([...told.values()], { from: 0, out: -1, upright: true }, scale, say);
}

/** The widths of the fronts side by side in the chosen row, under it all. */
function cellWidths(own: readonly FrontPart[], foot: number, scale: number, say: Say): Primitive[] {
  if (own.every(({ cell }) => cell === undefined)) return [];
  const told = own.map(({ left, right }): Stretch => ({ span: [left, right] }));
  return stretches(told, { from: foot, out: -1, upright: false }, scale, say);
}

/** A place that cuts through no board standing across: a little beside it. */
function offUprights(parts: readonly Part[], at: number): number {
  const stands = parts
    .flatMap((part) => part.boards)
    .find((one) => one.thin === 'x' && one.x[0] <= at && at <= one.x[1]);
  return stands ? stands.x[0] - BESIDE : at;
}
const BESIDE = 25;

const cutMark = (at: number, [low, high]: Span, scale: number): Primitive => ({
  ...line(
    'items',
    [
      { x: at, y: low - 2 * scale },
      { x: at, y: high + 2 * scale },
    ],
    WEIGHT.thin,
    'faint',
  ),
  dash: DASH,
});

/** Where a cabinet is cut through to show what is in it: its middle, beside what stands there. */
export const cutIn = ({ parts, record }: Pick<MadeItem, 'parts' | 'record'>): number =>
  offUprights(parts, record.width / 2);

/** A cabinet cut through at a place across, seen towards its left side, its back at the left: what is cut filled, its parts by their numbers where those are given, the clear heights between what lies level. */
export function sectionDrawing(
  parts: readonly Part[],
  at: number,
  { scale, say, numbered = false }: { scale: number; say: Say; numbered?: boolean },
): Primitive[] {
  const cut = parts.flatMap((part, index) =>
    part.boards.flatMap((one) => {
      const ring = cutThrough(one, at);
      return ring ? [{ one, ring, number: index + 1, id: part.id }] : [];
    }),
  );
  if (cut.length === 0) return [];
  const front = Math.max(...cut.flatMap(({ ring }) => ring.map(({ x }) => x)));
  const level = cut.filter(
    ({ one }) => one.thin === 'z' && !one.frame && one.of !== 'drawer' && one.name !== 'drawer-bottom',
  );
  const edges = level.map(({ one }) => one.z).sort((a, b) => a[0] - b[0]);
  const clear = edges.slice(1).flatMap((above, index): Stretch[] => {
    const under = Math.max(...edges.slice(0, index + 1).map((one) => one[1]));
    return above[0] - under >= LEAST ? [{ span: [under, above[0]] }] : [];
  });
  return [
    ...cut.map(({ ring }) => outline('items', ring, WEIGHT.thin, 'drawing', 'water')),
    ...stretches(clear, { from: front, out: 1, upright: true }, scale, say),
    ...(numbered ? numbers(cut, scale) : []),
  ];
}

/** What is cut of a board at a place across: its outline out of the wall and up; null where it is not. */
function cutThrough(one: Board, at: number): Point[] | null {
  const { along, ring, span } = prismOf(one);
  if (along === 'x') return span[0] < at && at < span[1] ? [...ring] : null;
  const found: number[] = [];
  for (const [index, a] of ring.entries()) {
    const b = ring[(index + 1) % ring.length]!;
    if ((a.x - at) * (b.x - at) < 0) found.push(a.y + ((b.y - a.y) * (at - a.x)) / (b.x - a.x));
  }
  if (found.length < 2) return null;
  const cut: Span = [Math.min(...found), Math.max(...found)];
  if (cut[1] - cut[0] <= SAME) return null;
  return along === 'z' ? rectangle(cut, span) : rectangle(span, cut);
}

/** Numbers stand in columns beside what is cut, so far off, beyond the clear heights at its front, so far from one another; paper mm. */
const COLUMN = 5;
const BEYOND = 14;
const LINE = 1.35;

/** Each part's number once: at the side it is nearer to, level with where it is cut, or as near to that as others leave room. */
function numbers(
  cut: readonly { ring: readonly Point[]; number: number; id: string }[],
  scale: number,
): Primitive[] {
  const { left: back, right: front } = boundsOf(cut.flatMap(({ ring }) => ring));
  const told = cut.filter(({ number }, index) => cut.findIndex((one) => one.number === number) === index);
  const placed = told.map(({ ring, number, id }) => {
    const { left, right, bottom, top } = boundsOf(ring);
    return { number, id, at: { x: (left + right) / 2, y: (bottom + top) / 2 } };
  });
  const isBehind = ({ at }: (typeof placed)[number]) => at.x < (back + front) / 2;
  const [behind, before] = [placed.filter(isBehind), placed.filter((one) => !isBehind(one))];
  return [
    ...column(behind, back - COLUMN * scale, -1, scale),
    ...column(before, front + BEYOND * scale, 1, scale),
  ];
}

function column(
  told: readonly { number: number; id: string; at: Point }[],
  x: number,
  out: 1 | -1,
  scale: number,
): Primitive[] {
  const sorted = [...told].sort((a, b) => a.at.y - b.at.y);
  const each = LINE * TEXT.small * scale;
  const spots: number[] = [];
  for (const { at } of sorted) spots.push(Math.max(at.y, (spots.at(-1) ?? -Infinity) + each));
  // As much too high as too low: they stay about the middle of what they name.
  const over = sorted.length > 0 ? (spots.at(-1)! - sorted.at(-1)!.at.y) / 2 : 0;
  return sorted.flatMap(({ number, id, at }, index): Primitive[] => {
    const spot = { x, y: spots[index]! - over };
    return [
      line('items', [at, { x: spot.x - out * scale, y: spot.y }], WEIGHT.thin, 'faint'),
      {
        ...{ type: 'text', layer: 'items', source: id, at: spot, text: String(number), turn: 0 },
        ...{ size: TEXT.small, ink: 'drawing', anchor: out > 0 ? 'start' : 'end' },
      },
    ];
  });
}
