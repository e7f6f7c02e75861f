import {
  commandLabel,
  emptyHistory,
  recorded,
  type EditAction,
  type History,
  type KnownEdit,
  type Patch,
  type Step,
} from 'goodreach';

/** An edit as it goes to the server. */
export interface LocalEdit {
  id: string;
  action: EditAction;
  /** The edit that it takes back or does again; its own id where it is new. */
  step: string;
  /** The command that made it, and what it was asked. */
  command: string;
  args: unknown;
  patch: Patch;
}

/** A step of the history with what it did. */
export interface OwnStep extends Step {
  command: string;
  args: unknown;
  label?: string | null;
}

export function labelOf({
  command,
  args,
  label,
}: Partial<Pick<KnownEdit, 'args' | 'command' | 'label'>>): string {
  return (command && commandLabel(command, args)) || label || 'Edit';
}

/** What one person can take back and do again after the edits of a room, oldest first: their own, whoever else edited in between. */
export function historyOf(edits: readonly KnownEdit[], personId: string): History<OwnStep> {
  let history: History<OwnStep> = emptyHistory;
  for (const { person, action, id, patch, ...edit } of edits) {
    if (person.id !== personId) continue;
    const of =
      edit.step ?? { do: id, undo: history.done.at(-1)?.id, redo: history.undone.at(-1)?.id }[action];
    const known = [...history.done, ...history.undone].find((step) => step.id === of);
    // Of a step from before the first of these edits nothing is known but what was done to it.
    if (!known && action === 'undo') continue;
    const step = known ?? {
      id: of ?? id,
      patch,
      command: edit.command ?? '',
      args: edit.args,
      label: edit.label,
    };
    history = recorded(history, action, step);
  }
  return history;
}
