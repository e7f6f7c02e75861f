import { roomOf } from '../document/design';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { kindOf } from '../ranges/kinds';
import { refuse } from '../result';
import { kneeSpaceFor, kneeSpaces } from '../reach/seats';
import { nextNumber } from '../setting/item-numbers';
import { quantise } from '../units/units';
import { findFace, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** How far a bar that is sat at stands past the half wall on the side that is not, mm. */
const PAST = 25;

/** Sets a raised bar on a half wall: as long as it, on its cap; standing out alike on both sides of it, or over the knees of those who sit on one. */
export const setBar: Command<{ face: string; id: string; seats?: 'this-side' | 'far-side' }> = {
  id: 'set-bar',
  label: () => 'Set a bar on the half wall',
  run(design, { face, id, seats }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, length, thickness, wallHeight } = found.value;
    if (wallHeight === null) return refuse('no-half-wall', { face: letter });
    const bar = shelfOf(roomOf(design).range, rangesOf(design)).find(({ type }) => type === 'bar-top');
    if (!bar) return refuse('code-unknown', { range: roomOf(design).range, code: 'bar top' });
    const { most } = kindOf('bar-top').trim!;
    if (length > most) return refuse('width-limits', { item: bar.code, width: length, least: 0, most });
    const { pack } = roomOf(design);
    const knees = kneeSpaceFor(kneeSpaces[pack], wallHeight + bar.height);
    const needed = seats ? PAST + thickness + knees : thickness + 1;
    const depth = bar.depths.find((one) => one >= needed) ?? quantise(Math.max(needed, bar.depth));
    // Its back lies so far past the wall's far side.
    const beyond = seats === 'this-side' ? PAST : seats ? depth - thickness - PAST : (depth - thickness) / 2;
    const off = quantise(-(thickness + beyond));
    const item = itemOf(
      id,
      { ...bar, width: quantise(length), depth },
      { on: 'face', face, from: 'left', distance: 0, off },
      nextNumber(design),
    );
    return guardedItems(design, [{ ...item, up: wallHeight }]);
  },
};
