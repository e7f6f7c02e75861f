import { describe, expect, it } from 'vitest';
import { must } from '../../result';
import { plainTile } from './plain-tile';
import { readTileCase } from './tile-case';

const ZONE = {
  outer: [
    [0, 0],
    [1000, 0],
    [1000, 600],
    [0, 600],
  ],
};
const GRID = {
  id: 'one',
  zone: ZONE,
  pattern: { type: 'grid' },
  tile: { w: 300, h: 200 },
  joint: 3,
  origin: [0, 0],
  angle: 0,
};
const answer = (raw: object) => must(plainTile(must(readTileCase(raw, 'case'))));
const faults = (raw: unknown): string[] => {
  const read = readTileCase(raw, 'case');
  if (read.ok || read.refusal.code !== 'input-faulty') return ['none'];
  return read.refusal.data.faults.map(
    ({ path, reason }) => `${path}: ${typeof reason === 'string' ? reason : reason.because}`,
  );
};

describe('a zone by itself', () => {
  it('is counted, with the cuts at the edges of a rectangle', () => {
    expect(answer(GRID)).toEqual({
      id: 'one',
      ...{ whole: 6, cut: 6, splitPieces: 0, cutParts: 6 },
      tiledArea: 588_654,
      jointArea: 600_000 - 588_654,
      bySlot: { tile: { whole: 6, cut: 6 } },
      edgeCuts: { left: 300, right: 91, bottom: 200, top: 194 },
    });
  });

  it('names its edges as they lie, however the grid is turned', () => {
    // Up the zone the tiles are 300 long, to the left 200 wide from the right edge.
    expect(answer({ ...GRID, angle: 90, origin: [1000, 0] })).toMatchObject({
      edgeCuts: { right: 200, left: 1000 - 4 * 203, bottom: 300, top: 297 },
    });
    expect(answer({ ...GRID, angle: 180, origin: [1000, 600] })).toMatchObject({
      edgeCuts: { right: 300, left: 91, top: 200, bottom: 194 },
    });
    expect(answer({ ...GRID, angle: 10 })).toMatchObject({ edgeCuts: null });
    expect(
      answer({
        ...GRID,
        zone: {
          ...ZONE,
          holes: [
            [
              [10, 10],
              [20, 10],
              [20, 20],
            ],
          ],
        },
      }),
    ).toMatchObject({ edgeCuts: null });
    expect(answer({ ...GRID, pattern: { type: 'running', offset: [1, 2] } })).toMatchObject({
      edgeCuts: null,
    });
  });

  it('is laid in the patterns by their tables', () => {
    // Herringbone: of a cell of two, flat and upright, as many of each.
    const side = 8 * 153;
    const square = {
      outer: [
        [0, 0],
        [side, 0],
        [side, side],
        [0, side],
      ],
    };
    const count = answer({
      ...GRID,
      zone: square,
      pattern: { type: 'herringbone90' },
      tile: { w: 150, h: 48 },
    });
    expect(count).toMatchObject({
      bySlot: { flat: expect.anything() as unknown, upright: expect.anything() as unknown },
    });
    // A plank row begins where its stagger says, below zero too: row -1 is the last of the list.
    const rows = {
      ...GRID,
      zone: {
        outer: [
          [0, -103],
          [1000, -103],
          [1000, 200],
          [0, 200],
        ],
      },
      tile: { w: 400, h: 100 },
    };
    const planks = answer({ ...rows, pattern: { type: 'plank', stagger: [0, 100, 250] } });
    // Row -1 at 250: 247, 400 and 347; row 0 at 0: 400, 400 and 194; row 1 at 100, 97 high: four cut.
    expect(planks).toMatchObject({ whole: 1 + 2, cut: 2 + 1 + 4 });
    expect(answer({ ...GRID, pattern: { type: 'octagon-dot' }, tile: { flat: 100 } })).toMatchObject({
      bySlot: {
        octagon: { whole: expect.any(Number) as unknown },
        dot: { whole: expect.any(Number) as unknown },
      },
    });
  });

  it('is set out at its best, by the joint that is best, or with the fewest cuts', () => {
    const { origin: _, joint: __, ...asked } = GRID;
    expect(answer({ ...asked, best: true, jointRange: [2, 3, 0.4] })).toMatchObject({
      id: 'one',
      proven: true,
    });
    const one = answer({
      ...asked,
      zone: {
        outer: [
          [0, 0],
          [603, 0],
          [603, 403],
          [0, 403],
        ],
      },
      best: true,
      joint: 3,
    });
    expect(one).toMatchObject({ best: 200, bestX: 300, bestY: 200, joint: 3 });
    expect(answer({ ...asked, best: true, joint: 3, limit: 80 })).toHaveProperty('cut');
    expect(one).not.toHaveProperty('cut');
    // Slanted and far larger than it has area: what can't be laid is told, not counted.
    const thin = [
      [0, 0],
      [9_000, 8_990],
      [9_000, 9_000],
    ];
    const { origin: ___, joint: ____, ...small } = { ...GRID, tile: { w: 10, h: 10 } };
    const asking = { ...small, zone: { outer: thin }, best: true, joint: 0, limit: 2 };
    expect(plainTile(must(readTileCase(asking, 'case')))).toMatchObject({
      refusal: { code: 'tiles-too-many' },
    });
    // Of more than a few thousand pieces' extent, and fewer than can be laid.
    const laid = answer({ ...asking, tile: { w: 100, h: 100 } });
    expect(laid).toMatchObject({ proven: false });
    expect(laid).toHaveProperty('cut');
  });
});

describe('offcuts and materials by themselves', () => {
  it('are answered', () => {
    const pieces = [{ id: 'p', w: 200, h: 300, factory: ['left'], qty: 3 }];
    const cut = { id: 'one', tile: { w: 600, h: 300 }, reuse: { kerf: 3, turns: [0, 180] }, pieces };
    expect(answer(cut)).toMatchObject({ tiles: 2, proven: true });
    expect(
      answer({ id: 'g', material: 'grout', A: 300, B: 300, thickness: 9, joint: 3, density: 1.7, area: 10 }),
    ).toEqual({
      id: 'g',
      kgPerM2: expect.closeTo(0.306, 9) as unknown,
      kg: expect.closeTo(3.06, 9) as unknown,
    });
    expect(answer({ id: 'g', material: 'grout', jointArea: 1e6, thickness: 9, density: 1.7 })).toMatchObject({
      litres: 9,
    });
    expect(answer({ id: 'a', material: 'adhesive', area: 12, backButter: 0.1, cover: 4 })).toEqual({
      id: 'a',
      bags: 4,
    });
  });
});

describe('a case that is not as it must be', () => {
  it('says what, where', () => {
    expect(faults({ ...GRID, colour: 'red' })).toEqual(['case.colour: no-key']);
    expect(faults({ ...GRID, pattern: { type: 'zigzag' } })).toEqual(['case.pattern.type: not-among']);
    expect(faults({ ...GRID, joint: -1 })).toEqual(['case.joint: number-between']);
    expect(
      faults({
        ...GRID,
        zone: {
          outer: [
            [0, 0],
            [10, 10],
            [10, 0],
            [0, 10],
          ],
        },
      }),
    ).toEqual([expect.stringContaining('crosses-itself')]);
    expect(faults({ ...GRID, best: true })).toContain('case.origin: not-with-best');
    expect(faults({ ...GRID, limit: 5 })).toEqual(['case.limit: best-only']);
    expect(faults({ ...GRID, best: 'yes' })).toEqual(['case.best: not-among']);
    expect(faults({ ...GRID, pattern: { type: 'running', offset: [1, 0] } })).toEqual([
      'case.pattern.offset[1]: number-between',
    ]);
    expect(faults({ id: 'x', material: 'paint' })).toContain('case.material: not-among');
    expect(faults({ id: 'x', tile: { w: 1, h: 1 }, reuse: { kerf: 3, turns: [45] }, pieces: [] })).toEqual([
      'case.reuse.turns[0]: not-among',
    ]);
    const corners = (count: number) =>
      Array.from({ length: count }, (_, index) => {
        const angle = (index / count) * 2 * Math.PI;
        return [900 * Math.cos(angle), 900 * Math.sin(angle)];
      });
    expect(faults({ ...GRID, zone: { outer: corners(2_000) } })).toEqual(['none']);
    expect(faults({ ...GRID, zone: { outer: corners(1_990), holes: [corners(11)] } })).toEqual([
      'case.zone: list-too-long',
    ]);
    for (const raw of [null, 7, [], 'x', { id: 'x' }]) expect(faults(raw)).not.toEqual(['none']);
  });
});
