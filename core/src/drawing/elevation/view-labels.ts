import type { Point } from '../../geometry/point';
import type { PlacedService } from '../../survey/services';
import type { PlacedOpening } from '../../survey/openings';
import { formatLength } from '../../units/format-length';
import type { LengthStyle } from '../../units/units';
import { balloon, BALLOON } from '../balloon';
import { serviceSymbol, SERVICE_SYMBOL } from '../draw-services';
import { labelled } from '../labels/labelled';
import type { LabelWay } from '../labels/label-ways';
import type { Label, LabelPlace } from '../labels/place-labels';
import { lineSize } from '../labels/text-label';
import { TEXT, type Layer, type Medium, type Primitive, type TextMark } from '../primitives';
import type { Bodies } from './draw-bodies';
import { seenOf } from './hidden';
import type { Panel } from './panels';
import type { ViewFrame } from './view-frame';

/** Where on a front its number may stand: shares of its height and of its width. */
const UP = [0.5, 0.66, 0.34, 0.8, 0.2] as const;
const ACROSS = [0.5, 0.25, 0.75] as const;
/** How wide something is at the least that bears its number on a screen, radii of its circle. */
const HARDLY = 1.2;
/** Directions about what a label is of, rings so far apart, and so many of them on the wall before any beyond it; paper mm. */
const WAYS = 16;
const RING = 2;
const ON_WALL = 14;
/** How far a height stands beside its symbol, paper mm. */
const BESIDE = 0.7;

/** What a person has put on a view: what is drawn there besides, which nothing is written over, and where labels stand. */
export interface PutByHand {
  marks: readonly Primitive[];
  ways: readonly LabelWay[];
}
export const NOTHING: PutByHand = { marks: [], ways: [] };

/** A view as its labels see it: what stands there, and what it is drawn at. */
export interface ViewShown {
  frame: ViewFrame;
  panels: readonly Panel[];
  scale: number;
  medium: Medium;
  put: PutByHand;
}

/** Whether nothing stands before a place. */
export const isSeenAt = (at: Point, hiding: readonly Panel[]): boolean =>
  seenOf(at, { x: at.x + 0.01, y: at.y }, hiding).length > 0;

/** The number of every item of some panels, in its circle: on its front, or beside it with a leader. What is hidden altogether has none. */
export function frontNumbers(
  { panels, hiding }: Bodies,
  numbered: (panel: Panel) => boolean,
  numbers: ReadonlyMap<string, number>,
  shown: ViewShown,
): Label[] {
  const { scale, medium } = shown;
  const radius = BALLOON * scale;
  const seen = new Set<string>();
  const widest = panels.filter(numbered).sort((a, b) => b.right - b.left - (a.right - a.left));
  return widest.flatMap((panel): Label[] => {
    const { solid, left, right, low, high } = panel;
    const number = numbers.get(solid.id);
    if (number === undefined || solid.of !== 'item' || seen.has(solid.id)) return [];
    const at = (across: number, up: number) => ({
      x: left + (right - left) * across,
      y: low + (high - low) * up,
    });
    const before = hiding(panel);
    const open = ACROSS.flatMap((across) => UP.map((up) => at(across, up))).filter((place) =>
      isSeenAt(place, before),
    );
    if (open.length === 0) return [];
    seen.add(solid.id);
    const within = open.filter(
      ({ x, y }) => Math.min(x - left, right - x) > radius && Math.min(y - low, high - y) > radius,
    );
    const foot = open[0]!;
    const aside = about(foot, shown);
    // On a screen it may lie over the edges of what is hardly as wide: there it is pressed.
    const isWide = right - left >= HARDLY * radius;
    const overEdges: LabelPlace[] =
      medium === 'screen' && isWide ? open.map((place) => ({ at: place, over: true })) : [];
    return [
      {
        ...{ layer: 'numbers', source: solid.id, round: true, width: 2 * radius, height: 2 * radius },
        places: [...within.map((at) => ({ at })), ...overEdges],
        further: aside,
        draw: ({ at }) => balloon(solid.id, number, at, radius),
      },
    ];
  });
}

/** Places with leaders about what a label is of, ring by ring: on the wall where nothing stands, then over the view and beside it, then under it. */
export function about(foot: Point, { frame, panels, scale }: ViewShown): (ring: number) => LabelPlace[] {
  const high = Math.max(...frame.above.map(({ y }) => y));
  const radius = BALLOON * scale;
  const isBare = ({ x, y }: Point) =>
    x > radius &&
    x < frame.length - radius &&
    y > radius &&
    y < high - radius &&
    panels.every(
      ({ left, right, low, high }) =>
        x < left - radius || x > right + radius || y < low - radius || y > high + radius,
    );
  const isAround = ({ x, y }: Point) =>
    y > high + radius || (y > 0 && (x < -radius || x > frame.length + radius));
  return (ring) => {
    const out = (2 * BALLOON + (ring < ON_WALL ? ring : ring - ON_WALL) * RING) * scale;
    const places = Array.from({ length: WAYS }, (_, step): LabelPlace => {
      // Up first, then to either side.
      const turn = Math.PI / 2 + ((step % 2 ? 1 : -1) * Math.ceil(step / 2) * 2 * Math.PI) / WAYS;
      return { at: { x: foot.x + out * Math.cos(turn), y: foot.y + out * Math.sin(turn) }, foot };
    });
    if (ring < ON_WALL) return places.filter(({ at }) => isBare(at));
    return ring < 4 * ON_WALL ? places.filter(({ at }) => isBare(at) || isAround(at)) : places;
  };
}

const textAt = (at: Point, text: string, layer: Layer, source: string): TextMark => ({
  ...{ type: 'text', layer, at, text, size: TEXT.small, anchor: 'middle', turn: 0 },
  ...{ ink: layer === 'services' ? 'measure' : 'drawing', ground: true, source },
});

/** What was surveyed on the face, with its height: nothing hides it, for the fitter looks for it. What is at one place stands side by side. */
export function serviceLabelsOn(
  services: readonly PlacedService[],
  shown: ViewShown,
  style: LengthStyle,
): Label[] {
  const { frame, scale } = shown;
  return services.flatMap(({ id, record, at }): Label[] => {
    const foot = { x: frame.project(at).along, y: record.up };
    const words = formatLength(record.up, style);
    const half = (SERVICE_SYMBOL / 2 + BESIDE) * scale;
    const size = lineSize(words, TEXT.small, scale);
    const moved = (x: number, y: number): LabelPlace => ({ at: { x: foot.x + x, y: foot.y + y } });
    const [aside, over] = [half + size.width / 2, half + size.height / 2];
    const far = (ring: number, step: number): LabelPlace => {
      const turn = (2 * Math.PI * step) / WAYS;
      const out = half + aside + ring * RING * scale;
      return { ...moved(out * Math.cos(turn), out * Math.sin(turn)), foot };
    };
    const symbol = SERVICE_SYMBOL * scale;
    return [
      {
        ...{ layer: 'services', source: id, width: symbol, height: symbol },
        places: [{ at: foot, over: true }],
        further: (ring) =>
          [1, -1].flatMap((side): LabelPlace[] => [
            { ...moved(side * (ring + 1) * symbol, 0), foot, over: true },
            { ...moved(0, side * (ring + 1) * symbol), foot, over: true },
          ]),
        draw: (found) =>
          serviceSymbol(record.type, found.at, { x: 1, y: 0 }, { x: 0, y: 1 }, scale).map((mark) => ({
            ...mark,
            source: id,
          })),
      },
      {
        ...{ layer: 'services', source: id, ...size },
        places: [moved(aside, 0), moved(-aside, 0), moved(0, over), moved(0, -over)],
        further: (ring) => Array.from({ length: WAYS }, (_, step) => far(ring, step)),
        draw: (found) => [textAt(found.at, words, 'services', id)],
      },
    ];
  });
}

/** The name of an opening on what closes it, as far as that is seen; where nothing of it is, it has none. */
export function openingName(
  { record, left, right, name }: PlacedOpening,
  hiding: readonly Panel[],
  shown: ViewShown,
): Label[] {
  const { sill, height, type } = record;
  const at = (across: number, up: number): Point => ({
    x: left + (right - left) * across,
    y: sill + height * up,
  });
  const usual = type === 'door' ? 0.62 : 0.5;
  const ups = [usual, 0.75, 0.3, 0.88, 0.12];
  const seen = ups
    .flatMap((up) => [0.5, 0.25, 0.75].map((across) => at(across, up)))
    .filter((place) => isSeenAt(place, hiding));
  if (seen.length === 0) return [];
  const aside = about(seen[0]!, shown);
  const size = lineSize(name, TEXT.small, shown.scale);
  // Rather where all of it stands on what closes the opening than over the edge of what hides the rest.
  const isWhole = ({ x, y }: Point) =>
    [-0.5, 0.5].every((across) =>
      [-0.5, 0.5].every((up) => isSeenAt({ x: x + across * size.width, y: y + up * size.height }, hiding)),
    );
  const places = seen.toSorted((a, b) => Number(isWhole(b)) - Number(isWhole(a)));
  return [
    {
      ...{ layer: 'labels', source: record.id, ...size },
      places: places.map((place) => ({ at: place })),
      further: aside,
      draw: (found) => [textAt(found.at, name, 'labels', record.id)],
    },
  ];
}

/** Labels of a view in their places on it: on a screen, where views stand side by side, within its length. */
export function labelledView(
  labels: readonly Label[],
  drawing: readonly Primitive[],
  { frame, scale, medium, put }: Pick<ViewShown, 'frame' | 'medium' | 'put' | 'scale'>,
): Primitive[] {
  const isWithin =
    ({ width }: Label) =>
    ({ at: { x, y } }: LabelPlace) =>
      // Under the floor a view's name stands, on a screen.
      x - width / 2 >= 0 && x + width / 2 <= frame.length && y >= 0;
  const kept = labels.map((label): Label => {
    if (medium === 'paper') return label;
    const within = isWithin(label);
    return {
      ...label,
      places: label.places.filter(within),
      further: (ring) => label.further(ring).filter(within),
    };
  });
  const { marks, ways } = put;
  return labelled(kept, marks.length > 0 ? [...drawing, ...marks] : drawing, { scale, medium, ways });
}
