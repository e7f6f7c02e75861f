import Papa from 'papaparse';
import type { Design } from '../document/design';
import { FORMULA } from '../ranges/range-columns';
import { ok, type Result } from '../result';
import { usualMachine, type Machine } from '../shop/machines/machine';
import { laidWork } from '../shop/machines/placed-work';
import { plainIso, pointColumns, pointRows, writeIso } from '../shop/machines/posts';
import { pieceProgram, sheetProgram } from '../shop/machines/programs';
import { workPiece, type WorkPiece } from '../shop/machines/work-piece';
import type { Nest } from '../shop/nest/nest-types';
import type { MaterialCase } from '../shop/nest/part-cases';
import { madeItems } from '../shop/parts/design-parts';
import { slabLayouts, slabPieces } from '../shop/templates/slab-layout';
import { writeNestDxf, writePieceDxf, writeSlabDxf, writeTemplateDxf } from './machining-dxf';

/** A file for a machine, and what it is called. */
export interface MachineFile {
  name: string;
  text: string;
}

export const machineFormats = ['dxf', 'iso', 'points'] as const;
export type MachineFormat = (typeof machineFormats)[number];

/** A name that every machine's control takes: small letters, numbers, strokes. */
const fileName = (...words: (number | string)[]): string =>
  words
    .join(' ')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Files of which no two are called alike: names of other letters can come to the same. */
export function uniquelyNamed(files: readonly MachineFile[]): MachineFile[] {
  const taken = new Map<string, number>();
  return files.map((file) => {
    const count = (taken.get(file.name) ?? 0) + 1;
    taken.set(file.name, count);
    const dot = file.name.lastIndexOf('.');
    return count === 1
      ? file
      : { ...file, name: `${file.name.slice(0, dot)}_${count}${file.name.slice(dot)}` };
  });
}

/** One part of an item. */
export interface OnePart {
  item: string;
  part: string;
}

/** Every part the shop makes of a room, with the number of its item; or one of them. */
const piecesOf = (design: Design, only: OnePart | null): { id: string; piece: WorkPiece }[] =>
  madeItems(design)
    .filter(({ record }) => !only || record.id === only.item)
    .flatMap(({ number, parts }) =>
      parts
        .filter(({ id }) => !only || id === only.part)
        .map((part) => ({ id: `${number} ${part.id}`, piece: workPiece(part) })),
    );

/**
 * The parts of a room, or one of them, one after the other: a drawing each; what a router does to each once it is sawn, a file for each face that something
 * is made from; or all holes and grooves as one table. Refused: a tool that the machine lacks.
 */
export function partFiles(
  design: Design,
  format: MachineFormat,
  machine: Machine = usualMachine,
  only: OnePart | null = null,
): Result<MachineFile[]> {
  const pieces = piecesOf(design, only);
  if (format === 'points') return ok([{ name: 'points.csv', text: pointTable(pieces) }]);
  const files: MachineFile[] = [];
  for (const { id, piece } of pieces) {
    const found = onePartFiles(id, piece, format, machine);
    if (!found.ok) return found;
    files.push(...found.value);
  }
  return ok(files);
}

/** The files of one part: its drawing, or a program for each face that something is made from. */
function onePartFiles(
  id: string,
  piece: WorkPiece,
  format: Exclude<MachineFormat, 'points'>,
  machine: Machine,
): Result<MachineFile[]> {
  if (format === 'dxf') return ok([{ name: `${fileName(id)}.dxf`, text: writePieceDxf(id, piece) }]);
  const files: MachineFile[] = [];
  for (const side of ['up', 'down'] as const) {
    const made = pieceProgram(piece, { name: `${id} ${side}`, side }, machine);
    if (!made.ok) return made;
    if (made.value.sections.length === 0) continue;
    files.push({ name: `${fileName(id, side)}.${plainIso.extension}`, text: writeIso(made.value) });
  }
  return ok(files);
}

/** The sheets of a nest: a drawing of each, or what a router does to it. Refused: parts nearer to one another than a cutter is wide, tools that lack, sheets larger than the bed. */
export function nestFiles(
  { name, case: { kerf, trim, stock }, of, material }: MaterialCase,
  { sheets }: Pick<Nest, 'sheets'>,
  format: Exclude<MachineFormat, 'points'>,
  machine: Machine = usualMachine,
): Result<MachineFile[]> {
  const pieceOf = (id: string): WorkPiece => workPiece(of.get(id)!.part);
  const files: MachineFile[] = [];
  for (const [index, sheet] of sheets.entries()) {
    const size = stock.find(({ id }) => id === sheet.stock)!;
    const called = fileName(material.thick, name, index + 1);
    if (format === 'dxf') {
      const works = sheet.parts.map((part) => laidWork(part, pieceOf(part.id)));
      const lying = { size: [size.l, size.w] as const, trim, thick: material.thick };
      files.push({ name: `${called}.dxf`, text: writeNestDxf(works, lying) });
      continue;
    }
    const title = `${name} ${index + 1} of ${sheets.length}`;
    const made = sheetProgram(sheet, { name: title, stock: size, kerf, pieceOf }, machine);
    if (!made.ok) return made;
    files.push({ name: `${called}.${plainIso.extension}`, text: writeIso(made.value) });
  }
  return ok(files);
}

/** A drawing of each piece of each top, waterfall and splash, and of each slab with those that are cut from it. */
export function templateFiles(design: Design): MachineFile[] {
  const pieces = slabPieces(design);
  const own = pieces.map((one) => ({
    name: `${one.of}-${one.top}-${one.piece}.dxf`,
    text: writeTemplateDxf(one),
  }));
  const slabs = slabLayouts(design).flatMap((layout) =>
    layout.slabs.map((_, slab) => ({
      name: `${fileName('slab', layout.material ?? '', layout.thickness, slab + 1)}.dxf`,
      text: writeSlabDxf(layout, slab, pieces),
    })),
  );
  return uniquelyNamed([...own, ...slabs]);
}

/** Holes and grooves of parts as a table, a row each, mm to a thousandth. */
function pointTable(pieces: readonly { id: string; piece: WorkPiece }[]): string {
  const rows = pieces.flatMap(({ id, piece }) => pointRows(id, piece));
  const data = rows.map((row) =>
    pointColumns.map((column) => {
      const value = row[column];
      return typeof value === 'number' ? String(Number(value.toFixed(3)) + 0) : value;
    }),
  );
  const fields = pointColumns as readonly string[] as string[];
  return `${Papa.unparse({ fields, data }, { escapeFormulae: FORMULA, newline: '\n' })}\n`;
}
