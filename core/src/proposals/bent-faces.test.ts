import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { collideCommand } from '../cli/collide';
import { bendFace } from '../commands/bend-face';
import { replaceItems } from '../commands/replace-items';
import { after, type RoomBuilder } from '../demo/build-room';
import type { RunBand } from '../document/limits';
import { kindOf } from '../ranges/kinds';
import { itemBoxes } from '../setting/item-box';
import { openLengths } from '../setting/open-lengths';
import { criteria } from './fill-problem';
import { propose } from './propose';
import { usualEnds, type ProposalRequest } from './request';

let count = 0;
const families = { base: 'F*', wall: 'U*', tall: 'T*' };
const proposed = ({ design }: RoomBuilder, change: Partial<ProposalRequest> = {}) => {
  const band = change.band ?? 'base';
  const request: ProposalRequest = {
    ...{ faces: ['face-a'], band, range: 'fathom', family: families[band], replaced: [], centre: null },
    ...{ order: criteria, most: 2, ends: usualEnds('mm'), loose: [], ...change },
  };
  const result = propose(design, request, () => `new-${(count += 1)}`);
  return result.ok ? result.value : [];
};
/** A room whose face A, so long, is bent. */
const bent = (length: number, side: 'in' | 'out', depth: number) => {
  const builder = rectangle(length, 3_500);
  builder.run(bendFace, { face: 'face-a', bend: { side, depth } });
  return builder;
};

describe('what is proposed on a bent face', () => {
  it('touches and closes, cabinets and fillers as wide as they are made, whichever way it bends (property)', () => {
    const aBend = fc.record({
      length: fc.integer({ min: 1_500, max: 6_000 }),
      side: fc.constantFrom<'in' | 'out'>('in', 'out'),
      depth: fc.integer({ min: 10, max: 600 }),
      band: fc.constantFrom<RunBand>('base', 'wall', 'tall'),
      stands: fc.boolean(),
    });
    fc.assert(
      fc.property(aBend, ({ length, side, depth, band, stands }) => {
        const builder = bent(length, side, depth);
        const height = { base: '', wall: '/600', tall: '/1950' }[band];
        if (stands) builder.set(`${families[band].replace('*', '600')}${height}`, 'face-a', length / 2 - 300);
        const before = collideCommand(builder.design).collisions.length;
        for (const { items, removed, values } of proposed(builder, { band })) {
          const done = after(builder.design, replaceItems, { removed, items });
          expect(collideCommand(done).collisions.map(({ text }) => text)).toHaveLength(before);
          const fillers = items.filter(({ type }) => kindOf(type).flat);
          expect(fillers.reduce((sum, { width }) => sum + width, 0)).toBeCloseTo(values.filler, 3);
          for (const { type, width } of items) if (!kindOf(type).flat) expect(width % 50).toBe(0);
          for (const one of openLengths(done).filter(({ face }) => face.letter === 'A'))
            expect(one).toBeNull();
        }
      }),
      {
        numRuns: 30,
        // What is left beside the cabinet is too narrow to be closed: it counts as no filler.
        examples: [
          [{ length: 1_511, side: 'in', depth: 437, band: 'wall', stands: true }],
          // 2.3 of the face are left beside it, in which nothing as deep as it has room.
          [{ length: 1_521, side: 'out', depth: 456, band: 'base', stands: true }],
        ],
      },
    );
  });

  it('takes of an arc what the fronts, or the backs, come together by', () => {
    // 4000 from corner to corner, 500 deep: a radius of 4250. Fronts stand 560 nearer to its centre; the back touches at both ends.
    const builder = bent(4_000, 'out', 500);
    const radius = 4_250;
    const [best] = proposed(builder);
    const done = after(builder.design, replaceItems, { removed: [], items: best!.items });
    const boxes = itemBoxes(done)
      .filter(({ against }) => against!.face.letter === 'A')
      .map(({ against, record: { width } }) => ({ middle: against!.along + width / 2, width }))
      .sort((a, b) => a.middle - b.middle);
    const spanOf = (width: number) => {
      const back = Math.sqrt(radius * radius - (width * width) / 4);
      return 2 * radius * Math.atan(width / 2 / (back - 560));
    };
    const lengths = boxes.map(({ width }) => spanOf(width));
    const all = lengths.reduce((sum, span) => sum + span, 0);
    expect(all).toBeCloseTo(2 * radius * Math.asin(2_000 / radius), 2);
    boxes.slice(1).forEach(({ middle }, index) => {
      expect(middle - boxes[index]!.middle).toBeCloseTo((lengths[index]! + lengths[index + 1]!) / 2, 2);
    });
  });
});
