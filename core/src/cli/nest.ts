import { heldCase } from '../shop/nest/held';
import { frontStrips, matchings } from '../shop/nest/matched-fronts';
import { nest } from '../shop/nest/nest';
import { readNestCase } from '../shop/nest/nest-case';
import type { Nest, NestStock } from '../shop/nest/nest-types';
import { materialCases, type Sawing } from '../shop/nest/part-cases';
import { usualSawing } from '../shop/nest/stock';
import type { Design } from '../document/design';
import { named } from '../nouns';
import { ok, refuse, type Result } from '../result';
import { eachAnswered, type Answered } from './plain-cases';

/** How the sheets of a design are sawn, where it is not as is usual. */
export interface NestFlags {
  kerf?: string;
  trim?: string;
  sheets?: string;
  seconds?: string;
  /** Over which fronts grain runs on. */
  match?: string;
}

/** A number of a flag, within limits; the usual one where it is not given. */
function numberOf(
  what: string,
  text: string | undefined,
  usual: number,
  [least, most]: readonly [number, number],
): Result<number> {
  if (text === undefined) return ok(usual);
  const value = text.trim() === '' ? Number.NaN : Number(text);
  return value >= least && value <= most
    ? ok(value)
    : refuse('number-range', { what: named(what), value, least, most });
}

const SIZE = /^(\d{2,5}(?:\.\d{1,3})?)x(\d{2,5}(?:\.\d{1,3})?)$/;

/** How sheets are sawn, as flags say it. */
export function readSawing(flags: NestFlags): Result<Sawing & { seconds: number }> {
  const kerf = numberOf('kerf', flags.kerf, usualSawing.kerf, [0, 50]);
  if (!kerf.ok) return kerf;
  const trim = numberOf('trim', flags.trim, usualSawing.trim, [0, 100]);
  if (!trim.ok) return trim;
  const seconds = numberOf('seconds', flags.seconds, SECONDS, [0, 600]);
  if (!seconds.ok) return seconds;
  const usual: NestStock[] = [];
  for (const size of flags.sheets?.split(',') ?? []) {
    const found = SIZE.exec(size.trim());
    if (!found)
      return refuse('sheet-unknown', {
        what: 'sheet-size',
        value: size.trim(),
        known: ['2800x2070', '2440x1220'],
      });
    usual.push({ id: size.trim(), l: Number(found[1]), w: Number(found[2]) });
  }
  const sawing = { ...usualSawing, kerf: kerf.value, trim: trim.value, ...(usual.length > 0 && { usual }) };
  return ok({ ...sawing, seconds: seconds.value });
}

/** Nests what a room takes of every sheet material: the answers in the form of bare cases, and of which material each is. */
export function designNestCommand(design: Design, flags: NestFlags): Result<{ nests: object[] }> {
  const sawing = readSawing(flags);
  if (!sawing.ok) return sawing;
  const { seconds, ...sawn } = sawing.value;
  const match = matchings.find((one) => one === (flags.match ?? 'none'));
  if (!match)
    return refuse('sheet-unknown', { what: 'matching', value: flags.match!, known: [...matchings] });
  const nests: object[] = [];
  for (const one of materialCases(design, sawn)) {
    const held = heldCase(one.case, { strips: frontStrips(design, one, match) });
    const found = nest(held.case, { seconds });
    if (!found.ok) return found;
    nests.push({ material: one.name, thickness: one.material.thick, ...held.whole(found.value) });
  }
  return ok({ nests });
}
/** Each material is searched for so long, s. */
const SECONDS = 2;

/** Nests the parts of a bare JSON text: one case or a list of them, answered in the same order. */
export const plainNestCommand = (text: string): Result<Answered<Nest>> =>
  eachAnswered(text, readNestCase, (one) => nest(one));
