import type { NamedNoun, Noun } from '../nouns';
import type { Reason } from '../reasons';
import { kindName } from './kind-names';
import { nouns } from './nouns';
import { reasons } from './reasons';

/** A text with its places filled. */
function filled(text: string, data: Readonly<Record<string, number | string>>): string {
  return text.replace(/\{(\w+)\}/g, (place, key: string) => (key in data ? String(data[key]) : place));
}

/** A thing as it stands within a sentence. */
export function say(thing: Noun): string {
  return typeof thing === 'string' ? nouns[thing] : filled(nouns[thing.noun], { name: nameOf(thing) });
}

/** An item goes by what it is called, or its kind, and its number. */
function nameOf({ name, item }: NamedNoun): string {
  if (item === undefined) return name;
  return `${typeof item === 'string' ? item : uncapital(kindName(item.kind))} ${name}`.trim();
}

/** A thing that a sentence begins with: with a capital, but for names, which stay as they are. */
export function sayFirst(thing: Noun): string {
  const text: string = nouns[typeof thing === 'string' ? thing : thing.noun];
  const ownName = typeof thing === 'string' || typeof thing.item !== 'object';
  return text.startsWith('{') && ownName ? say(thing) : capital(say(thing));
}

export function uncapital(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Faults with their reasons in words. */
export function saidFaults<T extends { reason: Reason }>(faults: readonly T[]) {
  return faults.map((fault) => ({ ...fault, reason: sayReason(fault.reason) }));
}

/** Why something can't be, as it follows what it is said of. */
export function sayReason(reason: Reason): string {
  return typeof reason === 'string' ? reasons[reason] : filled(reasons[reason.because], reason);
}

/** What helps where nothing fits a page; with letters larger than usual also smaller ones. */
export const sayLargerPage = (letters = false): string =>
  letters ? 'Choose a larger page, or smaller letters.' : 'Choose a larger page.';
