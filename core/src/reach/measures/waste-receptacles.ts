import { itemBoxes } from '../../setting/item-box';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { isKitchen } from '../facts/room-use';
import type { Measure } from '../measure';

/** How many receptacles for waste there are in a kitchen: one in each pull-out unless it says more. */
export const wasteReceptacles: Measure<RoomShape> = {
  id: 'waste-receptacles',
  subjects: (design) => (isKitchen(design) ? [roomShape(design)] : []),
  take(_, look) {
    const units = look
      .at(itemBoxes)
      .filter(({ kind, record }) => kind.id === 'base-waste' || record.facts?.receptacles !== undefined);
    return [
      {
        key: 'room',
        ids: units.map(({ id }) => id),
        place: units[0]?.footprint ?? [],
        about: [],
        values: {
          'waste-receptacles': units.reduce((sum, { record }) => sum + (record.facts?.receptacles ?? 1), 0),
        },
      },
    ];
  },
};
