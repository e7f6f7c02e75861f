import { describe, expect, it } from 'vitest';
import { board, type Machining } from '../../shop/parts/board';
import type { Part } from '../../shop/parts/part';
import { partDrawing } from './part-drawing';
import { row } from './part-rows';

const SCALE = 10;

/** A shelf 600 by 400 with some of it cut away: from where to where across, and from where to where out. */
function told(
  ...notches: readonly (readonly [x: readonly [number, number], y: readonly [number, number]])[]
) {
  const machining = notches.map(([x, y]): Machining => ({
    ...{ type: 'notch', face: 'top', cut: { x, y, z: [0, 18] } },
  }));
  const boards = board('shelf', 'shelf', { x: [0, 600], y: [0, 400], z: [0, 18] }, ['z', 'x'], { machining });
  const part = { boards, edged: [], edging: 0 } as Partial<Part> as Part;
  const texts = partDrawing(part, SCALE, (mm) => String(mm)).flatMap((mark) =>
    mark.type === 'text' ? [mark] : [],
  );
  const along = (upright: boolean) =>
    texts
      .filter(({ turn }) => (turn !== 0) === upright)
      .sort((a, b) => (upright ? b.at.x - a.at.x || a.at.y - b.at.y : b.at.y - a.at.y || a.at.x - b.at.x))
      .map(({ text }) => text);
  return { across: along(false), out: along(true) };
}

describe('the drawing of a part', () => {
  it('says how large it is', () => {
    expect(told()).toEqual({ across: ['600'], out: ['400'] });
  });

  it('says where every hole is, of even steps the ends alone where they would crowd', () => {
    // 4 paper mm each, at 1 to 10: ten take 400, which is less than 1.5 times 267 and more than 1.5 times 266.
    const places = [20, 52, 84, 116, 148, 180, 212, 244, 250, 256];
    const told = (size: number) =>
      row(places, size, { from: 0, out: 1, upright: true }, SCALE, String).flatMap((mark) =>
        mark.type === 'text' ? [mark.text] : [],
      );
    expect(told(267)).toEqual(places.map(String));
    expect(told(266)).toEqual(['20', '244', '256']);
  });

  it('says from corner to corner where it is notched, all of it beside that', () => {
    // Seen from above its front is below: what is cut out of its back is at the top.
    expect(
      told([
        [200, 350],
        [0, 100],
      ]),
    ).toEqual({
      across: ['200', '150', '250', '600'],
      out: ['300', '100', '400'],
    });
    expect(
      told(
        [
          [0, 90],
          [0, 100],
        ],
        [
          [60, 200],
          [0, 40],
        ],
      ),
    ).toEqual({
      across: ['90', '110', '400', '600'],
      out: ['300', '60', '40', '400'],
    });
  });
});
