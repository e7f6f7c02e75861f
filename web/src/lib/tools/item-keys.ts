import {
  boxOf,
  dot,
  HUNG,
  isInchUnit,
  itemNumbers,
  roomShape,
  scale,
  shiftItems,
  type Point,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';

/** The way each arrow key points in plan. */
const ways: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
};

/** How far an arrow key moves things, mm: by the job's rounding, at least a millimetre; with Shift ten times that. */
export function nudgeStep({ style: { unit, step } }: DesignSession, { shiftKey }: KeyboardEvent): number {
  return (isInchUnit(unit) ? step : Math.max(1, step)) * (shiftKey ? 10 : 1);
}

/** Nudges items the way an arrow key points, along or square to the back of the first, by a distance in mm; false for another key. */
export function nudge(session: DesignSession, ids: readonly string[], key: string, by: number): boolean {
  const way = ways[key];
  const first = session.committed.records[ids[0] ?? ''];
  if (!way || first?.kind !== 'item') return false;
  const { u, n } = boxOf(first, roomShape(session.committed));
  const [across, out] = [dot(way, u), dot(way, n)];
  const axis = Math.abs(across) >= Math.abs(out) ? scale(u, Math.sign(across)) : scale(n, Math.sign(out));
  return session.run(shiftItems, { ids, by: scale(axis, by) });
}

/** Moves items along a direction in plan, by default that of the back of the first, or raises and lowers what hangs, as an arrow key points in an upright view, mm; false for another key, and for what stands on the floor and can't go up. */
export function nudgeUpright(
  session: DesignSession,
  ids: readonly string[],
  key: string,
  by: number,
  along?: Point,
): boolean {
  const way = ways[key];
  const first = session.committed.records[ids[0] ?? ''];
  if (!way || first?.kind !== 'item') return false;
  const { u, low } = boxOf(first, roomShape(session.committed));
  if (way.y !== 0 && low < HUNG) return false;
  return session.run(shiftItems, { ids, by: scale(along ?? u, way.x * by), up: way.y * by });
}

/** Goes round the items by their numbers (N), or the faces as they were walked (F), with Shift the other way, so that any can be chosen from the keyboard; false for another key. What is set next goes beside the chosen item, or on the chosen face. */
export function chooseOnKey(
  session: DesignSession,
  screen: ScreenState,
  { key, shiftKey, ctrlKey, metaKey, altKey }: KeyboardEvent,
): boolean {
  const what = key.toLowerCase();
  if (ctrlKey || metaKey || altKey) return false;
  if (what !== 'n' && what !== 'f') return false;
  const numbers = itemNumbers(session.committed);
  const ids =
    what === 'f'
      ? roomShape(session.committed).faces.map(({ id }) => id)
      : [...numbers.keys()].sort((a, b) => numbers.get(a)! - numbers.get(b)!);
  if (ids.length === 0) return true;
  const by = shiftKey ? -1 : 1;
  const at = ids.indexOf(screen.selected ?? '');
  screen.select(ids[(Math.max(at, by < 0 ? 0 : -1) + by + ids.length) % ids.length]!);
  return true;
}
