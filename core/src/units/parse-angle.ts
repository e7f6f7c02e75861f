import type { Noun } from '../nouns';
import { ok, refuse, type Result } from '../result';
import { toRadians } from './angles';

/** Reads a typed angle in degrees: `91.3`, `91,3°`, `91° 18'`, `-45`. Returns radians; refused when it is no angle or outside the limits (degrees). */
export function parseAngle(text: string, what: Noun, least: number, most: number): Result<number> {
  const found = text
    .trim()
    .replace(/[−–]/g, '-')
    .match(/^(-?)(\d+(?:[.,]\d+)?|[.,]\d+)\s*(?:°|deg(?:rees)?)?(?:\s*(\d+(?:[.,]\d+)?)\s*['′])?$/i);
  if (!found) return refuse('angle-unreadable', { text: text.slice(0, 40) });
  const [, sign, whole, minutes] = found;
  const size = decimal(whole!) + (minutes ? decimal(minutes) / 60 : 0);
  const degrees = sign ? -size : size;
  return degrees >= least && degrees <= most
    ? ok(toRadians(degrees))
    : refuse('number-range', { what, value: degrees, least, most });
}

/** Degrees as they are shown: to a hundredth, without needless zeros. */
export function formatDegrees(radians: number): string {
  return `${Number(((radians * 180) / Math.PI).toFixed(2))}°`;
}

function decimal(text: string): number {
  return Number(text.replace(',', '.'));
}
