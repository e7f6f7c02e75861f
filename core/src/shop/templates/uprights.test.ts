import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../../testing/rooms';
import { bendFace } from '../../commands/bend-face';
import { putService } from '../../commands/put-service';
import { setEdgeWay } from '../../commands/set-edge-way';
import { setFinish } from '../../commands/set-finish';
import { setRoom } from '../../commands/set-room';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import type { Design } from '../../document/design';
import { applyPatch } from '../../document/patch';
import type { FinishRecord } from '../../document/records';
import { must } from '../../result';
import { splashes, splashSize } from '../../surfaces/splashes';
import { costOf } from '../cost/cost';
import { slabLayouts, slabPieces } from './slab-layout';
import { templatesOf } from './templates';
import { uprightTemplates } from './uprights';

/** Two of 600 against face A, the second free at its right: their top 30 thick at 900, its end down to the floor there. */
function withEnd() {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 1000);
  builder.set('F600', 'face-a', 1600);
  builder.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { waterfall: true } });
  return builder;
}
const topped = (design: Design, finish: string): Design =>
  must(applyPatch(design, must(setFinish.run(design, { part: 'top', finish, to: { room: 'everywhere' } }))));
/** What mitres the edges of a piece have, by what they are. */
const mitres = ({ edges }: { edges: readonly { role: string; mitre?: number }[] }) =>
  edges.flatMap(({ role, mitre }) => (mitre === undefined ? [] : [[role, Math.round(mitre * 1e3) / 1e3]]));

describe('what a top goes down to the floor by', () => {
  it('is a piece of its stuff, mitred to it, its veins running up', () => {
    const builder = withEnd();
    builder.run(setFinish, { part: 'top', finish: 'Foam', to: { room: 'everywhere' } });
    const { design } = builder;
    const [end, ...others] = uprightTemplates(design);
    expect(others).toEqual([]);
    expect(end).toMatchObject({
      ...{ of: 'waterfall', top: 1, piece: 1, items: [2], thickness: 30, lying: true, along: true },
      ...{ length: 900, width: 600, area: 540_000, fitsSlab: true },
    });
    expect(mitres(end!)).toEqual([['head', 45]]);
    // Lying on its side: its foot is at the left, its upper edge at the right.
    const placed = end!.edges.map(({ role, from, to }) => [role, ...from, ...to].join(' '));
    expect(placed).toEqual(['foot 0 600 0 0', 'end 0 0 900 0', 'head 900 0 900 600', 'end 900 600 0 600']);
    expect(templatesOf(design).flatMap(mitres)).toEqual([['right', 45]]);
    const [layout, ...more] = slabLayouts(design);
    expect(more).toEqual([]);
    expect(
      layout!.slabs.flatMap(({ parts }) => parts.map(({ id, l, w, turned }) => [id, l, w, turned])),
    ).toContainEqual(['1', 900, 600, false]);
  });

  it('is mitred where it meets another, and lies as the veins go on round the corner', () => {
    const builder = rectangle(4000, 3000);
    builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0 });
    const at = [
      { item: 'item-1', side: 'right' },
      { item: 'item-1', side: 'behind' },
    ] as const;
    builder.run(setEdgeWay, { at, way: { waterfall: true } });
    const found = uprightTemplates(builder.design);
    expect(found.map(({ lying = false }) => lying).sort()).toEqual([false, true]);
    for (const one of found) {
      expect(mitres(one)).toHaveLength(2);
      expect(mitres(one)).toEqual(
        expect.arrayContaining([
          ['head', 45],
          ['end', 45],
        ]) as unknown,
      );
    }
    // 600 and 20 past the other end and 30 at the mitre; 560, 40 past the front and 30.
    expect(found.map(({ lying, length, width }) => Math.round(lying ? width : length)).sort()).toEqual([
      630, 650,
    ]);
    const [half, whole] = [builder, withEnd()].map(({ design }) =>
      costOf(design).lines.find(({ code }) => code === 'top-mitre'),
    );
    expect(half!.qty).toBeCloseTo(0.63 + 0.65 + 0.87, 9);
    expect(whole!.qty).toBeCloseTo(0.6, 9);
  });

  it('costs what its stuff does, and its mitre', () => {
    const builder = withEnd();
    const fallLines = (of: Design) =>
      costOf(of).lines.filter(({ code }) => code === 'waterfall' || code === 'top-mitre');
    const lines = () => fallLines(builder.design);
    expect(lines().map(({ code, qty, price }) => [code, qty, price])).toEqual([
      ['waterfall', expect.closeTo(0.54, 9), 185],
      ['top-mitre', expect.closeTo(0.6, 9), 68],
    ]);
    for (const { of } of lines()) expect(of.map(({ id }) => id)).toEqual(['item-2']);
    // What is mitred to it is no worked edge besides, nor what is left as it was sawn.
    const edge = (of: Design) => costOf(of).lines.find(({ code }) => code === 'top-edge')!.qty;
    const whole = withEnd();
    whole.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { waterfall: false } });
    // Without it the end stands out 10 less.
    expect(edge(whole.design) - edge(builder.design)).toBeCloseTo(0.6 - 0.01, 9);
    whole.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { profile: 'raw' } });
    expect(edge(whole.design)).toBeCloseTo(edge(builder.design) - 0.01, 9);
    const own: FinishRecord = {
      ...({ kind: 'finish', id: 'own', name: 'Own', code: 'S90', of: 'stone', colour: '#808080' } as const),
      ...{ rough: 0.5, long: 900, high: 900, price: { amount: 410, per: 'm2' } },
    };
    const priced = must(
      setFinish.run(builder.design, { part: 'top', finish: 'Own', to: { room: 'everywhere' }, own }),
    );
    expect(fallLines(must(applyPatch(builder.design, priced)))[0]).toMatchObject({
      name: 'Waterfall end, Own',
      price: 410,
    });
    builder.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { waterfall: false } });
    expect(lines()).toEqual([]);
  });
});

describe('pieces of splashes', () => {
  it('are in corners of every angle mitred by half of it, and as long as their walls', () => {
    let met = 0;
    fc.assert(
      fc.property(fc.integer({ min: 70, max: 130 }), (angle) => {
        // Face A runs from 0, 0; face D leaves its corner at that angle.
        const off = 3000 / Math.tan((angle * Math.PI) / 180);
        const builder = cornered([
          { x: 0, y: 0 },
          { x: 4000, y: 0 },
          { x: 4000, y: -3000 },
          { x: off, y: -3000 },
        ]);
        builder.run(setRoom, { splashHeight: 100 });
        builder.set('F600', 'face-a', 1200);
        const [free] = uprightTemplates(builder.design);
        expect([mitres(free!), free!.length]).toEqual([[], expect.closeTo(640, 6)]);
        builder.set('F1200', 'face-a', 0);
        const all = uprightTemplates(builder.design).filter(({ of }) => of === 'splash');
        for (const one of all) {
          expect(one.width).toBe(100);
          for (const [role, mitre] of mitres(one)) {
            met += 1;
            expect(role).toBe('end');
            // Their backs are longer than their faces: a half of the corner from square.
            expect(mitre).toBeCloseTo(-(90 - angle / 2), 2);
          }
        }
      }),
      { numRuns: 40 },
    );
    expect(met).toBeGreaterThan(40);
  });

  it('are together what there is of splashes, under and beside openings too', () => {
    for (const make of [galleyWithBay, orchardKitchen])
      for (const splashHeight of [100, 450]) {
        const builder = { design: make() };
        const room = must(setRoom.run(builder.design, { splashHeight, splashAtCooking: true }));
        const design = must(applyPatch(builder.design, room));
        const all = uprightTemplates(topped(design, 'Foam')).filter(({ of }) => of === 'splash');
        const area = splashes(design).reduce((sum, one) => sum + splashSize(one).area, 0);
        const made = all.reduce((sum, one) => sum + one.area, 0);
        expect(made).toBeGreaterThan(0.999 * area);
        // Round corners that come out into the room they are longer than their walls, by a thickness each.
        expect(made).toBeLessThan(1.03 * area);
        // Numbered on, piece by piece.
        all.slice(1).forEach(({ top, piece }, index) => {
          const before = all[index]!;
          expect([top, piece]).toEqual(piece > 1 ? [before.top, before.piece + 1] : [before.top + 1, 1]);
        });
      }
  });

  it('are one along a bent wall, as long as the chords they are made of', () => {
    for (const side of ['in', 'out'] as const) {
      const builder = rectangle(6000, 4000);
      builder.run(bendFace, { face: 'face-a', bend: { side, depth: 300 } });
      builder.run(setRoom, { splashHeight: 100 });
      for (const at of [1500, 2100, 2700]) builder.set('F600', 'face-a', at);
      const [one, ...others] = uprightTemplates(builder.design);
      expect(others).toEqual([]);
      const area = splashes(builder.design).reduce((sum, each) => sum + splashSize(each).area, 0);
      expect(one).toMatchObject({ bent: true, length: expect.closeTo(area / 100, 6) as number });
      expect(one!.length).toBeGreaterThan(1840);
      expect(mitres(one!)).toEqual([]);
      // What comes through it is told along the bend: half of it in its middle.
      const face = { on: 'face', face: 'face-a', from: 'left', off: 0 } as const;
      const put = (distance: number) =>
        builder.run(putService, {
          ...{ kind: 'service', id: `s${distance}`, type: 'socket', up: 950 },
          placement: { ...face, distance },
        });
      for (const distance of [1700, 2400, 3100]) put(distance);
      const [again] = uprightTemplates(builder.design);
      const places = again!.services!.map(({ at }) => at[0]).sort((a, b) => a - b);
      expect(places).toHaveLength(3);
      // As far apart as along the wall, but for the chords.
      for (const [index, from] of places.slice(0, 2).entries())
        expect(Math.abs(places[index + 1]! - from - 700)).toBeLessThan(5);
      expect(Math.abs(places[1]! - again!.length / 2)).toBeLessThan(5);
    }
  });

  it('are the fewest equal ones that the slab has room for, joined', () => {
    const builder = rectangle(4000, 3000);
    // Its top goes 20 past either end.
    builder.run(setRoom, { splashHeight: 100, slabLength: 1220 });
    builder.set('F1200', 'face-a', 500);
    builder.set('F1200', 'face-a', 1700);
    const all = () => uprightTemplates(builder.design);
    expect(all().map(({ length }) => length)).toEqual([1220, 1220]);
    expect(all().map(({ edges }) => edges.map(({ role }) => role))).toEqual([
      ['foot', 'joint', 'head', 'end'],
      ['foot', 'end', 'head', 'joint'],
    ]);
    builder.run(setRoom, { slabLength: 1219.9 });
    expect(all().map(({ length }) => length)).toEqual([2440 / 3, 2440 / 3, 2440 / 3]);
    expect(all().every(({ fitsSlab }) => fitsSlab)).toBe(true);
  });

  it('tell what comes out through them, from the left as they are seen', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { splashHeight: 300 });
    builder.set('F1200', 'face-a', 500);
    // The splash begins 480 from the left end of the wall.
    builder.run(putService, {
      ...{ kind: 'service', id: 'socket', type: 'socket', up: 1100 },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 700, off: 0 },
    });
    const [one] = uprightTemplates(builder.design);
    const [cabinet] = templatesOf(builder.design);
    expect(one!.services).toHaveLength(1);
    const [x, y] = one!.services![0]!.at;
    expect(y).toBeCloseTo(200, 9);
    expect(one!.length).toBeCloseTo(1240, 9);
    expect(x).toBeCloseTo(220, 6);
    expect(cabinet!.services).toBeUndefined();
  });

  it('are none where they are tiled or painted', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { splashHeight: 100 });
    builder.set('F600', 'face-a', 500);
    expect(slabPieces(builder.design).map(({ of }) => of)).toEqual(['top', 'splash']);
    builder.run(setFinish, { part: 'splash', finish: 'Chalk', to: { room: 'everywhere' } });
    expect(slabPieces(builder.design).map(({ of }) => of)).toEqual(['top']);
  });
});
