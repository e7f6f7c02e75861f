import {
  blockOf,
  boxOf,
  editItems,
  findItem,
  findRange,
  groupItems,
  isHanded,
  joinItems,
  kindOf,
  lockItems,
  mirrorItems,
  nextPlace,
  noPlaceFor,
  rangesOf,
  recordsOf,
  removeThings,
  renumberItems,
  repeatItems,
  roomShape,
  settingOf,
  setBlock,
  splitItem,
  squareItems,
  swapItems,
  swapsFor,
  tooHighFor,
  toRadians,
  turnItems,
  type Design,
  type ItemRecord,
  type Range,
  type ShelfItem,
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
    session.tell(noPlaceFor(session.committed, clip.block));
    return;
  }
  const ids = newIds(clip.block.parts.length);
  const { block, ranges } = clip;
  if (!session.run(setBlock, { ids, block, placement: landing.placement, ranges })) return;
  screen.choose(ids);
  const tooHigh = tooHighFor(session.committed, block);
  if (tooHigh) session.tell(tooHigh);
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
  if (!landing) session.tell(noPlaceFor(session.committed, blockOf([box])));
  else if (session.run(setBlock, { ids, block: blockOf([box]), placement: landing.placement }))
    screen.choose(ids);
}

/** Makes two of an item, the left one so wide, mm, or half of it; both are chosen. What was wrong, if it can't be. */
export function splitInTwo(
  { session, screen }: Pick<Acting, 'session' | 'screen'>,
  id: string,
  left?: number,
): string {
  const right = `item-${nanoid(8)}`;
  const width = left === undefined ? {} : { left };
  if (!session.run(splitItem, { id, right, ...width })) return session.message;
  screen.choose([id, right]);
  return '';
}

/** Makes one of two chosen items, and chooses it. */
export function joinInOne(acting: Acting): void {
  const { session, screen } = acting;
  const ids = idsOf(acting);
  if (session.run(joinItems, { ids })) screen.select(ids.find((id) => session.committed.records[id]) ?? null);
}

/** Whether an item is built to width, so that two can be made of it. */
export function isSplit({ type }: ItemRecord): boolean {
  const { trim, flat } = kindOf(type);
  return trim !== null && !flat;
}

/** The families every one of some items can be swapped for. */
export function sharedSwaps(items: readonly ItemRecord[], known: readonly Range[]): ShelfItem[] {
  const [first = [], ...others] = items.map((item) => swapsFor(item, known));
  const shared = first.filter(({ family }) =>
    others.every((one) => one.some((other) => other.family.code === family.code)),
  );
  return [...new Map(shared.map((item) => [item.family.code, item])).values()];
}

/** Swaps the chosen items for the next family, or the one before, that is made as wide and as high: doors for drawers. */
function otherFronts(by: 1 | -1) {
  return (acting: Acting) => {
    const { session } = acting;
    const items = chosenItems(acting);
    const known = rangesOf(session.committed);
    const own = findItem(items[0]!.range, items[0]!.code, known);
    if (!own.ok) return;
    // Round the families as the range lists them, so that every one comes up.
    const order = findRange(own.value.range, known)!.families.map(({ code }) => code);
    const codes = new Set(sharedSwaps(items, known).map(({ family }) => family.code));
    const at = order.indexOf(own.value.family.code);
    const round = order.map((_, step) => order[(at + by * (step + 1) + order.length * 2) % order.length]!);
    const next = round.find((code) => codes.has(code));
    if (next !== undefined) session.run(swapItems, { ids: idsOf(acting), family: next });
  };
}

const isHandedItem = ({ type, width }: ItemRecord) => isHanded(kindOf(type), width);
const hasSwaps = (acting: Acting) => {
  const items = chosenItems(acting);
  return items.length > 0 && sharedSwaps(items, rangesOf(acting.session.committed)).length > 0;
};

export const itemActions: readonly ItemAction[] = [
  { id: 'fronts', name: 'Other fronts', keys: 'K', when: hasSwaps, run: otherFronts(1) },
  { id: 'fronts-back', name: 'The fronts before', keys: 'Shift K', when: hasSwaps, run: otherFronts(-1) },
  {
    id: 'hand',
    name: 'To the other hand',
    keys: 'H',
    when: (acting) => any(acting) && chosenItems(acting).every(isHandedItem),
    run: (acting) => {
      const [first] = chosenItems(acting);
      const hand = first!.hand === 'left' ? 'right' : 'left';
      acting.session.run(editItems, { ids: idsOf(acting), change: { hand } });
    },
  },
  {
    id: 'split',
    name: 'Split in halves',
    keys: 'S',
    when: (acting) => chosenItems(acting).length === 1 && chosenItems(acting).every(isSplit),
    run: (acting) => void splitInTwo(acting, idsOf(acting)[0]!),
  },
  {
    id: 'join',
    name: 'Join the two in one',
    keys: 'J',
    when: (acting) => chosenItems(acting).length === 2,
    run: joinInOne,
  },
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
