import { dot, place, subtract } from '../../geometry/point';
import { fixtures, itselfAlong } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Look } from '../look';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** Basins farther apart than this are no pair, mm. */
const PAIR = 2_500;

/** How far the centres and the edges of two basins side by side are apart. */
export const basinsApart: Measure<ItemBox> = {
  id: 'basins-apart',
  subjects: (design) => fixtures(design, 'basin'),
  take(box, look) {
    const own = extent(box, bowl(box, look));
    return look
      .at((design) => fixtures(design, 'basin'))
      .flatMap((other): Reading[] => {
        if (other.id <= box.id || dot(box.n, other.n) < 0.99) return [];
        const its = extent(other, bowl(other, look));
        const from = subtract(its.centre, own.centre);
        const apart = Math.abs(dot(from, box.u));
        if (apart > PAIR || Math.abs(dot(from, box.n)) > box.record.depth) return [];
        return [
          {
            key: `${box.id} ${other.id}`,
            ids: [box.id, other.id],
            place: [own.centre, its.centre],
            about: [{ of: box.id }, { of: other.id }],
            values: { 'centre-to-centre': apart, 'edge-to-edge': apart - own.half - its.half },
          },
        ];
      });
  },
};

/** Where the bowl itself is along the item. */
const bowl = (box: ItemBox, look: Look): readonly [number, number] => [
  look.at((design) => itselfAlong(design, box)[0]),
  look.at((design) => itselfAlong(design, box)[1]),
];

function extent({ origin, u, n, record }: ItemBox, [left, right]: readonly [number, number]) {
  return { centre: place(origin, u, (left + right) / 2, n, record.depth / 2), half: (right - left) / 2 };
}
