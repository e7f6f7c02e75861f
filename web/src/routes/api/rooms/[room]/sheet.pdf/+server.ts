import { findPage, findScale, findSubject } from 'goodreach';
import { fileName, refused, requirePerson, requireRoom, requireSheetStyle } from '$server/answers';
import { issuesOnSheets, sheetTitles } from '$server/issues';
import { Job } from '$server/models';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** Sheets as a PDF: `?show=plan&page=A3&scale=20`, by a template of the studio with `&style=`. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const page = findPage(url.searchParams.get('page') ?? 'A3');
  if (!page.ok) return refused(page.refusal);
  const scale = findScale(url.searchParams.get('scale') ?? '20');
  if (!scale.ok) return refused(scale.refusal);
  const subject = findSubject(url.searchParams.get('show') ?? 'plan');
  if (!subject.ok) return refused(subject.refusal);
  const style = await requireSheetStyle(locals, url.searchParams.get('style'));
  const job = await Job.findByPk(room.jobId);
  const titles = { ...sheetTitles(person, job), date: today(), revision: room.revision };
  const asked = await ask(room, 'sheet', {
    options: {
      subject: subject.value,
      page: page.value,
      scale: scale.value,
      ...titles,
      ...(style && { style }),
      ...(await issuesOnSheets(room)),
    },
    title: `${titles.job} – ${room.name}, revision ${room.revision}`,
    author: person.studioName,
  });
  const name = fileName(`${titles.job} ${room.name} r${room.revision}`, 'pdf');
  return answerMade(asked, { 'content-disposition': `inline; filename="${name}"` }, job ?? undefined);
};

function today(): string {
  return new Date().toISOString().slice(0, 10);
}
