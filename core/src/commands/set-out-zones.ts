import { recordOf } from '../document/design';
import { patchOf, type Patch } from '../document/patch';
import type { FinishRecord, ZonePlace } from '../document/records';
import { ok, refuse } from '../result';
import type { ZoneLaying } from '../tile/zones/set-outs';
import type { Command } from './command';
import { keptOwn } from '../surfaces/kept-finishes';
import { writtenZone } from './put-zone';

/** Begins the patterns of several zones elsewhere, in one edit, and lays them otherwise where that is said; with the studio's own of those tiles. */
export const setOutZones: Command<{
  zones: readonly { id: string; origin: ZonePlace; laying?: Partial<ZoneLaying> }[];
  own?: readonly FinishRecord[];
}> = {
  id: 'set-out-zones',
  run(design, { zones, own = [] }) {
    const { written, gone } = keptOwn(design, own);
    const patch: Patch[number][] = [...patchOf(design, written, gone)];
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
