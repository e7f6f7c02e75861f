import { describe, expect, it } from 'vitest';
import { onA, withRecord } from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf, type Design } from '../document/design';
import type { ItemRecord, ItemRow } from '../document/records';
import { must } from '../result';
import { findBox } from '../setting/item-box';
import { solidOfItem } from '../solids/solids';
import { execute } from './command';
import { editItems } from './edit-items';
import { mirrorItems } from './mirror-items';
import { setFacts } from './set-facts';
import { setItem } from './set-item';
import { setRows } from './set-rows';

const mirrored = (design: Design, ...ids: string[]) => must(execute(mirrorItems, design, { ids })).design;
const record = (design: Design, id: string): ItemRecord => recordOf(design, 'item', id)!;

/** Where the parts of an item's front are across it, from the left or from the right. */
function across(design: Design, id: string, from: 'left' | 'right') {
  const box = findBox(design, id)!;
  const parts = solidOfItem(design, box).sides.flatMap((side) => side.parts);
  return parts
    .map(({ shows, row, left, right, low }) => {
      const [near, far] =
        from === 'left' ? [left, right] : [box.record.width - right, box.record.width - left];
      return [shows, row, near, far, low].map((one) =>
        typeof one === 'number' ? Math.round(one * 1e3) / 1e3 : one,
      );
    })
    .sort((a, b) => Number(a[1]) - Number(b[1]) || Number(a[2]) - Number(b[2]));
}

describe('an item in a mirror', () => {
  const withRows = (rows: ItemRow[]): [RoomBuilder, string] => {
    const builder = rectangle();
    const id = builder.set('F1200', 'face-a', 500);
    builder.run(setRows, { id, rows });
    return [builder, id];
  };

  it('shows what is side by side in rows of its own the other way round', () => {
    const rows: ItemRow[] = [
      { shows: 'drawer', high: 150, across: 3, widths: [200, 350] },
      { shows: 'doors', across: 3, widths: [300] },
      { shows: 'shelves', across: 2 },
    ];
    const [{ design }, id] = withRows(rows);
    const after = mirrored(design, id);
    expect(across(after, id, 'left')).toEqual(across(design, id, 'right'));
    expect(across(after, id, 'left')).not.toEqual(across(design, id, 'left'));
    expect(record(after, id).rows![2]).toEqual(rows[2]);
    const twice = mirrored(after, id);
    expect(across(twice, id, 'left')).toEqual(across(design, id, 'left'));
    expect(record(twice, id).rows![0]).toEqual(rows[0]);
  });

  it('shows them so in a frame, too', () => {
    const builder = rectangle();
    builder.run(setItem, { id: 'one', range: 'saltbox', code: 'B36', placement: onA(500) });
    builder.run(setRows, { id: 'one', rows: [{ shows: 'drawer', across: 2, widths: [200] }] });
    const after = mirrored(builder.design, 'one');
    expect(across(after, 'one', 'left')).toEqual(across(builder.design, 'one', 'right'));
  });

  it('shows them so where several change places, too', () => {
    const [builder, id] = withRows([{ shows: 'drawer', across: 2, widths: [400] }]);
    const other = builder.set('F600', 'face-a', 1700);
    const after = mirrored(builder.design, id, other);
    expect(findBox(after, id)!.against!.along).toBe(1100);
    expect(across(after, id, 'left')).toEqual(across(builder.design, id, 'right'));
  });

  it('is taken hold of at the other side, by both where it has two doors', () => {
    const builder = rectangle();
    const id = builder.place('COLD600', onA(500));
    const handle = (side: 'both' | 'left' | 'right') =>
      record(mirrored(withRecord(builder, id, { facts: { handle: side, opens: 500 } }).design, id), id).facts;
    expect(handle('left')).toEqual({ handle: 'right', opens: 500 });
    expect(handle('right')).toEqual({ handle: 'left', opens: 500 });
    expect(handle('both')).toEqual({ handle: 'both', opens: 500 });
  });

  it('is hung where it is not taken hold of, whichever of them is said', () => {
    const builder = rectangle();
    const id = builder.place('COLD600', onA(500));
    const said = () => {
      const { hand, facts } = record(builder.design, id);
      return [hand, facts?.handle];
    };
    builder.run(setFacts, { ids: [id], facts: { handle: 'left' } });
    expect(said()).toEqual(['right', 'left']);
    builder.run(editItems, { ids: [id], change: { hand: 'left' } });
    expect(said()).toEqual(['left', 'right']);
    builder.run(setFacts, { ids: [id], facts: { handle: 'both' } });
    expect(said()).toEqual(['left', 'both']);
    builder.run(editItems, { ids: [id], change: { hand: 'right' } });
    expect(said()).toEqual(['right', 'both']);
    builder.run(setFacts, { ids: [id], facts: { handle: null } });
    expect(said()).toEqual(['right', undefined]);
  });
});
