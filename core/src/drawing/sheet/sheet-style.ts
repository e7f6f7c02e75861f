import type { Design } from '../../document/design';
import { remember } from '../../document/remember';
import type { RowWayRecord } from '../../document/records';
import type { Bounds } from '../../geometry/polygon';
import { EVERY_ROW } from '../dimensions/row-ways';
import type { Primitive } from '../primitives';
import { lineWeights } from './style-choices';
import type { PaperPicture, SheetStyle } from './style-record';

/** A picture in its place on a page, mm: as large as goes into the box, in its middle. */
export interface PictureOnPage {
  box: Bounds;
  picture: PaperPicture;
}

/** A room as a studio draws it: without the rows of dimensions it leaves away. */
export function styled(design: Design, style: SheetStyle | undefined): Design {
  if (!style || style.without.length === 0) return design;
  return withoutRows(design, { without: style.without });
}

/** The very same room for the same one, so that what follows from it is remembered. */
const withoutRows = remember((design: Design, { without }: Pick<SheetStyle, 'without'>): Design => {
  const rows = without.map((row): RowWayRecord => ({
    ...{ kind: 'row-way', id: `style ${row}`, view: EVERY_ROW, row, hidden: true },
  }));
  return {
    ...design,
    records: { ...design.records, ...Object.fromEntries(rows.map((row) => [row.id, row])) },
  };
});

/** Marks as heavy as a studio draws them. */
export function weighed(marks: readonly Primitive[], style: SheetStyle | undefined): Primitive[] {
  const by = lineWeights[style?.lines ?? 'usual'];
  if (by === 1) return [...marks];
  return marks.map((mark) => (mark.type === 'text' ? mark : { ...mark, weight: mark.weight * by }));
}
