import { dot, subtract } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { fixtureKinds, fixtures, hostOf, isLetInto, itselfAlong } from '../facts/fixtures';
import { bandBeside, FAR, nearestAlong } from '../facts/ahead';
import { roomShape } from '../../survey/room-shape';
import type { Body } from '../../setting/bodies';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** How far what is cooked on is, side to side, from a sink, from a tall unit or wall, and from a refrigerator or tall oven in its run. */
export const hobBeside: Measure<ItemBox> = {
  id: 'hob-beside',
  subjects: (design) => fixtures(design, 'cooking'),
  take(box, look) {
    const { faces } = look.at(roomShape);
    const host = look.at((design) => hostOf(design, box));
    // From the sides of what is cooked on itself, not of the base that comes with it.
    const own = look.at((design) => itselfAlong(design, box));
    const middle = box.record.width / 2;
    const bands = [bandBeside(box, 'left', middle - own[0]), bandBeside(box, 'right', own[1] - middle)];
    const around = look
      .near(box.rectangle, REACH)
      .filter((body) => body.id !== box.id && body.id !== host?.id);
    const wall = Math.min(...bands.map((band) => nearestAlong(band, faces, []).away));
    /** What stands farther along is in no run with it. */
    const nearest = (isOne: (body: Body) => boolean) => {
      const away = Math.min(...bands.map((band) => nearestAlong(band, [], around.filter(isOne)).away));
      return away <= REACH ? away : FAR;
    };
    const isKind = (kinds: readonly string[]) => (body: Body) => kinds.includes(body.box?.kind.id ?? '');
    const cold = isKind([...fixtureKinds.refrigerator, 'tall-oven', 'tall-double-oven']);
    const tall = (body: Body) => body.high > box.high + HIGH && body.low < box.high + TOUCH && !cold(body);
    const sinks = look.at((design) => fixtures(design, 'sink'));
    const toSink = Math.min(
      FAR,
      ...sinks.map((sink) =>
        sideToSide({ box, along: own }, { box: sink, along: look.at((design) => itselfAlong(design, sink)) }),
      ),
    );
    const [side, fridge] = [Math.min(wall, nearest(tall)), nearest(cold)];
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: {
          ...(toSink < FAR && { 'hob-to-sink': toSink }),
          ...(side < FAR && { 'hob-to-side': side }),
          ...(fridge < FAR && { 'hob-to-fridge': fridge }),
        },
      },
    ];
  },
};

/** What stands so much higher than what is cooked on is tall beside it, mm. */
const HIGH = 100;
/** How far things beside are looked for, mm. */
const REACH = 2_500;

/** A fixture, and what it takes itself of its width, from its left end, mm. */
interface Placed {
  box: ItemBox;
  along: readonly [number, number];
}

/** The distance of two things of one run along it; far apart where they stand in different ones. */
function sideToSide({ box, along }: Placed, other: Placed): number {
  if (isLetInto(other.box, box) || dot(box.u, other.box.u) < 0.99) return FAR;
  const from = subtract(other.box.origin, box.origin);
  if (Math.abs(dot(from, box.n)) > box.record.depth) return FAR;
  const at = dot(from, box.u);
  return Math.max(0, at + other.along[0] - along[1], along[0] - (at + other.along[1]));
}
