import type { Design } from '../src/document/design';
import type { FrontPart } from '../src/solids/front-parts';
import { solidsOf } from '../src/solids/solids';

/** What shows on the fronts of an item. */
export const frontPartsOf = (design: Design, id: string): FrontPart[] =>
  solidsOf(design)
    .filter(({ of, box }) => of === 'item' && box?.id === id)
    .flatMap(({ sides }) => sides.flatMap(({ parts }) => parts));
