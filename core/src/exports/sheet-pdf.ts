// eslint-disable-next-line @typescript-eslint/triple-slash-reference -- the package has no types; web compiles this file too
/// <reference path="./fontkit.d.ts" />
import {
  appendBezierCurve,
  beginText,
  closePath,
  endText,
  fill,
  fillAndStroke,
  lineTo,
  moveTo,
  PDFDocument,
  type PDFFont,
  type PDFImage,
  type PDFName,
  type PDFOperator,
  type PDFPage,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  setDashPattern,
  setFillingColor,
  setFontAndSize,
  setLineCap,
  setLineJoin,
  setLineWidth,
  setStrokingColor,
  setTextMatrix,
  showText,
  stroke,
} from '@cantoo/pdf-lib';
import * as fontkit from 'fontkit';
import { inkColours } from '../drawing/inks';
import type { ArcMark, Ink, Layer, PathMark, Primitive, TextMark } from '../drawing/primitives';
import type { Sheet } from '../drawing/sheet/sheet-frame';
import type { PictureOnPage } from '../drawing/sheet/sheet-style';
import { CAP_HEIGHT, typeset } from '../drawing/text-layout';
import { typefaces, type Typeface } from '../drawing/typefaces';
import type { Point } from '../geometry/point';
import { addBookmarks, addLinks, PdfLayers, POINTS } from './pdf-structure';

/** The fonts of a typeface as file bytes. */
export interface FontFiles {
  regular: Uint8Array;
  bold: Uint8Array;
}

/** Where the fonts of typefaces are read from: only those that are used are. */
export type ReadFonts = (typeface: Typeface) => Promise<FontFiles>;

/** What the file says about itself. */
export interface PdfInfo {
  title: string;
  author: string;
  /** Moment of writing. */
  date: Date;
}

interface Faces {
  font: PDFFont;
  key: PDFName;
}

/** Sheets as one vector PDF, true to scale, with the fonts embedded: a bookmark for each, layers that can be switched off, and links from numbers to the lines that list them. */
export async function writeSheetPdf(
  sheets: readonly Sheet[],
  fontsOf: ReadFonts,
  info: PdfInfo,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit as never);
  pdf.setTitle(info.title);
  pdf.setAuthor(info.author);
  pdf.setCreator('Good Reach');
  pdf.setProducer('Good Reach');
  pdf.setCreationDate(info.date);
  pdf.setModificationDate(info.date);
  const embedded = await embeddedFonts(pdf, sheets, fontsOf);
  const layers = new PdfLayers(pdf);
  const pictures = new Map<string, Promise<PDFImage>>();
  for (const sheet of sheets) {
    const page = pdf.addPage([sheet.page.width * POINTS, sheet.page.height * POINTS]);
    const fonts = new Map(
      [...embedded].map(([typeface, { regular, bold }]) => [
        typeface,
        { regular: faces(page, regular), bold: faces(page, bold) },
      ]),
    );
    for (const { layer, marks } of inLayers(sheet.marks))
      page.pushOperators(
        ...layers.on(
          page,
          layer,
          marks.flatMap((mark) => operatorsOf(mark, fonts)),
        ),
      );
    for (const one of sheet.pictures) await drawPicture(pdf, page, pictures, one);
  }
  layers.finish();
  addBookmarks(
    pdf,
    sheets.map(({ title }) => title),
  );
  addLinks(pdf, sheets);
  return pdf.save();
}

/** A picture as large as goes into its box, in its middle; one that stands on many pages is in the file once. */
async function drawPicture(
  pdf: PDFDocument,
  page: PDFPage,
  known: Map<string, Promise<PDFImage>>,
  { box, picture: { type, data } }: PictureOnPage,
): Promise<void> {
  let embedded = known.get(data);
  if (!embedded) known.set(data, (embedded = type === 'image/png' ? pdf.embedPng(data) : pdf.embedJpg(data)));
  // A picture that can't be read is left away: the drawings are what counts.
  const image = await embedded.catch(() => null);
  if (!image) return;
  const [wide, high] = [(box.right - box.left) * POINTS, (box.top - box.bottom) * POINTS];
  const by = Math.min(wide / image.width, high / image.height);
  const [width, height] = [image.width * by, image.height * by];
  page.drawImage(image, {
    x: ((box.left + box.right) * POINTS - width) / 2,
    y: ((box.bottom + box.top) * POINTS - height) / 2,
    ...{ width, height },
  });
}

/** Marks that follow one another on one layer, together. */
function inLayers(marks: readonly Primitive[]): { layer: Layer; marks: Primitive[] }[] {
  const parts: { layer: Layer; marks: Primitive[] }[] = [];
  for (const mark of marks) {
    const last = parts.at(-1);
    if (last?.layer === mark.layer) last.marks.push(mark);
    else parts.push({ layer: mark.layer, marks: [mark] });
  }
  return parts;
}

/** The fonts of every typeface that some sheets are set in. */
async function embeddedFonts(
  pdf: PDFDocument,
  sheets: readonly Sheet[],
  fontsOf: ReadFonts,
): Promise<Map<Typeface, { regular: PDFFont; bold: PDFFont }>> {
  const used = new Set(
    sheets.flatMap(({ marks }) => marks.flatMap((mark) => (mark.type === 'text' ? typefaceOf(mark) : []))),
  );
  const options = { subset: true, features: { kern: false, liga: false } };
  const embedded = new Map<Typeface, { regular: PDFFont; bold: PDFFont }>();
  for (const typeface of used) {
    const files = await fontsOf(typeface);
    const name = typefaces[typeface].family.replaceAll(' ', '');
    // Six letters before its name say that a font is a subset.
    const regular = await pdf.embedFont(files.regular, { ...options, customName: `GRDRAW+${name}-Regular` });
    const bold = await pdf.embedFont(files.bold, { ...options, customName: `GRBOLD+${name}-Bold` });
    embedded.set(typeface, { regular, bold });
  }
  return embedded;
}

const typefaceOf = ({ typeface = 'plain' }: TextMark): Typeface => typeface;

/** The fonts of a page. */
type FontsOnPage = ReadonlyMap<Typeface, { regular: Faces; bold: Faces }>;

function faces(page: PDFPage, font: PDFFont): Faces {
  return { font, key: page.node.newFontDictionary(font.name, font.ref) };
}

function operatorsOf(mark: Primitive, fonts: FontsOnPage): PDFOperator[] {
  if (mark.type !== 'text') return shapeOperators(mark);
  const { regular, bold } = fonts.get(typefaceOf(mark))!;
  return textOperators(mark, mark.bold ? bold : regular);
}

function shapeOperators(mark: PathMark | ArcMark): PDFOperator[] {
  if (mark.weight === 0 && !mark.fill) return [];
  const path = mark.type === 'path' ? pathOperators(mark) : arcOperators(mark);
  const paint = mark.fill ? (mark.weight > 0 ? fillAndStroke() : fill()) : stroke();
  return [
    pushGraphicsState(),
    setLineWidth(mark.weight * POINTS),
    setLineJoin(0),
    setLineCap(0),
    setDashPattern(
      (mark.dash ?? []).map((part) => part * POINTS),
      0,
    ),
    setStrokingColor(colour(mark.ink)),
    ...(mark.fill ? [setFillingColor(colour(mark.fill))] : []),
    ...path,
    paint,
    popGraphicsState(),
  ];
}

function pathOperators({ rings, closed }: PathMark): PDFOperator[] {
  return rings.flatMap((ring) => [
    ...ring.map(({ x, y }, index) =>
      index === 0 ? moveTo(x * POINTS, y * POINTS) : lineTo(x * POINTS, y * POINTS),
    ),
    ...(closed ? [closePath()] : []),
  ]);
}

/** Bézier curves of at most a quarter turn: off the true circle by less than 3 in 10,000 of the radius. */
function arcOperators({ centre, radius, from, sweep }: ArcMark): PDFOperator[] {
  const parts = Math.max(1, Math.ceil(Math.abs(sweep) / (Math.PI / 2) - 1e-9));
  const step = sweep / parts;
  const handle = (4 / 3) * Math.tan(step / 4) * radius;
  const at = (angle: number): Point => ({
    x: centre.x + radius * Math.cos(angle),
    y: centre.y + radius * Math.sin(angle),
  });
  const first = at(from);
  const operators = [moveTo(first.x * POINTS, first.y * POINTS)];
  for (let part = 0; part < parts; part++) {
    const [a, b] = [from + step * part, from + step * (part + 1)];
    const [p, q] = [at(a), at(b)];
    operators.push(
      appendBezierCurve(
        (p.x - handle * Math.sin(a)) * POINTS,
        (p.y + handle * Math.cos(a)) * POINTS,
        (q.x + handle * Math.sin(b)) * POINTS,
        (q.y - handle * Math.cos(b)) * POINTS,
        q.x * POINTS,
        q.y * POINTS,
      ),
    );
  }
  if (Math.abs(sweep) >= 2 * Math.PI - 1e-9) operators.push(closePath());
  return operators;
}

function textOperators(mark: TextMark, { font, key }: Faces): PDFOperator[] {
  const { runs, width, squeeze } = typeset(typefaceOf(mark), mark.text, mark.size, mark.bold);
  const before = mark.anchor === 'start' ? 0 : mark.anchor === 'end' ? width : width / 2;
  const [cos, sin] = [Math.cos(mark.turn), Math.sin(mark.turn)];
  const drop = (mark.size * CAP_HEIGHT) / 2;
  const ground = mark.ground ? shapeOperators(groundOf(mark, width, before)) : [];
  const letters = runs.flatMap((run) => {
    const along = run.x - before;
    const up = run.rise - drop;
    const x = (mark.at.x + along * cos - up * sin) * POINTS;
    const y = (mark.at.y + along * sin + up * cos) * POINTS;
    return [
      beginText(),
      setFillingColor(colour(mark.ink)),
      setFontAndSize(key, run.size * POINTS),
      setTextMatrix(cos * squeeze, sin * squeeze, -sin, cos, x, y),
      showText(font.encodeText(run.text)),
      endText(),
    ];
  });
  return [...ground, ...letters];
}

/** The paper-coloured rectangle a text stands on. */
function groundOf({ at, turn, size, layer }: TextMark, width: number, before: number): PathMark {
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const corner = (x: number, y: number): Point => ({
    x: at.x + x * cos - y * sin,
    y: at.y + x * sin + y * cos,
  });
  const [left, right, half] = [-before - 0.3, width - before + 0.3, size * 0.5];
  const ring = [corner(left, -half), corner(right, -half), corner(right, half), corner(left, half)];
  return { type: 'path', layer, rings: [ring], closed: true, weight: 0, ink: 'paper', fill: 'paper' };
}

function colour(ink: Ink) {
  const hex = inkColours.print[ink];
  const part = (at: number) => parseInt(hex.slice(at, at + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
}
