import { CLOSED, type EndFiller, type FillProblem, type FillSegment, type SlackAt } from './fill-problem';
import { ticks } from './fill-values';
import type { Compositions } from './compositions';

/** How much of a segment cabinets take, which of the loose things stand in it (a bit each), and the fillers at its ends, ticks. */
export interface SegmentOption {
  total: number;
  loose: number;
  left: number;
  right: number;
}

/** Every way to divide a segment between cabinets, the loose things that stand in it, so wide together in ticks, and fillers that can be made, with the least filler first. */
export function segmentOptions(
  segment: FillSegment,
  made: Compositions,
  filler: FillProblem['filler'],
  loose = 0,
  wide = 0,
): SegmentOption[] {
  const length = ticks(segment.to) - ticks(segment.from) - wide;
  const options: SegmentOption[] = [];
  const add = (option: SegmentOption) => {
    const known = options.some((one) => one.total === option.total && one.left === option.left);
    if (!known && [option.left, option.right].every((width) => isClosable(width, filler)))
      options.push(option);
  };
  if (length < 0) return [];
  for (const total of made.upTo(length).reverse()) {
    // Nothing but one filler from end to end.
    if (total === 0 && loose === 0) {
      if (length <= ticks(Math.max(segment.left.most, segment.right.most)))
        add({ total, loose, left: length, right: 0 });
      continue;
    }
    for (const left of endsOf(segment.left))
      for (const right of endsOf(segment.right))
        for (const at of segment.slackAt) {
          const shared = share(length - total, left, right, at);
          if (shared) add({ total, loose, ...shared });
        }
  }
  return options;
}

/** The fillers an end can have: none, or one from a least width to a greatest; ticks. */
function endsOf({ least, most, optional }: EndFiller): { least: number; most: number }[] {
  const none = { least: 0, most: 0 };
  if (most === 0) return [none];
  const own = { least: ticks(least), most: ticks(most) };
  return optional && least > 0 ? [none, own] : [own];
}

/** What is left over, shared out between two ends: where it is best, as far as there is room, the rest at the other; null where it does not go in. */
function share(
  over: number,
  left: { least: number; most: number },
  right: { least: number; most: number },
  at: SlackAt,
): { left: number; right: number } | null {
  const slack = over - left.least - right.least;
  if (slack < 0 || over > left.most + right.most) return null;
  const wanted = at === 'left' ? slack : at === 'right' ? 0 : Math.floor(slack / 2);
  const [fewest, most] = [over - right.most, left.most];
  const own = Math.max(fewest, Math.min(most, left.least + wanted));
  return { left: own, right: over - own };
}

/** Whether a filler of this width, ticks, is one that can be made, or none at all. */
function isClosable(width: number, { least, most, scribed }: FillProblem['filler']): boolean {
  return width < ticks(CLOSED) || ((scribed || width >= ticks(least)) && width <= ticks(most));
}
