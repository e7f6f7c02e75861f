import { placedOpenings } from '../../survey/openings';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { isKitchen } from '../facts/room-use';
import type { Measure } from '../measure';

/** The area of a kitchen's windows as a share of its floor, percent. */
export const glazedShare: Measure<RoomShape> = {
  id: 'glazed-share',
  subjects: (design) => (isKitchen(design) ? [roomShape(design)] : []),
  take({ area, outline }, look) {
    const windows = look.at(placedOpenings).filter(({ record }) => record.type === 'window');
    const glass = windows.reduce((sum, { record }) => sum + record.width * record.height, 0);
    return [
      {
        key: 'room',
        ids: windows.map(({ record }) => record.id),
        place: outline,
        about: [],
        values: { 'glazed-share': (100 * glass) / area },
      },
    ];
  },
};
