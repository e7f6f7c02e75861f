import { PDFArray, PDFDict, PDFDocument, PDFHexString, PDFName, PDFNumber, PDFRef } from '@cantoo/pdf-lib';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { demoStyle } from '../demo/demo-style';
import { galleyWithBay } from '../demo/galley-with-bay';
import { drawSheets } from '../drawing/sheet/sheet';
import { findPage, findScale } from '../drawing/sheet/sheet-format';
import type { Sheet } from '../drawing/sheet/sheet-frame';
import type { SheetStyle } from '../drawing/sheet/style-record';
import { drawingFonts } from '../../fonts/files.mjs';
import { must } from '../result';
import { POINTS } from './pdf-structure';
import { writeSheetPdf } from './sheet-pdf';

const set = (style?: SheetStyle): Sheet[] =>
  must(
    drawSheets(galleyWithBay(), {
      ...{
        subject: 'set',
        page: must(findPage('A3')),
        scale: must(findScale('20')),
        ...(style && { style }),
      },
      ...{ studio: 'Tidewrack', job: 'Cottage', date: '2026-11-29', revision: 3 },
    }),
  );
const info = { title: 'Cottage', author: 'Tidewrack', date: new Date('2026-11-29') };
const written = (of: Sheet[]): Promise<Uint8Array> => writeSheetPdf(of, drawingFonts, info);

let sheets: Sheet[];
let bytes: Uint8Array;
beforeAll(async () => {
  sheets = set();
  bytes = await written(sheets);
});

/** What another program says of the file. */
const asked = (program: string, ...options: string[]): string => askedOf(bytes, program, ...options);

function askedOf(content: Uint8Array, program: string, ...options: string[]): string {
  const folder = mkdtempSync(join(tmpdir(), 'pdf-'));
  const file = join(folder, 'set.pdf');
  writeFileSync(file, content);
  const said = execFileSync(program, [...options.map((one) => (one === '@' ? file : one))], {
    encoding: 'utf8',
    maxBuffer: 64e6,
  });
  rmSync(folder, { recursive: true });
  return said;
}

interface Word {
  text: string;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** The words of each page where a reader finds them, points; a quarter of their height taken off all round: what is over and under capitals. */
function wordsOf(said: string): Word[][] {
  return said
    .split('<page ')
    .slice(1)
    .map((page) =>
      [
        ...page.matchAll(/<word xMin="([\d.-]+)" yMin="([\d.-]+)" xMax="([\d.-]+)" yMax="([\d.-]+)">(.*?)</g),
      ].map(([, x, y, right, bottom, text]) => {
        const [l, t, r, b] = [Number(x), Number(y), Number(right), Number(bottom)];
        const off = Math.min(r - l, b - t) / 4;
        return { text: text!, left: l + off, right: r - off, top: t + off, bottom: b - off };
      }),
    );
}

/** Words over one another, or off their page. */
const faultsIn = (pages: Word[][]): string[] =>
  pages.flatMap((words, index) => {
    const { width, height } = sheets[index]!.page;
    const off = words
      .filter(
        ({ left, right, top, bottom }) =>
          left < 0 || top < 0 || right > width * POINTS || bottom > height * POINTS,
      )
      .map(({ text }) => `sheet ${index + 1}: ${text} is off it`);
    const over = words.flatMap((one, at) =>
      words
        .slice(0, at)
        .filter(
          ({ left, right, top, bottom }) =>
            one.left < right && left < one.right && one.top < bottom && top < one.bottom,
        )
        .map(({ text }) => `sheet ${index + 1}: ${one.text} and ${text}`),
    );
    return [...off, ...over];
  });

describe('a set as a PDF', () => {
  it('is sound, has the fonts embedded and its pages as large as they are', () => {
    expect(asked('qpdf', '--check', '@')).toContain('No syntax or stream encoding errors');
    const fonts = asked('pdffonts', '@').split('\n').slice(2).filter(Boolean);
    expect(fonts.length).toBeGreaterThan(0);
    // Embedded, a subset, and with what its letters are.
    for (const font of fonts) expect(font).toMatch(/ yes yes yes /);
    expect(asked('pdfinfo', '@')).toMatch(/Page size:\s+1190\.55 x 841\.89/);
  });

  it('has no word over another as another program finds them, and none off its page', () => {
    const pages = wordsOf(asked('pdftotext', '-bbox', '@', '-'));
    expect(pages).toHaveLength(sheets.length);
    expect(Math.min(...pages.map((words) => words.length))).toBeGreaterThan(5);
    expect(faultsIn(pages)).toEqual([]);
  });

  it.each([
    ['narrow', 'PTSansNarrow', 0.65, 0.85],
    ['book', 'PTSerif', 0.9, 1],
  ] as const)('is set in the typeface of the studio: %s', async (typeface, name, least, most) => {
    const own = set({ ...demoStyle(), typeface });
    const content = await written(own);
    const fonts = askedOf(content, 'pdffonts', '@').split('\n').slice(2).filter(Boolean);
    expect(fonts.length).toBeGreaterThan(0);
    for (const font of fonts) expect(font).toMatch(new RegExp(`^GR(DRAW|BOLD)\\+${name}-.* yes yes yes `));
    const pages = wordsOf(askedOf(content, 'pdftotext', '-bbox', '@', '-'));
    expect(faultsIn(pages)).toEqual([]);
    // The same words, in the room that the plain ones take or less.
    const plain = set(demoStyle());
    const plainPages = wordsOf(askedOf(await written(plain), 'pdftotext', '-bbox', '@', '-'));
    const sorted = (all: Word[][]) => all.flatMap((words) => words.map(({ text }) => text)).sort();
    expect(sorted(pages)).toEqual(sorted(plainPages));
    const wide = (all: Word[][]) => all.flat().reduce((sum, { left, right }) => sum + right - left, 0);
    const share = wide(pages) / wide(plainPages);
    expect(share).toBeGreaterThan(least);
    expect(share).toBeLessThan(most);
  });

  it('has a bookmark for every sheet, and layers by name', async () => {
    const pdf = await PDFDocument.load(bytes);
    const { catalog, context } = pdf;
    const outlines = catalog.lookup(PDFName.of('Outlines'), PDFDict);
    const titles: string[] = [];
    for (let item = outlines.lookupMaybe(PDFName.of('First'), PDFDict); item;) {
      titles.push(item.lookup(PDFName.of('Title'), PDFHexString).decodeText());
      const [page] = item.lookup(PDFName.of('Dest'), PDFArray).asArray();
      expect(page).toBe(pdf.getPages()[titles.length - 1]!.ref);
      item = item.lookupMaybe(PDFName.of('Next'), PDFDict);
    }
    expect(titles).toEqual(sheets.map(({ title }) => title));
    const groups = catalog
      .lookup(PDFName.of('OCProperties'), PDFDict)
      .lookup(PDFName.of('OCGs'), PDFArray)
      .asArray()
      .map((ref) =>
        context
          .lookup(ref as PDFRef, PDFDict)
          .lookup(PDFName.of('Name'), PDFHexString)
          .decodeText(),
      );
    expect(groups).toEqual(expect.arrayContaining(['Walls', 'Items', 'Numbers', 'Dimensions', 'Sheet']));
    expect(new Set(groups).size).toBe(groups.length);
  });

  it('leads from every number on the plan to the line that lists it', async () => {
    const pdf = await PDFDocument.load(bytes);
    const pages = pdf.getPages();
    const at = sheets.findIndex(({ title }) => title === 'Plan');
    const numbered = sheets[at]!.marks.filter(({ type, layer }) => type === 'text' && layer === 'numbers');
    const links = pages[at]!.node.Annots()!
      .asArray()
      .map((ref) => pdf.context.lookup(ref, PDFDict));
    expect(links).toHaveLength(numbered.length);
    for (const link of links) {
      const [page, , , y] = link.lookup(PDFName.of('Dest'), PDFArray).asArray();
      const to = pages.findIndex(({ ref }) => ref === page);
      expect([at, at + 1]).toContain(to);
      const rect = link
        .lookup(PDFName.of('Rect'), PDFArray)
        .asArray()
        .map((one) => (one as PDFNumber).asNumber());
      const [number] = numbered.filter(
        (mark) =>
          mark.type === 'text' &&
          Math.hypot(
            mark.at.x * POINTS - (rect[0]! + rect[2]!) / 2,
            mark.at.y * POINTS - (rect[1]! + rect[3]!) / 2,
          ) < 0.1,
      );
      const line = sheets[to]!.marks.find(
        (mark) => mark.type === 'text' && mark.layer === 'sheet' && mark.source === number!.source,
      )!;
      expect((y as PDFNumber).asNumber()).toBeGreaterThan(
        line.type === 'text' ? line.at.y * POINTS : Infinity,
      );
    }
  });
});
