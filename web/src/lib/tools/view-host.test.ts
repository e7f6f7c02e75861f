import { emptyHistory, itemBoxes, makeRoom, must, outlineFaces, setItem, type Point } from 'goodreach';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { DesignSession } from '../session/design-session.svelte';
import { ScreenState } from '../session/screen.svelte';
import { ItemDrag } from './drag-item';
import { ToolStack, type PointerTool } from './pointer-tool';
import { ShownViews, ViewHost, type HostedView } from './view-host.svelte';

vi.stubGlobal('Element', class {});
const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
const room = must(makeRoom({ name: 'Kitchen', unit: 'mm', step: 1, ceilingHeight: 2400, faces }));

/** What is under the pointer of the view that is tried. */
let under: string | null = null;
beforeEach(() => (under = null));

/** A plan of a pixel a millimetre, two cabinets in the room; with what a test makes otherwise of the view. */
function setUp(change: Partial<HostedView> = {}, ...more: readonly PointerTool[]) {
  const session = new DesignSession(room, emptyHistory, () => {});
  const screen = new ScreenState();
  for (const [id, distance] of [
    ['one', 0],
    ['two', 2000],
  ] as const) {
    const placement = { on: 'face', face: 'face-a', from: 'left', distance, off: 0 } as const;
    session.run(setItem, { id, range: 'fathom', code: 'F600', placement });
  }
  const drag = new ItemDrag(session, screen);
  const tools = new ToolStack().push(drag, ...more);
  const views = new ShownViews();
  const at = ({ x, y }: Point) => ({ x, y: -y });
  const view: HostedView = {
    kind: 'plan',
    sourceAt: () => under,
    placeAt: at,
    near: () => 0,
    wayOf: () => at,
    ...change,
  };
  const host = new ViewHost({ session, screen, tools, views, roomId: 'r' }, view);
  const captured: number[] = [];
  const element = {
    getBoundingClientRect: () => ({ left: 100, top: 50, right: 1100, bottom: 850 }),
    setPointerCapture: (id: number) => captured.push(id),
    focus: () => {},
  } as unknown as HTMLElement;
  const detach = host.attach(element);
  const event = (x: number, y: number, change: Partial<PointerEvent> = {}) =>
    ({
      ...{ clientX: x + 100, clientY: y + 50, button: 0, pointerId: 1, pointerType: 'mouse', target: null },
      ...{ shiftKey: false, altKey: false, preventDefault: () => {} },
      ...change,
    }) as PointerEvent;
  const said: string[] = [];
  const key = (key: string, change: Partial<KeyboardEvent> = {}) => {
    said.length = 0;
    host.key({
      ...{ key, target: element, shiftKey: false, ctrlKey: false, metaKey: false, altKey: false },
      ...{ preventDefault: () => said.push('kept'), stopPropagation: () => said.push('alone') },
      ...change,
    } as unknown as KeyboardEvent);
    return [...said];
  };
  const left = (id: string) => itemBoxes(session.document).find((box) => box.id === id)!.against!.along;
  return { session, screen, tools, views, host, event, key, left, captured, drag, detach };
}

describe('a press in a view', () => {
  it('chooses what is there, and carries it along as one edit', () => {
    const { host, event, screen, left, captured, session } = setUp();
    under = 'one';
    host.press(event(300, 280));
    expect([screen.selected, captured]).toEqual(['one', [1]]);
    host.move(event(302, 280));
    expect(left('one')).toBe(0);
    host.move(event(700, 280));
    expect([left('one'), session.previewing, screen.hovered]).toEqual([400, true, null]);
    host.release(event(700, 280));
    expect([left('one'), session.previewing]).toEqual([400, false]);
    host.click();
    expect(screen.selected).toBe('one');
    // What is let go is held no longer.
    host.move(event(900, 280));
    expect(left('one')).toBe(400);
  });

  it('on bare paper lets go of what is chosen when it is clicked, on a button does nothing', () => {
    const { host, event, screen } = setUp();
    screen.select('one');
    host.press(event(10, 600));
    expect(screen.selected).toBe('one');
    host.click();
    expect(screen.selected).toBeNull();
    screen.select('one');
    const button = Object.assign(new Element(), { closest: () => true }) as unknown as Element;
    host.press(event(10, 600, { target: button }));
    host.click();
    expect(screen.selected).toBe('one');
  });

  it('with Shift adds to what is chosen, and takes hold of nothing; with another button, or space held, does nothing', () => {
    const { host, event, screen, left, key } = setUp();
    screen.select('one');
    under = 'two';
    host.press(event(300, 280, { shiftKey: true }));
    expect(screen.chosen).toEqual(['one', 'two']);
    host.move(event(900, 280));
    host.release(event(900, 280));
    expect([left('one'), left('two')]).toEqual([0, 2000]);
    host.press(event(300, 280, { shiftKey: true }));
    host.release(event(300, 280));
    expect(screen.chosen).toEqual(['one']);
    host.press(event(300, 280, { button: 2 }));
    expect(screen.chosen).toEqual(['one']);
    expect(key(' ')).toEqual(['kept']);
    host.press(event(300, 280));
    expect([screen.chosen, host.panning]).toEqual([['one'], true]);
    host.keyUp({ key: ' ' } as KeyboardEvent);
    expect(host.panning).toBe(false);
  });

  it('is the tool’s that claims it, the uppermost first, whatever is there', () => {
    const claimed: unknown[] = [];
    const picks: PointerTool = {
      views: new Set(['plan']),
      active: true,
      claims: true,
      claim: (...press) => claimed.push(press),
      move: () => {},
      cancel: () => claimed.push('dropped'),
      key: (key) => key === 'Enter',
    };
    const { host, event, screen, key, tools } = setUp({}, picks);
    under = 'one';
    host.press(event(300, 280, { altKey: true }));
    expect(claimed).toEqual([[{ x: 300, y: 280 }, { x: 300, y: -280 }, 0, true]]);
    expect(screen.selected).toBeNull();
    host.click();
    expect(key('Enter')).toEqual(['kept', 'alone']);
    expect(key('Escape')).toEqual(['kept']);
    expect(claimed.at(-1)).toBe('dropped');
    expect(tools.claim('unfold', { x: 0, y: 0 }, null, 0, false)).toBe(false);
    expect(tools.key('unfold', 'Enter')).toBe(false);
  });

  it('where the drag turns the view takes hold only of what is chosen, and a click chooses', () => {
    const turned: Point[] = [];
    const turning = { turn: (by: Point) => turned.push(by), zoom: () => {} };
    const { host, event, screen, left } = setUp({ kind: 'room', turning });
    under = 'one';
    host.press(event(300, 280));
    host.move(event(330, 290));
    host.move(event(350, 290));
    host.release(event(350, 290));
    expect([turned, screen.selected, left('one')]).toEqual([
      [
        { x: 30, y: 10 },
        { x: 20, y: 0 },
      ],
      null,
      0,
    ]);
    host.press(event(300, 280));
    host.release(event(302, 281));
    expect(screen.selected).toBe('one');
    host.press(event(300, 280));
    host.move(event(500, 280));
    host.release(event(500, 280));
    expect([left('one'), turned.length]).toEqual([200, 2]);
    // Of several that are chosen the one that is clicked is meant; with Shift it is taken out.
    screen.choose(['one', 'two']);
    host.press(event(500, 280, { shiftKey: true }));
    host.release(event(500, 280, { shiftKey: true }));
    expect(screen.chosen).toEqual(['two']);
    screen.choose(['two', 'one']);
    host.press(event(500, 280));
    host.release(event(500, 280));
    expect(screen.chosen).toEqual(['one']);
    under = null;
    host.press(event(300, 280));
    host.release(event(300, 280));
    expect(screen.selected).toBeNull();
    // A drag with the second button turns too; only clicked, it asks for the menu.
    host.press(event(300, 280, { button: 2 }));
    host.move(event(340, 280));
    host.release(event(340, 280, { button: 2 }));
    host.openMenu(event(340, 280));
    expect([host.menu, turned.length]).toEqual([null, 3]);
    host.press(event(300, 280, { button: 2 }));
    host.release(event(300, 280, { button: 2 }));
    host.openMenu(event(300, 280));
    expect(host.menu).toEqual({ x: 300, y: 280 });
  });
});

describe('fingers and a pencil', () => {
  const touch = (pointerId: number) => ({ pointerType: 'touch', pointerId });

  it('drop what the first finger began when a second comes, and zoom where the view does not of itself', () => {
    const zooms: number[] = [];
    const turning = { turn: () => {}, zoom: (by: number) => zooms.push(by) };
    for (const change of [{}, { kind: 'room', turning } as const]) {
      const { host, event, session, screen, left } = setUp(change);
      screen.select('one');
      under = 'one';
      host.press(event(300, 280, touch(1)));
      host.move(event(700, 280, touch(1)));
      expect(session.previewing).toBe(true);
      host.press(event(900, 280, touch(2)));
      expect([session.previewing, left('one')]).toEqual([false, 0]);
      host.move(event(1100, 280, touch(2)));
      host.release(event(1100, 280, touch(2)));
      host.move(event(800, 280, touch(1)));
      host.release(event(800, 280, touch(1)));
      expect([session.previewing, left('one'), screen.selected]).toEqual([false, 0, 'one']);
    }
    expect(zooms).toEqual([0.5]);
  });

  it('leave what goes on over several presses as it is', () => {
    const told: string[] = [];
    const picks: PointerTool = {
      ...{ views: new Set(['plan'] as const), active: true, claims: false },
      move: () => {},
      cancel: () => told.push('dropped'),
    };
    const { host, event } = setUp({}, picks);
    host.press(event(300, 280, touch(1)));
    host.press(event(500, 280, touch(2)));
    host.cancel(event(500, 280, touch(2)));
    expect(told).toEqual([]);
  });

  it('once a pencil is used, it does and fingers only look', () => {
    const { host, event, screen, left } = setUp();
    under = 'one';
    host.press(event(300, 280, { pointerType: 'pen' }));
    host.move(event(500, 280, { pointerType: 'pen' }));
    host.release(event(500, 280, { pointerType: 'pen' }));
    expect([left('one'), host.penned]).toEqual([200, true]);
    under = 'two';
    host.press(event(300, 280, touch(3)));
    host.move(event(600, 280, touch(3)));
    host.release(event(600, 280, touch(3)));
    expect([left('two'), screen.selected]).toEqual([2000, 'one']);
  });
});

describe('keys in a view', () => {
  it('nudge what is chosen, else are the view’s own, else choose and act', () => {
    const nudged: unknown[] = [];
    const own: string[] = [];
    const { key, screen, session, host } = setUp({
      nudge: (...by) => (nudged.push(by), true),
      key: ({ key }) => key === 'z' && own.push(key) > 0,
      menuAt: () => ({ x: 3, y: 4 }),
    });
    expect(key('ArrowLeft')).toEqual([]);
    screen.select('one');
    expect(key('ArrowLeft', { shiftKey: true })).toEqual(['kept']);
    expect(key('ArrowLeft', { altKey: true })).toEqual([]);
    expect(nudged).toEqual([['ArrowLeft', 10]]);
    expect([key('z'), own]).toEqual([['kept'], ['z']]);
    expect(key('n')).toEqual(['kept', 'alone']);
    expect(screen.selected).toBe('two');
    expect(key('a', { ctrlKey: true })).toEqual(['kept']);
    expect(screen.chosen).toEqual(['one', 'two']);
    expect(key('F10', { shiftKey: true })).toEqual(['kept']);
    expect(host.menu).toEqual({ x: 3, y: 4 });
    host.closeMenu();
    expect(host.menu).toBeNull();
    expect(key('Delete')).toEqual(['kept', 'alone']);
    expect(itemBoxes(session.committed)).toEqual([]);
    expect(key('Escape')).toEqual(['kept']);
    expect(screen.selected).toBeNull();
    // A key in a field over the drawing is not the drawing's.
    expect(key('Escape', { target: null })).toEqual([]);
  });
});

it('views lend where a pixel of the window lies, those shown last first, and show all of theirs', () => {
  const fitted: string[] = [];
  const { views, host, event, detach } = setUp({ fit: () => fitted.push('all') });
  expect(views.locate(100, 50)).toEqual({ at: { x: 0, y: -0 }, snap: 0 });
  expect([
    views.locate(99, 60),
    views.locate(1101, 60),
    views.locate(200, 49),
    views.locate(200, 851),
  ]).toEqual([null, null, null, null]);
  views.fit();
  expect(fitted).toEqual(['all']);
  host.openMenu(event(30, 40));
  expect(host.menu).toEqual({ x: 30, y: 40 });
  detach();
  expect(views.locate(100, 50)).toBeNull();
});
