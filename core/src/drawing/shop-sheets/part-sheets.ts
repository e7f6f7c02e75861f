import type { Design } from '../../document/design';
import { styleOf } from '../../document/design';
import { shopLength } from '../../shop/lists/shop-style';
import { madeItems, type MadeItem } from '../../shop/parts/design-parts';
import { edgingName, materialName } from '../../shop/parts/materials';
import { sawnWidth, type Part, type PartMachining } from '../../shop/parts/part';
import { kindName } from '../../wording/kind-names';
import {
  boardNames,
  edgedSidesWords,
  edgedWords,
  faceNames,
  machiningNames,
  partSheetWords,
} from '../../wording/shop-words';
import { moved } from '../elevation/unfold';
import { cutIn, sectionDrawing } from '../parts/inside-drawing';
import { drawingBounds } from '../plan-with';
import { partDrawing } from '../parts/part-drawing';
import type { Primitive } from '../primitives';
import { takenApart } from '../parts/taken-apart';
import type { SheetContent, SheetOptions } from '../sheet/sheet-frame';
import { columnPages, filledDrawing, fittedDrawing, pagesOf, type ColumnContent } from './fitted-drawing';

type Say = (mm: number) => string;

/** How far a cabinet is taken apart on paper, as a share of the way. */
const APART = 0.75;

const nameOf = ({ number, record }: MadeItem): string =>
  `${number} ${record.name ?? kindName(record.type)} ${record.code}`;

/** Every cabinet the shop makes taken apart, each part by its number, with the list of them. */
export function cabinetSheets(design: Design, { page }: SheetOptions): SheetContent[] {
  const say = shopLength(styleOf(design));
  return madeItems(design).flatMap((made) => {
    const marks = filledDrawing(page, (scale) => assembled(made, scale, say));
    const column: ColumnContent = {
      title: nameOf(made),
      lines: [
        [made.record.width, made.record.depth, made.record.height].map(say).join(' × '),
        ...made.hardware.map(({ id, qty }) => partSheetWords.hardware(id, qty)),
      ],
      table: {
        title: partSheetWords.parts,
        columns: [
          [partSheetWords.number, 7, 'start'],
          [partSheetWords.part, 26, 'start'],
          [partSheetWords.count, 9, 'end'],
          [partSheetWords.finished, 30, 'end'],
          [partSheetWords.thick, 13, 'end'],
        ],
        rows: made.parts.map((part, index) => ({
          id: made.record.id,
          cells: [
            String(index + 1),
            boardNames[part.name],
            String(part.qty),
            `${say(part.length)} × ${say(part.width)}`,
            say(part.material.thick),
          ],
        })),
      },
    };
    // Seen aslant it is to no scale.
    return pagesOf(nameOf(made), { marks, scale: null }, columnPages(column, page));
  });
}

/** A cabinet taken apart, and cut through beside that with the same numbers. */
function assembled(made: MadeItem, scale: number, say: Say): Primitive[] {
  const apart = takenApart(made.parts, { share: APART, scale });
  const section = sectionDrawing(made.parts, cutIn(made), { scale, say, numbered: true });
  if (section.length === 0) return apart;
  const by = drawingBounds(apart, scale).right + BESIDE * scale - drawingBounds(section, scale).left;
  return [...apart, ...moved(section, by)];
}
/** Between the two, paper mm. */
const BESIDE = 10;

/** Every part of every cabinet by itself, true to scale: its sizes, its machining, its edged edges. */
export function partSheets(design: Design, { page }: SheetOptions): SheetContent[] {
  const say = shopLength(styleOf(design));
  return madeItems(design).flatMap((made) =>
    made.parts.flatMap((part, index) => {
      const title = partSheetWords.partOf(made.number, boardNames[part.name], index + 1);
      const drawn = fittedDrawing(design, page, (ratio) => partDrawing(part, ratio, say));
      return pagesOf(title, drawn, columnPages(partColumn(made, part, title, say), page));
    }),
  );
}

function partColumn(made: MadeItem, part: Part, title: string, say: Say): ColumnContent {
  const { material, edged, edging, edgedSides } = part;
  const isEdged = edged.length > 0 || (edgedSides?.length ?? 0) > 0;
  const long = edged.filter((edge) => edge === 'l1' || edge === 'l2').length;
  const said = edgedSides ? edgedSidesWords(edgedSides.length) : edgedWords(long, edged.length - long);
  return {
    title,
    lines: [
      nameOf(made),
      `${materialName(material)}, ${say(material.thick)}`,
      partSheetWords.sizes(say(part.length), say(part.width)),
      partSheetWords.cut(say(part.cutLength), say(sawnWidth(part))),
      ...(isEdged ? [`${edgingName(material, edging)}: ${said}`] : []),
      ...(material.grained ? [partSheetWords.grained] : []),
      partSheetWords.pieces(part.qty),
    ],
    table: {
      title: partSheetWords.machining,
      columns: [
        [partSheetWords.what, 17, 'start'],
        [partSheetWords.face, 12, 'start'],
        [partSheetWords.along, 14, 'end'],
        [partSheetWords.up, 24, 'end'],
        [partSheetWords.size, 16, 'end'],
        [partSheetWords.deep, 10, 'end'],
      ],
      rows: machiningRows(part.machining, say).map((cells) => ({ id: made.record.id, cells })),
    },
  };
}

/** Machining told from the low left corner of its face; what is alike and stands over one another is one row. */
function machiningRows(machining: readonly PartMachining[], say: Say): string[][] {
  const found = new Map<string, { one: PartMachining; ups: number[] }>();
  for (const one of machining) {
    const size = typeof one.size === 'number' ? one.size : one.size.join(' ');
    const key = [one.type, one.face, one.at[0].toFixed(3), size, one.depth.toFixed(3)].join(' ');
    const known = found.get(key);
    if (known) known.ups.push(one.at[1]);
    else found.set(key, { one, ups: [one.at[1]] });
  }
  return [...found.values()]
    .sort((a, b) => a.one.face.localeCompare(b.one.face) || a.one.at[0] - b.one.at[0])
    .map(({ one: { type, face, at, size, depth }, ups }) => [
      machiningNames[type][0],
      faceNames[face],
      say(at[0]),
      ups
        .sort((a, b) => a - b)
        .map(say)
        .join(', '),
      typeof size === 'number' ? say(size) : size.map(say).join(' × '),
      say(depth),
    ]);
}
