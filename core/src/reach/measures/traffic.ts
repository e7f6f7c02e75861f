import { clipSegment } from '../../geometry/clip-segment';
import { doorways, walkBetween } from '../facts/floor';
import { workCentres, type WorkCentre } from '../facts/work-centres';
import { roomShape } from '../../survey/room-shape';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How much of the shortest walk from doorway to doorway lies in the triangle of the work centres. */
export const traffic: Measure<readonly WorkCentre[]> = {
  id: 'traffic',
  subjects: (design) => (workCentres(design).length === 3 ? [workCentres(design)] : []),
  take(centres, look) {
    look.at(roomShape);
    const triangle = centres.map(({ at }) => at);
    const doors = look.at(doorways);
    return doors.flatMap(({ opening: one, at: from }, index) =>
      doors.slice(index + 1).flatMap(({ opening: other, at: to }): Reading[] => {
        const walk = look.at((design) => walkBetween(design, from, to));
        if (!walk) return [];
        const inside = walk.path
          .slice(1)
          .reduce((sum, end, at) => sum + clipSegment(triangle, walk.path[at]!, end), 0);
        return [
          {
            key: `${one.record.id} ${other.record.id}`,
            ids: [one.record.id, other.record.id],
            place: [...walk.path],
            about: [{ of: one.record.id }, { of: other.record.id }],
            values: { 'path-inside': inside },
          },
        ];
      }),
    );
  },
};
