import { roomOf, styleOf, type Design } from '../../document/design';
import { shopLength } from '../../shop/lists/shop-style';
import { madeItems } from '../../shop/parts/design-parts';
import { edgingName, materialName } from '../../shop/parts/materials';
import { sawnWidth } from '../../shop/parts/part';
import { kindName } from '../../wording/kind-names';
import { boardNames, labelWords, partSheetWords } from '../../wording/shop-words';
import { TEXT, type Primitive } from '../primitives';
import type { Page } from '../sheet/sheet-format';
import type { Sheet, SheetOptions } from '../sheet/sheet-frame';
import { text } from '../sheet/sheet-marks';
import { fitted } from '../text-layout';
import { codeSquare } from './code-square';

/** So many labels stand beside and under one another on a page, upright. */
const ACROSS = 3;
const DOWN = 7;
/** What stays free along the edges of a label, how large its code is and what is free about that; paper mm. */
const PAD = 5;
const CODE = 21;
const QUIET = 3;
const BIG = 6.4;
const LINE = 4;

/** What stands on a label: in large letters, the lines under it, and what its code says. */
interface Label {
  big: string;
  lines: readonly string[];
  code: string;
}

/** Labels of every cabinet, to be stuck on what is packed: number, code, size, room and job, and a code to be read. */
export function cabinetLabels(design: Design, options: SheetOptions): Sheet[] {
  const say = shopLength(styleOf(design));
  const { name: room } = roomOf(design);
  const { job, revision } = options;
  const labels = madeItems(design).map(({ number, record }): Label => ({
    big: String(number),
    lines: [
      record.name ?? kindName(record.type),
      record.code,
      [record.width, record.depth, record.height].map(say).join(' × '),
      room,
      job,
      labelWords.revision(revision),
    ].filter(Boolean),
    code: labelWords.code(job, room, String(number), record.code, revision),
  }));
  return labelPages(labels, labelWords.cabinets, options.page);
}

/** Labels of every piece, to be stuck on as it is cut: its number, sizes, material and edging, the cabinet it goes into. */
export function partLabels(design: Design, options: SheetOptions): Sheet[] {
  const say = shopLength(styleOf(design));
  const { name: room } = roomOf(design);
  const { job, revision } = options;
  const labels = madeItems(design).flatMap(({ number, record, parts }) =>
    parts.flatMap((part, index) =>
      Array.from({ length: part.qty }, (_, piece): Label => {
        const isEdged = part.edged.length > 0 || (part.edgedSides?.length ?? 0) > 0;
        return {
          big: `${number}.${index + 1}`,
          lines: [
            [boardNames[part.name], labelWords.pieceOf(piece + 1, part.qty)].filter(Boolean).join(', '),
            `${materialName(part.material)}, ${say(part.material.thick)}`,
            partSheetWords.cut(say(part.cutLength), say(sawnWidth(part))),
            isEdged ? edgingName(part.material, part.edging) : '',
            `${record.code}, ${room}`,
            job,
          ].filter(Boolean),
          code: labelWords.code(job, room, `${number} ${part.id}`, record.code, revision),
        };
      }),
    ),
  );
  return labelPages(labels, labelWords.parts, options.page);
}

function labelPages(labels: readonly Label[], title: string, { id, width, height }: Page): Sheet[] {
  // A page of labels stands upright.
  const page: Page = { id, width: Math.min(width, height), height: Math.max(width, height) };
  const [wide, high] = [page.width / ACROSS, page.height / DOWN];
  const sheets: Sheet[] = [];
  for (let from = 0; from === 0 || from < labels.length; from += ACROSS * DOWN) {
    const marks = labels.slice(from, from + ACROSS * DOWN).flatMap((label, index) =>
      labelMarks(label, {
        ...{ x: (index % ACROSS) * wide, y: page.height - (Math.floor(index / ACROSS) + 1) * high },
        ...{ wide, high },
      }),
    );
    sheets.push({ page, title, marks, frames: [], pictures: [] });
  }
  return sheets;
}

function labelMarks(
  { big, lines, code }: Label,
  { x, y, wide, high }: { x: number; y: number; wide: number; high: number },
): Primitive[] {
  const top = y + high - PAD;
  const beside = wide - 2 * PAD - CODE - QUIET;
  return [
    text(fitted(big, BIG, beside), x + PAD, top - BIG / 2, BIG, true),
    ...lines.map((line, index) =>
      text(fitted(line, TEXT.small, beside), x + PAD, top - BIG - 3 - index * LINE, TEXT.small, index === 0),
    ),
    codeSquare(code, { x: x + wide - PAD - CODE, y: y + (high - CODE) / 2 }, CODE),
  ];
}
