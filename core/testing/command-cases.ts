import type { Design } from '../src/document/design';
import { constructionCase, frontCase } from './build-cases';
import { recordOf } from '../src/document/design';
import type { ItemRecord } from '../src/document/records';
import { blockOf } from '../src/setting/block';
import { itemBoxes, type ItemBox } from '../src/setting/item-box';
import { usualOpening } from '../src/commands/put-opening';
import {
  bendFaceCase,
  caseRefrigeratorCase,
  drawTopCase,
  easeCase,
  edgeCase,
  dimensionCases,
  factsCase,
  freezeCase,
  groupCase,
  finishCase,
  forgetProfileCase,
  insertCornerCase,
  joinCase,
  keepProfileCase,
  keepSchemeCase,
  layTileCase,
  layingCases,
  limitCase,
  measuredCase,
  lineFaceCase,
  moveFaceCase,
  overCases,
  plinthCase,
  rowCases,
  splitZoneCase,
  styleCase,
  tilingCase,
  topCases,
  trimCase,
  useSchemeCase,
  waiveFindingCase,
} from './more-command-cases';

const box = (design: Design, id: string): ItemBox => itemBoxes(design).find((one) => one.id === id)!;
const item = (design: Design, id: string): ItemRecord => recordOf(design, 'item', id)!;
const onA = (distance: number) => ({ on: 'face', face: 'face-a', from: 'left', distance, off: 0 }) as const;
const at = (face: string, distance: number) => ({ face, from: 'left', distance }) as const;

/** As a room may have been before: an item was narrower, one was not there, another still was. */
function earlier(design: Design): Design {
  const { a, c: _, ...others } = design.records as Record<string, ItemRecord>;
  const early = { ...item(design, 'c'), id: 'early' };
  return { ...design, records: { ...others, a: { ...a!, width: a!.width - 10 }, early } };
}

/** What a command is asked to do, what it calls that, which records it writes or takes away, and what it refuses, in words. */
export interface Asked {
  does: unknown;
  label: string;
  writes: readonly string[];
  refuses: readonly [unknown, string];
}
const gone = 'is no longer in this room';

export const asked = (design: Design): Record<string, Asked> => ({
  'bend-face': bendFaceCase,
  'block-out': {
    does: { faces: ['face-b'], prefix: 'block' },
    ...{ label: 'Block out counters', writes: ['block-face-b-0', 'block-face-b-1'] },
    refuses: [{ faces: ['none'], prefix: 'block' }, gone],
  },
  'bring-back': {
    does: { revision: 7, design: earlier(design) },
    ...{ label: 'Bring back revision 7', writes: ['a', 'c', 'early'] },
    refuses: [null, ''],
  },
  'case-refrigerator': caseRefrigeratorCase,
  'centre-items': {
    does: { ids: ['c'], on: { opening: 'window' } },
    ...{ label: 'Centre', writes: ['c'] },
    refuses: [{ ids: ['c'], on: { opening: 'none' } }, gone],
  },
  'conceal-cistern': {
    does: { id: 'hung', fixed: 'lining', width: 600, depth: 165, height: 1150 },
    ...{ label: 'Conceal the cistern', writes: ['hung', 'lining'] },
    refuses: [{ id: 'hung', fixed: 'lining', width: 600, depth: 165, height: 3001 }, 'The height'],
  },
  'draw-top': drawTopCase,
  ease: easeCase,
  'edit-faces': {
    does: { faces: ['face-b', 'face-c'], change: { thickness: 200 } },
    ...{ label: 'Change 2 faces', writes: ['face-b', 'face-c'] },
    refuses: [{ faces: ['face-b'], change: { thickness: 1 } }, 'thickness'],
  },
  'edit-items': {
    does: { ids: ['a'], change: { hand: 'right', name: ' Larder ' } },
    ...{ label: 'Change an item', writes: ['a'] },
    refuses: [{ ids: ['a'], change: { width: 0 } }, 'The width'],
  },
  'fill-gap': {
    does: { id: 'strip', face: 'face-a', at: 50 },
    ...{ label: 'Fill the open length', writes: ['strip'] },
    refuses: [{ id: 'strip', face: 'face-a', at: 1400 }, '300'],
  },
  'forget-profile': forgetProfileCase,
  ...freezeCase,
  ...groupCase,
  'insert-corner': insertCornerCase,
  ...joinCase,
  'keep-profile': keepProfileCase,
  'keep-scheme': keepSchemeCase,
  'lay-tile': layTileCase,
  'leave-open': {
    does: { id: 'open', face: 'face-a', at: 1400 },
    ...{ label: 'Leave it open', writes: ['open'] },
    refuses: [{ id: 'open', face: 'face-a', at: 300 }, 'face A'],
  },
  'line-face': lineFaceCase,
  'line-up-items': {
    does: { ids: ['apart'], to: 'island', edge: 'front' },
    ...{ label: 'Line up', writes: ['apart'] },
    refuses: [{ ids: ['apart'], to: 'none', edge: 'front' }, gone],
  },
  'line-up-opening': {
    does: { id: 'window', with: 'island' },
    ...{ label: 'Line up an opening', writes: ['window'] },
    refuses: [{ id: 'none', with: 'island' }, gone],
  },
  'lock-items': {
    does: { ids: ['a'], locked: true },
    ...{ label: 'Lock', writes: ['a'] },
    refuses: [{ ids: ['none'], locked: true }, gone],
  },
  'mirror-items': {
    does: { ids: ['a'] },
    ...{ label: 'Mirror', writes: ['a'] },
    refuses: [{ ids: ['none'] }, gone],
  },
  'move-face': moveFaceCase,
  'move-item': {
    does: { id: 'c', placement: onA(2400), up: 20 },
    ...{ label: 'Move', writes: ['c'] },
    refuses: [{ id: 'c', placement: onA(2400), up: -1 }, 'The height above the floor'],
  },
  'move-items': {
    does: { ids: ['a', 'b'], placement: onA(2400) },
    ...{ label: 'Move 2 items', writes: ['a', 'b'] },
    refuses: [{ ids: [], placement: onA(2400) }, 'Choose an item first'],
  },
  ...dimensionCases,
  'put-divider': {
    does: {
      kind: 'divider',
      id: 'd',
      name: 'Dining',
      side: 'left',
      from: at('face-a', 3000),
      to: at('face-c', 3000),
    },
    ...{ label: 'Divide the room', writes: ['d'] },
    refuses: [
      { kind: 'divider', id: 'd', name: 'D', side: 'left', from: at('face-a', 6001), to: at('face-c', 3000) },
      'The distance along face A',
    ],
  },
  'put-fixed': {
    does: {
      ...{ kind: 'fixed', id: 'f', type: 'pipe-box', width: 200, depth: 150, height: 2400, up: 0 },
      placement: { on: 'face', face: 'face-b', from: 'right', distance: 0, off: 0 },
    },
    ...{ label: 'Set a pipe box', writes: ['f'] },
    refuses: [
      {
        ...{ kind: 'fixed', id: 'f', type: 'pipe-box', width: 200, depth: 150, height: 9e9, up: 0 },
        placement: { on: 'floor', x: 0, y: 0, turn: 0 },
      },
      'The height',
    ],
  },
  'put-measurement': {
    does: {
      ...{ kind: 'measurement', id: 'm', length: 7211.1, standing: 'measured' },
      ...{ from: at('face-a', 0), to: at('face-c', 0) },
    },
    ...{ label: 'Enter a measurement', writes: ['m'] },
    refuses: [
      {
        ...{ kind: 'measurement', id: 'm', length: 7211, standing: 'measured' },
        ...{ from: at('face-a', -1), to: at('face-c', 0) },
      },
      'The distance along face A',
    ],
  },
  'put-opening': {
    does: usualOpening('o', 'face-c', 'window', 300, 'mm'),
    ...{ label: 'Set a window', writes: ['o'] },
    refuses: [{ ...usualOpening('o', 'face-c', 'window', 300, 'mm'), height: 1 }, 'The height'],
  },
  'put-section': {
    does: {
      kind: 'section',
      id: 's',
      name: '1',
      side: 'left',
      from: at('face-a', 3000),
      to: at('face-c', 3000),
    },
    ...{ label: 'Section line', writes: ['s'] },
    refuses: [
      { kind: 'section', id: 's', name: '1', side: 'left', from: at('face-a', 10), to: at('face-a', 3000) },
      'face A',
    ],
  },
  'put-service': {
    does: { kind: 'service', id: 'tap', type: 'cold', up: 500, placement: onA(300) },
    ...{ label: 'Set a cold point', writes: ['tap'] },
    refuses: [{ kind: 'service', id: 'tap', type: 'cold', up: -1, placement: onA(300) }, 'The height'],
  },
  'put-standpoint': {
    does: { kind: 'standpoint', id: 'p', name: 'Door', x: 5500, y: -1200, eye: 1600, turn: 0, nod: 0 },
    ...{ label: 'Keep a standpoint', writes: ['p'] },
    refuses: [
      { kind: 'standpoint', id: 'p', name: 'Door', x: 2400, y: -2300, eye: 1600, turn: 0, nod: 0 },
      'stand',
    ],
  },
  ...layingCases,
  'remove-corner': {
    does: { face: 'face-d' },
    ...{ label: 'Remove a corner', writes: ['face-c', 'face-d', 'loop'] },
    refuses: [{ face: 'none' }, gone],
  },
  'remove-things': {
    does: ['a', 'door'],
    ...{ label: 'Remove 2', writes: ['a', 'door'] },
    refuses: [['room'], gone],
  },
  'renumber-items': {
    does: { first: 'c' },
    ...{ label: 'Number anew', writes: [] },
    refuses: [null, ''],
  },
  'repeat-items': {
    does: { ids: ['apart'], times: 1, side: 'right', gap: 10, copies: ['x'] },
    ...{ label: 'Repeat 1 times', writes: ['x'] },
    refuses: [{ ids: ['apart'], times: 0, side: 'right', gap: 10, copies: [] }, 'from 1 to 50'],
  },
  'replace-items': {
    does: { removed: ['c'], items: [{ ...item(design, 'c'), id: 'x' }] },
    ...{ label: 'Set what is proposed', writes: ['c', 'x'] },
    refuses: [{ removed: ['none'], items: [] }, gone],
  },
  'resize-face': {
    does: { face: 'face-a', length: 6500, moves: 'right' },
    ...{ label: 'Resize a face', writes: ['face-a', 'face-c'] },
    refuses: [{ face: 'face-a', length: 49, moves: 'right' }, 'Face A'],
  },
  'scale-underlay': {
    does: { id: 'sheet', from: { x: 0, y: 0 }, to: { x: 1000, y: 0 }, length: 2000 },
    ...{ label: 'Scale an underlay', writes: ['sheet'] },
    refuses: [{ id: 'sheet', from: { x: 0, y: 0 }, to: { x: 0, y: 0 }, length: 2000 }, 'place'],
  },
  'seat-row': {
    does: {
      ...{ ids: ['island', 'beside'], side: 'behind', range: 'fathom', code: 'STOOL380/650' },
      ...{ seats: ['x', 'y'], overhang: 380 },
    },
    ...{ label: 'Set 2 seats', writes: ['island', 'beside', 'x', 'y'] },
    refuses: [
      {
        ...{ ids: ['island'], side: 'behind', range: 'fathom', code: 'STOOL380/650' },
        ...{ seats: ['x', 'y', 'z'], overhang: 380 },
      },
      'too little',
    ],
  },
  'set-apart': {
    does: { id: 'apart', from: 'island', way: 'beside', distance: 1000 },
    ...{ label: 'Set apart', writes: ['apart'] },
    refuses: [{ id: 'apart', from: 'island', way: 'beside', distance: 9e9 }, 'The distance'],
  },
  'set-backs': {
    does: { ids: ['island', 'beside'], panels: ['x'] },
    ...{ label: 'Finish the back', writes: ['x'] },
    refuses: [{ ids: ['island', 'apart'], panels: ['x'] }, 'row'],
  },
  'set-bar': {
    does: { face: 'half', ids: ['x'] },
    ...{ label: 'Set a bar on the half wall', writes: ['x'] },
    refuses: [{ face: 'face-c', ids: ['x'] }, 'half wall'],
  },
  'set-block': {
    does: {
      ids: ['x'],
      block: blockOf([box(design, 'apart')]),
      placement: { on: 'floor', x: 4600, y: -1200, turn: 0 },
    },
    ...{ label: 'Paste', writes: ['x'] },
    refuses: [
      { ids: ['x'], block: blockOf([box(design, 'apart')]), placement: { ...onA(0), face: 'none' } },
      gone,
    ],
  },
  ...constructionCase,
  'set-drain': {
    does: { id: 'toilet', side: 'behind', distance: 250 },
    ...{ label: 'Set the rough-in', writes: ['toilet'] },
    refuses: [{ id: 'apart', side: 'behind', distance: 250 }, 'no drain'],
  },
  ...edgeCase,
  'set-end-panel': {
    does: { id: 'b', side: 'right', panel: 'x' },
    ...{ label: 'Finish the right end', writes: ['x'] },
    refuses: [{ id: 'a', side: 'right', panel: 'x' }, 'too little'],
  },
  'set-face-length': {
    does: { face: 'face-a', length: 6010 },
    ...{ label: 'Change a face', writes: ['face-a'] },
    refuses: [{ face: 'face-a', length: 30_001 }, 'Face A'],
  },
  ...factsCase,
  ...finishCase,
  'set-into': {
    does: { host: 'vanity', range: 'fathom', code: 'BASINI500', ids: ['x'] },
    ...{ label: 'Let BASINI500 in', writes: ['x'] },
    refuses: [{ host: 'vanity', range: 'fathom', code: 'BASINI500', ids: ['x', 'y', 'z'] }, 'too little'],
  },
  'set-item': {
    does: { id: 'x', range: 'fathom', code: 'F600', placement: onA(2400) },
    ...{ label: 'Set F600', writes: ['x'] },
    refuses: [{ id: 'x', range: 'fathom', code: 'Q', placement: onA(2400) }, '“Q”'],
  },
  'set-limit': limitCase,
  ...measuredCase,
  ...overCases,
  ...plinthCase,
  'set-room': {
    does: { counterHeight: 920 },
    ...{ label: 'Change the room', writes: ['room'] },
    refuses: [{ counterHeight: 1 }, 'counter'],
  },
  ...rowCases,
  ...frontCase,
  ...styleCase,
  'set-tie': {
    does: { id: 'c', side: 'left', distance: 400 },
    ...{ label: 'Set a tie', writes: ['c'] },
    refuses: [{ id: 'c', side: 'left', distance: 9e9 }, 'A tie'],
  },
  ...tilingCase,
  ...topCases,
  ...trimCase,
  'shift-items': {
    does: { ids: ['a', 'b'], by: { x: 50, y: 0 } },
    ...{ label: 'Move 2 items', writes: ['a', 'b'] },
    refuses: [{ ids: [], by: { x: 50, y: 0 } }, 'Choose an item first'],
  },
  'space-items': {
    does: { ids: ['a', 'b', 'c'] },
    ...{ label: 'Space equally', writes: ['b'] },
    refuses: [{ ids: ['a', 'b'] }, 'Choose 3 items'],
  },
  'space-openings': {
    does: { face: 'face-a' },
    ...{ label: 'Space openings equally', writes: ['window'] },
    refuses: [{ face: 'none' }, gone],
  },
  'split-item': {
    does: { id: 'island', left: 300, right: 'x' },
    ...{ label: 'Split in two', writes: ['island', 'x'] },
    refuses: [{ id: 'island', left: 250, right: 'x' }, 'F900'],
  },
  'split-zone': splitZoneCase,
  'square-items': {
    does: { ids: ['apart'], face: 'face-b' },
    ...{ label: 'Turn square to a face', writes: ['apart'] },
    refuses: [{ ids: ['none'] }, gone],
  },
  'stretch-room': {
    does: { through: { x: 3000, y: 0 }, towards: 0, by: 200 },
    ...{ label: 'Stretch the room', writes: ['face-a', 'face-c'] },
    refuses: [{ through: { x: 3000, y: 0 }, towards: 0, by: 9e9 }, 'The distance moved'],
  },
  'swap-items': {
    does: { ids: ['a'], family: 'F*-3' },
    ...{ label: 'Swap the kind', writes: ['a'] },
    refuses: [{ ids: ['a'], family: 'NONE*' }, 'F600'],
  },
  'trim-to-gap': {
    does: { ids: ['b'], face: 'face-a', at: 1400 },
    ...{ label: 'Trim to the open length', writes: ['b'] },
    refuses: [{ ids: ['apart'], face: 'face-a', at: 1400 }, 'F600'],
  },
  'turn-items': {
    does: { ids: ['apart'], by: Math.PI / 2 },
    ...{ label: 'Turn', writes: ['apart'] },
    refuses: [{ ids: ['none'], by: 1 }, gone],
  },
  'use-scheme': useSchemeCase,
  'waive-finding': waiveFindingCase(design),
});
