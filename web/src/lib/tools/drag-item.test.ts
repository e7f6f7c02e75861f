import {
  findItem,
  groupItems,
  itemBoxes,
  lockItems,
  makeRoom,
  must,
  outlineFaces,
  recordsOf,
  setItem,
  usualStyle,
  type FacePlacement,
} from 'goodreach';
import { describe, expect, it } from 'vitest';
import { DesignSession, type LocalEdit } from '../session/design-session.svelte';
import { ScreenState } from '../session/screen.svelte';
import { ItemDrag } from './drag-item';

const item = (code: string) => must(findItem('fathom', code));

function setUp() {
  const edits: LocalEdit[] = [];
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  const room = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  const session = new DesignSession(room, [], (edit) => edits.push(edit));
  const screen = new ScreenState();
  const set = (id: string, code: string, distance: number) =>
    session.run(setItem, {
      id,
      range: 'fathom',
      code,
      placement: { on: 'face', face: 'face-a', from: 'left', distance, off: 0 },
    });
  const drag = new ItemDrag(session, screen);
  /** Moves far enough to start, then to a place. */
  const to = (x: number, y: number, free = false) => {
    drag.move({ x: 90, y: 90 }, { x, y: -y }, 40, free);
  };
  const along = (id: string) => itemBoxes(session.document).find((box) => box.id === id)?.against?.along;
  return { edits, session, screen, set, drag, to, along };
}

describe('dragging items', () => {
  it('shows what the item would run into while it moves, and tells nothing once it is let go', () => {
    const { session, screen, drag, to, set } = setUp();
    set('one', 'F900', 0);
    drag.pressShelf(item('F600'), { x: 0, y: 0 });
    to(1200, 280, true);
    expect(screen.collisions).toEqual([]);
    to(600, 280, true);
    expect(screen.collisions).toMatchObject([
      { rule: 'item-collision', names: [expect.any(String), expect.any(String)] },
    ]);
    to(1200, 3000, true);
    expect(screen.collisions.map(({ rule }) => rule)).toEqual(['wall-collision']);
    drag.cancel();
    expect([screen.collisions, session.previewing, recordsOf(session.committed, 'item').length]).toEqual([
      [],
      false,
      1,
    ]);
  });

  it('with nothing catching, leaves the item where the pointer is', () => {
    const { session, screen, drag, to } = setUp();
    drag.pressShelf(item('F600'), { x: 0, y: 0 });
    to(1000, 300);
    expect(screen.caught).toMatchObject({ face: 'face-a' });
    to(1000, 300, true);
    expect(screen.caught).toBeNull();
    const id = drag.release()!;
    expect(session.committed.records[id]).toMatchObject({
      placement: { on: 'floor', x: 700, y: -20, turn: 0 },
    });
  });

  it('moves all that is chosen as one, as a single edit; what is locked stays', () => {
    const { session, screen, edits, drag, to, set, along } = setUp();
    set('one', 'F600', 0);
    set('two', 'F300', 650);
    session.run(groupItems, { ids: ['one', 'two'], group: 'g' });
    screen.choose(['one', 'two']);
    const before = edits.length;
    drag.pressItem('two', { x: 0, y: 0 }, { x: 800, y: -280 }, screen.chosen);
    to(3000, 280);
    drag.release();
    expect(edits.length).toBe(before + 1);
    expect([along('one'), along('two')]).toEqual([2200, 2850]);
    expect(screen.chosen).toEqual(['one', 'two']);
    session.run(lockItems, { ids: ['one'], locked: true });
    drag.pressItem('one', { x: 0, y: 0 }, { x: 2400, y: -280 }, ['one']);
    to(900, 280);
    expect(drag.active).toBe(false);
  });

  it('keeps the direction of what stands free, and turns to a wall it comes near', () => {
    const { session, drag, to } = setUp();
    session.run(setItem, {
      id: 'stool',
      range: 'fathom',
      code: 'STOOL380/650',
      placement: { on: 'floor', x: 1800, y: -1500, turn: 0.5 },
    });
    drag.pressItem('stool', { x: 0, y: 0 }, { x: 1900, y: -1600 });
    to(2100, 1700);
    drag.release();
    expect(session.committed.records['stool']).toMatchObject({ placement: { on: 'floor', turn: 0.5 } });
    drag.pressItem('stool', { x: 0, y: 0 }, { x: 2100, y: -1700 });
    to(2100, 220);
    drag.release();
    const { placement } = session.committed.records['stool'] as { placement: FacePlacement };
    expect(placement).toMatchObject({ on: 'face', face: 'face-a', off: 0 });
  });
});

describe('what is chosen', () => {
  it('is added to and taken from, groups whole, and of one sort', () => {
    const screen = new ScreenState();
    const isItem = (id: string) => id.startsWith('item');
    screen.select('face-a');
    screen.toggle(['item-1'], isItem);
    expect(screen.chosen).toEqual(['item-1']);
    screen.toggle(['item-2', 'item-3'], isItem);
    expect(screen.chosen).toEqual(['item-1', 'item-2', 'item-3']);
    screen.toggle(['item-3', 'item-2'], isItem);
    expect([screen.selected, screen.also]).toEqual(['item-1', []]);
    screen.toggle(['item-1'], isItem);
    expect(screen.chosen).toEqual([]);
  });
});
