import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cornered } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { bendFace } from '../commands/bend-face';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { removeThings } from '../commands/remove-things';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import { applyPatch } from '../document/patch';
import type { Placement } from '../document/records';
import { distance, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { intersect, union, type Region } from '../geometry/region';
import { must } from '../result';
import { shelfOf } from '../ranges/shelf';
import { roomShape } from '../survey/room-shape';
import { plinths } from './plinths';
import { mitred } from './edge-stretches';
import { splashPlaces, splashSize } from './splashes';
import { tops } from './tops';

const corners = shelfOf('fathom').flatMap(({ type, code }) =>
  type === 'base-corner-l' || type === 'base-corner-diagonal' ? [code] : [],
);
const item = fc.record({
  code: fc.constantFrom('F600', 'F450-3', 'F300', 'F800-S', 'F1000-C', 'T600/2070', ...corners.slice(0, 4)),
  face: fc.constantFrom('a', 'b', 'c', 'd'),
  along: fc.integer({ min: 0, max: 3_000 }),
});
const setup = fc.record({
  items: fc.array(item, { minLength: 2, maxLength: 12 }),
  skew: fc.integer({ min: -500, max: 500 }),
  bend: fc.constantFrom('in', 'out', null),
  pipe: fc.boolean(),
});

/** A room out of square, perhaps with a bent face and a pipe box, with what of some items can stand there. */
type Setup = typeof setup extends fc.Arbitrary<infer T> ? T : never;
function furnished({ items, skew, bend, pipe }: Setup) {
  const builder = cornered([
    { x: 0, y: 0 },
    { x: 4_000, y: skew / 4 },
    { x: 4_000 + skew, y: -3_000 },
    { x: 0, y: -3_000 },
  ]);
  if (bend) builder.run(bendFace, { face: 'face-b', bend: { side: bend, depth: 200 } });
  if (pipe)
    builder.run(putFixed, {
      ...usualFixed(builder.design, 'pipe', 'pipe-box', 'face-a'),
      ...{ width: 200, depth: 150 },
    });
  for (const [index, { code, face, along }] of items.entries()) {
    const id = `set-${index}`;
    const placement: Placement = { on: 'face', face: `face-${face}`, from: 'left', distance: along, off: 0 };
    const asked = setItem.run(builder.design, { id, range: 'fathom', code, placement });
    if (!asked.ok) continue;
    builder.design = must(applyPatch(builder.design, asked.value));
    if (collideCommand(builder.design).collisions.length > 0) builder.run(removeThings, [id]);
  }
  builder.run(setRoom, { splashHeight: 100 });
  return builder.design;
}

/** A board at a corner whose mitres are longer than it is. */
const shortBoard: Setup = {
  items: [
    { code: 'F900-K', face: 'd', along: 1501 },
    { code: 'F600', face: 'a', along: 0 },
    { code: 'F600', face: 'a', along: 3 },
  ],
  ...{ skew: -95, bend: 'in', pipe: false },
};

const areaOf = (region: Region) => region.reduce((sum, ring) => sum + signedArea(ring), 0);

it('every edge of a top at a wall is somebody’s, and what stands along edges lies in the room and in nothing else of its kind', () => {
  fc.assert(
    fc.property(setup, (given) => {
      const design = furnished(given);
      const { outline } = roomShape(design);
      for (const top of tops(design)) {
        const walls = top.rings.flatMap(({ edges }) => edges).filter(({ role }) => role === 'wall');
        const shared = tops(design).some(
          (one) => one !== top && one.items.some((id) => top.items.includes(id)),
        );
        const own = splashPlaces(design).filter(({ face, at }) => face && top.items.includes(at[0].item));
        const long = (lines: readonly { a: Point; b: Point }[]) =>
          lines.reduce((sum, { a, b }) => sum + distance(a, b), 0);
        if (!shared) expect(long(own)).toBeCloseTo(long(walls), 2);
        for (const splash of own)
          if (splash.pieces.length > 0)
            expect(splashSize(splash).length).toBeCloseTo(distance(splash.a, splash.b), 2);
      }
      const kinds = {
        splashes: splashPlaces(design).flatMap(({ pieces }) => pieces.map(({ footprint }) => footprint)),
        plinths: plinths(design).flatMap(({ boards }) => boards.map(({ footprint }) => footprint)),
      };
      for (const [kind, all] of Object.entries(kinds)) {
        // Where a ring is narrower than two boards they cannot but meet: less than the square of one, for each.
        expect(areaOf(all as Region) - areaOf(union(all)), kind).toBeLessThan(20 * all.length + 1);
        for (const ring of all) {
          expect(signedArea(ring), kind).toBeGreaterThan(0);
          expect(signedArea(ring) - areaOf(intersect([ring], [outline])), kind).toBeLessThan(40);
        }
      }
    }),
    { numRuns: 60, examples: [[shortBoard]] },
  );
});

it.each([
  [92.2, 0],
  [92.1, -15.757],
])('a board meets a wall at 10 degrees by its inner face where that is %s long', (long, y) => {
  // Its inner face, 16 off, comes to the wall 16 / sin 10° = 92.14 along it from where its outer one does.
  const slope = { x: -Math.cos(Math.PI / 18), y: -Math.sin(Math.PI / 18) };
  const wall = { a: { x: long, y: 0 }, b: { x: 0, y: 0 }, thick: 0 };
  const board = { a: wall.b, b: { x: slope.x * 800, y: slope.y * 800 }, thick: 16 };
  const [, footprint] = mitred([wall, board]);
  expect(footprint![3]!.y).toBeCloseTo(y, 3);
});

it('what is fixed close to a wall that leans away from it leaves no wedge for a top', () => {
  const builder = cornered([
    { x: 0, y: 0 },
    { x: 4_000, y: 0 },
    { x: 4_000, y: -3_000 },
    { x: 200, y: -3_000 },
  ]);
  // 150 deep, its side 10 off the wall at its front.
  builder.run(putFixed, {
    ...usualFixed(builder.design, 'pipe', 'pipe-box', 'face-a'),
    ...{ width: 200, depth: 150 },
    placement: { on: 'face', face: 'face-a', from: 'left', distance: 10, off: 0 },
  });
  builder.set('F600', 'face-a', 590);
  builder.set('F600', 'face-d', 1_816);
  const [top] = tops(builder.design);
  expect(top!.items).toHaveLength(2);
  const fixed = top!.rings[0]!.edges.filter(({ role }) => role === 'fixed');
  // Its right side, and its front on to the wall: at 150 off face A that is 10 in.
  expect(fixed.map(({ a, b }) => Math.round(distance(a, b) * 10) / 10).sort()).toEqual([150, 200]);
  expect(Math.min(...fixed.flatMap(({ a, b }) => [a.x, b.x]))).toBeCloseTo(10, 6);
});
