import { recordOf } from '../document/design';
import { LEAST_FACE, MOST_FACE } from '../document/limits';
import { within } from '../document/within';
import { add, distance, scale, subtract, type Point } from '../geometry/point';
import { refuse } from '../result';
import type { Command } from './command';
import { putUnderlay } from './put-underlay';

/** Scales an underlay so that two places on it, as it lies now, come to be a true length apart, mm; the first stays where it is. */
export const scaleUnderlay: Command<{ id: string; from: Point; to: Point; length: number }> = {
  id: 'scale-underlay',
  run(design, { id, from, to, length }) {
    const record = recordOf(design, 'underlay', id);
    if (!record) return refuse('record-missing', { id, what: 'underlay' });
    const held = within('true-length', length, LEAST_FACE, MOST_FACE);
    if (!held.ok) return held;
    const apart = distance(from, to);
    if (!(apart > 0)) return refuse('places-alike', {});
    const by = length / apart;
    const corner = add(from, scale(subtract(record, from), by));
    return putUnderlay.run(design, { ...record, ...corner, mmPerPixel: record.mmPerPixel * by });
  },
};
