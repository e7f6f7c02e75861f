import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { putFixed } from '../commands/put-fixed';
import type { Point } from '../geometry/point';
import { edgeToLine, faceToLine, lineTargets, roomTargets, snapPlace } from './snap-place';
import { roomShape } from './room-shape';

const faceOf = (id: string) => roomShape(rectangle(4000, 3000).design).byId.get(id)!;
const segment = (ax: number, ay: number, bx: number, by: number) => ({
  a: { x: ax, y: ay },
  b: { x: bx, y: by },
});

describe('what a place is drawn to', () => {
  const near = (x: number, y: number, least: number, ...segments: ReturnType<typeof segment>[]) =>
    snapPlace([lineTargets(segments)], { x, y }, least);

  it('is the end of a line before the line, within reach, and the nearest of several', () => {
    const line = segment(0, 0, 1000, 0);
    expect(near(30, 40, 50.1, line)).toEqual({ at: { x: 0, y: 0 }, caught: 'end' });
    expect(near(30, 40, 50, line)).toEqual({ at: { x: 30, y: 0 }, caught: 'line' });
    expect(near(500, 40, 40, line)).toEqual({ at: { x: 500, y: 40 }, caught: null });
    expect(near(500, 40, 40.1, line)).toMatchObject({ caught: 'line' });
    expect(near(500, 40, 60, line, segment(0, 60, 1000, 60))).toEqual({
      at: { x: 500, y: 60 },
      caught: 'line',
    });
    // Beside a line's ends there is none of it.
    expect(near(-30, 40, 45, line)).toMatchObject({ caught: null });
    expect(near(1030, 40, 45, line)).toMatchObject({ caught: null });
    expect(near(5, 5, 3, segment(5, 5, 5, 5))).toEqual({ at: { x: 5, y: 5 }, caught: 'end' });
  });

  it('are the corners of what is built in, but of no round column', () => {
    const builder = rectangle(4000, 3000);
    const column = (type: 'column' | 'breast', id: string, x: number) =>
      builder.run(putFixed, {
        ...({ kind: 'fixed', id, type, width: 300, depth: 300, height: 2400, up: 0 } as const),
        placement: { on: 'floor', x, y: -1000, turn: 0 },
      });
    column('breast', 'square', 1000);
    const at = (x: number, y: number) => snapPlace([roomTargets(builder.design)], { x, y }, 30).caught;
    expect([at(1010, -1010), at(1310, -1290), at(1150, -1150)]).toEqual(['corner', 'corner', null]);
  });

  it('is level with the nearest earlier place in each direction by itself', () => {
    const earlier: Point[] = [
      { x: 100, y: 900 },
      { x: 130, y: 500 },
    ];
    const at = (x: number, y: number, least = 20) => snapPlace([], { x, y }, least, earlier, 10);
    expect(at(118, 700)).toEqual({ at: { x: 130, y: 700 }, caught: 'level' });
    expect(at(113, 889)).toEqual({ at: { x: 100, y: 900 }, caught: 'level' });
    expect(at(150, 514)).toEqual({ at: { x: 150, y: 500 }, caught: 'level' });
    expect(at(150, 520)).toEqual({ at: { x: 150, y: 520 }, caught: null });
    expect(at(154, 700)).toEqual({ at: { x: 150, y: 700 }, caught: null });
    expect(snapPlace([], { x: 154.3, y: 1 }, 5)).toEqual({ at: { x: 154.3, y: 1 }, caught: null });
  });
});

describe('a face dragged to a line', () => {
  const to = (wanted: number, least: number, ...segments: ReturnType<typeof segment>[]) =>
    faceToLine(faceOf('face-c'), segments, wanted, least);

  it('lies on one that runs along it and beside it, the nearest within reach', () => {
    // Face C runs at y = -3000; outwards is down.
    const line = segment(500, -3100, 3000, -3100);
    expect([to(90, 10.1, line), to(90, 10, line), to(111, 10, line), to(109, 10, line)]).toEqual([
      ...[100, null, null, 100],
    ]);
    expect(to(100, 50, line, segment(500, -3120, 3000, -3120))).toBe(100);
    expect(to(115, 50, line, segment(500, -3120, 3000, -3120))).toBe(120);
    expect(to(-140, 20, segment(3000, -2850, 500, -2850))).toBe(-150);
  });

  it('leaves one that is turned by more than half a degree, a mere point, or past its ends', () => {
    const tilted = (degrees: number) =>
      to(100, 50, segment(1000, -3100, 2000, -3100 - 1000 * Math.tan((degrees * Math.PI) / 180)));
    expect(tilted(0.49)).toBeCloseTo(100 + 500 * Math.tan((0.49 * Math.PI) / 180), 6);
    expect([tilted(0.51), tilted(-0.51)]).toEqual([null, null]);
    expect(to(100, 50, segment(1000, -3100, 1000.9, -3100))).toBeNull();
    expect(to(100, 50, segment(1000, -3100, 1001, -3100))).toBe(100);
    expect([
      to(100, 50, segment(-900, -3100, -1, -3100)),
      to(100, 50, segment(4001, -3100, 5000, -3100)),
    ]).toEqual([...[null, null]]);
    expect([
      to(100, 50, segment(-900, -3100, 0, -3100)),
      to(100, 50, segment(4000, -3100, 5000, -3100)),
    ]).toEqual([...[100, 100]]);
  });
});

describe('an edge dragged to the end of a line', () => {
  const face = faceOf('face-a');
  const to = (edges: number[], least: number, ...segments: ReturnType<typeof segment>[]) =>
    edgeToLine(face, segments, edges, least);

  it('comes to it where it lies in the wall or beside it: the least move of all', () => {
    const jambs = segment(1000, 40, 1900, 40);
    expect([to([990, 1790], 20, jambs), to([990, 1895], 20, jambs), to([970], 30, jambs)]).toEqual([
      10,
      5,
      null,
    ]);
    expect(to([970], 30.1, jambs)).toBe(30);
    const { thickness } = face;
    const at = (y: number) => to([990], 20, segment(1000, y, 1000, y + 1000));
    expect([at(-50), at(thickness + 50), at(-51), at(thickness + 51)]).toEqual([10, 10, null, null]);
  });
});
