import { describe, expect, it } from 'vitest';
import { roundLengths } from './round-lengths';

describe('round lengths near one', () => {
  it('are whole fives, tens and fifties of millimetres, the nearest first', () => {
    expect(roundLengths(107, 'mm')).toEqual([105, 110, 100]);
    expect(roundLengths(1163.4, 'mm')).toEqual([1165, 1160, 1170]);
    expect(roundLengths(2, 'mm')).toEqual([5, 10, 50]);
  });

  it('are quarters, halves and whole inches in a job of inches', () => {
    expect(roundLengths(25.4 * 3.1, 'in').map((mm) => Number((mm / 25.4).toFixed(9)))).toEqual([
      3, 3.25, 3.5,
    ]);
  });

  it('are none for what is round already, to a twentieth of a millimetre', () => {
    expect(roundLengths(600, 'mm')).toEqual([]);
    expect(roundLengths(605, 'mm')).toEqual([]);
    expect(roundLengths(605.049, 'mm')).toEqual([]);
    expect(roundLengths(605.06, 'mm')).not.toEqual([]);
  });
});
