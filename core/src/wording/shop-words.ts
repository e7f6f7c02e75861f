/** What the boards of cabinets are called in the shop. */
export const boardNames = {
  'side-left': 'Left side',
  'side-right': 'Right side',
  bottom: 'Bottom',
  top: 'Top',
  back: 'Back',
  'rail-front': 'Front rail',
  'rail-back': 'Back rail',
  'hang-rail': 'Hanging rail',
  divider: 'Fixed shelf',
  shelf: 'Shelf',
  post: 'Corner post',
  'blind-panel': 'Blind panel',
  'frame-stile': 'Frame stile',
  'frame-rail': 'Frame rail',
  kick: 'Toe kick',
  door: 'Door',
  'drawer-front': 'Drawer front',
  flap: 'Flap',
  'fixed-front': 'Fixed front',
  stile: 'Stile',
  rail: 'Rail',
  'leaf-panel': 'Panel',
  bead: 'Bead',
  pane: 'Pane',
  'drawer-side': 'Drawer side',
  'drawer-head': 'Drawer box front',
  'drawer-back': 'Drawer back',
  'drawer-bottom': 'Drawer bottom',
  'end-panel': 'End panel',
  'back-panel': 'Back panel',
  filler: 'Filler',
  'filler-return': 'Filler return',
  valance: 'Valance',
  'floating-shelf': 'Floating shelf',
  'bar-top': 'Bar top',
  bracket: 'Bracket',
  block: 'Block, too small for a box',
  plinth: 'Plinth',
  cornice: 'Cornice',
  'light-rail': 'Light rail',
  scribe: 'Scribe strip',
  'appliance-door': 'Appliance door',
} as const;
export type BoardName = keyof typeof boardNames;

/** What parts are cut from. */
export const stuffNames = {
  'faced-board': 'Faced board',
  plywood: 'Plywood',
  hardboard: 'Hardboard',
  mdf: 'MDF',
  'veneered-board': 'Veneered board',
  'solid-timber': 'Solid timber',
  glass: 'Glass',
} as const;

/** What is bought for cabinets and goes into them. */
export const hardwareNames = {
  hinge: 'Hinge 110°, with plate',
  'frame-hinge': 'Hinge for a face frame',
  'narrow-hinge': 'Hinge for a narrow frame, screwed on',
  'flap-fitting': 'Lift-up fitting, pair',
  'runner-under': 'Runners under a drawer, pair',
  'runner-side': 'Side runners, pair',
  'runner-bracket': 'Rear bracket of a runner',
  leg: 'Leg, adjustable',
  'plinth-clip': 'Plinth clip',
  pin: 'Shelf pin',
  connector: 'Connector with bolt',
  dowel: 'Dowel 8 × 30',
  screw: 'Screw 5 × 50',
  hanger: 'Hanging bracket, pair',
  bar: 'Bar handle',
  knob: 'Knob',
  cup: 'Cup handle',
  edge: 'Edge handle',
  'waste-set': 'Waste pull-out',
  'rotating-set': 'Rotating shelves',
  'corner-drawers': 'Corner drawer set',
  'corner-pull-out': 'Corner pull-out',
} as const;
export type HardwareId = keyof typeof hardwareNames;

/** What an edging is called: so thick, mm, and finished so. */
export const edgingWords = (thick: number, finish: string | null): string =>
  [`Edging ${thick} mm`, finish].filter(Boolean).join(', ');

/** The lists of what the shop cuts, edges and buys. */
export const shopListNames = {
  cut: 'Cut list',
  edging: 'Edging',
  hardware: 'Hardware',
  lengths: 'Plinths and trims',
  order: 'Order list',
  packing: 'Packing list',
  cost: 'Cost',
} as const;
export type ShopListId = keyof typeof shopListNames;

/** Which edges of a part are edged, in one word: along it and across it. */
export const edgedWords = (long: number, across: number): string =>
  [long > 0 && `${long} long`, across > 0 && `${across} short`].filter(Boolean).join(', ') || 'none';
/** Of an outline. */
export const edgedSidesWords = (sides: number): string => `${sides} of its outline`;
/** What belongs to a run rather than to one item. */
export const runWords = {
  plinth: 'Plinth',
  cornice: 'Cornice',
  lightRail: 'Light rail',
  skirting: 'Skirting',
  cove: 'Cove',
  capping: 'Capping',
} as const;
/** What stock a length is cut from, at least so many. */
export const fromStock = (length: string, least: number): string => `${least} of ${length} at least`;

/** What is worked into parts, one and several of it. */
export const machiningNames = {
  groove: ['groove', 'grooves'],
  rebate: ['rebate', 'rebates'],
  notch: ['notch', 'notches'],
  housing: ['housing', 'housings'],
  hole: ['hole', 'holes'],
  cup: ['hinge cup', 'hinge cups'],
  'cut-out': ['cut-out', 'cut-outs'],
} as const;
