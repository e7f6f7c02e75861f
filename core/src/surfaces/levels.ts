import { TOUCH } from '../geometry/tolerance';

/** Things by their heights, mm, from the lowest up: heights that differ by what no eye could see are one. */
export function levelsOf<T>(things: readonly T[], heightOf: (thing: T) => number): T[][] {
  const levels: { at: number; things: T[] }[] = [];
  for (const thing of things.toSorted((a, b) => heightOf(a) - heightOf(b))) {
    const level = levels.at(-1);
    if (level && heightOf(thing) - level.at <= TOUCH) level.things.push(thing);
    else levels.push({ at: heightOf(thing), things: [thing] });
  }
  return levels.map((level) => level.things);
}
