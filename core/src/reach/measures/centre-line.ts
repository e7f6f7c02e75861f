import type { ItemBox } from '../../setting/item-box';
import type { Body } from '../../setting/bodies';
import { roomShape } from '../../survey/room-shape';
import { bandBeside, bandPlace, FAR, isObstacle, nearestAlong } from '../facts/ahead';
import { fixturesOf, isFixture, isLetInto } from '../facts/fixtures';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far the centre line of a basin, toilet or bidet is from what is beside it, over its own depth: from a basin to walls and taller things, from the others to everything. */
export const centreLine: Measure<ItemBox> = {
  id: 'centre-line',
  subjects: (design) => fixturesOf(design, ['basin', 'toilet', 'bidet']),
  take(box, look) {
    const { faces } = look.at(roomShape);
    const isBasin = isFixture('basin', box);
    const counts = (body: Body) =>
      body.id !== box.id &&
      isObstacle(body) &&
      !(body.box && (isLetInto(box, body.box) || isLetInto(body.box, box))) &&
      (!isBasin || body.high > box.high + 1);
    const sides = (['left', 'right'] as const).map((side) => {
      const band = bandBeside(box, side, 0);
      const bodies = look.near(bandPlace(band, FAR)).filter(counts);
      const all = nearestAlong(band, faces, bodies);
      const wall = nearestAlong(band, faces, []);
      const fixtures = bodies.filter(({ box: other }) => other?.kind.group === 'fixtures');
      const fixture = nearestAlong(band, [], fixtures);
      return { all, wall, fixture, band };
    });
    const [left, right] = sides as [(typeof sides)[0], (typeof sides)[0]];
    const tightest = left.all.away <= right.all.away ? left : right;
    const half = box.record.width / 2;
    const toFixture = Math.min(left.fixture.away, right.fixture.away) - half;
    const reading: Reading = {
      key: box.id,
      ids: [box.id, ...(tightest.all.id ? [tightest.all.id] : [])],
      place: bandPlace(tightest.band, tightest.all.away),
      about: [{ of: box.id }, ...(tightest.all.id ? [{ of: tightest.all.id }] : [])],
      values: {
        left: left.all.away,
        right: right.all.away,
        'centre-line': tightest.all.away,
        'centre-to-wall': Math.min(left.wall.away, right.wall.away),
        ...(isBasin &&
          !isCarried(box, look.near(box.footprint)) && {
            'edge-to-wall': Math.min(left.wall.away, right.wall.away) - half,
          }),
        ...(toFixture < FAR - half && { 'to-fixture': Math.max(0, toFixture) }),
      },
      traits: { fixture: isBasin ? 'basin' : isFixture('toilet', box) ? 'toilet' : 'bidet' },
    };
    return [reading];
  },
};

/** Whether a basin is let into a top rather than free. */
function isCarried(box: ItemBox, near: readonly Body[]): boolean {
  return box.kind.group === 'vanity' || near.some(({ box: host }) => host !== null && isLetInto(box, host));
}
