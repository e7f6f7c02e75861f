import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { itemBoxes } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { lineSize } from '../labels/text-label';
import { TEXT } from '../primitives';
import { drawElevation } from './draw-elevation';

const SCALE = 20;
const HALF = lineSize('W1', TEXT.small, SCALE).height / 2;

/** Where the name of a window stands whose middle is so far below the wall unit that hangs before its upper half, mm. */
function nameUnder(below: number): { at: number; middle: number; bottom: number } {
  const builder = rectangle(4000, 3000);
  const unit = builder.set('U600/720', 'face-a', 1000);
  const bottom = itemBoxes(builder.design).find(({ id }) => id === unit)!.low;
  const [height, middle] = [1000, bottom - below];
  builder.open('face-a', 'window', 1000, { width: 600, height, sill: middle - height / 2 });
  const face = roomShape(builder.design).faces.find(({ id }) => id === 'face-a')!;
  const marks = drawElevation(builder.design, face, SCALE);
  const name = marks.find((mark) => mark.type === 'text' && mark.text === 'W1');
  return { at: name?.type === 'text' ? name.at.y : NaN, middle, bottom };
}

describe('the name of a window', () => {
  it.each([
    ['well below what hangs before it', 200, true],
    ['just as high as it needs', HALF + 0.1, true],
    ['with its top behind that', HALF - 0.1, false],
    ['with its middle just below that', 0.1, false],
  ])('in its middle, %s: %d below', (_, below, stays) => {
    const { at, middle, bottom } = nameUnder(below);
    expect(Math.abs(at - middle) < 1e-9).toBe(stays);
    // Wherever it stands, all of it is on what is seen of the window.
    expect(at).toBeLessThanOrEqual(bottom - HALF);
    expect(at).toBeGreaterThan(middle - 500);
  });
});
