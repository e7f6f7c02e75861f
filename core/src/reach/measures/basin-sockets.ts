import { contains, distanceToPath } from '../../geometry/polygon';
import { fixtures } from '../facts/fixtures';
import { placedServices } from '../../survey/services';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far the nearest socket is from a basin's edge in plan, and how many sockets there are in showers and tubs. */
export const basinSockets: Measure<ItemBox> = {
  id: 'basin-sockets',
  subjects: (design) => [
    ...fixtures(design, 'basin'),
    ...fixtures(design, 'shower'),
    ...fixtures(design, 'tub'),
  ],
  take(box, look) {
    const sockets = look.at(placedServices).filter(({ record }) => record.type === 'socket');
    const base = { key: box.id, place: box.footprint, about: [{ of: box.id }] };
    const away = (at: { x: number; y: number }) =>
      contains(box.footprint, at) ? 0 : distanceToPath(at, [...box.footprint, box.footprint[0]!]);
    const wet = look.at((design) =>
      [...fixtures(design, 'shower'), ...fixtures(design, 'tub')].includes(box),
    );
    if (wet) {
      const within = sockets.filter(({ at }) => away(at) < 1);
      return [
        { ...base, ids: [box.id, ...within.map(({ id }) => id)], values: { 'wet-sockets': within.length } },
      ];
    }
    const nearest = sockets.map(({ id, at }) => ({ id, away: away(at) })).sort((a, b) => a.away - b.away)[0];
    const reading: Reading = nearest
      ? { ...base, ids: [box.id, nearest.id], values: { 'nearest-socket': nearest.away } }
      : { ...base, ids: [box.id], values: { 'nearest-socket': null }, lacking: ['socket'] };
    return [reading];
  },
};
