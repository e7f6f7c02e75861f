import { roomOf } from '../document/design';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { kindOf } from '../ranges/kinds';
import { refuse } from '../result';
import { nextNumber } from '../setting/item-numbers';
import { quantise } from '../units/units';
import { findFace, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** Sets a raised bar on a half wall: as long as it, on its cap, standing out alike on both sides of it. */
export const setBar: Command<{ face: string; id: string }> = {
  id: 'set-bar',
  label: () => 'Set a bar on the half wall',
  run(design, { face, id }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, length, thickness, wallHeight } = found.value;
    if (wallHeight === null) return refuse('no-half-wall', { face: letter });
    const bar = shelfOf(roomOf(design).range, rangesOf(design)).find(({ type }) => type === 'bar-top');
    if (!bar) return refuse('code-unknown', { range: roomOf(design).range, code: 'bar top' });
    const { most } = kindOf('bar-top').trim!;
    if (length > most) return refuse('width-limits', { item: bar.code, width: length, least: 0, most });
    const depth = bar.depths.find((one) => one > thickness) ?? bar.depth;
    const off = quantise(-(thickness + depth) / 2);
    const item = itemOf(
      id,
      { ...bar, width: quantise(length), depth },
      { on: 'face', face, from: 'left', distance: 0, off },
      nextNumber(design),
    );
    return guardedItems(design, [{ ...item, up: wallHeight }]);
  },
};
