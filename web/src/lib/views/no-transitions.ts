import { selection } from 'd3-selection';

/** What d3-zoom takes of d3-transition. The cameras here go where they go at once, so there is nothing to stop; see vite.config.ts. */
export const interrupt = (): void => {};

Object.assign(selection.prototype, {
  interrupt(this: unknown) {
    return this;
  },
});
