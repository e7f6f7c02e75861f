import type { FixedType } from '../document/fixture-types';
import type { DimensionType, FinishPart, TrimUse } from '../document/limits';
import { factNames, type FactKey } from './fact-names';
import { finishPartNames, fixedNames, trimNames } from './things';
import { uncapital } from './words';

type Several = readonly unknown[];

/** What an edit did, for undo and the record of edits: by its command, from what that was asked. */
export const commandLabels = {
  'bend-face': ({ bend }: { bend: { depth?: number } }) =>
    bend.depth === 0 ? 'Straighten a face' : 'Bend a face',
  'block-out': () => 'Block out counters',
  'bring-back': ({ revision }: { revision: number }) => `Bring back revision ${revision}`,
  'case-refrigerator': () => 'Case the refrigerator in',
  'centre-items': () => 'Centre',
  'conceal-cistern': () => 'Conceal the cistern',
  'draw-top': () => 'Draw a top',
  ease: ({ steps }: { steps: readonly unknown[] }) =>
    steps.length === 1 ? 'Ease' : `Ease by ${steps.length} changes`,
  'edit-faces': ({ faces }: { faces: Several }) =>
    faces.length === 1 ? 'Change a face' : `Change ${faces.length} faces`,
  'edit-items': ({ ids }: { ids: Several }) =>
    ids.length === 1 ? 'Change an item' : `Change ${ids.length} items`,
  'fill-gap': () => 'Fill the open length',
  'forget-profile': () => 'Forget a profile',
  'freeze-row': () => 'Keep a row of dimensions as it is',
  'group-items': ({ group }: { group?: string | null }) => (group ? 'Group' : 'Ungroup'),
  'insert-corner': () => 'Insert a corner',
  'join-items': () => 'Join two in one',
  'keep-profile': ({ name }: { name: string }) => `Keep the profile ${name.trim()}`,
  'keep-scheme': ({ name }: { name: string }) => `Keep the finishes as ${name.trim()}`,
  'lay-tile': ({ zone: { finish } }: { zone: { finish?: string } }) =>
    finish === undefined ? 'Lay tiles' : `Lay ${finish}`,
  'leave-open': () => 'Leave it open',
  'line-face': () => 'Line a wall',
  'line-up-items': () => 'Line up',
  'line-up-opening': () => 'Line up an opening',
  'lock-items': ({ locked }: { locked: boolean }) => (locked ? 'Lock' : 'Unlock'),
  'mirror-items': ({ ids }: { ids: Several }) => (ids.length === 1 ? 'Mirror' : `Mirror ${ids.length} items`),
  'move-face': () => 'Move a face',
  'move-item': () => 'Move',
  'move-items': ({ ids }: { ids: Several }) => (ids.length === 1 ? 'Move' : `Move ${ids.length} items`),
  'place-frames': () => 'Move a drawing on its sheet',
  'push-part': ({ depth }: { depth: number }) => (depth > 0 ? 'Push a part out' : 'Push a part in'),
  'put-dimension': ({ type }: { type: DimensionType }) =>
    type === 'note' ? 'Write a note' : type === 'detail' ? 'Mark a detail' : 'Put a dimension',
  'put-divider': () => 'Divide the room',
  'put-fixed': ({ type }: { type: FixedType }) => `Set a ${fixedNames[type].toLowerCase()}`,
  'put-measurement': ({ standing }: { standing: string }) =>
    standing === 'excluded' ? 'Exclude a measurement' : 'Enter a measurement',
  'put-opening': ({ type }: { type: string }) => `Set a ${type === 'cased' ? 'cased opening' : type}`,
  'put-section': () => 'Section line',
  'put-service': ({ type }: { type: string }) => `Set a ${type} point`,
  'put-standpoint': () => 'Keep a standpoint',
  'put-underlay': () => 'Lay an underlay',
  'put-zone': () => 'Lay tiles',
  'put-zones': ({ zones }: { zones: Several }) => `Tile ${zones.length} surfaces`,
  'remove-corner': () => 'Remove a corner',
  'remove-things': (ids: Several) => (ids.length === 1 ? 'Remove' : `Remove ${ids.length}`),
  'renumber-items': () => 'Number anew',
  'repeat-items': ({ times }: { times: number }) => `Repeat ${times} times`,
  'replace-items': ({ items }: { items: Several }) =>
    items.length === 1 ? 'Set what is proposed' : `Set ${items.length} as proposed`,
  'resize-face': () => 'Resize a face',
  'scale-underlay': () => 'Scale an underlay',
  'seat-row': ({ seats }: { seats: Several }) =>
    seats.length === 1 ? 'Set a seat' : `Set ${seats.length} seats`,
  'set-apart': () => 'Set apart',
  'set-backs': ({ panels }: { panels: Several }) =>
    panels.length === 1 ? 'Finish the back' : `Finish the back in ${panels.length}`,
  'set-bar': () => 'Set a bar on the half wall',
  'set-block': ({ ids }: { ids: Several }) => (ids.length === 1 ? 'Paste' : `Paste ${ids.length} items`),
  'set-drain': ({ side }: { side: string }) =>
    side === 'behind' ? 'Set the rough-in' : 'Set the drain centre',
  'set-edge-way': ({ way: { profile, splash, waterfall } }: { way: EdgeWay }) => {
    if (waterfall !== undefined) return waterfall ? 'Take a top down to the floor' : 'End a top at its edge';
    if (profile !== undefined) return profile ? 'Work an edge' : 'Let an edge follow the room';
    return splash ? 'Set a splash' : 'Let a splash follow the room';
  },
  'set-end-panel': ({ side }: { side: string }) => `Finish the ${side} end`,
  'set-construction': ({ ids }: { ids?: Several }) =>
    ids ? 'Change how a cabinet is built' : 'Change how cabinets are built',
  'set-cut-round': ({ cutRound }: { cutRound: boolean }) =>
    cutRound ? 'Cut round what is built in' : 'Don’t cut round what is built in',
  'set-face-length': () => 'Change a face',
  'set-facts': ({ facts }: { facts: Partial<Record<FactKey, unknown>> }) => {
    const [key, ...others] = Object.keys(facts) as FactKey[];
    return key && others.length === 0 ? `Note ${uncapital(factNames[key])}` : 'Note what is known';
  },
  'set-finish': ({ part, finish }: { part: FinishPart; finish: string | null }) => {
    const name = finishPartNames[part].toLowerCase();
    return finish === null ? `Let ${name} follow the room` : `Finish ${name} in ${finish}`;
  },
  'set-frame': ({
    crop,
    hidden,
    ratio,
  }: {
    crop?: unknown;
    hidden?: boolean | null;
    ratio?: number | null;
  }) => {
    if (hidden !== undefined) return hidden ? 'Leave a drawing out' : 'Take a drawing in again';
    if (crop !== undefined) return crop === null ? 'Show a whole drawing' : 'Crop a drawing';
    return ratio === undefined ? 'Change a drawing on its sheet' : 'Change the scale of a drawing';
  },
  'set-into': ({ code, ids }: { code: string; ids: Several }) =>
    ids.length === 1 ? `Let ${code} in` : `Let ${ids.length} ${code} in`,
  'set-item': ({ code }: { code: string }) => `Set ${code}`,
  'set-rows': ({ rows }: { rows: unknown }) => (rows === null ? 'Take a front back' : 'Change a front'),
  'set-measured': () => 'Type a dimension',
  'set-out-zone': ({ angle }: { angle?: number }) =>
    angle === undefined ? 'Set tiles out' : 'Turn the tiles',
  'set-out-zones': ({ zones }: { zones: Several }) =>
    zones.length === 1 ? 'Set tiles out' : `Set ${zones.length} zones out`,
  'set-limit': ({ now }: { now: number | null }) => (now === null ? 'Take a limit back' : 'Change a limit'),
  'set-over': () => 'Hang it over the opening',
  'set-plinth': (change: { back?: number | null; none?: boolean }) => {
    if (change.none !== undefined) return change.none ? 'Leave the plinth out' : 'Put a plinth under it';
    return change.back === null ? 'Let a plinth follow the room' : 'Set a plinth back';
  },
  'set-room': () => 'Change the room',
  'set-row-way': ({ hidden, row }: { hidden?: boolean; row: string }) =>
    row.startsWith('label ')
      ? hidden
        ? 'Leave a label away'
        : 'Move a label'
      : hidden === undefined
        ? 'Move a row of dimensions'
        : hidden
          ? 'Leave a row of dimensions away'
          : 'Show a row of dimensions',
  'set-style': ({ style, value }: { style: 'doorStyle' | 'handleStyle'; value: string | null }) => {
    const name = style === 'doorStyle' ? 'door style' : 'handles';
    return value === null ? `Let the ${name} follow the room` : `Change the ${name}`;
  },
  'set-tie': () => 'Set a tie',
  'set-tiling': ({ way }: { way: string | null }) =>
    way === null ? 'Tile as usual' : way === 'around' ? 'Tile round it' : 'Tile under it',
  'set-top-corner': ({ shape }: { shape: object | null }) =>
    !shape ? 'Make a corner sharp' : 'radius' in shape ? 'Round a corner' : 'Cut a corner',
  'set-top-edge': ({ overhang }: { overhang: number | null }) =>
    overhang === null ? 'Let an edge follow the room' : 'Set an edge',
  'set-top-joints': () => 'Set where a top is joined',
  'set-trim': ({ use, profile }: { use: TrimUse; profile: string | null }) => {
    if (profile === null) return `Let a ${trimNames[use].toLowerCase()} follow the room`;
    return `${profile === 'none' ? 'Leave out' : 'Set'} a ${trimNames[use].toLowerCase()}`;
  },
  'shift-items': ({ ids }: { ids: Several }) => (ids.length === 1 ? 'Move' : `Move ${ids.length} items`),
  'space-items': () => 'Space equally',
  'space-openings': () => 'Space openings equally',
  'split-item': () => 'Split in two',
  'split-zone': () => 'Split a zone',
  'square-items': () => 'Turn square to a face',
  'stretch-room': () => 'Stretch the room',
  'swap-items': ({ ids }: { ids: Several }) =>
    ids.length === 1 ? 'Swap the kind' : `Swap ${ids.length} items`,
  'trim-to-gap': ({ ids }: { ids: Several }) =>
    ids.length === 1 ? 'Trim to the open length' : 'Share the open length',
  'turn-items': ({ ids }: { ids: Several }) => (ids.length === 1 ? 'Turn' : `Turn ${ids.length} items`),
  'use-scheme': () => 'Use a set of finishes',
  'waive-finding': () => 'Accept a finding',
};
export type CommandId = keyof typeof commandLabels;

/** What is asked of an edge of a top. */
interface EdgeWay {
  profile?: string | null;
  splash?: object | null;
  waterfall?: boolean;
}

/** What an edit did, in words; empty where its command is not known, or its arguments are not that command's. */
export function commandLabel(id: string, args: unknown): string {
  if (!Object.hasOwn(commandLabels, id)) return '';
  try {
    return commandLabels[id as CommandId](args as never);
  } catch {
    return '';
  }
}
