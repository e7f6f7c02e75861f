import type { reasons } from './wording/reasons';

/** Why something that was typed, sent or read can't be: a key of its words, with what they hold. */
export type Reason = ReasonKey | ({ because: ReasonKey } & Readonly<Record<string, number | string>>);
export type ReasonKey = keyof typeof reasons;

/** What a library says of what it could not read. */
export const saidBy = (error: unknown): Reason => ({
  because: 'said',
  text: error instanceof Error ? error.message : String(error),
});
