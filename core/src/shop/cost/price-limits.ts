/** So many prices stand in a book at most, none of them higher than this, under codes like these. */
export const MOST_PRICES = 5_000;
export const MOST_PRICE = 1_000_000;
export const PRICE_CODE = /^[A-Za-z0-9][A-Za-z0-9 ./-]{0,39}$/;
