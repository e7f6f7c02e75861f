import type { Range } from '../range';

/** Saltbox: inches, face frame; 34 1/2 in boxes under a 1 1/2 in top. */
export const saltbox: Range = {
  id: 'saltbox',
  name: 'Saltbox',
  unit: 'in',
  construction: 'face frame',
  families: [
    { type: 'base-doors', name: 'Base cabinet', prefix: 'B', suffix: '', widths: [9, 12, 15, 18, 24, 30, 36], depth: 24, height: 34.5 },
    { type: 'base-drawers', name: 'Drawer base', prefix: 'B', suffix: '-3', widths: [15, 18, 24, 30, 36], depth: 24, height: 34.5 },
    { type: 'base-sink', name: 'Sink base', prefix: 'B', suffix: '-S', widths: [30, 33, 36], depth: 24, height: 34.5 },
    { type: 'dishwasher', name: 'Dishwasher', prefix: 'DISH', suffix: '', widths: [24], depth: 24, height: 34 },
    { type: 'cooker', name: 'Range', prefix: 'COOK', suffix: '', widths: [30, 36], depth: 26, height: 36 },
    { type: 'refrigerator', name: 'Refrigerator', prefix: 'COLD', suffix: '', widths: [30, 36], depth: 30, height: 70 },
    { type: 'filler', name: 'Filler', prefix: 'F', suffix: '', widths: [3, 6], depth: 24, height: 34.5 },
    { type: 'end-panel', name: 'End panel', prefix: 'P', suffix: '', widths: [0.75], depth: 24, height: 34.5 },
  ],
};
