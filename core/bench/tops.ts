import { moveItem } from '../src/commands/move-item';
import { execute } from '../src/commands/command';
import { setRoom } from '../src/commands/set-room';
import { recordsOf, type Design } from '../src/document/design';
import { must } from '../src/result';
import { runs } from '../src/setting/runs';
import { plinths } from '../src/surfaces/plinths';
import { splashes } from '../src/surfaces/splashes';
import { trims } from '../src/surfaces/trims';
import { topCutOuts } from '../src/surfaces/top-cut-outs';
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
const roomOf = (count: number) =>
  must(execute(setRoom, count > 100 ? crowd(count) : kitchen(count), { splashHeight: 100 })).design;

/** What is measured: each after what it follows from. */
const parts: Readonly<Record<string, (design: Design) => unknown>> = {
  tops: topCutOuts,
  splashes,
  plinths,
  trims,
};

const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)]!.toFixed(2);

/** How long each part takes, added to what it took before. */
function measured(design: Design, times: Record<string, number[]>): void {
  runs(design);
  for (const [name, part] of Object.entries(parts)) {
    const start = performance.now();
    part(design);
    (times[name] ??= []).push(performance.now() - start);
  }
}

/**
 * Tops with their cut-outs, splashes, plinths and trims (a skirting; no cabinets hang there): of a room nothing is remembered of but its runs, and after one item has moved. Run by itself, not
 * through the test runner: every call from module to module costs more there than in a page.
 */
for (const count of [50, 100, 500, 5_000]) {
  const fresh: Record<string, number[]> = {};
  const again: Record<string, number[]> = {};
  const warm: Record<string, number[]> = {};
  const [rounds, moves] = [count > 1_000 ? 5 : 40, count > 1_000 ? 40 : 200];
  // Of a kitchen, also once the engine has compiled all that a drag runs.
  const all = count > 100 ? moves : 6 * moves;
  for (let round = 0; round < rounds; round++) measured(structuredClone(roomOf(count)), fresh);
  let design = roomOf(count);
  const free = recordsOf(design, 'item').find(({ placement, up }) => placement.on === 'floor' && up === 0);
  const moving = free ?? recordsOf(design, 'item')[0]!;
  measured(design, {});
  for (let move = 0; move < all; move++) {
    const { placement } = moving;
    const to =
      placement.on === 'floor'
        ? { ...placement, y: placement.y + ((move % 20) + 1) }
        : { ...placement, off: (move % 20) + 1 };
    design = must(execute(moveItem, design, { id: moving.id, placement: to })).design;
    measured(design, move < moves / 4 ? {} : move < moves ? again : move >= all - moves ? warm : {});
  }
  const told = (times: Record<string, number[]>) =>
    Object.entries(times)
      .map(([name, all]) => `${name} ${median(all)} ms`)
      .join(', ');
  const once = all > moves ? `; once warm ${told(warm)}` : '';
  console.log(`${count} items: afresh ${told(fresh)}; after one has moved ${told(again)}${once}`);
}
