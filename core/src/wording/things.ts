import type {
  DoorStyle,
  FinishPart,
  HandleStyle,
  LiningStyle,
  SetOutAim,
  TileShade,
  BorderCorner,
  TileColouring,
  OurProfile,
  TrimUse,
  ZonePatternType,
} from '../document/limits';
import type { FixedType, ServiceType } from '../document/fixture-types';
import type { MeasuredFrom, OpeningAction, OpeningType } from '../document/opening-types';

/** What fixed things and services are called, on screen and on drawings. */
export const fixedNames: Record<FixedType, string> = {
  breast: 'Chimney breast',
  chase: 'Chase',
  column: 'Column',
  'half-wall': 'Half wall',
  partition: 'Partition',
  lining: 'Lining',
  'pipe-box': 'Pipe box',
  radiator: 'Radiator',
  'round-column': 'Round column',
  soffit: 'Soffit',
  step: 'Step',
};

export const serviceNames: Record<ServiceType, string> = {
  cold: 'Cold water',
  data: 'Data',
  drain: 'Drain',
  extract: 'Extract',
  gas: 'Gas',
  hot: 'Hot water',
  light: 'Light',
  socket: 'Socket',
  switch: 'Switch',
  vent: 'Vent',
};

/** What runs along cabinets and walls, and the shapes it comes in. */
export const trimNames: Record<TrimUse, string> = {
  cornice: 'Cornice',
  lightRail: 'Light rail',
  skirting: 'Skirting',
  cove: 'Ceiling cove',
  capping: 'Capping',
};

export const trimProfileNames: Record<OurProfile, string> = {
  none: 'None',
  square: 'Square',
  hollow: 'Hollow',
  ogee: 'Ogee',
  stepped: 'Stepped',
  rounded: 'Rounded',
  bevelled: 'Bevelled',
};

/** What is said in place of the name of a profile that was never in this room, or is no more. */
export const missingProfileName = 'A profile that is not here';

/** What is finished by itself. */
export const finishPartNames: Record<FinishPart, string> = {
  front: 'Fronts',
  box: 'Boxes',
  end: 'End panels',
  plinth: 'Plinths',
  handle: 'Handles',
  trim: 'Trims',
  top: 'Tops',
  splash: 'Splashes',
  dressing: 'Dressing',
  wall: 'Walls',
  floor: 'Floor',
  ceiling: 'Ceiling',
};

/** How fronts are made, and what they are taken hold of by. */
export const doorStyleNames: Record<DoorStyle, string> = {
  slab: 'Plain',
  'slim-frame': 'Slim frame',
  frame: 'Frame and panel',
  'wide-frame': 'Wide frame',
  beaded: 'Frame with a bead',
  raised: 'Raised panel',
  grooved: 'Grooved boards',
  slatted: 'Slats',
  glazed: 'Glazed frame',
};

export const liningStyleNames: Record<LiningStyle, string> = {
  plain: 'Plain',
  boards: 'Boards upright',
  'boards-across': 'Boards across',
  panelled: 'Framed panels',
  slatted: 'Slats',
};

export const handleStyleNames: Record<HandleStyle, string> = {
  bar: 'Bar',
  'long-bar': 'Long bar',
  knob: 'Knob',
  cup: 'Cup, knobs on doors',
  edge: 'Edge pull',
  none: 'None, finger gap',
};

/** What openings and the ways they open are called. */
export const openingNames: Record<OpeningType, string> = {
  door: 'Door',
  window: 'Window',
  cased: 'Cased opening',
  hatch: 'Hatch',
  niche: 'Niche',
};

export const actionNames: Record<OpeningAction, string> = {
  hinged: 'Hinged',
  double: 'Double',
  sliding: 'Sliding',
  pocket: 'Pocket',
  folding: 'Folding',
  fixed: 'Fixed',
  casement: 'Casement',
  sash: 'Sash',
};

export const fromNames: Record<MeasuredFrom, string> = {
  left: 'Left corner',
  centre: 'Centre of face',
  right: 'Right corner',
};

export const toNames: Record<MeasuredFrom, string> = {
  left: 'Left jamb',
  centre: 'Centre line',
  right: 'Right jamb',
};

/** The outlines that a room can be started from. */
export const outlineNames = {
  rectangle: 'Rectangle',
  l: 'L',
  t: 'T',
  u: 'U',
  bay: 'Bay',
  'splayed-bay': 'Splayed bay',
  'cut-corner': 'Cut corner',
} as const;
export type OutlineId = keyof typeof outlineNames;

/** What tiles are laid in. */
export const patternNames: Record<ZonePatternType, string> = {
  grid: 'Straight',
  running: 'Running bond',
  vertical: 'Upright bond',
  plank: 'Planks',
  herringbone90: 'Herringbone',
  'double-herringbone': 'Double herringbone',
  'basket-dots': 'Basket with dots',
  windmill: 'Windmill',
  pinwheel: 'Pinwheel',
  'three-sizes': 'Three sizes',
  'four-sizes': 'Four sizes',
  manor: 'Manor',
  'stepping-stone': 'Stepping stones',
  chevron: 'Chevron',
  hexagon: 'Hexagon',
  'hexagon-flat': 'Hexagon on its flat',
  'long-hexagon': 'Long hexagon',
  'octagon-dot': 'Octagon and dot',
  'square-dot': 'Square and dot',
  triangle: 'Triangle',
  rhombus: 'Rhombus',
  'fish-scale': 'Fish scale',
  penny: 'Penny round',
  basketweave: 'Basketweave',
  own: 'Own pattern',
};

/** How two colours of tile are laid together. */
export const colouringNames: Record<TileColouring, string> = {
  sizes: 'Other sizes of the pattern',
  checker: 'In turn, both ways',
  stripes: 'Every other row',
};

/** How a border goes round corners. */
export const borderCornerNames: Record<BorderCorner, string> = {
  butt: 'Butted',
  mitre: 'Mitred',
  square: 'Corner pieces',
};

/** What set-outs are judged by. */
export const aimNames: Record<SetOutAim, string> = {
  slivers: 'No slivers',
  sight: 'Whole tiles where the eye meets them',
  narrowest: 'Widest narrowest cut',
  balance: 'Equal cuts at opposite edges',
  cut: 'Few cut pieces',
  pieces: 'Few pieces',
  price: 'Low price',
};

export const shadeNames: Record<TileShade, string> = {
  uniform: 'None',
  slight: 'Slight',
  moderate: 'Clear to see',
  strong: 'From light to dark',
};

/** What is called so until somebody gives it a name. */
export const usualNames = { part: 'Part', room: 'Room', standpoint: 'Standpoint' } as const;
