import { expect, it } from 'vitest';
import { inNumberedOrder, inOrder } from './in-order';

it('puts words in the order a reader looks them up in, and the numbers within them by their size', () => {
  expect(['oak', 'Ash', 'élan', 'Elm', 'B12', 'B9'].sort(inOrder)).toEqual([
    ...['Ash', 'B12', 'B9', 'élan', 'Elm', 'oak'],
  ]);
  expect(['B12', 'B9-X', 'A100', 'B9'].sort(inNumberedOrder)).toEqual(['A100', 'B9', 'B9-X', 'B12']);
});
