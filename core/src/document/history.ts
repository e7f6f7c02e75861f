import type { Patch } from './patch';

/** What was done, in the words of the command, and its patch as first applied. */
export interface Step {
  readonly label: string;
  readonly patch: Patch;
}

/** The edits that can be taken back and done again. */
export interface History {
  readonly done: readonly Step[];
  readonly undone: readonly Step[];
}

export type EditAction = 'do' | 'undo' | 'redo';

export const emptyHistory: History = { done: [], undone: [] };

/** History after an edit: a new one, or the last one taken back or done again. */
export function recorded(history: History, action: EditAction, step: Step): History {
  const { done, undone } = history;
  switch (action) {
    case 'do':
      return { done: [...done, step], undone: [] };
    case 'undo':
      return { done: done.slice(0, -1), undone: [...undone, done.at(-1) ?? step] };
    case 'redo':
      return { done: [...done, undone.at(-1) ?? step], undone: undone.slice(0, -1) };
  }
}
