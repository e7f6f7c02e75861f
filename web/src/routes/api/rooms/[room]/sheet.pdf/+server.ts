import { drawSheets, findPage, findScale, findSubject, roomOf, styleOf } from 'goodreach';
import { drawingFonts } from 'goodreach/fonts';
import { writeSheetPdf } from 'goodreach/server';
import { fileName, refused, requirePerson, requireRoom } from '$server/answers';
import { documentOf } from '$server/documents';
import { Job } from '$server/models';
import type { RequestHandler } from './$types';

/** Sheets as a PDF: `?show=plan&page=A3&scale=20`. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const page = findPage(url.searchParams.get('page') ?? 'A3');
  if (!page.ok) return refused(page.refusal);
  const scale = findScale(url.searchParams.get('scale') ?? '20');
  if (!scale.ok) return refused(scale.refusal);
  const subject = findSubject(url.searchParams.get('show') ?? 'plan');
  if (!subject.ok) return refused(subject.refusal);
  const document = await documentOf(room);
  const job = await Job.findByPk(room.jobId);
  const options = { studio: person.studioName, job: job?.name ?? '', date: today(), revision: room.revision };
  const sheets = drawSheets(document, {
    subject: subject.value,
    page: page.value,
    scale: scale.value,
    ...options,
  });
  if (!sheets.ok) return refused(sheets.refusal, { style: styleOf(document) });
  const { name } = roomOf(document);
  const title = `${options.job} – ${name}, revision ${room.revision}`;
  const pdf = await writeSheetPdf(sheets.value, await drawingFonts(), {
    title,
    author: person.studioName,
    date: new Date(),
  });
  return new Response(pdf as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${fileName(`${options.job} ${name} r${room.revision}`, 'pdf')}"`,
      'cache-control': 'no-store',
    },
  });
};

function today(): string {
  return new Date().toISOString().slice(0, 10);
}
