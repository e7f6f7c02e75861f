import type { TilingWay } from '../document/limits';
import { patchOf } from '../document/patch';
import { ok } from '../result';
import { usualTiling } from '../tile/zones/tiled-around';
import { findFreeItems, guarded, type Command } from './command';

/** Tiles floor and wall round items, or under and behind them; with null as their kind is usually done. */
export const setTiling: Command<{ ids: readonly string[]; way: TilingWay | null }> = {
  id: 'set-tiling',
  run(design, { ids, way }) {
    const boxes = findFreeItems(design, ids);
    if (!boxes.ok) return boxes;
    const written = boxes.value.map(({ record, kind }) => {
      const { tiled, ...rest } = record;
      const own = way === null || way === usualTiling(kind) ? {} : { tiled: way };
      return tiled === (own as { tiled?: TilingWay }).tiled ? record : { ...rest, ...own };
    });
    const patch = patchOf(design, written);
    return patch.length === 0 ? ok([]) : guarded(design, patch);
  },
};
