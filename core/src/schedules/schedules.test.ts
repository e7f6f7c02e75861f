import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { putOpening, usualOpening } from '../commands/put-opening';
import { putService } from '../commands/put-service';
import { setRoom } from '../commands/set-room';
import { constructionOf } from '../ranges/construction';
import { findRange } from '../ranges/shelf';
import { demoJobs } from '../demo/demo-jobs';
import { itemBoxes } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { scheduleColumns, type ScheduleId } from '../wording/schedule-words';
import { scheduleIds } from './find-schedule';
import { scheduleOf } from './schedules';

/** A kitchen of 4 m by 3 m: a run with a sink and a dishwasher, a door hung right and a window. */
function kitchen() {
  const room = rectangle(4000, 3000);
  room.set('F600', 'face-a', 0);
  room.set('F800-S', 'face-a', 600);
  room.set('DISH600', 'face-a', 1400);
  room.run(putOpening, { ...usualOpening('door', 'face-b', 'door', 1000, 'mm'), hinge: 'right' });
  room.run(putOpening, usualOpening('window', 'face-c', 'window', 1500, 'mm'));
  room.run(putService, {
    ...{ kind: 'service', id: 'tap', type: 'cold', up: 550 },
    placement: { on: 'face', face: 'face-a', from: 'left', distance: 900, off: 0 },
  });
  return room;
}
const methodOf = (range: string) => constructionOf(findRange(range)!)!;
const told = (room: ReturnType<typeof kitchen>, id: ScheduleId) =>
  scheduleOf(room.design, id).lines.map(({ cells }) => cells.map(({ said }) => said).join(' | '));

describe('the schedules of a room', () => {
  it('list every item by its number, and what is connected with where its services come to', () => {
    const room = kitchen();
    const items = told(room, 'items');
    expect(items).toHaveLength(3);
    expect(items[0]).toMatch(
      /^1 \| Base cabinet \| F600 \| 600 \| 560 \| 870 \| left \| Fathom \| \d+\.\d\d$/,
    );
    expect(told(room, 'appliances')).toEqual([
      expect.stringMatching(/^3 \| Dishwasher \| DISH600 \| 600 .*cold water, A \d+, 500 high/),
    ]);
  });

  it('tell doors and drawers as large as they are seen, those alike in one line', () => {
    const room = kitchen();
    room.set('F900-3', 'face-a', 2000);
    const { between, frontShort } = methodOf('fathom');
    const [single, ...pair] = told(room, 'fronts');
    const plinth = 870 - 720;
    const high = 870 - plinth - 2 * frontShort;
    const door = (wide: number) => Math.round((wide - 2 * frontShort) * 10) / 10;
    expect(single).toMatch(
      new RegExp(`^1 \\| F600 \\| door \\| 1 \\| ${door(600)} \\| ${high} \\| left \\| `),
    );
    // A pair shares what is left between them.
    const leaves = scheduleOf(room.design, 'fronts').lines.filter(({ cells }) => cells[1]!.said === 'F800-S');
    const wide = leaves.map(({ cells }) => cells[4]!.value!);
    expect(wide).toHaveLength(2);
    expect(wide[0]! + wide[1]!).toBeLessThan(800 - 2 * frontShort);
    expect(wide[0]! + wide[1]!).toBeGreaterThan(800 - 2 * frontShort - 5);
    expect(pair.length).toBeGreaterThan(0);
    const drawers = scheduleOf(room.design, 'fronts').lines.filter(
      ({ cells }) => cells[1]!.said === 'F900-3',
    );
    const [top, below] = drawers.map(({ cells }) => ({ times: cells[3]!.value!, high: cells[5]!.value! }));
    expect([top!.times, below!.times]).toEqual([1, 2]);
    expect(top!.high + 2 * below!.high + 2 * between).toBeCloseTo(high, 6);
    // The dishwasher comes with its front.
    expect(told(room, 'fronts').join()).not.toContain('DISH600');
  });

  it('tell the fitter everything that is set, what is alike in one line, and what comes by length', () => {
    const room = kitchen();
    room.set('F600', 'face-c', 0);
    const lines = told(room, 'fitter');
    expect(lines[0]).toBe('Base | 2 | Base cabinet left | F600 | 600 × 560 × 870 | 1, 4');
    // A pair of doors hangs on no side.
    expect(lines).toContain('Base | 1 | Sink base | F800-S | 800 × 560 × 870 | 2');
    const counted = scheduleOf(room.design, 'fitter').lines.filter(({ cells }) => cells[0]!.said === 'Base');
    expect(counted.reduce((sum, { cells }) => sum + cells[1]!.value!, 0)).toBe(3);
    expect(lines.some((line) => /^By length \| \d+ \| Plinth \| – \| \d+ in all/.test(line))).toBe(true);
  });

  it('tell openings with the way they open, and services with their places', () => {
    const room = kitchen();
    const [door, window] = told(room, 'openings');
    expect(door).toMatch(/^D1 \| Door \| B \| 1000 \| 800 \| 2000 \| 0 \| Hinged, hinge right, in \| 40$/);
    expect(window).toMatch(/^W1 \| Window \| C \| 1500 \|.*\| –$/);
    expect(told(room, 'services')).toEqual(['Cold water | A | 900 | 550']);
  });

  it('tell a top by its area, its way round, and what is cut out of it', () => {
    const room = kitchen();
    const [top, ...others] = scheduleOf(room.design, 'tops').lines;
    expect(others).toEqual([]);
    const value = (column: string) =>
      top!.cells[scheduleOf(room.design, 'tops').columns.findIndex((id) => id === column)]!.value!;
    // 2000 of run and 20 past its end, 560 deep and 20 past its front.
    const { frontOverhang = 0 } = Object.values(room.design.records).find(({ kind }) => kind === 'room') as {
      frontOverhang?: number;
    };
    expect(value('perimeter')).toBeGreaterThan(2 * (2000 + 560));
    expect(value('area')).toBeGreaterThanOrEqual(2000 * (560 + frontOverhang));
    // The bowl and the hole of its tap.
    expect([value('thickness'), value('cutOuts'), value('joints')]).toEqual([30, 2, 0]);
  });

  it('tell the finishes of the room with what each is on', () => {
    const room = kitchen();
    room.run(setRoom, { frontFinish: 'Kelp' });
    expect(told(room, 'finishes')).toContainEqual(expect.stringMatching(/^P2 \| Kelp \| fronts/));
  });

  it('have a cell for every column in every line, and miss nothing of the demo rooms', () => {
    for (const room of demoJobs().flatMap(({ rooms }) => rooms)) {
      for (const id of scheduleIds)
        for (const { cells } of scheduleOf(room, id).lines)
          expect(cells).toHaveLength(scheduleOf(room, id).columns.length);
      const listed = scheduleOf(room, 'items').lines.map(({ cells }) => cells[0]!.value);
      expect(listed).toEqual([...itemNumbers(room).values()].sort((a, b) => a - b));
      expect(listed).toHaveLength(itemBoxes(room).length);
    }
    for (const id of scheduleIds)
      for (const column of scheduleOf(kitchen().design, id).columns)
        expect(scheduleColumns[column]).toBeTruthy();
  });
});
