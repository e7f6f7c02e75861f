import { itemBoxes } from '../../setting/item-box';
import { goesInCorner } from '../../ranges/handing';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import type { Measure } from '../measure';

/** Corner cabinets that come with what brings out what is in them. */
const WORKING: readonly string[] = ['base-corner-drawers', 'base-corner-pull-out'];

/** How many of the corner cabinets of a room have a device that brings out what is in the corner. */
export const workingCorners: Measure<RoomShape> = {
  id: 'working-corners',
  subjects: (design) => [roomShape(design)],
  take(_, look) {
    const corners = look.at(itemBoxes).filter(({ kind }) => kind.group === 'base' && goesInCorner(kind));
    if (corners.length === 0) return [];
    const works = corners.map(({ kind, record }) =>
      WORKING.includes(kind.id) ? true : (record.facts?.device ?? null),
    );
    const count = works.filter((one) => one === true).length;
    const isOpen = count === 0 && works.includes(null);
    return [
      {
        key: 'room',
        ids: corners.map(({ id }) => id),
        place: corners[0]!.footprint,
        about: [{ of: corners[0]!.id }],
        values: { 'working-corners': isOpen ? null : count },
        ...(isOpen && { lacking: ['device'] as const }),
      },
    ];
  },
};
