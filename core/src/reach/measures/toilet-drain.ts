import { nearestAlong, FAR } from '../facts/ahead';
import { fixtures } from '../facts/fixtures';
import { dot, place, subtract } from '../../geometry/point';
import { placedServices } from '../../survey/services';
import { roomShape } from '../../survey/room-shape';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** How far the drain under a toilet is from the finished wall behind it, beside the distance it is made for. */
export const toiletDrain: Measure<ItemBox> = {
  id: 'toilet-drain',
  subjects: (design) => fixtures(design, 'toilet'),
  take(box, look, { usual = 0 }) {
    const { origin, u, n, record } = box;
    const drain = look
      .at(placedServices)
      .find(({ record: { type }, at }) => type === 'drain' && isUnder(box, at));
    if (!drain) return [];
    const along = dot(subtract(drain.at, origin), u);
    const band = {
      origin: drain.at,
      u: { x: -n.x, y: -n.y },
      n: u,
      near: -1,
      far: 1,
    };
    const { away } = nearestAlong(band, look.at(roomShape).faces, []);
    if (away >= FAR) return [];
    const foot = place(drain.at, n, -away, u, 0);
    return [
      {
        key: box.id,
        ids: [box.id, drain.id],
        place: [drain.at, foot, place(origin, u, along, n, record.depth)],
        about: [{ of: box.id }],
        values: { 'drain-to-wall': away },
        bounds: { 'rough-in': record.facts?.roughIn ?? usual },
      },
    ];
  },
};

/** Whether a place lies under a toilet, or between its back and the wall near behind. */
function isUnder({ origin, u, n, record }: ItemBox, at: { x: number; y: number }): boolean {
  const away = subtract(at, origin);
  const [along, out] = [dot(away, u), dot(away, n)];
  return along > 0 && along < record.width && out > -400 && out < record.depth;
}
