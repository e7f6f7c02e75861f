import type { Point } from '../geometry/point';
import { circle } from './item-symbols';
import { TEXT, WEIGHT, type Primitive } from './primitives';

/** Radius of a number's circle, paper mm. */
export const BALLOON = 2.6;

/** The number of an item in its circle, of a radius in the drawing's millimetres. */
export function balloon(source: string, number: number, at: Point, radius: number): Primitive[] {
  return [
    { ...circle(at, radius, WEIGHT.thin), layer: 'numbers', fill: 'paper', source },
    {
      type: 'text',
      layer: 'numbers',
      at,
      text: String(number),
      size: TEXT.small,
      anchor: 'middle',
      turn: 0,
      ink: 'drawing',
      source,
    },
  ];
}
