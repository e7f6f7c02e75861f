import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { setFacts } from '../commands/set-facts';
import { setInto } from '../commands/set-into';
import type { RoomBuilder } from '../demo/build-room';
import { checkReachOpen } from './check-reach';
import { sayFinding } from '../wording/rule-texts';

/** The sentences about doors and drawers that do not open. */
function shut({ design }: RoomBuilder): string[] {
  return checkReachOpen(design)
    .findings.filter(({ rule }) => rule === 'open-fronts')
    .map((finding) => sayFinding(design, finding));
}

describe('doors and drawers', () => {
  it('come out to nine tenths of their depth, and hit what stands nearer than that', () => {
    for (const [away, hits] of [
      [504, 0],
      [503.6, 0],
      [503.4, 1],
      [300, 1],
    ] as const) {
      const builder = rectangle(4000, 3000);
      builder.set('F600-3', 'face-a', 1000);
      builder.place('F600', { on: 'floor', x: 1600, y: -560 - away - 560, turn: Math.PI });
      // Its front looks at the drawers.
      const drawers = shut(builder).filter((text) => text.includes('The drawer of drawer base 1'));
      expect([away, drawers.length]).toEqual([away, hits]);
    }
  });

  it('come out as far as is known of them', () => {
    const builder = rectangle(4000, 3000);
    const drawers = builder.set('F600-3', 'face-a', 1000);
    builder.place('F600', { on: 'floor', x: 1600, y: -560 - 520 - 560, turn: Math.PI });
    const hits = () => shut(builder).filter((text) => text.includes('The drawer of')).length;
    const opens = (mm: number | null) => builder.run(setFacts, { ids: [drawers], facts: { opens: mm } });
    opens(520);
    expect(hits()).toBe(0);
    opens(521);
    expect(hits()).toBe(1);
    opens(null);
    expect(hits()).toBe(0);
  });

  it('swing about their hinges as wide as the leaf, and may lie along a wall', () => {
    const builder = rectangle(4000, 3000);
    const id = builder.set('F600', 'face-a', 0);
    expect(shut(builder)).toEqual([]);
    // Two leaves of 1200: each 600, the left one along the wall, the right one at the neighbour's front, which it clears.
    builder.set('F600', 'face-a', 600);
    expect(shut(builder)).toEqual([]);
    builder.set('T600/2070', 'face-d', 3000 - 560 - 600);
    expect(shut(builder).join()).toContain('The door of base cabinet 1 hits pantry 3');
    builder.run(editItems, { ids: [id], change: { hand: 'right' } });
    expect(shut(builder).join()).toContain('The door of base cabinet 1 hits pantry 3');
  });

  it('hit walls that stand in their way by more than a slip', () => {
    const of = (depth: number) => {
      const builder = rectangle(4000, depth);
      builder.set('F600', 'face-a', 1000);
      return shut(builder);
    };
    expect(of(560 + 600)).toEqual([]);
    expect(of(560 + 600 - 2.9)).toEqual([]);
    expect(of(560 + 600 - 3.1)).toEqual(['The door of base cabinet 1 hits face C, 3 mm before it is open.']);
  });

  it('are not kept shut by what is let into their own cabinet', () => {
    const builder = rectangle(4000, 3000);
    const base = builder.set('F900-3', 'face-a', 1000);
    builder.run(setInto, { host: base, range: 'fathom', code: 'HOB780', ids: ['hob'] });
    builder.run(editItems, { ids: ['hob'], change: { depth: 620, up: 700 } });
    expect(shut(builder)).toEqual([]);
  });

  it('have nothing to say of chairs, of fronts that lift, and of what is over or under them', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600-3', 'face-a', 1000);
    builder.place('CHAIR450', { on: 'floor', x: 1000, y: -700, turn: 0 });
    builder.set('U600/720', 'face-a', 1000);
    builder.set('U600/360-L', 'face-a', 2000);
    expect(shut(builder)).toEqual([]);
  });
});
