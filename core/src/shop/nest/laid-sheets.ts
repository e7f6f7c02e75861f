import { ok, refuse, type Result } from '../../result';
import type { Clamp } from '../machines/stand-in';
import { matchings, type Matching } from './matched-fronts';
import { SAME, type Cut, type LaidPart, type Nest, type NestCase, type NestedSheet } from './nest-types';

/** How the parts of a room were laid on sheets, so that they are found again as they are cut. */
export interface LaidSheets {
  cutOn: 'router' | 'saw';
  matched: Matching;
  /** Which revision of the room they are of. */
  of: number;
  asked: readonly NestCase[];
  /** What was found for each that was found; by its id. */
  nests: readonly Nest[];
  /** Sheets that stay as they are, by material: their places in its nest. */
  kept: Readonly<Record<string, readonly number[]>>;
  /** What holds sheets down on a router, by material and sheet. */
  clamps: Readonly<Record<string, readonly Clamp[]>>;
}

/** So many of each at the most: materials, parts or sheets of one, what lies on or is cut of a sheet. */
const MOST = { cases: 500, sizes: 20_000, onSheet: 5_000, clamps: 50 };
const MOST_SIZE = 100_000;
const MOST_WORD = 300;

type Fields = Readonly<Record<string, unknown>>;

/** What is wrong with something that was read, and where. */
class Fault extends Error {}
const wrong = (where: string): never => {
  throw new Fault(where);
};

const fields = (value: unknown, where: string): Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Fields) : wrong(where);
const list = (value: unknown, most: number, where: string): readonly unknown[] =>
  Array.isArray(value) && value.length <= most ? (value as unknown[]) : wrong(where);
const number = (value: unknown, [least, most]: readonly [number, number], where: string): number =>
  typeof value === 'number' && value >= least && value <= most ? value : wrong(where);
const size = (value: unknown, where: string): number => number(value, [0, MOST_SIZE], where);
const whole = (value: unknown, most: number, where: string): number =>
  Number.isInteger(value) ? number(value, [0, most], where) : wrong(where);
const word = (value: unknown, where: string): string =>
  typeof value === 'string' && value.length <= MOST_WORD ? value : wrong(where);
const flag = (value: unknown, where: string): boolean => (typeof value === 'boolean' ? value : wrong(where));
const oneOf = <T extends string>(value: unknown, all: readonly T[], where: string): T =>
  all.find((one) => one === value) ?? wrong(where);
const entries = <T>(
  value: unknown,
  where: string,
  read: (value: unknown, where: string, key: string) => T,
): Record<string, T> => {
  const all = Object.entries(fields(value, where));
  if (all.length > MOST.cases * 10) wrong(where);
  return Object.fromEntries(all.map(([key, one]) => [word(key, where), read(one, `${where} ${key}`, key)]));
};

/**
 * Sheets as they were kept, read from what nothing is known of: every field of its kind and within its limits, every part on a sheet one that
 * was asked for, as large, no more often, and on its sheet. Refused with where it is wrong. Linear in its size.
 */
export function readLaidSheets(value: unknown): Result<LaidSheets> {
  try {
    const { cutOn, matched, of, asked, nests, kept, clamps } = fields(value, 'sheets');
    const cases = list(asked, MOST.cases, 'asked').map((one, at) => caseOf(one, `asked ${at + 1}`));
    const byId = new Map(cases.map((one) => [one.id, one]));
    if (byId.size < cases.length) wrong('asked');
    const found = list(nests, MOST.cases, 'nests').map((one, at) => {
      const where = `nests ${at + 1}`;
      const { id } = fields(one, where);
      return nestOf(one, byId.get(word(id, where)) ?? wrong(where), where);
    });
    const counts = new Map(found.map(({ id, count }) => [id, count]));
    return ok({
      cutOn: oneOf(cutOn, ['router', 'saw'] as const, 'cutOn'),
      matched: oneOf(matched, matchings, 'matched'),
      of: whole(of, 2 ** 31 - 1, 'of'),
      ...{ asked: cases, nests: found },
      kept: entries(kept, 'kept', (own, where, id) => {
        const count = counts.get(id) ?? wrong(where);
        return list(own, MOST.sizes, where).map((at) => whole(at, count - 1, where));
      }),
      clamps: entries(clamps, 'clamps', (own, where) =>
        list(own, MOST.clamps, where).map((clamp) => clampOf(clamp, where)),
      ),
    });
  } catch (error) {
    if (error instanceof Fault) return refuse('laid-sheets', { where: error.message });
    throw error;
  }
}

function caseOf(value: unknown, where: string): NestCase {
  const { id, kerf, trim, stock, parts, seconds } = fields(value, where);
  return {
    ...{ id: word(id, where), kerf: size(kerf, where), trim: size(trim, where) },
    stock: list(stock, MOST.sizes, where).map((one) => {
      const own = fields(one, where);
      const sized = { id: word(own['id'], where), l: size(own['l'], where), w: size(own['w'], where) };
      return own['count'] === undefined ? sized : { ...sized, count: whole(own['count'], 1e6, where) };
    }),
    parts: list(parts, MOST.sizes, where).map((one) => {
      const own = fields(one, where);
      return {
        ...{ id: word(own['id'], where), l: size(own['l'], where), w: size(own['w'], where) },
        ...{ grain: flag(own['grain'], where), qty: whole(own['qty'], 1e6, where) },
      };
    }),
    ...(seconds !== undefined && { seconds: size(seconds, where) }),
  };
}

function nestOf(value: unknown, asked: NestCase, where: string): Nest {
  const { id, sheets, sheetArea, bound, proven, yield: share } = fields(value, where);
  const left = new Map(asked.parts.map((part) => [part.id, { part, qty: part.qty }]));
  const read = list(sheets, MOST.sizes, where).map((one, at) => {
    const own = `${where}, sheet ${at + 1}`;
    const sheet = sheetOf(one, own);
    const stock = asked.stock.find((size) => size.id === sheet.stock) ?? wrong(own);
    for (const laid of sheet.parts) {
      const known = left.get(laid.id) ?? wrong(own);
      known.qty -= 1;
      const [l, w] = laid.turned ? [laid.w, laid.l] : [laid.l, laid.w];
      const isSame = Math.abs(known.part.l - l) <= SAME && Math.abs(known.part.w - w) <= SAME;
      const isOn = laid.x + laid.l <= stock.l + SAME && laid.y + laid.w <= stock.w + SAME;
      if (known.qty < 0 || !isSame || !isOn || (laid.turned && known.part.grain)) wrong(own);
    }
    return sheet;
  });
  return {
    ...{ id: word(id, where), sheets: read, count: read.length },
    sheetArea: number(sheetArea, [0, 1e15], where),
    bound: entries(bound, where, (least) => whole(least, 1e6, where)),
    ...{ proven: flag(proven, where), yield: number(share, [0, 1 + SAME], where) },
  };
}

function sheetOf(value: unknown, where: string): NestedSheet {
  const { stock, parts, cuts } = fields(value, where);
  return {
    stock: word(stock, where),
    parts: list(parts, MOST.onSheet, where).map((one): LaidPart => {
      const { id, x, y, l, w, turned } = fields(one, where);
      return {
        ...{ id: word(id, where), x: size(x, where), y: size(y, where) },
        ...{ l: size(l, where), w: size(w, where), turned: flag(turned, where) },
      };
    }),
    cuts: list(cuts, 4 * MOST.onSheet, where).map((one): Cut => {
      const { x, y, from, to } = fields(one, where);
      const span = { from: size(from, where), to: size(to, where) };
      return x === undefined ? { y: size(y, where), ...span } : { x: size(x, where), ...span };
    }),
  };
}

function clampOf(value: unknown, where: string): Clamp {
  const { at, size: own, high } = fields(value, where);
  const { x, y } = fields(at, where);
  const [long, wide, ...more] = list(own, 2, where);
  if (more.length > 0) wrong(where);
  return {
    at: { x: size(x, where), y: size(y, where) },
    size: [size(long, where), size(wide, where)],
    high: size(high, where),
  };
}
