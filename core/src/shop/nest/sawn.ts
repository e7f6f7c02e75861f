import { SAME } from './nest-types';

/** A part as it takes room: with a kerf beside it each way, so that all of a nest is rectangles without gaps. */
export interface Shape {
  l: number;
  w: number;
  area: number;
  /** Whether it may lie across the sheet. */
  turns: boolean;
}

/** A rectangle of a sheet: sawn in two, or a part, or free. */
export interface Piece {
  x: number;
  y: number;
  l: number;
  w: number;
  /** The part that lies in it, whole; none where it is sawn or free. */
  part: number;
  turned: boolean;
  /** The way it is sawn, and where: across its length at x, or across its width at y, from its corner. */
  sawn: 'x' | 'y' | null;
  at: number;
  first: Piece | null;
  second: Piece | null;
}

export const piece = (x: number, y: number, l: number, w: number): Piece => ({
  ...{ x, y, l, w, part: -1, turned: false, sawn: null, at: 0, first: null, second: null },
});

/** What a free piece is chosen by for a part: what it leaves of its area, of its shorter or its longer side; or the first that does. */
export const choosings = ['area', 'short', 'long', 'first'] as const;
export type Choosing = (typeof choosings)[number];
/** How a piece is sawn about a part in its corner: right across beside it or over it, as leaves the larger piece, the more even ones, or by which side has less left. */
export const partings = ['larger', 'even', 'less', 'more', 'beside', 'over'] as const;
export type Parting = (typeof partings)[number];

/** How parts are laid in an order. */
export interface Rule {
  choosing: Choosing;
  parting: Parting;
  /** Whether a part may go back to any sheet that is open, wherever it lies best; else the first with room. */
  anywhere: boolean;
}

/** A sheet that parts may be laid on, kerf included. */
export interface Room {
  stock: number;
  l: number;
  w: number;
}

/** A sheet with parts on it. */
export interface Filled {
  room: Room;
  root: Piece;
  parts: number[];
  /** What its parts take with their kerfs, mm². */
  used: number;
}

/** Lays parts one by one, in the order they are given in, on sheets that are opened in theirs; what has no room is left. Where it is told which are alike, none is tried after one like it was left. */
export function layParts(
  order: readonly number[],
  shapes: readonly Shape[],
  rooms: readonly Room[],
  rule: Rule,
  alike?: readonly number[],
): { filled: Filled[]; left: number[] } {
  const opened: (Open | null)[] = rooms.map(() => null);
  const open: Open[] = [];
  const left: number[] = [];
  const without = new Set<number>();
  for (const part of order) {
    const shape = shapes[part]!;
    if (alike && without.has(alike[part]!)) {
      left.push(part);
      continue;
    }
    if (open.some((sheet) => layOn(sheet, part, shape, rule, false)) || layBest(open, part, shape, rule))
      continue;
    const at = rooms.findIndex((room, index) => !opened[index] && fits(shape, room.l, room.w));
    if (at < 0) {
      left.push(part);
      if (alike) without.add(alike[part]!);
      continue;
    }
    const room = rooms[at]!;
    const root = piece(0, 0, room.l, room.w);
    const sheet: Open = { room, root, parts: [], used: 0, free: [root], most: room.l * room.w };
    opened[at] = sheet;
    open.push(sheet);
    layOn(sheet, part, shape, { ...rule, anywhere: false }, true);
  }
  return { filled: open.map(({ room, root, parts, used }) => ({ room, root, parts, used })), left };
}

interface Open extends Filled {
  free: Piece[];
  /** The area of the largest of them, mm². */
  most: number;
}

export const fits = ({ l, w, turns }: Shape, long: number, wide: number): boolean =>
  (l <= long + SAME && w <= wide + SAME) || (turns && w <= long + SAME && l <= wide + SAME);

interface Found {
  at: number;
  turned: boolean;
  score: number;
}

/** Lays a part on a sheet where it lies best there, if it has room; nothing where it is looked for on all of them. */
function layOn(sheet: Open, part: number, shape: Shape, rule: Rule, isNew: boolean): boolean {
  if (rule.anywhere && !isNew) return false;
  const found = bestOn(sheet, shape, rule.choosing, Infinity);
  if (found) put(sheet, part, shape, found, rule.parting);
  return found !== null;
}

/** Lays a part on whichever of the sheets it lies best. */
function layBest(sheets: readonly Open[], part: number, shape: Shape, rule: Rule): boolean {
  if (!rule.anywhere) return false;
  let best: { sheet: Open; found: Found } | null = null;
  for (const sheet of sheets) {
    const found = bestOn(sheet, shape, rule.choosing, best ? best.found.score : Infinity);
    if (found) best = { sheet, found };
  }
  if (best) put(best.sheet, part, shape, best.found, rule.parting);
  return best !== null;
}

function bestOn(
  { free, most }: Open,
  { l, w, area, turns }: Shape,
  choosing: Choosing,
  under: number,
): Found | null {
  // Nothing has room in what is smaller: most parts of an order come once a sheet is as good as full.
  if (area > most + SAME) return null;
  let best: Found | null = null;
  let least = under;
  for (let at = 0; at < free.length; at++) {
    const one = free[at]!;
    for (let turn = 0; turn < (turns ? 2 : 1); turn++) {
      const dl = one.l - (turn === 0 ? l : w);
      const dw = one.w - (turn === 0 ? w : l);
      if (dl < -SAME || dw < -SAME) continue;
      const score = scoreOf(choosing, one, dl, dw, l * w);
      if (score >= least) continue;
      least = score;
      best = { at, turned: turn === 1, score };
    }
  }
  return best;
}

function scoreOf(choosing: Choosing, one: Piece, dl: number, dw: number, area: number): number {
  switch (choosing) {
    case 'area':
      return one.l * one.w - area + Math.min(dl, dw) * 1e-3;
    case 'short':
      return Math.min(dl, dw) + Math.max(dl, dw) * 1e-4;
    case 'long':
      return Math.max(dl, dw) + Math.min(dl, dw) * 1e-4;
    case 'first':
      return one.y * 1e-3 + one.x;
  }
}

function put(sheet: Open, part: number, shape: Shape, { at, turned }: Found, parting: Parting): void {
  const { free } = sheet;
  const one = free[at]!;
  free[at] = free.at(-1)!;
  free.pop();
  const [l, w] = turned ? [shape.w, shape.l] : [shape.l, shape.w];
  for (const rest of sawnFor(one, part, { l, w, turned }, parting)) free.push(rest);
  sheet.most = 0;
  for (const rest of free) sheet.most = Math.max(sheet.most, rest.l * rest.w);
  sheet.parts.push(part);
  sheet.used += shape.area;
}

/** Saws a piece so that a part lies in its corner; gives what is left of it, at most two pieces. */
function sawnFor(
  one: Piece,
  part: number,
  { l, w, turned }: { l: number; w: number; turned: boolean },
  parting: Parting,
): Piece[] {
  const [dl, dw] = [one.l - l, one.w - w];
  const [isAcross, isOver] = [dl > SAME, dw > SAME];
  if (!isAcross && !isOver) {
    one.part = part;
    one.turned = turned;
    return [];
  }
  const beside = isAcross && (!isOver || isBeside(parting, one, l, w));
  const first = beside ? piece(one.x, one.y, l, one.w) : piece(one.x, one.y, one.l, w);
  const second = beside ? piece(one.x + l, one.y, dl, one.w) : piece(one.x, one.y + w, one.l, dw);
  one.sawn = beside ? 'x' : 'y';
  one.at = beside ? l : w;
  one.first = first;
  one.second = second;
  return [...sawnFor(first, part, { l, w, turned }, parting), second];
}

/** Whether a piece is first sawn across its length, beside the part. */
function isBeside(parting: Parting, one: Piece, l: number, w: number): boolean {
  const [dl, dw] = [one.l - l, one.w - w];
  switch (parting) {
    case 'beside':
      return true;
    case 'over':
      return false;
    case 'less':
      return dl >= dw;
    case 'more':
      return dl < dw;
    case 'larger':
    case 'even': {
      const largest = Math.max(dl * one.w, l * dw) >= Math.max(one.l * dw, dl * w);
      return parting === 'larger' ? largest : !largest;
    }
  }
}
