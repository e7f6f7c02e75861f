import type { LoopRecord } from '../document/records';
import type { LoopPlace } from './observations';

/** 0 → A, 25 → Z, 26 → AA. */
export function faceLetter(index: number): string {
  const rest = Math.floor(index / 26);
  return (rest > 0 ? faceLetter(rest - 1) : '') + String.fromCharCode(65 + (index % 26));
}

/** The letters faces go by, in walking order: those they have, and for the others the first that are free. */
export function lettersOf({ faces, letters = [] }: Pick<LoopRecord, 'faces' | 'letters'>): string[] {
  return lettered(faces.map((_, index) => letters[index]));
}

/** A loop of other faces: those that stay keep their letters, new ones have the first that are free. */
export function loopOfFaces(loop: LoopRecord, faces: readonly string[]): LoopRecord {
  const before = new Map(lettersOf(loop).map((letter, index) => [loop.faces[index]!, letter]));
  const letters = lettered(faces.map((id) => before.get(id)));
  const after: LoopRecord = { kind: 'loop', id: loop.id, faces: [...faces] };
  if (letters.some((letter, index) => letter !== faceLetter(index))) after.letters = letters;
  return after;
}

/** Whether a letter comes before another: B before C, Z before AA. */
export function isLetterBefore(a: string, b: string): boolean {
  return a.length === b.length ? a < b : a.length < b.length;
}

function lettered(own: readonly (string | undefined)[]): string[] {
  const used = new Set(own);
  let next = 0;
  return own.map((letter) => {
    if (letter !== undefined) return letter;
    while (used.has(faceLetter(next))) next += 1;
    return faceLetter(next++);
  });
}

/** A corner by the two faces that meet in it: `A/B`; the one at the start of a face. */
export function cornerName(index: number, letters: readonly string[]): string {
  const count = letters.length;
  return `${letters[(index - 1 + count) % count]!}/${letters[index % count]!}`;
}

/** A corner by the two faces that meet in it, `A/B`; a place on a face by the face's letter. */
export function placeName({ face, from, distance: away }: LoopPlace, letters: readonly string[]): string {
  return away === 0 ? cornerName(from === 'left' ? face : face + 1, letters) : `face ${letters[face]!}`;
}
