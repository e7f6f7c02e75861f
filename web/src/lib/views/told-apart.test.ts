import { expect, it } from 'vitest';
import { toldApart } from './told-apart';

it('what has the id of one before is told apart by a number', () => {
  const ids = (...given: string[]) => toldApart(given.map((id) => ({ id }))).map(({ id }) => id);
  expect(ids('a', 'b', 'a', 'a')).toEqual(['a', 'b', 'a 2', 'a 3']);
});
