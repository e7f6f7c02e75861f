import { bench, describe } from 'vitest';
import type { Design } from '../src/document/design';
import { dimensionChains } from '../src/drawing/dimensions/chains';
import { drawPlan } from '../src/drawing/plan';
import { drawUnfold } from '../src/drawing/elevation/unfold';
import { checkReachOpen } from '../src/reach/check-reach';
import { sceneOf } from '../src/scene/scene';
import { bodiesOf } from '../src/setting/bodies';
import { islands } from '../src/setting/islands';
import { itemBoxes } from '../src/setting/item-box';
import { itemNumbers } from '../src/setting/item-numbers';
import { openLengths } from '../src/setting/open-lengths';
import { roughIns } from '../src/setting/rough-ins';
import { runs } from '../src/setting/runs';
import { solidsOf } from '../src/solids/solids';
import { tops } from '../src/surfaces/tops';
import { checkDesign } from '../src/survey/check-design';
import { crowd } from './crowd';

const sizes = [1_250, 2_500, 5_000] as const;
const designs = sizes.map((count) => [count, crowd(count)] as const);
const facts: Record<string, (design: Design) => unknown> = {
  ...{ 'is a room': checkDesign, boxes: itemBoxes, numbers: itemNumbers, bodies: bodiesOf, islands, runs },
  ...{ 'open lengths': openLengths, 'rough-ins': roughIns, tops, solids: solidsOf, chains: dimensionChains },
  ...{ reach: checkReachOpen, scene: sceneOf },
  plan: (design) => drawPlan(design, 30),
  unfold: (design) => drawUnfold(design, 30),
};

/** What follows from a design nothing is remembered of, with what it follows from in turn: four times as many items should take about four times as long. */
describe.each(Object.entries(facts))('%s of a crowd', (_, make) => {
  for (const [count, design] of designs)
    bench(`${count} items`, () => void make(structuredClone(design)), {
      ...{ iterations: 2, time: 0, warmupIterations: 0, warmupTime: 0 },
    });
});
