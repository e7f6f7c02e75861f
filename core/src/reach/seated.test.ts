import { describe, expect, it } from 'vitest';
import { around, inches, judged, kept, onFloor, ruled, verdictOf } from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import type { Placement } from '../document/records';

const put = (builder: RoomBuilder, id: string, code: string, placement: Placement) =>
  builder.run(setItem, { id, range: 'generic-mm', code, placement });

/** A table 1400 long and 800 deep whose lower edge is so far from the wall, with chairs below it at these places along it. */
const table = (behind: number, chairs: readonly number[] = [200], width = 5000) => {
  const builder = rectangle(width, 1800 + behind);
  put(builder, 'table', 'TABLE1400', onFloor(1500, -1000));
  for (const [index, at] of chairs.entries())
    put(builder, `chair-${index}`, 'CHAIR450', onFloor(1500 + at + 450, -2100, 180));
  return builder;
};

describe('the floor behind those who sit', () => {
  it('is from the edge of a table to the wall, as far as is asked where one goes by', () => {
    const asked = { none: inches(32), edge: inches(36), walk: inches(44), wheelchair: inches(60) } as const;
    for (const [behindSeats, limit] of Object.entries(asked) as [keyof typeof asked, number][]) {
      const verdict = (behind: number) => {
        const builder = table(behind);
        builder.run(setRoom, { behindSeats });
        return verdictOf(builder, 'K08');
      };
      expect([behindSeats, ...around(limit, 1).map(verdict)]).toEqual([behindSeats, ...kept]);
    }
    // Whether one goes by there is not known.
    expect(judged(table(1000), 'K08')).toEqual({ verdict: 'unjudged', behind: 1000 });
  });

  it('is from a counter’s edge to what stands behind the seats, over all their width', () => {
    const island = (y: number, x: number) => {
      const builder = rectangle(5000, 6000);
      const ids = [1000, 1900].map((left) =>
        builder.place('F900', { on: 'floor', x: left, y: -3000, turn: 0 }),
      );
      builder.run(editItems, { ids, change: { overhangs: { behind: 380 } } });
      for (const left of [1200, 2000]) put(builder, `stool-${left}`, 'STOOL380/650', onFloor(left, -2430));
      put(builder, 'cold', 'COLD600', onFloor(x, y, 180));
      return builder;
    };
    // Its back 1000 before the edge, which lies at 2620; beside the seats, which end at 2380, it is not behind them.
    expect(judged(island(-1620, 2300 + 600), 'K08')).toMatchObject({ behind: 1000 });
    expect(judged(island(-1620, 2380 + 600), 'K08')).toMatchObject({ behind: 2620 });
  });

  it('is told of each edge by itself, of a round table of each seat; another table ends it, a chair does not', () => {
    const round = rectangle(6000, 5000);
    put(round, 'table', 'TABLER1200', onFloor(2000, -2000));
    put(round, 'low', 'CHAIR450', onFloor(2825, -3500, 180));
    put(round, 'high', 'CHAIR450', onFloor(2375, -1700));
    expect(ruled(round, 'K08').map(({ checks: [one] }) => Math.round(one!.measured!))).toEqual([2000, 1800]);
    expect(ruled(round, 'K09')).toEqual([]);
    const two = table(3000);
    put(two, 'other', 'TABLE1400', onFloor(1500, -2900));
    put(two, 'between', 'CHAIR450', onFloor(1700, -2500));
    expect(ruled(two, 'K08').map(({ ids, checks: [one] }) => [ids[1], one!.measured])).toEqual([
      ['table', expect.closeTo(1100, 6)],
      ['other', expect.closeTo(1100, 6)],
    ]);
  });

  it('leaves each so much of a table’s edge, and asks for no room for knees there', () => {
    expect(judged(table(1500, [100, 800]), 'K09')).toEqual({ verdict: 'clear', 'width per seat': 700 });
    expect(judged(table(1500, [0, 450, 900]), 'M-seat')).toMatchObject({ verdict: 'tight' });
    const two = (long: number) => {
      const builder = table(1500, [0, 500]);
      builder.run(editItems, { ids: ['table'], change: { width: long } });
      return verdictOf(builder, 'K09');
    };
    expect(around(inches(48), 1).map(two)).toEqual(['clear', 'clear', 'clear', 'tight']);
  });
});
