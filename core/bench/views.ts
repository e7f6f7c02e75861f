import { moveItem } from '../src/commands/move-item';
import type { Design } from '../src/document/design';
import { execute } from '../src/commands/command';
import { drawUnfold } from '../src/drawing/elevation/unfold';
import { drawPlan } from '../src/drawing/plan';
import { must } from '../src/result';
import { hall } from './views-hall';

/**
 * From an edit among 300 items to a fresh plan, as on a screen, and every elevation: what a page asks of core for a frame. Run by itself, not through the
 * test runner: every call from module to module costs more there than in a page.
 */
const EDITS = 600;
const WARM = 200;

let design = hall();
let step = 0;
function edited(): Design {
  step += 1;
  const distance = 20_000 + (step % 50) * 20;
  const placement = { on: 'face', face: 'face-a', from: 'left', distance, off: 0 } as const;
  design = must(execute(moveItem, design, { id: 'item-00000', placement })).design;
  return design;
}

const asked: Record<string, (design: Design) => void> = {
  'an edit alone': () => {},
  'an edit, and the plan': (next) => void drawPlan(next, 60, { medium: 'screen' }),
  'an edit, and every elevation': (next) => void drawUnfold(next, 60),
  'an edit, the plan and every elevation': (next) => {
    drawPlan(next, 60, { medium: 'screen' });
    drawUnfold(next, 60);
  },
  'an edit, and the plan for paper': (next) => void drawPlan(next, 60),
};
for (const [name, draw] of Object.entries(asked)) {
  const times = Array.from({ length: EDITS }, () => {
    const start = performance.now();
    draw(edited());
    return performance.now() - start;
  }).slice(WARM);
  const sorted = times.sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!.toFixed(1);
  const mean = sorted.reduce((sum, time) => sum + time, 0) / sorted.length;
  console.log(
    `300 items, ${name}: mean ${mean.toFixed(1)} ms, median ${at(0.5)}, 95 of 100 within ${at(0.95)}`,
  );
}
