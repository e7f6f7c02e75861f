import { describe, expect, it } from 'vitest';
import { around, inches, judged, kept, onA, onFloor, ruled, verdictOf, withItem } from '../../testing/checks';
import { turnedBy } from '../../testing/moved-rooms';
import { rectangle } from '../../testing/rooms';
import { sinkRun } from '../../testing/sink-run';
import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import type { KindId } from '../wording/kind-names';

type Sized = Partial<ItemRecord> & Pick<ItemRecord, 'placement'>;
const base = { range: 'fathom', code: 'F900', width: 900, depth: 560, height: 870 };

describe('beside what is cooked on', () => {
  /** A hob 580 wide, its left side so far from the room's corner. */
  const hob = (left: number) =>
    withItem(
      withItem(rectangle(8000, 4000), 'base', 'base-doors', {
        ...base,
        placement: onA(Math.max(0, left - 160)),
      }),
      ...(['hob', 'hob', { width: 580, depth: 510, height: 50, up: 860, placement: onA(left, 40) }] as const),
    );
  const beside = (gap: number, type: KindId, more: Partial<ItemRecord> = {}) =>
    withItem(hob(2000), 'other', type, {
      ...{ width: 600, depth: 560, height: 2000, placement: onA(2580 + gap), ...more },
    });

  it('is a wall so far away, from none at all on', () => {
    expect(around(300, 1).map((left) => verdictOf(hob(left), 'M-hob-side'))).toEqual(kept);
    expect(judged(hob(300), 'M-hob-side')).toEqual({ verdict: 'clear', distance: 300 });
    const cooker = (placement: ItemRecord['placement']) =>
      withItem(rectangle(8000, 4000), 'cooker', 'cooker', { width: 600, depth: 600, height: 900, placement });
    // In the corner, at either wall, it touches the wall: nothing is left between.
    for (const at of [0, 7400])
      expect(judged(cooker(onA(at)), 'M-hob-side')).toEqual({ verdict: 'tight', distance: 0 });
    expect(judged(cooker(onA(1)), 'M-hob-side')).toMatchObject({ distance: 1 });
  });

  it('is something tall so far away, but for what is cold or hot itself; what hangs over or is low is not beside it', () => {
    expect(around(300, 1).map((gap) => verdictOf(beside(gap, 'tall-pantry'), 'M-hob-side'))).toEqual(kept);
    for (const type of ['refrigerator', 'tall-fridge', 'tall-oven'] as const) {
      expect(around(400, 1).map((gap) => verdictOf(beside(gap, type), 'M-hob-fridge'))).toEqual(kept);
      expect(judged(beside(100, type), 'M-hob-side')).toMatchObject({ distance: 2000 });
    }
    for (const more of [
      { height: 720, up: 1400, depth: 350 },
      { height: 900, up: 0 },
    ])
      expect(judged(beside(100, 'wall-doors', more), 'M-hob-side')).toMatchObject({ distance: 2000 });
    expect(ruled(beside(100, 'tall-pantry'), 'M-hob-fridge')).toEqual([]);
  });

  it('is in its run no farther than 2.5 m along it, whichever way that lies', () => {
    const along = (gap: number, degrees: number) => {
      const turn = (degrees * Math.PI) / 180;
      const at = (far: number) => onFloor(1500 + far * Math.cos(turn), -5000 + far * Math.sin(turn), degrees);
      const hob = withItem(rectangle(8000, 8000), 'hob', 'hob', {
        ...{ width: 580, depth: 510, height: 50, up: 860, placement: at(0) },
      });
      return ruled(
        withItem(hob, 'cold', 'refrigerator', {
          ...{ width: 600, depth: 600, height: 1900, placement: at(580 + gap) },
        }),
        'M-hob-fridge',
      );
    };
    for (const degrees of [0, 37])
      expect([2499, 2501].map((gap) => along(gap, degrees).length)).toEqual([1, 0]);
  });

  it('is measured from the hob itself, where a base comes with one, and to the bowl itself', () => {
    // The hob of a base begins 30 in from its sides.
    const own = (left: number) =>
      withItem(rectangle(8000, 4000), 'hob', 'base-hob', { ...base, code: 'F900-H', placement: onA(left) });
    expect(judged(own(200), 'M-hob-side')).toMatchObject({ distance: 230 });
    expect(judged(own(8000 - 900 - 250), 'M-hob-side')).toMatchObject({ distance: 280 });
    const shared = (between: number) =>
      withItem(sinkRun(580, between - 30), 'hob', 'base-hob', {
        ...{ ...base, code: 'F900-H', placement: onA(1000 + 500 + 800 + between - 30 - 80) },
      });
    expect(judged(shared(700), 'M-hob-sink')).toEqual({ verdict: 'clear', 'edge to edge': 700 });
    expect(judged(shared(700), 'K11')).toMatchObject({ right: 700 });
    expect(around(600, 1).map((between) => verdictOf(shared(between), 'M-hob-sink'))).toEqual(kept);
  });
});

describe('between two work centres of one run', () => {
  const two = (tall: Sized | null, type: KindId = 'tall-pantry', facts: ItemRecord['facts'] = {}) => {
    const sink = withItem(rectangle(8000, 4000), 'sink', 'sink', {
      ...{ width: 600, depth: 560, height: 200, up: 700, placement: onA(1000) },
    });
    const both = withItem(sink, 'cooker', 'cooker', {
      width: 600,
      depth: 600,
      height: 900,
      placement: onA(3000),
    });
    return tall
      ? withItem(both, 'tall', type, { width: 600, depth: 560, height: 2000, facts, ...tall })
      : both;
  };
  it('stands nothing as tall as 1800 and as deep as they are, within 50', () => {
    const verdicts = (all: readonly (Sized | null)[]) => all.map((tall) => verdictOf(two(tall), 'K04'));
    const placement = onA(2000);
    expect(verdicts([null, { placement }])).toEqual(['clear', 'tight']);
    expect(verdicts([1800, 1799.9].map((height) => ({ height, placement })))).toEqual(['tight', 'clear']);
    expect(verdicts([510, 509.9].map((depth) => ({ depth, placement })))).toEqual(['tight', 'clear']);
    // Set forward it comes as far out.
    expect(verdicts([{ depth: 460, placement: onA(2000, 50) }])).toEqual(['tight']);
    // Beside them both, across from them, or hung, it is not between.
    const elsewhere = [onA(200), onA(3800), onFloor(2600, -3400, 180)];
    expect(verdicts(elsewhere.map((at) => ({ placement: at })))).toEqual(['clear', 'clear', 'clear']);
    expect(verdicts([{ placement, up: 1400, height: 720 }])).toEqual(['clear']);
  });
  it('may stand a corner unit that is recessed', () => {
    const corner = (recessed?: boolean) =>
      two({ placement: onA(2000) }, 'base-corner-l', recessed === undefined ? {} : { recessed });
    expect([undefined, false, true].map((one) => verdictOf(corner(one), 'K04'))).toEqual([
      ...['tight', 'tight', 'clear'],
    ]);
  });
});

describe('the work triangle past a peninsula', () => {
  const builder = rectangle(6000, 3000);
  const centre = (
    room: { design: Design },
    type: KindId,
    at: number,
    sizes: Pick<ItemRecord, 'height'> & Partial<ItemRecord>,
  ) => withItem(room, type, type, { ...{ width: 600, depth: 600, placement: onA(at) }, ...sizes });
  const sunk = centre(builder, 'sink', 600, { height: 200, up: 700 });
  const cold = centre(centre(sunk, 'cooker', 4600, { height: 900 }), 'refrigerator', 5400, { height: 1800 });
  /** 2000 long, 600 wide, at the wall that the others stand against. */
  const { design } = withItem(cold, 'peninsula', 'base-doors', {
    ...{ ...base, width: 2000, depth: 600, placement: onFloor(3000, 0, -90) },
  });

  it('is walked round its free end, never between it and the wall it stands at, however the room lies', () => {
    const [near, far] = [Math.hypot(1500, 1400), Math.hypot(1900, 1400)];
    for (let turn = 0.05; turn < 1.4; turn += 0.047) {
      const legs = judged({ design: turnedBy(design, turn) }, 'K03');
      expect([turn, legs['leg sink-cook']]).toEqual([turn, expect.closeTo(near + 600 + far, 0)]);
    }
  });
});

describe('a walk from doorway to doorway', () => {
  /** Doorways across from one another in the left and the right wall, their middles so far down; a triangle from 600 to 3400 down, its base above. */
  const kitchen = (down: number, third = 3400) => {
    const builder = rectangle(6000, 4000);
    builder.open('face-d', 'door', 4000 - down - 450, { width: 900 });
    builder.open('face-b', 'door', down - 450, { width: 900 });
    let room: { design: Design } = withItem(builder, 'sink', 'sink', {
      ...{ width: 600, depth: 600, height: 200, up: 700, placement: onA(1000) },
    });
    room = withItem(room, 'cooker', 'cooker', {
      ...{ width: 600, depth: 600, height: 900, placement: onFloor(3300, -third - 600, 180) },
    });
    return withItem(room, 'fridge', 'refrigerator', {
      ...{ width: 600, depth: 600, height: 1900, placement: onA(4400) },
    });
  };
  /** How wide the triangle from (1300, 600) and (4700, 600) to (3000, third) is so far down. */
  const wide = (down: number, third: number) => (3400 * (third - down)) / (third - 600);

  it('goes through the triangle of the work centres by no more than nothing', () => {
    for (const [down, third] of [
      [2000, 2800],
      [1000, 2500],
      [1500, 3400],
    ] as const) {
      const found = judged(kitchen(down, third), 'K05');
      expect(found.verdict).toBe('tight');
      expect(found['path inside the triangle']).toBeCloseTo(wide(down, third), 0);
    }
    expect(judged(kitchen(3000, 2400), 'K05')).toEqual({ verdict: 'clear', 'path inside the triangle': 0 });
  });
});

describe('the aisle of one who sits in a wheelchair', () => {
  /** Two runs that face one another, boxes so far apart, and a third that joins them where asked. */
  const runs = (apart: number, joined: boolean) => {
    const sized = { width: 2000, depth: 560, height: 870, overhangs: { front: 0 } };
    const plain = { range: 'plain', code: 'X' };
    const one = withItem(rectangle(6000, apart + 1120), 'one', 'base-open', {
      ...plain,
      ...sized,
      placement: onA(2000),
    });
    const two = withItem(one, 'two', 'base-open', {
      ...{ ...plain, ...sized },
      placement: { on: 'face', face: 'face-c', from: 'left', distance: 2000, off: 0 },
    });
    if (!joined) return two;
    return withItem(two, 'three', 'base-open', {
      ...{ ...plain, ...sized, width: 500 },
      placement: { on: 'face', face: 'face-b', from: 'left', distance: 600, off: 0 },
    });
  };
  it('is wide enough to pass, and to turn where a third run closes its end', () => {
    const between = (room: { design: Design }, rule: 'A-pass' | 'A-u') =>
      ruled(room, rule).filter(({ ids }) => ids.includes('one') && ids.includes('two'));
    const line = 1500 - between(runs(1500, false), 'A-pass')[0]!.measured;
    expect(line).toBeGreaterThanOrEqual(0);
    const verdicts = (limit: number, joined: boolean, rule: 'A-pass' | 'A-u') =>
      around(limit, 1).map((apart) => between(runs(apart + line, joined), rule)[0]!.verdict);
    expect(verdicts(inches(40), false, 'A-pass')).toEqual(['clear', 'clear', 'clear', 'blocked']);
    expect(verdicts(inches(60), true, 'A-u')).toEqual(['clear', 'clear', 'clear', 'blocked']);
    expect(between(runs(1500, true), 'A-pass')).toEqual([]);
    expect(between(runs(1500, false), 'A-u')).toEqual([]);
  });
});
