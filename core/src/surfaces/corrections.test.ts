import fc from 'fast-check';
import { expect, it } from 'vitest';
import { room } from '../../testing/full-room';
import { anEdit, askFor } from '../../testing/random-edits';
import { setEdgeWay } from '../commands/set-edge-way';
import { setPlinth } from '../commands/set-plinth';
import { setTopCorner } from '../commands/set-top-corner';
import { setTopEdge } from '../commands/set-top-edge';
import { setTopJoints } from '../commands/set-top-joints';
import { setTrim } from '../commands/set-trim';
import { recordOf, type Design } from '../document/design';
import { applyPatch, type Patch } from '../document/patch';
import { signedArea } from '../geometry/polygon';
import { must } from '../result';
import { goneTops } from '../setting/own-top';
import { roomShape } from '../survey/room-shape';
import { topCorrections } from './top-facts';
import { jointedTops } from './top-joints';
import { tops } from './tops';
import { trimCorrections } from './trim-facts';

/** The full room with a top corrected at every cabinet that stands on the floor. */
function corrected(): Design {
  let design = room();
  const run = (patch: Patch) => (design = must(applyPatch(design, patch)));
  for (const id of ['a', 'b', 'c', 'island', 'beside']) {
    run(must(setTopEdge.run(design, { ids: [id], side: 'front', overhang: 70 })));
    run(must(setTopEdge.run(design, { ids: [id], side: 'right', overhang: 265 })));
    run(must(setTopCorner.run(design, { at: [{ item: id, corner: 'frontRight' }], shape: { radius: 40 } })));
    run(must(setTopJoints.run(design, { id, across: [200] })));
    run(must(setPlinth.run(design, { at: [{ item: id, side: 'front' }], back: 90 })));
    const way = { splash: { height: 150 }, waterfall: id === 'island' };
    run(must(setEdgeWay.run(design, { at: [{ item: id, side: 'behind' }], way })));
  }
  const over = { use: 'cornice', at: [{ item: 'wall', side: 'front' }], profile: 'ogee' } as const;
  run(must(setTrim.run(design, over)));
  const under = { use: 'lightRail', at: [{ item: 'wall', side: 'right' }], profile: 'none' } as const;
  run(must(setTrim.run(design, under)));
  return design;
}
/** The edits that are about tops and trims, or that make other items of those there are. */
const OTHERWISE = new Set([19, 20, 26, 27, 32, 33, 34, 35, 37, 38]);

it('what was set by hand stays as long as its item does, and what goes with one is named', () => {
  fc.assert(
    fc.property(fc.array(anEdit, { maxLength: 20 }), (edits) => {
      let design = corrected();
      edits.forEach((edit, index) => {
        const asked = askFor(design, edit, index);
        if (!asked.ok || OTHERWISE.has(edit.what)) return;
        const after = must(applyPatch(design, asked.value));
        const gone = new Set(goneTops(asked.value).map(({ id }) => id));
        for (const one of [...topCorrections(design), ...trimCorrections(design)])
          for (const id of one.items) {
            const [was, is] = [recordOf(design, 'item', id)!, recordOf(after, 'item', id)];
            if (!('trim' in one)) expect(gone.has(id)).toBe(!is);
            if (is)
              expect([is.overhangs, is.plinth, is.topCorners, is.topEdges, is.topJoints, is.trims]).toEqual([
                was.overhangs,
                was.plinth,
                was.topCorners,
                was.topEdges,
                was.topJoints,
                was.trims,
              ]);
          }
        design = after;
      });
    }),
    { numRuns: 60 },
  );
});

it('tops lie in the room, their rings and pieces add up to their area, whatever is edited', () => {
  fc.assert(
    fc.property(fc.array(anEdit, { maxLength: 12 }), (edits) => {
      let design = corrected();
      edits.forEach((edit, index) => {
        const asked = askFor(design, edit, index);
        if (asked.ok) design = must(applyPatch(design, asked.value));
      });
      const floor = Math.abs(signedArea(roomShape(design).outline));
      for (const top of tops(design)) {
        expect(top.area).toBeGreaterThan(0);
        expect(top.area).toBeLessThanOrEqual(floor + 1);
        const drawn = top.outline.reduce((sum, ring) => sum + signedArea(ring), 0);
        // Arcs are drawn as chords no more than 0.1 mm off.
        const round = top.rings.flatMap(({ parts }) => parts).filter(({ type }) => type === 'arc').length;
        expect(Math.abs(drawn - top.area)).toBeLessThan(1 + round * 0.1 * 500);
        const { pieces } = jointedTops(design).get(top)!;
        const sum = pieces.reduce((all, { area }) => all + area, 0);
        const holes = top.rings.slice(1).reduce((all, ring) => all + signedArea(ring.outline), 0);
        expect(Math.abs(sum + holes - top.area)).toBeLessThan(1 + round * 0.1 * 500);
      }
    }),
    { numRuns: 60 },
  );
});
