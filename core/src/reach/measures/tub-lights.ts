import { isAtLeast } from '../held';
import { contains, distanceToPath } from '../../geometry/polygon';
import { fixtures } from '../facts/fixtures';
import { itemBoxes, middleOf, type ItemBox } from '../../setting/item-box';
import type { Point } from '../../geometry/point';
import { headroom } from '../../survey/ceiling';
import { roomShape } from '../../survey/room-shape';
import { placedServices } from '../../survey/services';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** A light that is no lower than this under the ceiling is set in it or on it, and hangs from nothing, mm. */
const FLUSH = 60;
const hangs = (up: number, ceiling: number): boolean => up < ceiling - FLUSH;

/** Lights that hang over a tub: how far beside it and above its rim, and whether within so much of both. */
export const tubLights: Measure<ItemBox> = {
  id: 'tub-lights',
  subjects: (design) => fixtures(design, 'tub'),
  take(box, look, { sideways = 0, above = 0 }) {
    const lamps = look.at(itemBoxes).filter(({ kind }) => kind.id === 'lamp-pendant');
    const { ceiling } = look.at(roomShape);
    const ceilingAt = ({ x, y }: Point) =>
      headroom(ceiling, [
        { x: x - 1, y: y - 1 },
        { x: x + 1, y: y - 1 },
        { x: x + 1, y: y + 1 },
        { x: x - 1, y: y + 1 },
      ]);
    const lights = [
      ...lamps.map((lamp) => ({ id: lamp.id, at: middleOf(lamp), low: lamp.low })),
      ...look
        .at(placedServices)
        .filter(({ record, at }) => record.type === 'light' && hangs(record.up, ceilingAt(at)))
        .map(({ id, at, record }) => ({ id, at, low: record.up })),
    ];
    const ring = [...box.footprint, box.footprint[0]!];
    return lights.flatMap(({ id, at, low }): Reading[] => {
      const beside = contains(box.footprint, at) ? 0 : distanceToPath(at, ring);
      const rise = low - box.high;
      if (beside > 2 * sideways) return [];
      return [
        {
          key: `${box.id} ${id}`,
          ids: [id, box.id],
          place: box.footprint,
          about: [{ of: id }, { of: box.id }],
          values: {
            sideways: beside,
            'above-rim': rise,
            'lights-in-zone': !isAtLeast(beside, sideways) && !isAtLeast(rise, above) ? 1 : 0,
          },
        },
      ];
    });
  },
};
