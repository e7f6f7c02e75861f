import { describe, expect, it } from 'vitest';
import { around, inches, judged, kept, onA, ruled, verdictOf, withItem } from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { setRoom } from '../commands/set-room';
import { refusalText } from '../wording/refusal-text';

const box = { range: 'fathom', code: 'F600', width: 600, depth: 560 };

describe('the heights of a room', () => {
  it('leave 15 inches at least between counter and wall unit, usually 18', () => {
    const hung = (above: number) => {
      const base = withItem(rectangle(), 'base', 'base-doors', { ...box, height: 860, placement: onA(600) });
      const wall = { width: 600, depth: 350, height: 700, placement: onA(600) };
      return withItem(base, 'wall', 'wall-doors', { ...wall, up: 890 + above });
    };
    expect(around(inches(15), 1).map((above) => verdictOf(hung(above), 'wall-unit-bottom'))).toEqual(kept);
    expect(judged(hung(400), 'wall-unit-bottom')).toMatchObject({ 'to the wall unit': 400 });
    // Nothing under it: nothing to be asked.
    const alone = { width: 600, depth: 350, height: 700, placement: onA(600), up: 1_000 };
    expect(ruled(withItem(rectangle(), 'wall', 'wall-doors', alone), 'wall-unit-bottom')).toEqual([]);
  });

  it('have vanities 30 to 36 inches high', () => {
    const vanity = (surface: number) =>
      withItem(rectangle(), 'vanity', 'vanity-doors', {
        ...{ width: 600, depth: 500, height: surface - 30, placement: onA(600) },
      });
    expect(around(inches(30), 1).map((at) => verdictOf(vanity(at), 'vanity-height'))).toEqual(kept);
    expect(around(inches(36), -1).map((at) => verdictOf(vanity(at), 'vanity-height'))).toEqual(kept);
    expect(
      ruled(
        withItem(rectangle(), 'base', 'base-doors', { ...box, height: 860, placement: onA(600) }),
        'vanity-height',
      ),
    ).toEqual([]);
  });

  it('have tall and wall units end in line, or step on purpose', () => {
    const beside = (higher: number) => {
      const tall = { width: 1200, depth: 560, height: 2150, placement: onA(0) };
      const one = withItem(rectangle(), 'tall', 'tall-pantry', tall);
      const wall = { width: 600, depth: 350, height: 700, placement: onA(1300), up: 1450 + higher };
      return withItem(one, 'wall', 'wall-doors', wall);
    };
    const off = (higher: number) =>
      ruled(beside(higher), 'tops-in-line')
        .filter(({ ids }) => ids[0] === 'wall')
        .map(({ verdict }) => verdict);
    expect([0, 6, 6.02, 6.1, -6.1, 150, 150.1, -300].map((higher) => off(higher).join())).toEqual([
      ...['clear', 'clear', 'clear', 'tight', 'tight', 'tight', '', ''],
    ]);
    // The widest share gives the line; one alone has none.
    expect(ruled(beside(20), 'tops-in-line').find(({ ids }) => ids[0] === 'tall')!.verdict).toBe('clear');
    const alone = { width: 600, depth: 350, height: 700, placement: onA(1300), up: 1450 };
    expect(ruled(withItem(rectangle(), 'wall', 'wall-doors', alone), 'tops-in-line')).toEqual([]);
  });

  it('tell how far the counter is off what suits who works there, where that is known', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const off = () => judged(builder, 'counter-height')['off what suits who works here'];
    expect(off()).toBeUndefined();
    builder.run(setRoom, { userHeight: 1_700 });
    expect(off()).toBe(0);
    builder.run(setRoom, { userHeight: 1_840 });
    expect([off(), verdictOf(builder, 'counter-height')]).toEqual([70, 'clear']);
    const wrong = setRoom.run(builder.design, { userHeight: 999.9 });
    expect(wrong.ok ? '' : refusalText(wrong.refusal)).toMatch(/^The height of the one who works here/);
  });
});
