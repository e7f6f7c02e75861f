import { CLOSED, type FillProblem, type FillSegment } from './fill-problem';
import { ticks } from './fill-values';
import type { Compositions } from './compositions';

/** How much of a segment cabinets take, and the fillers at its ends, ticks. */
export interface SegmentOption {
  total: number;
  left: number;
  right: number;
}

/** Every way to divide a segment between cabinets and fillers that can be made, with the least filler first. */
export function segmentOptions(
  segment: FillSegment,
  made: Compositions,
  filler: FillProblem['filler'],
): SegmentOption[] {
  const length = ticks(segment.to) - ticks(segment.from);
  const [left, right] = [ticks(segment.left), ticks(segment.right)];
  const options: SegmentOption[] = [];
  const add = (option: SegmentOption) => {
    const known = options.some((one) => one.total === option.total && one.left === option.left);
    if (!known && [option.left, option.right].every((width) => isClosable(width, filler)))
      options.push(option);
  };
  for (const total of made.upTo(length).reverse()) {
    const slack = length - total - left - right;
    // Nothing but one filler from end to end.
    if (total === 0) add({ total, left: length, right: 0 });
    else if (slack >= 0) for (const at of segment.slackAt) add({ total, ...closed(slack, at) });
  }
  return options;

  function closed(slack: number, at: FillSegment['slackAt'][number]) {
    const toLeft = at === 'left' ? slack : at === 'right' ? 0 : Math.floor(slack / 2);
    return { left: left + toLeft, right: right + slack - toLeft };
  }
}

/** Whether a filler of this width, ticks, is one that can be made, or none at all. */
function isClosable(width: number, { least, most }: FillProblem['filler']): boolean {
  return width < ticks(CLOSED) || (width >= ticks(least) && width <= ticks(most));
}
