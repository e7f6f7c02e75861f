import { itemBoxes, type ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** Whether the door of a shower or tub swings in. */
export const showerDoors: Measure<ItemBox> = {
  id: 'shower-doors',
  subjects: (design) => itemBoxes(design).filter(({ kind }) => kind.id === 'shower-door'),
  take(box) {
    const swingsIn = box.record.facts?.swingsIn;
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { 'doors-swinging-in': swingsIn === undefined ? null : Number(swingsIn) },
        ...(swingsIn === undefined && { lacking: ['swing'] as const }),
      },
    ];
  },
};
