import { bench, describe } from 'vitest';
import { moveFace } from '../src/commands/move-face';
import { applyPatch } from '../src/document/patch';
import { drawPlan } from '../src/drawing/plan';
import { WHILE_MOVING } from '../src/drawing/plan-with';
import { svgMarks } from '../src/exports/svg';
import { checkReach } from '../src/reach/check-reach';
import { must } from '../src/result';
import { bigRoom } from './big-room';

describe('one frame of dragging a face: 40 corners, 120 measurements, 100 items', () => {
  const design = bigRoom();
  let by = 0;
  const moved = () =>
    must(applyPatch(design, must(moveFace.run(design, { face: 'face-5', by: (by = (by % 200) + 1.3) }))));
  bench('the shape', () => {
    moved();
  });
  bench('the shape and what is drawn while it moves', () => {
    svgMarks(drawPlan(moved(), 30, { without: WHILE_MOVING }), 30);
  });
  bench('at rest: the shape, the whole plan and the reach checks', () => {
    const next = moved();
    svgMarks(drawPlan(next, 30), 30);
    checkReach(next);
  });
});
