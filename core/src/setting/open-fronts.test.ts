import { describe, expect, it } from 'vitest';
import { floor, put, rounded } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { setItem } from '../commands/set-item';
import { hiddenInCorner, openFronts } from './open-fronts';
import { itemBoxes } from './item-box';

/** What the fronts of an item take whose back left corner is at 1000, 1000 below, its front to the lower side. */
function opens(code: string, { turn = 0, hand = 'left', range = 'fathom' } = {}) {
  const builder = rectangle(6000, 5000);
  put(builder, 'own', code, floor(1000, -1000, turn), range);
  if (hand === 'right') builder.run(editItems, { ids: ['own'], change: { hand: 'right' } });
  const way = (angle: number) => (angle < -3.14 ? angle + 2 * Math.PI : angle);
  return openFronts(itemBoxes(builder.design)[0]!).map((front) =>
    'swing' in front
      ? [
          front.swing.centre.x,
          front.swing.centre.y,
          front.swing.radius,
          way(front.swing.from),
          front.swing.sweep,
        ].map(rounded)
      : front.reach.map(({ x, y }) => [rounded(x), rounded(y)]),
  );
}
const [quarter, half] = [rounded(Math.PI / 2), rounded(Math.PI)];

describe('what fronts take when they are open', () => {
  it('is a quarter circle about the hinge of one door, about both of two', () => {
    // Hinged at its left the leaf sweeps from straight out, round to its right; at its right the other way about.
    expect(opens('F600')).toEqual([[1000, -1560, 600, -quarter, quarter]]);
    expect(opens('F600', { hand: 'right' })).toEqual([[1600, -1560, 600, half, quarter]]);
    expect(opens('F1200')).toEqual([
      [1000, -1560, 600, -quarter, quarter],
      [2200, -1560, 600, half, quarter],
    ]);
    expect(opens('F600', { turn: Math.PI / 2 })).toEqual([[1560, -1000, 600, 0, quarter]]);
  });

  it('is one leaf up to 610, two above', () => {
    for (const [width, leaves] of [
      [610, 1],
      [611, 2],
    ] as const) {
      const builder = rectangle(6000, 5000);
      builder.run(setItem, { id: 'own', range: 'fathom', code: 'F600', placement: floor(1000, -1000) });
      const item = { ...itemBoxes(builder.design)[0]!.record, width };
      builder.design = { ...builder.design, records: { ...builder.design.records, own: item } };
      expect(openFronts(itemBoxes(builder.design)[0]!)).toHaveLength(leaves);
    }
  });

  it('is what shows of a blind cabinet, about the hinge away from the corner', () => {
    expect(hiddenInCorner({ width: 1200, depth: 560 })).toBe(630);
    expect(hiddenInCorner({ width: 800, depth: 560 })).toBe(600);
    expect(hiddenInCorner({ width: 840, depth: 560 })).toBe(630);
    expect(opens('F1200-C')).toEqual([[2200, -1560, 570, half, quarter]]);
    expect(opens('F1200-C', { hand: 'right' })).toEqual([[1000, -1560, 570, -quarter, quarter]]);
  });

  it('is nine tenths of the depth before drawers, three quarters of the height before a door that comes down', () => {
    expect(opens('F600-3')).toEqual([
      [
        [1000, -1560],
        [1600, -1560],
        [1600, -2064],
        [1000, -2064],
      ],
    ]);
    expect(opens('DISH600', { range: 'generic-mm' })).toEqual([
      [
        [1000, -1560],
        [1600, -1560],
        [1600, -2175],
        [1000, -2175],
      ],
    ]);
  });

  it('is nothing before what folds into its corner, opens up, or does not open', () => {
    expect(['F900-L', 'U600/360-L', 'F150-X', 'P18'].map((code) => opens(code))).toEqual([[], [], [], []]);
  });
});
