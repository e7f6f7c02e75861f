import type { ItemBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { frontOut } from '../facts/fronts';
import { bandAhead, bandPlace, FAR, isObstacle, nearestAlong } from '../facts/ahead';
import { bathFixtures, fixturesOf, isFixture, isLetInto } from '../facts/fixtures';
import type { Measure } from '../measure';

/** The clear floor straight before a fixture, over its width, to the first thing or wall. */
export const inFront: Measure<ItemBox> = {
  id: 'in-front',
  subjects: (design) => fixturesOf(design, bathFixtures),
  take(box, look) {
    const band = bandAhead(
      box,
      look.at((design) => frontOut(design, box)),
    );
    const bodies = look
      .near(bandPlace(band, FAR))
      .filter((body) => body.id !== box.id && isObstacle(body) && isOther(body.box, box));
    const { away, id } = nearestAlong(band, look.at(roomShape).faces, bodies);
    return [
      {
        key: box.id,
        ids: [box.id, ...(id ? [id] : [])],
        place: bandPlace(band, away),
        about: [{ of: box.id }, ...(id ? [{ of: id }] : [])],
        values: { 'in-front': away },
        traits: { shower: isFixture('shower', box) },
      },
    ];
  },
};

/** Whether something is another thing than a fixture, what carries it and what is let into it: doors and glass of a shower are its own. */
function isOther(other: ItemBox | null, box: ItemBox): boolean {
  if (!other) return true;
  return !isLetInto(box, other) && !isLetInto(other, box) && other.kind.edge !== 'tray';
}
