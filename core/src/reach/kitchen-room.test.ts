import { describe, expect, it } from 'vitest';
import { judged, onA, onFloor, verdictOf, withItem } from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { sinkRun } from '../../testing/sink-run';

describe('what else a kitchen has', () => {
  it('is waste near the sink, at least two', () => {
    const waste = (count: number, receptacles?: number) => {
      let room: { design: ReturnType<typeof rectangle>['design'] } = sinkRun(580, 700);
      for (let i = 0; i < count; i++)
        room = withItem(room, `waste-${i}`, 'base-waste', {
          ...{ width: 400, depth: 560, height: 870, placement: onA(4000 + 400 * i) },
          ...(receptacles !== undefined && { facts: { receptacles } }),
        });
      return room;
    };
    expect([verdictOf(waste(1), 'K14'), verdictOf(waste(2), 'K14'), verdictOf(waste(1, 2), 'K14')]).toEqual([
      ...['tight', 'clear', 'clear'],
    ]);
  });

  it('is a device in one of its corner cabinets', () => {
    const corner = (facts?: { device: boolean }) =>
      withItem(rectangle(6000, 4000), 'corner', 'base-corner-l', {
        ...{ width: 900, depth: 900, height: 870, placement: onA(0), ...(facts && { facts }) },
      });
    expect(
      [corner(), corner({ device: false }), corner({ device: true })].map((room) => verdictOf(room, 'K29')),
    ).toEqual([...['unjudged', 'tight', 'clear']]);
  });

  it('is a counter without sharp corners that stick out', () => {
    const free = (topCorners: object) =>
      withItem(rectangle(6000, 4000), 'island', 'base-doors', {
        ...{
          range: 'fathom',
          code: 'F600',
          width: 900,
          depth: 560,
          height: 870,
          placement: onFloor(2000, -1500),
        },
        topCorners,
      });
    expect(judged(free({}), 'K26')).toMatchObject({ verdict: 'tight', 'exposed sharp corners (count)': 4 });
    const round = { radius: 50 };
    expect(judged(free({ frontLeft: round, frontRight: round }), 'K26')).toMatchObject({
      'exposed sharp corners (count)': 2,
    });
    expect(
      verdictOf(free({ frontLeft: round, frontRight: round, behindLeft: round, behindRight: round }), 'K26'),
    ).toBe('clear');
  });

  it('is daylight of 8 percent of the floor', () => {
    const glazed = (height: number) => {
      const builder = rectangle(5000, 4000);
      builder.open('face-c', 'window', 1000, { width: 1600, height, sill: 900 });
      const { design } = withItem(builder, 'cooker', 'cooker', {
        ...{ width: 600, depth: 600, height: 900, placement: onA(1000) },
      });
      return { design };
    };
    expect(judged(glazed(1000), 'K31')).toMatchObject({
      verdict: 'clear',
      'glazed share of the floor (%)': 8,
    });
    expect(verdictOf(glazed(980), 'K31')).toBe('tight');
  });
});
