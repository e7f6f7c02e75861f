import { rememberBoth } from '../document/remember';
import type { ItemRow } from '../document/records';
import type { FrontRow, ItemKind } from './item-kind';

/** Kinds that come with what is behind their fronts: those stay as they are. */
const FILLED: ReadonlySet<string> = new Set(['base-waste', 'base-corner-pull-out', 'base-corner-drawers']);
const GROUPS: readonly string[] = ['base', 'wall', 'tall', 'vanity'];

/** Whether what shows on its front, and what is behind that, can be changed: of boxes that are a rectangle in plan and seen all along. */
export const canHaveRows = (kind: ItemKind): boolean =>
  kind.rows !== undefined &&
  GROUPS.includes(kind.group) &&
  !kind.plan &&
  !kind.flat &&
  !kind.blind &&
  !FILLED.has(kind.id);

/** Whether a row is what holds an appliance. */
export const isNiche = ({ shows }: Pick<FrontRow, 'shows'>): boolean => shows === 'niche';

/** A kind with rows of an item's own, the same object for the same rows; the kind itself where there are none, or it can have none. */
export const kindWithRows = (kind: ItemKind, rows: readonly ItemRow[] | undefined): ItemKind =>
  rows && canHaveRows(kind) ? withRows(rows, kind) : kind;

const withRows = rememberBoth((rows: readonly ItemRow[], kind: ItemKind): ItemKind => {
  const { opens: _, ...plain } = kind;
  const opens = opensWith(rows);
  return { ...plain, rows, own: true, ...(opens && { opens }) };
});

/** How a front opens that has several rows: what takes most room before it. */
function opensWith(rows: readonly ItemRow[]): ItemKind['opens'] | null {
  const shows = new Set(rows.map((row) => row.shows));
  if (shows.has('doors')) return 'doors';
  if (shows.has('drawer')) return 'drawers';
  return shows.has('flap') ? 'up' : null;
}
