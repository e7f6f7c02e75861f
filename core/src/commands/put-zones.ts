import type { ZoneRecord } from '../document/records';
import type { Command } from './command';
import { writtenZones } from './put-zone';

/** Tiles several surfaces in one edit. */
export const putZones: Command<{ zones: readonly ZoneRecord[] }> = {
  id: 'put-zones',
  run: (design, { zones }) => writtenZones(design, zones),
};
