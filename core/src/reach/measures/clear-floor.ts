import { isAtLeast } from '../held';
import { place } from '../../geometry/point';
import type { ItemBox } from '../../setting/item-box';
import { stretchOfPolygon, type Strip } from '../../setting/strip';
import { roomShape } from '../../survey/room-shape';
import { bandPlace, FAR, isObstacle, nearestAlong } from '../facts/ahead';
import { bathFixtures, fixturesOf, isLetInto } from '../facts/fixtures';
import { frontOut } from '../facts/fronts';
import type { Measure } from '../measure';

const SORTS = [...bathFixtures, ...(['sink', 'cooking', 'refrigerator', 'dishwasher'] as const)] as const;
/** What stands so little before a fixture's front beside it is in line with it, mm. */
const IN_LINE = 150;

/** The clear floor before a fixture for one who sits in a wheelchair: how deep a narrow and a wide strip before its middle are, and how many approaches fit. */
export const clearFloor: Measure<ItemBox> = {
  id: 'clear-floor',
  subjects: (design) => fixturesOf(design, SORTS),
  take(box, look, { narrow = 0, wide = 0 }) {
    const { faces } = look.at(roomShape);
    const out = look.at((design) => frontOut(design, box));
    const depth = (width: number) => {
      const band = before(box, width, out);
      const bodies = look
        .near(bandPlace(band, FAR))
        .filter(
          (body) =>
            body.id !== box.id &&
            isObstacle(body) &&
            !(
              body.box &&
              (isLetInto(box, body.box) || isLetInto(body.box, box) || body.box.kind.edge === 'tray')
            ),
        );
      // One stands before what is in line with the fixture, however little that comes forward.
      const line = Math.max(
        0,
        ...bodies.flatMap(({ pieces }) =>
          pieces.flatMap((piece) => {
            const stretch = stretchOfPolygon(band, piece);
            return stretch && stretch[0] <= 0 && stretch[1] <= IN_LINE ? [stretch[1]] : [];
          }),
        ),
      );
      const from = { ...band, origin: place(band.origin, band.u, line, band.n, 0) };
      return { band: from, away: nearestAlong(from, faces, bodies).away };
    };
    const [forward, parallel] = [depth(narrow), depth(wide)];
    const fits = Number(isAtLeast(forward.away, wide)) + Number(isAtLeast(parallel.away, narrow));
    return [
      {
        key: box.id,
        ids: [box.id],
        place: bandPlace(forward.band, Math.min(forward.away, wide)),
        about: [{ of: box.id }],
        values: { 'forward-depth': forward.away, 'parallel-depth': parallel.away, approaches: fits },
      },
    ];
  },
};

/** A strip straight before the middle of an item. */
function before({ origin, u, n, record }: ItemBox, width: number, out: number): Strip {
  const at = place(origin, u, record.width / 2 - width / 2, n, out);
  return { origin: at, u: n, n: u, near: 0, far: width };
}
