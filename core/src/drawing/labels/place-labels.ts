import { distance, scale as scaled, subtract, add, type Point } from '../../geometry/point';
import { line, WEIGHT, type Layer, type Medium, type Primitive } from '../primitives';
import { boxAt, type Box } from './box';
import { Boxes } from './boxes';
import type { Drawn } from './drawn';
import { fewestMoved } from './fewest-moved';

/** A place a label may stand in, by its middle. */
export interface LabelPlace {
  at: Point;
  /** The way it is written, radians. */
  turn?: number;
  /** Where its leader begins, where it stands away from what it is of. */
  foot?: Point;
  /** Whether it may lie over heavy strokes there. */
  over?: true;
}

/** What is written on a drawing and may stand in several places; mm of the drawing. */
export interface Label {
  layer: Layer;
  source?: string;
  /** What it is the label of, where it draws no record; its source unless given. */
  of?: string;
  /** Whether it may be left away where it has no room: others say the same. */
  spare?: true;
  /** Whether its leader is a stem, without a dot where it begins. */
  stem?: true;
  /** Whether it is a ring as wide as high. */
  round?: true;
  width: number;
  height: number;
  /** Where it may stand, the best first: in the first it is looked for. None where it has room only beside what it is of. */
  places: readonly LabelPlace[];
  /** Places further off, ring by ring, for when none of those is free. */
  further: (ring: number) => readonly LabelPlace[];
  draw: (place: LabelPlace) => readonly Primitive[];
}

/** Further off than so many rings nothing is looked for; on a screen. */
const MOST_RINGS = 80;
const NEAR_RINGS = 2;

/**
 * Where labels stand, so that none lies over another or over what is written or heavily drawn. As few as can be leave their first place
 * (a vertex cover of those that are in each other's way there); the others take the best place that is free, the one with the fewest first. Null where there is none near, on a screen, or for what may be left away.
 */
export function placeLabels(
  labels: readonly Label[],
  drawn: Drawn,
  { scale, medium }: { scale: number; medium: Medium },
): (LabelPlace | null)[] {
  const rings = medium === 'paper' ? MOST_RINGS : NEAR_RINGS;
  const boxOf = ({ width, height }: Label, { at, turn = 0 }: LabelPlace) => boxAt(at, width, height, turn);
  const firsts = labels.map((label) => label.places[0] && boxOf(label, label.places[0]));
  const isFree = (box: Box, over = false) => !drawn.isWritten(box) && (over || !drawn.isCrossed(box));
  const free = firsts.map((box, index) => box && isFree(box, labels[index]!.places[0]!.over));
  const taken = new Boxes(8 * scale);
  firsts.forEach((box, index) => box && free[index] && taken.add(index, box));
  const inTheWay = firsts.map(
    (box, index) => new Set(box && free[index] ? taken.meeting(box).filter((other) => other !== index) : []),
  );
  const moved = fewestMoved(inTheWay);
  const found: (LabelPlace | null)[] = labels.map(({ places }, index) =>
    free[index] && !moved.has(index) ? places[0]! : null,
  );
  for (const index of moved) taken.remove(index, firsts[index]!);
  const take = (index: number, place: LabelPlace) => {
    found[index] = place;
    taken.add(index, boxOf(labels[index]!, place));
  };
  const isOpen = (label: Label, place: LabelPlace, over = place.over) => {
    const box = boxOf(label, place);
    return !taken.isMet(box) && isFree(box, over);
  };
  const waiting = labels.flatMap((label, index) => {
    if (found[index]) return [];
    return [{ label, index, count: label.places.filter((place) => isOpen(label, place)).length }];
  });
  waiting.sort((a, b) => a.count - b.count || a.index - b.index);
  for (const { label, index } of waiting) {
    const leadsClear = ({ at, foot }: LabelPlace) => !foot || !taken.isCrossed(foot, at);
    const open = (place: LabelPlace) => isOpen(label, place);
    const unwritten = (place: LabelPlace) => isOpen(label, place, true);
    const near = label.places.find(open) ?? inRings(label, rings, open, leadsClear);
    if (near) take(index, near);
    else if (medium === 'paper' && !label.spare) {
      const any =
        label.places.find(unwritten) ??
        inRings(label, rings, unwritten, leadsClear) ??
        label.places[0] ??
        label.further(MOST_RINGS)[0];
      if (any) take(index, any);
    }
  }
  // What stood in the way of a better place may have gone since.
  for (const { label, index } of waiting) {
    const place = found[index];
    if (!place) continue;
    taken.remove(index, boxOf(label, place));
    take(index, label.places.find((better) => isOpen(label, better)) ?? place);
  }
  return found;
}

/** A place is looked for so many rings further than the first that will do, for one that does better. */
const BETTER = 4;

/** The first place of further and further rings that will do, if there is one not much further that does well. */
function inRings(
  label: Label,
  rings: number,
  willDo: (place: LabelPlace) => boolean,
  doesWell: (place: LabelPlace) => boolean,
): LabelPlace | undefined {
  let first: LabelPlace | undefined;
  let last = rings;
  for (let ring = 0; ring < last; ring++)
    for (const place of label.further(ring)) {
      if (!willDo(place)) continue;
      if (doesWell(place)) return place;
      if (first) continue;
      first = place;
      last = Math.min(last, ring + BETTER);
    }
  return first;
}

/** Labels as they are drawn: leaders go under everything that is written. */
export interface DrawnLabels {
  leaders: Primitive[];
  marks: Primitive[];
}

/** The marks of labels in their places. */
export function labelMarks(
  labels: readonly Label[],
  places: readonly (LabelPlace | null)[],
  scale: number,
): DrawnLabels {
  return {
    leaders: labels.flatMap((label, index) => (places[index] ? leaderOf(label, places[index], scale) : [])),
    marks: labels.flatMap((label, index) => (places[index] ? label.draw(places[index]) : [])),
  };
}

/** Radius of the dot a leader begins with, paper mm. */
const DOT = 0.4;

/** The line from what a label is of to its edge. */
function leaderOf(label: Label, { at, foot }: LabelPlace, by: number): Primitive[] {
  if (!foot) return [];
  const { layer, source, round, stem, width, height } = label;
  const way = subtract(at, foot);
  const long = distance(at, foot);
  const within = round
    ? width / 2
    : long * Math.min(width / 2 / Math.abs(way.x), height / 2 / Math.abs(way.y));
  if (!(within < long)) return [];
  const edge = add(foot, scaled(way, (long - within) / long));
  const of = source === undefined ? {} : { source };
  const end: Primitive = {
    ...{ type: 'arc', layer, centre: foot, radius: DOT * by, from: 0, sweep: 2 * Math.PI },
    ...{ weight: 0, ink: 'drawing', fill: 'drawing' },
  };
  return [
    { ...line(layer, [foot, edge], WEIGHT.thin, 'drawing'), ...of },
    ...(stem ? [] : [{ ...end, ...of }]),
  ];
}
