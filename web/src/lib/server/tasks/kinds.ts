import {
  costByGroup,
  costOf,
  drawPlan,
  findPage,
  quoteOf,
  quoteWords,
  drawSheets,
  formatArea,
  roomOf,
  listOf,
  roomShape,
  scheduleIds,
  shopListIds,
  writeSvg,
  arranged,
  type Arrangement,
  type CostGroup,
  type Design,
  type ListId,
  type PaperPicture,
  type Refusal,
  type PriceBook,
  type QuoteTerms,
  type SheetOptions,
} from 'goodreach';
import { drawingFonts } from 'goodreach/fonts';
import {
  drawNamed,
  quoteSheets,
  reachReport,
  readModel,
  scheduleCsv,
  scheduleXlsx,
  writeDxf,
  writeGltf,
  writeSheetPdf,
  type Model,
  type QuoteHead,
} from 'goodreach/server';

/** What a task is asked, by its kind. */
export interface TaskInputs {
  /** What the room costs, by the parts of the job. */
  cost: { prices?: PriceBook };
  /** A drawing as DXF, its texts and dashes as on paper at a scale. */
  dxf: { view: string; scale: number };
  /** The room in three dimensions; the models of its objects are brought to the task. */
  model: { models?: Readonly<Record<string, Uint8Array>> };
  /** A small plan for lists, or one with its chains to be read at half a page's width, and its area. */
  plan: { chains?: true };
  /** A client's quote: its total and its PDF. */
  quote: { terms: QuoteTerms; head: QuoteHead; page: string; prices?: PriceBook };
  /** What the reach checks find. */
  reach: Record<never, never>;
  /** One schedule or list for the shop as CSV, or all of them as a workbook. */
  schedule: { of: ListId | 'all' | 'shop'; how?: Arrangement; prices?: PriceBook };
  /** Sheets as a PDF; the picture on the cover is brought to the task. */
  sheet: { options: SheetOptions; title: string; author: string; cover?: PaperPicture };
}
export type TaskKind = keyof TaskInputs;

/** A quote as it was made: its total in hundredths, its PDF in base64. */
export interface MadeQuote {
  total: number;
  pdf: string;
}

/** What a room costs: in hundredths, by the parts of the job, and how much has no price. */
export interface ToldCost {
  cents: number;
  groups: readonly { group: CostGroup; amount: number }[];
  unpriced: number;
}

/** What a task made: a file, or why it can't be. */
export type Made = { ok: true; type: string; bytes: Uint8Array } | { ok: false; refusal: Refusal };

/** How plans are drawn small: room millimetres per paper millimetre, so that line weights and texts stay in proportion to their size; and what is left away. */
const SMALL_PLANS = {
  listed: { scale: 60, without: ['dimensions', 'numbers', 'labels', 'tiles'] },
  chains: { scale: 30, without: ['labels'] },
} as const;

const text = new TextEncoder();
const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

const makers: { [K in TaskKind]: (document: Design, input: TaskInputs[K]) => Promise<Made> } = {
  async cost(document, { prices }) {
    const cost = costOf(document, prices);
    const made: ToldCost = {
      cents: cost.cents,
      groups: costByGroup(cost, null),
      unpriced: cost.asked.length,
    };
    return { ok: true, type: 'application/json', bytes: text.encode(JSON.stringify(made)) };
  },

  async dxf(document, { view, scale }) {
    const marks = drawNamed(document, view, scale);
    if (!marks.ok) return { ok: false, refusal: marks.refusal };
    return { ok: true, type: 'image/vnd.dxf', bytes: text.encode(writeDxf(marks.value, scale)) };
  },

  async model(document, { models = {} }) {
    const read = new Map<string, Model>();
    for (const [id, bytes] of Object.entries(models)) {
      const model = await readModel(bytes);
      if (model.ok) read.set(id, model.value);
    }
    const bytes = await writeGltf(document, (id) => read.get(id) ?? null);
    return { ok: true, type: 'model/gltf-binary', bytes };
  },

  async plan(document, { chains }) {
    const { scale, without } = SMALL_PLANS[chains ? 'chains' : 'listed'];
    const plan = writeSvg(drawPlan(document, scale, { without, medium: 'screen' }), scale, { margin: 2 });
    const area = formatArea(roomShape(document).area, roomOf(document).unit);
    return {
      ok: true,
      type: 'application/json',
      bytes: text.encode(JSON.stringify({ plan, area })),
    };
  },

  async quote(document, { terms, head, page, prices }) {
    const found = findPage(page);
    if (!found.ok) return { ok: false, refusal: found.refusal };
    const quote = quoteOf(costOf(document, prices), terms);
    const title = `${quoteWords.title(head.number)}, ${head.job}, ${head.room}`;
    const details = { title, author: head.studio, date: new Date() };
    const sheets = quoteSheets(quote, terms, head, found.value);
    const pdf = await writeSheetPdf(sheets, drawingFonts, details);
    const made: MadeQuote = { total: quote.total, pdf: Buffer.from(pdf).toString('base64') };
    return { ok: true, type: 'application/json', bytes: text.encode(JSON.stringify(made)) };
  },

  async reach(document) {
    const report = JSON.stringify(reachReport(document), null, 2);
    return { ok: true, type: 'application/json', bytes: text.encode(report) };
  },

  async schedule(document, { of, how = {}, prices }) {
    if (of !== 'all' && of !== 'shop') {
      const table = arranged(listOf(document, of, prices), how);
      if (!table.ok) return { ok: false, refusal: table.refusal };
      return { ok: true, type: 'text/csv', bytes: text.encode(scheduleCsv(table.value)) };
    }
    const ids: readonly ListId[] = of === 'shop' ? shopListIds : scheduleIds;
    const all = ids.map((id) => listOf(document, id, prices));
    const bytes = await scheduleXlsx(all, roomOf(document).unit);
    return { ok: true, type: XLSX, bytes };
  },

  async sheet(document, { options, title, author, cover }) {
    const sheets = drawSheets(document, { ...options, ...(cover && { cover }) });
    if (!sheets.ok) return { ok: false, refusal: sheets.refusal };
    const details = { title, author, date: new Date() };
    return {
      ok: true,
      type: 'application/pdf',
      bytes: await writeSheetPdf(sheets.value, drawingFonts, details),
    };
  },
};

/** Does what a task asks: seconds of work, never where people are answered. */
export function make<K extends TaskKind>(kind: K, document: Design, input: TaskInputs[K]): Promise<Made> {
  return makers[kind](document, input);
}
