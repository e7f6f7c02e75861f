import { stuffNames } from './shop-words';

/** The parts of a job that its cost is told by, in the order they stand. */
export const costGroupNames = {
  boards: 'Boards',
  edging: 'Edging',
  hardware: 'Hardware',
  lengths: 'Plinths and trims',
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
  top: 'Countertop',
  'top-edge': 'Worked edge of a countertop',
  'top-cut-out': 'Cut-out in a countertop',
  'top-joint': 'Joint of a countertop',
  splash: 'Splash',
  tile: 'Tile',
  adhesive: 'Tile adhesive',
  grout: 'Grout',
  sawing: 'Sawing, a piece',
  banding: 'Edging, a metre',
  boring: 'Boring and grooving, each',
  assembling: 'Assembling, a cabinet',
  fitting: 'Fitting, an item',
  'fitting-tops': 'Fitting countertops, a piece',
  tiling: 'Tiling, a square metre',
  'shop-rate': 'Hour in the shop',
  'site-rate': 'Hour on site',
  delivery: 'Delivery',
  overhead: 'Overhead',
  margin: 'Margin',
  tax: 'Tax',
} as const;
export type PriceKey = keyof typeof priceNames;
