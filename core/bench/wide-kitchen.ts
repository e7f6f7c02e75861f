import { moveItem } from '../src/commands/move-item';
import { RoomBuilder } from '../src/demo/build-room';
import type { Design } from '../src/document/design';
import { applyPatch } from '../src/document/patch';
import type { ItemRecord } from '../src/document/records';
import { must } from '../src/result';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces } from '../src/survey/outlines';

/** A kitchen of so many items: runs of bases under wall cabinets along all four faces, islands for the rest; a sink, a range with its hood, a refrigerator and a dishwasher among them; a door and a window. */
export function wideKitchen(count: number): Design {
  const side = Math.min(28_000, Math.max(4_200, Math.ceil(count / 12) * 1_300));
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [side, side, null, null], 'mm');
  const room = new RoomBuilder(
    must(makeRoom({ name: 'Wide', unit: 'mm', step: 1, ceilingHeight: 2400, faces })),
  );
  room.open('face-d', 'door', 200);
  room.open('face-c', 'window', side / 2, { sill: 1100 });
  let left = count;
  const set = (code: string, face: string, at: number) => {
    if (left-- > 0) room.set(code, face, at);
  };
  const codes = ['COLD600', 'F600', 'F800-S', 'DISH600', 'F600-3', 'COOK600'];
  for (const face of ['face-a', 'face-b', 'face-c'])
    for (let at = 700, index = 0; at + 800 < side - 700; index++) {
      const code = face === 'face-a' ? (codes[index] ?? 'F600') : 'F600';
      set(code, face, at);
      if (!code.startsWith('COLD')) set('U600/720', face, at);
      at += code === 'F800-S' ? 800 : 600;
    }
  for (let y = -2_000; left > 0; y -= 2_000)
    for (let x = 1_800; left > 0 && x + 600 < side - 1_800; x += 600) {
      left -= 1;
      room.place('F600', { on: 'floor', x, y, turn: 0 });
    }
  return room.design;
}

/** A design in which one item stands so many steps further on than it did. */
export function movedOn(design: Design, { id, placement }: ItemRecord, steps: number): Design {
  const to =
    placement.on === 'floor'
      ? { ...placement, x: placement.x + 10 * steps }
      : { ...placement, distance: placement.distance + steps };
  return must(applyPatch(design, must(moveItem.run(design, { id, placement: to }))));
}
