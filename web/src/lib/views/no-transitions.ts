import { selection } from 'd3-selection';

/** What d3-zoom takes of d3-transition and d3-interpolate. The cameras here go where they go at once, so there is nothing to stop and no way between; see vite.config.ts. */
export const interpolateZoom = (): never => {
  throw new Error('A camera goes where it goes at once.');
};
export const interrupt = (): void => {};

Object.assign(selection.prototype, {
  interrupt(this: unknown) {
    return this;
  },
});
