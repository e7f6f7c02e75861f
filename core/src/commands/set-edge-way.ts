import { MOST_SPLASH, splashSides, type EdgeProfile } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord, TopEdgeWay, TopEdgeWays, TopSplash } from '../document/records';
import { within } from '../document/within';
import { ok, refuse, type Result } from '../result';
import type { ItemSide } from '../surfaces/top-edge';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

/** What changes along an edge; null goes back to what the room says. */
export interface EdgeWayChange {
  profile?: EdgeProfile | null;
  /** Of an edge at a wall: so high, mm (0: none), or up to what hangs there. */
  splash?: { height: number } | { full: true } | null;
  /** Of a free edge that is no front. */
  waterfall?: boolean;
}

/** Sets how a top is made along some sides of its items: how its edge is worked, the splash it carries at a wall, whether it goes down to the floor. */
export const setEdgeWay: Command<{ at: readonly [ItemSide, ...ItemSide[]]; way: EdgeWayChange }> = {
  id: 'set-edge-way',
  run(design, { at, way }) {
    const found = findFreeItems(design, [...new Set(at.map(({ item }) => item))]);
    if (!found.ok) return found;
    const { splash } = way;
    const sound = splash && 'height' in splash ? within('splash', splash.height, 0, MOST_SPLASH) : ok(null);
    if (!sound.ok) return sound;
    const changed: ItemRecord[] = [];
    for (const { record } of found.value) {
      const after = withWay(record, at, way);
      if (!after.ok) return after;
      changed.push(after.value);
    }
    return guarded(design, patchOf(design, changed));
  },
};

function withWay(
  { topEdges: before, ...item }: ItemRecord,
  at: readonly ItemSide[],
  { profile, splash, waterfall }: EdgeWayChange,
): Result<ItemRecord> {
  const topEdges: TopEdgeWays = { ...before };
  for (const { item: id, side } of at) {
    if (id !== item.id) continue;
    const own: TopEdgeWay = { ...topEdges[side] };
    if ((splash || waterfall) && !splashSides.some((one) => one === side))
      return refuse('edge-is-front', { item: item.code });
    if (profile === null) delete own.profile;
    else if (profile) own.profile = profile;
    if (splash === null) delete own.splash;
    else if (splash) own.splash = saidSplash(splash);
    if (waterfall === false) delete own.waterfall;
    else if (waterfall) own.waterfall = true;
    if (Object.keys(own).length > 0) topEdges[side] = own;
    else delete topEdges[side];
  }
  return ok(Object.keys(topEdges).length > 0 ? { ...item, topEdges } : item);
}

const saidSplash = (splash: { height: number } | { full: true }): TopSplash =>
  'height' in splash ? { height: quantise(splash.height) } : { full: true };
