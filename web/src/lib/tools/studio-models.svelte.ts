import { SvelteMap } from 'svelte/reactivity';
import type { Model } from 'goodreach/models';
import { ModelAsker } from './model-asker';

/** The models of objects from outside that a page has fetched, each once. */
export class StudioModels {
  /** Null while one comes, and for one that is not to be had: a body stands for it. */
  #models = new SvelteMap<string, Model | null>();
  #asker = new ModelAsker();

  /** The model of an object, as soon as it is there; it is asked for by being looked for. */
  readonly of = (id: string): Model | null => this.#models.get(id) ?? null;

  /** Fetches those of these that are not there yet. */
  fetch(ids: Iterable<string>): void {
    for (const id of ids) {
      if (this.#models.has(id)) continue;
      this.#models.set(id, null);
      void this.#fetched(id).then((model) => {
        if (model) this.#models.set(id, model);
      });
    }
  }

  async #fetched(id: string): Promise<Model | null> {
    try {
      const answer = await fetch(`/api/models/${encodeURIComponent(id)}`);
      if (!answer.ok) return null;
      const bytes = new Uint8Array(await answer.arrayBuffer());
      const read = await this.#asker.ask({ of: 'stored', bytes });
      return read.ok ? read.value : null;
    } catch {
      return null;
    }
  }
}
