import { placedServices, type PlacedService } from '../../survey/services';
import type { Measure } from '../measure';

/** How high sockets and switches are above the floor. */
export const switchHeights: Measure<PlacedService> = {
  id: 'switch-heights',
  subjects: (design) =>
    placedServices(design).filter(({ record }) => record.type === 'socket' || record.type === 'switch'),
  take: ({ id, record, at, u, n }) => [
    {
      key: id,
      ids: [id],
      place: [at, { x: at.x + 100 * u.x, y: at.y + 100 * u.y }, { x: at.x + 100 * n.x, y: at.y + 100 * n.y }],
      about: [{ of: id }],
      values: { 'reach-height': record.up },
    },
  ],
};
