import { styleOf, type Design } from '../../document/design';
import { shopLength } from '../../shop/lists/shop-style';
import type { Cut, Nest, NestedSheet } from '../../shop/nest/nest-types';
import { frontStrips, type Matching } from '../../shop/nest/matched-fronts';
import type { MaterialCase } from '../../shop/nest/part-cases';
import { boardNames, matchingNames, nestWords, partSheetWords } from '../../wording/shop-words';
import { nestDrawing } from '../parts/nest-drawing';
import { framed, type Sheet, type SheetContent, type SheetOptions } from '../sheet/sheet-frame';
import { columnPages, fittedDrawing, pagesOf } from './fitted-drawing';

/** Nested sheets on paper: each with its parts as they lie, how its grain runs and over which fronts it runs on, the list of its parts and the cuts in sawing order. */
export function nestSheets(
  design: Design,
  nests: readonly { of: MaterialCase; nest: Pick<Nest, 'sheets'> }[],
  options: SheetOptions,
  matched: Matching = 'none',
): Sheet[] {
  const contents = nests.flatMap(({ of, nest: { sheets } }) => {
    const strips = frontStrips(design, of, matched);
    return sheets.flatMap((sheet, index) => {
      const title = nestWords.sheet(of.name, index + 1, sheets.length);
      const isMatched = strips.some(({ ids }) => sheet.parts.some(({ id }) => ids.includes(id)));
      const grain = [
        ...(of.material.grained ? [nestWords.grain] : []),
        ...(isMatched ? [nestWords.runsOn(matchingNames[matched])] : []),
      ];
      return sheetContents(design, { of, sheet, title, grain }, options);
    });
  });
  return framed(design, options, contents);
}

function sheetContents(
  design: Design,
  {
    of,
    sheet,
    title,
    grain,
  }: { of: MaterialCase; sheet: NestedSheet; title: string; grain: readonly string[] },
  { page }: SheetOptions,
): SheetContent[] {
  const say = shopLength(styleOf(design));
  const { kerf, trim, stock } = of.case;
  const { l, w } = stock.find(({ id }) => id === sheet.stock)!;
  const nameOf = (id: string): string => {
    const own = of.of.get(id)!;
    const index = own.made.parts.indexOf(own.part);
    return partSheetWords.partOf(own.made.number, boardNames[own.part.name], index + 1);
  };
  const drawn = fittedDrawing(design, page, (ratio) =>
    nestDrawing(sheet, of.case, { scale: ratio, length: say, say: nameOf }),
  );
  const used = sheet.parts.reduce((sum, part) => sum + part.l * part.w, 0) / (l * w);
  const lines = [
    `${say(l)} × ${say(w)} × ${say(of.material.thick)}`,
    nestWords.sawn(say(kerf), say(trim)),
    nestWords.used(used),
    ...grain,
  ];
  const parts = {
    title: nestWords.parts,
    columns: [
      [partSheetWords.part, 48, 'start'],
      [nestWords.size, 34, 'end'],
    ] as const,
    rows: sheet.parts.map((part) => ({
      id: of.of.get(part.id)!.made.record.id,
      cells: [nameOf(part.id), `${say(part.l)} × ${say(part.w)}`],
    })),
  };
  const cuts = {
    title: nestWords.cuts,
    columns: [
      [nestWords.cut, 8, 'start'],
      [nestWords.at, 48, 'start'],
      [nestWords.long, 24, 'end'],
    ] as const,
    rows: sheet.cuts.map((cut, index) => ({
      id: '',
      cells: [String(index + 1), placeOf(cut, say), say(cut.to - cut.from)],
    })),
  };
  return pagesOf(title, drawn, [
    ...columnPages({ title, lines, table: parts }, page),
    ...columnPages({ title, lines: [], table: cuts }, page),
  ]);
}

const placeOf = (cut: Cut, say: (mm: number) => string): string =>
  'x' in cut ? nestWords.across(say(cut.x)) : nestWords.along(say(cut.y));
