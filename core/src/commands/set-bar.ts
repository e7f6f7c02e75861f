import { roomOf } from '../document/design';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { kindOf } from '../ranges/kinds';
import { refuse } from '../result';
import { kneeSpaceFor } from '../reach/knee-space';
import { nextNumber } from '../setting/item-numbers';
import { quantise } from '../units/units';
import type { PlacedFace } from '../survey/placed-face';
import { findFace, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** How far a bar that is sat at stands past the half wall on the side that is not, mm. */
const PAST = 25;

/** In how many pieces a bar on a half wall is made, of the length that can be: one after the other, as long as one another. */
export function barPieces({ length }: Pick<PlacedFace, 'length'>): number {
  return Math.max(1, Math.ceil((length - 1e-6) / kindOf('bar-top').trim!.most));
}

/** Sets a raised bar on a half wall: as long as it, on its cap, in as many pieces as there are ids; standing out alike on both sides of it, or over the knees of those who sit on one. */
export const setBar: Command<{ face: string; ids: readonly string[]; seats?: 'this-side' | 'far-side' }> = {
  id: 'set-bar',
  run(design, { face, ids, seats }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, length, thickness, wallHeight } = found.value;
    if (wallHeight === null) return refuse('no-half-wall', { face: letter });
    const bar = shelfOf(roomOf(design).range, rangesOf(design)).find(({ type }) => type === 'bar-top');
    if (!bar) return refuse('code-unknown', { range: roomOf(design).range, code: 'bar-top' });
    if (ids.length === 0) return refuse('items-too-few', { least: 1 });
    const { least, most } = kindOf('bar-top').trim!;
    const width = length / ids.length;
    if (width > most + 1e-6 || width < least)
      return refuse('width-limits', { item: bar.code, width, least, most });
    const knees = kneeSpaceFor(design, wallHeight + bar.height);
    const needed = seats ? PAST + thickness + knees : thickness + 1;
    const depth = bar.depths.find((one) => one >= needed) ?? quantise(Math.max(needed, bar.depth));
    // Its back lies so far past the wall's far side.
    const beyond = seats === 'this-side' ? PAST : seats ? depth - thickness - PAST : (depth - thickness) / 2;
    const off = quantise(-(thickness + beyond));
    const first = nextNumber(design);
    const items = ids.map((id, index) => {
      const distance = quantise(width * index);
      const made = { ...bar, width: quantise(quantise(width * (index + 1)) - distance), depth };
      return itemOf(id, made, { on: 'face', face, from: 'left', distance, off }, first + index);
    });
    return guardedItems(
      design,
      items.map((item) => ({ ...item, up: wallHeight })),
    );
  },
};
