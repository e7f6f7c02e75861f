import { itemOf } from '../src/commands/set-item';
import { designOf, type Design } from '../src/document/design';
import { MOST_FACE } from '../src/document/limits';
import type { ItemRecord, Placement } from '../src/document/records';
import { findItem } from '../src/ranges/shelf';
import { must } from '../src/result';
import { makeRoom } from '../src/survey/make-room';
import { outlineFaces } from '../src/survey/outlines';

const MOST = 5_000;
const PITCH = { x: 1_290, y: 1_590 };

/** A hall of so many items, as dense however many there are (5,000 fill the largest there is): cabinets along its faces and in blocks of six back to back, each with one that hangs over it. */
export function crowd(count: number): Design {
  const side = MOST_FACE * Math.sqrt(count / MOST);
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [side, side, null, null], 'mm');
  const design = must(makeRoom({ name: 'Hall', unit: 'mm', step: 1, ceilingHeight: 2400, faces }));
  const [low, high] = [must(findItem('fathom', 'F300')), must(findItem('fathom', 'U300/720'))];
  const items: ItemRecord[] = [];
  const add = (placement: Placement) => {
    for (const cabinet of [low, high])
      items.push(itemOf(`item-${items.length}`, cabinet, placement, items.length + 1));
  };
  for (let along = 700; along + 300 < side - 700; along += 300)
    for (const face of 'abcd')
      add({ on: 'face', face: `face-${face}`, from: 'left', distance: along, off: 0 });
  const columns = Math.floor((side - 2_200) / PITCH.x);
  for (let index = 0; items.length < count; index++) {
    const [block, within] = [Math.floor(index / 6), index % 6];
    const x = 1_300 + (block % columns) * PITCH.x + (within % 3) * 300;
    const y = -1_900 - Math.floor(block / columns) * PITCH.y;
    add(within < 3 ? { on: 'floor', x, y, turn: 0 } : { on: 'floor', x: x + 300, y, turn: Math.PI });
  }
  return designOf([...Object.values(design.records), ...items.slice(0, count)]);
}
