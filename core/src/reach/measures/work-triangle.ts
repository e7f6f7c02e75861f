import { distance, type Point } from '../../geometry/point';
import { clipSegment } from '../../geometry/clip-segment';
import { islands } from '../../setting/islands';
import type { ValueId } from '../../wording/check-names';
import { walkBetween } from '../facts/floor';
import { workCentres, type WorkCentre } from '../facts/work-centres';
import type { Design } from '../../document/design';
import type { Measure } from '../measure';

const sides = [
  ['sink', 'cook', 'leg-sink-cook', 'cut-sink-cook'],
  ['cook', 'fridge', 'leg-cook-fridge', 'cut-cook-fridge'],
  ['fridge', 'sink', 'leg-fridge-sink', 'cut-fridge-sink'],
] as const satisfies readonly (readonly [WorkCentre['of'], WorkCentre['of'], ValueId, ValueId])[];

/** The walks between sink, what is cooked on and refrigerator, their sum, and how far the straight line of each lies in an island. */
export const workTriangle: Measure<readonly WorkCentre[]> = {
  id: 'work-triangle',
  subjects: (design) => (workCentres(design).length === 3 ? [workCentres(design)] : []),
  take(centres, look) {
    const at = Object.fromEntries(centres.map((centre) => [centre.of, centre])) as Record<
      WorkCentre['of'],
      WorkCentre
    >;
    const values: { [value in ValueId]?: number } = {};
    const path: Point[] = [];
    let sum = 0;
    for (const [from, to, leg, cut] of sides) {
      const [a, b] = [at[from].at, at[to].at];
      const walk = look.at((design) => walkBetween(design, a, b));
      if (!walk) return [];
      values[leg] = walk.length;
      values[cut] = look.at((design) => inIslands(design, a, b));
      sum += walk.length;
      path.push(...walk.path.slice(0, -1));
    }
    return [
      {
        key: 'room',
        ids: centres.map(({ box }) => box.id),
        place: path,
        about: centres.map(({ box }) => ({ of: box.id })),
        values: { sum, ...values },
      },
    ];
  },
};

/** How much of a straight line lies in islands, mm. */
function inIslands(design: Design, a: Point, b: Point): number {
  return islands(design).reduce((most, island) => {
    const inside = island.reduce(
      (sum, { pieces }) => sum + pieces.reduce((all, piece) => all + clipSegment(piece, a, b), 0),
      0,
    );
    return Math.max(most, Math.min(inside, distance(a, b)));
  }, 0);
}
