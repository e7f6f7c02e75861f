import { expect, it } from 'vitest';
import { formatAmount } from './format-amount';

it('says amounts as fine as they are bought, and never nothing of what there is some of', () => {
  for (const [amount, said] of [
    [0, '0'],
    [0.004, '0.01'],
    [0.024, '0.02'],
    [0.994, '0.99'],
    [0.996, '1.0'],
    [9.94, '9.9'],
    [9.96, '10'],
    [123.4, '123'],
  ] as const)
    expect(formatAmount(amount)).toBe(said);
});
