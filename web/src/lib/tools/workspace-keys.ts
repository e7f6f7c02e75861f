import { tinykeys } from 'tinykeys';
import { pageActions, type PageActing } from './actions';

import { itemActions } from './item-actions';
import type { ToolStack } from './pointer-tool';

interface Parts extends PageActing {
  /** What may be under way with the pointer is dropped by Escape. */
  tools: Pick<ToolStack, 'drop'>;
}

/** Keys and gestures that are no actions of their own. */
const gestures: readonly { keys: string; does: string }[] = [
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
  { keys: 'Tab', does: 'From the plan to the ties of the selected item' },
  { keys: 'Escape', does: 'Back out: of a drag, a typed number, the selection' },
  { keys: 'Space drag', does: 'Move the drawing; the wheel zooms at the pointer' },
  { keys: 'Plus, minus', does: 'Nearer and farther, in every drawing' },
  { keys: 'Page Up, Page Down', does: 'The sheet before, the next (in Draw)' },
];

/** Every shortcut with what it does, as the list shows them. */
export const shortcuts: readonly { keys: string; does: string }[] = [
  ...pageActions.filter(({ keys }) => keys !== '').map(({ keys, name }) => ({ keys, does: name })),
  ...gestures,
  ...itemActions
    .filter(({ id }) => id !== 'remove')
    .map(({ keys, name }) => ({ keys, does: `${name} (in the plan)` })),
];

/** Ways to press an action, as the keyboard is asked for them. */
export function bindingsOf(keys: string): string[] {
  return keys
    .split(', ')
    .filter(Boolean)
    .map((way) => {
      const parts = way.split(' ').map((part) => (part === 'Ctrl' ? '$mod' : part));
      const last = parts.pop()!;
      const key = last === '?' ? 'Shift+?' : last.length === 1 ? last.toLowerCase() : last;
      return [...parts, key].join('+');
    });
}

/** Listens for the shortcuts that work anywhere in a room; gives what stops it. */
export function workspaceKeys(target: Window, { tools, ...acting }: Parts): () => void {
  const { screen } = acting;
  const bindings = pageActions.flatMap((action) =>
    bindingsOf(action.keys).map((keys): [string, (event: KeyboardEvent) => void] => [
      keys,
      (event) => {
        if (!action.typing && isTyping(event)) return;
        event.preventDefault();
        if (action.when(acting)) action.run(acting);
      },
    ]),
  );
  return tinykeys(target, {
    ...Object.fromEntries(bindings),
    Escape: () => {
      if (!tools.drop() && screen.gap) screen.showGap(null);
    },
  });
}

function isTyping({ target }: KeyboardEvent): boolean {
  return (
    target instanceof HTMLElement && target.closest('input, select, textarea, [contenteditable]') !== null
  );
}
