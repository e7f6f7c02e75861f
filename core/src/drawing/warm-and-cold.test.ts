import fc from 'fast-check';
import { expect, it } from 'vitest';
import { anEdit, askFor } from '../../testing/random-edits';
import { rectangle } from '../../testing/rooms';
import { putSection } from '../commands/put-section';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import { recordOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import type { RangeRecord } from '../document/kinds/range';
import { isAlike } from '../document/remember';
import { findRange } from '../ranges/shelf';
import { must } from '../result';
import { sceneOf } from '../scene/scene';
import { drawUnfold } from './elevation/unfold';
import { drawPlan } from './plan';

/** What is remembered by design and record must be what is drawn of the same design when nothing is remembered. */
const drawn = (design: Design) => [
  drawPlan(design, 50),
  // So small that numbers stand before what they are of.
  drawPlan(design, 120, { medium: 'screen' }),
  drawUnfold(design, 20),
  sceneOf(design),
];

/** The same design, of which nothing is known. */
const cold = (design: Design): Design => JSON.parse(JSON.stringify(design)) as Design;

/** A room with a section, and cabinets of a range of its own: three drawers in a stack. */
function started(): Design {
  const builder = rectangle();
  const range: RangeRecord = { kind: 'range', ...findRange('fathom')!, id: 'own' };
  builder.design = must(applyPatch(builder.design, patchOf(builder.design, [range])));
  const place = (face: string, distance: number) =>
    ({ on: 'face', face, from: 'left', distance, off: 0 }) as const;
  for (const [id, code, face, distance] of [
    ['own-1', 'F600-3', 'face-a', 0],
    ['own-2', 'F800', 'face-a', 600],
    ['own-3', 'F600-3', 'face-c', 900],
  ] as const)
    builder.run(setItem, { id, range: 'own', code, placement: place(face, distance) });
  const at = (face: string) => ({ face, from: 'left', distance: 1500 }) as const;
  builder.run(putSection, {
    kind: 'section',
    id: 'cut',
    name: 'S',
    from: at('face-a'),
    to: at('face-c'),
    side: 'left',
  });
  return builder.design;
}

/** The range with other stacks of drawers, or built another way: no record of an item changes. */
function otherRange(design: Design, by: number): Design {
  const range = recordOf(design, 'range', 'own')!;
  const after: RangeRecord =
    by % 3 === 0
      ? { ...range, construction: by % 2 ? 'frameless' : 'face frame' }
      : {
          ...range,
          families: range.families.map((one) =>
            one.type === 'base-drawers' ? { ...one, drawers: 2 + (by % 3) } : one,
          ),
        };
  return must(applyPatch(design, patchOf(design, [after])));
}

it('is the same drawing and the same model after 500 random edits, warm and cold', () => {
  fc.assert(
    fc.property(fc.array(anEdit, { minLength: 25, maxLength: 25 }), (edits) => {
      let design = started();
      edits.forEach((edit, index) => {
        const asked = askFor(design, edit, index);
        if (asked.ok) design = must(applyPatch(design, asked.value));
        if (index % 3 === 0) design = otherRange(design, edit.a);
        if (index % 7 === 0)
          design = must(applyPatch(design, must(setRoom.run(design, { topThickness: 20 + (edit.b % 30) }))));
        const warm = drawn(design);
        if (index % 5 === 4) expect(isAlike(warm, drawn(cold(design)), 1e-3)).toBe(true);
      });
    }),
    // A fault is told at once with its seed: made smaller it takes minutes.
    { numRuns: 20, endOnFailure: true },
  );
});
