import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import type { RoomBuilder } from '../demo/build-room';
import { findItem } from '../ranges/shelf';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { blockOf } from './block';
import { itemBoxes, type ItemBox } from './item-box';
import { noPlaceFor, noPlaceForOne, tooHighFor } from './no-place';

const blockIn = ({ design }: RoomBuilder) => blockOf(itemBoxes(design) as unknown as [ItemBox, ...ItemBox[]]);

describe('what has no place in a smaller room', () => {
  it('names the item that is too wide by itself, and by how much', () => {
    const large = rectangle(5000, 4000);
    large.set('F300', 'face-a', 0);
    large.set('F1200', 'face-a', 300);
    const small = rectangle(1100, 1050).design;
    expect(refusalText(noPlaceFor(small, blockIn(large)))).toContain(
      'F1200 needs 1200 mm and 1100 mm are free at most: 100 mm too little',
    );
    expect(refusalText(noPlaceForOne(small, must(findItem('fathom', 'F1200'))))).toContain(
      '100 mm too little',
    );
  });

  it('else the one at the end that reaches too far, and by how much', () => {
    const large = rectangle(5000, 4000);
    large.set('F900', 'face-a', 0);
    large.set('F600', 'face-a', 900);
    const small = rectangle(1450, 1400).design;
    expect(refusalText(noPlaceFor(small, blockIn(large)))).toContain(
      'needs 1500 mm together and 1450 mm are free at most: F600, at its right end, reaches 50 mm too far',
    );
    // What would be long enough may still have no place: nothing false is said.
    expect(refusalText(noPlaceFor(large.design, blockIn(large)))).toContain('as they stand together');
  });

  it('says what goes through a lower ceiling, from above it on', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    builder.set('T600/2150', 'face-a', 600);
    const block = blockIn(builder);
    const at = (ceilingHeight: number) => {
      const room = rectangle().design;
      const records = { ...room.records };
      for (const record of Object.values(records))
        if (record.kind === 'room') records[record.id] = { ...record, ceilingHeight };
      const refusal = tooHighFor({ ...room, records }, block);
      return refusal && refusalText(refusal);
    };
    expect([at(2151), at(2150)]).toEqual([null, null]);
    expect(at(2149)).toContain('T600/2150 reaches 2150 mm above the floor, 1 mm more than the ceiling');
  });
});
