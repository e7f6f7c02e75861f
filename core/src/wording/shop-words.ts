/** What the boards of cabinets are called in the shop. */
export const boardNames = {
  'side-left': 'Left side',
  'side-right': 'Right side',
  bottom: 'Bottom',
  top: 'Top',
  back: 'Back',
  'sloping-top': 'Sloping top',
  'slanting-back': 'Slanting back',
  'rail-front': 'Front rail',
  'rail-back': 'Back rail',
  'hang-rail': 'Hanging rail',
  divider: 'Fixed shelf',
  upright: 'Upright divider',
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

/** Over which fronts grain runs on, as said after “Grain runs on”. */
export const matchingNames = {
  none: 'nowhere',
  up: 'up each cabinet',
  along: 'along each run',
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
  'top-bolt': 'Worktop bolt, with recesses',
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
/** A part as it lies on the bed across its length. */
export const turnedName = (name: string): string => `${name}, turned a quarter`;

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

/** The faces of a cabinet that its parts are worked from. */
export const faceNames = {
  back: 'back',
  bottom: 'below',
  front: 'front',
  left: 'left',
  right: 'right',
  top: 'above',
} as const;

/** The words of the sheets of parts and cabinets. */
export const partSheetWords = {
  hardware: (id: HardwareId, count: number) => `${count} ${hardwareNames[id]}`,
  parts: 'Parts',
  number: 'No.',
  part: 'Part',
  count: 'Count',
  finished: 'Finished',
  thick: 'Thick',
  partOf: (item: number, name: string, number: number) => `${item}.${number} ${name}`,
  sizes: (length: string, width: string) => `Finished ${length} × ${width}`,
  cut: (length: string, width: string) => `Cut ${length} × ${width}`,
  grained: 'Grain along its length',
  pieces: (count: number) => (count === 1 ? '1 piece' : `${count} pieces`),
  machining: 'Machining, from the low left corner of each face',
  what: 'What',
  face: 'Face',
  along: 'Along',
  up: 'Up',
  size: 'Size',
  deep: 'Deep',
};

/** How edges of tops are worked. */
export const profileWords = {
  square: 'square',
  eased: 'eased',
  bevelled: 'bevelled',
  rounded: 'rounded',
  raw: 'raw',
} as const;

/** What is let into a top. */
export const cutOutUses = { bowl: 'bowl', hob: 'hob', tap: 'tap hole' } as const;

/** The letters of edges in their order: A to Z, then AA. */
export const edgeLetter = (index: number): string =>
  (index >= 26 ? edgeLetter(Math.floor(index / 26) - 1) : '') + String.fromCharCode(97 + (index % 26));

/** What is cut from slabs, what it goes along, and what its mark begins with. */
const slabThings = {
  top: ['Top', 'Over', ''],
  waterfall: ['Waterfall end', 'At', 'W'],
  splash: ['Splash', 'Behind', 'S'],
} as const;
const said = (degrees: number): string => `${Number(degrees.toFixed(2))}°`;

/** The words of the sheets of tops' pieces. */
export const templateWords = {
  /** A piece of a top, of a splash or of what a top goes down to the floor by. */
  name: ({ of, top, piece }: { of: keyof typeof slabThings; top: number; piece: number }) =>
    `${slabThings[of][0]} ${top}, piece ${piece}`,
  /** The same in short, where there is no room for more. */
  mark: ({ of, top, piece }: { of: keyof typeof slabThings; top: number; piece: number }) =>
    `${slabThings[of][2]}${top}.${piece}`,
  seen: { top: 'seen from above, its front below', upright: 'seen from its face' },
  /** The items it goes along. */
  along: (of: keyof typeof slabThings, items: readonly number[]) =>
    `${slabThings[of][1]} ${items.length === 1 ? 'item' : 'items'} ${items.join(', ')}`,
  bent: 'Follows a bent wall: its length is that along the wall',
  lying: 'Drawn lying on its side, its foot to the left: its veins or its grain run up',
  mitred: (degrees: number) =>
    `mitre ${said(Math.abs(degrees))}, longer at the ${degrees > 0 ? 'face' : 'back'}`,
  service: (name: string, fromLeft: string, up: string) =>
    `${name}: ${fromLeft} from the left, ${up} from the foot`,
  areas: (whole: string, net: string) => (whole === net ? whole : `${whole}, ${net} without its cut-outs`),
  fits: (long: string, wide: string) => `Can be cut from a slab of ${long} × ${wide}`,
  tooLarge: (long: string, wide: string) => `Too large for a slab of ${long} × ${wide}: give it a joint`,
  cutOut: (
    item: number,
    use: keyof typeof cutOutUses,
    said: Record<'fromFront' | 'fromLeft' | 'fromRight' | 'radius' | 'size', string>,
  ) =>
    `${item} ${cutOutUses[use]}: ${said.size}, corners ${said.radius}; ${said.fromFront} from the front, ${said.fromLeft} from the left, ${said.fromRight} from the right`,
  /** The bolts of a joint, from below. */
  bolts: (edge: string, places: readonly string[]) =>
    `Joint ${edge}: ${places.length === 1 ? 'a bolt' : `${places.length} bolts`} let into the underside, ${places.join(', ')} from either end`,
  slab: (slab: number, of: number) => (of === 1 ? 'slab' : `slab ${slab} of ${of}`),
  slabOf: (material: string | null, slab: string) =>
    material ? `${material}, ${slab}` : `${slab[0]!.toUpperCase()}${slab.slice(1)}`,
  slabs: 'Slabs',
  pieces: 'Pieces',
  size: 'Size',
  turned: 'turned',
  veins: 'Every piece lies along the slab, as its veins or its grain run',
  turns: 'Without veins or grain: pieces are turned where that saves a slab',
  used: (share: number) => `${Math.round(share * 100)} percent of the slab is used`,
  sawn: (kerf: string) => `${kerf} between pieces for the saw`,
  edges: 'Edges, round the piece',
  edge: 'Edge',
  kind: 'At',
  length: 'Length',
  angle: 'Corner',
  profile: 'Worked',
  atWall: '–',
  radius: (length: string) => `radius ${length}`,
  roles: {
    front: 'front',
    behind: 'behind',
    left: 'left end',
    right: 'right end',
    wall: 'wall',
    fixed: 'fixed thing',
    stop: 'beside',
    step: 'step',
    joint: 'joint',
    chamfer: 'chamfer',
    corner: 'corner',
    foot: 'foot',
    head: 'upper edge',
    end: 'end',
  },
};

/** The words of labels. */
export const labelWords = {
  cabinets: 'Labels of cabinets',
  parts: 'Labels of parts',
  revision: (revision: number) => `Revision ${revision}`,
  /** What a code on a label says to who reads it with a machine. */
  code: (job: string, room: string, item: string, code: string, revision: number) =>
    [job, room, item, code, `r${revision}`].join('|'),
  pieceOf: (piece: number, count: number) => (count > 1 ? `${piece} of ${count}` : ''),
};

/** The words of nested sheets on paper. */
export const nestWords = {
  sheet: (material: string, sheet: number, of: number) => `${material}, sheet ${sheet} of ${of}`,
  used: (share: number) => `${Math.round(share * 100)} percent of the sheet is used`,
  sawn: (kerf: string, trim: string) => `Kerf ${kerf}, ${trim} trimmed off every edge`,
  grain: 'Grain along the sheet',
  runsOn: (over: string) => `Grain runs on ${over}: those fronts lie side by side, in their order`,
  parts: 'Parts',
  size: 'Size',
  cuts: 'Cuts, in their order',
  cut: 'Cut',
  at: 'At',
  long: 'Long',
  across: (length: string) => `across, ${length} from the left`,
  along: (length: string) => `along, ${length} from the foot`,
};

/** Why a movement of a machine file is refused; about says the word that is not known, or the part that is met. */
export const playFaultWords = {
  arc: (about) => `“${about}” is no arc: its ends are not as far from its centre as each other`,
  feed: (about) => `“${about}” says no feed, and none was said before`,
  number: (about) => `“${about}” is no word: its number can’t be read`,
  unit: (about) => `“${about}” is not understood: only millimetres and absolute places are`,
  word: (about) => `“${about}” is not understood`,
  clamp: () => 'goes into a clamp',
  deep: () => 'goes too deep, into the bed',
  'drill-sideways': () => 'goes sideways with a drill',
  'no-tool': () => 'cuts without a tool of the machine',
  'not-turning': () => 'cuts with a tool that does not turn',
  'off-sheet': () => 'leaves the sheet',
  part: (about) => `takes away of part ${about} what belongs to it`,
  rapid: () => 'goes through the board at full speed',
  reach: () => 'goes deeper than the tool reaches',
} satisfies Record<string, (about: string) => string>;
export type PlayFaultWhy = keyof typeof playFaultWords;

/** What a router leaves to do, in words; nothing where that is nothing. */
export const leftWords = ({
  below,
  edgeHoles,
  edgeCuts,
  roundCorners,
}: Readonly<Record<'below' | 'edgeCuts' | 'edgeHoles' | 'roundCorners', number>>): string[] =>
  [
    below > 0 && `${below} from below: turn it over`,
    edgeHoles > 0 && `${edgeHoles} ${edgeHoles === 1 ? 'hole' : 'holes'} in its edges`,
    edgeCuts > 0 && `${edgeCuts} ${edgeCuts === 1 ? 'cut' : 'cuts'} along its edges`,
    roundCorners > 0 && `${roundCorners} ${roundCorners === 1 ? 'corner' : 'corners'} left round`,
  ].filter((one) => one !== false);
