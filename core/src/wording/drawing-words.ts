import { formatAmount } from '../units/format-amount';

/** The words that stand on drawings and sheets; `{…}` is data. */

/** Heights that are called out. */
export const levelNames = {
  ceiling: 'FCL',
  counter: 'counter',
  floor: 'FFL',
  'half-wall': 'half wall',
  'top-of-wall': 'top of wall',
  'tub-rim': 'tub rim',
  vanity: 'vanity',
  'wall-units': 'wall units',
} as const;
export type LevelName = keyof typeof levelNames;

/** The layers of drawings, as a reader can switch them off. */
export const layerNames = {
  walls: 'Walls',
  openings: 'Openings',
  services: 'Services',
  plinths: 'Plinths',
  trims: 'Trims',
  tiles: 'Tiles',
  tops: 'Countertops',
  items: 'Items',
  numbers: 'Numbers',
  labels: 'Labels',
  levels: 'Levels',
  sections: 'Sections',
  dimensions: 'Dimensions',
  sheet: 'Sheet',
} as const;

/** The sides of what stands free, as standing before its front. */
export const sideWords = {
  front: 'front',
  'right-end': 'right end',
  back: 'back',
  'left-end': 'left end',
} as const;
export type SideName = keyof typeof sideWords;

export const island = { standing: 'Island', joined: 'Peninsula' } as const;

export const viewTitles = {
  elevation: (face: string) => `Elevation ${face}`,
  elevations: (names: readonly string[]) => `Elevations ${names.join(', ')}`,
  section: (name: string) => `Section ${name}`,
  side: (name: string, side: SideName) => `${name}, ${sideWords[side]}`,
};

/** The rows of dimensions that are drawn by themselves. */
export const rowNames = {
  units: 'cabinets',
  openings: 'openings',
  centres: 'centre lines',
  overall: 'overall',
  standing: 'widths of what stands',
  'set-out': 'openings and centre lines',
  across: 'overall width',
  hung: 'widths of what hangs',
  cabinets: 'heights of cabinets',
  up: 'overall height',
  others: 'other heights',
  tiles: 'tiles, along',
  courses: 'tiles, up',
  aisle: 'what is left round an island',
} as const;

/** What stands at a dimension a person has made. */
export const ownDimensionWords = {
  lost: 'measures what is no longer there',
  detail: (number: number, name: string | null) => (name ? `${number}  ${name}` : String(number)),
  detailOf: (number: number, name: string | null, of: string) =>
    `Detail ${number}${name ? `, ${name}` : ''} (${of})`,
};

/** Between what is said on one line. */
export const DOT = ' · ';

export const sheetWords = {
  issue: (number: number, name: string) => `Issue ${number}, ${name}`,
  issues: 'Issues',
  issueColumns: { number: 'No.', date: 'Date', name: 'For' },
  notIssued: 'Not issued: a working drawing',
  plan: 'Plan',
  ceiling: 'Ceiling plan',
  construction: 'Construction plan',
  unfold: 'Unfolded room',
  tops: 'Countertop plan',
  schedules: 'Schedules',
  cover: 'Cover',
  index: 'Sheets',
  indexColumns: { sheet: 'Sheet', title: 'Shows' },
  more: (name: string, page: number) => `${name}, continued${page > 1 ? ` ${page}` : ''}`,
  continued: (page: number) => `Item schedule, continued${page > 1 ? ` ${page}` : ''}`,
  details: 'Details',
  atScale: (name: string, scale: string) => `${name}  ${scale}`,
  asNoted: 'as noted',
  services: 'Services',
  finishes: 'Finishes',
  /** What a finish is on, as it stands beside it. */
  finishedParts: (names: readonly string[]) => names.map((name) => name.toLowerCase()).join(', '),
  special: '* made to these sizes',
  empty: 'No items yet.',
  scale: 'Scale',
  page: 'Page',
  revision: 'Revision',
  date: 'Date',
  feet: 'Dimensions in feet and inches',
  dimensions: (unit: string) => `Dimensions in ${unit}`,
  check: (units: string, said = 'to finished faces. Check on site.') => `${units}, ${said}`,
  notes: 'Notes',
  sheet: (sheet: number, of: number) => `Sheet ${sheet} of ${of}`,
  /** Who a job is for and where it is; who draws it and who has checked it. Nothing where nothing is said. */
  whose: ({ client, site }: { client?: string; site?: string }) => [client, site].filter(Boolean).join(DOT),
  people: ({ drawnBy, checkedBy }: { drawnBy?: string; checkedBy?: string }) =>
    [drawnBy && `drawn by ${drawnBy}`, checkedBy && `checked by ${checkedBy}`].filter(Boolean).join(DOT),
};

/** The words of the reach report. */
export const reachWords = {
  title: 'Reach report',
  report: 'reach report',
  continued: (page: number) => `Reach report, continued${page > 1 ? ` ${page}` : ''}`,
  verdicts: { blocked: 'Blocked', tight: 'Tight', unjudged: 'Cannot be judged', clear: 'Clear' },
  accepted: 'Accepted',
  checkedBy: 'Checked by',
  standing:
    'A planning aid, not a certificate of compliance. Codes and guidelines differ by place and edition: what binds here is to be asked of the authority.',
  count: (name: string, count: number) => `${name}: ${count}`,
  idle: (count: number) => `Accepted, not found any more: ${count}`,
  check: (name: string, measured: string | null, asked: string | null) =>
    `${name}: ${measured ?? 'not known'}${asked === null ? '' : `, ${asked}`}`,
  waiver: (reason: string, by: string, on: string, isReopened: boolean) =>
    `${isReopened ? 'Accepted before it came to this' : 'Accepted'}: “${reason}” ${by}, ${on}`,
  failed: (rule: string, reason: string) => `The check “${rule}” could not run: ${reason}`,
};

/** The words of a setter's sheet. */
export const tileWords = {
  sheet: (letter: string, name: string) => `Tiles ${letter}, ${name}`,
  continued: (letter: string, page: number) =>
    `Cut list of ${letter}, continued${page > 1 ? ` ${page}` : ''}`,
  cuts: 'Cut pieces',
  columns: { number: 'No.', width: 'Along', height: 'Across', count: 'Pieces' },
  rows: {
    tile: 'Tile',
    finish: 'Finish',
    second: 'Shaded',
    border: 'Border',
    corners: 'Its corners',
    joint: 'Joint',
    pattern: 'Pattern',
    angle: 'Turned by',
    begins: 'Begins',
    area: 'Area',
    count: 'Pieces',
    narrowest: 'Narrowest cut',
    order: 'Tiles to have',
    grout: 'Grout',
    buildUp: 'Tile and bed',
    trim: 'Trim',
    movement: 'Movement joints',
    falls: 'Falls',
  },
  dashed: 'in dashed lines',
  falls: (rise: string, channel: boolean) =>
    channel ? `up to ${rise} over the drain along its edge` : `edges ${rise} over the drain`,
  at: (doorway: string) => `At ${doorway}`,
  overBare: (by: string) => `${by} over bare floor`,
  beside: (zone: string) => `Beside ${zone}`,
  step: (by: string, higher: boolean) => `${by} ${higher ? 'higher' : 'lower'}`,
  plan: (letter: string, page: number) => `Cutting plan of ${letter}${page > 1 ? `, page ${page}` : ''}`,
  alike: (count: number, w: string, h: string) => `${count} × ${w} × ${h}`,
  piece: (number: number, w: string, h: string) => `No. ${number}: ${w} × ${h}`,
  lost: (share: number) => `${Math.round(share * 100)} % offcut`,
  bordered: (corners: string, inset: string) => `${corners}, ${inset} in`,
  begins: (across: string, up: string) => `${across} from the left, ${up} up`,
  count: (whole: number, cut: number) => `${whole} whole, ${cut} cut`,
  order: (bought: number, from: number) => `${bought}, of them cut from ${from}`,
  none: 'none cut',
  litres: (litres: number, kg: number) => `${formatAmount(litres)} l, ${formatAmount(kg)} kg`,
  shaped: '* cut on a slant or round something, in this extent',
};

/** What of an item is made to order. */
export const madeToOrder = {
  cut: 'cut to fit',
  sizes: { depth: 'depth', height: 'height', width: 'width' },
  special: (sizes: readonly string[]) => `special ${sizes.join(' and ')}`,
};
