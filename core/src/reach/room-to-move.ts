import { perDesign, type Design } from '../document/design';
import { middle, type Point } from '../geometry/point';
import { takenWays } from './facts/ways';
import type { Finding } from './finding';
import { readings } from './measure';
import type { MeasureId } from './measures';
import { turningCircle } from './measures/turning-circle';

/** A way that people take: its ends, the line one walks, and where it is narrowest, mm. */
export interface WalkedWay {
  ids: readonly [string, string];
  line: readonly Point[];
  width: number;
  from: Point;
  to: Point;
}

/** The ways from each doorway to the others and to where one works, as one walks them: down the middle, without sudden turns. */
export const walkedWays: (design: Design) => readonly WalkedWay[] = perDesign((design) =>
  takenWays(design)
    .filter(({ way }) => way.length > 1)
    .map(({ ids, way, width, from, to }) => ({ ids, width, from, to, line: softened(way) })),
);

/** The largest circle on the free floor, as a polygon, and how wide it is, mm. */
export function roomToTurn(design: Design): { place: readonly Point[]; across: number } | null {
  const [reading] = readings(turningCircle, design, NOTHING);
  const across = reading?.values['largest-clear-circle'] ?? 0;
  return reading && across > 0 ? { place: reading.place, across } : null;
}
const NOTHING = {};

/** Measures whose place is floor that must be clear, or counter that must be free. */
const KEPT_FREE: ReadonlySet<MeasureId> = new Set<MeasureId>([
  ...(['clear-floor', 'in-front', 'toilet-floor', 'behind-seats', 'aisle'] as const),
  ...(['sink-landing', 'cooking-landing', 'oven-landing', 'refrigerator-landing', 'prep-counter'] as const),
  ...(['microwave-landing', 'combined-landing'] as const),
]);

/** Findings whose place is ground or counter to be kept free. */
export const isKeptFree = ({ measure }: Finding): boolean => KEPT_FREE.has(measure);

/** A line through the middles of the stretches of another, three times over: without its corners, its ends where they were. */
function softened(line: readonly Point[]): readonly Point[] {
  let soft = line;
  for (let round = 0; round < 3; round++) {
    const middles = soft.slice(1).map((at, index) => middle(soft[index]!, at));
    soft = [soft[0]!, ...middles, soft.at(-1)!];
  }
  return soft;
}
