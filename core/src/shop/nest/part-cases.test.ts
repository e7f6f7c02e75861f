import { describe, expect, it } from 'vitest';
import { nestFaults } from '../../../testing/nest-faults';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { madeItems } from '../parts/design-parts';
import { sawnWidth } from '../parts/part';
import { nest } from './nest';
import { materialCases } from './part-cases';
import { usualSawing } from './stock';

describe('the nests of a room', () => {
  it('take every piece of every sheet material as it is cut before it is edged, with its grain, on sheets that hold it', () => {
    for (const design of [galleyWithBay(), orchardKitchen()]) {
      const cases = materialCases(design, usualSawing);
      const sheets = madeItems(design)
        .flatMap(({ parts }) => parts)
        .filter(({ material }) => material.stuff !== 'solid-timber' && material.stuff !== 'glass');
      const pieces = cases.flatMap((one) => one.case.parts);
      expect(pieces.reduce((sum, { qty }) => sum + qty, 0)).toBe(
        sheets.reduce((sum, { qty }) => sum + qty, 0),
      );
      for (const one of cases) {
        for (const { id, l, w, grain } of one.case.parts) {
          const { part } = one.of.get(id)!;
          expect([l, w, grain]).toEqual([part.cutLength, sawnWidth(part), part.material.grained]);
        }
        const found = nest(one.case, { seconds: 0.3 });
        if (!found.ok) throw new Error(found.refusal.code);
        expect(nestFaults(one.case, found.value)).toEqual([]);
      }
    }
  });
});
