import { recordOf, type Design } from '../document/design';
import { LEAST_ROW, MOST_ACROSS, MOST_HEIGHT, MOST_INSIDE, MOST_ITEM, MOST_ROWS } from '../document/limits';
import { applyPatch, patchOf } from '../document/patch';
import type { ItemRow } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { plinthUnder, type ConstructionMethod } from '../ranges/construction';
import { kindOf } from '../ranges/kinds';
import { canHaveRows, isNiche } from '../ranges/own-rows';
import { ok, refuse, type Result } from '../result';
import { findBox, type ItemBox } from '../setting/item-box';
import { cabinetOfSolid } from '../shop/parts/design-parts';
import { builtAs, cutOutOf, solidOfItem } from '../solids/solids';
import { quantise } from '../units/units';
import { findFreeItem, guarded, type Command } from './command';

/** Sets what shows on the front of a cabinet, row by row from the top, and what is behind that; null: as its kind is. */
export const setRows: Command<{ id: string; rows: readonly ItemRow[] | null }> = {
  id: 'set-rows',
  run(design, { id, rows }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const { rows: before, ...plain } = found.value;
    const box = findBox(design, id)!;
    if (rows === null) return before ? guarded(design, patchOf(design, [plain])) : ok([]);
    const kind = kindOf(plain.type);
    const made = builtAs(design, box);
    if (!made || !canHaveRows(kind)) return refuse('rows-none', { item: plain.code });
    const niches = (all: readonly { shows: string }[]) => all.filter((one) => isNiche(one as ItemRow)).length;
    if (niches(rows) !== niches(kind.rows!)) return refuse('rows-niche', { item: plain.code });
    const own = rows.map(asStored);
    const bad = soundRows(own) ?? fits(own, box, made);
    if (bad) return bad;
    const patch = patchOf(design, [{ ...plain, rows: own }]);
    const applied = applyPatch(design, patch);
    if (!applied.ok) return applied;
    return heldBack(applied.value, id, own) ?? guarded(design, patch);
  },
};

const asStored = ({ high, widths, clear, ...row }: ItemRow): ItemRow => ({
  ...row,
  ...(high !== undefined && { high: quantise(high) }),
  ...(widths && { widths: widths.map(quantise) }),
  ...(clear && { clear: clear.map(quantise) }),
});

type Refused = Result<never> & { ok: false };

/** Whether each value can be one by itself. */
function soundRows(rows: readonly ItemRow[]): Refused | null {
  const count = (what: 'row-across' | 'row-shelves' | 'rows', value: number, least: number, most: number) =>
    Number.isInteger(value) && value >= least && value <= most
      ? ok(value)
      : refuse('number-range', { what, value, least, most });
  return firstRefusal(
    count('rows', rows.length, 1, MOST_ROWS),
    ...rows.flatMap(({ high, across, widths = [], shelves, clear = [] }) => [
      ...(high === undefined ? [] : [within('row-height', high, LEAST_ROW, MOST_HEIGHT)]),
      ...(across === undefined ? [] : [count('row-across', across, 1, MOST_ACROSS)]),
      ...(shelves === undefined ? [] : [count('row-shelves', shelves, 0, MOST_INSIDE)]),
      ...widths.map((one) => within('row-width', one, LEAST_ROW, MOST_ITEM)),
      ...clear.map((one) => within('row-clear', one, LEAST_ROW, MOST_HEIGHT)),
    ]),
  );
}

/** Whether typed heights and widths have room on the front, and fill it where all are typed. */
function fits(rows: readonly ItemRow[], { record, kind }: ItemBox, made: ConstructionMethod): Refused | null {
  const { between, frontShort } = made;
  const free = (whole: number, count: number) => whole - 2 * frontShort - between * (count - 1);
  const high = free(record.height - plinthUnder(kind, record, made), rows.length);
  const tall = lacks(
    rows.map((row) => row.high),
    high,
  );
  if (tall) return refuse('rows-height', { item: record.code, ...tall });
  for (const { across = 1, widths } of rows) {
    if (!widths) continue;
    const all = Array.from({ length: across }, (_, index) => widths[index]);
    const wide = lacks(all, free(record.width, across));
    if (wide) return refuse('rows-width', { item: record.code, ...wide });
  }
  return null;
}

/** What typed sizes come to, where that and the least of what is not typed is more than there is, or less where all are typed. */
function lacks(
  sizes: readonly (number | undefined)[],
  room: number,
): { typed: number; left: number; room: number } | null {
  const typed = sizes.reduce<number>((sum, one) => sum + (one ?? 0), 0);
  const left = sizes.filter((one) => one === undefined).length;
  const isRight = left > 0 ? typed + left * LEAST_ROW <= room + SAME : Math.abs(typed - room) <= ROUNDED;
  return isRight ? null : { typed, left, room };
}
const SAME = 1e-6;
/** Heights typed to whole units may leave so much, which is shared by all, mm. */
const ROUNDED = 0.5;

/** Why a cabinet can't be built with its rows: too little between its boards, or fewer shelves go in than were asked for. */
function heldBack(design: Design, id: string, rows: readonly ItemRow[]): Refused | null {
  const box = findBox(design, id)!;
  const solid = solidOfItem(design, box);
  const { boards } = cabinetOfSolid(solid, {
    ...{ made: builtAs(design, box)!, kickBack: null, cut: cutOutOf(design, box) },
  });
  const item = recordOf(design, 'item', id)!.code;
  if (boards.some(({ name }) => name === 'block')) return refuse('rows-crowded', { item });
  const parts = solid.sides.flatMap((side) => side.parts);
  for (const [index, { shelves, clear, across = 1 }] of rows.entries()) {
    const asked = clear?.length ?? shelves;
    if (asked === undefined) continue;
    const own = parts.filter(({ row }) => row === index);
    const [low, high] = [Math.min(...own.map((one) => one.low)), Math.max(...own.map((one) => one.high))];
    const found = boards.filter(({ name, z }) => name === 'shelf' && z[0] > low - SAME && z[1] < high + SAME);
    const fit = Math.floor(found.length / across);
    if (fit < asked) return refuse('rows-shelves', { item, row: index + 1, asked, fit });
  }
  return null;
}
