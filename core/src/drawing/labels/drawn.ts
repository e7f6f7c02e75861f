import Flatbush from 'flatbush';
import { remember, rememberOne } from '../../document/remember';
import type { Point } from '../../geometry/point';
import { boundsOf, boundsOfAll, contains, type Bounds, type Polygon } from '../../geometry/polygon';
import { WEIGHT, type ArcMark, type Layer, type Primitive } from '../primitives';
import { boxAt, boxesMeet, strokeMeets, textBox, type Box } from './box';

/** Strokes of this weight or more are not written over. */
const HEAVY = WEIGHT.object;
/** An arc is taken as strokes of so much of a turn each. */
const STEP = Math.PI / 18;

/** What is drawn already, where nothing may be written: texts, and heavy strokes. */
export interface Drawn {
  /** Whether a box would lie over a text. */
  isWritten(box: Box): boolean;
  /** Whether a heavy stroke, or one of an opening, runs into a box. */
  isCrossed(box: Box): boolean;
}

/** What is drawn by either of two. */
export const bothDrawn = (one: Drawn, other: Drawn): Drawn => ({
  isWritten: (box) => one.isWritten(box) || other.isWritten(box),
  isCrossed: (box) => one.isCrossed(box) || other.isCrossed(box),
});

type Stroke = readonly [Point, Point];

/** What is drawn by some marks at a scale. */
export function drawn(marks: readonly Primitive[], scale: number): Drawn {
  const texts = writtenOn(marks, scale);
  const heavy: Heavy[] = [];
  const grounds: (Ground & { order: number })[] = [];
  for (const [order, mark] of marks.entries()) {
    const own = heavyOf(mark);
    if (own) heavy.push({ ...own, order });
    const ground = groundOf(mark);
    if (ground) grounds.push({ ...ground, order });
  }
  const [written, crossed, covering] = [texts, heavy, grounds].map(indexed) as [Index, Index, Index];
  return {
    isWritten: (box) => written(box).some((at) => boxesMeet(texts[at]!, box)),
    isCrossed: (box) => {
      let last = -1;
      for (const at of crossed(box)) {
        const { strokes, order } = heavy[at]!;
        if (order > last && strokes.some(([a, b]) => isNear(box.bounds, a, b) && strokeMeets(box, a, b)))
          last = order;
      }
      // What a ground was laid over afterwards is not seen there.
      return (
        last >= 0 &&
        !covering(box).some((at) => {
          const { ring, order } = grounds[at]!;
          return order > last && box.corners.every((corner) => contains(ring, corner));
        })
      );
    },
  };
}

/** A mark's heavy strokes, and how far they reach; its place among the marks. */
interface Heavy {
  strokes: readonly Stroke[];
  bounds: Bounds;
  order: number;
}

/** The heavy strokes of a mark: most marks are the very same from one drawing to the next. */
const heavyOf = rememberOne((mark: Primitive): Omit<Heavy, 'order'> | null => {
  const strokes = strokesOf(mark);
  return strokes.length > 0 ? { strokes, bounds: boundsOfAll(strokes) } : null;
});

/** Whether a stroke may run into an extent. */
const isNear = ({ left, right, bottom, top }: Bounds, a: Point, b: Point): boolean =>
  !(
    (a.x < left && b.x < left) ||
    (a.x > right && b.x > right) ||
    (a.y < bottom && b.y < bottom) ||
    (a.y > top && b.y > top)
  );

interface Ground {
  ring: Polygon;
  bounds: Bounds;
}

/** The ground that a mark lays over what was drawn before it: a plain ring that is filled. */
const groundOf = rememberOne((mark: Primitive): Ground | null => {
  if (mark.type !== 'path' || !mark.closed || !mark.fill || mark.rings.length !== 1) return null;
  const [ring] = mark.rings;
  return { ring: ring!, bounds: boundsOf(ring!) };
});

/** What of some marks is not written over: texts, and rings about them. */
export const writtenOn = (marks: readonly Primitive[], scale: number): Box[] =>
  marks.flatMap((mark) => (mark.type === 'path' ? [] : writtenOf(mark, { scale })));

const writtenOf = remember((mark: Primitive, { scale }: { scale: number }): Box[] => {
  if (mark.type === 'text') return [textBox(mark, scale)];
  if (mark.type !== 'arc' || mark.fill !== 'paper' || !RINGED.has(mark.layer)) return [];
  return [boxAt(mark.centre, 2 * mark.radius, 2 * mark.radius)];
});

/** Layers whose texts stand in rings. */
const RINGED: ReadonlySet<Layer> = new Set<Layer>(['sections', 'numbers', 'services']);

/** Which of some things reach into the extent of a box. */
type Index = (box: Box) => readonly number[];

function indexed(things: readonly { bounds: Bounds }[]): Index {
  if (things.length === 0) return () => [];
  const index = new Flatbush(things.length);
  for (const { bounds } of things) index.add(bounds.left, bounds.bottom, bounds.right, bounds.top);
  index.finish();
  return ({ bounds: { left, bottom, right, top } }) => index.search(left, bottom, right, top);
}

function strokesOf(mark: Primitive): Stroke[] {
  // What is dashed lies behind: it may be written over.
  if (mark.type === 'text' || mark.dash) return [];
  if (mark.weight === 0 || (mark.weight < HEAVY && mark.layer !== 'openings')) return [];
  if (mark.type === 'arc') return pairsOf(arcPath(mark));
  return mark.rings.flatMap((ring) => pairsOf(mark.closed ? [...ring, ring[0]!] : ring));
}

const pairsOf = (path: readonly Point[]): Stroke[] =>
  path.slice(1).map((to, index) => [path[index]!, to] as const);

function arcPath({ centre, radius, from, sweep }: ArcMark): Point[] {
  const steps = Math.max(2, Math.ceil(Math.abs(sweep) / STEP));
  return Array.from({ length: steps + 1 }, (_, index) => {
    const at = from + (sweep * index) / steps;
    return { x: centre.x + radius * Math.cos(at), y: centre.y + radius * Math.sin(at) };
  });
}
