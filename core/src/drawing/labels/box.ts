import { overlapDepth } from '../../geometry/convex';
import type { Point } from '../../geometry/point';
import {
  boundsCorners,
  boundsMeet,
  boundsOf,
  contains,
  segmentsCross,
  type Bounds,
} from '../../geometry/polygon';
import type { TextMark } from '../primitives';
import { CAP_HEIGHT, textWidth } from '../text-layout';

/** A rectangle on a drawing, turned or not, in the drawing's millimetres. */
export interface Box {
  /** Counter-clockwise from its lower left. */
  corners: readonly Point[];
  bounds: Bounds;
  /** Whether its sides run along the drawing's, so that it is its extent. */
  upright: boolean;
}

/** A box that is its extent. Thousands are tried for the labels of a drawing, and of most only the extent is asked. */
class UprightBox implements Box {
  readonly upright = true;
  #corners: readonly Point[] | null = null;

  constructor(readonly bounds: Bounds) {}

  get corners(): readonly Point[] {
    return (this.#corners ??= boundsCorners(this.bounds));
  }
}

/** A box about a place. */
export function boxAt(at: Point, wide: number, high: number, turn = 0): Box {
  const [x, y] = [wide / 2, high / 2];
  if (turn === 0) return new UprightBox({ left: at.x - x, right: at.x + x, bottom: at.y - y, top: at.y + y });
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const corners = [
    [-x, -y],
    [x, -y],
    [x, y],
    [-x, y],
  ].map(([along, up]) => ({
    x: at.x + along! * cos - up! * sin,
    y: at.y + along! * sin + up! * cos,
  }));
  return { corners, bounds: boundsOf(corners), upright: false };
}

/** What is left free about letters, paper mm. */
export const ABOUT_TEXT = 0.3;

/** What a text takes at a scale: its letters, as high as capitals, and a little about them. */
export function textBox(mark: TextMark, scale: number): Box {
  const { at, text, size, anchor, turn, bold } = mark;
  const wide = textWidth(text, size, bold);
  const off = anchor === 'start' ? wide / 2 : anchor === 'end' ? -wide / 2 : 0;
  const middle = {
    x: at.x + off * scale * Math.cos(turn),
    y: at.y + off * scale * Math.sin(turn),
  };
  const about = 2 * ABOUT_TEXT;
  return boxAt(middle, (wide + about) * scale, (size * CAP_HEIGHT + about) * scale, turn);
}

/** Whether two boxes lie over one another; touching ones do not. */
export function boxesMeet(a: Box, b: Box): boolean {
  if (!boundsMeet(a.bounds, b.bounds)) return false;
  return (a.upright && b.upright) || overlapDepth(a.corners, b.corners) > 0;
}

/** Whether a stroke runs into a box. */
export function strokeMeets(box: Box, a: Point, b: Point): boolean {
  const { corners } = box;
  if (contains(corners, a) || contains(corners, b)) return true;
  return corners.some((corner, index) => segmentsCross(a, b, corner, corners[(index + 1) % 4]!));
}
