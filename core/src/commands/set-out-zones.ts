import { recordOf } from '../document/design';
import type { Patch } from '../document/patch';
import type { ZonePlace } from '../document/records';
import { ok, refuse } from '../result';
import type { ZoneLaying } from '../tile/zones/set-outs';
import type { Command } from './command';
import { writtenZone } from './put-zone';

/** Begins the patterns of several zones elsewhere, in one edit, and lays them otherwise where that is said. */
export const setOutZones: Command<{
  zones: readonly { id: string; origin: ZonePlace; laying?: Partial<ZoneLaying> }[];
}> = {
  id: 'set-out-zones',
  run(design, { zones }) {
    const patch: Patch[number][] = [];
    for (const { id, origin, laying } of zones) {
      const zone = recordOf(design, 'zone', id);
      if (!zone) return refuse('record-missing', { id, what: 'zone' });
      const written = writtenZone(design, { ...zone, ...laying, origin });
      if (!written.ok) return written;
      patch.push(...written.value);
    }
    return ok(patch);
  },
};
