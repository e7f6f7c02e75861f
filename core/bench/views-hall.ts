import { itemOf } from '../src/commands/set-item';
import { RoomBuilder } from '../src/demo/build-room';
import type { Design } from '../src/document/design';
import type { ItemRecord } from '../src/document/records';
import { findItem } from '../src/ranges/shelf';
import { must } from '../src/result';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces } from '../src/survey/outlines';

const codes = ['F300', 'F300-3', 'U300/720'];

/** A hall of four faces with 300 items along them: base and drawer cabinets, wall cabinets over them. */
export function hall(): Design {
  const side = 24_000;
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [side, side, null, null], 'mm');
  const builder = new RoomBuilder(
    must(makeRoom({ name: 'Hall', unit: 'mm', step: 1, ceilingHeight: 2400, faces })),
  );
  const records: Record<string, ItemRecord> = {};
  for (let i = 0; i < 300; i++) {
    const id = `item-${String(i).padStart(5, '0')}`;
    const face = `face-${'abcd'[i % 4]}`;
    const at = Math.floor(i / 4);
    const cabinet = must(findItem('fathom', codes[at % 3]!));
    const place = Math.floor(at / 3) * 2 + (at % 3 === 1 ? 1 : 0);
    const placement = { on: 'face', face, from: 'left', distance: 700 + place * 300, off: 0 } as const;
    records[id] = itemOf(id, cabinet, placement, i + 1);
  }
  return { ...builder.design, records: { ...builder.design.records, ...records } };
}
