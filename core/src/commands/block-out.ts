import { noun } from '../nouns';
import { roomOf } from '../document/design';
import { applyPatch, patchOf, squash, type Patch } from '../document/patch';
import { MOST_ITEM } from '../document/limits';
import { findItem, rangesOf, shelfOf } from '../ranges/shelf';
import { ok, refuse } from '../result';
import { facePlacement } from '../setting/face-placement';
import { setBeforeLining } from '../setting/linings';
import { nextNumber } from '../setting/item-numbers';
import { freeStretches } from '../setting/open-lengths';
import { widthIn } from '../survey/placed-face';
import { quantise } from '../units/units';
import { itemOf } from './set-item';
import { findFace, guarded, type Command } from './command';

/** A counter shorter than this is of no use, mm. */
const LEAST_BLOCK = 300;
/** Where the room's range has no base cabinets: the usual depth of one, mm. */
const USUAL_DEPTH = 560;

/**
 * Blocks out rough counters along faces, one after the other, before any cabinet is chosen: as deep and high as the base cabinets of the
 * room's range, wherever nothing stands yet. `prefix` begins their ids.
 */
export const blockOut: Command<{ faces: readonly string[]; prefix: string }> = {
  id: 'block-out',
  run(design, { faces, prefix }) {
    const { range, counterHeight, topThickness } = roomOf(design);
    const base = shelfOf(range, rangesOf(design)).find(({ type }) => type === 'base-doors');
    const height = base?.height ?? counterHeight - topThickness;
    const depth = base?.depth ?? USUAL_DEPTH;
    const block = findItem('plain', 'COUNTER');
    if (!block.ok) return block;
    let after = design;
    let patch: Patch = [];
    let letters = '';
    for (const id of faces) {
      const face = findFace(design, id);
      if (!face.ok) return face;
      letters += face.value.letter;
      const free = freeStretches(after, face.value, { depth, low: 0, high: height });
      const blocks = free.flatMap(({ from, length }) => {
        // Along a bent face each takes more of it than it is wide.
        const parts = Math.ceil(length / MOST_ITEM);
        const span = length / parts;
        const width = Math.min(MOST_ITEM, span, widthIn(face.value, span, depth));
        const at = (part: number) => from + part * span + (span - width) / 2;
        return width < LEAST_BLOCK
          ? []
          : Array.from({ length: parts }, (_, part) => ({ at: at(part), width }));
      });
      const first = nextNumber(after);
      const items = blocks.map(({ at, width }, index) => {
        const made = { ...block.value, width: quantise(width), depth, height };
        return setBeforeLining(
          after,
          itemOf(
            `${prefix}-${face.value.id}-${index}`,
            made,
            facePlacement(face.value, at, width),
            first + index,
          ),
        );
      });
      const step = patchOf(after, items);
      const applied = applyPatch(after, step);
      if (!applied.ok) return applied;
      after = applied.value;
      patch = squash(patch, step);
    }
    if (patch.length === 0)
      return refuse('no-room-on-face', { item: noun('a-counter', letters), width: LEAST_BLOCK });
    const held = guarded(design, patch);
    return held.ok ? ok(patch) : held;
  },
};
