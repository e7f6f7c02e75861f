import type { Medium, Primitive } from '../primitives';
import { drawn, type Drawn } from './drawn';
import { labelMarks, placeLabels, type Label } from './place-labels';

/** The marks of labels in their places on what is drawn, to be drawn over it. */
export function labelled(
  labels: readonly Label[],
  drawing: Drawn | readonly Primitive[],
  at: { scale: number; medium: Medium },
): Primitive[] {
  if (labels.length === 0) return [];
  const about = 'isWritten' in drawing ? drawing : drawn(drawing, at.scale);
  return labelMarks(labels, placeLabels(labels, about, at), at.scale);
}
