import { bench, describe } from 'vitest';
import { moveItem } from '../src/commands/move-item';
import { itemOf } from '../src/commands/set-item';
import { RoomBuilder } from '../src/demo/build-room';
import type { Design } from '../src/document/design';
import { applyPatch } from '../src/document/patch';
import type { ItemRecord } from '../src/document/records';
import { findItem } from '../src/ranges/shelf';
import { collisionsOf } from '../src/reach/collisions';
import { must } from '../src/result';
import { hug } from '../src/setting/hug';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces } from '../src/survey/outlines';

/** A hall with rows of cabinets standing free, and a run along its first face. */
function hall(count: number): Design {
  const side = 30_000;
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [side, side, null, null], 'mm');
  const builder = new RoomBuilder(
    must(makeRoom({ name: 'Hall', unit: 'mm', step: 1, ceilingHeight: 2400, faces })),
  );
  const cabinet = must(findItem('fathom', 'F300'));
  const records: Record<string, ItemRecord> = {};
  const inRow = 92;
  for (let i = 0; i < count; i++) {
    const [row, at] = [Math.floor(i / inRow), i % inRow];
    const id = `item-${String(i).padStart(5, '0')}`;
    const placement =
      row === 0
        ? ({ on: 'face', face: 'face-a', from: 'left', distance: at * 310, off: 0 } as const)
        : ({ on: 'floor', x: 700 + at * 310, y: -1200 - row * 500, turn: 0 } as const);
    records[id] = { ...itemOf(id, cabinet, placement, i + 1), depth: 350 };
  }
  return { ...builder.design, records: { ...builder.design.records, ...records } };
}

/** What the pointer of a drag asks of core for each move: where the item lands, and what it would run into there. */
describe.each([50, 500, 5_000])('a dragged item among %i', (count) => {
  const design = hall(count);
  const id = 'item-00007';
  const setting = { width: 300, depth: 350, low: 0, high: 870, except: new Set([id]) };
  let step = 0;
  bench('one move of the pointer', () => {
    step = (step + 37) % 20_000;
    const landing = hug(design, setting, { x: 400 + step, y: -300 - (step % 3_000) }, 60);
    const moved = must(moveItem.run(design, { id, placement: landing.placement }));
    const after = must(applyPatch(design, moved));
    collisionsOf(design, [after.records[id] as ItemRecord]);
  });
});
