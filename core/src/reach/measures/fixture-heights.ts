import type { LackId, ValueId } from '../../wording/check-names';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { fixturesOf, hostOf, isFixture } from '../facts/fixtures';
import { topByItem } from '../facts/fronts';
import type { Look } from '../look';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** The heights that things are used at: rims of basins and sinks, seats, undersides of mirrors, grab bars, controls of showers. */
export const fixtureHeights: Measure<ItemBox> = {
  id: 'fixture-heights',
  subjects: (design) => [
    ...fixturesOf(design, ['basin', 'sink', 'toilet', 'shower']),
    ...itemBoxes(design).filter(({ kind }) => OTHERS.includes(kind.id)),
  ],
  take(box, look) {
    const sort = sortOf(box)!;
    const { value, height, lacking } = taken(sort, box, look);
    const reading: Reading = {
      key: box.id,
      ids: [box.id],
      place: box.footprint,
      about: [{ of: box.id }],
      values: { [value]: height },
      ...(height === null && lacking && { lacking: [lacking] }),
    };
    return [reading];
  },
};

const OTHERS: readonly string[] = ['mirror', 'mirror-round', 'grab-bar'];

type Sort = 'basin' | 'bar' | 'mirror' | 'shower' | 'sink' | 'toilet';

function sortOf(box: ItemBox): Sort | null {
  const sort = (['basin', 'sink', 'toilet', 'shower'] as const).find((one) => isFixture(one, box));
  if (sort) return sort;
  if (box.kind.id === 'mirror' || box.kind.id === 'mirror-round') return 'mirror';
  return box.kind.id === 'grab-bar' ? 'bar' : null;
}

function taken(
  sort: Sort,
  box: ItemBox,
  look: Look,
): { value: ValueId; height: number | null; lacking?: LackId } {
  const facts = box.record.facts ?? {};
  /** The top that carries it, or it is let into. */
  const rim = () =>
    look.at((design) => topByItem(design).get((hostOf(design, box) ?? box).id)?.surface) ?? box.high;
  switch (sort) {
    case 'basin':
      return { value: 'basin-height', height: rim() };
    case 'sink':
      return { value: 'rim', height: rim() };
    case 'toilet':
      return { value: 'seat', height: facts.seat ?? null, lacking: 'seat' };
    case 'shower':
      return { value: 'control-height', height: facts.control ?? null, lacking: 'control' };
    case 'mirror':
      return { value: 'mirror-bottom', height: box.low };
    case 'bar':
      return { value: 'bar-height', height: box.high };
  }
}
