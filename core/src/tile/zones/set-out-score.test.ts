import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import { must } from '../../result';
import { isBetterSetOut, scoreSetOut, outermostApart } from './set-out-score';
import { bestSetOuts, layingOf, usualAims } from './set-outs';
import { usualZone } from './usual-zone';
import { findZone, type ZoneArea } from './zone-areas';
import { layZone } from './zone-laying';

const floor = (): ZoneArea => {
  const room = rectangle(2000, 1500);
  room.run(putZone, { ...usualZone(room.design, { id: 'one', face: null }), finish: 'Brine' });
  return findZone(room.design, 'one')!;
};

describe('set-outs', () => {
  it('are judged by what comes first where two differ by more than a hair', () => {
    const one = { slivers: 0, sight: 0, narrowest: 100, balance: 0, cut: 9, pieces: 20, price: 0 };
    expect(isBetterSetOut(one, { ...one, narrowest: 99.9 }, usualAims)).toBeLessThan(0);
    expect(isBetterSetOut(one, { ...one, narrowest: 99.96, cut: 10 }, usualAims)).toBeLessThan(0);
    expect(isBetterSetOut(one, { ...one, narrowest: 99.96 }, usualAims)).toBe(0);
    expect(isBetterSetOut({ ...one, slivers: 1 }, { ...one, narrowest: 51 }, usualAims)).toBeGreaterThan(0);
    expect(isBetterSetOut({ ...one, price: 30 }, { ...one, price: 31 }, usualAims)).toBeLessThan(0);
    expect(isBetterSetOut({ ...one, cut: 8 }, { ...one, pieces: 1 }, ['pieces'])).toBeGreaterThan(0);
  });

  it('cost what their pieces do, each a tile, at the price of its finish', () => {
    const { record, rings } = floor();
    const { w, h } = record.tile;
    const laid = must(layZone(record, rings));
    const pieces = laid.count.whole + laid.count.cut;
    expect(scoreSetOut(record, laid, new Set(), 40).price).toBeCloseTo(((pieces * w * h) / 1e6) * 40, 9);
    expect(scoreSetOut(record, laid, new Set()).price).toBe(0);
    const layings = [layingOf(record), { ...layingOf(record), finish: 'Jetty' }];
    const question = { zone: record, rings, sight: [], layings, aims: ['price'] as const };
    const first = (prices: Record<string, number>) => bestSetOuts({ ...question, prices }).answers[0]!;
    expect(first({ Brine: 40, Jetty: 30 }).laying.finish).toBe('Jetty');
    expect(first({ Brine: 40, Jetty: 50 }).laying.finish).toBe('Brine');
  });
});

describe('the cuts at the outermost opposite edges', () => {
  const edge = (from: [number, number], to: [number, number], size: number | null) => ({
    a: { x: from[0], y: from[1] },
    b: { x: to[0], y: to[1] },
    ...{ size, widest: size, whole: size === null ? null : 300 },
  });
  const room = (left: number | null, right: number | null, bottom: number | null, top: number | null) => [
    edge([0, 0], [4000, 0], bottom),
    edge([4000, 0], [4000, 3000], right),
    edge([4000, 3000], [0, 3000], top),
    edge([0, 3000], [0, 0], left),
  ];

  it('differ along the wider way first; whole tiles count as such, and uncut ways not at all', () => {
    expect(outermostApart(room(120, 100, 50, 50))).toEqual([20, 0]);
    expect(outermostApart(room(null, 100, 50, 80))).toEqual([200, 30]);
    expect(outermostApart(room(null, null, 50, 80))).toEqual([30]);
    expect(outermostApart(room(null, null, null, null))).toEqual([]);
  });

  it('are those of the room, not of what stands in it', () => {
    const column = [
      edge([1000, 1000], [1000, 2000], 10),
      edge([1000, 2000], [2000, 2000], 20),
      edge([2000, 2000], [2000, 1000], 30),
      edge([2000, 1000], [1000, 1000], 40),
    ];
    expect(outermostApart([...room(120, 100, 50, 50), ...column])).toEqual([20, 0]);
    // Its own sides have nothing of the zone between them.
    expect(outermostApart(column)).toEqual([]);
  });
});
