import { family } from '../family';
import type { Range } from '../range';

/** Shapes of any size, for whatever no range has. */
export const plain: Range = {
  id: 'plain',
  name: 'Plain shapes',
  unit: 'mm',
  construction: 'none',
  families: [
    family('block-counter', 'Counter, blocked out', 'COUNTER', [1800], [870], [900, 560, 600], [0, 0, 0]),
    family('shape-box', 'Box', 'BOX', [600], [900], [600], [0, 0, 0]),
    family('shape-cylinder', 'Cylinder', 'CYLINDER', [300], [900], [300], [0, 0, 0]),
    family('shape-outline', 'Outline', 'OUTLINE', [900], [900], [600], [0, 0, 0]),
    family('own-top', 'Top by itself', 'TOP', [1200], [30], [600], [0, 0, 0], {
      hangs: { bottom: 0, top: 900 },
    }),
  ],
};
