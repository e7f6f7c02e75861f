import { moveItem } from '../src/commands/move-item';
import { execute } from '../src/commands/command';
import { recordsOf } from '../src/document/design';
import { must } from '../src/result';
import { runs } from '../src/setting/runs';
import { topCutOuts } from '../src/surfaces/top-cut-outs';
import { tops } from '../src/surfaces/tops';
import { crowd } from './crowd';
import { rectangle } from '../testing/rooms';

/** A kitchen of so many base cabinets, along its four faces. */
function kitchen(count: number) {
  const side = (count / 4) * 300 + 1_400;
  const builder = rectangle(side, side);
  for (let index = 0; index < count; index++)
    builder.set('F300', `face-${'abcd'[index % 4]}`, 700 + Math.floor(index / 4) * 300);
  return builder.design;
}
const roomOf = (count: number) => (count > 100 ? crowd(count) : kitchen(count));

/**
 * Tops with their cut-outs: of a room nothing is remembered of but its runs, and after one item has moved. Run by itself, not through the test
 * runner: every call from module to module costs more there than in a page.
 */
for (const count of [50, 100, 500, 5_000]) {
  const fresh: number[] = [];
  const again: number[] = [];
  const [rounds, moves] = [count > 1_000 ? 5 : 40, count > 1_000 ? 40 : 200];
  for (let round = 0; round < rounds; round++) {
    const design = structuredClone(roomOf(count));
    runs(design);
    const start = performance.now();
    topCutOuts(design);
    fresh.push(performance.now() - start);
  }
  let design = roomOf(count);
  const free = recordsOf(design, 'item').find(({ placement, up }) => placement.on === 'floor' && up === 0);
  const moving = free ?? recordsOf(design, 'item')[0]!;
  tops(design);
  for (let move = 0; move < moves; move++) {
    const { placement } = moving;
    const to =
      placement.on === 'floor'
        ? { ...placement, y: placement.y + ((move % 20) + 1) }
        : { ...placement, off: (move % 20) + 1 };
    design = must(execute(moveItem, design, { id: moving.id, placement: to })).design;
    runs(design);
    const start = performance.now();
    topCutOuts(design);
    if (move >= moves / 4) again.push(performance.now() - start);
  }
  const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!.toFixed(2);
  console.log(`${count} items: tops afresh ${median(fresh)} ms, after one has moved ${median(again)} ms`);
}
