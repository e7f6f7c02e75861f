import { overlapDepth } from '../src/geometry/convex';
import type { Point } from '../src/geometry/point';
import { boundsMeet, boundsOf, contains, segmentsCross, type Bounds } from '../src/geometry/polygon';
import { WEIGHT, type Primitive, type TextMark } from '../src/drawing/primitives';
import { CAP_HEIGHT, textWidth } from '../src/drawing/text-layout';

/** What is wrong with the texts of a drawing. */
export interface TextFault {
  what: 'overlap' | 'crossed' | 'covered' | 'outside';
  text: string;
  by: string;
}

/** Texts may come so near to one another, paper mm. */
const TOUCHING = 0.05;
/** Strokes of this weight or more may not cross a text. */
const HEAVY = WEIGHT.object;

/** The corners of the letters of a text, in the drawing's millimetres: as wide as they are set, as high as capitals. */
export function lettersOf({ at, text, size, anchor, turn, bold }: TextMark, scale: number): Point[] {
  const wide = textWidth(text, size, bold) * scale;
  const high = (size * CAP_HEIGHT * scale) / 2;
  const from = anchor === 'start' ? 0 : anchor === 'end' ? -wide : -wide / 2;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return (
    [
      [from, -high],
      [from + wide, -high],
      [from + wide, high],
      [from, high],
    ] as const
  ).map(([x, y]) => ({ x: at.x + x * cos - y * sin, y: at.y + x * sin + y * cos }));
}

/** Every text of a drawing that lies over another, that a heavy stroke runs through, that is painted over, or that lies outside an extent. */
export function textFaults(marks: readonly Primitive[], scale: number, within?: Bounds): TextFault[] {
  const faults: TextFault[] = [];
  const texts = marks.flatMap((mark, index) =>
    mark.type === 'text' ? [{ mark, index, box: lettersOf(mark, scale) }] : [],
  );
  const placed = texts.map((one) => ({
    ...one,
    bounds: boundsOf(one.box),
    // What is drawn before the ground it stands on does not run through it.
    ground: one.mark.ground ? one.index : groundUnder(marks, one.index, one.box),
  }));
  placed.forEach((one, index) => {
    for (const other of placed.slice(0, index))
      if (boundsMeet(one.bounds, other.bounds) && overlapDepth(one.box, other.box) > TOUCHING * scale)
        faults.push({ what: 'overlap', text: one.mark.text, by: other.mark.text });
    if (
      within &&
      (one.bounds.left < within.left ||
        one.bounds.right > within.right ||
        one.bounds.bottom < within.bottom ||
        one.bounds.top > within.top)
    )
      faults.push({ what: 'outside', text: one.mark.text, by: '' });
  });
  marks.forEach((mark, index) => {
    if (mark.type === 'text') return;
    const bounds = extentOf(mark);
    for (const one of placed) {
      if (!boundsMeet(one.bounds, bounds)) continue;
      const isOver = index > one.index;
      const name = `${mark.layer} ${mark.type} ${mark.source ?? ''}`;
      if (mark.type === 'arc' && Math.abs(mark.sweep) < 2 * Math.PI - 1e-6) {
        if (mark.weight >= HEAVY && (isOver || index > one.ground) && crosses(arcPath(mark), one.box))
          faults.push({ what: 'crossed', text: one.mark.text, by: name });
        continue;
      }
      const rings = mark.type === 'arc' ? [arcPath(mark)] : mark.rings;
      const closed = mark.type === 'arc' || mark.closed;
      if (mark.weight >= HEAVY && (isOver || index > one.ground))
        if (rings.some((ring) => crosses(closed ? [...ring, ring[0]!] : ring, one.box)))
          faults.push({ what: 'crossed', text: one.mark.text, by: name });
      if (isOver && mark.fill && closed) {
        const odd = (at: Point) => rings.filter((ring) => contains(ring, at)).length % 2 === 1;
        if ([...one.box, one.mark.at].some(odd))
          faults.push({ what: 'covered', text: one.mark.text, by: name });
      }
    }
  });
  return faults;
}

/** Where in a drawing the last ground was laid that a text stands on altogether. */
function groundUnder(marks: readonly Primitive[], index: number, box: readonly Point[]): number {
  for (let at = index - 1; at >= 0; at--) {
    const mark = marks[at]!;
    if (mark.type === 'text' || mark.fill === undefined) continue;
    const rings = mark.type === 'arc' ? [arcPath(mark)] : mark.closed ? mark.rings : [];
    if (rings.length === 1 && box.every((corner) => contains(rings[0]!, corner))) return at;
  }
  return -1;
}

function crosses(path: readonly Point[], box: readonly Point[]): boolean {
  for (let i = 1; i < path.length; i++) {
    const [a, b] = [path[i - 1]!, path[i]!];
    if (contains(box, a) || contains(box, b)) return true;
    for (let k = 0; k < 4; k++) if (segmentsCross(a, b, box[k]!, box[(k + 1) % 4]!)) return true;
  }
  return false;
}

function arcPath({ centre, radius, from, sweep }: Extract<Primitive, { type: 'arc' }>): Point[] {
  return Array.from({ length: 49 }, (_, index) => {
    const at = from + (sweep * index) / 48;
    return { x: centre.x + radius * Math.cos(at), y: centre.y + radius * Math.sin(at) };
  });
}

function extentOf(mark: Exclude<Primitive, TextMark>): Bounds {
  return boundsOf(mark.type === 'path' ? mark.rings.flat() : arcPath(mark));
}
