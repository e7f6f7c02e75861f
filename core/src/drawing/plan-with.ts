import { roomOf, type Design } from '../document/design';
import type { DimensionEnd } from '../document/records';
import type { Point } from '../geometry/point';
import { boundsOf, type Bounds } from '../geometry/polygon';
import { placedDividers } from '../survey/zones';
import { ownDimensions, planView } from './dimensions/own-dimensions';
import { drawChains } from './dimensions/plan-chains';
import { CEILING, PLAN } from './dimensions/row-ways';
import { drawBoxes, drawItems } from './draw-items';
import { usualCut, type PlanMode } from './plan-cut';
import { drawFixed } from './draw-fixed';
import { drawSectionLines } from './draw-section-lines';
import { drawWalls } from './draw-walls';
import { numberLabels } from './labels/number-labels';
import { bothDrawn, drawn } from './labels/drawn';
import { labelledOn } from './labels/labelled';
import { labelWays } from './labels/label-ways';
import { roomNames } from './labels/room-names';
import { serviceLabels } from './labels/service-labels';
import { faceLetters, openingNames, wallNotes } from './labels/wall-labels';
import { findBox } from '../setting/item-box';
import { DASH, line, WEIGHT, type Layer, type Medium, type Primitive } from './primitives';
import { textWidth } from './text-layout';

/** What a plan leaves away while its shape is being dragged: what takes long to place, and would be out of date. */
export const WHILE_MOVING: readonly Layer[] = ['dimensions', 'labels', 'numbers', 'tops', 'trims', 'tiles'];

/** What of a plan lies within the rest, so that it says nothing of how far that reaches. */
export const WITHIN: readonly Layer[] = ['labels', 'numbers', 'tops', 'trims', 'tiles'];

/** How a plan is drawn. */
export interface PlanOptions {
  /** Layers left away. */
  without?: readonly Layer[];
  mode?: PlanMode;
  /** Height above the floor at which the room is cut, mm. */
  cut?: number;
  /** Paper unless said. */
  medium?: Medium;
  /** Without the letters of the faces, where they are put later, about more than the plan. */
  unlettered?: boolean;
}

/** The surfaces of a room in plan: what items stand on, what is over those, and what lies on fixed things. */
export interface PlanSurfaces {
  under: readonly Primitive[];
  over: readonly Primitive[];
  onFixed: readonly Primitive[];
}

/** Draws the surfaces of a room in plan, as far as they are wanted. */
export type DrawSurfaces = (
  design: Design,
  mode: PlanMode,
  wanted: (layer: Layer) => boolean,
) => PlanSurfaces;

/** A plan with the surfaces of the room drawn so; without them while what draws them is not there. */
export function drawPlanWith(
  surfaces: DrawSurfaces | null,
  design: Design,
  scale: number,
  options: PlanOptions = {},
): Primitive[] {
  const { without = [], mode = 'wall-units', cut = usualCut(roomOf(design).unit) } = options;
  const { medium = 'paper' } = options;
  const wanted = (layer: Layer) => !without.includes(layer);
  const ceiling = mode === 'ceiling' ? cut : -Infinity;
  const laid = surfaces?.(design, mode, wanted);
  const things = [
    ...(laid?.under ?? []),
    ...drawItems(design, mode, cut),
    ...(laid?.over ?? []),
    ...drawWalls(design),
    ...drawFixed(design, mode, cut),
    ...(laid?.onFixed ?? []),
    ...drawDividers(design),
  ];
  // First what stands on the walls themselves, then the chains about them, then what may stand anywhere.
  const sections = wanted('sections') ? drawSectionLines(design, scale) : [];
  // A drag on a screen leaves labels away: then letters look only at one another.
  const isWhole = medium === 'paper' || wanted('labels') || wanted('numbers');
  const below = drawn(isWhole ? [...things, ...sections] : sections, scale);
  const letters = [
    ...(options.unlettered ? [] : faceLetters(design, scale)),
    ...serviceLabels(design, scale, ceiling),
  ];
  const view = mode === 'ceiling' ? CEILING : PLAN;
  const at = { scale, medium, ...(medium === 'paper' && { ways: labelWays(design, view) }) };
  const own = wanted('dimensions') ? ownOnPlan(design, mode, scale, wanted('items')) : [];
  const { leaders: stems, marks: onWalls } = labelledOn(letters, bothDrawn(below, drawn(own, scale)), at);
  const chains =
    wanted('dimensions') && mode !== 'ceiling'
      ? drawChains(design, at, [...sections, ...own, ...onWalls])
      : null;
  const written = [...onWalls, ...(chains?.marks ?? []), ...own];
  const labels = [
    ...(chains?.labels ?? []),
    ...(wanted('dimensions') ? wallNotes(design, scale) : []),
    ...(wanted('labels') ? openingNames(design, scale) : []),
    ...(wanted('numbers') ? numberLabels(design, { scale, mode, cut, medium }) : []),
    ...(wanted('labels') ? roomNames(design, scale) : []),
  ];
  const placed = labelledOn(labels, bothDrawn(below, drawn(written, scale)), at);
  const marks = [...things, ...sections, ...stems, ...placed.leaders, ...written, ...placed.marks];
  return without.length === 0 ? marks : marks.filter(({ layer }) => wanted(layer));
}

/** What a person has put on a plan; where no items are shown nothing is of them. */
function ownOnPlan(design: Design, mode: PlanMode, scale: number, items: boolean): Primitive[] {
  const view = mode === 'ceiling' ? CEILING : PLAN;
  const isShown = ({ of }: DimensionEnd) => items || design.records[of]?.kind !== 'item';
  return ownDimensions(design, planView(view), scale, isShown);
}

/** Some items of a plan by themselves, as when nothing else of it need be drawn. */
export function drawItemsAlone(
  design: Design,
  ids: readonly string[],
  options: PlanOptions = {},
): Primitive[] {
  const { without = [], mode = 'wall-units', cut = usualCut(roomOf(design).unit) } = options;
  const boxes = ids.flatMap((id) => findBox(design, id) ?? []);
  return drawBoxes(boxes, mode, cut).filter(({ layer }) => !without.includes(layer));
}

/** The dividing lines of an open plan. */
function drawDividers(design: Design): Primitive[] {
  return placedDividers(design).map(({ record, from, to }) => ({
    ...line('walls', [from, to], WEIGHT.top, 'drawing', DASH),
    source: record.id,
  }));
}

/** The extent of a drawing's marks, texts included, in the drawing's millimetres at a scale. */
export function drawingBounds(marks: readonly Primitive[], scale: number): Bounds {
  return boundsOf(marks.flatMap((mark) => cornersOf(mark, scale)));
}

function cornersOf(mark: Primitive, scale: number): Point[] {
  switch (mark.type) {
    case 'path':
      return mark.rings.flat();
    case 'arc': {
      const { centre, radius } = mark;
      return [
        { x: centre.x - radius, y: centre.y - radius },
        { x: centre.x + radius, y: centre.y + radius },
      ];
    }
    case 'text': {
      const wide = textWidth(mark.text, mark.size, mark.bold) * scale;
      const high = mark.size * scale;
      const before = mark.anchor === 'start' ? 0 : mark.anchor === 'end' ? wide : wide / 2;
      const [cos, sin] = [Math.cos(mark.turn), Math.sin(mark.turn)];
      const corner = (x: number, y: number) => ({
        x: mark.at.x + x * cos - y * sin,
        y: mark.at.y + x * sin + y * cos,
      });
      return [
        corner(-before, -high / 2),
        corner(wide - before, -high / 2),
        corner(wide - before, high / 2),
        corner(-before, high / 2),
      ];
    }
  }
}
