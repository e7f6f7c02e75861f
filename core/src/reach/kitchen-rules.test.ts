import { describe, expect, it } from 'vitest';
import {
  around,
  held,
  inches,
  judged,
  kept,
  onA,
  onFloor,
  ruled,
  verdictOf,
  withItem,
  withRecord,
} from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { sinkRun } from '../../testing/sink-run';
import { putService } from '../commands/put-service';
import type { ServiceRecord } from '../document/records';

describe('entry doors', () => {
  it('leave the distance of their jambs less their open leaves', () => {
    const door = (change: object) => {
      const builder = rectangle(6000, 4000);
      builder.open('face-b', 'door', 1500, { width: 900, leaf: 40, ...change });
      return builder;
    };
    expect(judged(door({}), 'K01')).toMatchObject({ 'clear opening': 860 });
    expect(judged(door({ action: 'double' }), 'B01')).toMatchObject({ 'clear opening': 820 });
    expect(judged(door({ action: 'pocket' }), 'A-door')).toMatchObject({ 'clear opening': 900 });
    expect(judged(door({ type: 'cased' }), 'M-door')).toMatchObject({ 'clear opening': 900 });
    const clear = (width: number) => door({ width: width + 40 });
    expect(around(inches(32), 1).map((width) => verdictOf(clear(width), 'K01'))).toEqual(kept);
    expect(around(inches(32), 1).map((width) => verdictOf(clear(width), 'A-door'))).toEqual(held);
    expect(around(800, 1).map((width) => verdictOf(clear(width), 'M-door'))).toEqual(kept);
  });
});

describe('landings', () => {
  it('beside a sink begin at its bowl and end with the counter', () => {
    expect(judged(sinkRun(580, 700), 'K11')).toEqual({
      ...{ verdict: 'tight', left: 580, right: 700, 'larger side': 700, 'smaller side': 580 },
      verdict: 'clear',
    });
    expect(around(inches(24), 1).map((side) => verdictOf(sinkRun(500, side), 'K11'))).toEqual(kept);
    expect(around(inches(18), 1).map((side) => verdictOf(sinkRun(700, side), 'K11'))).toEqual(kept);
    // Mirrored it is the same.
    expect(judged(sinkRun(700, 580), 'K11')).toMatchObject({ verdict: 'clear', left: 700, right: 580 });
  });

  it('end at what is cooked on, and go on round an inside corner', () => {
    const hob = withItem(sinkRun(580, 1500), 'hob', 'hob', {
      ...{ width: 580, depth: 510, height: 50, up: 860, placement: onA(2700, 40) },
    });
    // From the bowl's right side at 2220 to the hob at 2700.
    expect(judged(hob, 'K11')).toMatchObject({ left: 580, right: 480 });
    expect(judged(hob, 'M-hob-sink')).toMatchObject({ 'edge to edge': 480, verdict: 'tight' });
    expect(judged(hob, 'K17')).toMatchObject({ left: 480, right: 1000 - 580 - 60 + 80 });
  });

  it('of a refrigerator are on the side of its handle, either for two doors, or across', () => {
    const cold = (handle: 'both' | 'left' | 'right' | null, width = 600) => {
      const room = withItem(sinkRun(580, 700), 'cold', 'refrigerator', {
        ...{ width: 600, depth: 600, height: 1900, placement: onA(1000 + 500 + 800 + 620) },
        ...(handle && { facts: { handle } }),
      });
      return withRecord({ design: room.design } as never, 'right', { width: 620 + width - 600 });
    };
    expect(verdictOf(cold('left'), 'K16')).toBe('clear');
    expect(verdictOf(cold('right'), 'K16')).toBe('tight');
    expect(verdictOf(cold('both'), 'K16')).toBe('clear');
    expect(judged(cold(null), 'K16')).toMatchObject({ verdict: 'unjudged', left: 700, right: 0 });
    // Counter across, 15 in wide and no more than 48 in before it.
    const across = (away: number, wide: number) =>
      withItem(cold('right'), 'island', 'base-doors', {
        ...{ range: 'fathom', code: 'F600', width: wide, depth: 560, height: 870 },
        ...{ overhangs: { front: 0, left: 0, right: 0, behind: 0 } },
        placement: onFloor(2950 + wide, -600 - away - 560, 180),
      });
    expect(verdictOf(across(1200, 500), 'K16')).toBe('clear');
    expect(around(inches(48), -1).map((away) => verdictOf(across(away, 500), 'K16'))).toEqual(kept);
    expect(around(inches(15), 1).map((wide) => verdictOf(across(1000, wide), 'K16'))).toEqual(kept);
  });
});

describe('the counter to prepare on', () => {
  it('is as deep as asked without a break, beside the sink', () => {
    const deep = (right: number, overhang = 60) =>
      withRecord({ design: sinkRun(580, right).design } as never, 'room', { frontOverhang: overhang });
    expect(judged(deep(1000), 'K12')).toMatchObject({ verdict: 'clear', 'width at 24 in depth': 1000 });
    expect(around(inches(36), 1).map((width) => verdictOf(deep(width), 'K12'))).toEqual(kept);
    // 560 and 40 are not 24 in deep.
    expect(judged(deep(1000, 40), 'K12')).toMatchObject({ verdict: 'tight', 'width at 24 in depth': 0 });
  });
});

describe('dishwashers', () => {
  const dish = (gap: number, degrees = 0) => {
    const builder = rectangle(8000, 5000);
    const turn = (degrees * Math.PI) / 180;
    const at = (along: number) =>
      onFloor(2000 + along * Math.cos(turn), -2000 + along * Math.sin(turn), degrees);
    const sink = withItem(builder, 'sink', 'sink', {
      ...{ width: 600, depth: 500, height: 200, up: 700, placement: at(0) },
    });
    return withItem(sink, 'dish', 'dishwasher', {
      ...{ width: 600, depth: 570, height: 820, placement: at(600 + gap) },
    });
  };
  it('are within a yard of the sink itself, turned or not', () => {
    for (const degrees of [0, 37])
      expect(around(inches(36), -1).map((gap) => verdictOf(dish(gap, degrees), 'K13a'))).toEqual(kept);
    expect(judged(dish(450), 'K13a')).toMatchObject({ 'edge to edge': 450 });
    expect(around(900, -1).map((gap) => verdictOf(dish(gap), 'M-sink-dw'))).toEqual(kept);
  });

  it('have room to stand before what is at a right angle to them', () => {
    const corner = (room: number) => {
      const builder = rectangle(6000, 5000);
      const side = withItem(builder, 'side', 'base-doors', {
        ...{ range: 'plain', code: 'X', width: 900, depth: 560, height: 870 },
        placement: { on: 'face', face: 'face-b', from: 'left', distance: 700, off: 0 },
        overhangs: { front: 0 },
      });
      const front = 6000 - 560;
      return withItem(side, 'dish', 'dishwasher', {
        ...{ width: 600, depth: 570, height: 820, placement: onA(front - room - 600) },
      });
    };
    const [found] = ruled(corner(600), 'K13b');
    // What stands before the box there: its doors and handles.
    const line = 600 - found!.measured;
    expect(line).toBeGreaterThanOrEqual(0);
    expect(around(inches(21), 1).map((room) => verdictOf(corner(room + line), 'K13b'))).toEqual(kept);
  });
});

describe('what is cooked on', () => {
  const cooker = withItem(rectangle(6000, 4000), 'cooker', 'cooker', {
    ...{ width: 600, depth: 600, height: 900, placement: onA(2000) },
  });
  const over = (gap: number, type: 'hood' | 'wall-doors', facts = {}, gas?: boolean) => {
    const hung = withItem(cooker, 'over', type, {
      ...{ width: 600, depth: 350, height: 500, up: 900 + gap, placement: onA(2000), facts },
    });
    return gas === undefined ? hung : withRecord(hung as never, 'cooker', { facts: { gas } });
  };

  it('has so much free above it to what is protected, and more to what is not', () => {
    expect(around(inches(24), 1).map((gap) => verdictOf(over(gap, 'hood'), 'K18'))).toEqual(kept);
    const bare = { protectedBelow: false };
    expect(around(inches(30), 1).map((gap) => verdictOf(over(gap, 'wall-doors', bare), 'K18'))).toEqual(held);
    // Where it is not known, enough for both is clear.
    expect([700, 762].map((gap) => verdictOf(over(gap, 'wall-doors'), 'K18'))).toEqual(['unjudged', 'clear']);
    expect(around(650, 1).map((gap) => verdictOf(over(gap, 'hood', {}, false), 'M-hood-electric'))).toEqual(
      kept,
    );
    expect(around(750, 1).map((gap) => verdictOf(over(gap, 'hood', {}, true), 'M-hood-gas'))).toEqual(kept);
    expect(ruled(over(600, 'hood', {}, false), 'M-hood-gas')).toEqual([]);
    expect(verdictOf(over(600, 'hood'), 'M-hood-gas')).toBe('unjudged');
  });

  it('has its air moved', () => {
    const hood = (airflow?: number) => over(700, 'hood', airflow === undefined ? {} : { airflow });
    expect([155, 150, 149.9].map((flow) => verdictOf(hood(flow), 'K19'))).toEqual([
      'clear',
      'clear',
      'tight',
    ]);
    expect(verdictOf(hood(), 'K19')).toBe('unjudged');
    expect(judged(cooker, 'K19')).toMatchObject({ verdict: 'tight', 'ventilation (cfm)': 0 });
  });

  it('has so much counter behind it in an island, and nothing to do with it at a wall', () => {
    const island = (behind: number, y = -1500) => {
      const base = withItem(rectangle(6000, 5000), 'base', 'base-doors', {
        ...{
          range: 'fathom',
          code: 'F900',
          width: 900,
          depth: 800,
          height: 870,
          placement: onFloor(2000, y),
        },
        ...{ overhangs: { behind: 0 } },
      });
      return withItem(base, 'hob', 'hob', {
        ...{ width: 580, depth: 510, height: 50, up: 860, placement: onFloor(2100, y - behind) },
      });
    };
    expect(judged(island(200), 'K17b')).toMatchObject({ behind: 200, verdict: 'tight' });
    expect(around(inches(9), 1).map((behind) => verdictOf(island(behind), 'K17b'))).toEqual(kept);
    expect(ruled(island(200, -100), 'K17b')).toEqual([]);
    // A base that comes with a hob, its back at the wall.
    const atWall = withItem(rectangle(6000, 5000), 'hob', 'base-hob', {
      ...{ range: 'fathom', code: 'F900-H', width: 900, depth: 560, height: 870, placement: onA(2000) },
    });
    expect(ruled(atWall, 'K17b')).toEqual([]);
  });

  it('shares the counter beside it with a sink: the larger of what both need, and a foot more', () => {
    const shared = (left: number, between: number) =>
      withItem(sinkRun(left, between), 'cooker', 'cooker', {
        ...{ width: 600, depth: 600, height: 900, placement: onA(1000 + left - 80 + 800 + between - 80) },
      });
    // The sink has its 24 in on the other side: 18 and 12 are asked for.
    expect(around(inches(30), 1).map((mm) => verdictOf(shared(700, mm), 'K24'))).toEqual(kept);
    // Without, 24 and 12.
    expect(around(inches(36), 1).map((mm) => verdictOf(shared(500, mm), 'K24'))).toEqual(kept);
    expect(judged(shared(700, 800), 'K24')).toMatchObject({ between: 800 });
    expect(ruled(sinkRun(580, 700), 'K24')).toEqual([]);
  });

  it('is not under a window that opens, nor so near beside one', () => {
    const window = (distance: number, action: 'casement' | 'fixed' = 'casement') => {
      const builder = rectangle(6000, 4000);
      builder.open('face-a', 'window', distance, { width: 800, action, sill: 1000 });
      return withItem(builder, 'cooker', 'cooker', {
        ...{ width: 600, depth: 600, height: 900, placement: onA(2000) },
      });
    };
    // The window begins 610 from its right side, at it, and a tenth nearer.
    expect([3250, 3210, 3209.9].map((at) => verdictOf(window(at), 'K20'))).toEqual([
      'clear',
      'clear',
      'tight',
    ]);
    expect(judged(window(2200), 'K20')).toMatchObject({ 'overlap with an operable window': 800 });
    expect(ruled(window(2200, 'fixed'), 'K20')).toEqual([]);
  });
});

describe('wall units and microwave ovens', () => {
  it('hang so high above the counter', () => {
    const unit = (gap: number) =>
      withItem(sinkRun(580, 700), 'unit', 'wall-doors', {
        ...{ width: 600, depth: 350, height: 600, up: 900 + gap, placement: onA(1100) },
      });
    expect(around(450, 1).map((gap) => verdictOf(unit(gap), 'M-wall'))).toEqual(kept);
  });
  it('are reached without a stool and without kneeling', () => {
    const oven = (up: number) =>
      withItem(rectangle(6000, 4000), 'oven', 'microwave', {
        ...{ width: 600, depth: 400, height: 380, up, placement: onA(1000) },
      });
    expect(around(inches(15), 1).map((up) => verdictOf(oven(up), 'K21'))).toEqual(kept);
    expect(around(inches(54), -1).map((up) => verdictOf(oven(up), 'K21'))).toEqual(kept);
  });
});

describe('sockets at counters', () => {
  const socket = (id: string, x: number, up: number, more: Partial<ServiceRecord> = {}) => ({
    ...{ kind: 'service' as const, id, type: 'socket' as const, up, placement: onA(x) },
    ...more,
  });
  const run = (...sockets: ServiceRecord[]) => {
    const builder = rectangle(8000, 4000);
    sockets.forEach((one) => builder.run(putService, one));
    const { design } = sinkRun(580, 700);
    return { design: { ...design, records: { ...builder.design.records, ...design.records } } };
  };
  it('leave no place of the wall farther than 2 ft, are within 20 in of the top, and protected', () => {
    // The counter goes from 1000 to 2920: 1920 long.
    expect(judged(run(), 'K30')).toMatchObject({ verdict: 'blocked', 'sockets at the counter (count)': 0 });
    const two = (apart: number, up = 1100, is: boolean | null = true) =>
      run(
        socket('one', 1960 - apart / 2, up, is === null ? {} : { protected: is }),
        socket('two', 1960 + apart / 2, up, { protected: true }),
      );
    expect(judged(two(1000), 'K30')).toMatchObject({
      ...{ verdict: 'clear', 'farthest point of the counter': 500 },
      'a socket above the counter': 200,
    });
    // The ends are 960 less half of it away.
    expect(around(inches(24), -1).map((end) => verdictOf(two(2 * (960 - end)), 'K30'))).toEqual(held);
    expect(around(900 + inches(20), -1).map((up) => verdictOf(two(1000, up), 'K30'))).toEqual(held);
    expect(verdictOf(two(1000, 1100, false), 'K30')).toBe('blocked');
    // One of a hood, higher than 20 in, is none of the counter's: it neither fails it nor helps it.
    const hood = (up: number) =>
      judged(
        run(
          ...[1360, 2560].map((x) => socket(`at-${x}`, x, 1100, { protected: true })),
          socket('hood', 1960, up, { protected: false }),
        ),
        'K30',
      );
    expect(hood(2000)).toMatchObject({
      ...{ verdict: 'clear', 'farthest point of the counter': 600, 'sockets at the counter (count)': 2 },
    });
    expect(hood(900 + inches(20))).toMatchObject({ verdict: 'blocked', 'sockets at the counter (count)': 3 });
    expect(verdictOf(two(1000, 1100, null), 'K30')).toBe('unjudged');
    // Where it ends at a wall it asks for none there.
    const cornered = rectangle(2000, 4000);
    cornered.set('F800-S', 'face-a', 0);
    expect(ruled(cornered, 'K30').map(({ names }) => names.length)).toEqual([2]);
    // What is under the counter serves none.
    expect(judged(two(1000, 500), 'K30')).toMatchObject({ 'sockets at the counter (count)': 0 });
  });
});

describe('the work triangle', () => {
  /** Sink, cooker and refrigerator at three places along face A, their fronts 600 out. */
  const kitchen = (sink: number, cooker: number, fridge: number) => {
    const room = withItem(rectangle(12_000, 6000), 'sink', 'sink', {
      ...{ width: 600, depth: 600, height: 200, up: 700, placement: onA(sink - 300) },
    });
    const two = withItem(room, 'cooker', 'cooker', {
      ...{ width: 600, depth: 600, height: 900, placement: onA(cooker - 300) },
    });
    return withItem(two, 'fridge', 'refrigerator', {
      ...{ width: 600, depth: 600, height: 1900, placement: onA(fridge - 300) },
    });
  };
  it('is walked straight along a run, and round what stands on the floor', () => {
    expect(judged(kitchen(1000, 3000, 5000), 'K03')).toMatchObject({
      ...{ 'leg sink-cook': 2000, 'leg cook-fridge': 2000, 'leg fridge-sink': 4000, sum: 8000 },
      verdict: 'tight',
    });
    // An island 2000 long, its front 400 before the fronts: it does not come into the way.
    const island = (y: number) =>
      withItem(kitchen(1000, 3000, 5000), 'island', 'base-doors', {
        ...{ width: 2000, depth: 800, height: 870, placement: onFloor(2000, y) },
      });
    expect(judged(island(-1000), 'K03')).toMatchObject({ 'leg sink-cook': 2000 });
    // A block against the run, 1000 deep and 400 wide between sink and cooker, is walked round.
    const block = withItem(kitchen(1000, 3000, 5000), 'block', 'base-doors', {
      ...{ width: 400, depth: 1600, height: 870, placement: onA(1800) },
    });
    const [leg] = [Math.hypot(800, 1000) + 400 + Math.hypot(800, 1000)];
    expect(judged(block, 'K03')['leg sink-cook']).toBeCloseTo(leg, 0);
  });
  it('has its straight lines cut by an island no more than a foot', () => {
    const across = (depth: number) => {
      const room = withItem(rectangle(6000, 6000), 'sink', 'sink', {
        ...{ width: 600, depth: 600, height: 200, up: 700, placement: onA(2700) },
      });
      const two = withItem(room, 'cooker', 'cooker', {
        ...{ width: 600, depth: 600, height: 900, placement: onFloor(3300, -4400, 180) },
      });
      const three = withItem(two, 'fridge', 'refrigerator', {
        ...{ width: 600, depth: 600, height: 1900, placement: onA(4400) },
      });
      return withItem(three, 'island', 'base-doors', {
        ...{ width: 1000, depth, height: 870, placement: onFloor(2500, -1800) },
      });
    };
    const cut = (depth: number) => judged(across(depth), 'K03')['cut sink-cook through island'];
    expect([cut(300), cut(600)]).toEqual([300, 600]);
  });
});
