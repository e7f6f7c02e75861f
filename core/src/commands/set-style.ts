import { recordsOf, roomOf } from '../document/design';
import type { DoorStyle, HandleStyle } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { refuse } from '../result';
import type { FinishTarget } from '../surfaces/finish-scopes';
import { findFreeItems, guarded, type Command } from './command';

/** How fronts are made or what they are taken hold of by; null goes back to what the room says, or its range. */
export type StyleChange = { to: Exclude<FinishTarget, { faces: readonly string[] }> } & (
  { style: 'doorStyle'; value: DoorStyle | null } | { style: 'handleStyle'; value: HandleStyle | null }
);

/** Gives the fronts of some items, or of the room, a style. */
export const setStyle: Command<StyleChange> = {
  id: 'set-style',
  run(design, { to, style, value }) {
    if ('items' in to) {
      const found = findFreeItems(design, to.items);
      if (!found.ok) return found;
      // A filler in a run has no door: only where nothing has one is there nothing to do.
      const fronted = found.value.filter(({ kind }) => kind.rows && kind.group !== 'appliances');
      if (fronted.length === 0) return refuse('no-fronts', { item: found.value[0].record.code });
      return guarded(
        design,
        patchOf(
          design,
          fronted.map(({ record }) => styled(record, style, value)),
        ),
      );
    }
    const { [style]: _, ...others } = roomOf(design);
    const room = { ...others, ...(value && { [style]: value }) };
    const items =
      to.room === 'usual'
        ? []
        : recordsOf(design, 'item').flatMap((item) => (item.locked ? [] : [styled(item, style, null)]));
    return guarded(design, patchOf(design, [room, ...items]));
  },
};

function styled(item: ItemRecord, style: StyleChange['style'], value: string | null): ItemRecord {
  const { [style]: _, ...rest } = item;
  return value ? { ...rest, [style]: value } : rest;
}
