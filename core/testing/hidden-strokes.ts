import { expect } from 'vitest';
import type { Design } from '../src/document/design';
import { drawView, frameOf, type RoomView } from '../src/drawing/elevation/views';
import type { ViewFrame } from '../src/drawing/elevation/view-frame';
import type { PathMark, Primitive } from '../src/drawing/primitives';
import type { Point } from '../src/geometry/point';
import { itemBoxes } from '../src/setting/item-box';
import { solidsOf } from '../src/solids/solids';
import { plinths } from '../src/surfaces/plinths';
import { roomShape } from '../src/survey/room-shape';
import { wallRings } from '../src/survey/wall-outline';

/** The strokes of an item in a drawing. */
export const strokesOf = (marks: readonly Primitive[], id: string) =>
  marks.filter(
    (mark): mark is PathMark =>
      mark.type === 'path' && mark.layer === 'items' && mark.source === id && mark.weight > 0,
  );

interface Body {
  id: string;
  name: string;
  footprint: readonly Point[];
  low: number;
  high: number;
}

/** Every stroke of an item in a view, sampled: nothing else stands nearer to the viewer there, by a ray from the viewer. Of a section the walls stand before things too. */
export function expectNoneHidden(design: Design, view: RoomView): void {
  const frame = frameOf(design, view);
  const only = view.of === 'side' ? view.side.only : null;
  const boxes = itemBoxes(design).filter(
    ({ id, kind }) =>
      !['chair', 'stool'].includes(kind.id) && !kind.upright && !kind.within && (!only || only.has(id)),
  );
  const { faces } = roomShape(design);
  const walls =
    view.of === 'section'
      ? wallRings(faces).map((footprint, index): Body => {
          const { id, letter, wallHeight, ceiling } = faces[index]!;
          return { id, name: `wall ${letter}`, footprint, low: 0, high: wallHeight ?? Math.min(...ceiling) };
        })
      : [];
  // What stands on a plinth hides nothing under its box; the boards of plinths do.
  const feet = new Map(
    solidsOf(design).flatMap(({ of, id, foot }) => (of === 'item' && foot ? [[id, foot]] : [])),
  );
  const boards = plinths(design).flatMap(({ boards: all, high }) =>
    all.map(({ at, footprint }): Body => ({
      id: `plinth of ${at[0].item}`,
      name: 'plinth',
      footprint,
      low: 0,
      high,
    })),
  );
  const bodies = [
    ...walls,
    ...(only ? boards.filter(({ id }) => only.has(id.replace('plinth of ', ''))) : boards),
    ...boxes.map((box): Body => ({ ...box, low: box.low + (feet.get(box.id) ?? 0), name: box.record.code })),
  ];
  const marks = drawView(design, view, 20);
  for (const box of boxes) {
    if (box.kind.symbol === 'sink' || box.kind.symbol === 'hood') continue;
    for (const { rings, dash } of strokesOf(marks, box.id)) {
      if (dash && box.kind.symbol === 'sink-bowl') continue;
      for (const [a, b] of rings as [Point, Point][])
        for (const t of [0.1, 0.37, 0.5, 0.81]) {
          const at = { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t };
          const hider = hiderOf({ ...box, name: '' }, at);
          expect(hider, `${box.record.code} behind ${hider} at ${at.x}, ${at.y} of ${view.name}`).toBe('');
        }
    }
  }

  /** What stands nearer to the viewer than a body at a place of the view. */
  function hiderOf(own: Body, { x, y }: Point): string {
    const out = nearestAt(own, frame, x);
    if (out === null) return '';
    for (const other of bodies) {
      if (other.id === own.id || y <= other.low + 0.01 || y >= other.high - 0.01) continue;
      if (itemBoxes(design).some(({ id, kind }) => id === other.id && kind.symbol === 'hood')) continue;
      // A little to either side as well: on its very edge a thing hides nothing.
      const depth = [x - 0.01, x, x + 0.01].map((at) => nearestAt(other, frame, at));
      if (depth.some((one) => one === null)) continue;
      if (Math.min(...(depth as number[])) > out + 0.1) return other.name;
    }
    return '';
  }
}

/** How far out the nearest of a body stands before a place along a view, no further than the cut; null where it is not before it. */
function nearestAt({ footprint }: Body, frame: ViewFrame, x: number): number | null {
  const outs: number[] = [];
  footprint.forEach((corner, index) => {
    const [a, b] = [corner, footprint[(index + 1) % footprint.length]!].map((point) => frame.project(point));
    if (a!.along > x === b!.along > x) return;
    outs.push(a!.out + ((b!.out - a!.out) * (x - a!.along)) / (b!.along - a!.along));
  });
  outs.sort((p, q) => p - q);
  // Between each pair of crossings the ray is within the body: the nearest such stretch behind the cut.
  let nearest: number | null = null;
  for (let i = 0; i + 1 < outs.length; i += 2)
    if (outs[i]! < frame.cut && outs[i + 1]! > 1) nearest = Math.min(outs[i + 1]!, frame.cut);
  return nearest;
}
