import { handleSides, MOST_AIRFLOW, MOST_HEIGHT, MOST_INSIDE, MOST_ITEM } from '../document/limits';
import type { FactKey } from '../wording/fact-names';
import { goesInCorner } from './handing';
import type { ItemKind } from './item-kind';

/** How a fact is told: a length up to so much, a whole number, a number, yes or no, a side. */
export type FactSort = { length: number } | { count: number } | { number: number } | 'flag' | 'side';

/** What can be known of an item, in the order it is asked. */
export const factSorts: Readonly<Record<FactKey, FactSort>> = {
  handle: 'side',
  opens: { length: MOST_ITEM },
  gas: 'flag',
  airflow: { number: MOST_AIRFLOW },
  shelves: { count: MOST_INSIDE },
  drawers: { count: MOST_INSIDE },
  receptacles: { count: MOST_INSIDE },
  device: 'flag',
  recessed: 'flag',
  protectedBelow: 'flag',
  control: { length: MOST_HEIGHT },
  head: { length: MOST_HEIGHT },
  waterproof: { length: MOST_HEIGHT },
  swingsIn: 'flag',
  seat: { length: MOST_HEIGHT },
  roughIn: { length: MOST_ITEM },
  kneeHeight: { length: MOST_HEIGHT },
  kneeWidth: { length: MOST_ITEM },
  kneeDepth: { length: MOST_ITEM },
  toeDepth: { length: MOST_ITEM },
};

const asked: Readonly<Record<string, readonly FactKey[]>> = {
  refrigerator: ['handle'],
  'tall-fridge': ['handle'],
  'fridge-under': ['handle'],
  cooker: ['gas'],
  hob: ['gas'],
  'base-hob': ['gas'],
  hood: ['airflow'],
  'base-waste': ['receptacles'],
  toilet: ['seat', 'roughIn'],
  'toilet-hung': ['seat'],
  bench: ['seat'],
  'shower-pan': ['control', 'head', 'waterproof'],
  'shower-floor': ['control', 'head', 'waterproof'],
  'shower-door': ['swingsIn'],
};
const knees: readonly FactKey[] = ['kneeHeight', 'kneeWidth', 'kneeDepth', 'toeDepth'];
const washed: readonly string[] = ['sink', 'base-sink', 'basin', 'basin-hung', 'basin-inset', 'vanity-sink'];

/** The facts of an item that checks ask for, by its kind. */
export function factsAsked(kind: ItemKind): readonly FactKey[] {
  const inside: readonly FactKey[] =
    ['base', 'wall', 'tall'].includes(kind.group) && !kind.flat ? ['shelves', 'drawers'] : [];
  return [
    ...(asked[kind.id] ?? []),
    ...(kind.opens === 'drawers' || kind.opens === 'down' ? (['opens'] as const) : []),
    ...inside,
    ...(kind.group === 'base' && goesInCorner(kind) ? (['device'] as const) : []),
    ...(kind.group === 'tall' && goesInCorner(kind) ? (['recessed'] as const) : []),
    ...(kind.group === 'wall' ? (['protectedBelow'] as const) : []),
    ...(washed.includes(kind.id) ? knees : []),
  ];
}

/** Whether a value can be one of a fact. */
export function isFact(key: FactKey, value: unknown): boolean {
  const sort = factSorts[key];
  if (sort === 'flag') return typeof value === 'boolean';
  if (sort === 'side') return handleSides.some((side) => side === value);
  const most = 'length' in sort ? sort.length : 'count' in sort ? sort.count : sort.number;
  if (typeof value !== 'number' || !(value >= 0 && value <= most)) return false;
  return !('count' in sort) || Number.isInteger(value);
}
