import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putFixed, usualFixed } from '../../commands/put-fixed';
import { putZone } from '../../commands/put-zone';
import { setFinish } from '../../commands/set-finish';
import type { FinishRecord, FixedRecord } from '../../document/records';
import type { Design } from '../../document/design';
import { usualZone } from '../../tile/zones/usual-zone';
import { costOf } from './cost';
import { usualPrices } from './price-book';
import { quoteOf } from './quote';

const linesOf = (design: Design, ...codes: readonly string[]) =>
  costOf(design)
    .lines.filter(({ code }) => codes.includes(code))
    .map(({ name, qty, unit, price }) => [name, Number(qty.toFixed(6)), unit, price]);
const ownOf = (price: FinishRecord['price'], change: Partial<FinishRecord> = {}): FinishRecord => ({
  ...({ kind: 'finish', id: 'own', name: 'Own', code: 'S90', of: 'timber', colour: '#808080' } as const),
  ...{ rough: 0.5, long: 900, high: 900, ...(price && { price }) },
  ...change,
});

describe('what goes along runs and walls', () => {
  it('costs what its finish says a metre does, and else what the book says', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 500);
    // The plinth returns at both ends; the skirting goes round the room, but for where the cabinet stands.
    expect(linesOf(builder.design, 'plinth', 'trim')).toEqual([
      ['Plinth', 1.62, 'm', 7.4],
      ['Cornice, light rail, skirting, cove', 13.4, 'm', 12.5],
    ]);
    const everywhere = { room: 'everywhere' } as const;
    builder.run(setFinish, {
      ...{ part: 'trim', finish: 'Own', to: everywhere },
      own: ownOf({ amount: 21, per: 'm' }),
    });
    expect(linesOf(builder.design, 'plinth', 'trim')).toEqual([
      ['Plinth', 1.62, 'm', 7.4],
      ['Cornice, light rail, skirting, cove, Own', 13.4, 'm', 21],
    ]);
    // A price for a square metre is none for a metre.
    builder.run(setFinish, {
      ...{ part: 'trim', finish: 'Own', to: everywhere },
      own: ownOf({ amount: 21, per: 'm2' }),
    });
    expect(linesOf(builder.design, 'trim')).toEqual([
      ['Cornice, light rail, skirting, cove', 13.4, 'm', 12.5],
    ]);
  });
});

describe('what walls are lined with', () => {
  const lined = (change: Partial<FixedRecord> = {}, own?: FinishRecord) => {
    const builder = rectangle(4000, 3000);
    const lining = { ...usualFixed(builder.design, 'lining', 'lining', 'face-a'), ...change };
    builder.run(putFixed, lining);
    if (own) builder.run(setFinish, { part: 'wall', finish: 'Own', to: { faces: ['lining'] }, own });
    return builder.design;
  };

  it('costs by its front and how it is made, with the hours of fitting it', () => {
    const design = lined({ style: 'panelled', height: 1200 });
    expect(linesOf(design, 'lining panelled', 'fitting-linings')).toEqual([
      ['Wall lining, Framed panels', 4.8, 'm2', 74],
      ['Fitting wall linings, a square metre', 3.36, 'hour', 52],
    ]);
    const cost = costOf(design);
    expect(cost.lines.find(({ group }) => group === 'linings')!.of).toEqual([{ id: 'lining', qty: 4.8 }]);
    expect(quoteOf(cost, { allowances: [] }).lines.map(({ group }) => group)).toContain('linings');
    // A book may say it of one way alone.
    const rows = [...usualPrices.rows, { code: 'lining panelled', unit: 'm2' as const, price: 120 }];
    expect(costOf(design, { rows }).lines.find(({ group }) => group === 'linings')!.price).toBe(120);
    const { asked } = costOf(design, { rows: usualPrices.rows.filter(({ code }) => code !== 'lining') });
    expect(asked).toEqual([{ code: 'lining panelled', ids: ['lining'] }]);
  });

  it('costs what it is of where that says so, but not what it is only painted with', () => {
    const price = { amount: 95, per: 'm2' } as const;
    const line = (own: FinishRecord) => linesOf(lined({ height: 1000 }, own), 'lining plain');
    expect(line(ownOf(price))).toEqual([['Wall lining, Plain, Own', 4, 'm2', 95]]);
    expect(line(ownOf(price, { of: 'paint' }))).toEqual([['Wall lining, Plain', 4, 'm2', 74]]);
  });
});

describe('the edges of tiles that are seen', () => {
  it('cost a trim by the metre', () => {
    const builder = rectangle(4000, 3000);
    const corners = [
      { x: 500, y: 0 },
      { x: 2500, y: 0 },
      { x: 2500, y: 900 },
      { x: 500, y: 900 },
    ];
    builder.run(putZone, {
      ...usualZone(builder.design, { id: 'zone', face: 'face-a', corners }),
      corners,
    });
    // Both sides and the top; it stands on the floor.
    expect(linesOf(builder.design, 'tile-trim')).toEqual([['Trim along the edges of tiles', 3.8, 'm', 5.6]]);
  });
});
