import type { Quote, QuoteTerms } from '../../shop/cost/quote';
import { clientGroupNames, moneyWords, quoteWords } from '../../wording/cost-words';
import { line, TEXT, WEIGHT, type Primitive } from '../primitives';
import type { Page } from '../sheet/sheet-format';
import type { Sheet } from '../sheet/sheet-frame';
import { point, text } from '../sheet/sheet-marks';
import type { PictureOnPage } from '../sheet/sheet-style';
import type { PaperPicture } from '../sheet/style-record';
import { sheetsIn } from '../sheet/typeface';
import type { Typeface } from '../typefaces';
import { fitted, wrapped } from '../text-layout';

/** What is told about a quote: of which room and revision, its number, when it was made. */
export interface QuoteHead {
  studio: string;
  address?: string;
  logo?: PaperPicture;
  /** What it is set in, the plain one unless given. */
  typeface?: Typeface;
  job: string;
  room: string;
  number: number;
  revision: number;
  /** yyyy-mm-dd. */
  date: string;
}

/** Edges of a page, rows and lines, paper mm. */
const EDGE = 22;
const FOOT = 16;
const ROW = 7;
const LINE = 4.6;
const GAP = 5;
const HEAD = 34;
const LOGO = { wide: 46, high: 20 };
/** Between a name and its amount, and how wide the names of particulars are. */
const ASIDE = 40;
const PARTICULAR = 30;
const DAY = 86_400_000;

/** Something that is kept together on a page: how high it is, and its marks from its top down. */
interface Block {
  high: number;
  marks: (top: number) => Primitive[];
}

/** A client's quote on upright pages: the studio, what it is for, what each part comes to, tax and total, what is not in it, terms, and where it is accepted. */
export function quoteSheets(
  quote: Quote,
  terms: QuoteTerms,
  head: QuoteHead,
  { id, width, height }: Page,
): Sheet[] {
  const page: Page = { id, width: Math.min(width, height), height: Math.max(width, height) };
  const [left, right] = [EDGE, page.width - EDGE];
  const wide = right - left;
  const blocks: Block[] = [
    ...particulars(terms, head, left, wide),
    space(GAP),
    ...quote.lines.map(({ group, cents }) => amount(clientGroupNames[group], cents)),
    ...(quote.allowances.length > 0
      ? [heading(quoteWords.allowed), ...quote.allowances.map(({ name, cents }) => amount(name, cents))]
      : []),
    amount(quoteWords.net, quote.net),
    ...(quote.taxed > 0 ? [amount(quoteWords.tax(quote.taxed), quote.tax)] : []),
    amount(quoteWords.total, quote.total, true),
    space(GAP),
    ...words(quoteWords.excluded, [
      terms.excluded,
      ...(quote.unpriced.length > 0 ? [quoteWords.unpriced(quote.unpriced)] : []),
    ]),
    ...words(quoteWords.terms, [terms.terms]),
    acceptance(),
  ];
  const pages = laid(blocks, page);
  const sheets = pages.map((marks, index) => ({
    page,
    title: quoteWords.title(head.number),
    marks: [
      ...(index === 0 ? letterhead(head, left, right, page.height) : []),
      ...marks,
      text(quoteWords.page(index + 1, pages.length), right, FOOT / 2, TEXT.small, false, 'end'),
    ],
    frames: [],
    pictures: index === 0 && head.logo ? [logoOf(head.logo, right, page.height)] : [],
  }));
  return sheetsIn(head.typeface ?? 'plain', sheets);

  function amount(name: string, cents: number, isBold = false): Block {
    return {
      high: ROW,
      marks: (top) => [
        text(fitted(name, TEXT.normal, wide - ASIDE), left, top - ROW / 2, TEXT.normal, isBold),
        text(moneyWords(cents, terms.currency), right, top - ROW / 2, TEXT.normal, isBold, 'end'),
        line(
          'sheet',
          [point(left, top - ROW), point(right, top - ROW)],
          isBold ? WEIGHT.object : 0.1,
          isBold ? 'drawing' : 'faint',
        ),
      ],
    };
  }

  function heading(said: string): Block {
    return {
      high: ROW + GAP / 2,
      marks: (top) => [text(said, left, top - ROW / 2 - GAP / 2, TEXT.normal, true)],
    };
  }

  /** A heading kept with its first line, the others line by line. */
  function words(title: string, said: readonly string[]): Block[] {
    const lines = said
      .flatMap((one) => one.split('\n'))
      .flatMap((one) => (one.trim() === '' ? [''] : wrapped(one, TEXT.small, wide)));
    while (lines.at(-1) === '') lines.pop();
    if (lines.length === 0) return [];
    const lineOf = (one: string): Block => ({
      high: LINE,
      marks: (top) => (one === '' ? [] : [text(one, left, top - LINE / 2, TEXT.small)]),
    });
    const [first, ...more] = lines.map(lineOf);
    const head = heading(title);
    const together: Block = {
      high: head.high + first!.high,
      marks: (top) => [...head.marks(top), ...first!.marks(top - head.high)],
    };
    return [together, ...more];
  }

  function acceptance(): Block {
    const fields = [quoteWords.name, quoteWords.date, quoteWords.signed];
    const each = (wide - (fields.length - 1) * GAP) / fields.length;
    return {
      high: 34,
      marks: (top) => [
        text(quoteWords.accepted, left, top - 10, TEXT.normal, true),
        ...fields.flatMap((field, index): Primitive[] => {
          const x = left + index * (each + GAP);
          return [
            line('sheet', [point(x, top - 26), point(x + each, top - 26)], WEIGHT.thin, 'drawing'),
            text(field, x, top - 29.5, TEXT.small),
          ];
        }),
      ],
    };
  }
}

const space = (high: number): Block => ({ high, marks: () => [] });

/** Blocks one under the other, on as many pages as that takes. */
function laid(blocks: readonly Block[], page: Page): Primitive[][] {
  const pages: Primitive[][] = [[]];
  let top = page.height - EDGE - HEAD;
  for (const { high, marks } of blocks) {
    if (top - high < FOOT) {
      pages.push([]);
      top = page.height - EDGE;
    }
    pages.at(-1)!.push(...marks(top));
    top -= high;
  }
  return pages;
}

function letterhead(
  { studio, address, number }: QuoteHead,
  left: number,
  right: number,
  high: number,
): Primitive[] {
  const top = high - EDGE;
  const wide = right - left - LOGO.wide - GAP;
  return [
    text(fitted(studio, TEXT.title, wide), left, top - 4, TEXT.title, true),
    ...(address ? [text(fitted(address, TEXT.small, wide), left, top - 10, TEXT.small)] : []),
    text(quoteWords.title(number), left, top - 24, 6.4, true),
  ];
}

const logoOf = (picture: PaperPicture, right: number, high: number): PictureOnPage => ({
  picture,
  box: { left: right - LOGO.wide, right, bottom: high - EDGE - LOGO.high, top: high - EDGE },
});

function particulars({ client, days }: QuoteTerms, head: QuoteHead, left: number, wide: number): Block[] {
  const until = new Date(Date.parse(head.date) + days * DAY).toISOString().slice(0, 10);
  const rows: readonly (readonly [string, string])[] = [
    ...(client.trim() === '' ? [] : [[quoteWords.for, client] as const]),
    [quoteWords.room, [head.job, head.room].filter(Boolean).join(', ')],
    [quoteWords.date, head.date],
    [quoteWords.holds, until],
    [quoteWords.drawings, quoteWords.revision(head.revision)],
  ];
  return rows.flatMap(([name, said]) =>
    wrapped(said.replace(/\s+/g, ' ').trim(), TEXT.normal, wide - PARTICULAR).map((one, index): Block => ({
      high: LINE + 0.6,
      marks: (top) => [
        ...(index === 0 ? [text(name, left, top - LINE / 2, TEXT.small)] : []),
        text(one, left + PARTICULAR, top - LINE / 2, TEXT.normal),
      ],
    })),
  );
}
