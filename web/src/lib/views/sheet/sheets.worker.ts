import {
  drawingBounds,
  drawSheets,
  ok,
  labelOf,
  svgMarks,
  svgPictures,
  type Design,
  type MeasuredThings,
  type Page,
  type Point,
  type Result,
  type Sheet,
  type SheetOptions,
  type TextMark,
  type Typeface,
  type ViewOnPage,
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
  /** Its line, from the top left corner. */
  line: readonly [Point, Point];
  of: MeasuredThings;
  /** The record of a dimension of one's own. */
  own: string | null;
  /** The drawing it stands on. */
  frame: ViewOnPage | null;
}

/** What is written on a sheet and can be put elsewhere: what it goes by, the record and the drawing it is of, its box, paper mm from the sheet's top left corner. */
export interface ShownLabel {
  key: string;
  source: string | null;
  view: string;
  /** By how much letters are larger than usual. */
  letters: number;
  text: string;
  left: number;
  top: number;
  width: number;
  height: number;
}

/** A sheet as the page shows it: what is drawn on it as SVG, and the numbers on it that can be typed. */
export interface ShownSheet {
  page: Page;
  title: string;
  svg: string;
  /** What it is set in. */
  typeface: Typeface;
  figures: ShownFigure[];
  labels: ShownLabel[];
  frames: readonly ViewOnPage[];
}
export type SheetsAnswer = Result<ShownSheet[]>;

function figuresOn({ marks, page, frames }: Sheet, { records }: Design): ShownFigure[] {
  return marks.flatMap((mark): ShownFigure[] => {
    if (mark.type !== 'text' || !mark.measured) return [];
    const { source } = mark;
    const own = source !== undefined && records[source]?.kind === 'dimension' ? source : null;
    const frame = frames.find(({ box }) => within(mark.at, box)) ?? frames[0] ?? null;
    const { left, right, bottom, top } = drawingBounds([mark], 1);
    const [a, b] = mark.measured.line;
    const down = ({ x, y }: Point): Point => ({ x, y: page.height - y });
    return [
      {
        ...{ text: mark.text, of: mark.measured.of, paper: { x: b.x - a.x, y: b.y - a.y } },
        ...{ own, frame, line: [down(a), down(b)] },
        ...{ left, top: page.height - top, width: right - left, height: top - bottom },
      },
    ];
  });
}

/** A label is taken hold of so far about its words, paper mm: a number by its circle. */
const ABOUT = 1;

function labelsOn({ marks, page, frames }: Sheet): ShownLabel[] {
  return frames.flatMap(({ view, letters, marks: [from, to] }): ShownLabel[] => {
    if (view === null) return [];
    const byKey = new Map<string, TextMark[]>();
    for (const mark of marks.slice(from, to))
      if (mark.type === 'text' && mark.label) byKey.set(mark.label, [...(byKey.get(mark.label) ?? []), mark]);
    return [...byKey].map(([key, words]) => {
      const { left, right, bottom, top } = drawingBounds(words, 1);
      return {
        ...{ key, view, letters, source: labelOf(key), text: words.map(({ text }) => text).join(' ') },
        ...{ left: left - ABOUT, top: page.height - top - ABOUT },
        ...{ width: right - left + 2 * ABOUT, height: top - bottom + 2 * ABOUT },
      };
    });
  });
}

/** The marks of a sheet, those of each of its drawings in a group of their own, which can be moved on its own. */
function sheetSvg({ marks, frames, pictures }: Sheet): string {
  const parts: string[] = [];
  let at = 0;
  for (const [
    index,
    {
      marks: [from, to],
    },
  ] of frames.entries()) {
    parts.push(svgMarks(marks.slice(at, from), 1));
    parts.push(`<g data-frame="${index}">${svgMarks(marks.slice(from, to), 1)}</g>`);
    at = to;
  }
  return [...parts, svgMarks(marks.slice(at), 1), svgPictures(pictures)].join('');
}

const within = ({ x, y }: Point, { left, right, bottom, top }: ViewOnPage['box']): boolean =>
  x >= left && x <= right && y >= bottom && y <= top;

onmessage = ({ data: { design, options } }: MessageEvent<SheetsQuestion>) => {
  const drawn = drawSheets(design, options);
  const answer: SheetsAnswer = drawn.ok
    ? ok(
        drawn.value.map((sheet) => ({
          ...{ page: sheet.page, title: sheet.title, frames: sheet.frames },
          ...{
            svg: sheetSvg(sheet),
            typeface: options.style?.typeface ?? 'plain',
            figures: figuresOn(sheet, design),
            labels: labelsOn(sheet),
          },
        })),
      )
    : drawn;
  postMessage(answer);
};
