import { changedSince, findPage, findScale, roomOf, type Design, type Refusal } from 'goodreach';
import type { SheetChoice } from './sheet-choice.svelte';
import SheetsWorker from './sheets.worker?worker';
import type { SheetsAnswer, SheetsQuestion, ShownSheet } from './sheets.worker';

/** The sheets of a choice, drawn in a worker; the last ones stay until the next are there. */
class DrawnSheets {
  sheets: readonly ShownSheet[] = $state.raw([]);
  refusal: Refusal | null = $state.raw(null);
  /** The design that they are drawn of. */
  of: Design | null = $state.raw(null);
  /** Whether others are on their way. */
  busy = $state(true);
  problem = $state('');
  #worker: Worker | null = null;
  /** Whether the worker has not answered yet. */
  #waits = false;
  #asked: SheetsQuestion | null = null;
  #next: SheetsQuestion | null = null;

  constructor(private readonly choice: SheetChoice) {}

  /** Draws them as they are asked for now; to be called in an effect. */
  follow(): void {
    const { choice } = this;
    const page = findPage(choice.page);
    const scale = findScale(choice.scale);
    if (!page.ok || !scale.ok) return;
    const { cover } = choice;
    const { coverFile } = roomOf(choice.design());
    const options = {
      ...{ subject: choice.subject, page: page.value, scale: scale.value, ...choice.titles },
      ...{ date: new Date().toISOString().slice(0, 10), revision: choice.revision() },
      fields: choice.fields,
      ...(choice.style && { style: choice.style.style }),
      ...(cover && cover.file === coverFile && { cover: cover.picture }),
    };
    const { issues, last: issued } = choice.issued;
    const design = choice.design();
    const since = issued ? { issues, changed: changedSince(issued, design) } : {};
    const question = { design, options: { ...options, ...since } };
    const last = this.#next ?? this.#asked;
    if (last?.design === design && isSame(last.options, question.options)) return;
    this.busy = true;
    if (this.#waits) this.#next = question;
    else this.#ask(question);
  }

  #ask(question: SheetsQuestion): void {
    this.#asked = question;
    this.#waits = true;
    this.#worker ??= this.#started();
    this.#worker.postMessage(question);
  }

  #started(): Worker {
    const worker = new SheetsWorker();
    worker.onmessage = ({ data }: MessageEvent<SheetsAnswer>) => {
      if (data.ok) this.sheets = data.value;
      this.of = this.#asked?.design ?? null;
      this.refusal = data.ok ? null : data.refusal;
      this.problem = '';
      this.#goOn();
    };
    worker.onerror = ({ message }) => {
      this.problem = `The sheets could not be drawn: ${message}. Choose another page or drawing.`;
      this.#worker?.terminate();
      this.#worker = null;
      this.#goOn();
    };
    return worker;
  }

  /** Ends the worker, when nobody looks any more; what it has drawn stays. */
  stop(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.#waits = false;
    this.#asked = this.#next = null;
  }

  #goOn(): void {
    this.#waits = false;
    const next = this.#next;
    this.#next = null;
    if (next) this.#ask(next);
    else this.busy = false;
  }
}

const isSame = (one: SheetsQuestion['options'], other: SheetsQuestion['options']): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

const drawn = new WeakMap<SheetChoice, DrawnSheets>();

/** The sheets of a choice, drawn once for all who show them. */
export function drawnSheets(choice: SheetChoice): DrawnSheets {
  let sheets = drawn.get(choice);
  if (!sheets) drawn.set(choice, (sheets = new DrawnSheets(choice)));
  return sheets;
}
