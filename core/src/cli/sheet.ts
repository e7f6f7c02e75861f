import { drawingFonts } from '../../fonts/files.mjs';
import type { Design } from '../document/design';
import { findSubject } from '../drawing/sheet/sheet-frame';
import { drawSheets } from '../drawing/sheet/sheet';
import { findPage, findScale } from '../drawing/sheet/sheet-format';
import { writeSheetPdf } from '../exports/sheet-pdf';
import { ok, refuse, type Result } from '../result';

export interface SheetFlags {
  show: string;
  page: string;
  scale: string;
  job: string;
  studio: string;
  revision: string;
  date?: string;
}

export interface SheetAnswer {
  summary: { page: string; scale: string; sheets: string[] };
  pdf: () => Promise<Uint8Array>;
}

/** Draws the sheets of a design; the PDF is made when asked for. */
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
  const subject = findSubject(flags.show);
  if (!subject.ok) return subject;
  const { studio, job } = flags;
  const sheets = drawSheets(design, {
    subject: subject.value,
    page: page.value,
    scale: scale.value,
    studio,
    job,
    date,
    revision: Number(flags.revision),
  });
  if (!sheets.ok) return sheets;
  return ok({
    summary: { page: page.value.id, scale: scale.value.text, sheets: sheets.value.map(({ title }) => title) },
    pdf: async () =>
      writeSheetPdf(sheets.value, await drawingFonts(), {
        title: job || 'Plan',
        author: studio,
        date: new Date(date),
      }),
  });
}

function isDay(text: string): boolean {
  const day = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().slice(0, 10) === text;
}
