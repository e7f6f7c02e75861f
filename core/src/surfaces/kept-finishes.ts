import { recordsOf, type Design } from '../document/design';
import type { FinishRecord } from '../document/records';
import { isSameWord } from './finishes';

/** The finishes that go where a room is given some of the studio's own: a name is of one only. */
export const goneFor = (design: Design, own: readonly FinishRecord[]): string[] =>
  own.flatMap((one) =>
    recordsOf(design, 'finish')
      .filter(({ id, name }) => id !== one.id && isSameWord(name, one.name))
      .map(({ id }) => id),
  );
