import { dot, subtract } from '../../geometry/point';
import { fixtures } from '../facts/fixtures';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** A bar farther from a toilet's side than this is not its own, mm. */
const NEAR = 1_200;

/** The grab bar beside a toilet: how far from the wall behind it starts, how long and how high it is. */
export const toiletBars: Measure<ItemBox> = {
  id: 'toilet-bars',
  subjects: (design) => fixtures(design, 'toilet'),
  take(box, look) {
    const { origin, u, n, record } = box;
    const back = record.placement.on === 'face' ? record.placement.off : 0;
    const beside = look
      .at(itemBoxes)
      .filter(({ kind }) => kind.id === 'grab-bar')
      .map((bar) => {
        const at = bar.rectangle.map((corner) => {
          const away = subtract(corner, origin);
          return { along: dot(away, u), out: dot(away, n) + back };
        });
        const along = at.map((one) => one.along);
        const out = at.map((one) => one.out);
        return {
          bar,
          starts: Math.min(...out),
          long: Math.max(...out) - Math.min(...out),
          away: Math.max(-Math.max(...along), Math.min(...along) - record.width),
        };
      })
      .filter(({ bar, away, long }) => away > 0 && away < NEAR && long > bar.record.width / 2)
      .sort((a, b) => a.away - b.away)[0];
    if (!beside) {
      return [
        {
          ...{ key: box.id, ids: [box.id], place: box.footprint, about: [{ of: box.id }] },
          values: { 'bar-starts': null, 'bar-length': 0, 'bar-height': null },
          lacking: ['grab-bar'],
        },
      ];
    }
    const { bar, starts, long } = beside;
    return [
      {
        key: box.id,
        ids: [box.id, bar.id],
        place: bar.footprint,
        about: [{ of: box.id }, { of: bar.id }],
        values: { 'bar-starts': starts, 'bar-length': long, 'bar-height': bar.high },
      },
    ];
  },
};
