import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anEdit, askFor } from '../../testing/random-edits';
import { rectangle } from '../../testing/rooms';
import { removeThings } from '../commands/remove-things';
import type { Design } from '../document/design';
import { applyPatch, invertPatch } from '../document/patch';
import { must } from '../result';
import { numberPlaces } from './number-places';

const cold = (design: Design): Design => JSON.parse(JSON.stringify(design)) as Design;
const shown = (design: Design, scale: number) => [...numberPlaces(design, scale)];

/** A room so full of narrow and wide things that their numbers are in one another's way. */
function crowded() {
  const builder = rectangle(4000, 3000);
  for (const [index, code] of ['F300', 'F300-3', 'F600', 'F300', 'F450', 'F300', 'F300', 'F600'].entries())
    builder.set(code, 'face-a', 100 + index * 420);
  for (const [index, code] of ['U300/720', 'U600/720', 'U300/720'].entries())
    builder.set(code, 'face-a', 300 + index * 700);
  for (const index of [0, 1, 2, 3]) builder.set('F300', 'face-b', 700 + index * 310);
  return builder.design;
}

describe('the places of numbers', () => {
  it('are the same after random edits as in a drawing of which nothing is known', () => {
    fc.assert(
      fc.property(
        fc.array(anEdit, { minLength: 20, maxLength: 20 }),
        fc.constantFrom(20, 60),
        (edits, scale) => {
          let design = crowded();
          numberPlaces(design, scale);
          edits.forEach((edit, index) => {
            const asked = askFor(design, edit, index);
            if (asked.ok) design = must(applyPatch(design, asked.value));
            expect(shown(design, scale)).toEqual(shown(cold(design), scale));
          });
        },
      ),
      { numRuns: 40 },
    );
  });

  it('are those of the order things are in, also where one that was taken away is there again, after all others', () => {
    const design = crowded();
    const before = shown(design, 60);
    const taken = must(removeThings.run(design, ['item-1']));
    const less = must(applyPatch(design, taken));
    expect(shown(less, 60).map(([id]) => id)).not.toContain('item-1');
    const again = must(applyPatch(less, invertPatch(taken)));
    expect(shown(again, 60)).toEqual(shown(cold(again), 60));
    // Nothing was asked in between: it only comes after the others now.
    expect(Object.keys(again.records).at(-1)).toBe('item-1');
    shown(design, 60);
    expect(shown(again, 60)).toEqual(shown(cold(again), 60));
    expect(shown(design, 60)).toEqual(before);
  });
});
