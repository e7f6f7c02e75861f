import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';
import type { LackId } from '../../wording/check-names';

/** How high the waterproof wall of a shower is above its floor, and above its head. */
export const waterproofWall: Measure<ItemBox> = {
  id: 'waterproof-wall',
  subjects: (design) => fixtures(design, 'shower'),
  take(box) {
    const { waterproof = null, head = null } = box.record.facts ?? {};
    const lacking: LackId[] = [];
    if (waterproof === null) lacking.push('waterproof');
    if (head === null) lacking.push('head');
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: {
          'wall-above-floor': waterproof,
          'above-head': waterproof === null || head === null ? null : waterproof - head,
        },
        ...(lacking.length > 0 && { lacking }),
      },
    ];
  },
};
