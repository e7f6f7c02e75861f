import { recordOf, type Design } from '../document/design';
import { rowShows, type RowShows } from '../document/limits';
import type { ItemRow } from '../document/records';
import type { ConstructionMethod } from '../ranges/construction';
import type { FrontRow } from '../ranges/item-kind';
import { canHaveRows } from '../ranges/own-rows';
import { findItem, rangesOf } from '../ranges/shelf';
import { findBox, type ItemBox } from '../setting/item-box';
import { frontParts, type FrontPart } from '../solids/front-parts';
import { builtAs, solidOfItem } from '../solids/solids';
import { quantise } from '../units/units';
import { rowsOf } from './parts/cabinet-box';

const shown = (row: FrontRow): RowShows | null => rowShows.find((one) => one === row.shows) ?? null;
const SHOWN: Readonly<Partial<Record<FrontPart['shows'], RowShows>>> = {
  ...{ door: 'doors', drawer: 'drawer', flap: 'flap', panel: 'panel', niche: 'niche' },
};

/** The rows of a cabinet's front as they could be its own: heights where they are not shared alike; null for what can have none. */
export function rowsNow(design: Design, id: string): readonly ItemRow[] | null {
  const box = findBox(design, id);
  const made = box && canHaveRows(box.kind) ? builtAs(design, box) : null;
  if (!box || !made) return null;
  return recordOf(design, 'item', id)!.rows ?? usualRows(design, box, made);
}

/** What shows on the front of a cabinet that is straight in plan, with the row each is in where those can be changed; nothing of others. */
export function frontOfItem(design: Design, id: string): readonly FrontPart[] {
  const box = findBox(design, id);
  if (!box || box.kind.plan) return [];
  const parts = solidOfItem(design, box).sides.find(({ front }) => front)?.parts ?? [];
  if (box.kind.own || !canHaveRows(box.kind)) return parts;
  const rows = rowsOf(parts.filter(({ shows }) => shows !== 'shelf'));
  return parts.map((part) => {
    const row = rows.findIndex((one) => one.parts.includes(part));
    return row < 0 ? part : { ...part, row };
  });
}

function usualRows(
  design: Design,
  { record, kind }: ItemBox,
  made: ConstructionMethod,
): readonly ItemRow[] | null {
  const kinds = kind.rows!;
  const { width, height, up, hand } = record;
  const listed = findItem(record.range, record.code, rangesOf(design));
  const drawers = listed.ok ? listed.value.family.drawers : undefined;
  const parts = frontParts({ kind, width, height, up, hand, ...(drawers && { drawers }) }, made);
  const isOpen = kinds.some(({ shows }) => shows === 'shelves');
  const rows = rowsOf(parts.filter(({ shows }) => shows !== 'shelf'));
  const heights = rows.map(({ low, high }) => quantise(high - low));
  const most = Math.max(...heights);
  const found = rows.map((row, index): ItemRow | null => {
    const shows = isOpen && row.shows === 'niche' ? 'shelves' : SHOWN[row.shows];
    if (!shows) return null;
    const source = kinds.find((one) => shown(one) === shows);
    const isShared = Math.abs(heights[index]! - most) < SAME;
    return {
      shows,
      ...(!isShared && { high: heights[index]! }),
      ...(source?.glass && { glass: true }),
      ...(source?.single && { single: true }),
    };
  });
  return found.every((row) => row !== null) ? found : null;
}
const SAME = 0.01;
