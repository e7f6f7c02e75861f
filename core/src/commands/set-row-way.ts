import { MOST_OFF } from '../document/limits';
import { patchOf } from '../document/patch';
import type { RowWayRecord } from '../document/records';
import { recordsOf } from '../document/design';
import { firstRefusal, within } from '../document/within';
import { rowWay } from '../drawing/dimensions/row-ways';
import { ownView, ownViewIds } from '../drawing/own-views';
import { ok, refuse } from '../result';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Leaves a row of dimensions or a label away that finds its own place, shows it again, or moves it (a row farther out, a label to the right and up), mm on paper; as it is of itself nothing is kept of it. */
export const setRowWay: Command<{
  id: string;
  view: string;
  row: string;
  hidden?: boolean;
  off?: number;
  over?: number;
}> = {
  id: 'set-row-way',
  run(design, { id, view, row, hidden, off, over }) {
    if (!ownView(design, view))
      return refuse('sheet-unknown', { what: 'view', value: view, known: ownViewIds(design) });
    const wrong = firstRefusal(
      within('distance', off ?? 0, -MOST_OFF, MOST_OFF),
      within('distance', over ?? 0, -MOST_OFF, MOST_OFF),
    );
    if (wrong) return wrong;
    const before = rowWay(design, view, row);
    const now = {
      hidden: hidden ?? before?.hidden ?? false,
      off: quantise(off ?? before?.off ?? 0),
      over: quantise(over ?? before?.over ?? 0),
    };
    // Two people may have made one each at the same moment: one of them stays.
    const others = recordsOf(design, 'row-way')
      .filter((one) => one.view === view && one.row === row && one.id !== before?.id)
      .map((one) => one.id);
    if (!now.hidden && now.off === 0 && now.over === 0)
      return before ? guarded(design, patchOf(design, [], [before.id, ...others])) : ok([]);
    const after: RowWayRecord = {
      ...{ kind: 'row-way', id: before?.id ?? id, view, row },
      ...(now.hidden && { hidden: true }),
      ...(now.off !== 0 && { off: now.off }),
      ...(now.over !== 0 && { over: now.over }),
    };
    return guarded(design, patchOf(design, [after], others));
  },
};
