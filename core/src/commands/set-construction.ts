import { recordsOf, type Design } from '../document/design';
import { LEAST_DRAWER_SIZE, MOST_DRAWER_SIZE, MOST_DRAWER_SIZES, wayLengths } from '../document/way-limits';
import { patchOf, type Patch } from '../document/patch';
import type { BuildWays, ConstructionRecord } from '../document/records';
import type { WayKey } from '../document/kinds/build-ways';
import { isWayLength, wayOf, waysOf } from '../ranges/build-ways';
import { constructionOf, constructionOfItem, type ConstructionMethod } from '../ranges/construction';
import { findRange, rangesOf } from '../ranges/shelf';
import { ok, refuse, type Result } from '../result';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

/** Ways of building set otherwise; null: as the range, or the range by itself, says. */
export type WaysChange = { readonly [K in WayKey]?: BuildWays[K] | null };

/** Sets how the cabinets of a range are built in this room, or some items by themselves. */
export const setConstruction: Command<
  { ways: WaysChange } & ({ range: string } | { ids: readonly string[] })
> = {
  id: 'set-construction',
  run(design, args) {
    const ways = asStored(args.ways);
    const faults = Object.entries(ways).map(([key, value]) => sound(key as WayKey, value));
    for (const fault of faults) if (!fault.ok) return fault;
    return 'range' in args ? ofRange(design, args.range, ways) : ofItems(design, args.ids, ways);
  },
};

function ofRange(design: Design, range: string, ways: WaysChange): Result<Patch> {
  const own = findRange(range, rangesOf(design));
  if (!own) return refuse('sheet-unknown', { what: 'range', value: range, known: buildable(design) });
  const before = recordsOf(design, 'construction').find((one) => one.range === range);
  const next = changed(before?.ways, ways);
  const after = constructionOf({ ...own, ways: next ?? {} });
  const built = refused({ before: constructionOf(own), after, of: own.name }, ways);
  if (built) return built;
  if (!next) return before ? guarded(design, patchOf(design, [], [before.id])) : ok([]);
  const record: ConstructionRecord = {
    kind: 'construction',
    id: before?.id ?? constructionId(design, range),
    ...{ range, ways: next },
  };
  return guarded(design, patchOf(design, [record]));
}

const buildable = (design: Design): string[] =>
  rangesOf(design)
    .filter((one) => constructionOf(one))
    .map(({ id }) => id);

/** The same for everybody who first sets it, so that of two at once there is one record. */
function constructionId({ records }: Design, range: string): string {
  const id = `built-${range}`.slice(0, 60);
  return records[id] === undefined ? id : `${id}-2`;
}

function ofItems(design: Design, ids: readonly string[], ways: WaysChange): Result<Patch> {
  const found = findFreeItems(design, ids);
  if (!found.ok) return found;
  const known = rangesOf(design);
  const items = found.value.map(({ record: { built: before, ...item } }) => {
    const built = changed(before, ways);
    return built ? { ...item, built } : item;
  });
  for (const [index, item] of items.entries()) {
    const [before, after] = [found.value[index]!.record, item].map((one) => constructionOfItem(one, known));
    const built = refused({ before: before!, after: after!, of: item.code }, ways);
    if (built) return built;
  }
  return guarded(design, patchOf(design, items));
}

/** What holds after a change; null where nothing is otherwise. */
function changed(before: BuildWays | undefined, ways: WaysChange): BuildWays | null {
  const kept = Object.entries({ ...before, ...ways }).filter(([, value]) => value !== null);
  return kept.length > 0 ? (Object.fromEntries(kept) as BuildWays) : null;
}

const asStored = (ways: WaysChange): WaysChange =>
  Object.fromEntries(
    Object.entries(ways).map(([key, value]) => {
      if (Array.isArray(value)) return [key, value.map(quantise)];
      return [key, typeof value === 'number' ? quantise(value) : value];
    }),
  );

/** Whether a value can be set, by itself. */
function sound(key: WayKey, value: WaysChange[WayKey]): Result<unknown> {
  if (isWayLength(key) && typeof value === 'number') {
    const [least, most] = wayLengths[key];
    return value >= least && value <= most
      ? ok(null)
      : refuse('way-range', { way: key, length: value, least, most });
  }
  if (!Array.isArray(value)) return ok(null);
  if (value.length === 0 || value.length > MOST_DRAWER_SIZES)
    return refuse('way-sizes', { way: key, found: value.length, most: MOST_DRAWER_SIZES });
  for (const size of value) {
    if (!(size >= LEAST_DRAWER_SIZE && size <= MOST_DRAWER_SIZE))
      return refuse('way-range', {
        ...{ way: key, length: size, least: LEAST_DRAWER_SIZE, most: MOST_DRAWER_SIZE },
      });
  }
  return ok(null);
}

/** Ways that bring others with them. */
const LEADING: readonly WayKey[] = ['backWay', 'fronts', 'runners'];

/** Why ways can't be set so with all else that is set: what is built has no such thing, or boards are too thin or too thick for it. */
function refused(
  { before, after, of }: { before: ConstructionMethod | null; after: ConstructionMethod | null; of: string },
  ways: WaysChange,
): (Result<never> & { ok: false }) | null {
  if (!before || !after) return refuse('way-none', { of });
  const known = waysOf(after);
  const asked = (Object.keys(ways) as WayKey[]).filter((key) => ways[key] !== undefined);
  for (const key of asked) {
    const value = ways[key];
    if (value === null) continue;
    if (!known.includes(key)) return refuse('way-lacking', { way: key, of });
    const got = wayOf(after, key);
    if (typeof value === 'number' && typeof got === 'number' && Math.abs(got - value) > SAME)
      return refuse('way-held', { way: key, is: got });
  }
  if (asked.some((key) => LEADING.includes(key))) return null;
  for (const key of known.filter((one) => !asked.includes(one))) {
    const [was, is] = [wayOf(before, key), wayOf(after, key)];
    if (typeof was === 'number' && typeof is === 'number' && Math.abs(was - is) > SAME)
      return refuse('way-moves', { way: key, was, is });
  }
  return null;
}
const SAME = 1e-6;
