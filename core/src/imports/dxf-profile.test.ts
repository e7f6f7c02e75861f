import { describe, expect, it } from 'vitest';
import { signedArea } from '../geometry/polygon';
import { must } from '../result';
import { dxfProfile } from './dxf-profile';

const drawing = (...entities: string[]) =>
  ['0', 'SECTION', '2', 'ENTITIES', ...entities, '0', 'ENDSEC', '0', 'EOF'].join('\n');
const line = (x1: number, y1: number, x2: number, y2: number) =>
  ['0', 'LINE', '8', '0', '10', x1, '20', y1, '11', x2, '21', y2].join('\n');
const arc = (x: number, y: number, radius: number, from: number, to: number) =>
  ['0', 'ARC', '8', '0', '10', x, '20', y, '40', radius, '50', from, '51', to].join('\n');

describe('a cross section in a DXF drawing', () => {
  it('is put together of lines and arcs that meet, however they are drawn', () => {
    // 20 wide and 80 high, its upper outer corner a quarter round of 10.
    const text = drawing(
      line(0, 0, 20, 0),
      line(20, 70, 20, 0),
      arc(10, 70, 10, 0, 90),
      line(10, 80, 0, 80),
      line(0, 80, 0, 0),
      // A smaller one beside it is not meant.
      ...[line(40, 0, 45, 0), line(45, 0, 45, 5), line(45, 5, 40, 0)],
    );
    const shape = must(dxfProfile(text, 1));
    // Eighteen chords of a quarter.
    const quarter = (18 / 2) * 100 * Math.sin(Math.PI / 2 / 18);
    expect(Math.abs(signedArea(shape))).toBeCloseTo(20 * 80 - 100 + quarter, 1);
    expect(Math.abs(signedArea(must(dxfProfile(text, 25.4))))).toBeCloseTo(
      (20 * 80 - 100 + quarter) * 25.4 ** 2,
      0,
    );
  });

  it.each([
    ['lines that do not close', drawing(line(0, 0, 20, 0), line(20, 0, 20, 70), line(20, 70, 0, 0.06))],
    ['nothing', drawing()],
    ['no drawing', 'nothing'],
  ])('is refused with %s', (_, text) => {
    expect(dxfProfile(text, 1)).toMatchObject({ ok: false, refusal: { code: 'dxf-unreadable' } });
  });

  it('takes ends that are 0.04 mm apart for one', () => {
    expect(dxfProfile(drawing(line(0, 0, 20, 0), line(20, 0, 20, 70), line(20, 70, 0, 0.04)), 1).ok).toBe(
      true,
    );
  });
});
