import { describe, expect, it } from 'vitest';
import { measuredFaces, trueRoom } from '../../testing/surveys';
import { cross, distance, dot, subtract, type Point } from '../geometry/point';
import { insideAngle } from './observations';
import type { LoopFace } from './solve-loop';
import { closingCorners, mirrored, otherStarts, traverse } from './start-shapes';

const square = Math.PI / 2;
const faces = (lengths: readonly number[]) => lengths.map((length) => ({ length }));
function near(corners: readonly Point[], wanted: readonly Point[], within = 1e-6): void {
  expect(corners).toHaveLength(wanted.length);
  corners.forEach((corner, index) => expect(distance(corner, wanted[index]!)).toBeLessThan(within));
}

describe('walking the faces as given', () => {
  it('comes back to the start of a room that closes', () => {
    const { corners, misclosure } = traverse(faces([4000, 3000, 4000, 3000]), Array(4).fill(square));
    near(corners, [
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: -3000 },
      { x: 0, y: -3000 },
    ]);
    expect(Math.hypot(misclosure.x, misclosure.y)).toBeLessThan(1e-9);
    expect(misclosure.length).toBeLessThan(1e-9);
    expect(misclosure.angle).toBeCloseTo(0, 12);
  });

  it('tells what it misses by, along, across and in all; and shares it out along the way', () => {
    const lengths = [4000, 3020, 4010, 3000];
    const { corners, misclosure } = traverse(faces(lengths), Array(4).fill(square));
    expect(misclosure.x).toBeCloseTo(-10, 9);
    expect(misclosure.y).toBeCloseTo(-20, 9);
    expect(misclosure.length).toBeCloseTo(Math.hypot(10, 20), 9);
    // Each place is put right by as much of it as lies behind it, then the whole is turned so that the first face is level.
    const open = [
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4000, y: -3020 },
      { x: -10, y: -3020 },
    ];
    const behind = [0, 4000, 7020, 11030].map((run) => run / 14030);
    const shared = open.map(({ x, y }, index) => ({
      x: x + 10 * behind[index]!,
      y: y + 20 * behind[index]!,
    }));
    const edges = (loop: readonly Point[]) =>
      loop.flatMap((at, index) => loop.slice(index + 1).map((other) => distance(at, other)));
    edges(corners).forEach((edge, index) => expect(edge).toBeCloseTo(edges(shared)[index]!, 8));
    expect(corners[0]).toEqual({ x: 0, y: 0 });
    expect(corners[1]!.y).toBe(0);
    expect(corners[1]!.x).toBeGreaterThan(0);
    expect(cross(subtract(corners[1]!, corners[0]!), subtract(corners[2]!, corners[1]!))).toBeLessThan(0);
  });

  it('tells by how much the corners are off from what they come to together', () => {
    const pentagon = [square, square + 0.01, 1.75 * square, 1.75 * square, square];
    expect(traverse(faces([3, 3, 3, 3, 3]), pentagon).misclosure.angle).toBeCloseTo(square / 2 + 0.01, 12);
    // The first corner closes the walk: it turns nothing on the way.
    const turned = traverse(faces([4000, 3000, 4000, 3000]), [1, square, square, square]);
    expect(turned.misclosure.length).toBeLessThan(1e-9);
    expect(turned.misclosure.angle).toBeCloseTo(1 - square, 12);
  });
});

/** A room of five corners of which some are measured. */
function pentagon(measured: readonly number[]): LoopFace[] {
  return measuredFaces(trueRoom(5, 3)).map((face, index) => ({
    ...face,
    cornerStanding: measured.includes(index) ? 'measured' : 'assumed',
  }));
}

describe('assumed corners that close', () => {
  const closed = (corners: readonly number[], measured: readonly number[]) =>
    closingCorners(pentagon(measured), corners);

  it('share what is off among them; measured ones stay', () => {
    const corners = [2, 2, 2, 2, 2];
    const off = 3 * Math.PI - 10;
    expect(closed(corners, [1])).toEqual([2 + off / 4, 2, 2 + off / 4, 2 + off / 4, 2 + off / 4]);
    expect(closed(corners, [0, 1, 3])).toEqual([2, 2, 2 + off / 2, 2, 2 + off / 2]);
    expect(closed(corners, [0, 1, 2, 3, 4])).toEqual(corners);
  });

  it('stay corners, however much is off', () => {
    expect(closed([0, 0, 0, 0, 0], [0, 1, 2, 3])[4]).toBe(6);
    expect(closed([3, 3, 3, 3, 3], [0, 1, 2, 3])[4]).toBe(0.2);
    expect(closed([0, 0, 3, 3, 3 * Math.PI - 12], [0, 1, 2, 3])[4]).toBeCloseTo(3 * Math.PI - 6, 12);
  });
});

/** The inside angles a start was walked by but for the first: every face of it, over its length, is the way it was walked less one and the same share of the gap, so that they lie on a circle round that. */
function walkedBy(start: readonly Point[], lengths: readonly number[]): number[] {
  const ways = start.map((at, index) => {
    const { x, y } = subtract(start[(index + 1) % start.length]!, at);
    return { x: x / lengths[index]!, y: y / lengths[index]! };
  });
  const [a, b, c] = [ways[0]!, ways[1]!, ways[2]!];
  const [p, q] = [subtract(b, a), subtract(c, a)];
  const [pp, qq, det] = [dot(p, p) / 2, dot(q, q) / 2, cross(p, q)];
  const centre = { x: a.x + (pp * q.y - qq * p.y) / det, y: a.y + (qq * p.x - pp * q.x) / det };
  return ways.slice(1).map((way, index) => {
    const [before, after] = [subtract(ways[index]!, centre), subtract(way, centre)];
    return Math.PI + Math.atan2(cross(before, after), dot(before, after));
  });
}

describe('other starts of an adjustment', () => {
  const room = trueRoom(5, 3);
  const loop = pentagon([1]);
  const lengths = loop.map(({ length }) => length);
  const given = loop.map(({ corner }) => corner);
  const take = (count: number, best = room) => {
    const starts = otherStarts(loop, () => [best]);
    return Array.from({ length: count }, () => starts.next().value!);
  };

  it('are the given corners, those closed, all alike; then two of three are folded over', () => {
    const wrong = loop.map((face, index) => ({ ...face, corner: face.corner + (index === 2 ? 0.5 : 0) }));
    const starts = otherStarts(wrong, () => [room]);
    const [first, closed, alike] = [starts.next().value!, starts.next().value!, starts.next().value!];
    walkedBy(first.start, lengths).forEach((corner, index) =>
      expect(corner).toBeCloseTo(given[index + 1]! + (index === 1 ? 0.5 : 0), 6),
    );
    // Four of the corners are assumed: each takes a quarter of what is off.
    walkedBy(closed.start, lengths).forEach((corner, index) =>
      expect(corner).toBeCloseTo(given[index + 1]! + [0, 0.5 - 0.125, -0.125, -0.125][index]!, 6),
    );
    const share = (3 * Math.PI - given[1]!) / 4;
    walkedBy(alike.start, lengths).forEach((corner, index) =>
      expect(corner).toBeCloseTo(index === 0 ? given[1]! : share, 6),
    );
    const rest = Array.from({ length: 9 }, () => starts.next().value!.folded);
    expect([first, closed, alike].map(({ folded }) => folded)).toEqual([false, false, false]);
    expect(rest).toEqual([false, true, true, false, true, true, false, true, true]);
  });

  it('are the same every time, and all different', () => {
    expect(take(12)).toEqual(take(12));
    const starts = take(60)
      .slice(1)
      .filter(({ folded }) => !folded);
    expect(new Set(starts.map(({ start }) => JSON.stringify(start))).size).toBe(starts.length);
  });

  it('are anywhere within a right angle or so of the given corners and of those all alike, in turn; measured corners stay', () => {
    const away = take(600)
      .slice(3)
      .filter(({ folded }) => !folded)
      .map(({ start }) => walkedBy(start, lengths));
    const share = (3 * Math.PI - given[1]!) / 4;
    const off = (round: 0 | 1) =>
      away
        .filter((_, index) => index % 2 === round)
        .flatMap((corners) => {
          expect(corners[0]).toBeCloseTo(given[1]!, 4);
          return corners.slice(1).map((corner, index) => corner - (round ? share : given[index + 2]!));
        });
    const middle = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
    for (const [round, reach] of [
      [0, 0.6 * Math.PI],
      [1, 1.2],
    ] as const) {
      const all = off(round);
      // So far at the most, less or more what was shared out; and that far in the course of it, to both sides alike.
      expect(Math.max(...all)).toBeLessThan(1.75 * reach);
      expect(Math.max(...all)).toBeGreaterThan(0.9 * reach);
      expect(Math.min(...all)).toBeLessThan(-0.7 * reach);
      expect(Math.abs(middle(all))).toBeLessThan(0.1 * reach);
    }
  });

  it('are folded over every line between two corners, to every side; nothing else of the shape changes', () => {
    const sides = (loop: readonly Point[]) =>
      loop.map((at, index) => distance(at, loop[(index + 1) % loop.length]!));
    const shapes = new Map<string, readonly Point[]>();
    for (const [round, { start }] of take(1350).entries()) {
      if (round < 3 || round % 3 !== 1) continue;
      sides(start).forEach((side, index) => expect(side).toBeCloseTo(sides(room)[index]!, 6));
      expect([start[0]!.x + 0, start[0]!.y + 0, start[1]!.y + 0]).toEqual([0, 0, 0]);
      shapes.set(start.map(({ x, y }) => `${Math.round(x)} ${Math.round(y)}`).join(), start);
    }
    // Five lines, each with what is on either side of it laid over; and all of it turned over.
    expect(shapes.size).toBe(11);
    const corners = (loop: readonly Point[]) =>
      loop.map((at, index) => insideAngle(loop.at(index - 1)!, at, loop[(index + 1) % 5]!));
    const turnedOver = [...shapes.values()].filter((start) =>
      corners(start).every((corner, index) => Math.abs(corner + corners(room)[index]! - 2 * Math.PI) < 1e-6),
    );
    expect(turnedOver).toHaveLength(1);
    // Of those folded over one line the corners between its ends are as they were, or as they were turned over.
    for (const start of shapes.values()) {
      const kept = corners(start).filter((corner, index) => Math.abs(corner - corners(room)[index]!) < 1e-6);
      const over = corners(start).filter(
        (corner, index) => Math.abs(corner + corners(room)[index]! - 2 * Math.PI) < 1e-6,
      );
      expect(kept.length + over.length).toBeGreaterThanOrEqual(3);
    }
  });

  it('have one corner laid over every line between two others; the others stay as they lie to one another', () => {
    const between = (loop: readonly Point[], out: number) =>
      loop.flatMap((at, i) =>
        loop.slice(i + 1).map((to, j) => (i === out || i + 1 + j === out ? 0 : distance(at, to))),
      );
    const shapes = new Set<string>();
    for (const [round, { start }] of take(1350).entries()) {
      if (round < 3 || round % 3 !== 2) continue;
      const far = (one: number) =>
        Math.max(...between(start, one).map((apart, index) => Math.abs(apart - between(room, one)[index]!)));
      const moved = room.findIndex((_, one) => far(one) < 1e-6);
      expect(moved).toBeGreaterThanOrEqual(0);
      // As far as before from two of the others at least: those on the line.
      const kept = room.filter(
        (at, one) =>
          one !== moved && Math.abs(distance(start[one]!, start[moved]!) - distance(at, room[moved]!)) < 1e-6,
      );
      expect(kept.length).toBeGreaterThanOrEqual(2);
      expect(Math.hypot(start[0]!.x, start[0]!.y, start[1]!.y)).toBe(0);
      shapes.add(start.map(({ x, y }) => `${Math.round(x)} ${Math.round(y)}`).join());
    }
    // Each of five corners over each of six lines.
    expect(shapes.size).toBe(30);
  });

  it('are folded from the best shapes there are by then, mostly from the first of them', () => {
    let best: Point[][] = [room];
    const starts = otherStarts(loop, () => best);
    for (let i = 0; i < 4; i++) starts.next();
    best = [8, 9, 10, 11].map((seed) => trueRoom(5, seed));
    const from = [0, 0, 0, 0];
    for (let i = 0; i < 600; i++) {
      const { start, folded } = starts.next().value!;
      const first = distance(start[0]!, start[1]!);
      if (folded) from[best.findIndex((one) => Math.abs(distance(one[0]!, one[1]!) - first) < 1e-6)]! += 1;
    }
    // Of a number squared half is under a quarter, and so on.
    const wanted = [0.5, 0.207, 0.159, 0.134];
    from.forEach((count, index) => expect(Math.abs(count / 400 - wanted[index]!)).toBeLessThan(0.06));
  });

  it('of a loop in its mirror image have the same lengths, and lie in the same frame', () => {
    const over = mirrored(room);
    expect(over.map(({ x }) => x)).toEqual(room.map(({ x }) => x));
    expect(over.map(({ y }) => -y + 0)).toEqual(room.map(({ y }) => y + 0));
  });

  it('of three corners are turned over as a whole', () => {
    const triangle = trueRoom(3, 1);
    const starts = otherStarts(measuredFaces(triangle), () => [triangle]);
    for (let i = 0; i < 4; i++) starts.next();
    near(
      starts.next().value!.start,
      triangle.map(({ x, y }) => ({ x, y: -y })),
    );
  });
});
