import type { Range } from '../range';

/** Fathom: millimetres, frameless; 720 boxes on a 150 plinth under a 30 top. */
export const fathom: Range = {
  id: 'fathom',
  name: 'Fathom',
  unit: 'mm',
  construction: 'frameless',
  families: [
    { type: 'base-doors', name: 'Base cabinet', prefix: 'F', suffix: '', widths: [300, 400, 450, 500, 600, 800, 900], depth: 560, height: 870 },
    { type: 'base-drawers', name: 'Drawer base', prefix: 'F', suffix: '-3', widths: [400, 500, 600, 800, 900], depth: 560, height: 870 },
    { type: 'base-sink', name: 'Sink base', prefix: 'F', suffix: '-S', widths: [600, 800, 900], depth: 560, height: 870 },
    { type: 'dishwasher', name: 'Dishwasher', prefix: 'DISH', suffix: '', widths: [450, 600], depth: 560, height: 820 },
    { type: 'cooker', name: 'Range', prefix: 'COOK', suffix: '', widths: [600, 900], depth: 600, height: 900 },
    { type: 'refrigerator', name: 'Refrigerator', prefix: 'COLD', suffix: '', widths: [600, 900], depth: 650, height: 1850 },
    { type: 'filler', name: 'Filler', prefix: 'FL', suffix: '', widths: [50, 100], depth: 560, height: 870 },
    { type: 'end-panel', name: 'End panel', prefix: 'P', suffix: '', widths: [18], depth: 560, height: 870 },
  ],
};
