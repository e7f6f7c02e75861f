import Flatbush from 'flatbush';
import type { Point } from '../../geometry/point';
import { boundsOf, contains, type Bounds, type Polygon } from '../../geometry/polygon';
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
  const strokes = marks.flatMap((mark, order) => strokesOf(mark).map((stroke) => ({ stroke, order })));
  const grounds = marks.flatMap(groundOf);
  const written = indexed(
    texts.map(({ bounds: { left, bottom, right, top } }) => [left, bottom, right, top]),
  );
  const crossed = indexed(
    strokes.map(({ stroke: [a, b] }) => [
      Math.min(a.x, b.x),
      Math.min(a.y, b.y),
      Math.max(a.x, b.x),
      Math.max(a.y, b.y),
    ]),
  );
  const covering = indexed(
    grounds.map(({ bounds: { left, bottom, right, top } }) => [left, bottom, right, top]),
  );
  const search = (index: Flatbush | null, { bounds: { left, bottom, right, top } }: Box) =>
    index?.search(left, bottom, right, top) ?? [];
  return {
    isWritten: (box) => search(written, box).some((at) => boxesMeet(texts[at]!, box)),
    isCrossed: (box) => {
      const met = search(crossed, box).filter((at) => strokeMeets(box, ...strokes[at]!.stroke));
      if (met.length === 0) return false;
      // What a ground was laid over afterwards is not seen there.
      const over = search(covering, box).filter((at) =>
        box.corners.every((corner) => contains(grounds[at]!.ring, corner)),
      );
      const last = Math.max(-1, ...over.map((at) => grounds[at]!.order));
      return met.some((at) => strokes[at]!.order >= last);
    },
  };
}

/** The ground that a mark lays over what was drawn before it: a plain ring that is filled. */
function groundOf(mark: Primitive, order: number): { ring: Polygon; bounds: Bounds; order: number }[] {
  if (mark.type !== 'path' || !mark.closed || !mark.fill || mark.rings.length !== 1) return [];
  const [ring] = mark.rings;
  return [{ ring: ring!, bounds: boundsOf(ring!), order }];
}

/** What of some marks is not written over: texts, and rings about them. */
export const writtenOn = (marks: readonly Primitive[], scale: number): Box[] =>
  marks.flatMap((mark) => writtenOf(mark, scale));

function writtenOf(mark: Primitive, scale: number): Box[] {
  if (mark.type === 'text') return [textBox(mark, scale)];
  if (mark.type !== 'arc' || mark.fill !== 'paper' || !RINGED.has(mark.layer)) return [];
  return [boxAt(mark.centre, 2 * mark.radius, 2 * mark.radius)];
}

/** Layers whose texts stand in rings. */
const RINGED: ReadonlySet<Layer> = new Set<Layer>(['sections', 'numbers', 'services']);

function indexed(extents: readonly (readonly [number, number, number, number])[]): Flatbush | null {
  if (extents.length === 0) return null;
  const index = new Flatbush(extents.length);
  for (const extent of extents) index.add(...extent);
  index.finish();
  return index;
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
