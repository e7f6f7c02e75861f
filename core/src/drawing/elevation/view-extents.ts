import { rememberBoth } from '../../document/remember';
import type { ItemBox } from '../../setting/item-box';
import type { ViewFrame } from './view-frame';

/** Where an item lies along a view, mm from its left end. */
export const spanAlong = rememberBoth((frame: ViewFrame, { rectangle, footprint, kind }: ItemBox) => {
  const corners = kind.plan ? footprint : rectangle;
  const alongs = corners.map((corner) => frame.project(corner).along);
  return { left: Math.min(...alongs), right: Math.max(...alongs) };
});
