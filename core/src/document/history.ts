import { applyPatch, invertPatch, type Patch } from './patch';
import type { Design } from './design';
import { rebased } from './rebase';
import type { Result } from '../result';

/** What was done, and its patch as first applied. The id is that of the edit that did it first. */
export interface Step {
  readonly id: string;
  readonly patch: Patch;
}

/** The edits of one person that can be taken back and done again. */
export interface History<S extends Step = Step> {
  readonly done: readonly S[];
  readonly undone: readonly S[];
}

export type EditAction = 'do' | 'undo' | 'redo';

/** An accepted edit as a server keeps and tells it; those of earlier versions of this program have words of their own instead of a command. */
export interface KnownEdit {
  id: string;
  /** The revision of the room it made. */
  revision: number;
  action: EditAction;
  /** The edit that it takes back or does again; its own id where it is new. */
  step: string | null;
  command: string | null;
  args: unknown;
  label: string | null;
  patch: Patch;
  person: { id: string; name: string };
}

export const emptyHistory: History<never> = { done: [], undone: [] };

/** History after an edit: a new one, or one that was taken back or done again. Nothing is as before where that is not in it. */
export function recorded<S extends Step>(history: History<S>, action: EditAction, step: S): History<S> {
  const { done, undone } = history;
  const without = (steps: readonly S[]) => steps.filter(({ id }) => id !== step.id);
  switch (action) {
    case 'do':
      return { done: [...done, step], undone: [] };
    case 'undo':
      return { done: without(done), undone: [...without(undone), step] };
    case 'redo':
      return { done: [...without(done), step], undone: without(undone) };
  }
}

/** History without a step that can't be taken back or done again any more. */
export function forgotten<S extends Step>({ done, undone }: History<S>, id: string): History<S> {
  return { done: done.filter((step) => step.id !== id), undone: undone.filter((step) => step.id !== id) };
}

/** The patch that takes a step back, or does it again, on a design that has gone on since. */
export function stepPatch(design: Design, action: 'undo' | 'redo', { patch }: Step): Result<Patch> {
  return rebased(design, action === 'undo' ? invertPatch(patch) : patch);
}

/** Edits brought onto a design one after the other: it with those that fit, each as it was applied, and those that do not. */
export function replayed<E extends { readonly patch: Patch }>(
  design: Design,
  edits: readonly E[],
): { design: Design; fitting: E[]; parted: E[] } {
  let current = design;
  const fitting: E[] = [];
  const parted: E[] = [];
  for (const edit of edits) {
    const patch = rebased(current, edit.patch);
    const applied: Result<Design> = patch.ok ? applyPatch(current, patch.value) : patch;
    if (!patch.ok || !applied.ok) {
      parted.push(edit);
      continue;
    }
    current = applied.value;
    // An edit that does nothing any more need not be made.
    if (patch.value.length > 0) fitting.push({ ...edit, patch: patch.value });
  }
  return { design: current, fitting, parted };
}
