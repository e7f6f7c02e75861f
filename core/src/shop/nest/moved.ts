import { ok, refuse, type Result } from '../../result';
import { isNear, isOff, sawn, turnedPart, without } from './lying';
import { SAME, type LaidPart, type Nest, type NestCase, type NestedSheet } from './nest-types';

/** A part put elsewhere by hand: which one of which sheet, and its corner nearest the corner of the sheet it goes to, turned from how it lies or not; a sheet beyond the last is a new one. */
export interface PartMove {
  sheet: number;
  part: number;
  to: { sheet: number; x: number; y: number; turn: boolean };
}

/** A nest with a part put elsewhere: refused where it would be off the trimmed sheet, nearer to another than a kerf, turned against its grain, or where the sheet could not be cut right across any more. */
export function movePart(asked: NestCase, nest: Nest, { sheet, part, to }: PartMove): Result<Nest> {
  const from = nest.sheets[sheet]!;
  const moved = turnedPart(from.parts[part]!, to.turn);
  const known = asked.parts.find(({ id }) => id === moved.id);
  if (moved.turned && known?.grain) return refuse('nest-grain', { id: moved.id });
  const isNew = to.sheet >= nest.sheets.length;
  const used = nest.sheets.filter(({ stock }) => stock === from.stock).length;
  const { count = Infinity } = asked.stock.find(({ id }) => id === from.stock)!;
  if (isNew && used - (from.parts.length === 1 ? 1 : 0) >= count)
    return refuse('nest-no-sheet', { stock: from.stock, count });
  const target = isNew ? { stock: from.stock, parts: [], cuts: [] } : nest.sheets[to.sheet]!;
  const others = to.sheet === sheet ? without(from.parts, part) : target.parts;
  const laid = { ...moved, x: to.x, y: to.y };
  const near = nearTo(asked, target.stock, others, laid);
  if (near) return near;
  const after = sawn(asked, target.stock, [...others, laid]);
  if (!after) return refuse('nest-unsawn', { id: moved.id });
  const sheets = nest.sheets.flatMap((one, index) => {
    if (index === to.sheet) return [after];
    if (index !== sheet) return [one];
    const left = without(from.parts, part);
    // What is left can be cut as before, where no shorter way is found.
    return left.length > 0 ? [sawn(asked, from.stock, left) ?? { ...from, parts: left }] : [];
  });
  return ok(asNest(asked, nest, isNew ? [...sheets, after] : sheets));
}

function nearTo(asked: NestCase, stock: string, others: readonly LaidPart[], laid: LaidPart) {
  if (isOff(asked, stock, laid)) return refuse('nest-off', { id: laid.id });
  const other = others.find((one) => isNear(one, laid, asked.kerf));
  return other ? refuse('nest-near', { id: laid.id, other: other.id, kerf: asked.kerf }) : null;
}

function asNest({ stock }: NestCase, nest: Nest, sheets: readonly NestedSheet[]): Nest {
  const sheetArea = sheets.reduce((sum, { stock: of }) => {
    const { l, w } = stock.find(({ id }) => id === of)!;
    return sum + l * w;
  }, 0);
  const area = sheets.flatMap(({ parts }) => parts).reduce((sum, { l, w }) => sum + l * w, 0);
  return {
    ...nest,
    ...{ sheets, sheetArea, count: sheets.length, yield: area / sheetArea },
    proven: nest.proven && sheetArea <= nest.sheetArea + SAME,
  };
}
