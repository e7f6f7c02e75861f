import type { FinishRecord, ZoneRecord } from '../document/records';
import type { Command } from './command';
import { writtenZones } from './put-zone';

/** Lays a zone with other tiles, those of them that are the studio's own with it. */
export const layTile: Command<{ zone: ZoneRecord; own?: readonly FinishRecord[] }> = {
  id: 'lay-tile',
  run: (design, { zone, own }) => writtenZones(design, [zone], own),
};
