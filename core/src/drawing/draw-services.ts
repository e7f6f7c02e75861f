import type { ServiceType } from '../document/fixture-types';
import { place, type Point } from '../geometry/point';
import { line, outline, TEXT, WEIGHT, type ArcMark, type Primitive } from './primitives';

/** How wide and high a symbol is, paper mm. */
export const SERVICE_SYMBOL = 3.4;
const HALF = SERVICE_SYMBOL / 2;

/** The symbol of a service type on its own, its middle at the origin, for lists and legends. */
export function drawServiceSymbol(type: ServiceType): Primitive[] {
  return serviceSymbol(type, { x: 0, y: 0 }, { x: 1, y: 0 }, { x: 0, y: -1 }, 1);
}

/** The symbol of a service about a place: u across it, n out from its face. */
export function serviceSymbol(
  type: ServiceType,
  centre: Point,
  u: Point,
  n: Point,
  scaleBy: number,
): Primitive[] {
  const size = HALF * scaleBy;
  const at = (across: number, out: number): Point => place(centre, u, across * size, n, out * size);
  const stroke = (...points: Point[]) => line('services', points, WEIGHT.top, 'measure');
  const ring = (radius: number, fill: 'paper' | 'measure'): ArcMark => ({
    type: 'arc',
    layer: 'services',
    centre,
    radius: radius * size,
    from: 0,
    sweep: 2 * Math.PI,
    weight: WEIGHT.top,
    ink: 'measure',
    fill,
  });
  const square = outline(
    'services',
    [at(-1, -1), at(1, -1), at(1, 1), at(-1, 1)],
    WEIGHT.top,
    'measure',
    'paper',
  );
  const letter = (text: string): Primitive => ({
    type: 'text',
    layer: 'services',
    at: centre,
    text,
    size: TEXT.small,
    anchor: 'middle',
    turn: 0,
    ink: 'measure',
    bold: true,
  });
  switch (type) {
    case 'cold':
      return [ring(1, 'paper'), letter('C')];
    case 'hot':
      return [ring(1, 'paper'), letter('H')];
    case 'drain':
      return [ring(1, 'paper'), ring(0.45, 'measure')];
    case 'gas':
      return [
        outline(
          'services',
          [at(0, -1.25), at(1.25, 0), at(0, 1.25), at(-1.25, 0)],
          WEIGHT.top,
          'measure',
          'paper',
        ),
        letter('G'),
      ];
    case 'socket':
      return [square, stroke(at(-0.5, -0.45), at(-0.5, 0.45)), stroke(at(0.5, -0.45), at(0.5, 0.45))];
    case 'switch':
      return [ring(0.5, 'measure'), stroke(at(0, 0), at(0.9, 1.1), at(1.4, 0.7))];
    case 'light':
      return [ring(1, 'paper'), stroke(at(-0.7, -0.7), at(0.7, 0.7)), stroke(at(-0.7, 0.7), at(0.7, -0.7))];
    case 'data':
      return [
        outline('services', [at(-1.1, 0.9), at(0, -1.1), at(1.1, 0.9)], WEIGHT.top, 'measure', 'paper'),
      ];
    case 'vent':
      return [square, ...[-0.5, 0, 0.5].map((out) => stroke(at(-0.65, out), at(0.65, out)))];
    case 'extract':
      return [square, ring(0.6, 'measure')];
  }
}
