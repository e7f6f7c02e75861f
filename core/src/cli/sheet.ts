import { drawingFonts } from '../../fonts/files.mjs';
import type { Design } from '../document/design';
import { readJson } from '../document/read-json';
import { faultsIn } from '../document/validate-design';
import { findSubject } from '../drawing/sheet/sheet-frame';
import { drawSheets } from '../drawing/sheet/sheet';
import { findPage, findScale } from '../drawing/sheet/sheet-format';
import { JobFields } from '../drawing/sheet/job-fields';
import { SheetStyle } from '../drawing/sheet/style-record';
import { writeSheetPdf } from '../exports/sheet-pdf';
import { writeSheetSvg } from '../exports/svg';
import { ok, refuse, type Result } from '../result';

export interface SheetFlags {
  show: string;
  page: string;
  scale: string;
  job: string;
  studio: string;
  client?: string;
  site?: string;
  number?: string;
  drawnBy?: string;
  checkedBy?: string;
  revision: string;
  date?: string;
  format: string;
  /** A template, as JSON. */
  style?: string;
}

export interface SheetAnswer {
  summary: { page: string; scale: string; sheets: string[] };
  /** The file they are written into, or the files of them. */
  files: (out: string) => Promise<{ name: string; content: Uint8Array | string }[]>;
}

const formats = ['pdf', 'svg'];

/** Draws the sheets of a design; files of them are made when asked for. */
export async function sheetCommand(design: Design, flags: SheetFlags): Promise<Result<SheetAnswer>> {
  const page = findPage(flags.page);
  if (!page.ok) return page;
  const scale = findScale(flags.scale);
  if (!scale.ok) return scale;
  const date = flags.date ?? new Date().toISOString().slice(0, 10);
  if (!isDay(date))
    return refuse('sheet-unknown', { what: 'date', value: date, known: ['a day as yyyy-mm-dd'] });
  if (!/^\d{1,9}$/.test(flags.revision))
    return refuse('sheet-unknown', {
      what: 'revision',
      value: flags.revision,
      known: ['a whole number from 0'],
    });
  if (!formats.includes(flags.format))
    return refuse('sheet-unknown', { what: 'format', value: flags.format, known: formats });
  const subject = findSubject(flags.show);
  if (!subject.ok) return subject;
  const style = flags.style === undefined ? ok(undefined) : readStyle(flags.style);
  if (!style.ok) return style;
  const fields = jobFields(flags);
  const faults = faultsIn(JobFields, fields, 'title block');
  if (faults.length > 0) return refuse('input-faulty', { faults });
  const { studio, job } = flags;
  const sheets = drawSheets(design, {
    subject: subject.value,
    page: page.value,
    scale: scale.value,
    studio,
    job,
    fields,
    date,
    revision: Number(flags.revision),
    ...(style.value && { style: style.value }),
  });
  if (!sheets.ok) return sheets;
  return ok({
    summary: { page: page.value.id, scale: scale.value.text, sheets: sheets.value.map(({ title }) => title) },
    files: async (out) => {
      if (flags.format === 'svg')
        return sheets.value.map((sheet, index) => ({
          name: sheets.value.length === 1 ? out : numbered(out, index + 1),
          content: writeSheetSvg(sheet),
        }));
      const details = { title: job || 'Plan', author: studio, date: new Date(date) };
      return [{ name: out, content: await writeSheetPdf(sheets.value, drawingFonts, details) }];
    },
  });
}

const jobFields = ({ client, site, number, drawnBy, checkedBy }: SheetFlags): JobFields => ({
  ...(client !== undefined && { client }),
  ...(site !== undefined && { site }),
  ...(number !== undefined && { number }),
  ...(drawnBy !== undefined && { drawnBy }),
  ...(checkedBy !== undefined && { checkedBy }),
});

/** A template as it is read from JSON, or every fault of it. */
function readStyle(text: string): Result<SheetStyle> {
  const read = readJson(text);
  if (!read.ok) return read;
  const faults = faultsIn(SheetStyle, read.value, 'style');
  return faults.length > 0 ? refuse('input-faulty', { faults }) : ok(read.value as SheetStyle);
}

/** The name of a file with a number before its ending: `set.svg` is `set-02.svg`. */
function numbered(name: string, number: number): string {
  const dot = name.lastIndexOf('.');
  const ending = dot > name.lastIndexOf('/') + 1 ? dot : name.length;
  return `${name.slice(0, ending)}-${String(number).padStart(2, '0')}${name.slice(ending)}`;
}

function isDay(text: string): boolean {
  const day = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().slice(0, 10) === text;
}
