import type { ItemBox } from '../../setting/item-box';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { place } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { headroom } from '../../survey/ceiling';
import { fixedThings } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import { bathFixtures, fixturesOf } from '../facts/fixtures';
import type { Measure } from '../measure';

/** The lowest that the ceiling, and what hangs under it, comes over a fixture and so far before it. */
export const ceilingOver: Measure<ItemBox> = {
  id: 'ceiling-over',
  subjects: (design) => fixturesOf(design, bathFixtures),
  take(box, look, { before = 0 }) {
    const { ceiling } = look.at(roomShape);
    const { origin, u, n, record } = box;
    const front = [
      place(origin, u, 0, n, record.depth),
      place(origin, u, record.width, n, record.depth),
      place(origin, u, record.width, n, record.depth + before),
      place(origin, u, 0, n, record.depth + before),
    ];
    const pieces = [...box.pieces, front];
    const soffits = look
      .at(fixedThings)
      .filter((thing) => thing.low > box.high && deepestOverlap(thing.pieces, pieces) > TOUCH);
    const lowest = Math.min(
      ...pieces.map((piece) => headroom(ceiling, piece)),
      ...soffits.map(({ low }) => low),
    );
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { 'lowest-ceiling': lowest },
      },
    ];
  },
};
