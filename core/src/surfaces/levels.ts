import { TOUCH } from '../geometry/tolerance';

/** Things by their heights, mm, from the lowest up: heights that differ by what no eye could see are one. */
export function levelsOf<T>(things: readonly T[], heightOf: (thing: T) => number): T[][] {
  const levels: { at: number; things: T[] }[] = [];
  const upwards = things.map((thing) => ({ thing, at: heightOf(thing) })).sort((a, b) => a.at - b.at);
  for (const { thing, at } of upwards) {
    const level = levels.at(-1);
    if (level && at - level.at <= TOUCH) level.things.push(thing);
    else levels.push({ at, things: [thing] });
  }
  return levels.map((level) => level.things);
}
