import { recordOf } from '../document/design';
import type { FinishRecord, ZonePlace, ZoneRecord } from '../document/records';
import { refuse } from '../result';
import { laidAs, type ZoneLaying } from '../tile/zones/set-outs';
import type { Command } from './command';
import { writtenZones } from './put-zone';

/** Begins the patterns of several zones elsewhere, in one edit, and lays them otherwise where that is said; with the studio's own of those tiles. */
export const setOutZones: Command<{
  zones: readonly { id: string; origin: ZonePlace; laying?: ZoneLaying }[];
  own?: readonly FinishRecord[];
}> = {
  id: 'set-out-zones',
  run(design, { zones, own }) {
    const made: ZoneRecord[] = [];
    for (const { id, origin, laying } of zones) {
      const zone = recordOf(design, 'zone', id);
      if (!zone) return refuse('record-missing', { id, what: 'zone' });
      made.push({ ...(laying ? laidAs(zone, laying) : zone), origin });
    }
    return writtenZones(design, made, own);
  },
};
