import {
  findItem,
  makeRoom,
  must,
  outlineFaces,
  recordsOf,
  setItem,
  usualStyle,
  emptyHistory,
} from 'goodreach';
import { describe, expect, it } from 'vitest';
import { DesignSession } from '../session/design-session.svelte';
import { ScreenState } from '../session/screen.svelte';
import { actOnKey, itemActions } from './item-actions';

function setUp(...codes: string[]) {
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [6000, 3000], 'mm');
  const room = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  const session = new DesignSession(room, emptyHistory, () => {});
  const screen = new ScreenState();
  let distance = 0;
  for (const [index, code] of codes.entries()) {
    const placement = { on: 'face', face: 'face-a', from: 'left', distance, off: 0 } as const;
    session.run(setItem, { id: `item-${index}`, range: 'fathom', code, placement });
    distance += must(findItem('fathom', code)).width;
  }
  const press = (key: string, shiftKey = false) =>
    actOnKey({ session, screen, roomId: 'room' }, {
      key,
      shiftKey,
      ctrlKey: false,
      metaKey: false,
      altKey: false,
    } as KeyboardEvent);
  const codesNow = () => recordsOf(session.committed, 'item').map(({ code }) => code);
  return { session, screen, press, codesNow };
}

describe('keys on chosen items', () => {
  it('go round every front an item can have in its place, and back', () => {
    const { screen, press, codesNow } = setUp('F600');
    screen.select('item-0');
    const seen = [codesNow()[0]!];
    for (let tries = 0; tries < 20; tries++) {
      expect(press('k')).toBe(true);
      if (codesNow()[0] === seen[0]) break;
      seen.push(codesNow()[0]!);
    }
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen).toEqual(expect.arrayContaining(['F600', 'F600-3', 'F600-S']));
    press('K', true);
    expect(codesNow()[0]).toBe(seen.at(-1));
  });

  it('change the hand, split in halves and join again', () => {
    const { session, screen, press, codesNow } = setUp('F300', 'F1200');
    const hand = () => recordsOf(session.committed, 'item')[0]!.hand;
    const before = hand();
    screen.select('item-0');
    expect(press('h')).toBe(true);
    expect(hand()).not.toBe(before);
    screen.select('item-1');
    expect(press('s')).toBe(true);
    expect(screen.chosen).toHaveLength(2);
    expect(codesNow().sort()).toEqual(['F300', 'F600', 'F600']);
    expect(press('j')).toBe(true);
    expect(codesNow().sort()).toEqual(['F1200', 'F300']);
    expect(screen.selected && session.committed.records[screen.selected]).toMatchObject({ code: 'F1200' });
  });

  it('do nothing where they can do nothing, and no two are the same', () => {
    const { screen, press } = setUp('F600', 'F600');
    expect(press('s')).toBe(false);
    screen.select('item-0');
    expect(press('j')).toBe(false);
    expect(new Set(itemActions.map(({ keys }) => keys)).size).toBe(itemActions.length);
  });
});
