import { patchOf } from '../document/patch';
import type { LeftOpenRecord } from '../document/records';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';
import { findGap, type GapPlace } from './fill-gap';

/** Says that an open length is left open on purpose; taking the record away says it is to be closed after all. */
export const leaveOpen: Command<GapPlace & { id: string }> = {
  id: 'leave-open',
  run(design, { id, ...place }) {
    const gap = findGap(design, place);
    if (!gap.ok) return gap;
    const { face, from, to, band } = gap.value;
    const middle = (from + to) / 2;
    const fromLeft = middle <= face.length / 2;
    const record: LeftOpenRecord = {
      kind: 'left-open',
      id,
      band,
      at: {
        face: face.id,
        from: fromLeft ? 'left' : 'right',
        distance: quantise(fromLeft ? middle : face.length - middle),
      },
    };
    return guarded(design, patchOf(design, [record]));
  },
};
