import { IsBase64, Matches, MaxLength } from 'class-validator';
import { Nested, OneOf, Optional, SomeOf, Words } from '../../document/decorators';
import { typefaces, type Typeface } from '../typefaces';
import { pages, sheetScales } from './sheet-format';
import {
  letterSizes,
  lineWeights,
  MOST_LINE,
  MOST_LOGO,
  MOST_NOTES,
  rowKinds,
  setParts,
  type LetterSize,
  type LineWeight,
  type RowKind,
  type SetPart,
} from './style-choices';

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
  /** As usual unless given. */
  @Optional() @OneOf(Object.keys(letterSizes)) letters?: LetterSize;
  /** The plain one unless given. */
  @Optional() @OneOf(Object.keys(typefaces)) typeface?: Typeface;
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
