import { bench, describe } from 'vitest';
import { moveItem } from '../src/commands/move-item';
import { applyPatch } from '../src/document/patch';
import { drawUnfold } from '../src/drawing/elevation/unfold';
import { drawPlan } from '../src/drawing/plan';
import { must } from '../src/result';
import { hall } from './views-hall';

/** From an edit to a fresh plan and every elevation: what a page asks of core for a frame. */
describe('300 items', () => {
  const start = hall();
  drawPlan(start, 60);
  drawUnfold(start, 60);
  let design = start;
  let step = 0;
  const edited = () => {
    step += 1;
    const distance = 20_000 + (step % 50) * 20;
    const placement = { on: 'face', face: 'face-a', from: 'left', distance, off: 0 } as const;
    design = must(applyPatch(design, must(moveItem.run(design, { id: 'item-00000', placement }))));
    return design;
  };
  bench('an edit alone', () => void edited());
  bench('an edit, and the plan', () => void drawPlan(edited(), 60));
  bench('an edit, and every elevation', () => void drawUnfold(edited(), 60));
  bench('an edit, the plan and every elevation', () => {
    const next = edited();
    drawPlan(next, 60);
    drawUnfold(next, 60);
  });
});
