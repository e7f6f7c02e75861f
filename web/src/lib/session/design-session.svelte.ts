import {
  applyPatch,
  checkReach,
  emptyHistory,
  invertPatch,
  refusalText,
  recorded,
  styleOf,
  type Command,
  type Refusal,
  type Design,
  type EditAction,
  type History,
  type ItemRecord,
  type Patch,
  type Result,
  type Step,
} from 'goodreach';

/** An edit as it goes to the server. */
export interface LocalEdit {
  id: string;
  action: EditAction;
  label: string;
  patch: Patch;
}

/** An edit of the past, as the page was loaded with it. */
export type PastEdit = Pick<LocalEdit, 'action' | 'label' | 'patch'>;

/** Milliseconds a frame of a drag can spare for checks, and how long nothing moves until it rests. */
const SPARE = 3;
const REST = 90;

/**
 * The design on screen: committed, with what is being dragged on top, and its history.
 * Changes enter only through run, preview, undo and redo; every committed one is handed to `onEdit`.
 */
export class DesignSession {
  #committed: Design = $state.raw({ schema: 0, records: {} });
  #preview: Design | null = $state.raw(null);
  #history: History = $state.raw(emptyHistory);
  #settled: Design = $state.raw({ schema: 0, records: {} });
  #resting = $state(true);
  #settling: ReturnType<typeof setTimeout> | undefined;
  /** How long the last checks took, ms. */
  #cost = 0;
  /** Why the last edit was refused, in the design's units; empty when it was not. */
  message = $state('');

  readonly document: Design = $derived(this.#preview ?? this.#committed);
  readonly canUndo = $derived(this.#history.done.length > 0);
  readonly canRedo = $derived(this.#history.undone.length > 0);
  readonly undoLabel = $derived(this.#history.done.at(-1)?.label ?? '');
  readonly redoLabel = $derived(this.#history.undone.at(-1)?.label ?? '');
  readonly style = $derived(styleOf(this.#committed));
  readonly previewing = $derived(this.#preview !== null);

  constructor(
    document: Design,
    past: readonly PastEdit[],
    private readonly onEdit: (edit: LocalEdit) => void,
  ) {
    this.#committed = document;
    this.#settle();
    this.#history = past.reduce(
      (history, { action, label, patch }) => recorded(history, action, { label, patch }),
      emptyHistory,
    );
  }

  get committed(): Design {
    return this.#committed;
  }

  /** What the checks speak of: the document, but no sooner than a drag rests where they take longer than a frame can spare. */
  get settled(): Design {
    return this.#settled;
  }

  /** False while a drag moves: what takes longer than a frame waits for it to rest. */
  get resting(): boolean {
    return this.#resting;
  }

  /** The item that is being moved or set: the one that differs between what is shown and what is done. */
  get movingItem(): ItemRecord | null {
    if (this.#preview === null) return null;
    for (const id in this.#preview.records) {
      const record = this.#preview.records[id]!;
      if (record !== this.#committed.records[id] && record.kind === 'item') return record;
    }
    return null;
  }

  /** Runs a command; true when it was done, else the message says why not and nothing has changed. */
  run<Args>(command: Command<Args>, args: Args): boolean {
    if (this.#preview) this.dropPreview();
    const asked = command.run(this.#committed, args);
    if (!asked.ok) return this.#refuse(asked);
    if (asked.value.length === 0) return this.#clear();
    return this.#commit('do', { label: command.label(args), patch: asked.value });
  }

  /** Shows what a command would do, without doing it; false when it may not. */
  preview<Args>(command: Command<Args>, args: Args): boolean {
    const asked = command.run(this.#committed, args);
    const applied = asked.ok ? applyPatch(this.#committed, asked.value) : asked;
    if (!applied.ok) return false;
    this.#preview = applied.value;
    this.#settle();
    return true;
  }

  /** Why a command would be refused, or an empty text. */
  mayRun<Args>(command: Command<Args>, args: Args): string {
    const asked = command.run(this.#committed, args);
    return asked.ok ? '' : refusalText(asked.refusal, this.style);
  }

  dropPreview(): void {
    this.#preview = null;
    this.#settle();
  }

  undo(): boolean {
    this.#preview = null;
    const step = this.#history.done.at(-1);
    return step ? this.#commit('undo', { label: step.label, patch: invertPatch(step.patch) }) : false;
  }

  redo(): boolean {
    this.#preview = null;
    const step = this.#history.undone.at(-1);
    return step ? this.#commit('redo', step) : false;
  }

  /** Puts another document in place, as when others' edits came in underneath ours. */
  replace(document: Design): void {
    this.#preview = null;
    this.#committed = document;
    this.#settle();
  }

  #commit(action: EditAction, step: Step): boolean {
    const applied = applyPatch(this.#committed, step.patch);
    if (!applied.ok) return this.#refuse(applied);
    this.#committed = applied.value;
    this.#settle();
    this.#history = recorded(this.#history, action, step);
    this.onEdit({ id: crypto.randomUUID(), action, ...step });
    return this.#clear();
  }

  #settle(): void {
    clearTimeout(this.#settling);
    const rest = () => {
      this.#check();
      this.#resting = true;
    };
    if (this.#preview === null) return rest();
    this.#resting = false;
    this.#settling = setTimeout(rest, REST);
    if (this.#cost <= SPARE) this.#check();
  }

  #check(): void {
    if (this.#settled === this.document) return;
    const start = performance.now();
    checkReach(this.document);
    this.#cost = performance.now() - start;
    this.#settled = this.document;
  }

  /** Says what is wrong, or could not be done. */
  tell(refusal: Refusal): void {
    this.message = refusalText(refusal, this.style);
  }

  #refuse({ refusal }: Extract<Result<unknown>, { ok: false }>): false {
    this.tell(refusal);
    return false;
  }

  #clear(): true {
    this.message = '';
    return true;
  }
}
