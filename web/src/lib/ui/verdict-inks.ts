import type { Verdict } from 'goodreach';

/** The colour each verdict is drawn in, by its name. */
export const verdictInks: Record<Verdict, string> = {
  clear: '--clear',
  tight: '--tight-mark',
  blocked: '--blocked',
  unjudged: '--soft',
};
