import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { moveFace } from '../commands/move-face';
import { putUnderlay } from '../commands/put-underlay';
import { scaleUnderlay } from '../commands/scale-underlay';
import { recordOf } from '../document/design';
import type { UnderlayRecord } from '../document/records';
import type { Result } from '../result';
import { refusalText } from '../wording/refusal-text';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const picture: UnderlayRecord = {
  kind: 'underlay',
  id: 'u',
  file: 'f',
  name: 'sketch.png',
  pixelsWide: 1000,
  pixelsHigh: 800,
  x: 100,
  y: -200,
  turn: 0.1,
  mmPerPixel: 2,
  fade: 0.5,
  locked: false,
};
/** Where a pixel of the underlay lies. */
const at = ({ x, y, turn, mmPerPixel }: UnderlayRecord, across: number, down: number) => ({
  x: x + mmPerPixel * (across * Math.cos(turn) + down * Math.sin(turn)),
  y: y + mmPerPixel * (across * Math.sin(turn) - down * Math.cos(turn)),
});
const laid = () => {
  const builder = rectangle();
  builder.run(putUnderlay, picture);
  return builder;
};
const under = (builder: ReturnType<typeof laid>) => recordOf(builder.design, 'underlay', 'u')!;

describe('an underlay', () => {
  it('is scaled by two of its places and the true length between them; the first stays', () => {
    const builder = laid();
    const [from, to] = [at(picture, 150, 40), at(picture, 700, 420)];
    builder.run(scaleUnderlay, { id: 'u', from, to, length: 3000 });
    const [a, b] = [at(under(builder), 150, 40), at(under(builder), 700, 420)];
    expect(Math.hypot(b.x - a.x, b.y - a.y)).toBeCloseTo(3000, 6);
    expect(Math.hypot(a.x - from.x, a.y - from.y)).toBeLessThan(1e-5);
  });

  it('keeps its place under the walls when the first corner moves', () => {
    const builder = laid();
    builder.run(moveFace, { face: 'face-d', by: 250 });
    expect(under(builder)).toMatchObject({ x: 350, y: -200, turn: 0.1, mmPerPixel: 2 });
  });

  it.each([
    ['no length', { from: { x: 0, y: 0 }, to: { x: 0, y: 0 }, length: 100 }, 'two places are the same'],
    [
      'a length of nothing',
      { from: { x: 0, y: 0 }, to: { x: 9, y: 0 }, length: 0 },
      'The true length can’t be 0 mm',
    ],
    [
      'a scale past all measure',
      { from: { x: 100, y: -200 }, to: { x: 100.01, y: -200 }, length: 20_000 },
      'The scale in mm a pixel can’t be',
    ],
  ])('is not scaled by %s', (_, args, reason) => {
    expect(sentence(scaleUnderlay.run(laid().design, { id: 'u', ...args }))).toContain(reason);
  });
});
