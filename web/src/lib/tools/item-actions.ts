import {
  blockOf,
  boxOf,
  groupItems,
  lockItems,
  mirrorItems,
  nextPlace,
  recordsOf,
  removeThings,
  renumberItems,
  repeatItems,
  roomShape,
  settingOf,
  setBlock,
  squareItems,
  toRadians,
  turnItems,
  type Design,
  type ItemRecord,
} from 'goodreach';
import { nanoid } from 'nanoid';
import { copiedItems, copyItems } from '../session/clipboard';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';

/** What an action works on. */
export interface Acting {
  session: DesignSession;
  screen: ScreenState;
  roomId: string;
}

/** Something that can be done with the chosen items: from the menu, the facts, or a key. */
export interface ItemAction {
  id: string;
  name: string;
  /** As a person reads it, and as the keyboard gives it; letters work in the plan only. */
  keys: string;
  /** Whether it can be done now. */
  when(acting: Acting): boolean;
  run(acting: Acting): void;
}

/** The chosen items, the selected one first. */
export function chosenItems({ session, screen }: Pick<Acting, 'session' | 'screen'>): ItemRecord[] {
  return screen.chosen.flatMap((id) => {
    const record = session.document.records[id];
    return record?.kind === 'item' ? [record] : [];
  });
}

/** An item and those grouped with it, itself first. */
export function groupOf(design: Design, id: string): string[] {
  const record = design.records[id];
  if (record?.kind !== 'item' || !record.group) return [id];
  const others = recordsOf(design, 'item').filter((one) => one.id !== id && one.group === record.group);
  return [id, ...others.map((one) => one.id)];
}

const idsOf = (acting: Acting) => chosenItems(acting).map(({ id }) => id);
const any = (acting: Acting) => chosenItems(acting).length > 0;
const newIds = (count: number) => Array.from({ length: count }, () => `item-${nanoid(8)}`);

function turn(degrees: number) {
  return ({ session, ...acting }: Acting) =>
    void session.run(turnItems, { ids: idsOf({ session, ...acting }), by: toRadians(degrees) });
}

/** Pastes what was copied: one item in the next free place beside the chosen one, several as they stood to one another. */
function paste({ session, screen }: Acting): void {
  const clip = copiedItems();
  if (!clip) return;
  const { width, depth, low, high } = clip.block;
  const landing = nextPlace(session.committed, { width, depth, low, high }, screen.selected ?? undefined);
  if (!landing) {
    session.message = 'There is no free place for what was copied. Make room first.';
    return;
  }
  const ids = newIds(clip.block.parts.length);
  const { block, ranges } = clip;
  if (session.run(setBlock, { ids, block, placement: landing.placement, ranges })) screen.choose(ids);
}

/** One item more of the chosen one in the next free place beside it; several once more to their right. */
function setAnother(acting: Acting): void {
  const { session, screen } = acting;
  const [first, ...others] = chosenItems(acting);
  if (!first) return;
  const ids = newIds(others.length + 1);
  if (others.length > 0) {
    const chosen = { ids: idsOf(acting), times: 1, side: 'right', gap: 0, copies: ids } as const;
    if (session.run(repeatItems, chosen)) screen.choose(ids);
    return;
  }
  const box = boxOf(first, roomShape(session.committed));
  const landing = nextPlace(session.committed, { ...settingOf(first), turn: box.turn }, first.id);
  if (!landing) session.message = `There is no free place for another ${first.code}. Make room first.`;
  else if (session.run(setBlock, { ids, block: blockOf([box]), placement: landing.placement }))
    screen.choose(ids);
}

export const itemActions: readonly ItemAction[] = [
  { id: 'turn', name: 'Turn a quarter', keys: 'T', when: any, run: turn(90) },
  { id: 'turn-half', name: 'Turn 45°', keys: 'Shift T', when: any, run: turn(45) },
  {
    id: 'square',
    name: 'Turn square to the wall',
    keys: 'Q',
    when: any,
    run: (acting) => void acting.session.run(squareItems, { ids: idsOf(acting) }),
  },
  {
    id: 'mirror',
    name: 'Mirror',
    keys: 'M',
    when: any,
    run: (acting) => void acting.session.run(mirrorItems, { ids: idsOf(acting) }),
  },
  {
    id: 'double',
    name: 'Set another beside',
    keys: 'D',
    when: any,
    run: setAnother,
  },
  {
    id: 'copy',
    name: 'Copy',
    keys: 'Ctrl C',
    when: any,
    run: (acting) => void copyItems(acting.session.committed, idsOf(acting), acting.roomId),
  },
  { id: 'paste', name: 'Paste', keys: 'Ctrl V', when: () => copiedItems() !== null, run: paste },
  {
    id: 'group',
    name: 'Group',
    keys: 'G',
    when: (acting) => chosenItems(acting).length > 1 && !oneGroup(acting),
    run: (acting) => void acting.session.run(groupItems, { ids: idsOf(acting), group: `group-${nanoid(8)}` }),
  },
  {
    id: 'ungroup',
    name: 'Ungroup',
    keys: 'Shift G',
    when: (acting) => chosenItems(acting).some(({ group }) => group !== undefined),
    run: (acting) => void acting.session.run(groupItems, { ids: idsOf(acting), group: null }),
  },
  {
    id: 'lock',
    name: 'Lock',
    keys: 'L',
    when: (acting) => chosenItems(acting).some(({ locked }) => !locked),
    run: (acting) => void acting.session.run(lockItems, { ids: idsOf(acting), locked: true }),
  },
  {
    id: 'unlock',
    name: 'Unlock',
    keys: 'Shift L',
    when: (acting) => chosenItems(acting).some(({ locked }) => locked),
    run: (acting) => void acting.session.run(lockItems, { ids: idsOf(acting), locked: false }),
  },
  {
    id: 'renumber',
    name: 'Number all from this one',
    keys: '1',
    when: (acting) => chosenItems(acting).length === 1,
    run: (acting) => void acting.session.run(renumberItems, { first: idsOf(acting)[0]! }),
  },
  {
    id: 'remove',
    name: 'Remove',
    keys: 'Delete',
    when: any,
    run: (acting) => {
      if (acting.session.run(removeThings, idsOf(acting))) acting.screen.select(null);
    },
  },
];

function oneGroup(acting: Acting): boolean {
  const groups = new Set(chosenItems(acting).map(({ group }) => group));
  return groups.size === 1 && !groups.has(undefined);
}

/** Does what a key asks for in the plan; false when it asks for nothing that can be done now. */
export function actOnKey(acting: Acting, event: KeyboardEvent): boolean {
  if (event.altKey) return false;
  const ctrl = event.ctrlKey || event.metaKey ? 'Ctrl ' : '';
  const shift = event.shiftKey ? 'Shift ' : '';
  const pressed = `${ctrl}${shift}${event.key.length === 1 ? event.key.toUpperCase() : event.key}`;
  const action = itemActions.find(({ keys }) => keys === pressed);
  if (!action?.when(acting)) return false;
  action.run(acting);
  return true;
}
