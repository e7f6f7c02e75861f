import { place } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import type { ItemBox } from '../../setting/item-box';
import type { Strip } from '../../setting/strip';
import { roomShape } from '../../survey/room-shape';
import { bandPlace, FAR, isObstacle, nearestAlong } from '../facts/ahead';
import { fixtures } from '../facts/fixtures';
import type { Measure } from '../measure';

/** The clear floor at a toilet, which itself does not count: how wide it is over a depth from the wall behind, and how deep over a width. */
export const toiletFloor: Measure<ItemBox> = {
  id: 'toilet-floor',
  subjects: (design) => fixtures(design, 'toilet'),
  take(box, look, { deep = 0, wide = 0 }) {
    const { faces } = look.at(roomShape);
    const { origin, u, n, record } = box;
    const back = record.placement.on === 'face' ? record.placement.off : 0;
    const middle = place(origin, u, record.width / 2, n, -back);
    const to = (band: Strip) =>
      nearestAlong(
        band,
        faces,
        look.near(bandPlace(band, FAR)).filter((body) => body.id !== box.id && isObstacle(body)),
      ).away;
    const across = (way: -1 | 1) =>
      to({ origin: middle, u: { x: u.x * way, y: u.y * way }, n, near: TOUCH, far: deep - TOUCH });
    const [left, right] = [across(-1), across(1)];
    // The strip may lie anywhere over the toilet's middle, between what bounds it on both sides.
    const starts = [-left, right - wide, -wide / 2].filter((start) => start <= 0 && start + wide >= 0);
    const depths = starts.map((start) =>
      to({ origin: place(middle, u, start, n, TOUCH), u: n, n: u, near: TOUCH, far: wide - TOUCH }),
    );
    return [
      {
        key: box.id,
        ids: [box.id],
        place: [
          place(middle, u, -left, n, 0),
          place(middle, u, right, n, 0),
          place(middle, u, right, n, deep),
          place(middle, u, -left, n, deep),
        ],
        about: [{ of: box.id }],
        values: { 'width-at-depth': left + right, 'depth-at-width': Math.max(0, ...depths) + TOUCH },
      },
    ];
  },
};
