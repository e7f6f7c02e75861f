import { removeThings } from 'goodreach';
import { tinykeys } from 'tinykeys';
import type { PlanPort } from './plan-port';
import type { ItemDrag } from './drag-item';
import { itemActions } from './item-actions';
import type { DesignSession } from '../session/design-session.svelte';
import { steps, type ScreenState } from '../session/screen.svelte';

interface Parts {
  session: DesignSession;
  screen: ScreenState;
  /** What may be under way with the pointer, and is dropped by Escape. */
  drags: readonly Pick<ItemDrag, 'active' | 'cancel'>[];
  port: PlanPort;
  showShortcuts(): void;
}

/** Every shortcut with what it does, as the list shows them. */
export const shortcuts: readonly { keys: string; does: string }[] = [
  { keys: 'Ctrl Z', does: 'Undo' },
  { keys: 'Ctrl Shift Z', does: 'Redo' },
  { keys: 'Alt 1 … 4', does: 'Go to Survey, Set, Reach, Draw' },
  { keys: 'Alt 0', does: 'Show the whole plan' },
  { keys: 'N, Shift N', does: 'Next item, the one before (in the plan)' },
  { keys: 'F, Shift F', does: 'Next face, the one before: what is set next goes there (in the plan)' },
  { keys: 'Ctrl A, Shift click', does: 'Choose all items; add one to those chosen (in the plan)' },
  { keys: 'Arrow keys', does: 'Nudge the chosen items by the rounding; with Shift ten times it' },
  {
    keys: 'Arrow keys in the unfold',
    does: 'Move the chosen items along their face; up and down raise and lower what hangs',
  },
  {
    keys: 'Arrow keys in the model and the stand',
    does: 'Go round the model; walk and turn, with Shift aside; with an item chosen, nudge it',
  },
  { keys: 'O', does: 'Open or close the doors and drawers of what is chosen (in the model and the stand)' },
  {
    keys: 'Double click',
    does: 'In the model and the stand: opens what is there; on the floor, walks there',
  },
  { keys: 'Alt while dragging', does: 'Nothing catches: the item stays where the pointer is' },
  ...itemActions
    .filter(({ id }) => id !== 'remove')
    .map(({ keys, name }) => ({ keys, does: `${name} (in the plan)` })),
  { keys: 'Tab', does: 'From the plan to the ties of the selected item' },
  {
    keys: 'Delete',
    does: 'Remove what is selected: an item, opening, fixed thing, service, section line, standpoint or taped distance',
  },
  { keys: 'Escape', does: 'Back out: of a drag, a typed number, the selection' },
  { keys: 'Space drag', does: 'Move the plan; the wheel zooms at the pointer' },
  { keys: '?', does: 'This list' },
];

/** Listens for the shortcuts that work anywhere in a room; gives what stops it. */
export function workspaceKeys(
  target: Window,
  { session, screen, drags, port, showShortcuts }: Parts,
): () => void {
  const unlessTyping = (act: () => void) => (event: KeyboardEvent) => {
    if (
      event.target instanceof HTMLElement &&
      event.target.closest('input, select, textarea, [contenteditable]')
    )
      return;
    event.preventDefault();
    act();
  };
  const always = (act: () => void) => (event: KeyboardEvent) => {
    event.preventDefault();
    act();
  };
  const remove = unlessTyping(() => {
    const kind = session.committed.records[screen.selected ?? '']?.kind;
    if (!screen.selected || !kind || kind === 'face') return;
    if (session.run(removeThings, screen.chosen)) screen.select(null);
  });
  return tinykeys(target, {
    '$mod+z': unlessTyping(() => session.undo()),
    '$mod+Shift+z': unlessTyping(() => session.redo()),
    '$mod+y': unlessTyping(() => session.redo()),
    Delete: remove,
    Backspace: remove,
    Escape: () => {
      const active = drags.find((drag) => drag.active);
      if (active) active.cancel();
      else if (screen.gap) screen.showGap(null);
    },
    'Alt+0': always(() => port.fit()),
    'Shift+?': unlessTyping(showShortcuts),
    ...Object.fromEntries(
      steps.map(({ id }, index) => [`Alt+${index + 1}`, always(() => (screen.step = id))]),
    ),
  });
}
