import type { Design } from '../../document/design';
import { isAlike } from '../../document/remember';
import { boundsOf, type Bounds } from '../../geometry/polygon';
import { drawingBounds } from '../plan-with';
import { outline, TEXT, WEIGHT, type ArcMark, type Layer, type Primitive } from '../primitives';
import type { ViewOnPage } from './sheet-frame';
import { text } from './sheet-marks';

/** What of a room is not as it was in another, by id: what is there now and was not, or was otherwise. */
export function changedSince(before: Design, now: Design): string[] {
  return Object.values(now.records).flatMap((record) =>
    isAlike(before.records[record.id], record) ? [] : [record.id],
  );
}

/** What a thing is seen by on a drawing: not its numbers and names, which may stand elsewhere. */
const SEEN: ReadonlySet<Layer> = new Set<Layer>(['walls', 'openings', 'services', 'items', 'tops', 'trims']);

/** How far off what it is about a cloud runs, how wide its bows are, and how large the triangle at it, mm of paper. */
const OFF = 1.5;
const BOW = 4;
const TRIANGLE = 2.6;

/** Clouds about what has changed on the drawings of a page, each with the number of the issue it changed for. */
export function cloudsOn(
  marks: readonly Primitive[],
  frames: readonly ViewOnPage[],
  { changed, issue }: { changed: ReadonlySet<string>; issue: number },
): Primitive[] {
  if (changed.size === 0 || frames.length === 0) return [];
  const bySource = new Map<string, Bounds[]>();
  for (const mark of marks) {
    const { source, layer } = mark;
    if (source === undefined || !changed.has(source) || !SEEN.has(layer)) continue;
    const bounds = drawingBounds([mark], 1);
    const frame = frames.findIndex(({ box }) => within(bounds, box));
    if (frame < 0) continue;
    const key = `${frame} ${source}`;
    bySource.set(key, [...(bySource.get(key) ?? []), bounds]);
  }
  const about = [...bySource.values()].map((boxes) => grown(around(boxes), OFF));
  return merged(about).flatMap((box) => cloud(box, issue));
}

const around = (boxes: readonly Bounds[]): Bounds =>
  boundsOf(
    boxes.flatMap(({ left, right, bottom, top }) => [
      { x: left, y: bottom },
      { x: right, y: top },
    ]),
  );

const grown = ({ left, right, bottom, top }: Bounds, by: number): Bounds => ({
  ...{ left: left - by, right: right + by, bottom: bottom - by, top: top + by },
});

const within = ({ left, bottom }: Bounds, box: Bounds): boolean =>
  left >= box.left - 1 && left <= box.right + 1 && bottom >= box.bottom - 1 && bottom <= box.top + 1;

/** Boxes of which none meets another: those that do are one. */
function merged(boxes: readonly Bounds[]): Bounds[] {
  const done: Bounds[] = [];
  for (const one of boxes) {
    let box = one;
    for (let at = 0; at < done.length;) {
      const other = done[at]!;
      const meets =
        other.left <= box.right &&
        other.right >= box.left &&
        other.bottom <= box.top &&
        other.top >= box.bottom;
      if (!meets) at += 1;
      else {
        box = around([box, other]);
        done.splice(at, 1);
        at = 0;
      }
    }
    done.push(box);
  }
  return done;
}

/** A line of bows about a box, and a triangle with the number of the issue at its upper right corner. */
function cloud({ left, right, bottom, top }: Bounds, issue: number): Primitive[] {
  const side = (from: { x: number; y: number }, to: { x: number; y: number }): ArcMark[] => {
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const long = Math.hypot(dx, dy);
    const count = Math.max(1, Math.round(long / BOW));
    const turn = Math.atan2(dy, dx);
    return Array.from({ length: count }, (_, index) => ({
      ...{ type: 'arc', layer: 'sheet', radius: long / count / 2, weight: WEIGHT.top, ink: 'drawing' },
      centre: { x: from.x + (dx * (index + 0.5)) / count, y: from.y + (dy * (index + 0.5)) / count },
      // Round to the outside, which lies to the right of the way round.
      ...{ from: turn - Math.PI, sweep: Math.PI },
    }));
  };
  const corners = [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
  const at = { x: right + TRIANGLE + 1, y: top };
  return [
    ...corners.flatMap((corner, index) => side(corner, corners[(index + 1) % 4]!)),
    outline(
      'sheet',
      [
        { x: at.x - TRIANGLE, y: at.y - TRIANGLE * 0.8 },
        { x: at.x + TRIANGLE, y: at.y - TRIANGLE * 0.8 },
        { x: at.x, y: at.y + TRIANGLE },
      ],
      WEIGHT.top,
      'drawing',
      'paper',
    ),
    text(String(issue), at.x, at.y - 0.5, TEXT.small, true, 'middle'),
  ];
}
