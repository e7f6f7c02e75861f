import { recordOf } from '../document/design';
import type { ZonePlace } from '../document/records';
import { refuse } from '../result';
import type { Command } from './command';
import { writtenZone } from './put-zone';

/** Begins the pattern of a zone elsewhere, or turns it, radians. */
export const setOutZone: Command<{ id: string; origin: ZonePlace; angle?: number; joint?: number }> = {
  id: 'set-out-zone',
  run(design, { id, origin, ...turned }) {
    const zone = recordOf(design, 'zone', id);
    return zone
      ? writtenZone(design, { ...zone, ...turned, origin })
      : refuse('record-missing', { id, what: 'zone' });
  },
};
