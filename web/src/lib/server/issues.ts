import {
  changedSince,
  type Page,
  type SheetIssue,
  type SheetScale,
  type SheetStyle,
  type SheetSubject,
} from 'goodreach';
import { UniqueConstraintError } from 'sequelize';
import { database } from './database';
import { documentOf } from './documents';
import { Issue, Job, type Room } from './models';
import type { SignedIn } from './sessions';
import { shopBook } from './shop-books';
import { ask, type Asked } from './tasks/ask';

/** A room is issued so often at most. */
export const MOST_ISSUES = 200;

/** What is told of an issue in lists. */
export interface IssueTold extends SheetIssue {
  revision: number;
  by: string;
}

/** What is issued: what for, and which sheets. */
export interface IssueWish {
  name: string;
  subject: SheetSubject;
  page: Page;
  scale: SheetScale;
  /** The template of the studio. */
  style?: SheetStyle;
}

/** How issuing ended: the issue, what the making of its sheets came to, or that another was made at the same moment, or there are too many. */
export type Issued =
  | { kind: 'issued'; issue: IssueTold }
  | Exclude<Asked, { kind: 'made' }>
  | { kind: 'overtaken' }
  | { kind: 'full' };

const told = ({ number, name, issuedOn, revision, issuedBy }: Issue): IssueTold => ({
  ...{ number, name, date: issuedOn, revision, by: issuedBy },
});

/** The issues of a room, the first first. */
export async function listIssues({ id }: Pick<Room, 'id'>): Promise<IssueTold[]> {
  await database();
  const rows = await Issue.findAll({
    where: { roomId: id },
    attributes: ['number', 'name', 'issuedOn', 'revision', 'issuedBy'],
    order: [['number', 'ASC']],
  });
  return rows.map(told);
}

/** An issue as it was made; null where there is none of this number. */
export async function findIssue({ id }: Pick<Room, 'id'>, number: string): Promise<Issue | null> {
  await database();
  return /^[1-9]\d{0,5}$/.test(number)
    ? Issue.findOne({ where: { roomId: id, number: Number(number) } })
    : null;
}

/** What sheets of a room say of its issues, and of what has changed since the last. */
export async function issuesOnSheets(room: Room): Promise<{ issues: SheetIssue[]; changed: string[] }> {
  const issues = (await listIssues(room)).map(({ number, name, date }) => ({ number, name, date }));
  const last = issues.at(-1);
  if (!last) return { issues, changed: [] };
  const before = await Issue.findOne({
    where: { roomId: room.id, number: last.number },
    attributes: ['document'],
  });
  return { issues, changed: changedSince(before!.document, await documentOf(room)) };
}

/** What title blocks say of a job and its studio. */
export const sheetTitles = ({ studioName }: Pick<SignedIn, 'studioName'>, job: Job | null) => ({
  ...{ studio: studioName, job: job?.name ?? '', fields: job?.fields ?? {} },
});

/** Gives a set of drawings out: makes it with its number, and keeps it with the design and the shop's lists as they are now. */
export async function issueRoom(person: SignedIn, room: Room, wish: IssueWish): Promise<Issued> {
  const { issues, changed } = await issuesOnSheets(room);
  if (issues.length >= MOST_ISSUES) return { kind: 'full' };
  const document = await documentOf(room);
  const job = await Job.findByPk(room.jobId);
  const date = new Date().toISOString().slice(0, 10);
  const issue: SheetIssue = { number: (issues.at(-1)?.number ?? 0) + 1, name: wish.name.trim(), date };
  const { subject, page, scale, style } = wish;
  const titles = { ...sheetTitles(person, job), date, revision: room.revision };
  const asked = await ask(room, 'sheet', {
    options: { subject, page, scale, ...titles, issue, issues, changed, ...(style && { style }) },
    title: `${titles.job} – ${room.name}, issue ${issue.number}`,
    author: person.studioName,
  });
  if (asked.kind !== 'made') return asked;
  const kept = await shopBook(person, 'prices');
  const lists = await ask(room, 'schedule', { of: 'shop', ...(kept && { prices: kept.book }) });
  if (lists.kind !== 'made') return lists;
  try {
    const made = await Issue.create({
      ...{ roomId: room.id, number: issue.number, name: issue.name, revision: room.revision },
      ...{ issuedOn: date, issuedBy: person.personName, document, pdf: asked.bytes, lists: lists.bytes },
    });
    return { kind: 'issued', issue: told(made) };
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error;
    return { kind: 'overtaken' };
  }
}
