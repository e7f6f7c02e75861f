import { drawSheets, ok, svgMarks, type Design, type Page, type Result, type SheetOptions } from 'goodreach';

/** What the page asks: the sheets of a design. */
export interface SheetsQuestion {
  design: Design;
  options: SheetOptions;
}

/** A sheet as the page shows it: what is drawn on it as SVG. */
export interface ShownSheet {
  page: Page;
  title: string;
  svg: string;
}
export type SheetsAnswer = Result<ShownSheet[]>;

onmessage = ({ data: { design, options } }: MessageEvent<SheetsQuestion>) => {
  const drawn = drawSheets(design, options);
  const answer: SheetsAnswer = drawn.ok
    ? ok(drawn.value.map(({ page, title, marks }) => ({ page, title, svg: svgMarks(marks, 1) })))
    : drawn;
  postMessage(answer);
};
