import type { Design } from '../../document/design';
import { distance, place, subtract, unit } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { bodiesNear } from '../../setting/bodies';
import { merged, stretchesOfPath, stretchOfPolygon, type Strip } from '../../setting/strip';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { counterFronts, type CounterFront } from '../facts/counter-fronts';
import { isKitchen } from '../facts/room-use';
import type { Inputs, Measure } from '../measure';

/** How much of the fronts of a kitchen's counters is as deep and as clear above as is asked, mm. */
export const counterFrontage: Measure<RoomShape> = {
  id: 'counter-frontage',
  subjects: (design) => (isKitchen(design) ? [roomShape(design)] : []),
  take(_, look, inputs) {
    const fronts = look.at(counterFronts);
    const frontage = look.at((design) => frontageOf(design, inputs));
    return [
      {
        key: 'room',
        ids: [...new Set(fronts.map(({ top }) => top.items[0]!))],
        place: fronts[0]?.points ?? [],
        about: [],
        values: { frontage },
      },
    ];
  },
};

const frontageOf = (design: Design, { deep = 0, clear = 0 }: Inputs): number =>
  counterFronts(design).reduce((sum, front) => sum + deepAndClear(design, front, { deep, clear }), 0);

/** What of a front is so deep, less what has something hanging lower over it. */
function deepAndClear(
  design: Design,
  { top, points }: CounterFront,
  { deep, clear }: Record<'clear' | 'deep', number>,
): number {
  let sum = 0;
  for (let i = 0; i + 1 < points.length; i++) {
    const [a, b] = [points[i]!, points[i + 1]!];
    const length = distance(a, b);
    if (length < TOUCH) continue;
    const u = unit(subtract(b, a));
    const back = { x: -u.y, y: u.x };
    const strip: Strip = { origin: a, u, n: back, near: TOUCH, far: deep - TOUCH };
    // Where edges of the top come nearer than the depth, it is too narrow.
    const shallow = top.outline.flatMap((ring) => stretchesOfPath(strip, [...ring, ring[0]!]));
    const hung = bodiesNear(design, [a, b, place(a, back, deep, u, 0), place(b, back, deep, u, 0)])
      .filter(({ low }) => low > top.surface + TOUCH && low < top.surface + clear - TOUCH)
      .flatMap(({ pieces }) => pieces.map((piece) => stretchOfPolygon(strip, piece)))
      .filter((stretch) => stretch !== null);
    const lost = merged([...shallow, ...hung])
      .map(([from, to]) => Math.min(length, to) - Math.max(0, from))
      .reduce((all, one) => all + Math.max(0, one), 0);
    sum += length - lost;
  }
  return sum;
}
