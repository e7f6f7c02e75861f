import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { setEdgeWay } from '../commands/set-edge-way';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { costOf } from '../shop/cost/cost';
import { usualPrices } from '../shop/cost/price-book';
import { splashMitres } from './splash-mitres';

/** Two of 600 on face A, the second up to the corner with face B. */
const atCorner = (builder: RoomBuilder) => {
  builder.set('F600', 'face-a', 2800);
  builder.set('F600', 'face-a', 3400);
  return builder;
};
const all = ({ design }: RoomBuilder) =>
  [...splashMitres(design).values()].reduce((sum, one) => sum + one, 0);

describe('mitres of splashes', () => {
  it('are as high as both are, where two meet in a corner', () => {
    const builder = atCorner(rectangle(4000, 3000));
    expect(all(builder)).toBe(0);
    builder.run(setRoom, { splashHeight: 100 });
    expect(all(builder)).toBeCloseTo(100, 6);
    expect([...splashMitres(builder.design).values()]).toEqual([50, 50]);
    builder.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { splash: { height: 60 } } });
    expect(all(builder)).toBeCloseTo(60, 6);
    builder.run(setEdgeWay, { at: [{ item: 'item-2', side: 'right' }], way: { splash: { height: 0 } } });
    expect(all(builder)).toBe(0);
  });

  it('are none where one goes straight on higher or lower, and are there in any corner', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 1000);
    builder.set('F600', 'face-a', 1600);
    builder.run(setRoom, { splashHeight: 100 });
    builder.run(setEdgeWay, { at: [{ item: 'item-1', side: 'behind' }], way: { splash: { height: 200 } } });
    expect(all(builder)).toBe(0);
    const skewed = cornered([
      { x: 0, y: 3000 },
      { x: 4000, y: 3000 },
      { x: 3700, y: 0 },
      { x: 0, y: 0 },
    ]);
    atCorner(skewed).run(setRoom, { splashHeight: 100 });
    expect(all(skewed)).toBeCloseTo(100, 6);
  });

  it('cost what mitres do, for the items they are behind', () => {
    const builder = atCorner(rectangle(4000, 3000));
    builder.run(setRoom, { splashHeight: 100 });
    const rows = usualPrices.rows.map((row) => ({ ...row, price: row.code === 'top-mitre' ? 70 : 0 }));
    const mitre = costOf(builder.design, { rows }).lines.find(({ code }) => code === 'top-mitre')!;
    expect(mitre).toMatchObject({ unit: 'm', price: 70, cents: 700 });
    expect(mitre.qty).toBeCloseTo(0.1, 9);
    const of = (id: string) => mitre.of.filter((one) => one.id === id).reduce((sum, { qty }) => sum + qty, 0);
    // Half behind both, half at the end of the second.
    expect(of('item-1')).toBeCloseTo(0.025, 9);
    expect(of('item-2')).toBeCloseTo(0.075, 9);
  });
});
