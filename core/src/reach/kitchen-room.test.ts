import { describe, expect, it } from 'vitest';
import { around, inches, judged, kept, onA, onFloor, ruled, verdictOf, withItem } from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { setRoom } from '../commands/set-room';
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

  it('is a corner at a cooker as high as the top, which sticks out only beside what ends under it', () => {
    const beside = (height: number) => {
      const size = { range: 'fathom', code: 'F600', width: 900, depth: 560, height: 870 };
      const base = withItem(rectangle(6000, 4000), 'base', 'base-doors', { ...size, placement: onA(600) });
      return withItem(base, 'cooker', 'cooker', { width: 600, depth: 660, height, placement: onA(1500) });
    };
    const sharp = (height: number) => judged(beside(height), 'K26')['exposed sharp corners (count)'];
    expect([sharp(910), sharp(871.1), sharp(870.9)]).toEqual([1, 1, 2]);
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

describe('ways that people must take', () => {
  /** A door in the middle of face D, a cooker at the far end, and a run along face A in between, so far from face C. */
  const past = (free: number, id: 'K07' | 'M-walk') => {
    const builder = rectangle(6000, 3000);
    builder.open('face-d', 'door', 1000, { width: 900 });
    const room = withItem(builder, 'cooker', 'cooker', {
      ...{ width: 600, depth: 600, height: 900, placement: onA(5300) },
    });
    return verdictOf(
      withItem(room, 'block', 'shape-box', {
        ...{ width: 900, depth: 3000 - free, height: 900, placement: onA(2500) },
      }),
      id,
    );
  };
  it('are wide enough at their narrowest', () => {
    expect(around(inches(36), 1).map((free) => past(free, 'K07'))).toEqual(kept);
    expect(around(900, 1).map((free) => past(free, 'M-walk'))).toEqual(kept);
  });

  it('are measured between doors and handles, and asked of nobody without a doorway', () => {
    const facing = (handleStyle: 'bar' | 'none') => {
      const builder = rectangle(6000, 2200);
      builder.run(setRoom, { handleStyle, frontOverhang: 0 });
      builder.open('face-d', 'door', 600, { width: 900 });
      builder.open('face-b', 'door', 600, { width: 900 });
      builder.set('F600', 'face-a', 3000);
      builder.set('F600', 'face-c', 2400);
      return builder;
    };
    expect(judged(facing('none'), 'K07')['narrowest']).toBeCloseTo(2200 - 2 * 580, 3);
    expect(judged(facing('bar'), 'K07')['narrowest']).toBeCloseTo(2200 - 2 * 612, 3);
    const closed = rectangle(6000, 2200);
    closed.set('F600', 'face-a', 3000);
    expect(ruled(closed, 'K07')).toEqual([]);
  });
});
