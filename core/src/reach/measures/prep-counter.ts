import { distance, dot, place, subtract, unit } from '../../geometry/point';
import { counterFronts, onFront } from '../facts/counter-fronts';
import { fixtures, itselfAlong } from '../facts/fixtures';
import { topCutOuts } from '../../surfaces/top-cut-outs';
import { coveredAlong } from '../facts/covered';
import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** How far straight beside a sink the counter is as deep as it is to be to prepare on, without a break or a cut-out. */
export const prepCounter: Measure<ItemBox> = {
  id: 'prep-counter',
  subjects: (design) => fixtures(design, 'sink'),
  take(box, look, { deep = 0 }) {
    const [left, right] = [-1, 1].map((way) =>
      look.at((design) => freeBeside(design, box, way as -1 | 1, deep)),
    );
    if (!look.at((design) => onItsFront(design, box) !== null)) return [];
    const widest = Math.max(left!, right!);
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { left: left!, right: right!, 'width-deep': widest },
      },
    ];
  },
};

/** The straight edge of the counter before a sink: where it runs, and where the sink's sides are on it. */
function onItsFront(design: Design, box: ItemBox) {
  const [left, right] = itselfAlong(design, box);
  const middle = place(box.origin, box.u, (left + right) / 2, box.n, box.record.depth);
  const found = counterFronts(design)
    .filter(({ top }) => top.surface > box.low && top.underside < box.high + 60)
    .flatMap((front) => onFront(front, middle, box.n) ?? [])
    .sort((a, b) => a.away - b.away)[0];
  return found ? { found, half: (right - left) / 2, middle } : null;
}

function freeBeside(design: Design, box: ItemBox, way: -1 | 1, deep: number): number {
  const at = onItsFront(design, box);
  if (!at) return 0;
  const { front, edge } = at.found;
  const [a, b] = [front.points[edge]!, front.points[edge + 1]!];
  const u = unit(subtract(b, a));
  const back: Point = { x: -u.y, y: u.x };
  const middle = dot(subtract(at.middle, a), u);
  const from = middle + way * at.half;
  const end = way < 0 ? 0 : distance(a, b);
  const most = way < 0 ? from - end : end - from;
  if (most <= 0) return 0;
  const holes = (topCutOuts(design).get(front.top) ?? [])
    .filter(({ item }) => item !== box.id)
    .map(({ cut }) => cut);
  const origin = place(a, u, from, back, 0);
  return coveredAlong(
    { origin, u: { x: u.x * way, y: u.y * way }, back, deep, most },
    front.top.outline,
    holes,
  );
}
