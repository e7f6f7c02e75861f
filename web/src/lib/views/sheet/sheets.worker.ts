import {
  drawingBounds,
  drawSheets,
  ok,
  svgMarks,
  type Design,
  type MeasuredThings,
  type Page,
  type Point,
  type Primitive,
  type Result,
  type SheetOptions,
} from 'goodreach';

/** What the page asks: the sheets of a design. */
export interface SheetsQuestion {
  design: Design;
  options: SheetOptions;
}

/** A number on a sheet that measures something of the room: its box, paper mm from the sheet's top left corner, and the way its line runs there. */
export interface ShownFigure {
  text: string;
  left: number;
  top: number;
  width: number;
  height: number;
  paper: Point;
  of: MeasuredThings;
}

/** A sheet as the page shows it: what is drawn on it as SVG, and the numbers on it that can be typed. */
export interface ShownSheet {
  page: Page;
  title: string;
  svg: string;
  figures: ShownFigure[];
}
export type SheetsAnswer = Result<ShownSheet[]>;

function figuresOn(marks: readonly Primitive[], page: Page): ShownFigure[] {
  return marks.flatMap((mark): ShownFigure[] => {
    if (mark.type !== 'text' || !mark.measured?.of) return [];
    const { left, right, bottom, top } = drawingBounds([mark], 1);
    const [a, b] = mark.measured.line;
    return [
      {
        ...{ text: mark.text, of: mark.measured.of, paper: { x: b.x - a.x, y: b.y - a.y } },
        ...{ left, top: page.height - top, width: right - left, height: top - bottom },
      },
    ];
  });
}

onmessage = ({ data: { design, options } }: MessageEvent<SheetsQuestion>) => {
  const drawn = drawSheets(design, options);
  const answer: SheetsAnswer = drawn.ok
    ? ok(
        drawn.value.map(({ page, title, marks }) => ({
          ...{ page, title, svg: svgMarks(marks, 1) },
          figures: figuresOn(marks, page),
        })),
      )
    : drawn;
  postMessage(answer);
};
