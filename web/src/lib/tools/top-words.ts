import { itemNumbers, recordOf, type Design, type EdgeProfile, type ItemSide, type TopEdge } from 'goodreach';

const roleNames: Readonly<Record<TopEdge['role'], string>> = {
  front: 'Front',
  behind: 'Back',
  left: 'Left end',
  right: 'Right end',
  wall: 'Wall side',
  fixed: 'Cut round',
  stop: 'Side against a neighbour',
  step: 'Step',
  joint: 'Joint',
};

export const sideNames = {
  front: 'front',
  behind: 'back',
  left: 'left end',
  right: 'right end',
} as const;

export const cornerNames = {
  frontLeft: 'front left corner',
  frontRight: 'front right corner',
  behindLeft: 'back left corner',
  behindRight: 'back right corner',
  inner: 'inside corner',
} as const;

/** An item as it is named beside a top: its code and number. */
export function carrierName(design: Design, id: string): string {
  const number = itemNumbers(design).get(id);
  return `${recordOf(design, 'item', id)?.code ?? ''}${number === undefined ? '' : ` (${number})`}`;
}

/** An edge as it is called: its side, and of what. */
export function edgeName(design: Design, { role, items }: TopEdge): string {
  const [first, last] = [items[0], items.at(-1)];
  if (first === undefined) return roleNames[role];
  const to = last === first ? '' : ` to ${carrierName(design, last!)}`;
  return `${roleNames[role]} of ${carrierName(design, first)}${to}`;
}

export const profileNames: Readonly<Record<EdgeProfile, string>> = {
  square: 'Square',
  eased: 'Eased',
  bevelled: 'Bevelled',
  rounded: 'Rounded',
  raw: 'Raw',
};

/** Sides of items that lie in one line, as they are called: of the back what it is the back of, else which end. */
export function sidesName(design: Design, at: readonly ItemSide[]): string {
  const [first, last] = [at[0], at.at(-1)];
  if (!first || !last) return '';
  const name = ({ item, side }: ItemSide) =>
    side === 'behind' ? carrierName(design, item) : `the ${sideNames[side]} of ${carrierName(design, item)}`;
  return first === last ? name(first) : `${name(first)} to ${name(last)}`;
}
