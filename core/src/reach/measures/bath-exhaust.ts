import { placedServices } from '../../survey/services';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { isBath } from '../facts/room-use';
import type { Measure } from '../measure';

/** The air that the extracts of a bath move, by turns and all the time. */
export const bathExhaust: Measure<RoomShape> = {
  id: 'bath-exhaust',
  subjects: (design) => (isBath(design) ? [roomShape(design)] : []),
  take(_, look, { intermittent = 0, continuous = 0 }) {
    const extracts = look.at(placedServices).filter(({ record }) => record.type === 'extract');
    const isOpen = extracts.some(({ record }) => record.airflow === undefined);
    const sum = (always: boolean) =>
      extracts
        .filter(({ record }) => (always ? record.continuous === true : true))
        .reduce((all, { record }) => all + (record.airflow ?? 0), 0);
    const met = sum(false) >= intermittent || sum(true) >= continuous;
    return [
      {
        key: 'room',
        ids: extracts.map(({ id }) => id),
        place: extracts.map(({ at }) => at),
        about: [],
        values: {
          intermittent: isOpen ? null : sum(false),
          'meets-one': isOpen && !met ? null : Number(met),
        },
        ...(isOpen && { lacking: ['airflow'] as const }),
      },
    ];
  },
};
