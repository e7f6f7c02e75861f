import {
  execute,
  goneTops,
  executePatch,
  emptyHistory,
  forgotten,
  refusalText,
  recorded,
  stepPatch,
  styleOf,
  type Command,
  type Refusal,
  type Design,
  type Executed,
  type History,
  type ItemRecord,
  type Result,
} from 'goodreach';
import { labelOf, type LocalEdit, type OwnStep } from './edits';

/** Milliseconds a frame of a drag can spare for checks, and how long nothing moves until it rests. */
const SPARE = 3;
const REST = 90;
/** A rest is waited for in so many steps, so that a page that is busy in between is known to have been. */
const STEPS = 3;
/** So late at most a timer comes in a page that has time, ms. */
const LATE = 12;

/**
 * The design on screen: committed, with what is being dragged on top, and its history.
 * Changes enter only through run, preview, undo and redo; every committed one is handed to `onEdit`.
 */
export class DesignSession {
  #committed: Design = $state.raw({ schema: 0, records: {} });
  #preview: Design | null = $state.raw(null);
  #history: History<OwnStep> = $state.raw(emptyHistory);
  /** What the preview shows: asked anew when others' edits come in underneath. */
  #gesture: ((design: Design) => Result<Executed>) | null = null;
  /** Whether nothing moves by what is shown. */
  #still = false;
  /** The ids of what it changes. */
  #moves: readonly string[] = $state.raw([]);
  #settled: Design = $state.raw({ schema: 0, records: {} });
  #resting = $state(true);
  /** What holds the design against the rules, and draws its surfaces; null until it has come. */
  judge: typeof import('./judge') | null = $state.raw(null);
  #settling: ReturnType<typeof setTimeout> | undefined;
  /** How long the last checks took, ms. */
  #cost = 0;
  /** Items that the last edit took out with what was set by hand at their tops. */
  gone: readonly ItemRecord[] = $state.raw([]);
  /** Why the last edit was refused, in the design's units; empty when it was not. */
  message = $state('');

  /**
   * Both are read each time. Asked for while a part of the page is taken away (a panel drops its preview), it is computed from
   * what was before that, and would from then on depend only on what was read then.
   */
  readonly document: Design = $derived.by(() => {
    const committed = this.#committed;
    return this.#preview ?? committed;
  });
  readonly canUndo = $derived(this.#history.done.length > 0);
  readonly canRedo = $derived(this.#history.undone.length > 0);
  readonly undoLabel = $derived(this.canUndo ? labelOf(this.#history.done.at(-1)!) : '');
  readonly redoLabel = $derived(this.canRedo ? labelOf(this.#history.undone.at(-1)!) : '');
  readonly style = $derived(styleOf(this.#committed));
  /** The ids of what is shown otherwise than it is done. */
  readonly moving: readonly string[] = $derived(this.#preview ? this.#moves : []);
  readonly previewing = $derived(this.#preview !== null);

  constructor(
    document: Design,
    past: History<OwnStep>,
    private readonly onEdit: (edit: LocalEdit) => void,
  ) {
    this.#committed = document;
    this.#settle();
    this.#history = past;
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

  /** The item that is being moved or set: the first of what is shown otherwise than it is done. */
  get movingItem(): ItemRecord | null {
    for (const id of this.moving) {
      const record = this.document.records[id];
      if (record?.kind === 'item') return record;
    }
    return null;
  }

  /** Runs a command; true when it was done, else the message says why not and nothing has changed. */
  run<Args>(command: Command<Args>, args: Args): boolean {
    if (this.#preview) this.dropPreview();
    const done = execute(command, this.#committed, args);
    if (!done.ok) return this.#refuse(done);
    const { patch, design } = done.value;
    if (patch.length === 0) return this.#clear();
    const id = crypto.randomUUID();
    const step = { id, patch, command: command.id, args };
    return this.#commit(design, step, { ...step, action: 'do', step: id });
  }

  /** Shows what a command would do, without doing it; false when it may not. */
  preview<Args>(command: Command<Args>, args: Args): boolean {
    const gesture = (design: Design) => execute(command, design, args);
    const shown = gesture(this.#committed);
    if (!shown.ok) return false;
    this.#gesture = gesture;
    this.#still = false;
    this.#show(shown.value);
    return true;
  }

  /** Shows what a command would do that moves nothing, as a finish that is tried: everything else stays at rest. */
  tryOn<Args>(command: Command<Args>, args: Args): void {
    const gesture = (design: Design) => execute(command, design, args);
    const shown = gesture(this.#committed);
    if (!shown.ok) return;
    this.#gesture = gesture;
    this.#still = true;
    this.#moves = [];
    this.#preview = shown.value.design;
  }

  /** Why a command would be refused, or an empty text. */
  mayRun<Args>(command: Command<Args>, args: Args): string {
    const asked = execute(command, this.#committed, args);
    return asked.ok ? '' : refusalText(asked.refusal, this.style);
  }

  dropPreview(): void {
    this.#preview = null;
    this.#gesture = null;
    this.#still = false;
    this.#settle();
  }

  /** Takes back the last own edit: what others did since stays. */
  undo(): boolean {
    return this.#again('undo', this.#history.done.at(-1));
  }

  redo(): boolean {
    return this.#again('redo', this.#history.undone.at(-1));
  }

  /** Puts another document in place, as when others' edits came in underneath ours; a drag under way goes on over it. */
  replace(document: Design): void {
    this.#committed = document;
    const shown = this.#gesture?.(document);
    if (this.#still && shown?.ok) this.#preview = shown.value.design;
    else this.#show(shown?.ok ? shown.value : null);
  }

  #show(done: Executed | null): void {
    const moves = done?.patch.map(({ id }) => id) ?? [];
    // The same list for the same things, as from frame to frame of a drag, also where it comes by the place it started from.
    const isSame =
      moves.length === this.#moves.length && moves.every((id, index) => id === this.#moves[index]);
    if (!isSame && moves.length > 0) this.#moves = moves;
    this.#preview = done?.design ?? null;
    this.#settle();
  }

  #again(action: 'redo' | 'undo', step: OwnStep | undefined): boolean {
    if (this.#preview) this.dropPreview();
    if (!step) return false;
    const patch = stepPatch(this.#committed, action, step);
    const done = patch.ok ? executePatch(this.#committed, patch.value) : patch;
    if (!done.ok) {
      // Others have changed the same since: it can't be taken back any more, but what was done before it can.
      this.#history = forgotten(this.#history, step.id);
      return this.#refuse({
        ok: false,
        refusal:
          done.refusal.code === 'patch-stale'
            ? { code: 'step-overtaken', data: { label: labelOf(step) } }
            : done.refusal,
      });
    }
    const { command, args } = step;
    const edit = { id: crypto.randomUUID(), action, step: step.id, command, args, patch: done.value.patch };
    return this.#commit(done.value.design, step, edit);
  }

  #commit(design: Design, step: OwnStep, edit: LocalEdit): boolean {
    this.#committed = design;
    this.gone = goneTops(edit.patch);
    this.#settle();
    this.#history = recorded(this.#history, edit.action, step);
    if (edit.patch.length > 0) this.onEdit(edit);
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
    const wait = (steps: number) => {
      if (steps === 0) return rest();
      const due = performance.now() + REST / STEPS;
      // Where the page had no time to hear of a move, nothing is known of a rest.
      const next = () => wait(performance.now() > due + LATE ? STEPS : steps - 1);
      this.#settling = setTimeout(next, REST / STEPS);
    };
    wait(STEPS);
    if (this.#cost <= SPARE) this.#check();
  }

  #check(): void {
    if (this.#settled === this.document) return;
    if (this.judge) this.#hold(this.judge);
    this.#settled = this.document;
  }

  /** Holds the document against the rules, and sees how long that takes. */
  #hold({ checkReach }: typeof import('./judge')): void {
    const start = performance.now();
    checkReach(this.document);
    this.#cost = performance.now() - start;
  }

  /** Begins to hold the design against the rules: not before it is there to be worked in. Where what does that can't be had now, it is asked for again. */
  async startChecks(again = 5_000): Promise<void> {
    const judge = await import('./judge').catch(() => null);
    if (!judge) {
      await new Promise((resolve) => setTimeout(resolve, again));
      return this.startChecks(again);
    }
    this.#hold(judge);
    this.judge = judge;
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
