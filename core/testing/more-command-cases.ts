import type { Design } from '../src/document/design';
import { checkBy } from '../src/reach/check-reach';
import { packsOf } from '../src/reach/packs';
import type { FinishRecord, ProfileRecord, SchemeRecord, ZoneRecord } from '../src/document/records';
import { underlay } from './full-room';

/** What is set along an edge of a top. */
export const edgeCase = {
  'set-edge-way': {
    does: { at: [{ item: 'a', side: 'behind' }], way: { splash: { height: 120 } } },
    ...{ label: 'Set a splash', writes: ['a'] },
    refuses: [{ at: [{ item: 'a', side: 'front' }], way: { waterfall: true } }, 'The front of'],
  },
} as const;

/** What is set of plinths. */
export const plinthCase = {
  'set-plinth': {
    does: { at: [{ item: 'a', side: 'front' }], back: 70 },
    ...{ label: 'Set a plinth back', writes: ['a'] },
    refuses: [{ at: [{ item: 'a', side: 'front' }], back: 400.1 }, 'How far the plinth'],
  },
} as const;

/** What is grouped. */
export const groupCase = {
  'group-items': {
    does: { ids: ['a', 'c'], group: 'g' },
    ...{ label: 'Group', writes: ['a', 'c'] },
    refuses: [{ ids: ['a'], group: 'g' }, 'Choose 2 items'],
  },
} as const;

/** What is made one. */
export const joinCase = {
  'join-items': {
    does: { ids: ['a', 'b'] },
    ...{ label: 'Join two in one', writes: ['a', 'b'] },
    refuses: [{ ids: ['a', 'c'] }, 'F600'],
  },
} as const;

/** What is finished. */
export const finishCase = {
  'set-finish': {
    does: { part: 'front', finish: ' Kelp ', to: { items: ['a', 'c'] } },
    ...{ label: 'Finish fronts in  Kelp ', writes: ['a', 'c'] },
    refuses: [{ part: 'floor', finish: 'Jetty', to: { items: ['a'] } }, 'Floor can’t be finished there'],
  },
  'set-frame': {
    does: { id: 'x', drawing: 'face-a', crop: { left: 600 } },
    ...{ label: 'Crop a drawing', writes: ['x'] },
    refuses: [{ id: 'x', drawing: 'face-a', ratio: 17 }, 'There is no scale “1:17”'],
  },
} as const;

/** A dimension of a cabinet that is typed. */
const widthOfA = {
  ...{ from: ['a'], to: ['a'], before: [], after: [], held: [], row: 'face-a units' },
  ...{ length: 600, way: { x: 1, y: 0 } },
};
export const measuredCase = {
  'set-measured': {
    does: { of: widthOfA, length: 500, stays: 'from', along: false },
    ...{ label: 'Type a dimension', writes: ['a'] },
    refuses: [{ of: { ...widthOfA, from: [], to: [] }, length: 500, stays: 'from', along: false }, 'Nothing'],
  },
} as const;

/** What is put on drawings by hand, and said of the rows that are drawn by themselves. */
const acrossA = {
  ...{ kind: 'dimension', id: 'x', view: 'plan', type: 'length', way: 'across', off: 20 },
  ends: [0, 1].map((along) => ({ of: 'a', along, out: 1, up: 0 })),
};
const pushPartCase = {
  does: {
    face: 'face-a',
    from: 'left',
    distance: 2400,
    width: 900,
    depth: 300,
    ids: ['p', 'q', 'r', 's', 't'],
  },
  ...{ label: 'Push a part out', writes: ['face-a', 'loop', 'p', 'q', 'r', 's', 't'] },
  refuses: [
    { face: 'face-a', from: 'left', distance: 2400, width: 900, depth: 10, ids: ['p', 'q', 'r', 's', 't'] },
    'The depth',
  ],
} as const;

const placedA = { id: 'x', drawing: 'plan', sheet: 1, x: 120, y: 80 } as const;
export const dimensionCases = {
  'place-frames': {
    does: { page: 'A3', frames: [placedA] },
    ...{ label: 'Move a drawing on its sheet', writes: ['x'] },
    refuses: [{ page: 'A3', frames: [{ ...placedA, drawing: 'attic' }] }, 'There is no view “attic”'],
  },
  'push-part': pushPartCase,
  'put-dimension': {
    does: acrossA,
    ...{ label: 'Put a dimension', writes: ['x'] },
    refuses: [{ ...acrossA, ends: acrossA.ends.slice(1) }, 'It is measured between 2 to 40 places, not 1'],
  },
} as const;
export const rowCases = {
  'set-row-way': {
    does: { id: 'x', view: 'plan', row: 'face-a units', hidden: true },
    ...{ label: 'Leave a row of dimensions away', writes: ['x'] },
    refuses: [{ id: 'x', view: 'attic', row: 'face-a units', hidden: true }, 'There is no view “attic”'],
  },
} as const;
export const freezeCase = {
  'freeze-row': {
    does: { ids: ['x', 'y'], view: 'plan', row: 'face-a units', scale: 20 },
    ...{ label: 'Keep a row of dimensions as it is', writes: ['x', 'y'] },
    refuses: [{ ids: ['x', 'y'], view: 'plan', row: 'face-a none', scale: 20 }, 'no longer'],
  },
} as const;

export const styleCase = {
  'set-style': {
    does: { style: 'doorStyle', value: 'frame', to: { items: ['a'] } },
    ...{ label: 'Change the door style', writes: ['a'] },
    refuses: [{ style: 'doorStyle', value: 'frame', to: { items: ['toilet'] } }, 'no fronts'],
  },
} as const;

/** What is set of trims. */
export const trimCase = {
  'set-trim': {
    does: { use: 'cornice', at: [{ item: 'wall', side: 'front' }], profile: 'ogee' },
    ...{ label: 'Set a cornice', writes: ['wall'] },
    refuses: [{ use: 'lightRail', at: [{ item: 'a', side: 'front' }], profile: 'square' }, 'light rail'],
  },
} as const;

/** What the commands of tops do, write and refuse, in the room of all cases. */
export const topCases = {
  'set-top-corner': {
    does: { at: [{ item: 'a', corner: 'frontLeft' }], shape: { radius: 60 } },
    ...{ label: 'Round a corner', writes: ['a'] },
    refuses: [{ at: [{ item: 'a', corner: 'frontLeft' }], shape: { chamfer: 0 } }, 'The corner of the top'],
  },
  'set-top-edge': {
    does: { ids: ['a', 'c'], side: 'front', overhang: 265 },
    ...{ label: 'Set an edge', writes: ['a', 'c'] },
    refuses: [{ ids: ['a'], side: 'front', overhang: 600.1 }, 'The overhang'],
  },
  'set-top-joints': {
    does: { id: 'a', across: [250] },
    ...{ label: 'Set where a top is joined', writes: ['a'] },
    refuses: [{ id: 'a', across: [5_000] }, 'The joint'],
  },
} as const;

export const caseRefrigeratorCase = {
  does: { id: 'cold', ids: ['l', 'r', 'over'] },
  ...{ label: 'Case the refrigerator in', writes: ['l', 'r'] },
  refuses: [{ id: 'none', ids: ['l', 'r', 'over'] }, 'is no longer in this room'],
} as const;

export const drawTopCase = {
  does: {
    id: 'drawn',
    outline: [
      { x: 3200, y: -1000 },
      { x: 4000, y: -1000 },
      { x: 4000, y: -1600 },
      { x: 3200, y: -1600 },
    ],
  },
  ...{ label: 'Draw a top', writes: ['drawn'] },
  refuses: [{ id: 'drawn', outline: [] }, 'outline'],
} as const;

/** A set of finishes there is to be used. */
export const darkScheme: SchemeRecord = {
  ...{ kind: 'scheme', id: 'dark', name: 'Dark', room: { frontFinish: 'Soot' } },
  parts: [{ id: 'a', finish: 'Kelp' }],
};

export const oldProfile: ProfileRecord = {
  ...{ kind: 'profile', id: 'profile-old', name: 'Old', use: 'skirting' },
  shape: [
    { out: 0, up: 0 },
    { out: 20, up: 0 },
    { out: 0, up: 90 },
  ],
};

export const forgetProfileCase = {
  does: { id: 'profile-old' },
  ...{ label: 'Forget a profile', writes: ['profile-old'] },
  refuses: [{ id: 'profile-gone' }, 'The profile profile-gone is no longer'],
} as const;

export const keepProfileCase = {
  does: { id: 'profile-new', name: ' Ridge ', use: 'cornice', shape: oldProfile.shape },
  ...{ label: 'Keep the profile Ridge', writes: ['profile-new'] },
  refuses: [
    { id: 'profile-new', name: ' ', use: 'cornice', shape: oldProfile.shape },
    'The profile needs a name',
  ],
} as const;

export const keepSchemeCase = {
  does: { id: 'kept', name: ' Harbour grey ' },
  ...{ label: 'Keep the finishes as Harbour grey', writes: ['kept'] },
  refuses: [{ id: 'kept', name: ' ' }, 'The set of finishes needs a name'],
} as const;

export const lineFaceCase = {
  does: { face: 'face-c', style: 'panelled', prefix: 'l' },
  ...{ label: 'Line a wall', writes: ['l-0'] },
  refuses: [{ face: 'gone', style: 'plain', prefix: 'l' }, 'The face gone is no longer'],
} as const;

export const useSchemeCase = {
  does: { id: 'dark' },
  ...{ label: 'Use a set of finishes', writes: ['a'] },
  refuses: [{ id: 'none' }, 'is no longer in this room'],
} as const;

const gone = 'is no longer in this room';

/** What is done to a floor that is tiled already. */
export const NEEDS_ZONE: ReadonlySet<string> = new Set(['set-out-zone', 'set-out-zones', 'split-zone']);

/** A floor that is tiled already. */
export const oldZone: ZoneRecord = {
  ...{ kind: 'zone', id: 'tiles', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 600, h: 300 }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
};

const ON_A = { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 } as const;

/** A tile of the studio's own. */
export const ownTile: FinishRecord = {
  ...{ kind: 'finish', id: 'own-tile', name: 'Sorrel', code: 'T88', of: 'tile', colour: '#8a5a44' },
  ...{ rough: 0.4, long: 200, high: 200 },
  tile: {
    ...{ long: 23, high: 23, joint: 2, offset: 0, grout: '#d5d0c4', thickness: 6, perBox: 11 },
    ...{ sheet: { w: 300, h: 300 }, varies: 0.4, shade: 'slight' },
  },
  price: { amount: 62, per: 'm2' },
};

export const layTileCase = {
  does: { zone: { ...oldZone, finish: 'Sorrel' }, own: [ownTile] },
  ...{ label: 'Lay Sorrel', writes: ['own-tile', 'tiles'] },
  refuses: [{ zone: { ...oldZone, tile: { w: 4, h: 300 } } }, 'tile'],
} as const;

export const splitZoneCase = {
  does: {
    id: 'tiles',
    through: [
      { x: 1500, y: 0 },
      { x: 1500, y: -100 },
    ],
    part: 'part',
  },
  ...{ label: 'Split a zone', writes: ['part'] },
  refuses: [
    {
      id: 'tiles',
      through: [
        { x: 1, y: 1 },
        { x: 1, y: 1 },
      ],
      part: 'part',
    },
    'right across',
  ],
} as const;

/** What is laid on the plan and in the room. */
export const layingCases = {
  'put-underlay': {
    does: { ...underlay, x: 100 },
    ...{ label: 'Lay an underlay', writes: ['sheet'] },
    refuses: [{ ...underlay, x: 200_001 }, 'The place across'],
  },
  'put-zone': {
    does: { ...oldZone, threshold: 60 },
    ...{ label: 'Lay tiles', writes: ['tiles'] },
    refuses: [{ ...oldZone, joint: 30.1 }, 'The joint between tiles'],
  },
  'put-zones': {
    does: { zones: [oldZone, { ...oldZone, id: 'wall', placement: ON_A }] },
    ...{ label: 'Tile 2 surfaces', writes: ['tiles', 'wall'] },
    refuses: [{ zones: [{ ...oldZone, joint: 30.1 }] }, 'The joint between tiles'],
  },
} as const;

export const overCases = {
  'set-out-zone': {
    does: { id: 'tiles', origin: { x: 12, y: -7 } },
    ...{ label: 'Set tiles out', writes: ['tiles'] },
    refuses: [{ id: 'none', origin: { x: 0, y: 0 } }, gone],
  },
  'set-out-zones': {
    does: {
      zones: [
        { id: 'tiles', origin: { x: 12, y: -7 }, laying: { angle: 0, tile: { w: 600, h: 300 }, joint: 4 } },
      ],
    },
    ...{ label: 'Set tiles out', writes: ['tiles'] },
    refuses: [{ zones: [{ id: 'none', origin: { x: 0, y: 0 } }] }, gone],
  },
  'set-over': {
    does: { id: 'wall', opening: 'window' },
    ...{ label: 'Hang it over the opening', writes: ['wall'] },
    refuses: [{ id: 'wall', opening: 'none' }, gone],
  },
} as const;

export const factsCase = {
  'set-facts': {
    does: { ids: ['cold'], facts: { handle: 'left' } },
    ...{ label: 'Note the side of the handle', writes: ['cold'] },
    refuses: [{ ids: ['cold'], facts: { shelves: 1.5 } }, 'Shelves'],
  },
} as const;

export const tilingCase = {
  'set-tiling': {
    does: { ids: ['a', 'cold'], way: 'under' },
    ...{ label: 'Tile under it', writes: ['a'] },
    refuses: [{ ids: ['none'], way: 'under' }, gone],
  },
} as const;

export const bendFaceCase = {
  does: { face: 'face-c', bend: { side: 'out', depth: 300 } },
  ...{ label: 'Bend a face', writes: ['face-c'] },
  refuses: [{ face: 'face-c', bend: { side: 'out', depth: 30_001 } }, 'The depth'],
} as const;

export const insertCornerCase = {
  does: { face: 'face-c', distance: 1000, id: 'new' },
  ...{ label: 'Insert a corner', writes: ['face-c', 'loop', 'new'] },
  refuses: [{ face: 'face-c', distance: 49, id: 'new' }, 'The distance along face C'],
} as const;

export const moveFaceCase = {
  does: { face: 'face-c', by: 250 },
  ...{ label: 'Move a face', writes: ['face-b', 'face-d'] },
  refuses: [{ face: 'face-c', by: -4_100 }, 'Face B'],
} as const;

/** The first thing that rules find of a room, accepted. */
export const waiveFindingCase = (design: Design) => {
  const { key } = checkBy(design, packsOf(design)).findings[0]!;
  const said = { id: 'waived', by: 'Iris Holm', on: '2026-05-14' };
  return {
    does: { ...said, findings: [key], reason: ' As agreed on site ' },
    ...{ label: 'Accept a finding', writes: ['waived'] },
    refuses: [{ ...said, findings: [key], reason: ' ' }, 'Say why'],
  } as const;
};

export const easeCase = {
  does: {
    steps: [
      { do: 'shift', ids: ['island'], by: { x: 0, y: -50 } },
      { do: 'hand', id: 'apart', hand: 'right' },
    ],
  },
  ...{ label: 'Ease by 2 changes', writes: ['apart', 'island'] },
  refuses: [{ steps: [{ do: 'shift', ids: ['none'], by: { x: 0, y: 1 } }] }, 'is no longer in this room'],
} as const;

const aisleLimit = { rule: 'K06', check: 'aisle', side: 'least', was: 1066.8 } as const;
export const limitCase = {
  does: { id: 'own', at: aisleLimit, now: 1000 },
  ...{ label: 'Change a limit', writes: ['own'] },
  refuses: [{ id: 'own', at: { ...aisleLimit, was: 1 }, now: 1000 }, 'The limit K06 aisle is no longer'],
} as const;
