import type { Design } from '../../document/design';
import { additionsFor } from './additions';
import { changesFor, slidesFor } from './changes';
import { judged } from './judged';
import { Search, type Ease } from './search';

/** So many eases are told of one finding, the least first. */
const MOST_EASES = 6;

/**
 * The smallest changes that cure a finding, each checked to make nothing else worse, the least first: of each kind of change, and of each way things
 * can be moved, the least. None for what is not known, or is kept.
 */
export function easesFor(
  design: Design,
  key: string,
  newId: () => string,
  before = judged(design),
): readonly Ease[] {
  const finding = before.open.find((one) => one.key === key);
  if (!finding) return [];
  const search = new Search(before, finding);
  const added = additionsFor(design, finding, newId);
  const found = [
    ...changesFor(design, finding).flatMap((change) => search.ease(change)),
    // Of the same thing added more often the least that is enough.
    ...first(added, (steps) => search.ease({ steps, moved: 0 })),
    ...slidesFor(design, finding).flatMap((slide) => search.least(slide)),
  ];
  return found.sort((a, b) => a.moved - b.moved).slice(0, MOST_EASES);
}

function first<T, R>(all: readonly T[], find: (one: T) => readonly R[]): readonly R[] {
  for (const one of all) {
    const found = find(one);
    if (found.length > 0) return found;
  }
  return [];
}
