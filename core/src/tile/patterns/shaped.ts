import type { Measure, Repeat, Spot } from '../pattern';
import { across, along, NONE, round, sum, times } from './spots';

/** Across the flats of a tile, with its joint. */
const F = along(1);
const HALF = along(0.5);
const ORIGIN = 'middle';
const RISE = Math.sqrt(3) / 2;

const turned = (angle: number): [number, number] => [Math.cos(angle), Math.sin(angle)];
const corners = (count: number, first: number) =>
  Array.from({ length: count }, (_, index) => turned(first + (index / count) * 2 * Math.PI));

/** Corners up and down. */
export const hexagon: Repeat = {
  a: [F, NONE],
  b: [HALF, times(RISE, F)],
  pieces: [{ slot: 'hexagon', ring: round(times(1 / Math.sqrt(3), F), corners(6, Math.PI / 2)) }],
  origin: ORIGIN,
};

/** Corners left and right. */
export const hexagonOnFlat: Repeat = {
  a: [times(RISE, F), HALF],
  b: [NONE, F],
  pieces: [{ slot: 'hexagon', ring: round(times(1 / Math.sqrt(3), F), corners(6, 0)) }],
  origin: ORIGIN,
};

/** As long as the tile from point to point, the points square. */
export const longHexagon: Repeat = (() => {
  const point: Measure = [0.5, 0, Math.SQRT1_2];
  const half = across(0.5);
  const shoulder = sum(point, times(-1, half));
  const at = (x: Measure, sign: number, y: Measure, up: number): Spot => [times(sign, x), times(up, y)];
  return {
    a: [sum(point, shoulder), half],
    b: [NONE, across(1)],
    pieces: [
      {
        slot: 'tile',
        ring: [
          at(point, 1, half, 0),
          at(shoulder, 1, half, 1),
          at(shoulder, -1, half, 1),
          at(point, -1, half, 0),
          at(shoulder, -1, half, -1),
          at(shoulder, 1, half, -1),
        ],
      },
    ],
    origin: ORIGIN,
  };
})();

/** Squares with their corners cut off, and a dot on its corner where four meet: what is left of half a side is so much of the whole. */
const cutCorners = (slot: string, left: number): Repeat => {
  const ring: [number, number][] = [1, -1].flatMap((side): [number, number][] => [
    [side / 2, -side * left],
    [side / 2, side * left],
    [side * left, side / 2],
    [-side * left, side / 2],
  ]);
  const dot = 0.5 - left;
  return {
    a: [F, NONE],
    b: [NONE, F],
    pieces: [
      { slot, ring: round(F, ring) },
      {
        slot: 'dot',
        ring: round(F, [
          [0.5 + dot, 0.5],
          [0.5, 0.5 + dot],
          [0.5 - dot, 0.5],
          [0.5, 0.5 - dot],
        ]),
      },
    ],
    origin: ORIGIN,
  };
};

export const octagonAndDot = cutCorners('octagon', Math.tan(Math.PI / 8) / 2);
export const squareAndDot = cutCorners('square', 0.36);

/** Equilateral, their sides as long as the tile is wide. */
export const triangle: Repeat = (() => {
  const at = (x: number, y: number): Spot => [times(x, side), times(y * RISE, side)];
  const side: Measure = [1, 0, Math.sqrt(3)];
  return {
    a: at(1, 0),
    b: at(0.5, 1),
    pieces: [
      { slot: 'up', ring: [at(0, 0), at(1, 0), at(0.5, 1)] },
      { slot: 'down', ring: [at(1, 0), at(1.5, 1), at(0.5, 1)] },
    ],
    origin: 'corner',
  };
})();

/** Three to a hexagon, as blocks that tumble: their sides as long as the tile is wide. */
export const rhombus: Repeat = (() => {
  const side: Measure = [1, 0, 2 / Math.sqrt(3)];
  const spots = round(side, corners(6, Math.PI / 6));
  const piece = (slot: string, first: number) => ({
    slot,
    ring: [[NONE, NONE] as Spot, ...[0, 1, 2].map((next) => spots[(first + next) % 6]!)],
  });
  return {
    a: [times(2 * RISE, side), NONE],
    b: [times(RISE, side), times(1.5, side)],
    pieces: [piece('top', 0), piece('left', 2), piece('right', 4)],
    origin: ORIGIN,
  };
})();

/** Arcs are laid and counted as chords of so many degrees. */
const CHORD = 7.5;
const arc = (middle: readonly [number, number], from: number, to: number): [number, number][] => {
  const steps = Math.abs(to - from) / CHORD;
  return Array.from({ length: steps }, (_, step) => {
    const [x, y] = turned(((from + ((to - from) * step) / steps) * Math.PI) / 180);
    return [middle[0] + x, middle[1] + y];
  });
};

/** Round above, as wide as the tile, hollow below where the next ones come. */
export const fishScale: Repeat = {
  a: [F, NONE],
  b: [HALF, HALF],
  pieces: [
    {
      slot: 'scale',
      ring: round(HALF, [...arc([1, -1], 180, 90), ...arc([0, 0], 0, 180), ...arc([-1, -1], 90, 0)]),
    },
  ],
  origin: ORIGIN,
};

/** Round pieces as wide as the tile, as close as the joint allows. */
export const penny: Repeat = {
  a: [F, NONE],
  b: [HALF, times(RISE, F)],
  pieces: [{ slot: 'round', ring: round([0.5, 0, 0], arc([0, 0], 0, 360)), bare: true }],
  origin: ORIGIN,
};
