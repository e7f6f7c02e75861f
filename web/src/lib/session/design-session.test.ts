import { emptyHistory, findItem, makeRoom, must, outlineFaces, setItem, usualStyle } from 'goodreach';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { DesignSession } from './design-session.svelte';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  vi.restoreAllMocks();
  vi.useRealTimers();
});

/** A room in which an item is dragged; and how to let time go by, of which the page is busy so much at its end, ms. */
function dragged() {
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  const room = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  const session = new DesignSession(room, emptyHistory, () => undefined);
  const { range, code } = must(findItem('fathom', 'F600'));
  const move = (distance: number) =>
    session.preview(setItem, {
      ...{ id: 'item', range, code },
      placement: { on: 'face', face: 'face-a', from: 'left', distance, off: 0 },
    });
  let busy = 0;
  const now = performance.now.bind(performance);
  vi.spyOn(performance, 'now').mockImplementation(() => now() + busy);
  const pass = (ms: number, late = 0) => {
    busy += late;
    vi.advanceTimersByTime(ms);
  };
  return { session, move, pass };
}

it('rests once nothing has moved for a while', () => {
  const { session, move, pass } = dragged();
  expect(session.resting).toBe(true);
  move(100);
  pass(89);
  expect(session.resting).toBe(false);
  move(110);
  pass(89);
  expect(session.resting).toBe(false);
  pass(1);
  expect(session.resting).toBe(true);
  move(120);
  expect(session.resting).toBe(false);
  session.dropPreview();
  expect(session.resting).toBe(true);
});

it('does not take a frame that took long for a rest', () => {
  const { session, move, pass } = dragged();
  move(100);
  // The timer comes late, since the page was busy: a move may wait to be heard.
  pass(30, 80);
  pass(60);
  expect(session.resting).toBe(false);
  pass(30);
  expect(session.resting).toBe(true);
});
