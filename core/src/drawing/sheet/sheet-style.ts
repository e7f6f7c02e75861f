import { IsBase64, Matches, MaxLength } from 'class-validator';
import type { Design } from '../../document/design';
import { Nested, OneOf, Optional, SomeOf, Words } from '../../document/decorators';
import type { RowWayRecord } from '../../document/records';
import type { Bounds } from '../../geometry/polygon';
import { EVERY_ROW } from '../dimensions/row-ways';
import type { Primitive } from '../primitives';
import { pages, sheetScales } from './sheet-format';
import {
  lineWeights,
  rowKinds,
  setParts,
  type LineWeight,
  type RowKind,
  type SetPart,
} from './style-choices';

/** A picture has so many letters in base64 at the most: 200 kB. */
export const MOST_LOGO = 270_000;
/** Words that stand on one line of the title block, and the notes of a set, are no longer. */
export const MOST_LINE = 120;
export const MOST_NOTES = 1_500;
/** Notes of no more than so many lines, as they are typed. */
const LINES = /^(?:[^\n]*\n){0,29}[^\n]*$/;

/** A picture on paper. */
export class PaperPicture {
  @OneOf(['image/png', 'image/jpeg']) type!: 'image/png' | 'image/jpeg';
  /** Base64. */
  @IsBase64() @MaxLength(MOST_LOGO) data!: string;
}

/** How a studio draws its sets: a template, with what stands in the title block. */
export class SheetStyle {
  @Words(1, 40) name!: string;
  /** What a set holds after its cover, in this order. */
  @SomeOf(setParts) parts!: SetPart[];
  @OneOf(pages.map(({ id }) => id)) page!: string;
  @OneOf(sheetScales.map(({ id }) => id)) scale!: string;
  @OneOf(Object.keys(lineWeights)) lines!: LineWeight;
  /** Rows of dimensions that are not drawn by themselves. */
  @SomeOf(rowKinds) without!: RowKind[];
  /** Under the name of the room: where the studio is, how it is called. */
  @Optional() @Words(1, MOST_LINE) address?: string;
  /** What is said beside the unit of the dimensions. */
  @Optional() @Words(1, MOST_LINE) check?: string;
  /** On the cover. */
  @Optional() @Words(1, MOST_NOTES) @Matches(LINES) notes?: string;
  @Optional() @Nested(PaperPicture) logo?: PaperPicture;
}

/** A picture in its place on a page, mm: as large as goes into the box, in its middle. */
export interface PictureOnPage {
  box: Bounds;
  picture: PaperPicture;
}

/** A room as a studio draws it: without the rows of dimensions it leaves away. */
export function styled(design: Design, style: SheetStyle | undefined): Design {
  if (!style || style.without.length === 0) return design;
  const rows = style.without.map((row): RowWayRecord => ({
    ...{ kind: 'row-way', id: `style ${row}`, view: EVERY_ROW, row, hidden: true },
  }));
  return {
    ...design,
    records: { ...design.records, ...Object.fromEntries(rows.map((row) => [row.id, row])) },
  };
}

/** Marks as heavy as a studio draws them. */
export function weighed(marks: readonly Primitive[], style: SheetStyle | undefined): Primitive[] {
  const by = lineWeights[style?.lines ?? 'usual'];
  if (by === 1) return [...marks];
  return marks.map((mark) => (mark.type === 'text' ? mark : { ...mark, weight: mark.weight * by }));
}
