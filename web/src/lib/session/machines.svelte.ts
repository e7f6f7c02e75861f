import { refusalText, type LengthStyle } from 'goodreach';
import { save } from '$ui/save-file';
import MachineWorker from './machines.worker?worker';
import type { MachineAnswer, MachineQuestion, PlayedSheet } from './machines.worker';

type Asked = MachineQuestion extends infer Q ? (Q extends { id: number } ? Omit<Q, 'id'> : never) : never;

/** Makes files for machines, and plays them, in a worker of its own; what goes wrong is told in a sentence. */
export class Machines {
  busy = $state(false);
  problem = $state('');
  #worker: Worker | null = null;
  #last = 0;
  readonly #waiting = new Map<number, (answer: MachineAnswer) => void>();

  /** Gives the files that are asked for to the person: one as it is, several in one archive called so. */
  async files(asked: Asked, name: string, style: LengthStyle): Promise<void> {
    const answer = await this.#ask(asked, style);
    if (!answer) return;
    if ('pdf' in answer) return save(new Blob([answer.pdf], { type: 'application/pdf' }), `${name}.pdf`);
    if (!('files' in answer)) return;
    const { files } = answer;
    if (files.length === 0) this.problem = 'There is nothing for a machine to do here.';
    else if (files.length === 1) save(new Blob([files[0]!.text]), files[0]!.name);
    else {
      const { strToU8, zipSync } = await import('fflate');
      const packed = zipSync(Object.fromEntries(files.map((file) => [file.name, strToU8(file.text)])));
      save(new Blob([new Uint8Array(packed)], { type: 'application/zip' }), `${name}.zip`);
    }
  }

  /** A sheet played on the router; null where it can't be, with why in `problem`. */
  async play(asked: Asked & { ask: 'play' }, style: LengthStyle): Promise<PlayedSheet | null> {
    const answer = await this.#ask(asked, style);
    return answer && 'sheet' in answer ? answer.sheet : null;
  }

  async #ask(asked: Asked, style: LengthStyle): Promise<MachineAnswer | null> {
    const id = ++this.#last;
    [this.busy, this.problem] = [true, ''];
    const answer = await new Promise<MachineAnswer>((resolve) => {
      this.#waiting.set(id, resolve);
      this.#running().postMessage({ ...asked, id });
    });
    // What was asked since is what is waited for.
    if (id === this.#last) this.busy = false;
    if ('refusal' in answer) this.problem = refusalText(answer.refusal, style);
    else if ('failed' in answer)
      this.problem = `The files could not be made: ${answer.failed}. Try once more; if it stays so, tell us.`;
    else return answer;
    return null;
  }

  #running(): Worker {
    if (this.#worker) return this.#worker;
    const worker = new MachineWorker();
    worker.onmessage = ({ data }: MessageEvent<MachineAnswer>) => {
      this.#waiting.get(data.id)?.(data);
      this.#waiting.delete(data.id);
    };
    worker.onerror = ({ message }) => {
      for (const [id, resolve] of this.#waiting) resolve({ id, failed: message });
      this.#waiting.clear();
      this.stop();
    };
    return (this.#worker = worker);
  }

  stop(): void {
    this.#worker?.terminate();
    this.#worker = null;
    for (const [id, resolve] of this.#waiting) resolve({ id, files: [] });
    this.#waiting.clear();
    this.busy = false;
  }
}
