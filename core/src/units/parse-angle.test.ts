import { describe, expect, it } from 'vitest';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { formatDegrees, parseAngle } from './parse-angle';

describe('parseAngle', () => {
  it.each([
    ['91.3', 91.3],
    ['91,3°', 91.3],
    [" 91° 18' ", 91.3],
    ['-45', -45],
    ["91 30'", 91.5],
    ['-1°30 ′', -1.5],
    ['91Degrees', 91],
    ['270 deg', 270],
    ['.5', 0.5],
  ])('reads %s as %d degrees', (text, degrees) => {
    expect((must(parseAngle(text, 'corner', -360, 360)) * 180) / Math.PI).toBeCloseTo(degrees, 9);
  });

  it.each([
    ['abc', 'can’t be read as an angle'],
    ['', 'can’t be read as an angle'],
    ["9118'", 'can’t be read as an angle'],
    ['° 91', 'can’t be read as an angle'],
    ["91° 18' 5", 'can’t be read as an angle'],
    ['1'.repeat(41), 'can’t be read as an angle'],
    ['91 mm', 'can’t be read as an angle'],
    ['400', 'The corner can’t be 400. Give a number from 3 to 357'],
  ])('refuses %s and says why', (text, reason) => {
    const read = parseAngle(text, 'corner', 3, 357);
    expect(read.ok ? '' : refusalText(read.refusal)).toContain(reason);
  });

  it('is read back from what is shown', () => {
    for (let degrees = 3; degrees <= 357; degrees += 0.17) {
      const shown = formatDegrees((degrees * Math.PI) / 180);
      expect(formatDegrees(must(parseAngle(shown, 'corner', 0, 360)))).toBe(shown);
    }
  });
});
