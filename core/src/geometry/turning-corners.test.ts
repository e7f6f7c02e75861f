import { expect, it } from 'vitest';
import { turningCorners } from './turning-corners';

const at = (...places: [number, number][]) => places.map(([x, y]) => ({ x, y }));

it('leaves out the corners at which a ring goes straight on, wherever it begins', () => {
  const square = at([0, 0], [900, 0], [900, 900], [0, 900]);
  expect(turningCorners(square)).toEqual(square);
  const cut = at([300, 0], [600, 0.001], [900, 0], [900, 450], [900, 900], [0, 900], [0, 0]);
  expect(turningCorners(cut)).toEqual(at([900, 0], [900, 900], [0, 900], [0, 0]));
});

it('keeps a corner that is off by more than a region is right to, a spike, and a ring of no size', () => {
  const bent = at([0, 0], [300, -0.01], [600, 0], [600, 600], [0, 600]);
  expect(turningCorners(bent)).toEqual(bent);
  const spike = at([0, 0], [900, 0], [900, 900], [900, 1200], [900, 900], [0, 900]);
  expect(turningCorners(spike)).toContainEqual({ x: 900, y: 1200 });
  const flat = at([0, 0], [300, 0], [600, 0]);
  expect(turningCorners(flat)).toBe(flat);
});
