import { perDesign, recordsOf, type Design } from '../../document/design';
import type { FrameCrop, FrameRecord } from '../../document/records';
import { boundsCorners, type Bounds } from '../../geometry/polygon';
import { tiledZones } from '../../tile/zones/zone-laying';
import { clippedTo } from '../clipped';
import { detailsOf } from '../dimensions/details';
import { CEILING, PLAN } from '../dimensions/row-ways';
import { roomViews } from '../elevation/views';
import { drawingBounds } from '../plan-with';
import { line, WEIGHT, type Primitive } from '../primitives';
import { frameScales, type SheetScale } from './sheet-format';
import type { SheetOptions } from './sheet-frame';
import { scalesFor } from './letters';

/** What the drawings of a set go by that are of no upright view: that of a zone of tiles has the zone's id behind it. */
export const CONSTRUCTION = 'construction';
export const TOPS = 'tops';
export const tilesOf = (zone: string): string => `tiles ${zone}`;

/** Everything of a set that can be placed, scaled and cropped, by what it goes by. */
export const drawingIds = (design: Design): string[] => [
  ...[PLAN, CONSTRUCTION, CEILING],
  ...roomViews(design).map(({ id }) => id),
  ...detailsOf(design).map(({ record }) => record.id),
  TOPS,
  ...tiledZones(design).map(({ id }) => tilesOf(id)),
];

const byDrawing = perDesign(
  (design): ReadonlyMap<string, FrameRecord> =>
    new Map(recordsOf(design, 'frame').map((one) => [one.drawing, one])),
);

/** What a person has said of how a drawing lies on its sheet. */
export const frameWay = (design: Design, drawing: string): FrameRecord | undefined =>
  byDrawing(design).get(drawing);

/** Other records that say something of a drawing that one says it of: two people may have made one each at the same moment. */
export const otherFrames = (design: Design, { id, drawing }: Pick<FrameRecord, 'drawing' | 'id'>): string[] =>
  recordsOf(design, 'frame').flatMap((one) => (one.drawing === drawing && one.id !== id ? [one.id] : []));

/** A drawing with what was left away and cropped of it, its cropped sides closed by a thin line. */
export function asFramed(
  marks: readonly Primitive[],
  way: FrameRecord | undefined,
  ratio: number,
): readonly Primitive[] {
  if (!way) return marks;
  const without = new Set<string>(way.without ?? []);
  const left = without.size > 0 ? marks.filter(({ layer }) => !without.has(layer)) : marks;
  const shown = way.plain ? left.flatMap(unhatched) : left;
  return way.crop && shown.length > 0 ? cropped(shown, way.crop, ratio) : shown;
}

function unhatched(mark: Primitive): Primitive[] {
  if (mark.ofHatch) return [];
  return mark.type !== 'text' && mark.fill === 'poche' ? [{ ...mark, fill: 'paper' }] : [mark];
}

/** What is asked for beyond where a drawing ends crops nothing; of two sides that meet nothing would be left, and nothing is cropped. */
function cropped(marks: readonly Primitive[], crop: FrameCrop, ratio: number): readonly Primitive[] {
  const whole = drawingBounds(marks, ratio);
  const box: Bounds = {
    left: Math.max(whole.left, crop.left ?? whole.left),
    right: Math.min(whole.right, crop.right ?? whole.right),
    bottom: Math.max(whole.bottom, crop.bottom ?? whole.bottom),
    top: Math.min(whole.top, crop.top ?? whole.top),
  };
  if (box.right <= box.left || box.top <= box.bottom) return marks;
  const corners = boundsCorners(box);
  const [a, b, c, d] = corners;
  const sides = [
    ...(box.bottom > whole.bottom ? [[a, b]] : []),
    ...(box.right < whole.right ? [[b, c]] : []),
    ...(box.top < whole.top ? [[c, d]] : []),
    ...(box.left > whole.left ? [[d, a]] : []),
  ];
  if (sides.length === 0) return marks;
  return [
    ...clippedTo(marks, corners, ratio),
    ...sides.map((side) => line('labels', side, WEIGHT.thin, 'faint')),
  ];
}

/** The scale a drawing is drawn at: its own, else that of the set; its own is the next smaller one of its kind where it fits in that only. Null where it fits in none. */
export function fittingScale(
  own: number | undefined,
  { scale, style }: Pick<SheetOptions, 'scale' | 'style'>,
  fits: (scale: SheetScale) => boolean,
): SheetScale | null {
  if (own === undefined) return fits(scale) ? scale : null;
  const known = scalesFor(style, frameScales);
  const asked = known.find(({ ratio }) => ratio === own) ?? scale;
  const inInches = asked.text.includes('"');
  const others = known
    .filter(({ ratio, text }) => ratio > asked.ratio && text.includes('"') === inInches)
    .sort((a, b) => a.ratio - b.ratio);
  return [asked, ...others].find(fits) ?? null;
}

/** How far a box has to be moved to lie within a field it is no larger than. */
export function intoField(box: Bounds, field: Bounds): { x: number; y: number } {
  const by = (low: number, high: number, least: number, most: number) =>
    low < least ? least - low : high > most ? most - high : 0;
  return {
    x: by(box.left, box.right, field.left, field.right),
    y: by(box.bottom, box.top, field.bottom, field.top),
  };
}
