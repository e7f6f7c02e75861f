import type { QuoteTerms, SheetStyle } from 'goodreach';
import { UniqueConstraintError } from 'sequelize';
import { database } from './database';
import { Job, KeptQuote, type Room } from './models';
import type { SignedIn } from './sessions';
import { listSheetStyles } from './sheet-styles';
import { shopBook } from './shop-books';
import { ask, type Asked } from './tasks/ask';
import type { MadeQuote } from './tasks/kinds';

/** A room is quoted so often at most. */
export const MOST_QUOTES = 200;

/** What is told of a quote in lists: its total in hundredths, of which revision of the room, by whom. */
export interface QuoteTold {
  number: number;
  revision: number;
  date: string;
  by: string;
  total: number;
  terms: QuoteTerms;
}

/** How quoting ended: the quote, what its making came to, or that another was made at the same moment, or there are too many. */
export type Quoted =
  | { kind: 'quoted'; quote: QuoteTold }
  | Exclude<Asked, { kind: 'made' }>
  | { kind: 'overtaken' }
  | { kind: 'full' };

const told = ({ number, revision, madeOn, madeBy, total, terms }: KeptQuote): QuoteTold => ({
  // Whole numbers that large come as text.
  ...{ number, revision, date: madeOn, by: madeBy, total: Number(total), terms },
});

/** The quotes of a room, the first first. */
export async function listQuotes({ id }: Pick<Room, 'id'>): Promise<QuoteTold[]> {
  await database();
  const rows = await KeptQuote.findAll({
    where: { roomId: id },
    attributes: { exclude: ['pdf'] },
    order: [['number', 'ASC']],
  });
  return rows.map(told);
}

/** A quote as it was made; null where there is none of this number. */
export async function findQuote({ id }: Pick<Room, 'id'>, number: string): Promise<KeptQuote | null> {
  await database();
  return /^[1-9]\d{0,5}$/.test(number)
    ? KeptQuote.findOne({ where: { roomId: id, number: Number(number) } })
    : null;
}

/** Quotes a room as it is saved now, by the studio's prices: makes the next number, and keeps it. */
export async function quoteRoom(
  person: SignedIn,
  room: Room,
  { terms, page, style }: { terms: QuoteTerms; page: string; style?: SheetStyle },
): Promise<Quoted> {
  const quotes = await listQuotes(room);
  if (quotes.length >= MOST_QUOTES) return { kind: 'full' };
  const [job, prices] = await Promise.all([Job.findByPk(room.jobId), shopBook(room, 'prices')]);
  const date = new Date().toISOString().slice(0, 10);
  const number = (quotes.at(-1)?.number ?? 0) + 1;
  // By no template of their own quotes bear what the studio's sets bear.
  const looks =
    style ?? (await listSheetStyles(person)).find(({ style: { logo, address } }) => logo ?? address)?.style;
  const { address, logo, typeface } = looks ?? {};
  const head = {
    ...{ studio: person.studioName, job: job?.name ?? '', room: room.name, number, date },
    ...{ revision: room.revision, ...(address && { address }), ...(logo && { logo }) },
    ...(typeface && { typeface }),
  };
  const asked = await ask(room, 'quote', { terms, head, page, ...(prices && { prices: prices.book }) });
  if (asked.kind !== 'made') return asked;
  const made = JSON.parse(asked.bytes.toString('utf8')) as MadeQuote;
  try {
    const quote = await KeptQuote.create({
      ...{ roomId: room.id, number, revision: room.revision, madeOn: date, madeBy: person.personName },
      ...{ total: made.total, terms, pdf: Buffer.from(made.pdf, 'base64') },
    });
    return { kind: 'quoted', quote: told(quote) };
  } catch (error) {
    if (!(error instanceof UniqueConstraintError)) throw error;
    return { kind: 'overtaken' };
  }
}
