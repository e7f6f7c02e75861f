import type { Component } from 'svelte';

/** A part of the page that is fetched when it is first wanted, or before, once the page is at rest. */
export interface LaterPart<Props extends object> {
  /** The part, once it is here. */
  readonly here: Component<Props> | null;
  fetch(): Promise<Component<Props>>;
}

/** What fetches the parts that are wanted ahead. */
const ahead: (() => Promise<unknown>)[] = [];

/** A part by the import that brings it; asked for often it is fetched once, and anew where that failed. Small ones are fetched ahead, so that they are there at once, without a network too. */
export function later<Props extends object>(
  bring: () => Promise<{ default: Component<Props> }>,
  { isAhead = true } = {},
): LaterPart<Props> {
  let here: Component<Props> | null = null;
  let coming: Promise<Component<Props>> | null = null;
  const part: LaterPart<Props> = {
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
  if (isAhead) ahead.push(part.fetch);
  return part;
}

/** Fetches what is wanted before it is asked for; what can't be had now is fetched when it is asked for. */
export function fetchAhead(): void {
  for (const fetch of ahead) void fetch().catch(() => null);
}
