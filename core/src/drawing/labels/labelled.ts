import type { Medium, Primitive } from '../primitives';
import { boxAt, boxesMeet } from './box';
import { drawn, type Drawn } from './drawn';
import { heldPlace, labelKey, named, type LabelWay } from './label-ways';
import { labelMarks, placeLabels, type DrawnLabels, type Label, type LabelPlace } from './place-labels';

/** What labels are drawn at, and where a person has put some of them. */
interface Labelling {
  scale: number;
  medium: Medium;
  ways?: readonly LabelWay[];
}

/** Labels in their places on what is drawn: those that a person has put somewhere there, the others clear of them. On paper each says what it goes by. */
export function labelledOn(
  labels: readonly Label[],
  about: Drawn,
  { scale, medium, ways = [] }: Labelling,
): DrawnLabels {
  if (labels.length === 0) return { leaders: [], marks: [] };
  const at = { scale, medium };
  const tagged = medium === 'paper' ? labels.map(named) : labels;
  if (ways.length === 0) return labelMarks(tagged, placeLabels(tagged, about, at), scale);
  const known = new Map(ways.map((way) => [way.row, way]));
  const held: { label: Label; place: LabelPlace }[] = [];
  const free = tagged.filter((label) => {
    const key = labelKey(label);
    const way = key === null ? undefined : known.get(key);
    if (!way) return true;
    const place = way.hidden ? null : heldPlace(label, way, scale);
    if (place) held.push({ label, place });
    return false;
  });
  const boxes = held.map(({ label: { width, height }, place }) =>
    boxAt(place.at, width, height, place.turn ?? 0),
  );
  const clear: Drawn = {
    isWritten: (box) => about.isWritten(box) || boxes.some((other) => boxesMeet(other, box)),
    isCrossed: (box) => about.isCrossed(box),
  };
  const found = labelMarks(free, placeLabels(free, clear, at), scale);
  const put = labelMarks(
    held.map(({ label }) => label),
    held.map(({ place }) => place),
    scale,
  );
  return { leaders: [...found.leaders, ...put.leaders], marks: [...found.marks, ...put.marks] };
}

/** The marks of labels in their places on a drawing, to be drawn over it. */
export function labelled(
  labels: readonly Label[],
  drawing: readonly Primitive[],
  at: Labelling,
): Primitive[] {
  const { leaders, marks } = labelledOn(labels, drawn(drawing, at.scale), at);
  return [...leaders, ...marks];
}
