import type { Machine, PriceBook, Stock } from 'goodreach';
import type { TableFault } from '$ui/TableFaults.svelte';
import { askServer } from '../outcome';
import { sendJson } from './send-json';

/** A book of the studio's shop as it was kept last. */
export interface KeptBook<T> {
  revision: number;
  book: T;
  keptAt: string;
  keptBy: string;
}

/** What the studio keeps for its shop: fetched when it is first needed, kept by whoever changes it. */
export class ShopBooks {
  prices = $state.raw<KeptBook<PriceBook> | null>(null);
  stock = $state.raw<KeptBook<Stock> | null>(null);
  machine = $state.raw<KeptBook<Machine> | null>(null);
  /** Why something could not be fetched or kept; what is wrong with a table that was read. */
  problem = $state('');
  faults: readonly TableFault[] = $state.raw([]);
  busy = $state(false);
  #fetched: Promise<void> | null = null;

  /** Fetches them, once. */
  fetch(): Promise<void> {
    return (this.#fetched ??= this.#fetchAll());
  }

  async #fetchAll(): Promise<void> {
    const [prices, stock, machine] = await Promise.all([
      fetched<PriceBook>('/api/shop/prices'),
      fetched<Stock>('/api/shop/stock'),
      fetched<Machine>('/api/shop/machine'),
    ]);
    if (prices === undefined || stock === undefined || machine === undefined) {
      this.problem = 'What the studio keeps for its shop could not be fetched. Open the room again.';
      this.#fetched = null;
      return;
    }
    [this.prices, this.stock, this.machine] = [prices, stock, machine];
  }

  /** Keeps what is cut from; whether it is kept. */
  async keepStock(book: Stock): Promise<boolean> {
    const { kept, isKept } = await this.#keep('/api/shop/stock', book, this.stock);
    this.stock = kept;
    return isKept;
  }

  /** Keeps the router and its tools; whether they are kept. */
  async keepMachine(book: Machine): Promise<boolean> {
    const { kept, isKept } = await this.#keep('/api/shop/machine', book, this.machine);
    this.machine = kept;
    return isKept;
  }

  /** Keeps a book in place of the one that is known: what is kept then, somebody else's where that was before. */
  async #keep<T>(
    url: string,
    book: T,
    known: KeptBook<T> | null,
  ): Promise<{ kept: KeptBook<T> | null; isKept: boolean }> {
    this.busy = true;
    const revision = known?.revision ?? 0;
    const sent = await sendJson<{ kept: KeptBook<T> }>('PUT', url, { revision, book });
    this.busy = false;
    this.problem = sent.ok ? '' : sent.message;
    if (sent.ok) return { kept: sent.value.kept, isKept: true };
    const theirs = sent.status === 409 ? await fetched<T>(url) : null;
    return { kept: theirs ?? known, isKept: false };
  }

  /** Takes the prices of a table in place of those there are. */
  async readPrices(file: File): Promise<void> {
    [this.busy, this.problem, this.faults] = [true, '', []];
    const body = { csv: await file.text(), revision: this.prices?.revision ?? 0 };
    try {
      const answer = await askServer('/api/shop/prices.csv', {
        ...{ method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
      });
      const said = (await answer.json()) as {
        kept?: KeptBook<PriceBook> | null;
        message?: string;
        faults?: readonly TableFault[];
      };
      if (said.kept) this.prices = said.kept;
      if (said.faults?.every((fault) => 'row' in fault)) this.faults = said.faults;
      else if (!answer.ok) this.problem = said.message ?? 'The server refuses this table.';
    } catch {
      this.problem = 'No connection to the server. Read the table again when it is back.';
    }
    this.busy = false;
  }
}

/** A book as it is kept, null where there is none; nothing where the server does not answer. */
async function fetched<T>(url: string): Promise<KeptBook<T> | null | undefined> {
  try {
    const answer = await askServer(url);
    return answer.ok ? ((await answer.json()) as { kept: KeptBook<T> | null }).kept : undefined;
  } catch {
    return undefined;
  }
}
