import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { direction, place, scale, inward, type Point } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import { intersect, union } from '../../geometry/region';
import { must } from '../../result';
import { plainTops, type TopPiece } from './plain-tops';
import { readTopsCase } from './tops-case';

const read = (raw: object) => readTopsCase({ id: 'one', ...raw }, 'case');
const made = (raw: object) => plainTops(must(read(raw)));
const pieces = (raw: object): TopPiece[] => must(made(raw)).pieces;
const refused = (raw: object) => {
  const answer = made(raw);
  return answer.ok ? null : answer.refusal;
};
const RUN = {
  walls: [
    [0, 0],
    [3000, 0],
  ],
  depths: [600],
};
const ELL = {
  walls: [
    [0, 0],
    [3000, 0],
    [3000, 2000],
  ],
  depths: [600, 500],
};
const SQUARE = {
  polygon: [
    [0, 0],
    [2000, 0],
    [2000, 900],
    [0, 900],
  ],
};

describe('a top over boxes along walls', () => {
  it('has every edge where its own overhang takes it', () => {
    const [piece] = pieces({ ...RUN, overhang: { front1: 30, start: 10, end: -5, back1: -3 } });
    expect(piece).toMatchObject({
      area: 3005 * 627,
      netArea: 3005 * 627,
      perimeter: 2 * (3005 + 627),
      edges: { back1: 3005, end: 627, front1: 3005, start: 627 },
      vertices: [
        [-10, 3],
        [2995, 3],
        [2995, 630],
        [-10, 630],
      ],
    });
  });

  it('runs through a corner, its fronts meeting where they cross, at any angle', () => {
    const [square] = pieces(ELL);
    expect(square!.vertices).toEqual([
      [0, 0],
      [3000, 0],
      [3000, 2000],
      [2500, 2000],
      [2500, 600],
      [0, 600],
    ]);
    const turns = fc.oneof(
      fc.tuple(fc.double({ min: 0.5, max: 2, noNaN: true })),
      fc.array(fc.double({ min: 0.5, max: 1.2, noNaN: true }), { minLength: 2, maxLength: 2 }),
    );
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        turns,
        fc.infiniteStream(size(300, 700)),
        fc.infiniteStream(size(-40, 60)),
        (given, depth, over) => {
          const walls: Point[] = [{ x: 0, y: 0 }];
          let angle = 0.3;
          const ways = [0, ...given].map((turn) => direction((angle += turn)));
          for (const way of ways) walls.push(place(walls.at(-1)!, way, 4000, way, 0));
          const depths = ways.map(() => depth.next().value as number);
          const overhang: Record<string, number> = { start: over.next().value as number, end: 20 };
          ways.forEach((_, leg) => {
            overhang[`front${leg + 1}`] = over.next().value as number;
            overhang[`back${leg + 1}`] = over.next().value as number;
          });
          const [piece] = pieces({ walls: walls.map(({ x, y }) => [x, y]), depths, overhang });
          // By the polygon library: every leg's strip as far as it goes, all cut along every back line and at the ends.
          const far = 1e5;
          const rectangle = (from: Point, u: Point, [left, right, low, high]: number[]) =>
            [
              [left!, low!],
              [right!, low!],
              [right!, high!],
              [left!, high!],
            ].map(([along, out]) => place(from, u, along!, scale(inward(u), -1), out!));
          const strips = ways.map((u, leg) => {
            const [front, back] = [overhang[`front${leg + 1}`]!, overhang[`back${leg + 1}`]!];
            return rectangle(walls[leg]!, u, [
              leg === 0 ? -overhang['start']! : -2000,
              leg === ways.length - 1 ? 4020 : 6000,
              -back,
              depths[leg]! + front,
            ]);
          });
          const halves = ways.map((u, leg) =>
            rectangle(walls[leg]!, u, [-far, far, -overhang[`back${leg + 1}`]!, far]),
          );
          const whole = halves.reduce((region, half) => intersect(region, [half]), union(strips));
          const area = whole.reduce((sum, ring) => sum + signedArea(ring), 0);
          expect(Math.abs(area - piece!.area)).toBeLessThan(1e-3 * piece!.perimeter);
        },
      ),
      { numRuns: 100 },
    );
  });

  it('goes round an outside corner', () => {
    const [piece] = pieces({
      walls: [
        [0, 0],
        [2000, 0],
        [2000, -1000],
      ],
      depths: [600, 600],
      overhang: { front1: 20, front2: 30 },
    });
    expect(piece!.vertices).toEqual([
      [0, 0],
      [2000, 0],
      [2000, -1000],
      [2630, -1000],
      [2630, 620],
      [0, 620],
    ]);
  });

  it('steps where legs in one line are not as deep, and where an edge is moved farther than the next in line', () => {
    const inLine = {
      walls: [
        [0, 0],
        [1000, 0],
        [3000, 0],
      ],
      depths: [600, 500],
    };
    const [deep] = pieces(inLine);
    expect(deep!.edges).toEqual({
      back1: 1000,
      back2: 2000,
      end: 500,
      front2: 2000,
      'step-front2-front1': 100,
      front1: 1000,
      start: 600,
    });
    const [even] = pieces({ ...inLine, depths: [600, 600] });
    expect(Object.keys(even!.edges)).toEqual(['back1', 'back2', 'end', 'front2', 'front1', 'start']);
    expect(even!.area).toBe(1_800_000);
  });

  it('is parted by a range square to the leg, at its sides and the gap, where no overhang counts', () => {
    const found = pieces({
      ...RUN,
      overhang: { front1: 20, start: 10, end: 10 },
      breaks: [
        { leg: 1, from: 2200, width: 600, gap: 2 },
        { leg: 1, from: 500, width: 900, gap: 3 },
      ],
    });
    expect(found.map(({ edges }) => edges)).toEqual([
      { back1: 507, 'break-a': 620, front1: 507, start: 620 },
      { back1: 795, 'break-a': 620, front1: 795, 'break-b': 620 },
      { back1: 208, end: 620, front1: 208, 'break-b': 620 },
    ]);
    // At the very start nothing is left before it; two that meet are one.
    expect(pieces({ ...RUN, breaks: [{ leg: 1, from: 0, width: 600 }] })).toHaveLength(1);
    const joined = [600, 1200].map((from) => ({ leg: 1, from, width: 600 }));
    expect(pieces({ ...RUN, breaks: joined }).map(({ area }) => area)).toEqual([360_000, 720_000]);
    expect(refused({ ...RUN, breaks: [{ leg: 1, from: 3000, width: 600 }] })).toMatchObject({
      code: 'top-break-off',
    });
    expect(refused({ ...ELL, breaks: [{ leg: 1, from: 2300, width: 600 }] })).toMatchObject({
      code: 'top-edge-gone',
    });
  });
});

describe('corners', () => {
  it('are arcs tangent to both edges, or cut by as much along both; inside corners gain', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 2.9, noNaN: true }),
        fc.boolean(),
        fc.double({ min: 1, max: 90, noNaN: true }),
        (turn, inside, size) => {
          const v = direction(turn);
          // A kite with a corner of that turn, or one notched by it.
          const tip: [number, number] = [0, 0];
          const arms: [number, number][] = [
            [v.x * 2000, v.y * 2000],
            [-2000, 0],
          ];
          const polygon = inside
            ? [arms[1]!, [-9000, -30_000], [9000, -30_000], [9000, 30_000], arms[0]!, tip].reverse()
            : [arms[1]!, tip, arms[0]!];
          const at = inside ? ['e0', 'e5'] : ['e0', 'e1'];
          const own = inside
            ? [tip, arms[0]!, [9000, 30_000], [9000, -30_000], [-9000, -30_000], arms[1]!]
            : polygon;
          // Counter-clockwise from the corner itself: the arms are its first and last edge.
          const ring = inside ? own.toReversed() : own;
          const key = inside ? ['e4', 'e5'] : at;
          const shapes = [{ radius: size }, { chamfer: size }];
          const [round, cut] = shapes.map(
            (shape) => pieces({ polygon: ring, corners: [{ at: key, ...shape }] })[0]!,
          );
          const plain = pieces({ polygon: ring })[0]!;
          const gain = inside ? 1 : -1;
          const lost = size * size * (Math.tan(turn / 2) - turn / 2);
          expect(round!.area - plain.area).toBeCloseTo(gain * lost, 3);
          expect(round!.perimeter - plain.perimeter).toBeCloseTo(size * (turn - 2 * Math.tan(turn / 2)), 5);
          expect(cut!.area - plain.area).toBeCloseTo((gain * size * size * Math.sin(turn)) / 2, 3);
          expect(cut!.perimeter - plain.perimeter).toBeCloseTo(2 * size * (Math.cos(turn / 2) - 1), 5);
        },
      ),
      { numRuns: 100 },
    );
  });

  it('may take all of an edge and not more, and must be there', () => {
    const corners = (radius: number, chamfer: number) => ({
      ...SQUARE,
      corners: [
        { at: ['e0', 'e1'], radius },
        { at: ['e2', 'e1'], chamfer },
      ],
    });
    const [piece] = pieces(corners(500, 400));
    expect(piece!.edges['e1']).toBe(0);
    expect(piece!.vertices).toHaveLength(5);
    expect(refused(corners(500, 400.1))).toMatchObject({
      code: 'top-corner-too-large',
      data: { edge: 'e1' },
    });
    expect(refused({ ...SQUARE, corners: [{ at: ['e0', 'e2'], radius: 5 }] })).toMatchObject({
      code: 'top-corner-missing',
    });
  });
});

describe('cut-outs', () => {
  it('lie along the wall line and in from the finished front', () => {
    const sink = { id: 'sink', leg: 1, along: 1000, front: 60, w: 500, d: 400, r: 20 };
    const overhang = { front1: 20, start: 10 };
    const [piece] = pieces({ ...RUN, overhang, cutouts: [sink] });
    expect(piece!.cutouts).toEqual({ sink: { nearestEdge: 60 } });
    expect(piece!.area - piece!.netArea).toBeCloseTo(500 * 400 - (4 - Math.PI) * 400, 5);
    const tap = { id: 'tap', leg: 1, along: 10, front: 310, radius: 20 - 0.5 };
    // 10 along its centre is 20 from the end at -10; of the second leg it is measured from the corner.
    expect(pieces({ ...RUN, overhang, cutouts: [tap] })[0]!.cutouts['tap']!.nearestEdge).toBe(0.5);
    const second = { id: 'hob', leg: 2, along: 1500, front: 50, w: 560, d: 400 };
    expect(pieces({ ...ELL, cutouts: [second] })[0]!.cutouts['hob']!.nearestEdge).toBe(50);
    expect(
      pieces({
        ...SQUARE,
        overhang: { e0: 265 },
        cutouts: [{ ...tap, leg: undefined, edge: 'e0', along: 300 }],
      })[0]!.cutouts['tap']!.nearestEdge,
    ).toBeCloseTo(280.5, 9);
  });

  it('must lie within, touching at most, and not over each other', () => {
    const at = (front: number, more = {}) => ({
      ...RUN,
      cutouts: [{ id: 'a', leg: 1, along: 900, front, w: 400, d: 300, ...more }],
    });
    expect(pieces(at(0))[0]!.cutouts['a']!.nearestEdge).toBe(0);
    expect(refused(at(-0.01))).toMatchObject({ code: 'cut-out-outside' });
    expect(pieces(at(300))[0]!.cutouts['a']!.nearestEdge).toBe(0);
    expect(refused(at(300.01, { r: 50 }))).toMatchObject({ code: 'cut-out-outside' });
    const pair = (along: number) => ({
      ...RUN,
      cutouts: [
        { id: 'a', leg: 1, along: 900, front: 100, w: 400, d: 300 },
        { id: 'b', leg: 1, along, front: 250, radius: 30 },
      ],
    });
    expect(refused(pair(1129.9))).toMatchObject({
      code: 'cut-outs-overlap',
      data: { first: 'a', second: 'b' },
    });
    expect(refused(pair(950))).toMatchObject({ code: 'cut-outs-overlap' });
    expect(refused(pair(1130))).toBeNull();
  });
});

describe('what is given', () => {
  it('must be told by keys that are known, with numbers where they belong', () => {
    const faults = (raw: object) => {
      const one = read(raw);
      return one.ok
        ? []
        : (one.refusal.data as { faults: { path: string }[] }).faults.map(({ path }) => path);
    };
    expect(faults(RUN)).toEqual([]);
    expect(faults({ ...RUN, polygon: SQUARE.polygon })).toContain('case');
    expect(faults({ ...RUN, depths: [600, 600] })).toEqual(['case.depths']);
    expect(faults({ ...RUN, overhang: { front2: 20 } })).toEqual(['case.overhang.front2']);
    expect(faults({ ...RUN, overhang: { front1: '20' } })).toEqual(['case.overhang.front1']);
    expect(faults({ ...RUN, extra: 1 })).toEqual(['case.extra']);
    expect(faults({ ...RUN, breaks: [{ leg: 2, from: 0, width: 600, gap: 0 }] })).toEqual([
      'case.breaks[0].leg',
    ]);
    expect(faults({ ...SQUARE, breaks: [{ leg: 1, from: 0, width: 600, gap: 0 }] })).toEqual(['case.breaks']);
    expect(faults({ ...RUN, corners: [{ at: ['front1', 'break-a'], radius: 5 }] })).toEqual([
      'case.corners[0].at[1]',
    ]);
    expect(faults({ ...RUN, corners: [{ at: ['front1', 'end'], radius: 5, chamfer: 5 }] })).toEqual([
      'case.corners[0]',
    ]);
    expect(faults({ polygon: SQUARE.polygon.toReversed() })).toEqual(['case.polygon']);
    expect(
      faults({
        polygon: [
          [0, 0],
          [9, 9],
          [9, 0],
          [0, 9],
        ],
      }),
    ).toEqual(['case.polygon[0]']);
    expect(
      faults({
        walls: [
          [0, 0],
          [0, 0],
        ],
        depths: [600],
      }),
    ).toEqual(['case.walls[0]']);
    const cut = { id: 'a', leg: 1, along: 9, front: 9, w: 40, d: 20, r: 10 };
    expect(faults({ ...RUN, cutouts: [cut] })).toEqual([]);
    expect(faults({ ...RUN, cutouts: [{ ...cut, r: 10.1 }] })).toEqual(['case.cutouts[0].r']);
    expect(faults({ ...RUN, cutouts: [{ ...cut, radius: 9 }] })).toHaveLength(3);
    expect(faults({ ...SQUARE, cutouts: [cut] })).toContain('case.cutouts[0]');
    expect(faults({ ...RUN, cutouts: [cut, cut] })).toEqual(['case.cutouts[1].id']);
  });

  it('is refused where edges fold back, or cross', () => {
    const walls = [
      [0, 0],
      [3000, 0],
      [0, 0],
    ];
    expect(refused({ walls, depths: [600, 600] })).toMatchObject({ code: 'top-edges-fold' });
    const u = {
      walls: [
        [0, 0],
        [3000, 0],
        [3000, 900],
        [0, 900],
      ],
      depths: [500, 500, 500],
    };
    expect(refused(u)).toMatchObject({ code: 'top-edge-gone', data: { edge: 'front2' } });
  });
});
