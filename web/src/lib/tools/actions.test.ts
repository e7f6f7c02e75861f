import { emptyHistory, must, makeRoom, outlineFaces, setRoom } from 'goodreach';
import { describe, expect, it } from 'vitest';
import { DesignSession } from '../session/design-session.svelte';
import { ScreenState } from '../session/screen.svelte';
import { actions, pageActions, searchActions, type PageActing } from './actions';
import { bindingsOf, shortcuts } from './workspace-keys';

const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
const room = must(makeRoom({ name: 'Kitchen', unit: 'mm', step: 1, ceilingHeight: 2400, faces }));
function acting(): PageActing & { shown: string[] } {
  const shown: string[] = [];
  const session = new DesignSession(room, emptyHistory, () => {});
  const views = { fit: () => void shown.push('fit') };
  return { session, screen: new ScreenState(), roomId: 'r', views, show: (what) => shown.push(what), shown };
}
const named = (id: string) => actions.find((action) => action.id === id)!;

describe('actions', () => {
  it('have names, ids and keys of their own', () => {
    for (const of of ['id', 'name'] as const)
      expect(new Set(actions.map((one) => one[of])).size).toBe(actions.length);
    const keys = actions.flatMap((action) => bindingsOf(action.keys));
    expect(new Set(keys).size).toBe(keys.length);
    expect(shortcuts.map(({ does }) => does)).toEqual(
      expect.arrayContaining(['Undo', 'Mirror (in the plan)']),
    );
  });

  it('are found by the beginnings of their words, those whose name begins so first', () => {
    const found = (text: string) => searchActions(actions, text).map(({ id }) => id);
    expect(found('')).toHaveLength(actions.length);
    expect(found('turn')).toEqual(['turn', 'turn-half', 'square']);
    expect(found('WALL square')).toEqual(['square']);
    expect(found('drawing')).toEqual(['fit', 'alone']);
    expect(found('45')).toEqual(['turn-half']);
    expect(found('away')).toEqual(['fold-left', 'fold-right']);
    expect(found('ndo')).toEqual([]);
    expect(found('sho').slice(0, 2)).toEqual(['fit', 'shortcuts']);
  });

  it('can be done when there is something to do them with, and do it', () => {
    const at = acting();
    expect([named('undo'), named('redo'), named('remove-chosen')].map((one) => one.when(at))).toEqual([
      false,
      false,
      false,
    ]);
    at.session.run(setRoom, { name: 'Galley' });
    named('undo').run(at);
    expect([named('undo').when(at), named('redo').when(at)]).toEqual([false, true]);
    named('redo').run(at);
    expect(at.session.committed.records['room']).toMatchObject({ name: 'Galley' });
    at.screen.select('face-a');
    expect(named('remove-chosen').when(at)).toBe(false);
    expect([named('step-set'), named('step-draw')].map((one) => one.when(at))).toEqual([false, true]);
    named('step-draw').run(at);
    expect([at.screen.step, named('fit').when(at)]).toEqual(['draw', true]);
    for (const id of ['fit', 'palette', 'shortcuts']) named(id).run(at);
    expect(at.shown).toEqual(['fit', 'palette', 'shortcuts']);
  });

  it('are pressed as the keyboard gives them', () => {
    expect(bindingsOf('Ctrl Shift Z, Ctrl Y')).toEqual(['$mod+Shift+z', '$mod+y']);
    expect([bindingsOf('?'), bindingsOf('Alt 1'), bindingsOf('Delete, Backspace'), bindingsOf('')]).toEqual([
      ['Shift+?'],
      ['Alt+1'],
      ['Delete', 'Backspace'],
      [],
    ]);
    expect(pageActions.filter(({ typing }) => typing).map(({ keys }) => keys)).not.toContain('Ctrl Z');
  });
});

describe('panels', () => {
  const run = (screen: ScreenState, id: string) => named(id).run({ ...acting(), screen });

  it('fold away and come back, one by one or together', () => {
    const screen = new ScreenState();
    run(screen, 'fold-left');
    expect([screen.folded, screen.alone]).toEqual([{ left: true, right: false }, false]);
    run(screen, 'alone');
    expect(screen.alone).toBe(true);
    run(screen, 'alone');
    expect([screen.folded, screen.alone]).toEqual([{ left: true, right: false }, false]);
    run(screen, 'alone');
    run(screen, 'fold-right');
    expect([screen.folded, screen.alone]).toEqual([{ left: true, right: false }, false]);
  });

  it('lie over the drawing one at a time where there is no room beside it', () => {
    const screen = new ScreenState();
    screen.narrow = true;
    screen.folded = { left: true, right: true };
    run(screen, 'fold-left');
    expect(screen.folded).toEqual({ left: false, right: true });
    run(screen, 'fold-right');
    expect(screen.folded).toEqual({ left: true, right: false });
    run(screen, 'alone');
    run(screen, 'alone');
    expect(screen.folded).toEqual({ left: true, right: false });
  });
});
