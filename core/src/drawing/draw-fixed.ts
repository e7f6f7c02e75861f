import type { Design } from '../document/design';
import type { FixedType } from '../document/fixture-types';
import { middle, place, type Point } from '../geometry/point';
import { fixedThings, type FixedThing } from '../survey/fixed-things';
import { atCut, isShown, type PlanMode } from './plan-cut';
import { DASH, line, outline, WEIGHT, type Primitive } from './primitives';

/** What is built into the room: solid things cut, low things seen from above, what hangs from the ceiling dashed. */
export function drawFixed(design: Design, mode: PlanMode, cut: number): Primitive[] {
  return fixedThings(design)
    .filter((thing) => isShown(mode, atCut(thing, cut)))
    .flatMap((thing) =>
      bodyOf(thing).map((mark) => {
        // Looked up at, what hangs from the ceiling is seen.
        if (mode !== 'ceiling' || mark.type !== 'path' || thing.record.type !== 'soffit')
          return { ...mark, source: thing.id };
        const { dash, ...seen } = mark;
        return dash ? { ...seen, weight: WEIGHT.object, source: thing.id } : { ...mark, source: thing.id };
      }),
    );
}

function bodyOf(thing: FixedThing): Primitive[] {
  const { record, footprint, circle, origin, u, n } = thing;
  const at = (across: number, out: number): Point => place(origin, u, across, n, out);
  const { width, depth } = record;
  if (record.corners && !circle) return [outlineAs(record.type, footprint)];
  switch (record.type) {
    case 'round-column':
      return [
        {
          type: 'arc',
          layer: 'walls',
          centre: circle!.centre,
          radius: circle!.radius,
          from: 0,
          sweep: 2 * Math.PI,
          weight: WEIGHT.cut,
          ink: 'drawing',
          fill: 'poche',
        },
      ];
    case 'radiator': {
      const fins = Math.max(2, Math.round(width / 100));
      return [
        outline('items', footprint, WEIGHT.object, 'drawing', 'item'),
        ...Array.from({ length: fins - 1 }, (_, index) => {
          const across = (width * (index + 1)) / fins;
          return line('items', [at(across, depth * 0.2), at(across, depth * 0.8)], WEIGHT.thin, 'drawing');
        }),
      ];
    }
    case 'step':
      return [
        outline('items', footprint, WEIGHT.object, 'drawing', 'item'),
        line(
          'items',
          [middle(footprint[3]!, footprint[2]!), middle(footprint[0]!, footprint[1]!)],
          WEIGHT.thin,
          'drawing',
        ),
        line(
          'items',
          [
            at(width / 2 - depth * 0.2, depth * 0.25),
            at(width / 2, 0),
            at(width / 2 + depth * 0.2, depth * 0.25),
          ],
          WEIGHT.thin,
          'drawing',
        ),
      ];
    case 'soffit':
      return [outlineAs('soffit', footprint)];
    case 'half-wall':
      return [
        outline('walls', footprint, WEIGHT.object, 'drawing', 'paper'),
        line(
          'walls',
          [middle(footprint[0]!, footprint[1]!), middle(footprint[3]!, footprint[2]!)],
          WEIGHT.thin,
          'drawing',
        ),
      ];
    case 'pipe-box':
    case 'chase':
      return [
        outline('walls', footprint, WEIGHT.object, 'drawing', 'item'),
        line('walls', [footprint[0]!, footprint[2]!], WEIGHT.thin, 'drawing'),
        line('walls', [footprint[1]!, footprint[3]!], WEIGHT.thin, 'drawing'),
      ];
    default:
      return [outlineAs(record.type, footprint)];
  }
}

/** The bare outline of a thing of a type: cut, seen from above, or dashed where it hangs. */
function outlineAs(type: FixedType, footprint: readonly Point[]): Primitive {
  if (type === 'soffit') return { ...outline('walls', footprint, WEIGHT.thin, 'drawing'), dash: DASH };
  if (type === 'lining') return outline('walls', footprint, WEIGHT.object, 'drawing', 'item');
  const low = type === 'step' || type === 'radiator' || type === 'half-wall';
  const boxed = type === 'chase' || type === 'pipe-box';
  if (low || boxed) return outline('walls', footprint, WEIGHT.object, 'drawing', 'item');
  return outline('walls', footprint, WEIGHT.cut, 'drawing', 'poche');
}
