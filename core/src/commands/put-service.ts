import { MOST_HEIGHT } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ServiceRecord } from '../document/records';
import { within } from '../document/within';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';
import { quantisedPlacement } from '../document/quantised-placement';

/** Adds a service point, or changes one that is there. */
export const putService: Command<ServiceRecord> = {
  id: 'put-service',
  run(design, service) {
    const held = within('height', service.up, 0, MOST_HEIGHT);
    if (!held.ok) return held;
    const placement = quantisedPlacement(service.placement);
    if (!placement.ok) return placement;
    const after = { ...service, placement: placement.value, up: quantise(service.up) };
    return guarded(design, patchOf(design, [after]));
  },
};
