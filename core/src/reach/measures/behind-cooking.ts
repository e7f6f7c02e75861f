import { dot, place, subtract } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { fixtures, hostOf } from '../facts/fixtures';
import { topByItem } from '../facts/fronts';
import { stretchesOfPath, type Strip } from '../../setting/strip';
import type { ItemBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { bandPlace, FAR, isObstacle, nearestAlong } from '../facts/ahead';
import type { Measure } from '../measure';

/** What stands behind an island's counter no nearer than this leaves it free, mm. */
const FREE = 300;

/** How far the counter of an island goes on behind what is cooked on in it. */
export const behindCooking: Measure<ItemBox> = {
  id: 'behind-cooking',
  subjects: (design) => fixtures(design, 'cooking').filter(({ kind }) => kind.top !== 'breaks'),
  take(box, look) {
    const host = look.at((design) => hostOf(design, box)) ?? box;
    const top = look.at((design) => topByItem(design).get(host.id));
    if (!top) return [];
    const { origin, u, n, record } = box;
    const band: Strip = {
      ...{ origin, u: { x: -n.x, y: -n.y }, n: u },
      ...{ near: TOUCH, far: record.width - TOUCH },
    };
    const behind = top.outline.flatMap((ring) => stretchesOfPath(band, [...ring, ring[0]!]));
    const edge = Math.min(...behind.map(([from]) => from).filter((from) => from > -TOUCH));
    if (!Number.isFinite(edge)) return [];
    // At a wall, or with something standing behind the counter, nobody is there.
    const from = { ...band, origin: place(origin, n, -edge, u, 0) };
    const bodies = look.near(bandPlace(from, FAR)).filter((body) => body.id !== box.id && isObstacle(body));
    if (nearestAlong(from, look.at(roomShape).faces, bodies).away < FREE) return [];
    const foot = place(origin, n, -edge, u, 0);
    return [
      {
        key: box.id,
        ids: [box.id],
        place: [origin, place(origin, u, record.width, n, 0), place(foot, u, record.width, n, 0), foot],
        about: [{ of: box.id }],
        values: { behind: Math.max(0, dot(subtract(origin, foot), n)) },
      },
    ];
  },
};
