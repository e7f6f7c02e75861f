import type { Noun } from '../nouns';
import { ok, refuse, type Result } from '../result';
import { toRadians } from './angles';

/** Reads a typed angle in degrees: `91.3`, `91,3°`, `91° 18'`, `-45`. Returns radians; refused when it is no angle or outside the limits (degrees). */
export function parseAngle(text: string, what: Noun, least: number, most: number): Result<number> {
  const typed = text
    .slice(0, MOST_LETTERS + 1)
    .trim()
    .replace(/[−–]/g, '-');
  const [whole, minutes = null, ...more] = partsOf(typed);
  const [sound, of] = [DEGREES.exec(whole ?? ''), minutes === null ? null : MINUTES.exec(minutes)];
  if (!sound || (minutes !== null && !of) || more.length > 0 || text.length > MOST_LETTERS)
    return refuse('angle-unreadable', { text: text.slice(0, 40) });
  const size = decimal(sound[2]!) + (of ? decimal(of[1]!) / 60 : 0);
  const degrees = sound[1] ? -size : size;
  return degrees >= least && degrees <= most
    ? ok(toRadians(degrees))
    : refuse('number-range', { what, value: degrees, least, most });
}

/** Nobody types a longer angle. */
const MOST_LETTERS = 40;
const DEGREES = /^(-?)(\d+(?:[.,]\d+)?|[.,]\d+)$/;
const MINUTES = /^(\d+(?:[.,]\d+)?)['′]$/;

/** The degrees of a typed angle without their sign, then what follows: a minute sign belongs to the number before it. */
function partsOf(typed: string): string[] {
  if (!/^[-\d.,]/.test(typed)) return [];
  return typed
    .replace(/°|degrees|deg/i, ' ')
    .replace(/ (?=['′])/g, '')
    .split(/\s/)
    .filter((part) => part !== '');
}

/** Degrees as they are shown: to a hundredth, without needless zeros. */
export function formatDegrees(radians: number): string {
  return `${Number(((radians * 180) / Math.PI).toFixed(2))}°`;
}

function decimal(text: string): number {
  return Number(text.replace(',', '.'));
}
