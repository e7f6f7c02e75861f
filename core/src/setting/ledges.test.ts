import { describe, expect, it } from 'vitest';
import { build, floor, onA, put, raise, rounded, settingFor } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { setItem } from '../commands/set-item';
import type { RoomBuilder } from '../demo/build-room';
import type { Placement } from '../document/records';
import type { Setting } from './landing';
import { freeAlong, islandBacks, ledgesFor, type Ledge } from './ledges';
import { nextOnLedge } from './on-ledge';

const idsOf = (ledges: readonly Ledge[]) => ledges.map(({ boxes }) => boxes.map(({ id }) => id));

describe('the fronts that trim runs along', () => {
  const all = () => {
    const builder = rectangle(30_000, 20_000);
    const kinds: [string, string][] = [
      ...(['F600', 'V600-S', 'T600/1950-R', 'U600/720', 'F900-K', 'P18', 'G600'] as const).map(
        (code): [string, string] => ['fathom', code],
      ),
      ...(['DISH600', 'COOK600', 'COLD600', 'WC360', 'HOOD600'] as const).map((code): [string, string] => [
        'generic-mm',
        code,
      ]),
    ];
    kinds.forEach(([range, code], index) => put(builder, code, code, onA(2000 * index), range));
    return builder;
  };
  const trimmed = (builder: RoomBuilder, code: string, change: Partial<Setting> = {}) =>
    idsOf(ledgesFor(builder.design, settingFor(code, change)))
      .flat()
      .sort();

  it('are those of cabinets by the group they are of, of what a top runs over, and of nothing with legs or flat', () => {
    const builder = all();
    expect(trimmed(builder, 'K2400')).toEqual(['DISH600', 'F600', 'T600/1950-R', 'V600-S']);
    expect(trimmed(builder, 'KC2400')).toEqual(['G600', 'T600/1950-R', 'U600/720']);
    expect(trimmed(builder, 'KL2400')).toEqual(['U600/720']);
    expect(trimmed(builder, 'KL2400', { except: new Set(['U600/720']) })).toEqual([]);
    expect(ledgesFor(builder.design, settingFor('F600'))).toEqual([]);
  });

  it('are at the foot of what stands on the floor, and under what hangs 300 up or higher', () => {
    const builder = all();
    raise(builder, 'V600-S', 1);
    expect(trimmed(builder, 'K2400')).toEqual(['DISH600', 'F600', 'T600/1950-R']);
    for (const [up, hangs] of [
      [299, []],
      [300, ['U600/720']],
    ] as const) {
      raise(builder, 'U600/720', up);
      expect(trimmed(builder, 'KL2400')).toEqual(hangs);
    }
  });

  it('are over them, under them by its height, never under the floor, and off the face by what they are', () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'wall', 'U600/720', onA(500, 40));
    put(builder, 'free', 'F600', floor(2000, -2000));
    const [light] = ledgesFor(builder.design, settingFor('KL2400'));
    expect(light).toMatchObject({ length: 600, up: 1400 - 35, off: 350 - 18 + 40 });
    expect([rounded(light!.start.x), rounded(light!.start.y)]).toEqual([500, -40 - 350 + 18]);
    expect(ledgesFor(builder.design, settingFor('KC2400'))[0]!.up).toBe(2120);
    const [foot] = ledgesFor(builder.design, settingFor('K2400'));
    expect(foot).toMatchObject({ up: 0, off: 560 - 50 - 16 });
    expect(nextOnLedge(builder.design, settingFor('K2400'))!.placement).toEqual(
      floor(2000, -2000 - (560 - 50 - 16)),
    );
    expect(ledgesFor(builder.design, settingFor('KL2400', { low: 0, high: 1500 }))[0]!.up).toBe(0);
  });

  it('go on from one to the next whichever was set first, and only where both are as high', () => {
    for (const [from, up, rows] of [
      [1100, 1400, [['second', 'first']]],
      [1100, 1403, [['second', 'first']]],
      [1100, 1404, [['first'], ['second']]],
      [2300, 1400, [['first', 'second']]],
      [2303, 1400, [['first', 'second']]],
      [2304, 1400, [['first'], ['second']]],
    ] as const) {
      const builder = rectangle(6000, 4000);
      put(builder, 'first', 'U600/720', onA(1700));
      put(builder, 'second', 'U600/720', onA(from));
      raise(builder, 'second', up);
      expect([from, up, idsOf(ledgesFor(builder.design, settingFor('KL2400')))]).toEqual([from, up, rows]);
    }
  });

  it('end where the next faces the other way or is turned by more than a tenth of a degree', () => {
    const tenth = (0.1 * Math.PI) / 180;
    for (const [x, turn, rows] of [
      [1600, 0, 1],
      [1600, tenth * 0.99, 1],
      [1600, tenth * 1.01, 2],
      // Facing the other way, its front right corner where the front left one of the next would be.
      [2200, Math.PI, 2],
    ] as const) {
      const builder = rectangle(6000, 4000);
      put(builder, 'one', 'F600', floor(1000, -2000));
      put(builder, 'other', 'F600', floor(x, turn === Math.PI ? -2000 - 2 * 560 : -2000, turn));
      expect([turn, ledgesFor(builder.design, settingFor('K2400')).length]).toEqual([turn, rows]);
    }
  });
});

describe('the backs of islands', () => {
  it('are of what stands free in the height of what is set, no furniture, no panel', () => {
    const builder = rectangle(8000, 6000);
    put(builder, 'island', 'F600', floor(2000, -2000));
    put(builder, 'against', 'F600', onA(0));
    put(builder, 'panel', 'P18', floor(4000, -2000));
    put(builder, 'table', 'TABLE800', floor(5000, -2000), 'generic-mm');
    const backs = (change: Partial<Setting> = {}) =>
      idsOf(islandBacks(builder.design, settingFor('F600', change)));
    expect(backs()).toEqual([['island']]);
    expect(backs({ except: new Set(['island']) })).toEqual([]);
    expect([backs({ low: 870 }), backs({ low: 869, high: 1500 })]).toEqual([[], [['island']]]);
    raise(builder, 'island', 100);
    expect([backs({ high: 100 }), backs({ high: 101 })]).toEqual([[], [['island']]]);
  });

  it('are one line for those end to end, left to right from behind, and two for two back to back', () => {
    const builder = rectangle(8000, 6000);
    put(builder, 'right', 'F900', floor(2600, -2000));
    put(builder, 'left', 'F600', floor(2000, -2000));
    const [ledge] = islandBacks(builder.design, settingFor('F600'));
    expect(idsOf([ledge!])).toEqual([['left', 'right']]);
    expect(ledge).toMatchObject({ start: { x: 3500, y: -2000 }, length: 1500, up: 0 });
    expect([rounded(ledge!.u.x), rounded(ledge!.n.y)]).toEqual([-1, 1]);
    put(builder, 'behind', 'F600', floor(2600, -2000, Math.PI));
    expect(idsOf(islandBacks(builder.design, settingFor('F600')))).toEqual([['behind'], ['left', 'right']]);
  });
});

describe('what is free along an edge', () => {
  const island = () => {
    const builder = rectangle(8000, 6000);
    put(builder, 'island', 'F1200', floor(2000, -2000));
    put(builder, 'next', 'F1200', floor(3200, -2000));
    return builder;
  };
  const behind = (builder: RoomBuilder, change: Partial<Setting> = {}) => {
    const setting = settingFor('F600', change);
    const ledge = islandBacks(builder.design, setting).find(({ boxes }) =>
      boxes.some(({ id }) => id === 'island'),
    );
    return freeAlong(builder.design, ledge!, setting).map(({ from, to }) => [rounded(from), rounded(to)]);
  };
  /** Stands something behind the island, so far from its left end seen from there. */
  const stand = (builder: RoomBuilder, along: number, off = 0, code = 'F600') =>
    put(builder, `at-${along}-${off}`, code, floor(4400 - along, -2000 + off, Math.PI));

  it('behind an island is where nothing stands in its depth and height', () => {
    const builder = island();
    expect(behind(builder)).toEqual([[0, 2400]]);
    stand(builder, 700);
    expect(behind(builder)).toEqual([
      [0, 700],
      [1300, 2400],
    ]);
    expect(behind(builder, { except: new Set(['at-700-0']) })).toEqual([[0, 2400]]);
  });

  it('leaves out what is no longer than three millimetres', () => {
    for (const [along, free] of [
      [3, [[603, 2400]]],
      [
        4,
        [
          [0, 4],
          [604, 2400],
        ],
      ],
      [1797, [[0, 1797]]],
      [
        1796,
        [
          [0, 1796],
          [2396, 2400],
        ],
      ],
    ] as const) {
      const builder = island();
      stand(builder, along);
      expect([along, behind(builder)]).toEqual([along, free]);
    }
  });

  it('counts what reaches into its depth, and what hangs only for what is as high', () => {
    for (const [off, free] of [
      [
        559,
        [
          [0, 700],
          [1300, 2400],
        ],
      ],
      [561, [[0, 2400]]],
    ] as const) {
      const builder = island();
      stand(builder, 700, off);
      expect([off, behind(builder)]).toEqual([off, free]);
    }
    for (const [up, free] of [
      [
        869,
        [
          [0, 700],
          [1300, 2400],
        ],
      ],
      [870, [[0, 2400]]],
    ] as const) {
      const builder = island();
      stand(builder, 700);
      raise(builder, 'at-700-0', up);
      expect([up, behind(builder)]).toEqual([up, free]);
    }
    const low = island();
    stand(low, 700);
    raise(low, 'island', 500);
    raise(low, 'next', 500);
    expect(behind(low, { low: 870, high: 1200 })).toEqual([[0, 2400]]);
    expect(behind(low, { low: 869, high: 1200 })).toEqual([
      [0, 700],
      [1300, 2400],
    ]);
  });

  it('counts fixed things behind an island', () => {
    const builder = island();
    build(builder, 'column', floor(3000, -1800));
    expect(behind(builder)).toEqual([
      [0, 1100],
      [1400, 2400],
    ]);
  });

  it('on fronts is where nothing of the same edge stands at its height', () => {
    const builder = rectangle(6000, 4000);
    put(builder, 'wall', 'U900/720', onA(1000));
    put(builder, 'tall', 'U900/720', onA(1900));
    const free = (code: string) => {
      const setting = settingFor(code);
      return ledgesFor(builder.design, setting).map((ledge) => freeAlong(builder.design, ledge, setting));
    };
    builder.run(setItem, {
      id: 'rail',
      range: 'fathom',
      code: 'KL2400',
      width: 500,
      placement: onA(1200, 332),
    });
    expect(free('KL2400').map((one) => one.map(({ from, to }) => [rounded(from), rounded(to)]))).toEqual([
      [
        [0, 200],
        [700, 1800],
      ],
    ]);
    // What is over them takes nothing from what is under them, nor what hangs elsewhere.
    expect(free('KC2400').map((one) => one.length)).toEqual([1]);
    raise(builder, 'rail', 1365 - 35);
    expect(free('KL2400').map((one) => one.map(({ to }) => rounded(to)))).toEqual([[1800]]);
    raise(builder, 'rail', 1365 + 35);
    expect(free('KL2400').map((one) => one.map(({ to }) => rounded(to)))).toEqual([[1800]]);
    raise(builder, 'rail', 1365 + 34);
    expect(free('KL2400').map((one) => one.length)).toEqual([2]);
  });
});

describe('the open edges of a tray', () => {
  const tray = (placement: Placement) => {
    const builder = rectangle(5000, 4000);
    put(builder, 'tray', 'TRAY800', placement, 'generic-mm');
    return builder;
  };
  const glass = settingFor('GLASS700', {}, 'generic-mm');
  const outs = (builder: RoomBuilder, setting = glass) =>
    ledgesFor(builder.design, setting)
      .map(({ n }) => `${rounded(n.x)} ${rounded(n.y)}`)
      .sort();

  it('are all but those along walls and fixed things', () => {
    expect(outs(tray(floor(2000, -2000)))).toEqual(['-1 0', '0 -1', '0 1', '1 0']);
    expect(outs(tray(onA(1000)))).toEqual(['-1 0', '0 -1', '1 0']);
    expect(outs(tray(onA(0)))).toEqual(['0 -1', '1 0']);
    expect(outs(tray(onA(0)), { ...glass, except: new Set(['tray']) })).toEqual([]);
    // There is floor to step in from 60 outside: at a wall 60 away there is none.
    expect([59, 61].map((distance) => outs(tray(onA(distance))).length)).toEqual([2, 3]);
    const builder = tray(onA(0));
    build(builder, 'column', onA(800), { depth: 800 });
    expect(outs(builder)).toEqual(['0 -1']);
    put(builder, 'base', 'F600', onA(3000));
    expect(outs(builder)).toEqual(['0 -1']);
  });

  it('start at their left end seen from outside, as deep as the glass within the tray, on its top', () => {
    const ledges = ledgesFor(tray(floor(2000, -2000)).design, glass);
    const at = ledges.map(({ start, u, length, up }) => [
      ...[start.x, start.y, u.x, u.y, length, up].map((value) => rounded(value)),
    ]);
    // Front, left, right, back.
    expect(at).toEqual([
      [2000, -2792, 1, 0, 800, 40],
      [2008, -2000, 0, -1, 800, 40],
      [2792, -2800, 0, 1, 800, 40],
      [2800, -2008, -1, 0, 800, 40],
    ]);
  });
});
