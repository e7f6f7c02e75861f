import type { Patch } from '../document/patch';
import type { ZoneRecord } from '../document/records';
import { ok } from '../result';
import type { Command } from './command';
import { writtenZone } from './put-zone';

/** Tiles several surfaces in one edit. */
export const putZones: Command<{ zones: readonly ZoneRecord[] }> = {
  id: 'put-zones',
  run(design, { zones }) {
    const patch: Patch[number][] = [];
    for (const zone of zones) {
      const written = writtenZone(design, zone);
      if (!written.ok) return written;
      patch.push(...written.value);
    }
    return ok(patch);
  },
};
