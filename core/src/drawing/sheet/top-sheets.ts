import { roomOf, styleOf, type Design } from '../../document/design';
import {
  add,
  distance,
  middle,
  place,
  scale as times,
  subtract,
  unit,
  type Point,
} from '../../geometry/point';
import { boundsOf, contains, signedArea, type Polygon } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { tops } from '../../surfaces/tops';
import { formatArea } from '../../units/format-area';
import { formatLength } from '../../units/format-length';
import { sheetWords } from '../../wording/drawing-words';
import { scheduleWords } from '../../wording/schedule-words';
import { uncapital } from '../../wording/words';
import { labelled } from '../labels/labelled';
import type { Label, LabelPlace } from '../labels/place-labels';
import { lineSize } from '../labels/text-label';
import { faceLetters } from '../labels/wall-labels';
import { drawPlan } from '../plan';
import { outline, TEXT, WEIGHT, type Layer, type Primitive } from '../primitives';
import { readingTurn } from '../reading-turn';
import { TOPS } from './frame-ways';
import { inField } from './in-field';
import { scheduleColumn } from './schedule-tables';
import type { SheetContent, SheetOptions } from './sheet-frame';

/** What is drawn about the tops, and of that what goes back. */
const WITHOUT: readonly Layer[] = [
  'numbers',
  'labels',
  'dimensions',
  'services',
  'trims',
  'tiles',
  'sections',
];
const BACK: ReadonlySet<Layer> = new Set<Layer>(['items', 'openings', 'plinths']);
/** Edges shorter than this bear no length, mm; how far lengths stand outside their edges, row by row, paper mm. */
const LEAST = 60;
const BESIDE = 2.6;
const ROW = 3.4;
const ALONG = [0.5, 0.3, 0.7] as const;

/** The countertops in the room, each with its letter, its area and the lengths of its edges, and their schedule. */
export function topSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  if (tops(design).length === 0) return refuse('no-tops', {});
  const drawn = inField(design, options, {
    ...{ drawing: TOPS, view: null, name: sheetWords.tops },
    draw: (ratio) => topMarks(design, ratio),
  });
  if (!drawn.ok) return drawn;
  return ok(
    scheduleColumn(design, ['tops'], options.page, 0).map((column, index) => ({
      title: index === 0 ? sheetWords.tops : sheetWords.more(sheetWords.tops, index),
      shows: uncapital(sheetWords.tops),
      marks: index === 0 ? drawn.value.marks : [],
      column,
      frames: index === 0 ? drawn.value.frames : [],
      plan: index === 0,
      scale: index === 0 ? drawn.value.scale : null,
    })),
  );
}

function topMarks(design: Design, ratio: number): Primitive[] {
  const about = drawPlan(design, ratio, { without: WITHOUT, mode: 'base', unlettered: true }).map(
    (mark): Primitive => {
      if (mark.type === 'text' || !BACK.has(mark.layer)) return mark;
      return { ...mark, weight: Math.min(mark.weight, WEIGHT.thin), ink: 'faint' };
    },
  );
  const all = tops(design);
  const edges = all.flatMap(({ outline: rings, items }) =>
    rings.map((ring) => ({ ...outline('tops', ring, WEIGHT.object, 'drawing'), source: items[0]! })),
  );
  const marks = [...about, ...edges];
  const labels = [
    ...faceLetters(design, ratio),
    ...all.flatMap((top, index) => [
      ...nameLabel(design, scheduleWords.top(index + 1), top, ratio),
      ...top.outline.flatMap((ring) => edgeLabels(design, ring, ratio)),
    ]),
  ];
  return [...marks, ...labelled(labels, marks, { scale: ratio, medium: 'paper' })];
}

/** The letter of a top and its area, in it. */
function nameLabel(
  design: Design,
  name: string,
  { outline: rings, area }: { outline: readonly Polygon[]; area: number },
  ratio: number,
): Label[] {
  const [ring] = [...rings].sort((a, b) => signedArea(b) - signedArea(a));
  if (!ring) return [];
  const words = `${name}  ${formatArea(area, roomOf(design).unit)}`;
  const { left, right, bottom, top } = boundsOf(ring);
  const at = (across: number, up: number): LabelPlace => ({
    at: { x: left + (right - left) * across, y: bottom + (top - bottom) * up },
  });
  // Along its longest edge, well within it, is inside a top of any shape.
  const [a, b] = longestEdge(ring);
  const u = unit(subtract(b, a));
  const inner = (share: number): LabelPlace => ({
    at: place(add(a, times(subtract(b, a), share)), { x: -u.y, y: u.x }, 250, u, 0),
  });
  return [
    {
      ...{ layer: 'tops', ...lineSize(words, TEXT.normal, ratio, true) },
      places: [inner(0.5), inner(0.3), inner(0.7), at(0.5, 0.5)],
      // Of a small top outside it, farther and farther on paper, with a line to it.
      further: (far) => {
        const off = (far + 1) * ROW * ratio;
        const foot =
          [inner(0.5).at, at(0.5, 0.5).at].find((one) => contains(ring, one)) ?? longestEdge(ring)[0];
        return [0.1, 0.3, 0.5, 0.7, 0.9].flatMap((share): LabelPlace[] => {
          const x = left + (right - left) * share;
          return [bottom - off, top + off].map((y) => ({ at: { x, y }, foot }));
        });
      },
      draw: (found) => [
        {
          ...{ type: 'text', layer: 'tops', at: found.at, text: words, size: TEXT.normal, bold: true },
          ...{ anchor: 'middle', turn: 0, ink: 'drawing', ground: true },
        },
      ],
    },
  ];
}

function longestEdge(ring: Polygon): [Point, Point] {
  const sides = ring.map((a, index): [Point, Point] => [a, ring[(index + 1) % ring.length]!]);
  return sides.reduce((best, one) => (distance(...one) > distance(...best) ? one : best));
}

/** The length of every straight edge of a ring, outside it. */
function edgeLabels(design: Design, ring: Polygon, ratio: number): Label[] {
  return ring.flatMap((a, index): Label[] => {
    const b = ring[(index + 1) % ring.length]!;
    const long = distance(a, b);
    if (long < LEAST) return [];
    const u = unit(subtract(b, a));
    // What the ring goes round is to its left.
    const out = { x: u.y, y: -u.x };
    const words = formatLength(long, styleOf(design));
    const turn = readingTurn(Math.atan2(u.y, u.x));
    const beside = (share: number, off: number): LabelPlace => ({
      at: place(add(a, times(subtract(b, a), share)), out, off * ratio, u, 0),
      turn,
    });
    return [
      {
        ...{ layer: 'tops', ...lineSize(words, TEXT.normal, ratio) },
        // Within the top first: outside it is mostly a wall.
        places: [-BESIDE, BESIDE].flatMap((off) => ALONG.map((share) => beside(share, off))),
        further: (far) =>
          [1, -1].map((side) => ({ ...beside(0.5, side * (BESIDE + (far + 1) * ROW)), foot: middle(a, b) })),
        draw: (found) => [
          {
            ...{ type: 'text', layer: 'tops', at: found.at, text: words, size: TEXT.normal },
            ...{ anchor: 'middle', turn: found.turn ?? 0, ink: 'measure', ground: true },
          },
        ],
      },
    ];
  });
}
