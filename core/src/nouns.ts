import type { nouns } from './wording/nouns';

/** What a sentence can speak of: the keys that its words are found under. */
export type NounKey = keyof typeof nouns;

/** A thing that a refusal or a finding speaks of: a key of its words, with its own name where they have a place for one. */
export type Noun = NounKey | NamedNoun;

export interface NamedNoun {
  noun: NounKey;
  name: string;
  /** Of an item, whose name is its number: what it is called, or its kind. */
  item?: string | { kind: string };
}

export const noun = (key: NounKey, name: string): Noun => ({ noun: key, name });

/** What goes by its own name alone: a code, or what a person calls it. */
export const named = (name: string): Noun => noun('name', name);
