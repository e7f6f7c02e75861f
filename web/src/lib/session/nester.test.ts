import type { Nest, NestCase } from 'goodreach';
import { beforeEach, expect, it, vi } from 'vitest';
import type { NestAnswer } from './nest.worker';
import { Nester } from './nester.svelte';

interface Asked {
  onmessage: ((event: { data: NestAnswer }) => void) | null;
}
/** What stands for the worker that was asked last: it answers when the test says so. */
const asked = vi.hoisted(() => ({ last: null as Asked | null }));
vi.mock('./nest.worker?worker', () => ({
  default: class implements Asked {
    onmessage: Asked['onmessage'] = null;
    constructor() {
      asked.last = this;
    }
    postMessage() {}
    terminate() {}
  },
}));

const stock = [{ id: 's', l: 2_440, w: 1_220 }];
const nestCase = (id: string): NestCase => ({
  ...{ id, kerf: 4, trim: 10, stock },
  parts: [{ id: 'a', l: 500, w: 300, qty: 2, grain: true }],
});
/** Its two parts side by side, so far from the left. */
const laid = (id: string, x: number): Nest => ({
  ...{ id, proven: false, bound: { s: 1 }, count: 1, sheetArea: 2_440 * 1_220, yield: 0.1 },
  sheets: [
    {
      stock: 's',
      parts: [0, 1].map((at) => ({ id: 'a', x: x + at * 504, y: 10, l: 500, w: 300, turned: false })),
      cuts: [],
    },
  ],
});
const answer = (id: string, x: number, done: number) =>
  asked.last!.onmessage!({ data: { id, nest: laid(id, x), done } as NestAnswer });
const left = (nester: Nester, id: string) => nester.found[id]!.nest!.sheets[0]!.parts[0]!.x;

let nester: Nester;
beforeEach(() => {
  nester = new Nester();
  nester.ask([nestCase('one'), nestCase('two')], { seconds: 4, style: { unit: 'mm', step: 1 } as never });
  answer('one', 10, 0.2);
  answer('two', 10, 0.2);
});

it('takes what is found until something is settled by hand, of that material alone', () => {
  const kept = nester.found.one!.nest!.sheets[0];
  nester.settle('one');
  answer('one', 20, 0.8);
  answer('two', 20, 0.8);
  expect(nester.found.one!.nest!.sheets[0]).toBe(kept);
  expect([left(nester, 'two'), nester.found.one!.done, nester.busy]).toEqual([20, 0.8, true]);
  answer('one', 30, 1);
  answer('two', 30, 1);
  expect([left(nester, 'one'), left(nester, 'two'), nester.busy]).toEqual([10, 30, false]);
});

it('keeps a nest that was changed by hand, until it is asked again', () => {
  nester.put('two', laid('two', 400));
  answer('two', 20, 1);
  expect(left(nester, 'two')).toBe(400);
  nester.ask([nestCase('two')], { seconds: 4, style: { unit: 'mm', step: 1 } as never });
  answer('two', 50, 0.5);
  expect(left(nester, 'two')).toBe(50);
});
