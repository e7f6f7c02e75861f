import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import type { ZoneRecord } from '../../document/records';
import { usualZone } from '../../tile/zones/usual-zone';
import { drawSingleView } from '../elevation/single-view';
import { roomViews } from '../elevation/views';

/** What a row of an elevation of face A says, in its order, with a zone of tiles of 200 by 100 there. */
function said(row: string, change: Partial<ZoneRecord>): string[] {
  const builder = rectangle(4000, 3000);
  const zone = { ...usualZone(builder.design, { id: 'zone', face: 'face-a' }), ...change };
  builder.run(putZone, { ...zone, tile: { w: 200, h: 100, thickness: 8 }, joint: 2 } as ZoneRecord);
  const view = roomViews(builder.design).find(({ id }) => id === 'face-a')!;
  return drawSingleView(builder.design, view, 20)
    .flatMap((mark) =>
      mark.type === 'text' && mark.measured?.of.row === row ? [{ mark, line: mark.measured.line }] : [],
    )
    .sort((a, b) => a.line[0].x + a.line[0].y - b.line[0].x - b.line[0].y)
    .map(({ mark }) => mark.text);
}
const box = (x: number, y: number, w: number, h: number): Partial<ZoneRecord> => ({
  corners: [
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + h },
    { x, y: y + h },
  ],
});

describe('the tiles on an elevation', () => {
  it('have where they begin, where they are set out from and where they end', () => {
    const own = { ...box(500, 0, 2000, 1200), origin: { x: 620, y: 30 } };
    expect(said('tiles', own)).toEqual(['500', '120', '1880', '1500']);
    expect(said('courses', own)).toEqual(['30', '1170', '1200']);
  });

  it('are dimensioned by their edges alone where the first tile is whole, or is not among them', () => {
    expect(said('tiles', { ...box(500, 0, 2000, 1200), origin: { x: 500, y: 0 } })).toEqual([
      '500',
      '2000',
      '1500',
    ]);
    expect(said('courses', { ...box(500, 0, 2000, 1200), origin: { x: 3000, y: 1300 } })).toEqual([
      '1200',
      '1200',
    ]);
  });
});
