import { dot, subtract } from '../../geometry/point';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { hostOf } from '../facts/fixtures';
import { workCentres, type WorkCentre } from '../facts/work-centres';
import { goesInCorner } from '../../ranges/handing';
import type { Measure } from '../measure';

/** What is as high as this is tall, mm; as deep as its neighbours within so much, full deep. */
const TALL = 1_800;
const AS_DEEP = 50;

/** How many tall units stand between two work centres of one run. */
export const separations: Measure<readonly WorkCentre[]> = {
  id: 'separations',
  subjects: (design) => (workCentres(design).length >= 2 ? [workCentres(design)] : []),
  take(centres, look) {
    const standing = centres.map(({ box }) => look.at((design) => hostOf(design, box)) ?? box);
    const between = look.at(itemBoxes).filter((box) => {
      if (
        box.high < TALL ||
        box.low > 300 ||
        standing.includes(box) ||
        centres.some((one) => one.box === box)
      )
        return false;
      if (goesInCorner(box.kind) && box.record.facts?.recessed === true) return false;
      return standing.some((one, index) => standing.slice(index + 1).some((other) => parts(box, one, other)));
    });
    return [
      {
        key: 'room',
        ids: between.length > 0 ? between.map(({ id }) => id) : centres.map(({ box }) => box.id),
        place: between[0]?.footprint ?? centres.map(({ at }) => at),
        about: between.slice(0, 1).map(({ id }) => ({ of: id })),
        values: { separations: between.length },
      },
    ];
  },
};

/** Whether a tall unit stands between two others of one run, as deep as they are. */
function parts(tall: ItemBox, one: ItemBox, other: ItemBox): boolean {
  if (dot(one.n, other.n) < 0.99 || dot(tall.n, one.n) < 0.99) return false;
  const at = (box: ItemBox) => {
    const away = subtract(box.origin, one.origin);
    return { along: dot(away, one.u) + box.record.width / 2, out: dot(away, one.n) };
  };
  const [a, b, middle] = [at(one), at(other), at(tall)];
  const isInRun = [b, middle].every(({ out }) => Math.abs(out) < 300);
  const isBetween = (middle.along - a.along) * (middle.along - b.along) < 0;
  const deep = Math.min(one.record.depth, other.record.depth) - AS_DEEP;
  return isInRun && isBetween && tall.record.depth + middle.out >= deep;
}
