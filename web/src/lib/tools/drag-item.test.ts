import {
  editItems,
  findItem,
  groupItems,
  itemBoxes,
  lockItems,
  makeRoom,
  must,
  outlineFaces,
  recordsOf,
  roomShape,
  setItem,
  usualStyle,
  type FacePlacement,
  emptyHistory,
} from 'goodreach';
import { describe, expect, it } from 'vitest';
import { DesignSession } from '../session/design-session.svelte';
import type { LocalEdit } from '../session/edits';
import { ScreenState } from '../session/screen.svelte';
import { ItemDrag } from './drag-item';

const item = (code: string) => must(findItem('fathom', code));

function setUp() {
  const edits: LocalEdit[] = [];
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  const room = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  const session = new DesignSession(room, emptyHistory, (edit) => edits.push(edit));
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
  it('shows what the item would run into while it moves, and tells nothing once it is let go', async () => {
    const { session, screen, drag, to, set } = setUp();
    set('one', 'F900', 0);
    await session.startChecks();
    drag.pressShelf(item('F600'), { x: 0, y: 0 });
    to(1200, 280, true);
    expect(screen.collisions).toEqual([]);
    to(600, 280, true);
    expect(screen.collisions).toMatchObject([
      {
        rule: 'item-collision',
        names: [
          { noun: 'name', item: { kind: 'base-doors' } },
          { noun: 'name', name: '1', item: { kind: 'base-doors' } },
        ],
      },
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
    drag.press('two', { x: 0, y: 0 }, { x: 800, y: -280 }, screen.chosen);
    to(3000, 280);
    drag.release();
    expect(edits.length).toBe(before + 1);
    expect([along('one'), along('two')]).toEqual([2200, 2850]);
    expect(screen.chosen).toEqual(['one', 'two']);
    session.run(lockItems, { ids: ['one'], locked: true });
    drag.press('one', { x: 0, y: 0 }, { x: 2400, y: -280 }, ['one']);
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
    drag.press('stool', { x: 0, y: 0 }, { x: 1900, y: -1600 });
    to(2100, 1700);
    drag.release();
    expect(session.committed.records['stool']).toMatchObject({ placement: { on: 'floor', turn: 0.5 } });
    drag.press('stool', { x: 0, y: 0 }, { x: 2100, y: -1700 });
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

describe('dragging items in the unfolded room', () => {
  const faceOf = (session: DesignSession, letter: string) =>
    roomShape(session.committed).faces.find((face) => face.letter === letter)!;
  /** The same drag of one item in the plan and in the unfolded room, so far along face A: what each makes of it. */
  function both(code: string, from: number, to: number) {
    return (['plan', 'unfold'] as const).map((view) => {
      const { session, drag, set } = setUp();
      set('one', code, from);
      set('two', 'F600', 2600);
      set('three', 'U600/720', 2600);
      const box = itemBoxes(session.committed).find(({ id }) => id === 'one')!;
      const face = faceOf(session, 'A');
      const place = (along: number) =>
        view === 'plan' ? { x: along + 50, y: -150 } : { face, along: along + 50, up: box.low + 100 };
      drag.press('one', { x: 0, y: 0 }, place(from));
      drag.move({ x: 50, y: 0 }, place(to), 40);
      drag.release();
      return session.committed;
    });
  }

  it.each([
    ['F900', 0, 900],
    ['F900', 0, 1683],
    ['F450-3', 100, 3300],
    ['U900/720', 200, 1010],
    ['U900/720', 200, 1690],
  ])('gives the same document as the same drag in the plan: %s from %i to %i', (code, from, to) => {
    const [plan, unfold] = both(code, from, to);
    expect(unfold).toEqual(plan);
  });

  it('raises what hangs, in line with its neighbour or back to its usual height; what stands stays on the floor', () => {
    const { session, drag, set } = setUp();
    set('one', 'U600/720', 0);
    set('two', 'U600/720', 600);
    session.run(editItems, { ids: ['two'], change: { up: 1600 } });
    set('three', 'F600', 0);
    const face = faceOf(session, 'A');
    const drop = (id: string, by: number) => {
      const { low } = itemBoxes(session.committed).find((box) => box.id === id)!;
      drag.press(id, { x: 0, y: 0 }, { face, along: 100, up: low + 50 });
      drag.move({ x: 0, y: 40 }, { face, along: 100, up: low + 50 + by }, 30);
      drag.release();
      return itemBoxes(session.committed).find((box) => box.id === id)!.low;
    };
    expect(drop('one', 130)).toBe(1530);
    // Within the snap of its neighbour's underside.
    expect(drop('one', 85)).toBe(1600);
    expect(drop('three', 300)).toBe(0);
  });

  it.each(['F600', 'U600/720', 'T600/2070'])('sets %s from the shelf as the plan does', (code) => {
    const [plan, unfold] = (['plan', 'unfold'] as const).map((view) => {
      const { session, drag } = setUp();
      const face = faceOf(session, 'A');
      const { depth, up, height } = item(code);
      drag.pressShelf(item(code), { x: 0, y: 0 });
      const at = view === 'plan' ? { x: 1400, y: -depth / 2 } : { face, along: 1400, up: up + height / 2 };
      drag.move({ x: 90, y: 90 }, at, 40);
      drag.release();
      // The new item's id differs, nothing else may.
      return itemBoxes(session.committed).map(({ record: { id: _, ...record } }) => record);
    });
    expect(unfold).toHaveLength(1);
    expect(unfold).toEqual(plan);
  });

  it('raises several that hang together, as one edit', () => {
    const { session, screen, edits, drag, set } = setUp();
    set('one', 'U600/720', 0);
    set('two', 'U300/720', 600);
    screen.choose(['one', 'two']);
    const before = edits.length;
    const face = faceOf(session, 'A');
    drag.press('one', { x: 0, y: 0 }, { face, along: 100, up: 1500 }, screen.chosen);
    drag.move({ x: 90, y: 90 }, { face, along: 1100, up: 1650 }, 0);
    drag.release();
    expect(edits.length).toBe(before + 1);
    const at = (id: string) => {
      const { low, against } = itemBoxes(session.committed).find((box) => box.id === id)!;
      return [low, against!.along];
    };
    expect([at('one'), at('two')]).toEqual([
      [1550, 1000],
      [1550, 1600],
    ]);
  });

  it('sets from the shelf at the usual height, along the face the pointer is on', () => {
    const { session, drag } = setUp();
    const face = faceOf(session, 'B');
    drag.pressShelf(item('U600/720'), { x: 0, y: 0 });
    drag.move({ x: 90, y: 90 }, { face, along: 1500, up: 1770 }, 40);
    const id = drag.release()!;
    const { against, low } = itemBoxes(session.committed).find((box) => box.id === id)!;
    expect([against?.face.letter, against?.along, low]).toEqual(['B', 1200, 1400]);
  });
});
