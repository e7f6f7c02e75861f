import { recordsOf, type Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import type { Layer } from '../primitives';
import type { Label, LabelPlace } from './place-labels';

/** Where a person has put what is written by itself: how far right of and over its usual place, mm of paper; or that it is left away. */
export interface LabelWay {
  row: string;
  hidden?: boolean;
  off?: number;
  over?: number;
}

/** The layers of what can be put elsewhere: the symbols of services stand where those are. */
const MOVABLE: ReadonlySet<Layer> = new Set<Layer>(['numbers', 'labels', 'walls']);

/** What a label goes by in the records of where it was put; null where it stays where it is. */
export function labelKey({
  layer,
  source,
  of = source,
}: Pick<Label, 'layer' | 'of' | 'source'>): string | null {
  return of !== undefined && MOVABLE.has(layer) ? `label ${layer} ${of}` : null;
}

/** What a label is the label of, by what it goes by; null of a row of dimensions. */
export const labelOf = (key: string): string | null => /^label \S+ (.+)$/.exec(key)?.[1] ?? null;

/** What a person has said of the labels of a drawing. */
export const labelWays = (design: Design, view: string): LabelWay[] =>
  recordsOf(design, 'row-way')
    .filter((one) => one.view === view && one.row.startsWith('label '))
    .map(({ row, hidden, off, over }) => ({
      row,
      ...(hidden && { hidden }),
      ...(off !== undefined && { off }),
      ...(over !== undefined && { over }),
    }));

/** A label that was moved farther than this from its usual place leads back to it, where it ever does, mm of paper. */
const LEADS = 7;
/** Rings that are looked through for where it leads to. */
const NEAR = Array.from({ length: 30 }, (_, ring) => ring);

/** A label whose words say what it goes by. */
export function named(label: Label): Label {
  const key = labelKey(label);
  if (key === null) return label;
  return {
    ...label,
    draw: (place) => label.draw(place).map((mark) => (mark.type === 'text' ? { ...mark, label: key } : mark)),
  };
}

/** Where a label that was moved stands: so far from where it stands of itself. */
export function heldPlace(label: Label, { off = 0, over = 0 }: LabelWay, scale: number): LabelPlace | null {
  const usual = label.places[0] ?? label.further(0)[0];
  if (!usual) return null;
  const at: Point = { x: usual.at.x + off * scale, y: usual.at.y + over * scale };
  const isFar = Math.hypot(off, over) > LEADS;
  const leads = isFar
    ? NEAR.flatMap((ring) => label.further(ring)).find(({ foot }) => foot)?.foot
    : usual.foot;
  return { ...usual, at, ...(leads && { foot: leads }) };
}
