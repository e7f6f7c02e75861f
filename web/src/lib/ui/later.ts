import type { Component } from 'svelte';

/** A part of the page that is fetched when it is first wanted, or before, once the page is at rest. */
export interface LaterPart<Props extends object> {
  /** The part, once it is here. */
  readonly here: Component<Props> | null;
  fetch(): Promise<Component<Props>>;
}

/** A part by the import that brings it; asked for often it is fetched once, and anew where that failed. */
export function later<Props extends object>(
  bring: () => Promise<{ default: Component<Props> }>,
): LaterPart<Props> {
  let here: Component<Props> | null = null;
  let coming: Promise<Component<Props>> | null = null;
  return {
    get here() {
      return here;
    },
    fetch() {
      coming ??= bring().then(
        (module) => (here = module.default),
        (error: unknown) => {
          coming = null;
          throw error;
        },
      );
      return coming;
    },
  };
}
