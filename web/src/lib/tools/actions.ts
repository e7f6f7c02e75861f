import { removeThings } from 'goodreach';
import { steps } from '../session/screen.svelte';
import { itemActions, type Acting } from './item-actions';
import type { ShownViews } from './view-host.svelte';

/** What an action of the page works on. */
export interface PageActing extends Acting {
  views: Pick<ShownViews, 'fit'>;
  /** Shows a dialog of the page. */
  show(dialog: 'palette' | 'shortcuts'): void;
}

/** Something that can be done from a key, a menu, a button or the palette. */
export interface Action {
  id: string;
  name: string;
  /** As a person reads it, other ways to press it behind a comma. Letters alone work in the plan only. */
  keys: string;
  /** Whether its key works while a text is typed too. */
  typing?: true;
  /** Whether it can be done now. */
  when(acting: PageActing): boolean;
  run(acting: PageActing): void;
}

const always = () => true;

/** What can be done anywhere in a room. */
export const pageActions: readonly Action[] = [
  {
    id: 'palette',
    name: 'Find a command',
    keys: 'Ctrl K',
    typing: true,
    when: always,
    run: ({ show }) => show('palette'),
  },
  {
    id: 'undo',
    name: 'Undo',
    keys: 'Ctrl Z',
    when: ({ session }) => session.canUndo,
    run: ({ session }) => void session.undo(),
  },
  {
    id: 'redo',
    name: 'Redo',
    keys: 'Ctrl Shift Z, Ctrl Y',
    when: ({ session }) => session.canRedo,
    run: ({ session }) => void session.redo(),
  },
  ...steps.map(({ id, name }, index): Action => ({
    id: `step-${id}`,
    name: `Go to ${name}`,
    keys: `Alt ${index + 1}`,
    typing: true,
    when: ({ screen }) => screen.step !== id,
    run: ({ screen }) => void (screen.step = id),
  })),
  {
    id: 'fit',
    name: 'Show the whole drawing',
    keys: 'Alt 0',
    typing: true,
    when: always,
    run: ({ views }) => views.fit(),
  },
  {
    id: 'fold-left',
    name: 'Fold the left panel away, or show it',
    keys: 'Alt 8',
    typing: true,
    when: always,
    run: ({ screen }) => screen.fold('left'),
  },
  {
    id: 'fold-right',
    name: 'Fold the facts away, or show them',
    keys: 'Alt 9',
    typing: true,
    when: always,
    run: ({ screen }) => screen.fold('right'),
  },
  {
    id: 'alone',
    name: 'The drawing alone, or with its panels',
    keys: 'Alt Enter',
    typing: true,
    when: always,
    run: ({ screen }) => screen.drawAlone(),
  },
  {
    id: 'evening',
    name: 'Light or evening paper',
    keys: '',
    when: always,
    run: ({ screen }) => screen.turnLight(),
  },
  {
    id: 'remove-chosen',
    name: 'Remove what is selected: an item, opening, fixed thing, service, section line, standpoint or taped distance',
    keys: 'Delete, Backspace',
    when: ({ session, screen }) => {
      const kind = session.committed.records[screen.selected ?? '']?.kind;
      return kind !== undefined && kind !== 'face';
    },
    run: ({ session, screen }) => {
      if (session.run(removeThings, screen.chosen)) screen.select(null);
    },
  },
  { id: 'shortcuts', name: 'Shortcuts', keys: '?', when: always, run: ({ show }) => show('shortcuts') },
];

/** Everything that can be done by name, the page's first. */
export const actions: readonly Action[] = [
  ...pageActions,
  ...itemActions.filter(({ id }) => id !== 'remove'),
];

/** Actions that some typed words may mean: each begins a word of the name; names that begin so come first. */
export function searchActions(known: readonly Action[], text: string): readonly Action[] {
  const words = wordsOf(text);
  const found = known.filter(({ name }) =>
    words.every((word) => wordsOf(name).some((own) => own.startsWith(word))),
  );
  const begins = ({ name }: Action) => Number(wordsOf(name)[0]?.startsWith(words[0] ?? '') ?? false);
  return [...found].sort((a, b) => begins(b) - begins(a));
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}°]+/u)
    .filter(Boolean);
