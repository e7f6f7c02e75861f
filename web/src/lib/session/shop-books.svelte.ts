import type { PriceBook, Stock } from 'goodreach';
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
  /** Why something could not be fetched or kept; what is wrong with a table that was read. */
  problem = $state('');
  faults: readonly TableFault[] = $state.raw([]);
  busy = $state(false);
  #fetched: Promise<void> | null = null;

  /** Fetches both, once. */
  fetch(): Promise<void> {
    return (this.#fetched ??= this.#fetchBoth());
  }

  async #fetchBoth(): Promise<void> {
    const [prices, stock] = await Promise.all([
      fetched<PriceBook>('/api/shop/prices'),
      fetched<Stock>('/api/shop/stock'),
    ]);
    if (prices === undefined || stock === undefined) {
      this.problem = 'The studio’s prices and sheets could not be fetched. Open the room again.';
      this.#fetched = null;
      return;
    }
    [this.prices, this.stock] = [prices, stock];
  }

  /** Keeps what is cut from; whether it is kept. */
  async keepStock(book: Stock): Promise<boolean> {
    this.busy = true;
    const revision = this.stock?.revision ?? 0;
    const sent = await sendJson<{ kept: KeptBook<Stock> }>('PUT', '/api/shop/stock', { revision, book });
    this.busy = false;
    this.problem = sent.ok ? '' : sent.message;
    if (sent.ok) this.stock = sent.value.kept;
    else if (sent.status === 409) this.stock = (await fetched<Stock>('/api/shop/stock')) ?? this.stock;
    return sent.ok;
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
