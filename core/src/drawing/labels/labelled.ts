import type { Medium, Primitive } from '../primitives';
import { drawn, type Drawn } from './drawn';
import { labelMarks, placeLabels, type DrawnLabels, type Label } from './place-labels';

/** Labels in their places on what is drawn. */
export function labelledOn(
  labels: readonly Label[],
  about: Drawn,
  at: { scale: number; medium: Medium },
): DrawnLabels {
  if (labels.length === 0) return { leaders: [], marks: [] };
  return labelMarks(labels, placeLabels(labels, about, at), at.scale);
}

/** The marks of labels in their places on a drawing, to be drawn over it. */
export function labelled(
  labels: readonly Label[],
  drawing: readonly Primitive[],
  at: { scale: number; medium: Medium },
): Primitive[] {
  const { leaders, marks } = labelledOn(labels, drawn(drawing, at.scale), at);
  return [...leaders, ...marks];
}
