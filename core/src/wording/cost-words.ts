import { stuffNames } from './shop-words';

/** The parts of a job that its cost is told by, in the order they stand. */
export const costGroupNames = {
  boards: 'Boards',
  edging: 'Edging',
  hardware: 'Hardware',
  lengths: 'Plinths and trims',
  linings: 'Wall linings',
  bought: 'Bought items',
  tops: 'Countertops',
  tiles: 'Tiles',
  shop: 'Work in the shop',
  site: 'Work on site',
  delivery: 'Delivery',
  overhead: 'Overhead',
  margin: 'Margin',
  tax: 'Tax',
} as const;
export type CostGroup = keyof typeof costGroupNames;

/** What a price is for. */
export const priceUnitNames = {
  m2: 'm²',
  m: 'm',
  piece: 'pcs',
  bag: 'bags',
  kg: 'kg',
  hour: 'h',
  share: '%',
  job: 'job',
} as const;
export type PriceUnit = keyof typeof priceUnitNames;

/** What stands in a price book beside the codes of hardware. */
export const priceNames = {
  ...stuffNames,
  'board-waste': 'Boards bought over what is cut',
  edging: 'Edging',
  plinth: 'Plinth',
  trim: 'Cornice, light rail, skirting, cove',
  lining: 'Wall lining',
  top: 'Countertop',
  'top-edge': 'Worked edge of a countertop',
  'top-cut-out': 'Cut-out in a countertop',
  'top-joint': 'Joint of a countertop',
  waterfall: 'Waterfall end',
  'top-mitre': 'Mitre of waterfall ends and splashes',
  splash: 'Splash',
  tile: 'Tile',
  adhesive: 'Tile adhesive',
  grout: 'Grout',
  'tile-trim': 'Trim along the edges of tiles',
  sawing: 'Sawing, a piece',
  banding: 'Edging, a metre',
  boring: 'Boring and grooving, each',
  assembling: 'Assembling, a cabinet',
  fitting: 'Fitting, an item',
  'fitting-tops': 'Fitting countertops, a piece',
  tiling: 'Tiling, a square metre',
  'fitting-linings': 'Fitting wall linings, a square metre',
  'shop-rate': 'Hour in the shop',
  'site-rate': 'Hour on site',
  delivery: 'Delivery',
  overhead: 'Overhead',
  margin: 'Margin',
  tax: 'Tax',
} as const;
export type PriceKey = keyof typeof priceNames;

/** The parts of a room as a client is told what they cost. */
export const clientGroupNames = {
  cabinets: 'Cabinets made in our shop, with their hardware',
  bought: 'Bought cabinets, appliances and fittings',
  tops: 'Countertops and splashes',
  linings: 'Wall linings',
  tiles: 'Tiles and what they are laid with',
  fitting: 'Delivery and fitting',
} as const;
export type ClientGroup = keyof typeof clientGroupNames;

const money = new Intl.NumberFormat('en-GB', { minimumFractionDigits: 2, maximumFractionDigits: 2 });
/** An amount of money, given in hundredths. */
export const moneyWords = (cents: number, currency: string): string =>
  `${cents < 0 ? '−' : ''}${money.format(Math.abs(cents) / 100)} ${currency}`;

/** The words of a client’s quote. */
export const quoteWords = {
  title: (number: number) => `Quote ${number}`,
  for: 'For',
  room: 'Room',
  date: 'Date',
  holds: 'Valid until',
  drawings: 'Drawings',
  revision: (revision: number) => `revision ${revision}`,
  allowed: 'Allowances',
  net: 'Net',
  tax: (share: number) => `Tax, ${Number((share * 100).toFixed(2))} percent`,
  total: 'Total',
  excluded: 'Not included',
  unpriced: (codes: readonly string[]) => `${codes.join(', ')}: to be priced.`,
  terms: 'Terms',
  accepted: 'Accepted',
  name: 'Name',
  signed: 'Signature',
  page: (page: number, of: number) => `Page ${page} of ${of}`,
};
