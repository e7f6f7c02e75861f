import { ellipse } from '../../geometry/ellipse';
import type { FrontPart } from '../../solids/front-parts';
import { leafBoards } from '../../surfaces/door-styles';
import { handleOf } from '../../solids/handles';

/** A line on a front, in the front's own frame: across and up, mm. */
type FrontLine = readonly (readonly [across: number, up: number])[];

const rim = (left: number, right: number, low: number, high: number): FrontLine => [
  [left, low],
  [right, low],
  [right, high],
  [left, high],
  [left, low],
];

/** What is seen of how a leaf is made. */
export function styleLines({ style, left, right, low, high, glass, boards }: FrontPart): FrontLine[] {
  if (!style && !boards) return [];
  return (boards ?? leafBoards(style!, { wide: right - left, high: high - low, ...(glass && { glass }) }))
    .filter(({ edged }) => edged)
    .map((board) => rim(left + board.left, left + board.right, low + board.low, low + board.high));
}

/** What a leaf is taken hold of by, as it is drawn: a bar as one stroke, all else by its outline. */
export function handleLines(part: FrontPart): FrontLine[] {
  const handle = handleOf(part);
  if (!handle) return [];
  const { by, across, up, half } = handle;
  const [left, right] = [across - half.across, across + half.across];
  switch (by) {
    case 'bar':
      return half.up > half.across
        ? [
            [
              [across, up - half.up],
              [across, up + half.up],
            ],
          ]
        : [
            [
              [left, up],
              [right, up],
            ],
          ];
    case 'knob': {
      const ring = ellipse(half.across, half.up).map(({ x, y }) => [across + x, up + y] as const);
      return [[...ring, ring[0]!]];
    }
    case 'cup':
    case 'edge':
      return [rim(left, right, up - half.up, up + half.up)];
  }
}
