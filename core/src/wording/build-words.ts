import type { WayKey } from '../document/kinds/build-ways';
import type { RowShows } from '../document/limits';

/** What the ways of building cabinets are called. */
export const wayNames: Readonly<Record<WayKey, string>> = {
  board: 'Boards of the box',
  shelf: 'Shelves',
  front: 'Doors and drawer fronts',
  endPanel: 'End panels',
  gap: 'Gap between fronts',
  overlay: 'Front over the frame by',
  off: 'Fronts stand off the box',
  backBoard: 'Back',
  backIn: 'Back let in by',
  backFrom: 'Back in from the wall',
  housing: 'Bottoms let into sides by',
  stile: 'Stiles and rails, wide',
  frameBoard: 'Stiles and rails, thick',
  rail: 'Top rails, wide',
  shelfBack: 'Shelves set back',
  holePitch: 'Shelf holes, apart',
  holeEdge: 'Shelf holes, from the edge',
  drawerSide: 'Drawer sides',
  drawerBottom: 'Drawer bottoms',
  runnerAir: 'Drawer narrower than its opening',
  drawerBelow: 'Air under a drawer',
  drawerAbove: 'Air over a drawer',
  boxEdging: 'Edging of the box',
  frontEdging: 'Edging of fronts',
  plinth: 'Plinth, high',
  plinthBack: 'Plinth set back',
  plinthBoard: 'Plinth board',
  scribe: 'Added to scribe',
  fronts: 'Fronts on the frame',
  backWay: 'Back sits in',
  kick: 'Plinth',
  runners: 'Runners',
  drawerHeights: 'Drawer box heights',
  runnerLengths: 'Runner lengths',
  boxOf: 'Box cut from',
  backOf: 'Back cut from',
  drawerOf: 'Drawers cut from',
};

/** What can be chosen where a way is no length; materials and how fronts lie go by their own names. */
export const wayChoices = {
  backWay: { groove: 'a groove', rebate: 'a rebate' },
  kick: { run: 'The run’s', box: 'The box’s own' },
  runners: { under: 'Under the drawer', side: 'At its sides' },
  fronts: { 'full overlay': 'Full overlay', 'partial overlay': 'Partial overlay', inset: 'Inset' },
} as const;

/** The ways in the groups they are told in. */
export const wayGroups: Readonly<Record<string, readonly WayKey[]>> = {
  'Box and back': [
    ...(['board', 'boxOf', 'housing', 'rail', 'boxEdging'] as const),
    ...(['backBoard', 'backOf', 'backWay', 'backIn', 'backFrom'] as const),
  ],
  'Fronts and frame': [
    ...(['fronts', 'front', 'frontEdging', 'gap', 'overlay', 'off', 'stile', 'frameBoard'] as const),
  ],
  Shelves: ['shelf', 'shelfBack', 'holePitch', 'holeEdge'],
  Drawers: [
    ...(['drawerSide', 'drawerBottom', 'drawerOf', 'runners', 'runnerAir'] as const),
    ...(['drawerBelow', 'drawerAbove', 'drawerHeights', 'runnerLengths'] as const),
  ],
  'Plinth and ends': ['kick', 'plinth', 'plinthBack', 'plinthBoard', 'endPanel', 'scribe'],
};

/** What a row of a cabinet's front can show. */
export const rowShowsNames: Readonly<Record<RowShows, string>> = {
  doors: 'Doors',
  drawer: 'Drawer',
  flap: 'Flap up',
  shelves: 'Open shelves',
  panel: 'Fixed front',
  niche: 'Appliance',
};

/** What several drawers side by side, or one, are called in a list of rows. */
export const rowName = (shows: RowShows, across: number): string =>
  across > 1 ? `${rowShowsNames[shows]}, ${across} side by side` : rowShowsNames[shows];
