import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornered } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { recordOf, roomOf } from '../document/design';
import { distance, dot, inward, place, scale, subtract, unit, type Point } from '../geometry/point';
import { intersect, type Region } from '../geometry/region';
import { findBox } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { tops } from './tops';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const bend = fc.record({ side: fc.constantFrom('in' as const, 'out' as const), depth: number(20, 300) });

/** A room out of square whose second, third and fourth face may be bent; a run along the first that ends near its right corner or before it, and a cabinet at the third. */
const setup = fc.record({
  skew: fc.array(number(-300, 300), { minLength: 4, maxLength: 4 }),
  bends: fc.tuple(fc.option(bend), fc.option(bend), fc.option(bend)),
  codes: fc.array(fc.constantFrom('F300', 'F450', 'F600'), { minLength: 1, maxLength: 4 }),
  off: number(0, 60),
  before: number(0, 300),
  across: number(700, 1500),
});
type Setup = typeof setup extends fc.Arbitrary<infer T> ? T : never;

const bent = ['face-b', 'face-c', 'face-d'] as const;

function furnished({ skew, bends, codes, off, before, across }: Setup) {
  const [a, b, c, d] = skew as [number, number, number, number];
  const builder = cornered([
    { x: 0, y: 0 },
    { x: 4000, y: a },
    { x: 4000 + b, y: -3200 + c },
    { x: d, y: -3200 },
  ]);
  for (const [index, face] of bent.entries())
    if (bends[index]) builder.run(bendFace, { face, bend: bends[index] });
  let along = roomShape(builder.design).byId.get('face-a')!.length - before;
  const run = codes.map((code) => {
    along -= Number(/\d+/.exec(code));
    return builder.place(code, { on: 'face', face: 'face-a', from: 'left', distance: along, off });
  });
  const single = builder.set('F600', 'face-c', across);
  return { design: builder.design, run: run.toReversed(), single };
}

/** The circle of a bent wall by its own formula, from its ends and how deep it is bent. */
function circleOf(start: Point, end: Point, { side, depth }: NonNullable<Setup['bends'][0]>) {
  const [half, u] = [distance(start, end) / 2, unit(subtract(end, start))];
  const radius = (half ** 2 + depth ** 2) / (2 * depth);
  // From the middle of the chord the centre lies on the other side than the bend.
  const out = (side === 'out' ? 1 : -1) * (radius - depth);
  return { centre: place(start, u, half, inward(u), out), radius };
}

/** The strip along a line, from and to so far along it, so far out before it and back behind it, mm. */
const strip = (origin: Point, u: Point, [from, to]: readonly [number, number], out: number, back: number) =>
  [
    [from, -back],
    [to, -back],
    [to, out],
    [from, out],
  ].map(([along, off]) => place(origin, u, along!, inward(u), off!));

/** The library counts in whole micrometres: what is asked of it so many times as large comes back that much finer. */
const FINER = 10;
const resized = (region: Region, by: number): Region => region.map((ring) => ring.map((at) => scale(at, by)));

/** How far the places of one outline lie from another at most, mm. */
function farthest(places: Region, from: Region): number {
  const edges = from.flatMap((ring) =>
    ring.map((a, index) => [a, ring[(index + 1) % ring.length]!] as const),
  );
  const off = (point: Point) =>
    Math.min(
      ...edges.map(([a, b]) => {
        const long = distance(a, b);
        const along = long === 0 ? 0 : dot(subtract(point, a), subtract(b, a)) / long;
        const foot = Math.max(0, Math.min(long, along));
        return distance(point, long === 0 ? a : place(a, unit(subtract(b, a)), foot, a, 0));
      }),
    );
  return Math.max(...places.flat().map(off));
}

describe('the outline of a top in a room out of square and bent', () => {
  it('is that of the polygon library to 1e-3 mm, and lies on the true arcs', () => {
    let arcs = 0;
    fc.assert(
      fc.property(setup, (given) => {
        const { design, run, single } = furnished(given);
        const { faces, outline } = roomShape(design);
        const { frontOverhang, endOverhang } = roomOf(design);
        const { depth } = recordOf(design, 'item', single)!;
        const wide = given.codes.reduce((sum, code) => sum + Number(/\d+/.exec(code)), 0);
        const [a] = faces;
        const first = a!.length - given.before - wide;
        const alone = findBox(design, single)!;
        const expected = new Map<string, Region>([
          [
            run[0]!,
            [
              strip(
                place(a!.start, a!.u, first, inward(a!.u), given.off),
                a!.u,
                [-endOverhang, wide + endOverhang],
                depth + frontOverhang,
                60,
              ),
            ],
          ],
          [
            single,
            [strip(alone.origin, alone.u, [-endOverhang, 600 + endOverhang], depth + frontOverhang, 60)],
          ],
        ]);
        for (const [item, own] of expected) {
          const top = tops(design).find(({ items }) => items.includes(item))!;
          const library = resized(intersect(resized(own, FINER), resized([outline], FINER)), 1 / FINER);
          expect(farthest(top.outline, library)).toBeLessThan(1e-3);
          expect(farthest(library, top.outline)).toBeLessThan(1e-3);
        }
        // By the walls' own arcs, which the room has as chords no more than 0.1 off.
        for (const [index, id] of bent.entries()) {
          const face = faces.find((one) => one.id === id)!;
          const one = given.bends[index];
          if (!one) continue;
          const { centre, radius } = circleOf(face.start, face.end, one);
          const along = tops(design).flatMap(({ rings }) =>
            rings.flatMap(({ edges }) => edges.filter(({ role, at }) => role === 'wall' && at === id)),
          );
          for (const { a: from, b: to } of along) {
            arcs += 1;
            for (const point of [from, to, place(from, subtract(to, from), 0.5, from, 0)])
              expect(Math.abs(distance(point, centre) - radius)).toBeLessThan(0.1 + 1e-3);
          }
        }
      }),
      {
        numRuns: 100,
        examples: [
          // A chord of 0.7 mm is left of the bent wall at the end of the top.
          [
            {
              ...{ skew: [0, 0, 0, 0], codes: ['F300'], off: 0, before: 0, across: 821.1184425 },
              bends: [null, { side: 'in', depth: 115.47200350000001 }, null],
            },
          ],
        ],
      },
    );
    expect(arcs).toBeGreaterThan(100);
  });
});
