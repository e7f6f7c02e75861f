import type { Machine, PriceBook, Stock } from 'goodreach';

/** What a studio keeps for its shop. */
export interface ShopBooks {
  machine: Machine;
  prices: PriceBook;
  stock: Stock;
}
export type ShopBookKind = keyof ShopBooks;
