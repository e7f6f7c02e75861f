import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { putOpening } from '../commands/put-opening';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { drawOpening } from '../drawing/draw-openings';
import { distance, dot, place, subtract, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { volumeOf } from '../scene/mesh';
import { sceneOf } from '../scene/scene';
import type { Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { revealFrame, revealsOf } from '../tile/zones/reveals';
import { deepestNiche, holeDepth } from './hole-depth';
import { placedOpenings, type PlacedOpening } from './openings';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
/** A wall of 4000 bent by 400, and a niche of 600 by 400 in it, 60 deep. */
function room(side: 'in' | 'out'): { builder: RoomBuilder; id: string } {
  const builder = rectangle(4000, 3000);
  builder.run(bendFace, { face: 'face-a', bend: { side, depth: 400 } });
  const id = builder.open('face-a', 'niche', 1300, { width: 600, height: 400, sill: 1000, depth: 60 });
  return { builder, id };
}
const RADIUS = (2000 ** 2 + 400 ** 2) / (2 * 400);
const BULGE = RADIUS - Math.sqrt(RADIUS ** 2 - 300 ** 2);
const THICK = 120;
const opened = ({ builder }: { builder: RoomBuilder }): PlacedOpening => placedOpenings(builder.design)[0]!;
/** Places along the back of a niche that is so deep behind the line between its jambs. */
const backOf = ({ at, u, n }: PlacedOpening, deep: number): Point[] =>
  Array.from({ length: 601 }, (_, x) => place(at, u, x, n, -deep));

describe('a niche in a bent wall', () => {
  it.each(['in', 'out'] as const)('is everywhere at least as deep as is said (bent %s)', (side) => {
    const made = opened(room(side));
    const deep = holeDepth(made);
    expect(deep).toBeCloseTo(side === 'out' ? 60 + BULGE : 60, 9);
    const { centre, radius } = made.face.arc!;
    const depths = backOf(made, deep).map((at) => {
      // Square to the back, to where the wall's face is on that line.
      const across = dot(subtract(at, centre), made.u);
      const out = Math.sqrt(radius ** 2 - across ** 2) * (side === 'out' ? -1 : 1);
      return Math.abs(out - dot(subtract(at, centre), made.n));
    });
    expect(Math.min(...depths)).toBeCloseTo(60, 6);
    expect(Math.max(...depths)).toBeCloseTo(60 + BULGE, 6);
  });

  it.each(['in', 'out'] as const)('leaves the back of the wall whole, by a hair (bent %s)', (side) => {
    const made = room(side);
    const opening = opened(made);
    const most = deepestNiche(opening, THICK);
    const { centre, radius } = opening.face.arc!;
    const back = backOf(opening, side === 'out' ? most + BULGE : most).map((at) => distance(at, centre));
    const wall = side === 'out' ? Math.max(...back) - radius : radius - Math.min(...back);
    expect(wall).toBeCloseTo(THICK, 6);
    const record = recordOf(made.builder.design, 'opening', made.id)!;
    const refused = (depth: number) => sentence(putOpening.run(made.builder.design, { ...record, depth }));
    expect(refused(most - 0.01)).toBe('');
    expect(refused(most + 0.01)).toMatch(
      /^N1 is .* deep with a flat back: the bent wall, 120 mm thick, has room for/,
    );
    // In a straight wall it may be as deep as that is thick.
    const straight = rectangle(4000, 3000);
    const id = straight.open('face-a', 'niche', 500, { depth: 90 });
    const there = recordOf(straight.design, 'opening', id)!;
    expect(sentence(putOpening.run(straight.design, { ...there, depth: THICK }))).toBe('');
    expect(sentence(putOpening.run(straight.design, { ...there, depth: THICK + 0.01 }))).toContain('N1 is');
  });

  it.each(['in', 'out'] as const)(
    'is the same hole in plan, in three dimensions and for its tiles (bent %s)',
    (side) => {
      const made = room(side);
      const opening = opened(made);
      const deep = holeDepth(opening);
      const angle = Math.asin(300 / RADIUS);
      const segment = RADIUS ** 2 * (angle - Math.sin(angle) * Math.cos(angle));
      const ground = 600 * deep - (side === 'out' ? segment : -segment);
      const [plan] = drawOpening(opening).flatMap((mark) => (mark.type === 'path' ? mark.rings : []));
      expect(Math.abs(signedArea(plan!)) / ground).toBeCloseTo(1, 2);

      const wall = () => {
        const group = sceneOf(made.builder.design).find(({ key }) => key === 'wall face-a')!;
        return group.parts.find(({ substance }) => substance === 'wall')!.mesh;
      };
      const { positions } = wall();
      const corners = Array.from({ length: positions.length / 3 }, (_, i) =>
        positions.slice(3 * i, 3 * i + 3),
      );
      const sides = revealsOf(made.builder.design);
      expect(sides.map(({ side: name, wide, high }) => [name, wide, high])).toEqual([
        ['back', 600, 400],
        ['left', deep, 400],
        ['right', deep, 400],
        ['sill', 600, deep],
        ['head', 600, deep],
      ]);
      for (const reveal of sides.slice(0, 3)) {
        const { origin, right, up } = revealFrame(reveal);
        for (const [x, y] of [
          [0, 0],
          [reveal.wide, 0],
          [reveal.wide, reveal.high],
          [0, reveal.high],
        ] as const) {
          const at = [0, 1, 2].map((i) => origin[i]! + right[i]! * x + up[i]! * y);
          const off = corners.map((one) => Math.hypot(...[0, 1, 2].map((i) => one[i]! - at[i]!)));
          expect(Math.min(...off)).toBeLessThan(1e-6);
        }
      }
      const holed = volumeOf(wall());
      const { design } = made.builder;
      const { [made.id]: _, ...records } = design.records;
      made.builder.design = { ...design, records };
      expect((volumeOf(wall()) - holed) / (ground * 400)).toBeCloseTo(1, 2);
    },
  );
});
