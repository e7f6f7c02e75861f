import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { setRoom } from '../../commands/set-room';
import { setRows } from '../../commands/set-rows';
import type { ItemRow } from '../../document/records';
import { frontOfItem } from '../../shop/insides';
import { shopLength } from '../../shop/lists/shop-style';
import { madeItems } from '../../shop/parts/design-parts';
import type { Primitive } from '../primitives';
import { cutIn, insideDrawing, rowSource, sectionDrawing } from './inside-drawing';

const say = shopLength({ unit: 'mm' });
function made(code: string, rows?: readonly ItemRow[]) {
  const builder = rectangle(6000, 4000);
  builder.run(setRoom, { range: 'fathom', doorStyle: 'slab' });
  const id = builder.place(code, { on: 'floor', x: 1500, y: -1500, turn: 0 });
  if (rows) builder.run(setRows, { id, rows });
  return { item: madeItems(builder.design)[0]!, fronts: frontOfItem(builder.design, id) };
}
const texts = (marks: readonly Primitive[]) =>
  marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));

describe('the inside of a cabinet', () => {
  it('tells the heights of its rows at its front and what is clear between its boards where it is cut', () => {
    const { item, fronts } = made('F600', [
      { shows: 'drawer', high: 141 },
      { shows: 'doors', clear: [200, 150] },
    ]);
    const marks = insideDrawing(item, fronts, { scale: 10, say, chosen: 1 });
    // 141 and what is left of 714; over the bottom 200 and 150, and up to the rails of 18 under 870.
    const above = 870 - 18 - (168 + 200 + 18 + 150 + 18);
    expect(texts(marks)).toEqual(['141', '573', '200', '150', String(above)]);
    const told = marks.filter((mark) => mark.type === 'text' && mark.source === rowSource(1));
    expect(told.map((mark) => mark.type === 'text' && [mark.text, mark.bold])).toEqual([['573', true]]);
  });

  it('tells the widths side by side in the row in hand, and is cut beside an upright', () => {
    const { item, fronts } = made('F900', [{ shows: 'drawer', across: 2 }, { shows: 'drawer' }]);
    expect(texts(insideDrawing(item, fronts, { scale: 10, say, chosen: 0 }))).toContain('447');
    expect(texts(insideDrawing(item, fronts, { scale: 10, say, chosen: 1 }))).not.toContain('447');
    // The upright of 18 stands in the middle of 900.
    expect(cutIn(item)).toBe(441 - 25);
  });

  it('has every part that is cut by its number once', () => {
    const { item } = made('F600-3');
    const section = sectionDrawing(item.parts, cutIn(item), { scale: 10, say, numbered: true });
    const numbers = section.flatMap((mark) =>
      mark.type === 'text' && mark.source ? [Number(mark.text)] : [],
    );
    expect(new Set(numbers).size).toBe(numbers.length);
    const cut = item.parts.flatMap(({ boards }, index) =>
      boards.some((one) => !one.frame && one.x[0] < 300 && one.x[1] > 300) ? [index + 1] : [],
    );
    expect(numbers.sort((a, b) => a - b)).toEqual(cut);
  });

  it('of a corner cabinet is cut through its legs as they slant', () => {
    const { item } = made('F900-K');
    const reach = (at: number) =>
      Math.max(
        ...sectionDrawing(item.parts, at, { scale: 10, say }).flatMap((mark) =>
          mark.type === 'path' && mark.fill ? mark.rings.flat().map(({ x }) => x) : [],
        ),
      );
    // Its legs are 560 deep: along them it is 900 and 560, between them its front runs aslant.
    expect(reach(300)).toBeCloseTo(900, 6);
    const between = [600, 700, 800].map(reach);
    expect(between.every((one, index) => one < (between[index - 1] ?? 900 + 20) && one > 560)).toBe(true);
  });
});
