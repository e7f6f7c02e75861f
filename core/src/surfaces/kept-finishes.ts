import { recordsOf, type Design } from '../document/design';
import type { FinishRecord } from '../document/records';
import { isSameWord } from './finishes';

/** What is written for finishes of the studio's own that something is given: the room keeps a copy of each, renewed each time. A name is of one only: an earlier one of that name goes. */
export function keptOwn(
  design: Design,
  own: readonly FinishRecord[],
): { written: readonly FinishRecord[]; gone: readonly string[] } {
  const gone = own.flatMap((one) =>
    recordsOf(design, 'finish')
      .filter(({ id, name }) => id !== one.id && isSameWord(name, one.name))
      .map(({ id }) => id),
  );
  return { written: own, gone };
}
