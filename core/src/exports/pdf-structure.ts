import {
  PDFDict,
  PDFHexString,
  PDFName,
  PDFOperator,
  PDFOperatorNames,
  type PDFArray,
  type PDFDocument,
  type PDFPage,
  type PDFRef,
} from '@cantoo/pdf-lib';
import type { Layer, Primitive } from '../drawing/primitives';
import type { Sheet } from '../drawing/sheet/sheet-frame';
import { layerNames } from '../wording/drawing-words';

/** PDF points in a paper millimetre. */
export const POINTS = 72 / 25.4;

/** Bookmarks, one for each page by its title, shown when the file is opened. */
export function addBookmarks(pdf: PDFDocument, titles: readonly string[]): void {
  const { context, catalog } = pdf;
  const pages = pdf.getPages();
  const root = context.nextRef();
  const refs = titles.map(() => context.nextRef());
  titles.forEach((title, index) => {
    const item = context.obj({ Parent: root, Dest: [pages[index]!.ref, 'Fit'] });
    item.set(PDFName.of('Title'), PDFHexString.fromText(title));
    if (index > 0) item.set(PDFName.of('Prev'), refs[index - 1]!);
    if (index < refs.length - 1) item.set(PDFName.of('Next'), refs[index + 1]!);
    context.assign(refs[index]!, item);
  });
  context.assign(
    root,
    context.obj({ Type: 'Outlines', First: refs[0]!, Last: refs.at(-1)!, Count: refs.length }),
  );
  catalog.set(PDFName.of('Outlines'), root);
  catalog.set(PDFName.of('PageMode'), PDFName.of('UseOutlines'));
  // Pages are called by their numbers in the set.
  catalog.set(PDFName.of('PageLabels'), context.obj({ Nums: [0, { S: 'D' }] }));
}

/** The layers of drawings, each of which a reader can switch off. */
export class PdfLayers {
  readonly #groups = new Map<Layer, PDFRef>();
  readonly #used = new Map<PDFPage, Map<Layer, PDFRef>>();

  constructor(private readonly pdf: PDFDocument) {}

  /** What is drawn of a layer of a page, as belonging to it. */
  on(page: PDFPage, layer: Layer, operators: readonly PDFOperator[]): PDFOperator[] {
    const used = this.#used.get(page) ?? new Map<Layer, PDFRef>();
    this.#used.set(page, used);
    used.set(layer, this.#groupOf(layer));
    return [
      PDFOperator.of(PDFOperatorNames.BeginMarkedContentSequence, [
        PDFName.of('OC'),
        PDFName.of(`L-${layer}`),
      ]),
      ...operators,
      PDFOperator.of(PDFOperatorNames.EndMarkedContent),
    ];
  }

  #groupOf(layer: Layer): PDFRef {
    const known = this.#groups.get(layer);
    if (known) return known;
    const group = this.pdf.context.obj({ Type: 'OCG' });
    group.set(PDFName.of('Name'), PDFHexString.fromText(layerNames[layer]));
    const ref = this.pdf.context.register(group);
    this.#groups.set(layer, ref);
    return ref;
  }

  /** Tells the file of all its layers. */
  finish(): void {
    const { context, catalog } = this.pdf;
    for (const [page, used] of this.#used) {
      const properties = PDFDict.withContext(context);
      for (const [layer, ref] of used) properties.set(PDFName.of(`L-${layer}`), ref);
      page.node.Resources()!.set(PDFName.of('Properties'), properties);
    }
    const groups = [...this.#groups.values()];
    catalog.set(PDFName.of('OCProperties'), context.obj({ OCGs: groups, D: { Order: groups, ON: groups } }));
  }
}

/** Links from the numbers on drawings to the lines that list them: those of their own page, or of the next that has them. */
export function addLinks(pdf: PDFDocument, sheets: readonly Sheet[]): void {
  const pages = pdf.getPages();
  const listed = sheets.map(({ marks }) => listedOn(marks));
  sheets.forEach(({ marks }, index) => {
    const links = marks.flatMap((mark) => {
      if (mark.type !== 'arc' || mark.layer !== 'numbers' || mark.fill !== 'paper' || !mark.source) return [];
      const { source, centre, radius } = mark;
      const to = listed.findIndex((lines, page) => page >= index && lines.has(source));
      const line = to < 0 ? undefined : listed[to]!.get(source);
      if (line === undefined) return [];
      const box = [centre.x - radius, centre.y - radius, centre.x + radius, centre.y + radius];
      const link = pdf.context.obj({
        ...{ Type: 'Annot', Subtype: 'Link', Border: [0, 0, 0], Rect: box.map((mm) => mm * POINTS) },
        Dest: [pages[to]!.ref, 'XYZ', 0, (line + ABOVE) * POINTS, 0],
      });
      return [pdf.context.register(link)];
    });
    if (links.length === 0) return;
    const { node } = pages[index]!;
    const array: PDFArray = node.Annots() ?? pdf.context.obj([]);
    for (const link of links) array.push(link);
    node.set(PDFName.of('Annots'), array);
  });
}

/** So much over its line a page is shown from, paper mm. */
const ABOVE = 12;

/** The lines of the schedules on a page, by what they are of: how high each stands, paper mm. */
function listedOn(marks: readonly Primitive[]): Map<string, number> {
  const lines = new Map<string, number>();
  for (const mark of marks)
    if (mark.type === 'text' && mark.layer === 'sheet' && mark.source && !lines.has(mark.source))
      lines.set(mark.source, mark.at.y);
  return lines;
}
